import { everydayMethod, shapeFor, targetCentreC, USUAL_DONENESS, type PieceShape } from "@/core/cooking";
import type { Species } from "@/core/species";
import type { CookAskInput } from "./schema";

type Piece = {
  readonly shape: PieceShape["kind"];
  readonly sizeMm: number;
  readonly massG: number;
  readonly startC: number;
  readonly pieces: number;
};

/** What usually goes in together: four fillets, six scallops or tails, a potful of shells (common practice). */
const MOST_AT_ONCE: Readonly<Record<PieceShape["kind"], number>> = {
  slab: 4,
  cylinder: 6,
  puck: 6,
  tube: 4,
  sphere: 40,
};
/** From the refrigerator to the pan a piece has lost some of its chill. */
export const AT_THE_PAN_C = 8;

/** What a bench opens on for this animal: its everyday way, its usual doneness. */
export function firstAsk(species: Species, { shape, sizeMm, massG, startC, pieces }: Piece): CookAskInput {
  const fish = shape === "slab";
  const { donenessGroup } = species;
  return {
    methodId: everydayMethod(species, shapeFor(shape, sizeMm, massG, species.compositionPct), fish),
    kit: {},
    shape,
    sizeMm,
    skin: fish,
    startC,
    panId: "steel-26",
    goal:
      donenessGroup === "tuna"
        ? { kind: "centre", targetC: 32 }
        : { kind: "doneness", targetC: targetCentreC(donenessGroup, USUAL_DONENESS[donenessGroup]) },
    pieces: Math.min(pieces, MOST_AT_ONCE[shape]),
  };
}

/** One whole piece as it is counted out of a lot: shells by the count, the rest as the species table has its portion. */
export function countedPiece({ portion, donenessGroup }: Species): { readonly sizeMm: number; readonly massG: number } {
  const { shape, thicknessMm, massG } = portion;
  // the table's portion of shells is a plateful; one shell weighs about what its size says
  const single = shape === "sphere" && massG > 60 ? 0.9e-3 * thicknessMm ** 3 * 4 : massG;
  return { sizeMm: thicknessMm, massG: donenessGroup === "scallop" && shape === "puck" ? massG / 3 : single };
}
