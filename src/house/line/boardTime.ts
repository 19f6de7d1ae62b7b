import { nextStep, STEP_MS } from "./step";

/** A moment that was dragged by so much, on the steps of the line and not before now. */
export const draggedTo = (ms: number, byMs: number, nowMs: number): number =>
  Math.max(nextStep(nowMs) * STEP_MS, Math.round((ms + byMs) / STEP_MS) * STEP_MS);

const LEAST_SPAN_MS = 10 * 60_000;

/** How much time the board shows: until its last bar is over, and a little more. */
export const boardSpanMs = (lastMs: number, nowMs: number): number => Math.max(LEAST_SPAN_MS, (lastMs - nowMs) * 1.05);

/** The narrowest the board is drawn, and the least a finger can hit on it, px: WCAG 2.2, 2.5.8. */
export const BOARD_MIN_PX = 480;
export const TARGET_PX = 24;

/** Spans put on as few lines as keep them apart, each drawn no narrower than a finger. */
export function onLinesApart<T>(
  items: readonly T[],
  span: (item: T) => { readonly startMs: number; readonly endMs: number },
  leastMs: number,
): readonly (readonly T[])[] {
  const lines: { endMs: number; readonly items: T[] }[] = [];
  for (const item of items) {
    const { startMs, endMs } = span(item);
    const drawnEndMs = Math.max(endMs, startMs + leastMs);
    const free = lines.find((line) => line.endMs <= startMs);
    if (free) {
      free.items.push(item);
      free.endMs = drawnEndMs;
    } else lines.push({ endMs: drawnEndMs, items: [item] });
  }
  return lines.map((line) => line.items);
}
