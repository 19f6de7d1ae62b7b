"use client";
import { Button, Input, InputNumber, Segmented, Select } from "antd";
import type { Route } from "next";
import { useRouter } from "next/navigation";
import { useState, type ReactNode } from "react";
import { formsFor, type Form } from "@/core/freshness";
import type { SpeciesGroup } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import type { Action } from "@/ui/hooks/askOnce";
import { useAct } from "@/ui/hooks/useAct";
import { Field } from "@/ui/form/Field";
import { moveTo, openThePack, splitOff, takeOffIce, throwAway } from "./actions";
import { FINISH_REASONS, WASTE_REASONS, type FinishReason } from "./schema";

type Props = {
  readonly lotId: string;
  readonly group: SpeciesGroup;
  readonly form: Form;
  readonly leftG: number;
  readonly priceCentsPerKg: number;
  readonly placeId: string | null;
  readonly places: readonly { readonly id: string; readonly name: string; readonly kind: string }[];
  readonly canOpen: boolean;
};

const WORKS = ["Move", "Split", "Waste", "Finish"] as const;
type Work = (typeof WORKS)[number];

/** What can be done with a lot; each act writes its own line in the book. */
export function LotWork(props: Props) {
  const [work, setWork] = useState<Work>("Move");
  return (
    <section className={page.card} aria-labelledby="work">
      <h2 id="work">Do something with it</h2>
      <Segmented<Work> block value={work} onChange={setWork} options={[...WORKS]} className={page.below} />
      {work === "Move" ? <MoveWork {...props} /> : null}
      {work === "Split" ? <SplitWork {...props} /> : null}
      {work === "Waste" ? <WasteWork {...props} /> : null}
      {work === "Finish" ? <FinishWork {...props} /> : null}
    </section>
  );
}

/** Does it, says what came of it, and goes on to where it led. */
function useLotAct() {
  const { act, busy } = useAct();
  const router = useRouter();
  const actAndGo = async <T,>(
    action: Action<T>,
    input: unknown,
    done: (value: T) => string,
    goTo?: (value: T) => string,
  ) => {
    const answer = await act(action, input, done);
    if (answer && goTo) router.push(goTo(answer.value) as Route);
  };
  return { act: actAndGo, busy };
}

function Act({
  busy,
  disabled = false,
  onClick,
  children,
}: {
  readonly busy: boolean;
  readonly disabled?: boolean;
  readonly onClick: () => void;
  readonly children: ReactNode;
}) {
  return (
    <Button block size="large" loading={busy} disabled={disabled} onClick={onClick} className={page.above ?? ""}>
      {children}
    </Button>
  );
}

const options = (places: Props["places"]) => places.map(({ id, name }) => ({ value: id, label: name }));

function MoveWork({ lotId, placeId, places, canOpen }: Props) {
  const { act, busy } = useLotAct();
  const others = places.filter(({ id }) => id !== placeId);
  const [to, setTo] = useState<string | null>(null);
  const [openDays, setOpenDays] = useState<number | null>(null);
  const kind = places.find(({ id }) => id === to)?.kind;
  return (
    <>
      <Field label="Where to">
        {(id) => (
          <Select
            id={id}
            value={to}
            className={page.full ?? ""}
            options={options(others)}
            placeholder="Choose a place"
            onChange={setTo}
            notFoundContent="There is no other place: add one under Places."
          />
        )}
      </Field>
      {kind === "freezer" ? (
        <p className={page.source}>From now on it counts as frozen: its life stands still.</p>
      ) : null}
      <Act
        busy={busy}
        disabled={!to}
        onClick={() => act(moveTo, { lotId, placeId: to }, () => "Moved, and written in the book.")}
      >
        Move it
      </Act>
      {canOpen ? (
        <>
          <Field label="Days once open, as the pack says">
            {(id) => (
              <InputNumber
                id={id}
                min={1}
                max={60}
                value={openDays}
                inputMode="numeric"
                placeholder="none said"
                onChange={setOpenDays}
              />
            )}
          </Field>
          <Act busy={busy} onClick={() => act(openThePack, { lotId, openDays }, () => "Opened: today is day 1.")}>
            Open the pack: day 1 is today
          </Act>
        </>
      ) : null}
    </>
  );
}

