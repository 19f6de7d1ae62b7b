import { houseNowMs } from "@/db/houseClock";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { writeDeliveryCsv } from "@/exchange/deliveryCsv";
import { receivedDrafts } from "../receivedDrafts";

export function GET(): Response {
  const text = writeDeliveryCsv(receivedDrafts(houseNowMs()), (id) => speciesOf(db(), id)?.scientificName ?? id);
  return new Response(text, {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="deliveries.csv"',
      "cache-control": "no-store",
    },
  });
}
