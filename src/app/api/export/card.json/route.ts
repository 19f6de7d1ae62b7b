import { boughtGoods } from "@/db/butter/goods";
import { findSauce } from "@/db/butter/specs";
import { findCard } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { writeCardFile } from "@/house/cards/cardFile";
import { t } from "@/words/cards";
import { problem } from "../../problem";

/** The file of one card, complete enough to open in another house: `?card=ID`. */
export function GET(request: Request): Response {
  const kept = findCard(db(), new URL(request.url).searchParams.get("card") ?? "");
  if (!kept) return problem(404, "card", t("thatCardIsNotInTheHouse"));
  const sauce = kept.spec.sauce ? findSauce(db(), kept.spec.sauce.specId) : undefined;
  const own = boughtGoods(db()).map(({ good }) => good);
  return Response.json(writeCardFile(kept.spec, sauce?.spec ?? null, own), {
    headers: { "content-disposition": 'attachment; filename="card.json"', "cache-control": "no-store" },
  });
}
