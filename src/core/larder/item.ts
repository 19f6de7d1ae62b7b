import type { AllergenId } from "@/core/safety";
import type { AllergenState } from "./allergens";

/** What is stored of an item beside its name: of a part its species and form, of a good its label, of a preparation its ingredient. */
export type ItemFacts = {
  readonly speciesId?: string;
  readonly form?: string;
  readonly partLabel?: string | null;
  /** The row of the ingredient table it is like. */
  readonly ingredientId?: string;
  /** The base of a sauce, to be mounted. */
  readonly isBase?: boolean;
  /** What the house pays for a good. */
  readonly centsPerKg?: number;
  /** Its whole label, as `house/goods` reads it. */
  readonly good?: unknown;
  /** The common good the house cooks with this one instead of. */
  readonly standsFor?: string;
  /** No longer bought; what was made with it still names it. */
  readonly retired?: boolean;
  /** The preparation it is, counted in portions of so much where it has them. */
  readonly preparationId?: string;
  readonly portionG?: number;
  /** Fewer portions, or grams where it has none, ask for more. */
  readonly parCount?: number;
  /** As the label says; what it does not say is not known. */
  readonly allergens?: Partial<Readonly<Record<AllergenId, AllergenState>>>;
};

/** What is known of a spot: the heat it gives its pan, W, the surface of its water, its usual temperature. */
export type SpotFacts = {
  readonly netPowerW?: number;
  readonly areaM2?: number;
  readonly usualC?: number;
};

/** The id of the item a part of a species is. */
export const partItemId = (speciesId: string, form: string, partLabel: string | null): string =>
  `part:${speciesId}:${form}:${partLabel ?? ""}`;
