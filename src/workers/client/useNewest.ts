import { startTransition, useEffect, useRef, useState } from "react";
import type { Result } from "@/core/shared";
import { said, type Said } from "@/core/shared";

/** Somebody who answers one question at a time off the main thread. */
export type Answerer<A> = {
  readonly ask: (question: string) => Promise<Result<A, Said>>;
  readonly close: () => void;
};

export type NewestState<A> = {
  readonly answer: A | null;
  readonly problem: Said | null;
  readonly working: boolean;
  /** What the last answer took in the worker and back, ms. */
  readonly tookMs: number | null;
};

/**
 * Asks `question` (JSON) in a worker. One question runs at a time and only the newest waits, so a dragged handle never queues up; the
 * last answer stays on show meanwhile. `open` must be the same function every time.
 */
export function useNewest<A>(open: () => Answerer<A>, question: string): NewestState<A> {
  const [state, setState] = useState<NewestState<A>>({ answer: null, problem: null, working: true, tookMs: null });
  const newest = useRef(question);
  const askNewest = useRef<() => void>(() => {});

  useEffect(() => {
    const answerer = open();
    let live = true;
    let busy = false;
    askNewest.current = () => {
      if (busy || !live) return;
      busy = true;
      const asked = newest.current;
      const startedMs = performance.now();
      answerer
        .ask(asked)
        .then((answer) => {
          if (!live) return;
          busy = false;
          const again = newest.current !== asked;
          const tookMs = performance.now() - startedMs;
          // drawing an answer may wait for the finger that asks for the next one
          startTransition(() =>
            setState((before) =>
              answer.ok
                ? { answer: answer.value, problem: null, working: again, tookMs }
                : { answer: before.answer, problem: answer.error, working: again, tookMs },
            ),
          );
          if (again) askNewest.current();
        })
        .catch(() => {
          busy = false;
          if (live) setState((before) => ({ ...before, working: false, problem: said("shared.plannerStopped") }));
        });
    };
    askNewest.current();
    return () => {
      live = false;
      answerer.close();
    };
  }, [open]);

  useEffect(() => {
    newest.current = question;
    askNewest.current();
  }, [question]);

  return state;
}
