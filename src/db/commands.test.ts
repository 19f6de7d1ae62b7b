import fc from "fast-check";
import { makeDemoHouse } from "@/demo/house";
import { wantedCut } from "./lots/cutting.testkit";
import { cutBatch } from "./block/cutBatch";
import { fileUnder, openDatabase, type Db } from "./connection";
import { listPlaces } from "./house/places";
import { checkLedger, correctEntry, headOf } from "./ledger";
import { finishLot, findLots, lotsOnIce } from "./lots/lots";
import { moveLot, openPack, splitLot, wasteLot } from "./lots/movements";
import { lotStays } from "./schema/lots";
import { checkState } from "./seals/check";

const NOW = Date.UTC(2026, 4, 12, 15);
const DAY = "2026-05-12";

/** One act somebody may try, on a lot that is there or on one that is not any more. */
const act = fc.record({
  kind: fc.constantFrom("move", "split", "waste", "finish", "open", "cut", "correct"),
  lot: fc.nat(),
  place: fc.nat(),
  // more than there is, too
  share: fc.double({ min: 0.01, max: 1.3, noNaN: true }),
});
type Act = typeof act extends fc.Arbitrary<infer T> ? T : never;

/** Does it; whether it was done. */
function tried(db: Db, { kind, lot: pick, place, share }: Act, ids: readonly string[], atMs: number): boolean {
  const stamp = { who: "Ylva", atMs };
  const id = ids[pick % ids.length]!;
  const lot = findLots(db, [id])[0]!;
  const places = listPlaces(db);
  const placeId = places[place % places.length]!.id;
  const massG = Math.max(1, lot.massG * share);
  switch (kind) {
    case "move":
      return moveLot(db, id, placeId, DAY, stamp).ok;
    case "split":
      return splitLot(db, id, { massG, form: lot.form, placeId, note: "" }, DAY, stamp).ok;
    case "waste":
      return wasteLot(db, id, { massG, reason: "dropped" }, stamp).ok;
    case "finish":
      return finishLot(db, id, "used up", "Ylva", atMs).ok;
    case "open":
      return openPack(db, id, { day: DAY, openDays: 2 }, stamp).ok;
    case "cut":
      return cutBatch(db, wantedCut(id), { ...stamp, day: DAY }).ok;
    case "correct":
      return correctEntry(db, 1 + (pick % headOf(db).entries), "it was the other one", "Ylva", atMs).ok;
  }
}

/** Where each lot lies by its stays that are open. */
function openStays(db: Db): ReadonlyMap<string, readonly string[]> {
  const open = new Map<string, string[]>();
  for (const { lotId, placeId, toMs } of db.select().from(lotStays).all())
    if (toMs === null) open.set(lotId, [...(open.get(lotId) ?? []), placeId]);
  return open;
}

test("whatever is tried in whatever order: a lot lies in one place, what is gone lies nowhere, what is refused wrote nothing", () => {
  const db = openDatabase(":memory:");
  makeDemoHouse(db, NOW);
  let atMs = NOW;
  let [done, refused] = [0, 0];
  fc.assert(
    fc.property(fc.array(act, { minLength: 1, maxLength: 8 }), (acts) => {
      for (const one of acts) {
        atMs += 1000;
        const ids = fileUnder(db).prepare("select lot_id from fish order by lot_id").pluck().all() as string[];
        const before = headOf(db).entries;
        const wasDone = tried(db, one, ids, atMs);
        if (wasDone) done++;
        else refused++;
        expect(headOf(db).entries > before).toBe(wasDone);

        const open = openStays(db);
        const lying = lotsOnIce(db);
        for (const { id, placeId } of lying) expect(open.get(id) ?? []).toEqual(placeId === null ? [] : [placeId]);
        const there = new Set(fileUnder(db).prepare("select id from lots where status = 'on-ice'").pluck().all());
        expect([...open.keys()].filter((id) => !there.has(id))).toEqual([]);
        // a stay ends before the next begins
        for (const { id } of lying) {
          const stays = fileUnder(db)
            .prepare("select from_ms, to_ms from lot_stays where lot_id = ? order by id")
            .all(id) as readonly { readonly from_ms: number; readonly to_ms: number | null }[];
          stays.slice(1).forEach(({ from_ms: fromMs }, index) => expect(stays[index]!.to_ms).toBe(fromMs));
        }
        // what was remembered is what the file says: in a transaction it is asked anew
        expect(lying).toEqual(db.transaction((tx) => lotsOnIce(tx)));
      }
    }),
    { numRuns: 40 },
  );
  expect(Math.min(done, refused)).toBeGreaterThan(5);
  expect(checkLedger(db).kind).toBe("whole");
  expect(checkState(fileUnder(db))).toMatchObject({ kind: "whole" });
  const below = fileUnder(db).prepare("select count(*) from lots where remaining_g < 0 or remaining_cents < 0").pluck();
  expect(below.get()).toBe(0);
});
