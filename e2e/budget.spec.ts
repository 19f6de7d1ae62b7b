import { gzipSync } from "node:zlib";
import { expect, test, type APIRequestContext } from "@playwright/test";
import { batchesToCook } from "@/db/block/batches";
import { listPlaces } from "@/db/house/places";
import { lotsOnIce } from "@/db/lots/lots";
import { houseDb } from "./house";

/** What a page may send before it is of use, kB of script, gzip: a tablet on a kitchen's network waits for it. */
const TODAY_KB = 260;
const ANY_KB = 350;

const SCRIPT = /<script[^>]*src="(\/_next\/[^"]+\.js[^"]*)"[^>]*>/g;

/** The scripts a page asks for at once, by its own words; what comes when it is shown is not among them. */
async function firstLoadKb(request: APIRequestContext, path: string, known: Map<string, number>): Promise<number> {
  const html = await (await request.get(path)).text();
  const scripts = new Set([...html.matchAll(SCRIPT)].flatMap(([tag, src]) => (/nomodule/i.test(tag) ? [] : [src!])));
  expect(scripts.size).toBeGreaterThan(5);
  let bytes = 0;
  for (const src of scripts) {
    if (!known.has(src)) known.set(src, gzipSync(await (await request.get(src)).body(), { level: 9 }).length);
    bytes += known.get(src)!;
  }
  return bytes / 1024;
}

test("no page sends more script than its budget before it is of use", async ({ request }) => {
  test.setTimeout(120_000);
  const db = houseDb();
  const lot = (speciesId: string) => lotsOnIce(db).find((one) => one.speciesId === speciesId)!.id;
  const pages = [
    "/dock",
    "/dock/files",
    "/ice",
    `/ice/${lot("turbot")}`,
    `/ice/places/${listPlaces(db)[0]!.id}`,
    "/ice/holds",
    "/ice/tomorrow",
    `/block/${lot("ocean-trout")}`,
    "/block/order",
    `/raw/${lot("ocean-trout")}`,
    "/raw/freeze",
    "/raw/cure",
    `/stove/${batchesToCook(db, 0)[0]!.id}`,
    "/stove/try",
    "/stove/hold",
    "/stove/chill",
    "/butter",
    "/butter/sauce/beurre-blanc",
    "/butter/write",
    "/butter/reduce",
    "/cards/char",
    "/cards/write",
    "/line",
    "/line/pass",
    "/book",
    "/book/recall",
    "/book/binder",
    "/handover",
  ];
  const known = new Map<string, number>();
  const over: string[] = [];
  for (const [path, mostKb] of [["/", TODAY_KB] as const, ...pages.map((one) => [one, ANY_KB] as const)]) {
    const kb = await firstLoadKb(request, path, known);
    if (kb > mostKb) over.push(`${path}: ${kb.toFixed(0)} kB of ${mostKb}`);
  }
  expect(over).toEqual([]);
});
