import { connection } from "next/server";
import { db } from "@/db/connection";
import { listProbes } from "@/db/stove/probes";

/** The probes of the house, without their keys. */
export async function GET(): Promise<Response> {
  await connection();
  const probes = listProbes(db()).map(({ id, name, cookId, celsius, atMs }) => ({
    id,
    name,
    cook: cookId,
    celsius,
    at: atMs === null ? null : new Date(atMs).toISOString(),
  }));
  return Response.json(probes, { headers: { "cache-control": "no-store" } });
}
