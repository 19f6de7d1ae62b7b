import { MINUTE_MS } from "@/core/units";

/** Until a course is called its moment is a guess: so many minutes after the course before left (common practice: 20 to 25). */
export const NEXT_COURSE_MIN = { from: 20, to: 25 } as const;

export type CourseTimes = {
  readonly calledAtMs: number | null;
  readonly promisedAtMs: number | null;
  readonly goneAtMs: number | null;
};
export type Guess = { readonly fromMs: number; readonly toMs: number };

/** When a course on hold will likely be wanted, from the one before it; null: nothing is known of that one either. */
export function guessOf(before: CourseTimes): Guess | null {
  const leavesMs = before.goneAtMs ?? before.promisedAtMs;
  return leavesMs === null
    ? null
    : { fromMs: leavesMs + NEXT_COURSE_MIN.from * MINUTE_MS, toMs: leavesMs + NEXT_COURSE_MIN.to * MINUTE_MS };
}
