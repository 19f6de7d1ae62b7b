import type { CardPiece } from "@/core/cards";
import {
  usualGoal,
  usualSchool,
  type AskedGoal,
  type CookForm,
  type MethodId,
  type SheetRequest,
} from "@/core/cooking";
import type { Species } from "@/core/species";
import { firstAsk } from "../stove/firstAsk";
import { questionOf } from "../stove/question";

/** Cooked through is what the rule wants; else the middle the card asks for, or the animal's usual one. */
function goalOf({ underCooked, centreC }: CardPiece, species: Species, methodId: MethodId, form: CookForm): AskedGoal {
  if (!underCooked) return { kind: "safe" };
  return centreC === undefined ? usualGoal(species, methodId, form) : { kind: "centre", targetC: centreC };
}

/** The question a card asks of the stove: its piece by its own way, everything else as the bench would open. Null: it is served raw. */
export function cardQuestion(
  piece: CardPiece,
  species: Species,
  house: Pick<SheetRequest, "ruleSetId" | "own" | "films">,
): SheetRequest | null {
  const { methodId, massG: pieceG, thicknessMm } = piece;
  if (methodId === null) return null;
  const { schoolId: _, ...opened } = firstAsk(species, {}, 1);
  const schoolId = piece.schoolId ?? usualSchool(methodId, thicknessMm);
  const ask = {
    ...opened,
    methodId,
    ...(schoolId === null ? {} : { schoolId }),
    sizeMm: thicknessMm,
    skin: piece.crispSkin,
    goal: goalOf(piece, species, methodId, opened.form ?? "piece"),
    pieces: 1,
  };
  const load = { pieceG, thicknessMm, thinnestMm: thicknessMm, thickestMm: thicknessMm };
  return questionOf({ speciesId: species.id, composition: species.compositionPct, prepared: null, load }, ask, house);
}
