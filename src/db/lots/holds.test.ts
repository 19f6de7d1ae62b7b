import { DAY_MS, HOUR_MS } from "@/core/units";
import { demoCopies } from "@/demo/demoCopies.testkit";
import type { Db } from "../connection";
import { closeHold, findHold, holdsOfLot, liveHolds, openHeldPack, openHolds, readHold, startHold } from "./holds";
import { checkLedger, entriesOfLot } from "../ledger";
import { lotsOnIce } from "./lots";
import { stockOnIce } from "./stock";

const NOW = Date.UTC(2026, 4, 12, 15);
const stamp = (hours: number) => ({ who: "Ylva", atMs: NOW + hours * HOUR_MS });

const copied = demoCopies(NOW);
function house(): { db: Db; lotId: string } {
  const db = copied();
  return { db, lotId: lotsOnIce(db).find(({ speciesId }) => speciesId === "cod")!.id };
}

test("a vacuum pack that thaws: nothing counts until it is opened, once, and then it is closed as met", () => {
  const { db, lotId } = house();
  const facts = { kind: "thaw", plannedH: 20, vacuumPack: true, packOpened: false, way: "refrigerator" } as const;
  const id = startHold(db, lotId, facts, stamp(0));
  expect(findHold(db, id, stamp(1).atMs)!.status.state).toBe("stopped");
  expect(openHeldPack(db, id, stamp(1)).ok).toBe(true);
  expect(findHold(db, id, stamp(2).atMs)!.status.state).toBe("running");
  expect(findHold(db, id, stamp(21).atMs)!.status.state).toBe("due");
  expect(closeHold(db, id, stamp(21))).toMatchObject({ ok: true, value: expect.stringMatching(/^met/) as string });
  expect(openHeldPack(db, id, stamp(22)).ok).toBe(false);
  const kinds = entriesOfLot(db, lotId).map(({ kind }) => kind);
  expect(kinds.slice(-3)).toEqual(["hold-started", "lot-opened", "hold-closed"]);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a cure taken out early is called broken off, in time is called met", () => {
  const { db, lotId } = house();
  const facts = { kind: "cure", plannedH: 6, note: "gravlax style" } as const;
  const early = startHold(db, lotId, facts, stamp(0));
  const patient = startHold(db, lotId, facts, stamp(0));
  expect(closeHold(db, early, stamp(2))).toMatchObject({ value: expect.stringMatching(/^broken off/) as string });
  expect(closeHold(db, patient, stamp(6))).toMatchObject({ value: expect.stringMatching(/^met/) as string });
  // newest first, both kept with the lot
  expect(
    holdsOfLot(db, lotId, NOW)
      .map(({ closedAs }) => closedAs?.split(":")[0])
      .sort(),
  ).toEqual(["broken off", "met"]);
});

test("readings are for freezing holds that are open; what is not there is said", () => {
  const { db, lotId } = house();
  const id = startHold(db, lotId, { kind: "cure", plannedH: 6, note: "" }, stamp(0));
  const reading = { atMs: stamp(1).atMs, celsius: -20 };
  expect(readHold(db, id, reading, stamp(1))).toMatchObject({ ok: false, error: { kind: "takesNoReadings" } });
  expect(readHold(db, "none", reading, stamp(1))).toEqual({ ok: false, error: { kind: "noSuchHold" } });
  expect(closeHold(db, "none", stamp(1))).toEqual({ ok: false, error: { kind: "noSuchHold" } });
  closeHold(db, id, stamp(7));
  expect(readHold(db, id, reading, stamp(8))).toMatchObject({ error: { kind: "closedAlready" } });
  expect(openHolds(db, NOW).every((hold) => hold.id !== id)).toBe(true);
});

test("live animals hold by themselves, from the door to the last of their days", () => {
  const { db } = house();
  const stock = stockOnIce(db, NOW);
  const alive = stock.filter(({ row }) => row.state === "live");
  const held = liveHolds(stock, NOW);
  expect(alive.length).toBeGreaterThan(0);
  expect(held.map(({ lot }) => lot.id)).toEqual(alive.map(({ id }) => id));
  for (const { lot, status } of held) expect(status.endsMs).toBeGreaterThan(lot.receivedAtMs + DAY_MS / 2);
  expect(liveHolds(stock, NOW + 60 * DAY_MS).every(({ status }) => status.state === "due")).toBe(true);
});
