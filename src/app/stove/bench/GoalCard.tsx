"use client";
import { Segmented } from "antd";
import { memo } from "react";
import { bandAt, outcomeLabel, TARGET_DONENESS, targetCentreC, type TargetDoneness } from "@/core/cooking";
import type { Species } from "@/core/species";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { UnitInput } from "@/ui/UnitInput";
import type { CookAskInput } from "../schema";
import styles from "../Stove.module.css";

type Choice = TargetDoneness | "rare" | "safe" | "own";

/** Tuna is cooked to a warm, red middle; nothing in the bands says how warm. */
const RARE_C = 32;

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
        <h2>Cooked until</h2>
        <p>
          {methodId === "open-shells"
            ? "The shells have opened."
            : "A skewer or knife slides in: time and heat, not a centre temperature."}
        </p>
      </section>
    );
  const named = goal.kind === "safe" ? null : bandAt(donenessGroup, goal.targetC).id;
  const chosen: Choice =
    goal.kind === "safe"
      ? "safe"
      : donenessGroup === "tuna" && named === "translucent"
        ? "rare"
        : (TARGET_DONENESS.find((id) => id === named) ?? "own");
  const options: { value: Choice; label: string }[] = [
    ...(donenessGroup === "tuna" ? [{ value: "rare" as const, label: `Rare · ${format.temperature(RARE_C)}` }] : []),
    ...TARGET_DONENESS.map((id) => ({
      value: id as Choice,
      label: `${outcomeLabel(id, donenessGroup)} · ${format.temperature(targetCentreC(donenessGroup, id))}`,
    })),
    { value: "safe", label: "By the rule in force" },
  ];
  return (
    <section className={`${page.card} ${styles.inputs}`}>
      <label className={styles.full}>
        Cooked to
        <Segmented<Choice>
          block
          vertical
          value={chosen}
          options={options}
          onChange={(id) => {
            if (id === "safe") onChange({ goal: { kind: "safe" } });
            else if (id === "rare") onChange({ goal: { kind: "centre", targetC: RARE_C } });
            else if (id !== "own") onChange({ goal: { kind: "doneness", targetC: targetCentreC(donenessGroup, id) } });
          }}
        />
      </label>
      {goal.kind === "safe" ? null : (
        <label>
          Centre, {format.degree}
          <UnitInput
            kind="temperature"
            value={goal.targetC}
            min={25}
            max={80}
            onChange={(targetC) => onChange({ goal: { kind: "centre", targetC } })}
          />
        </label>
      )}
    </section>
  );
});
