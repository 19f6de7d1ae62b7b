import type { SheetRequest } from "./sheet";

/** Two portions of cod on their skin, as many tests ask for them. */
export const codQuestion = (part: Partial<SheetRequest> = {}): SheetRequest => ({
  speciesId: "cod",
  methodId: "skin-then-oven",
  kit: {},
  shape: { kind: "slab", thicknessMm: 28 },
  thinnestMm: 28,
  thickestMm: 28,
  skin: true,
  startC: 8,
  panId: "steel-26",
  goal: { kind: "doneness", targetC: 52 },
  pieces: 2,
  pieceG: 160,
  ruleSetId: "eu-853",
  ...part,
});
