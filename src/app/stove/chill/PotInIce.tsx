"use client";
import { Alert, Switch } from "antd";
import { useState } from "react";
import { judgePot, POTS } from "@/core/butter";
import type { CoolingRuleId } from "@/core/safety";
import { strainedBath } from "@/house/butter/stockPot";
import { Field } from "@/ui/form/Field";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { durationText } from "@/words/format/format";
import { t } from "@/words/stove";
import styles from "../Stove.module.css";

/** A pot in a bath whose ice melts: whether so much ice is enough, and how much would be. */
export function PotInIce({ ruleId, fromC }: { readonly ruleId: CoolingRuleId; readonly fromC: number }) {
  const { format } = useHouse();
  const [massG, setMassG] = useState(3000);
  const [iceG, setIceG] = useState(2000);
  const [stirred, setStirred] = useState(true);
  const pot = POTS.find(({ litres }) => litres * 1000 >= massG) ?? POTS.at(-1)!;
  const { verdict, trace, iceNeededG } = judgePot({ ...strainedBath(massG, pot, iceG, stirred), fromC }, ruleId);
  const [minutes, lastC] = trace.at(-1)!;
  const passes = verdict.verdict === "pass";
  return (
    <section className={page.card} data-testid="pot-in-ice">
      <h2>{t("aPotInIce")}</h2>
      <div className={styles.inputs}>
        <QuantityField label={t("inThePot")} kind="mass" value={massG} min={200} max={15_000} onChange={setMassG} />
        <QuantityField label={t("iceForTheBath")} kind="mass" value={iceG} min={0} max={50_000} onChange={setIceG} />
        <Field label={t("stirredWhileItCools")}>
          {(id) => <Switch id={id} checked={stirred} onChange={setStirred} />}
        </Field>
      </div>
      <Alert
        type={passes ? "success" : "error"}
        showIcon
        title={
          passes
            ? t("potColdIn", { heat: format.temperature(Math.round(lastC)), time: durationText(minutes * 60) })
            : iceNeededG === null
              ? t("potNeedsDividing")
              : t("potNeedsIce", { ice: format.mass(iceNeededG) })
        }
      />
    </section>
  );
}
