"use client";
import { Segmented } from "antd";
import { memo } from "react";
import {
  bandAt,
  methodOf,
  outcomeLabel,
  TARGET_DONENESS,
  targetCentreC,
  USUAL_RIM_MM,
  usualGoal,
  type TargetDoneness,
} from "@/core/cooking";
import type { Species } from "@/core/species";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";

type Choice = TargetDoneness | "rim" | "usual" | "safe" | "own";

type Props = {
  readonly species: Species;
  readonly methodId: CookAskInput["methodId"];
  readonly goal: CookAskInput["goal"];
  /** The method has a goal of its own. */
  readonly fixed: boolean;
  readonly onChange: (part: Partial<CookAskInput>) => void;
};

/** What it is cooked to: a band of this fish, the rule, or a centre temperature of one's own. */
export const GoalCard = memo(function GoalCard({ species, methodId, goal, fixed, onChange }: Props) {
  const { format } = useHouse();
  const { donenessGroup } = species;
  if (fixed)
    return (
      <section className={page.card}>
        <h2>{t("cookedUntil")}</h2>
        <p>{t("aSkewerOrKnifeSlidesIn")}</p>
      </section>
    );
  const usual = usualGoal(species, methodId, "piece");
  const atUsual = goal.kind === "centre" && usual.kind === "centre" && goal.targetC === usual.targetC;
  const band = goal.kind === "doneness" ? bandAt(donenessGroup, goal.targetC).id : null;
  const chosen: Choice =
    goal.kind === "safe"
      ? "safe"
      : goal.kind === "rim"
        ? "rim"
        : atUsual
          ? "usual"
          : (TARGET_DONENESS.find((id) => id === band) ?? "own");
  const options: { value: Choice; label: string }[] = [
    ...(methodOf(methodId).rare
      ? [{ value: "rim" as const, label: t("rareByItsRimUSUALRIMMM", { rim: format.length(USUAL_RIM_MM) }) }]
      : []),
    ...(usual.kind === "centre"
      ? [{ value: "usual" as const, label: t("asItIsServedTarget", { target: format.temperature(usual.targetC) }) }]
      : []),
    ...TARGET_DONENESS.map((id) => ({
      value: id as Choice,
      label: `${outcomeLabel(id, donenessGroup)} · ${format.temperature(targetCentreC(donenessGroup, id))}`,
    })),
    { value: "safe", label: t("byTheRuleInForce") },
  ];
  return (
    <section className={`${page.card} ${styles.inputs}`}>
      <label className={styles.full}>
        {t("cookedTo")}
        <Segmented<Choice>
          block
          vertical
          value={chosen}
          options={options}
          onChange={(id) => {
            if (id === "safe") onChange({ goal: { kind: "safe" } });
            else if (id === "rim") onChange({ goal: { kind: "rim", rimMm: USUAL_RIM_MM } });
            else if (id === "usual") onChange({ goal: usual });
            else if (id !== "own") onChange({ goal: { kind: "doneness", targetC: targetCentreC(donenessGroup, id) } });
          }}
        />
      </label>
      {species.least && goal.kind !== "safe" ? (
        <p className={styles.full}>
          {t("notUnderCentreBecause", {
            centre: format.temperature(species.least.centreC),
            because: species.least.because,
          })}
        </p>
      ) : null}
      {goal.kind === "rim" ? (
        <QuantityField
          label={t("setRim")}
          kind="length"
          value={goal.rimMm}
          min={1}
          max={15}
          onChange={(rimMm) => onChange({ goal: { kind: "rim", rimMm } })}
        />
      ) : goal.kind === "safe" ? null : (
        <QuantityField
          label={t("centre")}
          kind="temperature"
          value={goal.targetC}
          min={25}
          max={95}
          onChange={(targetC) => onChange({ goal: { kind: "centre", targetC } })}
        />
      )}
    </section>
  );
});
