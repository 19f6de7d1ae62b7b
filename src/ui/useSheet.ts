import { wrap } from "comlink";
import type { Sheet, SheetRequest } from "@/core/cooking";
import type { PlanWorker } from "@/workers/plan.worker";
import { useNewest, type Answerer } from "./useNewest";

export type SheetState = {
  readonly sheet: Sheet | null;
  readonly problem: string | null;
  readonly working: boolean;
  readonly tookMs: number | null;
};

function openPlanner(): Answerer<Sheet> {
  const worker = new Worker(new URL("../workers/plan.worker.ts", import.meta.url), { type: "module" });
  const remote = wrap<PlanWorker>(worker);
  return {
    ask: (question) => remote.drawSheet(JSON.parse(question) as SheetRequest),
    close: () => worker.terminate(),
  };
}

/** Plans a cook in the worker. */
export function useSheet(request: SheetRequest): SheetState {
  const { answer, ...rest } = useNewest(openPlanner, JSON.stringify(request));
  return { sheet: answer, ...rest };
}
