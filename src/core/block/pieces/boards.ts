import type { AllergenId } from "@/core/safety";
import { keyed } from "@/core/shared";
import type { Species } from "@/core/species";
import { allergenOf, isFinfish } from "@/core/species";

/** What a board is for. */
export const BOARD_USES = keyed(
  "boards",
  {
    "raw-fish": "Raw fish",
    "raw-shellfish": "Raw shellfish",
    "raw-plates": "Fish served raw",
    "cooked-fish": "Cooked fish and shellfish",
  } as const,
  [],
);
export type BoardUse = keyof typeof BOARD_USES;
export const BOARD_USE_IDS = Object.keys(BOARD_USES) as [BoardUse, ...BoardUse[]];

export const BOARD_COLOUR_IDS = ["blue", "teal", "white", "yellow", "green", "red", "brown", "purple"] as const;
export type BoardColour = (typeof BOARD_COLOUR_IDS)[number];

export type BoardScheme = Readonly<Record<BoardUse, BoardColour>>;

/** Blue for raw seafood is the usual one, schemes vary by house; yellow for cooked (common practice, high). */
export const USUAL_BOARDS: BoardScheme = {
  "raw-fish": "blue",
  "raw-shellfish": "blue",
  "raw-plates": "white",
  "cooked-fish": "yellow",
};

/** The board for this work. */
export function boardUseFor({ group }: Pick<Species, "group">, form: string, servedRaw = false): BoardUse {
  if (servedRaw) return "raw-plates";
  if (form === "cooked" || form === "picked" || form === "smoked") return "cooked-fish";
  return isFinfish(group) || group === "roe" ? "raw-fish" : "raw-shellfish";
}

export type BoardWork = {
  readonly atMs: number;
  readonly colour: BoardColour;
  readonly allergen: AllergenId | null;
  readonly what: string;
};
export type BoardWash = { readonly atMs: number; readonly colour: BoardColour };

export type CrossContact = { readonly allergen: AllergenId; readonly what: string; readonly atMs: number };

/** What lay on a board since it was last washed and would carry another allergen onto `next`. */
export function crossContacts(
  work: readonly BoardWork[],
  washes: readonly BoardWash[],
  next: { readonly colour: BoardColour; readonly allergen: AllergenId | null; readonly atMs: number },
): readonly CrossContact[] {
  const washedMs = Math.max(
    -Infinity,
    ...washes.filter(({ colour, atMs }) => colour === next.colour && atMs <= next.atMs).map(({ atMs }) => atMs),
  );
  const found = new Map<string, CrossContact>();
  for (const { colour, allergen, atMs, what } of work)
    if (
      colour === next.colour &&
      atMs > washedMs &&
      atMs <= next.atMs &&
      allergen !== null &&
      allergen !== next.allergen
    )
      found.set(allergen, { allergen, what, atMs });
  return [...found.values()];
}

export const boardAllergen = ({ group }: Pick<Species, "group">): AllergenId | null => allergenOf(group);
