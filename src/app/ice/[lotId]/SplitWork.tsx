"use client";
import { Input, InputNumber, Select } from "antd";
import { useState } from "react";
import { formsFor, type Form } from "@/core/freshness";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { splitOff } from "./actions";
import { Act, options, useLotAct, type LotFacts } from "./lotAct";

/** A part of it as a lot of its own. */
export function SplitWork({ lotId, group, form, leftG, placeId, places }: LotFacts) {
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
