"use client";
import { Button, DatePicker, Input, InputNumber, Segmented, Switch } from "antd";
import dayjs, { type Dayjs } from "dayjs";
import Link from "next/link";
import { useState } from "react";
import { HOLD_LABELS, type ThawWay } from "@/core/coldchain";
import type { LotHold } from "@/db/lots/holds";
import { Field } from "@/ui/form/Field";
import { dayText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { useAct } from "@/ui/hooks/useAct";
import { AirRecordLine } from "./AirRecordLine";
import { beginHold, endHold, noteHoldReading, openThawingPack } from "./actions";
import styles from "../Ice.module.css";

type Kind = "parasite" | "cure" | "thaw" | "tag";

type Props = {
  readonly lotId: string;
  readonly holds: readonly LotHold[];
  /** The kinds that make sense for this lot as it lies. */
  readonly kinds: readonly Kind[];
};

const SHORT: Readonly<Record<Kind, string>> = { parasite: "Freeze", cure: "Cure", thaw: "Thaw", tag: "Keep the tag" };

/** The holds of a lot, and the way to begin one. */
export function HoldCard({ lotId, holds, kinds }: Props) {
  const [adding, setAdding] = useState(false);
  return (
    <section className={page.card} aria-labelledby="holds">
      <div className={styles.cardHead}>
        <h2 id="holds">Holds</h2>
        {kinds.length > 0 ? (
          <Button onClick={() => setAdding((before) => !before)}>{adding ? "Leave it" : "Begin a hold"}</Button>
        ) : null}
      </div>
      {holds.length === 0 && !adding ? <p className={page.empty}>Nothing holds this lot.</p> : null}
      {adding ? <NewHold lotId={lotId} kinds={kinds} onDone={() => setAdding(false)} /> : null}
      {holds.map((held) => (
        <HoldLine key={held.id} held={held} />
      ))}
    </section>
  );
}

/** One hold: what is still needed, when it ends, and what can be done about it. */
export function HoldLine({ held }: { readonly held: LotHold }) {
  const { format, timeZone } = useHouse();
  const { act } = useAct();
  const [shown, setShown] = useState<number | null>(null);
  const { hold, status, closedAs } = held;
  const open = held.closedAtMs === null;
  return (
    <div className={styles.hold} data-state={open ? status.state : "closed"}>
      <div className={styles.holdHead}>
        <b>{HOLD_LABELS[hold.kind]}</b>
        {open && status.endsMs !== null && status.state !== "done" ? (
          <span className="figure" data-testid="hold-ends">
            {dayText(status.endsMs, timeZone)} {timeText(status.endsMs, timeZone)}
          </span>
        ) : null}
      </div>
      <p data-testid="hold-needs">{format.words((open ? status.needs : closedAs) ?? "")}</p>
      <p className={page.source}>{status.source}</p>
      {open && hold.kind === "parasite" ? (
        <>
          {hold.readings.length > 0 ? (
            <p className={page.sub}>
              Centre:{" "}
              {hold.readings
                .slice(-4)
                .map(
                  ({ atMs, celsius }) =>
                    `${format.temperature(celsius, 1)} ${dayText(atMs, timeZone)} ${timeText(atMs, timeZone)}`,
                )
                .join(" · ")}
            </p>
          ) : null}
          <div className={styles.holdWork}>
            <InputNumber
              aria-label={`Centre now, ${format.degree}`}
              placeholder={`centre, ${format.degree}`}
              value={shown}
              step={0.5}
              inputMode="decimal"
              onChange={setShown}
              className={page.number ?? ""}
            />
            <Button
              disabled={shown === null}
              onClick={async () => {
                if (
                  await act(
                    noteHoldReading,
                    { holdId: held.id, celsius: format.fromTemperature(shown ?? 0) },
                    (needs) => `Noted. ${needs}`,
                  )
                )
                  setShown(null);
              }}
            >
              Note the centre
            </Button>
            <Button onClick={() => act(endHold, { holdId: held.id }, (as) => `Closed, ${as}.`)}>
              {status.state === "done" ? "Close it as met" : "Break it off"}
            </Button>
          </div>
        </>
      ) : null}
      {open ? <AirRecordLine held={held} /> : null}
      {open && hold.kind === "thaw" && hold.vacuumPack && !hold.packOpened ? (
        <Button onClick={() => act(openThawingPack, { holdId: held.id }, () => "Pack opened, and written down.")}>
          The pack is open
        </Button>
      ) : null}
      {open &&
      (hold.kind === "cure" || hold.kind === "thaw") &&
      !(hold.kind === "thaw" && hold.vacuumPack && !hold.packOpened) ? (
        <Button onClick={() => act(endHold, { holdId: held.id }, (as) => `Closed, ${as}.`)}>
          {status.state === "due" ? "It is done" : "Break it off"}
        </Button>
      ) : null}
    </div>
  );
}

type NewProps = { readonly lotId: string; readonly kinds: readonly Kind[]; readonly onDone: () => void };

function NewHold({ lotId, kinds, onDone }: NewProps) {
  const { format } = useHouse();
  const { act } = useAct();
  const [kind, setKind] = useState<Kind>(kinds[0] ?? "cure");
  const [hours, setHours] = useState<number | null>(null);
  const [note, setNote] = useState("");
  const [vacuum, setVacuum] = useState(false);
  const [way, setWay] = useState<ThawWay>("refrigerator");
  const [reached, setReached] = useState<Dayjs | null>(null);
  const [reachedTo, setReachedTo] = useState<number | null>(null);
  const [day, setDay] = useState<Dayjs | null>(null);
  const wanted = () => {
    switch (kind) {
      case "parasite": {
        const stated =
          reached && reachedTo !== null
            ? { atMs: reached.valueOf(), celsius: format.fromTemperature(reachedTo) }
            : null;
        return { kind, lotId, stated };
      }
      case "cure":
        return { kind, lotId, plannedH: hours, note };
      case "thaw":
        return { kind, lotId, plannedH: hours, vacuumPack: vacuum, way };
      case "tag":
        return { kind, lotId, lastServedOn: day?.format("YYYY-MM-DD") };
    }
  };
  const begin = async () => {
    if (await act(beginHold, wanted(), () => "The hold runs.")) onDone();
  };
  return (
    <div className={styles.newHold}>
      <Segmented<Kind>
        value={kind}
        onChange={setKind}
        options={kinds.map((value) => ({ value, label: SHORT[value] }))}
        className={page.below}
      />
      {kind === "parasite" ? (
        <>
          <p className={page.source}>
            Time counts only while the centre is at or below the limit. Probe it, or say when it got there; a probe
            reading must close it. <Link href={`/raw/freeze?lot=${lotId}`}>Reckon how long it takes</Link>.
          </p>
          <div className={styles.holdWork}>
            <Field label={`Centre reached, ${format.degree}`}>
              {(id) => <InputNumber id={id} value={reachedTo} step={1} inputMode="decimal" onChange={setReachedTo} />}
            </Field>
            <Field label="When">
              {(id) => (
                <DatePicker
                  id={id}
                  showTime={{ format: "HH:mm" }}
                  format="ddd D MMM HH:mm"
                  value={reached}
                  onChange={setReached}
                  disabledDate={(when) => when.isAfter(dayjs(), "day")}
                />
              )}
            </Field>
          </div>
        </>
      ) : null}
      {kind === "cure" || kind === "thaw" ? (
        <Field label="Hours">
          {(id) => <InputNumber id={id} min={0} step={1} inputMode="decimal" value={hours} onChange={setHours} />}
        </Field>
      ) : null}
      {kind === "cure" ? (
        <Field label="Recipe">
          {(id) => (
            <Input
              id={id}
              maxLength={200}
              value={note}
              placeholder="40 g salt, 20 g sugar a kilo"
              onChange={({ target }) => setNote(target.value)}
            />
          )}
        </Field>
      ) : null}
      {kind === "thaw" ? (
        <>
          <Segmented<ThawWay>
            aria-label="How it thaws"
            value={way}
            onChange={setWay}
            options={[
              { value: "refrigerator", label: "Refrigerator" },
              { value: "running-water", label: "Cold running water" },
            ]}
            className={page.below}
          />
          <Field label="In a vacuum pack">
            {(id) => (
              <div>
                <Switch id={id} checked={vacuum} onChange={setVacuum} />
              </div>
            )}
          </Field>
          <PracticeLine id="thawing" />
        </>
      ) : null}
      {kind === "cure" ? <PracticeLine id="curing" /> : null}
      {kind === "tag" ? (
        <Field label="The last of it was served on">
          {(id) => <DatePicker id={id} format="ddd D MMM YYYY" value={day} onChange={setDay} />}
        </Field>
      ) : null}
      <Button type="primary" onClick={begin}>
        Begin
      </Button>
    </div>
  );
}
