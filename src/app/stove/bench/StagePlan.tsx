"use client";
import { memo } from "react";
import type { CookPlan } from "@/core/cooking";
import { clockText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";

/** Cue first, number second, clock third. */
export const StagePlan = memo(function StagePlan({ plan }: { readonly plan: CookPlan }) {
  const { format } = useHouse();
  return (
    <ol className={styles.stages} data-first>
      {plan.stages.map((stage, index) => (
        <li key={`${stage.id}-${index}`} data-stage={stage.id}>
          <h2>
            <span className={styles.step}>{index + 1}</span>
            {stage.name}
          </h2>
          <p className={styles.cue}>{format.words(stage.cue)}</p>
          <dl className={page.gauges}>
            <div>
              <dt>{t("probe")}</dt>
              <dd data-testid={`${stage.id}-probe`}>{format.temperature(stage.probeC)}</dd>
            </div>
            <div>
              <dt>{t("clock")}</dt>
              <dd data-testid={`${stage.id}-time`}>{clockText(stage.seconds)}</dd>
            </div>
          </dl>
          <p className={styles.do}>{format.words(stage.do)}</p>
        </li>
      ))}
    </ol>
  );
});
