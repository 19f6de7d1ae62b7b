import { expect, test } from "@playwright/test";
import { checkFile } from "@/db/backup";
import { fileUnder, openDatabase } from "@/db/connection";
import { newKey } from "@/db/doors/deviceKeys";
import { listPlaces } from "@/db/house/places";
import { setSender } from "@/db/line/senders";
import { setScale } from "@/db/block/scales";
import { lotsOnIce } from "@/db/lots/lots";
import { setProbe } from "@/db/stove/probes";
import { makeDemoHouse } from "@/demo/house";
import { VERB_NAMES } from "@/verbs";
import { bodies, GOOD } from "./hostile";
import { OwnServer } from "./ownServer";

/** Bodies in all; the whole of it is `npm run fuzz`. */
const COUNT = Number(process.env["GAFFEL_FUZZ"] ?? 400);
const SEED = 20_260_512;
/** The server gives up after thirty. */
const LONGEST_MS = 40_000;

const own = new OwnServer();
test.afterAll(() => own.end());

const bearer = (key: string) => ({ authorization: `Bearer ${key}` });
type Route = { readonly path: string; readonly good: unknown; readonly headers?: Readonly<Record<string, string>> };

test("whatever is sent to an open route is answered in time, with no fault of the server, and nothing half written", async () => {
  test.setTimeout(3_600_000);
  const db = openDatabase(own.file);
  const nowMs = Date.now();
  makeDemoHouse(db, nowMs);
  const stamp = { who: "Ylva", atMs: nowMs };
  const [place] = listPlaces(db);
  const scale = setScale(db, "Scale of the fuzz", stamp);
  const probe = setProbe(db, "Probe of the fuzz", stamp);
  const till = bearer(setSender(db, "Till of the fuzz", stamp).key);
  expect(VERB_NAMES.every((verb) => verb in GOOD)).toBe(true);
  const routes: Route[] = [
    ...Object.entries(GOOD).map(([verb, good]) => ({ path: `/api/core/${verb}`, good })),
    {
      path: `/api/places/${place!.id}/readings`,
      good: { readings: [{ at: new Date(nowMs - 1000).toISOString(), celsius: 1.4 }] },
      headers: bearer(newKey(db, "sensor", place!.id, stamp)),
    },
    {
      path: "/api/tickets",
      good: { kind: "order", id: "4711", table: "t7", courses: [[{ card: "char", count: 2 }]], booking: "Solvang" },
      headers: till,
    },
    { path: "/api/tickets", good: { kind: "away", table: "t7" }, headers: till },
    { path: `/api/scales/${scale.id}`, good: { mass_g: 482.5, stable: true }, headers: bearer(scale.key) },
    { path: `/api/probes/${probe.id}`, good: { celsius: 48.2 }, headers: bearer(probe.key) },
    { path: `/api/lots/${lotsOnIce(db)[0]!.id}/files`, good: "a file" },
    { path: "/api/cooks/no-such-cook/taps", good: { kind: "advanced", requestId: "a-request-of-the-fuzz" } },
  ];
  await own.start();
  const each = Math.ceil(COUNT / routes.length);
  const wrong: string[] = [];
  const entries = () => fileUnder(db).prepare("select count(*) from ledger").pluck().get() as number;
  for (const [index, { path, good, headers = {} }] of routes.entries()) {
    for (const body of bodies(good, each, SEED + index)) {
      const before = entries();
      const answer = await fetch(`http://127.0.0.1:${own.port}${path}`, {
        method: "POST",
        headers: { "content-type": "application/json", ...headers },
        body,
        signal: AbortSignal.timeout(LONGEST_MS),
      }).catch((problem: unknown) => ({ status: 599, text: async () => String(problem) }));
      const said = await answer.text();
      const written = entries() - before;
      if (answer.status >= 500 || (answer.status >= 400 && written > 0))
        wrong.push(`${path} ${answer.status} (${written} written) ${body.slice(0, 200)} -> ${said.slice(0, 200)}`);
    }
  }
  expect(wrong).toEqual([]);
  expect(checkFile(own.file).ok).toBe(true);
});