function SplitWork({ lotId, group, form, leftG, placeId, places }: Props) {
  const { format } = useHouse();
  const { act, busy } = useLotAct();
  const [mass, setMass] = useState<number | null>(null);
  const [as, setAs] = useState<Form>(form);
  const [to, setTo] = useState(placeId ?? places[0]?.id ?? null);
  const [note, setNote] = useState("");
  return (
    <>
      <Field label={`Weight of the part, ${format.bigMassUnit}`}>
        {(id) => (
          <InputNumber
            id={id}
            min={0}
            step={0.1}
            inputMode="decimal"
            value={mass}
            onChange={setMass}
            className={page.full ?? ""}
          />
        )}
      </Field>
      <Field label="As">
        {(id) => (
          <Select
            id={id}
            value={as}
            className={page.full ?? ""}
            options={formsFor(group).map((entry) => ({ value: entry.id, label: entry.label }))}
            onChange={setAs}
          />
        )}
      </Field>
      <Field label="Into">
        {(id) => <Select id={id} value={to} className={page.full ?? ""} options={options(places)} onChange={setTo} />}
      </Field>
      <Field label="For what">
        {(id) => (
          <Input
            id={id}
            maxLength={120}
            value={note}
            placeholder="crudo, stock bones, staff"
            onChange={({ target }) => setNote(target.value)}
          />
        )}
      </Field>
      <p className={page.source}>{format.mass(leftG)} are left. The part keeps the age of the whole.</p>
      <Act
        busy={busy}
        disabled={!mass || !to}
        onClick={() =>
          act(
            splitOff,
            { lotId, massG: format.fromBigMass(mass ?? 0), form: as, placeId: to, note },
            () => "A lot of its own now.",
            (id) => `/ice/${id}`,
          )
        }
      >
        Split it off
      </Act>
    </>
  );
}

function WasteWork({ lotId, leftG, priceCentsPerKg }: Props) {
  const { format } = useHouse();
  const { act, busy } = useLotAct();
  const [all, setAll] = useState(true);
  const [mass, setMass] = useState<number | null>(null);
  const [reason, setReason] = useState<string>(WASTE_REASONS[0]);
  const massG = all ? leftG : format.fromBigMass(mass ?? 0);
  return (
    <>
      <Field label="Why">
        {(id) => (
          <Select
            id={id}
            value={reason}
            className={page.full ?? ""}
            options={WASTE_REASONS.map((value) => ({ value, label: value }))}
            onChange={setReason}
          />
        )}
      </Field>
      <Field label="How much">
        {(id) => (
          <Segmented<string>
            id={id}
            block
            value={all ? "all" : "part"}
            onChange={(value) => setAll(value === "all")}
            options={[
              { value: "all", label: `All ${format.mass(leftG)}` },
              { value: "part", label: "A part" },
            ]}
          />
        )}
      </Field>
      {all ? null : (
        <Field label={`Weight, ${format.bigMassUnit}`}>
          {(id) => (
            <InputNumber
              id={id}
              min={0}
              step={0.1}
              inputMode="decimal"
              value={mass}
              onChange={setMass}
              className={page.full ?? ""}
            />
          )}
        </Field>
      )}
      <Act
        busy={busy}
        disabled={massG <= 0}
        onClick={() => act(throwAway, { lotId, massG, reason }, (cents) => `Written off: ${format.money(cents)}.`)}
      >
        Throw {format.mass(massG)} away, {format.money((massG / 1000) * priceCentsPerKg)} lost
      </Act>
    </>
  );
}

function FinishWork({ lotId }: Props) {
  const { act, busy } = useLotAct();
  const [reason, setReason] = useState<FinishReason>("used up");
  return (
    <>
      <Segmented<FinishReason> block value={reason} onChange={setReason} options={[...FINISH_REASONS]} />
      <p className={page.source}>The record stays; what is left is written off under this reason.</p>
      <Act
        busy={busy}
        onClick={() =>
          act(
            takeOffIce,
            { lotId, reason },
            () => "Off the ice.",
            () => "/ice",
          )
        }
      >
        Take it off the ice
      </Act>
    </>
  );
}
