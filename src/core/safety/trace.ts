import { alongLine, crossing } from "@/core/numeric";
import { assert } from "@/core/shared";

/** A point of a temperature log: time in the unit of the rule (h or min) and °C. Straight lines between points. */
export type LogPoint = readonly [time: number, celsius: number];

/** Throws on times that run backwards: the edges refuse such a log before it gets here. */
export function assertInOrder(log: readonly LogPoint[]): void {
  for (const [index, [time]] of log.entries()) {
    const before = log[index - 1]?.[0] ?? -Infinity;
    assert(time >= before, `readings must be in time order, at ${time}`);
  }
}

/** Total time within one straight piece during which the temperature is at or below `limitC`. */
function pieceAtOrBelow(from: LogPoint, to: LogPoint, limitC: number): number {
  const [inAtStart, inAtEnd] = [from[1] <= limitC, to[1] <= limitC];
  if (inAtStart && inAtEnd) return to[0] - from[0];
  if (!inAtStart && !inAtEnd) return 0;
  const crossed = crossing(from, to, limitC);
  return inAtStart ? crossed - from[0] : to[0] - crossed;
}

/** Time at or below `limitC`, counted from `fromTime` on. */
export function timeAtOrBelow(log: readonly LogPoint[], limitC: number, fromTime = -Infinity): number {
  let total = 0;
  for (const [index, to] of log.entries()) {
    const before = log[index - 1];
    if (!before || to[0] <= fromTime) continue;
    const from: LogPoint = before[0] >= fromTime ? before : [fromTime, alongLine(before, to, fromTime)];
    total += pieceAtOrBelow(from, to, limitC);
  }
  return total;
}

/** Time strictly above `limitC`. */
export function timeAbove(log: readonly LogPoint[], limitC: number): number {
  const first = log[0];
  const last = log.at(-1);
  return first && last ? last[0] - first[0] - timeAtOrBelow(log, limitC) : 0;
}

/** First time at or below `limitC`; null when it never gets there. */
export function firstAtOrBelow(log: readonly LogPoint[], limitC: number): number | null {
  for (const [index, to] of log.entries()) {
    if (to[1] > limitC) continue;
    const from = log[index - 1];
    return from && from[1] > limitC ? crossing(from, to, limitC) : to[0];
  }
  return null;
}

/** The log in stretches whose readings stand no further apart than `widest`; a lone reading is a stretch of no length. */
export function withoutWideSteps(log: readonly LogPoint[], widest: number): readonly (readonly LogPoint[])[] {
  const stretches: LogPoint[][] = [];
  for (const point of log) {
    const open = stretches.at(-1);
    const last = open?.at(-1);
    if (open && last && point[0] - last[0] <= widest + 1e-9) open.push(point);
    else stretches.push([point]);
  }
  return stretches;
}

/** The widest step between two readings; 0 for one alone. */
export const widestStep = (log: readonly LogPoint[]): number =>
  log.reduce((widest, [time], index) => Math.max(widest, index === 0 ? 0 : time - log[index - 1]![0]), 0);

/** The part of a log up to `untilTime` and the part from it on, each with the value at the border. */
export function splitAt(log: readonly LogPoint[], atTime: number): readonly [before: LogPoint[], after: LogPoint[]] {
  const before = log.filter(([time]) => time <= atTime);
  const after = log.filter(([time]) => time > atTime);
  const [last, next] = [before.at(-1), after[0]];
  if (!last || !next) return [before, after];
  const border: LogPoint = [atTime, alongLine(last, next, atTime)];
  return [
    [...before, border],
    [border, ...after],
  ];
}

/** Every unbroken stretch strictly above `limitC`, as long as the straight lines between readings say. */
export function spellsAbove(
  log: readonly LogPoint[],
  limitC: number,
): readonly { readonly fromTime: number; readonly hours: number }[] {
  const spells: { fromTime: number; hours: number }[] = [];
  let since: number | null = log[0] && log[0][1] > limitC ? log[0][0] : null;
  for (const [index, to] of log.entries()) {
    const from = log[index - 1];
    if (!from) continue;
    if (since === null && to[1] > limitC) since = crossing(from, to, limitC);
    else if (since !== null && to[1] <= limitC) {
      spells.push({ fromTime: since, hours: crossing(from, to, limitC) - since });
      since = null;
    }
  }
  const last = log.at(-1);
  if (since !== null && last) spells.push({ fromTime: since, hours: last[0] - since });
  return spells;
}
