"use client";
import { Select } from "antd";
import Link from "next/link";
import { useState } from "react";
import { KINETICS, methodOf, type CookPlan } from "@/core/cooking";
import { RULE_SETS } from "@/core/safety";
import type { Species } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";

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
      <summary>How sure, and where it comes from</summary>
      <p>
        The centre ends between <span className="figure">{format.temperature(uncertainty.lowC, 1)}</span> and{" "}
        <span className="figure">{format.temperature(uncertainty.highC, 1)}</span> with {uncertainty.basis}. The chance
        is from {chance.samples} cooks with thickness, start and coefficients drawn from what is known of them. Probe at
        the thickest point.
      </p>
      <p>
        Heat by finite volumes through flesh of {made.water} % water, {made.protein} % protein and {made.fat} % fat
        (Choi and Okos 1986). A face on metal, in fat or under a glow dries before it can pass {format.temperature(100)}
        {Number.isFinite(plan.lowestPanC)
          ? `; the pan or liquid falls to ${format.temperature(plan.lowestPanC)} at the lowest`
          : ""}
        . {plan.browned ? "The first face browns." : "The first face stays pale."} About {plan.waterLossPct.toFixed(0)}{" "}
        % of the weight is lost as juice.
      </p>
      <p>
        Doneness from the state of the proteins: myosin {KINETICS.myosin.source}; flakes part{" "}
        {KINETICS.flakeCollagen.source}; dryness from the water lost (common practice, low). Bands: common practice.
      </p>
      <p>
        <label className={styles.organism}>
          Killed at the coldest point, reckoned by
          <Select<string>
            value={killed.organism}
            onChange={setOrganism}
            options={plan.lethality.map((one) => ({ value: one.organism, label: one.organism }))}
          />
        </label>
        <b className="figure">{Math.min(99, killed.logReduction).toFixed(1)} log</b> ({killed.source}).
      </p>
      <p>
        Held hot, if at all, at {format.temperature(hotHold.minC)} or above ({hotHold.source}).{" "}
        <Link href="/stove/hold">How long it keeps</Link>
      </p>
      <p>
        {plan.dangerMin >= 1
          ? `Its coldest flesh is between ${format.temperature(5)} and ${format.temperature(57)}, tempering counted, for ${plan.dangerMin.toFixed(0)} min. `
          : ""}
        Method: {methodOf(plan.methodId).source}.{tookMs === null ? null : ` Planned in ${Math.round(tookMs)} ms.`}
      </p>
    </details>
  );
}
