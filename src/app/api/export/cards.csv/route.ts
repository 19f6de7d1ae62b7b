import { ALLERGEN_LISTS } from "@/core/safety";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { toCsv } from "@/exchange/csv";
import { passNow } from "../../../cards/cardData";
import { noHouseYet } from "../../problem";

/** Every card with its allergens, its cost and what it can give, as of now. */
export function GET(): Response {
  const house = findHouse(db());
  if (!house) return noHouseYet();
  const { tiles } = passNow(db(), house, houseNowMs());
  const { named } = ALLERGEN_LISTS[house.ruleSetId];
  const head = ["card", "left", "booked", "cost_low_cents", "cost_high_cents", "pct_of_net", ...named];
  const rows = tiles.map(({ name, left, toCome, dish: { cost }, allergens }) => [
    name,
    String(left),
    String(toCome),
    cost.lowCents === null ? "" : String(Math.round(cost.lowCents)),
    cost.highCents === null ? "" : String(Math.round(cost.highCents)),
    cost.pctOfNet === null ? "" : cost.pctOfNet.toFixed(1),
    ...named.map((id) => allergens.find((line) => line.id === id)?.state ?? "free"),
  ]);
  return new Response(toCsv([head, ...rows]), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="cards.csv"',
      "cache-control": "no-store",
    },
  });
}
