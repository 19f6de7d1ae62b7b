import type { MethodId } from "@/core/cooking";
import type { Portion } from "@/core/butter";

/** The piece of seafood of a dish, for one cover. */
export type CardPiece = {
  /** Any of these will do, the first for choice. */
  readonly speciesIds: readonly string[];
  readonly use: "cook" | "raw";
  /** As it goes into the pan or onto the plate, g. */
  readonly massG: number;
  readonly thicknessMm: number;
  /** How it is cooked; null: it is served raw. */
  readonly methodId: MethodId | null;
  /** Its middle is left under what the rule calls cooked, on purpose. */
  readonly underCooked: boolean;
  /** Skin stays crisp: nothing wet goes on it. */
  readonly crispSkin: boolean;
  readonly skewered: boolean;
  /** On the bone or in the shell: its grams are those of the whole. */
  readonly boneIn: boolean;
};

export type CardSpec = {
  readonly name: string;
  readonly piece: CardPiece;
  /** A sauce of the house; `apart`: beside the plate. Null: none. */
  readonly sauce: { readonly specId: string; readonly share: number; readonly apart: boolean } | null;
  readonly garnishes: readonly { readonly preparationId: string; readonly massG: number; readonly waits: boolean }[];
  /** Herbs, salt, oil, lemon at the pass. */
  readonly finish: readonly Portion[];
  /** What the guest pays, tax in it, cents; null: not said. */
  readonly priceCents: number | null;
  readonly plateSeconds: number;
  /** A special: for this day alone, YYYY-MM-DD; null: on the card until it is taken off. */
  readonly onlyOn: string | null;
};

export const PLATE_SECONDS = { usual: 40, least: 10, most: 240 } as const;
