import { planSauce, type SauceSpec } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { plateShapes } from "./plateDrawing";
import { stoveOf } from "./sauceSpec";
import { usualStove } from "./tonight";

/** Pieces share a pan up to two thirds of its base (common practice, high). */
const PAN_SHARE = 2 / 3;
const PAN_MM = 300;
/** Burners that can carry pans of fish at once while a sauce has its own (common practice). */
const PANS_AT_ONCE = 3;

export type ForMany = {
  /** Null: nothing is fried. */
  readonly pans: {
    readonly count: number;
    readonly eachHolds: number;
    readonly panMm: number;
    /** Rounds, with three pans at once. */
    readonly rounds: number;
  } | null;
  readonly batches: number;
  readonly base: { readonly seconds: number; readonly panMm: number } | null;
  readonly garnishG: number;
  readonly plateMin: number;
};

/** What so many covers take: pans by how many pieces lie in one, batches of sauce, its base in the pan that fits, plating. */
export function forMany(card: CardSpec, sauce: SauceSpec | null, covers: number): ForMany {
  const { piece } = plateShapes(card, 0, []);
  const eachHolds = Math.max(
    1,
    Math.floor((PAN_SHARE * Math.PI * (PAN_MM / 2) ** 2) / (piece.lengthMm * piece.widthMm)),
  );
  const count = Math.ceil(covers / eachHolds);
  const stove = usualStove(covers);
  const plan = sauce && planSauce(sauce, covers, stoveOf(stove));
  const batch = plan?.ok ? plan.value.batch : null;
  return {
    pans:
      card.piece.methodId === null
        ? null
        : { count, eachHolds, panMm: PAN_MM, rounds: Math.ceil(count / PANS_AT_ONCE) },
    batches: plan?.ok ? plan.value.batches.length : 0,
    base: batch?.reduction
      ? { seconds: batch.reduction.secondsToBoil + batch.reduction.secondsReducing, panMm: stove.panMm }
      : null,
    garnishG: card.garnishes.reduce((sum, { massG }) => sum + massG, 0) * covers,
    plateMin: (card.plateSeconds * covers) / 60,
  };
}
