import { assertInOrder, type LogPoint } from "./trace";

/** First-order kill: decimal time at a reference temperature, and the degrees that change it tenfold. */
export type LethalReference = { readonly dMin: number; readonly tRefC: number; readonly zC: number };

export type Lethality = {
  /** Minutes at the reference temperature that kill as much. */
  readonly equivalentMin: number;
  readonly logReduction: number;
};

/**
 * Lethality of a trace (seconds, °C; straight lines between points): the integral of 10^((T - Tref)/z), exact on each line, as a ramp
 * integrates to (L2 - L1) z / (ln 10 · slope). The log reduction divides it by D.
 */
export function lethality(trace: readonly LogPoint[], { dMin, tRefC, zC }: LethalReference): Lethality {
  assertInOrder(trace);
  const rate = (pointC: number) => 10 ** ((pointC - tRefC) / zC);
  let seconds = 0;
  for (const [index, [toS, toC]] of trace.entries()) {
    const before = trace[index - 1];
    if (!before) continue;
    const [fromS, fromC] = before;
    const decades = (toC - fromC) / zC;
    // a nearly level piece would divide nought by nought
    const mean = Math.abs(decades) < 1e-6 ? rate((fromC + toC) / 2) : (rate(toC) - rate(fromC)) / (Math.LN10 * decades);
    seconds += (toS - fromS) * mean;
  }
  const equivalentMin = seconds / 60;
  return { equivalentMin, logReduction: equivalentMin / dMin };
}
