import type { SauceSpec, Shelf } from "@/core/butter";
import type { Allergens } from "@/core/larder";
import type { AllergenId, RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";

/** A lot of seafood as a card asks of it. */
export type CardLot = {
  readonly id: string;
  readonly code: string;
  readonly title: string;
  readonly source: string;
  readonly species: Species;
  /** As it lies there, and what of it reaches the pan or the plate off the bone or out of the shell. */
  readonly grossG: number;
  readonly edibleG: number;
  /** The same with the skin on, for what is eaten with it. */
  readonly skinOnG: number;
  readonly remainingCents: number;
  /** Days left for cooking and for raw plates; null: neither runs out. */
  readonly cookDaysLeft: number | null;
  /** Its life is over: it serves nothing, cooked or raw. */
  readonly over: boolean;
  readonly frozen: boolean;
  /** Cleared for raw plates by the rule of the house. */
  readonly rawCleared: boolean;
  /** What was put on it: sulphites of treated shrimp and the like. */
  readonly brings: readonly AllergenId[];
  /** What lay on its board since that was last washed, for cooking and for raw plates: it may be on it. */
  readonly touched: { readonly cook: readonly AllergenId[]; readonly raw: readonly AllergenId[] };
};

/** A made lot that is there: a base, a stock, something of the shelf. */
export type CardMade = {
  readonly code: string;
  readonly lotId: string;
  readonly allergens: Allergens | null;
  readonly centsPerKg: number;
};

/** Everything a card is joined from, as it stands now. */
export type CardWorld = {
  readonly ruleSetId: RuleSetId;
  readonly shelf: Shelf;
  readonly speciesOf: (id: string) => Species | undefined;
  readonly sauceOf: (specId: string) => SauceSpec | undefined;
  readonly lots: readonly CardLot[];
  /** The sauce that is mounted or whose base is kept. */
  readonly madeSauces: ReadonlyMap<string, CardMade>;
  readonly madePreparations: ReadonlyMap<string, CardMade>;
  /** Goods the house has lots of its own of: its stock, its oils. What they hold is what their lots hold. */
  readonly madeGoods: ReadonlyMap<string, CardMade>;
  /** A bought good the house cooks with in place of a common one: common to bought. */
  readonly standIns: ReadonlyMap<string, string>;
  /** Cents a kilo of a good; missing: nobody said. */
  readonly goodsCents: ReadonlyMap<string, number>;
  /** What went through the fryer since its oil was changed. */
  readonly inFryer: readonly AllergenId[];
  readonly money: CardMoney;
};

export type CardMoney = {
  /** Of the price, per cent. */
  readonly vatPct: number;
  /** Salt, oil, lemon, bread: a figure of the house, cents a cover. */
  readonly extraCents: number;
  /** Cost over price net of tax above which a dish is said to be too dear, per cent. */
  readonly targetPct: number;
};
