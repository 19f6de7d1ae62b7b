import { cardSpecs } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { recipesOf } from "@/exchange/recipe";
import { worldFor } from "../../../cards/cardData";
import { recipeFacts } from "../recipeFacts";
import { noHouseYet } from "../../problem";

/** Every card of the house as schema.org Recipe, as it would be served now, in one document. */
export function GET(): Response {
  const house = findHouse(db());
  if (!house) return noHouseYet();
  const cards = cardSpecs(db());
  const world = worldFor(db(), house, houseNowMs(), cards);
  const recipes = cards.map((kept) => recipeFacts(kept, world, house));
  return new Response(JSON.stringify(recipesOf(recipes), null, 2), {
    headers: {
      "content-type": "application/ld+json; charset=utf-8",
      "content-disposition": 'attachment; filename="cards.jsonld"',
      "cache-control": "no-store",
    },
  });
}
