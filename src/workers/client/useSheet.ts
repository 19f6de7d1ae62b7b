import { proxy, wrap } from "comlink";
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

function openWorker() {
  const worker = new Worker(new URL("../plan.worker.ts", import.meta.url), { type: "module" });
  return { remote: wrap<PlanWorker>(worker), close: () => worker.terminate() };
}

function openPlanner(): Answerer<Sheet> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.drawSheet(JSON.parse(question) as SheetRequest), close };
}

function openRanker(): Answerer<readonly MethodFit[]> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.rank(JSON.parse(question) as SheetRequest), close };
}

function openEstimator(): Answerer<LiveEstimate> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.estimate(JSON.parse(question) as LiveQuestion), close };
}

function openChiller(): Answerer<readonly Chilling[]> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.chill(JSON.parse(question) as ChillQuestion), close };
}

/** Cooling after cooking, in every way of the house. */
export const useChill = (question: ChillQuestion) => useNewest(openChiller, JSON.stringify(question));

function openHolder(): Answerer<readonly Holding[]> {
  const { remote, close } = openWorker();
  return { ask: (question) => remote.hold(JSON.parse(question) as HoldQuestion), close };
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
  readonly start: (request: SheetRequest, thicknesses: readonly number[]) => void;
  readonly stop: () => void;
};

/** Computes a station sheet line by line; can be stopped. */
export function useStationSheet(): SheetRun {
  const worker = useRef<ReturnType<typeof openWorker> | null>(null);
  const [rows, setRows] = useState<readonly SheetRow[]>([]);
  const [running, setRunning] = useState(false);
  const [problem, setProblem] = useState<Said | null>(null);
  useEffect(() => () => worker.current?.close(), []);
  return {
    rows,
    running,
    problem,
    start: (request, thicknesses) => {
      worker.current ??= openWorker();
      setRows([]);
      setProblem(null);
      setRunning(true);
      worker.current.remote
        .sheet(
          request,
          thicknesses,
          proxy((row: SheetRow) => setRows((before) => [...before, row])),
        )
        .then((done) => {
          if (!done.ok) setProblem(done.error);
          setRunning(false);
        })
        .catch(() => {
          setProblem(said("shared.plannerStopped"));
          setRunning(false);
        });
    },
    stop: () => void worker.current?.remote.stopSheet(),
  };
}
