import { sumOf } from "@/core/numeric";
import type { Excursion } from "./excursions";

/** What can be done about a place outside its limits. What is claimed here was done or measured; words alone are `said`. */
export type CorrectiveAct =
  | { readonly kind: "said" }
  /** The warmest fish there, °C in its middle. */
  | { readonly kind: "probed"; readonly warmestC: number }
  /** Everything that lies there goes to another place. */
  | { readonly kind: "moved"; readonly toPlaceId: string }
  /** What the histamine rule gave up is thrown away. */
  | { readonly kind: "thrown" };
export type CorrectiveKind = CorrectiveAct["kind"];

/**
 * Whether an act answers the excursion. A fish that was probed above the limit is a finding, not an answer: it has to be moved or thrown
 * away (common practice).
 */
export const answersIt = (
  { kind, readingC }: { readonly kind: CorrectiveKind; readonly readingC: number | null },
  { side, limitC }: Pick<Excursion, "side" | "limitC">,
): boolean => kind !== "probed" || side === "cold" || (readingC !== null && readingC <= limitC);

/**
 * Where an excursion stands. Its alarm ends when the place is back inside its limits and it was answered; words alone do not end it
 * while the place is still out.
 */
export type AlarmState = "out" | "stillOut" | "unanswered" | "over";

export function alarmState(excursion: Pick<Excursion, "open">, answered: boolean): AlarmState {
  if (excursion.open) return answered ? "stillOut" : "out";
  return answered ? "over" : "unanswered";
}

/** What a stretch outside the limits did to what lay there. */
export type ExcursionLoss = {
  /** Worth of the lots the histamine rule gave up, cents. */
  readonly histamineCents: number;
  /** Lots the histamine rule gave up. */
  readonly histamineLots: number;
  /** Worth of the life the others lost, cents. */
  readonly lifeCents: number;
};

/** What it did to each lot, in one. */
export function lossOf(
  touched: readonly { readonly lostCents: number; readonly overHistamine: boolean }[],
): ExcursionLoss {
  const sum = (wanted: boolean) =>
    sumOf(
      touched.filter(({ overHistamine }) => overHistamine === wanted),
      (one) => one.lostCents,
    );
  return {
    histamineCents: sum(true),
    histamineLots: touched.filter(({ overHistamine }) => overHistamine).length,
    lifeCents: sum(false),
  };
}

/** The order to look at them: what can make a guest ill first, then what cost most. */
export const worstFirst = (a: ExcursionLoss, b: ExcursionLoss): number =>
  Math.sign(b.histamineLots) - Math.sign(a.histamineLots) ||
  b.histamineCents - a.histamineCents ||
  b.lifeCents - a.lifeCents;

/** Worth of the life a lot of fish lost, cents: the share of what it had left before. Null days left: it keeps, nothing was lost. */
export const lifeCents = (valueCents: number, lostDays: number, daysLeft: number | null): number =>
  daysLeft === null || lostDays <= 0 ? 0 : valueCents * Math.min(1, lostDays / (Math.max(0, daysLeft) + lostDays));
