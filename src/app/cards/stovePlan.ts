import { lotsFor, type CardSpec, type CardWorld } from "@/core/cards";
import type { CookPlan, SheetRequest } from "@/core/cooking";
import type { Said } from "@/core/shared";
import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { listOwnSpecies } from "@/db/house/species";
import { cardQuestion } from "@/house/cards/cardPlan";
import { workOut } from "@/server/pool";
import { filmsOfPan } from "../stove/films";

const NONE = { plan: null, why: null, question: null } as const;

/** What the stove plans for the piece of a card, worked out in a thread of its own; nothing where it is raw or no thread is free. */
export async function stovePlan(
  card: CardSpec,
  world: CardWorld,
  house: House,
  pieces = 1,
): Promise<{
  readonly plan: CookPlan | null;
  readonly why: Said | null;
  readonly question: SheetRequest | null;
}> {
  const species = lotsFor(card, world.lots)[0]?.species ?? world.speciesOf(card.piece.speciesIds[0] ?? "");
  if (!species) return NONE;
  const own = listOwnSpecies(db());
  const question = cardQuestion(card.piece, species, {
    ruleSetId: house.ruleSetId,
    own,
    ...filmsOfPan(db(), "steel-26"),
  });
  if (!question) return NONE;
  const worked = await workOut("house", "plan", { ...question, pieces });
  if (!worked.ok) return { ...NONE, question };
  return worked.value.ok
    ? { plan: worked.value.value, why: null, question }
    : { plan: null, why: worked.value.error, question };
}
