import { sumOf } from "@/core/numeric";
import type { CardSpec } from "./card";
import { lotsFor, usableG, type Component } from "./components";
import type { CardWorld } from "./world";

export type Cost = {
  /** Cents a cover with the dearest and the cheapest lot that could serve it; null: something in it has no price. */
  readonly lowCents: number | null;
  readonly highCents: number | null;
  /** Labels of what has no price. */
  readonly unpriced: readonly string[];
  /** Cost over the price net of tax, per cent, with the dearest lot; null where either is not known. */
  readonly pctOfNet: number | null;
  readonly netPriceCents: number | null;
  /** The dearest lot raises it past the house's target. */
  readonly overTarget: boolean;
};

/** The price without its tax, cents. */
export const netOfTax = (priceCents: number, vatPct: number): number => priceCents / (1 + vatPct / 100);

/** What a cover costs: its parts, and the house's figure for salt, oil, lemon and bread. */
export function costOf(card: CardSpec, world: CardWorld, components: readonly Component[]): Cost {
  const { vatPct, extraCents, targetPct } = world.money;
  const others = components.filter(({ role }) => role !== "piece");
  const lots = lotsFor(card, world.lots).map((lot) => (lot.remainingCents * card.piece.massG) / usableG(card, lot));
  const unpriced = components.filter(({ cents }) => cents === null).map(({ label }) => label);
  const rest = sumOf(others, ({ cents }) => cents ?? 0) + extraCents;
  const whole = unpriced.length === 0;
  const highCents = whole ? Math.max(...lots) + rest : null;
  const netPriceCents = card.priceCents === null ? null : netOfTax(card.priceCents, vatPct);
  const pctOfNet = highCents === null || !netPriceCents ? null : (100 * highCents) / netPriceCents;
  return {
    lowCents: whole ? Math.min(...lots) + rest : null,
    highCents,
    unpriced,
    pctOfNet,
    netPriceCents,
    overTarget: pctOfNet !== null && pctOfNet > targetPct,
  };
}

/** A lot's cost for each portion that was sold: the bill less what was credited, over portions sold; what was wasted is carried by the others. */
export const centsPerSold = (
  billCents: number,
  creditCents: number,
  portions: number,
  wasted: number,
): number | null => (portions - wasted > 0 ? (billCents - creditCents) / (portions - wasted) : null);
