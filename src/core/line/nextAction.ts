import type { LotLife } from "@/core/freshness";
import { type Said } from "@/core/shared";

export type CookInHand = {
  readonly id: string;
  readonly title: string;
  readonly stage: string;
  /** Name of the stage that follows; null: it is served. */
  readonly next: string | null;
  readonly remainingS: number;
};
export type LotInHand = {
  readonly id: string;
  readonly title: string;
  readonly massG: number;
  /** Finfish that lies ready for the knife. */
  readonly cuttable: boolean;
  /** What is left of it cost. */
  readonly valueCents: number;
  readonly life: LotLife;
};
export type BatchInHand = { readonly id: string; readonly title: string; readonly portions: number };

export type HoldInHand = {
  readonly id: string;
  readonly lotId: string;
  readonly title: string;
  readonly needs: Said;
};
export type WarmPlace = {
  readonly placeId: string;
  readonly name: string;
  readonly celsius: number;
  readonly limitC: number;
};

/** A dish that waits hot and is due: to be probed, or its time is up. */
export type HotInHand = {
  readonly id: string;
  readonly title: string;
  readonly over: boolean;
  /** A sauce in the bain, not a dish. */
  readonly sauce?: boolean;
};

export type NextAction =
  | { readonly kind: "hot-due"; readonly hot: HotInHand }
  | { readonly kind: "stage-due"; readonly cook: CookInHand }
  | { readonly kind: "watch-cook"; readonly cook: CookInHand }
  | { readonly kind: "warm-place"; readonly place: WarmPlace }
  | { readonly kind: "hold-due"; readonly hold: HoldInHand }
  | { readonly kind: "clear-lot"; readonly lot: LotInHand }
  | { readonly kind: "use-lot"; readonly lot: LotInHand }
  | { readonly kind: "cook-batch"; readonly batch: BatchInHand }
  | { readonly kind: "cut-lot"; readonly lot: LotInHand }
  | { readonly kind: "receive" };

/** Days left below which a lot goes before anything that can wait. */
const URGENT_DAYS = 1;

const leftOf = ({ life }: LotInHand) => life.daysLeft ?? Infinity;

/** Lots in the order to use them: least life first, the heavier of two alike. */
export const firstToUse = <T extends LotInHand>(lots: readonly T[]): readonly T[] =>
  [...lots].sort((a, b) => leftOf(a) - leftOf(b) || b.massG - a.massG);

export type Watch = {
  readonly holdsDue: readonly HoldInHand[];
  readonly warm: readonly WarmPlace[];
  readonly hotDue: readonly HotInHand[];
};
const NOTHING_TO_WATCH: Watch = { holdsDue: [], warm: [], hotDue: [] };

/**
 * The one thing to do now: what is on the fire, then a dish that has waited too long, then a place that is warm, then what is over, a hold that has ended, what must go
 * today, what is ready.
 */
export function nextAction(
  cooks: readonly CookInHand[],
  lots: readonly LotInHand[],
  batches: readonly BatchInHand[],
  { holdsDue, warm, hotDue }: Watch = NOTHING_TO_WATCH,
): NextAction {
  const soonest = [...cooks].sort((a, b) => a.remainingS - b.remainingS)[0];
  if (soonest && soonest.remainingS <= 0) return { kind: "stage-due", cook: soonest };
  if (soonest) return { kind: "watch-cook", cook: soonest };
  const hot = hotDue.find(({ over }) => over) ?? hotDue[0];
  if (hot) return { kind: "hot-due", hot };
  if (warm[0]) return { kind: "warm-place", place: warm[0] };
  const ordered = firstToUse(lots);
  const over = ordered.find(({ life }) => life.use === "over");
  if (over) return { kind: "clear-lot", lot: over };
  if (holdsDue[0]) return { kind: "hold-due", hold: holdsDue[0] };
  const urgent = ordered.find((lot) => lot.life.use === "cook-today" || leftOf(lot) <= URGENT_DAYS);
  if (urgent) return { kind: "use-lot", lot: urgent };
  const batch = batches[0];
  if (batch) return { kind: "cook-batch", batch };
  const first = ordered.find(({ cuttable }) => cuttable);
  return first ? { kind: "cut-lot", lot: first } : { kind: "receive" };
}
