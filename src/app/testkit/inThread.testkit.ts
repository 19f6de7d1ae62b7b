import { useMemo } from "react";
import {
  chillAfterCooking,
  drawSheet,
  estimateSheet,
  holdHot,
  rankSheet,
  type ChillQuestion,
  type HoldQuestion,
  type LiveQuestion,
  type SheetRequest,
} from "@/core/cooking";
import { planCure, type CureRequest } from "@/core/cure";
import { compareStacks, followAirRecord, planFreezing, type AirRecordRequest, type FreezeRequest } from "@/core/raw";
import { ok } from "@/core/shared";

/** What the workers work out, worked out here and at once: for `jest.mock` of their hooks. */
const useAnswer = <Question, Answer>(question: Question, work: (question: Question) => Answer): Answer => {
  const key = JSON.stringify(question);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the wording is the question
  return useMemo(() => work(question), [key]);
};

const told = <Answer>(answer: Answer) => ({ answer, working: false, problem: null, tookMs: 1 });

export const planWorker = {
  useSheet: (request: SheetRequest) => {
    const found = useAnswer(request, drawSheet);
    return {
      sheet: found.ok ? found.value : null,
      problem: found.ok ? null : found.error,
      working: false,
      tookMs: 1,
    };
  },
  useRanking: (request: SheetRequest) => {
    const ranked = useAnswer(request, rankSheet);
    return told(ranked.ok ? ranked.value : null);
  },
  useHold: (question: HoldQuestion) => told(useAnswer(question, holdHot)),
  useChill: (question: ChillQuestion) =>
    told(useAnswer(question, ({ chilled, fromC, ruleId }) => chillAfterCooking(chilled, fromC, ruleId))),
  useEstimate: (question: LiveQuestion) => {
    const found = useAnswer(question, estimateSheet);
    return told(found.ok ? found.value : null);
  },
};

export const rawWorker = {
  useCure: (request: CureRequest) => {
    const found = useAnswer(request, planCure);
    return { ...told(found.ok ? found.value : null), problem: found.ok ? null : found.error };
  },
  useFreezing: (request: FreezeRequest) => {
    const found = useAnswer(request, (asked) => {
      const planned = planFreezing(asked);
      return planned.ok ? ok({ plan: planned.value, ...compareStacks(asked, planned.value.reachC) }) : planned;
    });
    return { ...told(found.ok ? found.value : null), problem: found.ok ? null : found.error };
  },
  useAirRecord: (request: AirRecordRequest) => {
    const found = useAnswer(request, followAirRecord);
    return { ...told(found.ok ? found.value : null), problem: found.ok ? null : found.error };
  },
};
