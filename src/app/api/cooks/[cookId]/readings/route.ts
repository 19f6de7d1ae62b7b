import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { readingsOf } from "@/db/stove/probes";
import { problem } from "../../../problem";
import { t } from "@/words/api";

/** What the probes sent into a cook, oldest first: `[{"at":"…","celsius":41.3}]`. */
export async function GET(_request: Request, { params }: { params: Promise<{ cookId: string }> }): Promise<Response> {
  const cook = findCook(db(), (await params).cookId);
  if (!cook) return problem(404, "cook", t("noSuchCookInThisHouse"));
  const readings = readingsOf(db(), cook.id).map(({ atMs, celsius }) => ({
    at: new Date(atMs).toISOString(),
    celsius,
  }));
  return Response.json(readings, { headers: { "cache-control": "no-store" } });
}
