import { houseNowMs } from "@/db/houseClock";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { writeEpcis } from "@/exchange/epcis";
import { receivedDrafts } from "../receivedDrafts";

export function GET(): Response {
  const nowMs = houseNowMs();
  const document = writeEpcis(receivedDrafts(nowMs), listOwnSpecies(db()), nowMs);
  return new Response(JSON.stringify(document, null, 2), {
    headers: {
      "content-type": "application/ld+json",
      "content-disposition": 'attachment; filename="lots.epcis.jsonld"',
      "cache-control": "no-store",
    },
  });
}
