"use client";
import { InputNumber, Select } from "antd";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import page from "@/ui/layout/page.module.css";
import { moveTo, openThePack } from "./actions";
import { Act, options, useLotAct, type LotFacts } from "./lotAct";

/** To another place, or its pack opened. */
export function MoveWork({ lotId, placeId, places, canOpen }: LotFacts) {
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
