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
  /** The school of that way; absent: what the stove opens with at this thickness. */
  readonly schoolId?: string | undefined;
  /** The middle aimed at, °C; absent: the usual one of the animal, or what the rule wants where it is cooked through. */
  readonly centreC?: number | undefined;
  /** Its middle is left under what the rule calls cooked, on purpose. */
  readonly underCooked: boolean;
  /** Skin stays crisp: nothing wet goes on it. */
  readonly crispSkin: boolean;
  readonly skewered: boolean;
  /** On the bone or in the shell: its grams are those of the whole. */
  readonly boneIn: boolean;
  /** It lies in cure before it is served; absent: it does not. */
  readonly cured?: boolean | undefined;
};

/** Where a part lies on the plate, mm from its middle: right and towards the guest are positive. */
export type PlatePlace = { readonly part: string; readonly xMm: number; readonly yMm: number };

/** Whose work a part is: a cook by name, or a post ("larder"). */
export type PartHands = { readonly part: string; readonly who: string };

/** The parts of a card that someone's hands make: its piece, its sauce, what leans on it (by preparation), its finish. */
export const handsParts = ({ sauce, garnishes, finish }: CardSpec): readonly string[] => [
  "piece",
  ...(sauce ? ["sauce"] : []),
  ...new Set(garnishes.map(({ preparationId }) => preparationId)),
  ...(finish.length > 0 ? ["finish"] : []),
];

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
  /** Parts that were moved; the others lie where they usually do. */
  readonly layout?: readonly PlatePlace[] | undefined;
  /** Whose hands a part wants; a part that is not named: whoever is on. */
  readonly hands?: readonly PartHands[] | undefined;
};

export const PLATE_SECONDS = { usual: 40, least: 10, most: 240 } as const;
