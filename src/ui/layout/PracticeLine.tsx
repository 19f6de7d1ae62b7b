"use client";
import { practiceOf, practiceSource, type PracticeId } from "@/core/safety";
import { useHouse } from "../hooks/HouseContext";
import { t } from "@/words/ui";
import { marked } from "@/words/marked";
import { Source } from "@/ui/layout/Source";

/** What an act asks beyond its figures under the house's rules: the way, the plan or variance, and the paper to show. */
export function PracticeLine({ id }: { readonly id: PracticeId }) {
  const { format, ruleSetId } = useHouse();
  const practice = practiceOf(ruleSetId, id);
  return (
    <p data-practice={id}>
      <b>{practice.label}:</b> {marked(practice.asks, format)}.
      {practice.paper === null ? null : t("toShowPaper", { paper: practice.paper })}{" "}
      <Source inline>{practiceSource(practice)}</Source>
    </p>
  );
}
