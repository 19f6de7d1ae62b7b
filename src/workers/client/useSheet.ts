import { proxy } from "comlink";
import { useEffect, useRef, useState } from "react";
import type {
  ChillQuestion,
  Chilling,
  Holding,
  HoldQuestion,
  LiveEstimate,
  LiveQuestion,
  MethodFit,
  Sheet,
  SheetRequest,
  SheetRow,
} from "@/core/cooking";
import type { PlanWorker } from "../plan.worker";
import { helper } from "./helper";
import { useNewest, type Answerer } from "./useNewest";
import { useSettled } from "./useSettled";
import { type Said, said } from "@/core/shared";

/** The ways are weighed once the calliper stands still: the plan in hand goes first. */
const RANK_AFTER_MS = 300;

export type SheetState = {
  readonly sheet: Sheet | null;
  readonly problem: Said | null;
  readonly working: boolean;
  readonly tookMs: number | null;
};

const openWorker = () =>
  helper<PlanWorker>(() => new Worker(new URL("../plan.worker.ts", import.meta.url), { type: "module" }));

function openPlanner(): Answerer<Sheet> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.drawSheet(JSON.parse(question) as SheetRequest)), close };
}

function openRanker(): Answerer<readonly MethodFit[]> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.rank(JSON.parse(question) as SheetRequest)), close };
}

function openEstimator(): Answerer<LiveEstimate> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.estimate(JSON.parse(question) as LiveQuestion)), close };
}

function openChiller(): Answerer<readonly Chilling[]> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.chill(JSON.parse(question) as ChillQuestion)), close };
}

/** Cooling after cooking, in every way of the house. */
export const useChill = (question: ChillQuestion) => useNewest(openChiller, JSON.stringify(question));

function openHolder(): Answerer<readonly Holding[]> {
  const { ask, close } = openWorker();
  return { ask: (question) => ask((worker) => worker.hold(JSON.parse(question) as HoldQuestion)), close };
}

/** Waiting hot after cooking, in every way of the house. */
export const useHold = (question: HoldQuestion) => useNewest(openHolder, JSON.stringify(question));

/** Plans a cook in the worker. */
export function useSheet(request: SheetRequest): SheetState {
  const { answer, ...rest } = useNewest(openPlanner, JSON.stringify(request));
  return { sheet: answer, ...rest };
}

/** Methods for a piece, fittest first, in a worker of their own so that the plan does not wait for them. */
export const useRanking = (request: SheetRequest) =>
  useNewest(openRanker, useSettled(JSON.stringify(request), RANK_AFTER_MS));

/** What the readings so far make of a running cook. */
export const useEstimate = (question: LiveQuestion) => useNewest(openEstimator, JSON.stringify(question));

export type SheetRun = {
  readonly rows: readonly SheetRow[];
  readonly running: boolean;
  readonly problem: Said | null;
  readonly again: () => void;
  readonly stop: () => void;
};

/** So long, ms, a hand has to be off the fields before a sheet is begun anew. */
const SHEET_AFTER_MS = 250;

type Run = {
  /** What was asked. */
  readonly key: string;
  readonly rows: readonly SheetRow[];
  readonly done: boolean;
  readonly problem: Said | null;
};
const NO_RUN: Run = { key: "", rows: [], done: false, problem: null };

/** Computes a station sheet line by line as it is asked; can be stopped, and begun again. */
export function useStationSheet(request: SheetRequest, thicknesses: readonly number[]): SheetRun {
  const worker = useRef<ReturnType<typeof openWorker> | null>(null);
  const [times, setTimes] = useState(0);
  const key = useSettled(JSON.stringify([request, thicknesses, times]), SHEET_AFTER_MS);
  const [run, setRun] = useState(NO_RUN);
  useEffect(() => () => worker.current?.close(), []);
  useEffect(() => {
    const [asked, wanted] = JSON.parse(key) as [SheetRequest, readonly number[]];
    worker.current ??= openWorker();
    // what a run before this one still tells is of another sheet
    let mine = true;
    const change = (part: (before: Run) => Partial<Run>) => {
      if (mine)
        setRun((was) => ({ ...(was.key === key ? was : { ...NO_RUN, key }), ...part(was.key === key ? was : NO_RUN) }));
    };
    worker.current
      .ask((remote) => {
        change(() => ({ rows: [] }));
        return remote.sheet(
          asked,
          wanted,
          proxy((row: SheetRow) => change(({ rows }) => ({ rows: [...rows, row] }))),
        );
      })
      .then((done) => change(() => ({ done: true, problem: done.ok ? null : done.error })))
      .catch(() => change(() => ({ done: true, problem: said("shared.plannerStopped") })));
    return () => {
      mine = false;
    };
  }, [key]);
  const now = run.key === key ? run : NO_RUN;
  return {
    rows: now.rows,
    running: !now.done,
    problem: now.problem,
    again: () => setTimes((before) => before + 1),
    stop: () => void worker.current?.ask((remote) => remote.stopSheet()),
  };
}
