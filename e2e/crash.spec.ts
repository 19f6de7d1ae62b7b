import { expect, test } from "@playwright/test";
import { checkFile } from "@/db/backup";
import { fileUnder, openDatabase } from "@/db/connection";
import { newKey } from "@/db/doors/deviceKeys";
import { listPlaces } from "@/db/house/places";
import { setSender } from "@/db/line/senders";
import { makeDemoHouse } from "@/demo/house";
import { OwnServer } from "./ownServer";

/** Kills in all; the whole of it is `npm run crash`. */
const COUNT = Number(process.env["GAFFEL_CRASH"] ?? 3);

const own = new OwnServer();
test.afterAll(() => own.end());

/** Moments of the kills, the same every time: a linear congruence (Numerical Recipes, 7.1; memory, high). */
function* moments(seed = 7): Generator<number> {
  for (let state = seed; ;) {
    state = (state * 1_664_525 + 1_013_904_223) % 2 ** 32;
    yield state / 2 ** 32;
  }
}

test("killed at any moment of many writes, the house has every one it acknowledged, none twice, and its book is whole", async () => {
  test.setTimeout(60_000 + COUNT * 20_000);
  const db = openDatabase(own.file);
  const nowMs = Date.now();
  makeDemoHouse(db, nowMs);
  const stamp = { who: "Ylva", atMs: nowMs };
  const [place] = listPlaces(db);
  const keys = { sensor: newKey(db, "sensor", place!.id, stamp), till: setSender(db, "Till", stamp).key };
  fileUnder(db).close();
  const acknowledged = { tickets: new Set<string>(), readings: new Set<number>() };
  let next = 0;
  const at = moments();
  for (let kill = 0; kill < COUNT; kill++) {
    await own.start();
    const post = (path: string, key: string, body: object) =>
      fetch(`http://127.0.0.1:${own.port}${path}`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
        body: JSON.stringify(body),
      }).then(
        ({ status }) => status === 201,
        () => false,
      );
    const stop = new AbortController();
    const isGoing = () => !stop.signal.aborted;
    const till = async () => {
      while (isGoing()) {
        const id = `order-${next++}`;
        const order = { kind: "order", id, table: `t${next}`, courses: [[{ card: "char", count: 1 }]] };
        if (await post("/api/tickets", keys.till, order)) acknowledged.tickets.add(id);
        // sent again, as a till does that heard no answer: it is one ticket
        if (isGoing() && next % 3 === 0) await post("/api/tickets", keys.till, order);
      }
    };
    const sensor = async () => {
      while (isGoing()) {
        const atMs = nowMs - 86_400_000 * 30 + next++ * 1000;
        const reading = { at: new Date(atMs).toISOString(), celsius: 1.5 };
        if (await post(`/api/places/${place!.id}/readings`, keys.sensor, { readings: [reading] }))
          acknowledged.readings.add(atMs);
      }
    };
    const senders = [till(), till(), sensor(), sensor()];
    await new Promise((resolve) => setTimeout(resolve, 150 + at.next().value! * 900));
    await own.kill("SIGKILL");
    stop.abort();
    await Promise.all(senders);
  }
  const sqlite = fileUnder(openDatabase(own.file));
  const kept = sqlite.prepare(
    "select reference, count(*) as n from tickets where reference is not null group by reference",
  );
  const tickets = new Map(
    (kept.all() as { reference: string; n: number }[]).map(({ reference, n }) => [reference.split(":")[1]!, n]),
  );
  const readings = new Set(
    sqlite.prepare("select at_ms from place_readings where place_id = ?").pluck().all(place!.id),
  );
  expect(acknowledged.tickets.size + acknowledged.readings.size).toBeGreaterThan(COUNT * 3);
  expect([...acknowledged.tickets].filter((id) => tickets.get(id) !== 1)).toEqual([]);
  expect([...tickets.values()].filter((n) => n !== 1)).toEqual([]);
  expect([...acknowledged.readings].filter((atMs) => !readings.has(atMs))).toEqual([]);
  expect(checkFile(own.file)).toMatchObject({ ok: true });
});
