import { RateLimiterMemory } from "rate-limiter-flexible";
import { waitAfterS } from "@/house/people";

/** Wrong tries are remembered so long after the last one, s. */
const REMEMBERED_S = 15 * 60;
const wrongOnes = new RateLimiterMemory({ points: Number.MAX_SAFE_INTEGER, duration: REMEMBERED_S });
const waits = new RateLimiterMemory({ points: 1, duration: 1 });

let last: Promise<unknown> = Promise.resolve();

/** Tries are taken one after the other: a hundred sent at once would all be asked before the first of them counted as wrong. */
export function inTurn<T>(attempt: () => Promise<T>): Promise<T> {
  const mine = last.then(attempt);
  last = mine.catch(() => undefined);
  return mine;
}

/** How long, s, the next try of these has to wait: of a person, of a tablet. 0: none. */
export async function waitOf(keys: readonly string[]): Promise<number> {
  const found = await Promise.all(keys.map((key) => waits.get(key)));
  return Math.max(0, ...found.map((one) => (one && one.remainingPoints <= 0 ? Math.ceil(one.msBeforeNext / 1000) : 0)));
}

/** One more wrong try: the next waits longer. */
export async function wrongTry(keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    const { consumedPoints } = await wrongOnes.penalty(key);
    const waitS = waitAfterS(consumedPoints);
    if (waitS > 0) await waits.block(key, waitS);
  }
}

/** The right one was typed: what was wrong before is forgotten. */
export async function rightTry(keys: readonly string[]): Promise<void> {
  for (const key of keys) {
    await wrongOnes.delete(key);
    await waits.delete(key);
  }
}
