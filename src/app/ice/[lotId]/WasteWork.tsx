"use client";
import { Segmented, Select } from "antd";
import { useState } from "react";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { throwAway } from "./actions";
import { Act, useLotAct, type LotFacts } from "./lotAct";
import { WASTE_REASONS } from "./reasons";
import { t } from "@/words/ice";

/** Thrown away, all or a part, with why and what it cost. */
export function WasteWork({ lotId, leftG, priceCentsPerKg }: LotFacts) {
  const { format } = useHouse();
  const { act, busy } = useLotAct();
  const [all, setAll] = useState(true);
  const [mass, setMass] = useState<number | null>(null);
  const [reason, setReason] = useState(t("wasteSpoiled"));
  const massG = all ? leftG : format.fromBigMass(mass ?? 0);
  return (
    <>
      <Field label={t("why")}>
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
      <Field label={t("howMuch")}>
        {(id) => (
          <Segmented<string>
            id={id}
            block
            value={all ? "all" : "part"}
            onChange={(value) => setAll(value === "all")}
            options={[
              { value: "all", label: t("allLeft", { left: format.mass(leftG) }) },
              { value: "part", label: t("aPart") },
            ]}
          />
        )}
      </Field>
      {all ? null : (
        <Field label={t("weightBigMassUnit", { bigMassUnit: format.bigMassUnit })}>
          {(id) => (
            <NumberInput id={id} min={0} step={0.1} value={mass} onChange={setMass} className={page.full ?? ""} />
          )}
        </Field>
      )}
      <Act
        hold
        busy={busy}
        disabled={massG <= 0}
        onClick={() =>
          act(throwAway, { lotId, massG, reason }, (cents) => t("writtenOffCents", { cents: format.money(cents) }))
        }
      >
        {t("throwMassAwayMass2Lost", {
          mass: format.mass(massG),
          mass2: format.money((massG / 1000) * priceCentsPerKg),
        })}
      </Act>
    </>
  );
}
