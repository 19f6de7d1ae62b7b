import { houseNowMs } from "@/db/houseClock";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { chainSince } from "@/db/trace/chain";
import { writeEpcis } from "@/exchange/epcis";
import { chainEvents } from "@/exchange/epcisChain";
import { DRAFT_DAYS, receivedDrafts } from "../receivedDrafts";

export function GET(): Response {
  const nowMs = houseNowMs();
  const chain = chainEvents(chainSince(db(), nowMs - DRAFT_DAYS * DAY_MS));
  const document = writeEpcis(receivedDrafts(nowMs), listOwnSpecies(db()), nowMs, chain);
  return new Response(JSON.stringify(document, null, 2), {
    headers: {
      "content-type": "application/ld+json",
      "content-disposition": 'attachment; filename="lots.epcis.jsonld"',
      "cache-control": "no-store",
    },
  });
}
