import type { MethodId } from "@/core/cooking";
import type { Portion } from "@/core/butter";

const of = (ingredientId: string, massG: number): Portion => ({ ingredientId, massG });

const BASTE = [of("rapeseed-oil", 6), of("butter", 12)] as const;
const OIL = [of("rapeseed-oil", 6)] as const;
/** A bath of butter is used again: what clings to a piece. */
const BUTTER_BATH = [of("butter", 18)] as const;
const CRUMB = [of("breadcrumbs", 8), of("egg-yolk", 5), of("butter", 12)] as const;

/**
 * What a way of cooking itself puts on a piece, g a cover: basting butter, dusting flour, batter, the fryer's oil. This is where milk and
 * gluten hide. Amounts: common practice (memory, low); allergens come from the goods and hold whatever the amount.
 */
export const COOKING_MEDIA: Partial<Readonly<Record<MethodId, readonly Portion[]>>> = {
  "skin-turned": BASTE,
  "skin-unturned": BASTE,
  "skin-then-oven": OIL,
  meuniere: [of("wheat-flour", 8), of("butter", 25)],
  "floured-grill": [of("wheat-flour", 8), of("rapeseed-oil", 5)],
  "plain-grill": OIL,
  plancha: OIL,
  "herb-first": OIL,
  "hot-plate": OIL,
  wrapped: OIL,
  "bread-crusted": [of("wheat-flour", 8), of("butter", 12)],
  "crab-cake": CRUMB,
  "scallop-sear": [of("butter", 10), of("rapeseed-oil", 4)],
  langoustine: [of("butter", 12)],
  "steam-broil": [of("butter", 12), of("wheat-flour", 5)],
  "open-shells": [of("white-wine", 40)],
  "butter-poach": BUTTER_BATH,
  "butter-warm": BUTTER_BATH,
  "stock-butter": [of("butter", 12), of("fish-stock", 15)],
  "shallow-poach": [of("white-wine", 25), of("butter", 8), of("fish-stock", 25)],
  "deep-fry": [of("wheat-flour", 18), of("egg-yolk", 4), of("butter", 2), of("rapeseed-oil", 14)],
  "oil-confit": [of("olive-oil", 12)],
  broil: OIL,
  "roast-bone": OIL,
  "roast-whole": OIL,
};

/** Common goods the ways of cooking use: what a house buys in their place is told from its label. */
export const MEDIA_GOODS: readonly string[] = [
  ...new Set(Object.values(COOKING_MEDIA).flatMap((portions) => portions.map(({ ingredientId }) => ingredientId))),
];

/** Cooked in the fryer: what went through it before counts. */
export const IN_THE_FRYER: readonly MethodId[] = ["deep-fry"];
