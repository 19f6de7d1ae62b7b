import { sumOf } from "@/core/numeric";
import type { Form } from "@/core/freshness";
import type { Species } from "@/core/species";
import type { PartUse } from "./anatomy";

/** White fish, whole to gutted 85 %, farmed salmon 90 % (Torry Advisory Note 17, memory, high and medium). */
export const GUTTED_OF_WHOLE = { salmonid: 0.9, other: 0.85 } as const;
/** Gutted to headed and gutted: cod type 74 % (Torry Advisory Note 17), salmon 89 % (Crapo et al. 1993), memory, medium. */
export const HEADED_OF_GUTTED = { salmonid: 0.89, other: 0.74 } as const;
/** Pin-bone line and squaring of what comes as meat already: 6 % off (common practice, medium). */
const READY_SHARE = 0.94;
/** Cleaning left on a side whose skin-on yield is not known (common practice, low). */
const SIDE_SHARE = 0.88;

/** A printed yield (% of its species' basis) as a share of the weight of a finfish in this form. */
export function shareOfForm({ yield: printed, group }: Species, pct: number, form: Form): number {
  const kind = group === "salmonid" ? "salmonid" : "other";
  const ofBasis = pct / 100;
  const ungutted = printed.dressed === "ungutted";
  switch (form) {
    case "whole-ungutted":
      return ungutted ? ofBasis : ofBasis * GUTTED_OF_WHOLE[kind];
    case "whole-gutted":
      return ungutted ? ofBasis / GUTTED_OF_WHOLE[kind] : ofBasis;
    case "headed-gutted":
      return printed.dressed === "gutted" || printed.dressed === "headed"
        ? Math.min(0.95, ofBasis / HEADED_OF_GUTTED[kind])
        : ofBasis;
    default:
      return ofBasis;
  }
}

/** Share of the weight bought that reaches the pan, skin off or picked, by the form it comes in; nothing of bones and shells does. */
export function edibleShare(species: Species, form: Form): number {
  const { skinOnFilletPct, skinlessPct } = species.yield;
  const ofBasis = (skinlessPct ?? 100) / 100;
  switch (form) {
    case "whole-ungutted":
    case "whole-gutted":
    case "headed-gutted":
      return shareOfForm(species, skinlessPct ?? 100, form);
    case "side":
      return skinOnFilletPct === null ? SIDE_SHARE : ofBasis / (skinOnFilletPct / 100);
    case "live":
    case "raw-whole":
    case "cooked":
    case "tails":
    case "sacs":
      return ofBasis;
    case "by-product":
      return 0;
    default:
      return READY_SHARE;
  }
}

/** As {@link edibleShare} with the skin on, for pieces that are eaten with it. */
export function skinOnShare(species: Species, form: Form): number {
  const { skinOnFilletPct } = species.yield;
  const skinless = edibleShare(species, form);
  if (skinOnFilletPct === null) return skinless;
  switch (form) {
    case "whole-ungutted":
    case "whole-gutted":
    case "headed-gutted":
      return Math.max(skinless, shareOfForm(species, skinOnFilletPct, form));
    case "side":
      return Math.max(skinless, READY_SHARE);
    default:
      return skinless;
  }
}

export type EdibleCost = {
  readonly share: number;
  readonly centsPerEdibleKg: number;
  readonly centsPerPortion: number;
};

/** Price over yield, no credit for bones and trim: AP price / yield (common practice of costing). Null for what is not eaten. */
export function edibleCost(species: Species, form: Form, priceCentsPerKg: number): EdibleCost | null {
  const share = edibleShare(species, form);
  if (share === 0) return null;
  const centsPerEdibleKg = priceCentsPerKg / share;
  return { share, centsPerEdibleKg, centsPerPortion: (centsPerEdibleKg * species.portion.massG) / 1000 };
}

export type Bill = {
  readonly billCents: number;
  /** Ready to portion: sides less bones, trim and squaring. */
  readonly readyG: number;
  readonly portions: number;
  /** What is used elsewhere and what it is worth there. */
  readonly credits: readonly { readonly massG: number; readonly centsPerKg: number }[];
};

export type PortionCost = {
  readonly creditCents: number;
  readonly centsPerReadyKg: number;
  readonly centsPerPortion: number;
  /** The true one: it carries the tails and gives back what bones and trim are worth. */
  readonly centsPerPortionWithCredit: number;
};

/** As-purchased bill to the cost of a portion (arithmetic of costing). Null when nothing is left to sell. */
export function portionCost({ billCents, readyG, portions, credits }: Bill): PortionCost | null {
  if (!(readyG > 0) || !(portions > 0)) return null;
  const creditCents = sumOf(credits, ({ massG, centsPerKg }) => (massG / 1000) * centsPerKg);
  return {
    creditCents,
    centsPerReadyKg: (billCents / readyG) * 1000,
    centsPerPortion: billCents / portions,
    centsPerPortionWithCredit: (billCents - creditCents) / portions,
  };
}

/**
 * What a gram of each use is worth against a gram of portions: trim of raw grade 60-100 %, for cakes 30-50 % of fillet cost (common
 * practice, medium); bones about a thirtieth (0.80 against 24.47 a kilo in the usual example, low); the others between (low).
 */
const WORTH: Readonly<Record<PartUse, number>> = {
  portions: 1,
  raw: 0.8,
  cakes: 0.4,
  sauce: 0.4,
  grill: 0.25,
  crisp: 0.1,
  stock: 0.033,
  waste: 0,
};

/**
 * Shares a bill over what was cut, by weight times worth: no part is free that is used and no cent is lost. When everything is waste the
 * bill lies on it by weight.
 */
export function allocateBill(
  parts: readonly { readonly massG: number; readonly use: PartUse }[],
  billCents: number,
): readonly number[] {
  const worth = parts.map(({ massG, use }) => massG * WORTH[use]);
  const sum = worth.reduce((total, one) => total + one, 0);
  if (sum > 0) return worth.map((one) => (billCents * one) / sum);
  const massG = sumOf(parts, (one) => one.massG);
  return parts.map((one) => (massG > 0 ? (billCents * one.massG) / massG : 0));
}
