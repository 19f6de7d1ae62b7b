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

/** Where a straight piece of a log crosses `atC`. */
export function crossingTime([fromT, fromC]: LogPoint, [toT, toC]: LogPoint, atC: number): number {
  return fromC === toC ? toT : fromT + ((atC - fromC) / (toC - fromC)) * (toT - fromT);
}

/** Total time within one straight piece during which the temperature is at or below `limitC`. */
function pieceAtOrBelow(from: LogPoint, to: LogPoint, limitC: number): number {
  const [inAtStart, inAtEnd] = [from[1] <= limitC, to[1] <= limitC];
  if (inAtStart && inAtEnd) return to[0] - from[0];
  if (!inAtStart && !inAtEnd) return 0;
  const crossing = crossingTime(from, to, limitC);
  return inAtStart ? crossing - from[0] : to[0] - crossing;
}

/** Time at or below `limitC`, counted from `fromTime` on. */
export function timeAtOrBelow(log: readonly LogPoint[], limitC: number, fromTime = -Infinity): number {
  let total = 0;
  for (const [index, to] of log.entries()) {
    const before = log[index - 1];
    if (!before || to[0] <= fromTime) continue;
    const from: LogPoint = before[0] >= fromTime ? before : [fromTime, valueAt(before, to, fromTime)];
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

function valueAt([fromT, fromC]: LogPoint, [toT, toC]: LogPoint, time: number): number {
  return toT === fromT ? toC : fromC + ((time - fromT) / (toT - fromT)) * (toC - fromC);
}

/** First time at or below `limitC`; null when it never gets there. */
export function firstAtOrBelow(log: readonly LogPoint[], limitC: number): number | null {
  for (const [index, to] of log.entries()) {
    if (to[1] > limitC) continue;
    const from = log[index - 1];
    return from && from[1] > limitC ? crossingTime(from, to, limitC) : to[0];
  }
  return null;
}
