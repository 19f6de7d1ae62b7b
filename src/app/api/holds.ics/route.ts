import { houseNowMs } from "@/db/houseClock";
import { HOLD_LABELS } from "@/core/coldchain";
import { shortName } from "@/core/species";
import { db } from "@/db/connection";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { findHouse } from "@/db/house/house";
import { speciesOf } from "@/db/house/species";
import { stockOnIce } from "@/db/lots/stock";
import { writeCalendar } from "@/exchange/holdCalendar";
import { inMetric } from "@/words/say";

/** The ends of all open holds, for any calendar that can subscribe. */
export function GET(): Response {
  const nowMs = houseNowMs();
  const held = [...openHolds(db(), nowMs), ...liveHolds(stockOnIce(db(), nowMs), nowMs)];
  const entries = held.flatMap(({ id, lot, hold, status }) => {
    if (status.endsMs === null) return [];
    const species = speciesOf(db(), lot.speciesId);
    const title = `${HOLD_LABELS[hold.kind]}: ${species ? shortName(species) : lot.speciesId} ${lot.code}`;
    return [{ id, title, atMs: status.endsMs, text: `${inMetric(status.needs)} (${status.source})` }];
  });
  const text = writeCalendar(entries, findHouse(db())?.name ?? "Gaffel", nowMs);
  return new Response(text, {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": 'attachment; filename="holds.ics"',
      "cache-control": "no-store",
    },
  });
}
