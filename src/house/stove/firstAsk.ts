import { openingOf, type UsualPiece } from "@/core/cooking";
import type { Species } from "@/core/species";
import type { CookAskInput } from "./cookAsk";

/** What a bench opens on for this animal: its everyday way, its own doneness, as many as go in. */
export function firstAsk(species: Species, piece: Partial<UsualPiece>, available: number): CookAskInput {
  const { methodId, schoolId, form, shape, sizeMm, skin, startC, goal, pieces } = openingOf(species, piece, available);
  return {
    methodId,
    ...(schoolId === null ? {} : { schoolId }),
    kit: {},
    form,
    shape,
    sizeMm,
    skin,
    startC,
    panId: "steel-26",
    goal,
    pieces,
  };
}
