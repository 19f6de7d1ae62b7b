import type { Literals } from "./engine";

/** A task on a resource: the side of its start, how long it holds how much. */
export type Held = {
  readonly start: number;
  readonly minutes: number;
  readonly units: number;
  readonly state: string | null;
};

/** It certainly runs at that moment: no later than it, and not over before. */
export const runsAt = (start: number, minutes: number, moment: number): Literals => [
  start ^ 1,
  -moment,
  start,
  moment - minutes + 1,
];

/** Sorts a list of indices by a key, fast where it is nearly sorted already. */
export function sortNearlySorted(list: number[], key: Float64Array): void {
  for (let at = 1; at < list.length; at++) {
    const one = list[at]!;
    const value = key[one]!;
    let to = at;
    for (; to > 0 && key[list[to - 1]!]! > value; to--) list[to] = list[to - 1]!;
    list[to] = one;
  }
}
