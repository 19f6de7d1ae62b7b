import { houseNowMs } from "@/db/houseClock";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { findPlace, readingsSince } from "@/db/house/places";
import { toCsv } from "@/exchange/csv";
import { t } from "@/words/api";
import { problem } from "../../problem";

/** Readings of one place of the last thirty days: `?place=ID`. Reads back through the logger import. */
export function GET(request: Request): Response {
  const place = findPlace(db(), new URL(request.url).searchParams.get("place") ?? "");
  if (!place) return problem(404, "place", t("thatPlaceIsNotInThe"));
  const rows = readingsSince(db(), place.id, houseNowMs() - 30 * DAY_MS).map(({ atMs, celsius }) => [
    new Date(atMs).toISOString(),
    String(celsius),
  ]);
  return new Response(toCsv([["time", "celsius"], ...rows]), {
    headers: {
      "content-type": "text/csv; charset=utf-8",
      "content-disposition": 'attachment; filename="readings.csv"',
      "cache-control": "no-store",
    },
  });
}
