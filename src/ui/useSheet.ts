"use client";
import { wrap, type Remote } from "comlink";
import { useEffect, useRef, useState } from "react";
import type { Sheet, SheetRequest } from "@/core/cooking";
import type { Result } from "@/core/shared";
import type { PlanWorker } from "@/workers/plan.worker";

export type SheetState = {
  readonly sheet: Sheet | null;
  readonly problem: string | null;
  readonly working: boolean;
  /** What the last plan took in the worker and back, ms. */
  readonly tookMs: number | null;
};

const EMPTY: SheetState = { sheet: null, problem: null, working: true, tookMs: null };

/** Plans `request` in the worker. One plan runs at a time and only the newest question waits, so a dragged calliper never queues up. */
export function useSheet(request: SheetRequest): SheetState {
  const [state, setState] = useState(EMPTY);
  const asked = JSON.stringify(request);
  const remote = useRef<Remote<PlanWorker> | null>(null);
  const busy = useRef(false);
  const newest = useRef(asked);
  const planNewest = useRef<() => void>(() => {});

  useEffect(() => {
    const worker = new Worker(new URL("../workers/plan.worker.ts", import.meta.url), { type: "module" });
    let live = true;
    remote.current = wrap<PlanWorker>(worker);
    planNewest.current = () => {
      if (busy.current || !remote.current) return;
      busy.current = true;
      const question = newest.current;
      const startedMs = performance.now();
      remote.current
        .drawSheet(JSON.parse(question) as SheetRequest)
        .then((answer: Result<Sheet, string>) => {
          if (!live) return;
          busy.current = false;
          const again = newest.current !== question;
          const tookMs = performance.now() - startedMs;
          setState((before) =>
            answer.ok
              ? { sheet: answer.value, problem: null, working: again, tookMs }
              : { sheet: before.sheet, problem: answer.error, working: again, tookMs },
          );
          if (again) planNewest.current();
        })
        .catch(() => {
          busy.current = false;
          if (live)
            setState((before) => ({ ...before, working: false, problem: "The planner stopped. Reload the page." }));
        });
    };
    planNewest.current();
    return () => {
      live = false;
      busy.current = false;
      remote.current = null;
      worker.terminate();
    };
  }, []);

  useEffect(() => {
    newest.current = asked;
    planNewest.current();
  }, [asked]);

  return state;
}
