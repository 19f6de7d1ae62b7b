"use client";
import { Button } from "antd";
import type { CookPlan } from "@/core/cooking";
import { partCooking, practiceOf, type PartCooking } from "@/core/safety";
import { shortName, type Species } from "@/core/species";
import { durationText, type Format } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { keepWrittenSteps } from "./actions";
import { t } from "@/words/stove-plan";
import { marked } from "@/words/marked";
import { Source } from "@/ui/layout/Source";

type Props = { readonly plan: CookPlan; readonly species: Species };

const minutes = (count: number) => durationText(count * 60);

/** The written steps as a cook reads them, in their order. */
function stepWords({ first, cool, keepAtMostC, second }: PartCooking, dish: string, format: Format): readonly string[] {
  const { takesS, mostS, fits } = first;
  return [
    t("firstHeatingOfDishTakesValue", {
      dish,
      takes: durationText(takesS),
      value:
        mostS === null
          ? t("theRuleNamesNoLongestTime")
          : fits
            ? t("withinTheMostAllowed", { most: durationText(mostS) })
            : t("overTheMostAllowedMakeThe", { most: durationText(mostS) }),
    }),
    t("coolItAtOnceProbeIn", {
      stages: cool.stages
        .map(({ fromC, toC, limitMin }) =>
          t("fromToToWithinLimit", {
            from: format.temperature(fromC),
            to: format.temperature(toC),
            limit: minutes(limitMin),
          }),
        )
        .join(", "),
    }),
    t("keepItAtKeepAtMostOrBelow", { keepAtMost: format.temperature(keepAtMostC) }),
    t("secondHeatingToTheFullValue", {
      at: format.temperature(second.rule.atC),
      value: second.rule.seconds === 0 ? "" : t("forSeconds", { seconds: durationText(second.rule.seconds) }),
    }),
    t("serveItAtOnceOrHold"),
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
      <summary>{t("scaldedOrPartCookedNowFinished")}</summary>
      <p>
        {steps.approval === "authority-first" ? t("onlyWithWrittenStepsThatThe") : t("writtenSteps")}
        {marked(asks, format)}.
      </p>
      <ol>
        {words.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      <Button
        disabled={steps.first.fits === false}
        onClick={() =>
          act(keepWrittenSteps, { speciesId: species.id, methodId: plan.methodId, steps: words }, (seq) =>
            t("inTheBookEntrySeq", { seq }),
          )
        }
      >
        {t("keepTheseStepsInTheBook")}
      </Button>
      <Source>{steps.source}</Source>
    </details>
  );
}
