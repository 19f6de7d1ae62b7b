"use client";
import Link from "next/link";
import { useState } from "react";
import { KINETICS, methodOf, type CookPlan } from "@/core/cooking";
import { DANGER_ZONE_C, RULE_SETS } from "@/core/safety";
import type { Species } from "@/core/species";
import { Choice } from "@/ui/form/Choice";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";

type Props = { readonly plan: CookPlan; readonly species: Species; readonly tookMs: number | null };

/** How far off the plan may be, and what every part of it rests on. */
export function HowSure({ plan, species, tookMs }: Props) {
  const { format, ruleSetId } = useHouse();
  const [organism, setOrganism] = useState<string | null>(null);
  const killed = plan.lethality.find((one) => one.organism === organism) ?? plan.lethality[0]!;
  const { hotHold } = RULE_SETS[ruleSetId];
  const { uncertainty, chance } = plan;
  const { compositionPct: made } = species;
  return (
    <details className={page.open}>
      <summary>{t("howSureAndWhereItComes")}</summary>
      <p>
        {t.rich("theCentreEndsBetweenLowAnd", {
          low: format.temperature(uncertainty.lowC, 1),
          span: (words) => <span className="figure">{words}</span>,
          high: format.temperature(uncertainty.highC, 1),
          span2: (words) => <span className="figure">{words}</span>,
          basis: say(uncertainty.basis, format),
          samples: chance.samples,
        })}
      </p>
      <p>
        {t("heatByFiniteVolumesThroughFlesh", {
          water: made.water,
          protein: made.protein,
          fat: made.fat,
          temperature: format.temperature(100),
          value: Number.isFinite(plan.lowestPanC)
            ? t("thePanOrLiquidFallsTo", { lowestPan: format.temperature(plan.lowestPanC) })
            : "",
          value2: plan.browned ? t("theFirstFaceBrowns") : t("theFirstFaceStaysPale"),
          waterLoss: plan.waterLossPct.toFixed(0),
        })}
      </p>
      <p>
        {t("donenessFromTheStateOfThe", { source: KINETICS.myosin.source, source2: KINETICS.flakeCollagen.source })}
      </p>
      <p>
        <label className={styles.organism}>
          {t("killedAtTheColdestPointReckoned")}
          <Choice
            value={killed.organism}
            onChange={setOrganism}
            options={plan.lethality.map((one) => ({ value: one.organism, label: one.organism }))}
          />
        </label>
        {t.rich("logReductionLogSource", {
          logReduction: format.number(Math.min(99, killed.logReduction), 1),
          b: (words) => <b className="figure">{words}</b>,
          source: killed.source,
        })}
      </p>
      <p>
        {t.rich("heldHotIfAtAllAt", {
          min: format.temperature(hotHold.minC),
          source: hotHold.source,
          link: (words) => <Link href="/stove/hold">{words}</Link>,
        })}
      </p>
      <p>
        {t("valueMethodSource", {
          value:
            plan.dangerMin >= 1
              ? t("itsColdestFleshIsBetweenTemperature", {
                  temperature: format.temperature(DANGER_ZONE_C.from),
                  temperature2: format.temperature(DANGER_ZONE_C.to),
                  danger: plan.dangerMin.toFixed(0),
                })
              : "",
          source: methodOf(plan.methodId).source,
        })}
        {tookMs === null ? null : t("plannedInTookMs", { took: Math.round(tookMs) })}
      </p>
    </details>
  );
}
