"use client";
import { memo } from "react";
import type { CookPlan } from "@/core/cooking";
import { clockText } from "@/words/format/format";
import { unbroken } from "@/words/format/unbroken";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { say } from "@/words/say";

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
          <p className={styles.cue}>{unbroken(say(stage.cue, format))}</p>
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
          <p className={styles.do}>{unbroken(say(stage.do, format))}</p>
        </li>
      ))}
    </ol>
  );
});
