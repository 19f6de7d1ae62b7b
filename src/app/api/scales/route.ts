import { houseNowMs } from "@/db/houseClock";
import { connection } from "next/server";
import { db } from "@/db/connection";
import { listScales } from "@/db/block/scales";

/** What lies on the scales of the house now; keys stay here. */
export async function GET(): Promise<Response> {
  await connection();
  const nowMs = houseNowMs();
  const scales = listScales(db()).map(({ id, name, massG, stable, atMs }) => ({
    id,
    name,
    massG,
    stable,
    ageS: atMs === null ? Number.MAX_SAFE_INTEGER : Math.round((nowMs - atMs) / 1000),
  }));
  return Response.json({ scales }, { headers: { "cache-control": "no-store" } });
}
