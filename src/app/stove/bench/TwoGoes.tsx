"use client";
import { Button } from "antd";
import type { CookPlan } from "@/core/cooking";
import { partCooking, practiceOf, type PartCooking } from "@/core/safety";
import { shortName, type Species } from "@/core/species";
import { durationText, type Format } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { keepWrittenSteps } from "./actions";

type Props = { readonly plan: CookPlan; readonly species: Species };

const minutes = (count: number) => durationText(count * 60);

/** The written steps as a cook reads them, in their order. */
function stepWords({ first, cool, keepAtMostC, second }: PartCooking, dish: string, format: Format): readonly string[] {
  const { takesS, mostS, fits } = first;
  return [
    `First heating of ${dish}: ${durationText(takesS)}${mostS === null ? "; the rule names no longest time, your plan does" : fits ? `, within the ${durationText(mostS)} allowed` : `: over the ${durationText(mostS)} allowed, make the pieces smaller`}.`,
    `Cool it at once, probe in the thickest: ${cool.stages.map(({ fromC, toC, limitMin }) => `${format.temperature(fromC)} to ${format.temperature(toC)} within ${minutes(limitMin)}`).join(", ")}. Too slow: throw it away.`,
    `Keep it at ${format.temperature(keepAtMostC)} or below, marked as part-cooked with day and hour, apart from what is eaten as it is.`,
    `Second heating to the full value, ${format.temperature(second.rule.atC)}${second.rule.seconds === 0 ? "" : ` for ${durationText(second.rule.seconds)}`} in the coldest part, whatever the first one reached: probe it and write it down.`,
    "Serve it at once or hold it hot; what is left is cooled by the same rule or thrown away.",
  ];
}

/** Scalded or part-cooked now and finished later: the steps the rule wants written, with this plan's own figures, kept in the book. */
export function TwoGoes({ plan, species }: Props) {
  const { format, ruleSetId } = useHouse();
  const { act } = useAct();
  const steps = partCooking(ruleSetId, plan.safety.as, plan.pullS);
  const words = stepWords(steps, shortName(species), format);
  const { asks } = practiceOf(ruleSetId, "non-continuous");
  return (
    <details className={page.open} data-testid="two-goes">
      <summary>Scalded or part-cooked now, finished later</summary>
      <p>
        {steps.approval === "authority-first"
          ? "Only with written steps that the authority has approved first: "
          : "Written steps: "}
        {format.words(asks)}.
      </p>
      <ol>
        {words.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <Button
        disabled={steps.first.fits === false}
        onClick={() =>
          act(
            keepWrittenSteps,
            { speciesId: species.id, methodId: plan.methodId, steps: words },
            (seq) => `In the book, entry ${seq}.`,
          )
        }
      >
        Keep these steps in the book
      </Button>
      <p className={page.source}>{steps.source}</p>
    </details>
  );
}
