import { findCard } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { recipeOf } from "@/exchange/recipe";
import { t } from "@/words/cards";
import { worldNow } from "../../../cards/cardData";
import { recipeFacts } from "../recipeFacts";
import { problem } from "../../problem";

/** One card as schema.org Recipe, as it would be served now: `?card=ID`. */
export function GET(request: Request): Response {
  const house = findHouse(db());
  const kept = findCard(db(), new URL(request.url).searchParams.get("card") ?? "");
  if (!kept || !house) return problem(404, "card", t("thatCardIsNotInTheHouse"));
  const recipe = recipeOf(recipeFacts(kept, worldNow(db(), house, houseNowMs()), house));
  return new Response(JSON.stringify(recipe, null, 2), {
    headers: { "content-type": "application/ld+json; charset=utf-8", "cache-control": "no-store" },
  });
}
