import type { Poured } from "../mixture";

export const LIQUID_KINDS = ["water", "stock", "wine", "spirit", "vinegar", "juice", "cream"] as const;
export type LiquidKind = (typeof LIQUID_KINDS)[number];

type Usual = Omit<Poured, "volumeMl">;

const PLAIN: Usual = { abvPct: 0, acidPct: 0, acetic: false, saltPct: 0, solidsPct: 0, fatPct: 0 };

/**
 * What a liquid of each kind usually is, where its label was not read. Wine 12.5 %, tartaric and malic acid, dry; vinegar at the least
 * strength sold as wine vinegar; juice of lemons; unsalted fish stock; whipping cream (food tables and labels; memory, medium).
 */
export const USUAL_LIQUIDS: Readonly<Record<LiquidKind, Usual>> = {
  water: PLAIN,
  stock: { ...PLAIN, saltPct: 0.2, solidsPct: 2 },
  wine: { ...PLAIN, abvPct: 12.5, acidPct: 0.6, solidsPct: 2 },
  spirit: { ...PLAIN, abvPct: 40 },
  vinegar: { ...PLAIN, acidPct: 6, acetic: true, solidsPct: 1 },
  juice: { ...PLAIN, acidPct: 5, solidsPct: 4 },
  cream: { ...PLAIN, acidPct: 0.1, solidsPct: 5, fatPct: 36 },
};
