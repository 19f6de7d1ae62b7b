import { normalBelow } from "@/core/numeric";

/**
 * Minutes at a stove scatter by a factor, not by a sum: how wide, as the deviation of its logarithm (common practice, low; a house's own
 * services take its place).
 */
export const USUAL_SPREAD = 0.12;

/** The standard normal's value under which four of five lie. */
const FOUR_OF_FIVE = 0.8416;

/** Seconds that are kept on four evenings of five, from the middle ones. */
export const keptSeconds = (medianS: number, spread = USUAL_SPREAD): number =>
  medianS * Math.exp(FOUR_OF_FIVE * spread);

/** Work that must be done by a moment: how long it usually takes, how long it has run, how long it may take altogether, s. */
export type Run = { readonly medianS: number; readonly ranS: number; readonly mayTakeS: number };

/** The chance that one pan is ready in time; what it has run already is known. Its pieces share its error. */
export function chanceOfRun({ medianS, ranS, mayTakeS }: Run, spread = USUAL_SPREAD): number {
  if (medianS <= 0) return 1;
  if (mayTakeS <= ranS) return 0;
  const at = (seconds: number) => (seconds <= 0 ? 0 : normalBelow(Math.log(seconds / medianS) / spread));
  const open = 1 - at(ranS);
  // it has run so long that it tells nothing any more: what is left is a toss
  return open < 1e-9 ? 0.5 : (at(mayTakeS) - at(ranS)) / open;
}

/** The chance that a table is up in time: its pans err each for itself. */
export const chanceInTime = (runs: readonly Run[], spread = USUAL_SPREAD): number =>
  runs.reduce((chance, run) => chance * chanceOfRun(run, spread), 1);
