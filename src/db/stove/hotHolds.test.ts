import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { hotHoldStatus } from "@/core/safety";
import { MINUTE_MS } from "@/core/units";
import { openDatabase } from "../connection";
import { endHotHold, openHotHolds, readHotHold, startHotHold } from "./hotHolds";
import { findHouse, setSusceptibleGuests } from "../house/house";
import { checkLedger, entriesBetween } from "../ledger";
import { oldFile } from "../releases/oldFile.testkit";

const NOW = Date.UTC(2026, 4, 12, 18);
const stamp = (minutes: number, requestId = `hot-request-${minutes}-00`) => ({
  who: "Ylva",
  atMs: NOW + minutes * MINUTE_MS,
  requestId,
});
const cod = {
  cookId: null,
  title: "Cod ×4",
  place: "Moist cabinet",
  ruleSetId: "fda-2022",
  fromC: 63,
  usedMin: 0,
} as const;

test("started, read, served: one clock however often it is tapped, all of it sealed in the ledger", () => {
  const db = openDatabase(":memory:");
  const id = startHotHold(db, cod, stamp(0));
  expect(startHotHold(db, cod, stamp(0))).toBe(id);
  expect(openHotHolds(db)).toHaveLength(1);
  expect(readHotHold(db, id, 50, stamp(60)).ok).toBe(true);
  readHotHold(db, id, 50, stamp(60));
  const [held] = openHotHolds(db);
  expect(held!.readings).toHaveLength(1);
  expect(hotHoldStatus(held!, NOW + 60 * MINUTE_MS).state).toBe("counting");
  expect(endHotHold(db, id, "served", stamp(75)).ok).toBe(true);
  expect(openHotHolds(db)).toEqual([]);
  expect(readHotHold(db, id, 60, stamp(80))).toEqual({ ok: false, error: { kind: "ended" } });
  expect(endHotHold(db, id, "served", stamp(81))).toEqual({ ok: false, error: { kind: "ended" } });
  expect(readHotHold(db, "nothing", 60, stamp(82))).toEqual({ ok: false, error: { kind: "noSuchHold" } });
  const entries = entriesBetween(db, NOW, NOW + 90 * MINUTE_MS);
  expect(entries.map(({ kind }) => kind)).toEqual(["hot-hold-ended", "hot-hold-read", "hot-hold-started"]);
  // it crossed 57 °C some 28 min before it was read at 50
  expect(entries[0]!.payload).toMatchObject({ as: "served", minutes: 75, belowMin: 47 });
  expect(checkLedger(db).kind).toBe("whole");
});

test("a reading sent late does not run before the one it follows", () => {
  const db = openDatabase(":memory:");
  const id = startHotHold(db, cod, stamp(0));
  readHotHold(db, id, 61, stamp(30));
  readHotHold(db, id, 60, stamp(10));
  const [held] = openHotHolds(db);
  expect(held!.readings.map(({ atMs }) => (atMs - NOW) / MINUTE_MS)).toEqual([30, 30]);
});

// the setting came with the eighth migration
test("a house from before guests were asked about opens with guests in general, keeps what it had and can say otherwise", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-guests-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 7);
  old
    .prepare(
      "insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Sjøbua', 'Europe/Oslo', 'metric', 'eu-853', 1)",
    )
    .run();
  old.close();
  const kept = openDatabase(file);
  expect(findHouse(kept)).toMatchObject({ name: "Sjøbua", ruleSetId: "eu-853", susceptibleGuests: false });
  setSusceptibleGuests(kept, true, "Maike", NOW);
  expect(findHouse(kept)!.susceptibleGuests).toBe(true);
  expect(entriesBetween(kept, 0, NOW + 1)[0]).toMatchObject({ kind: "house-changed", who: "Maike" });
  expect(checkLedger(kept)).toMatchObject({ kind: "whole" });
  rmSync(folder, { recursive: true });
});

test("a house of the version before opens with nothing held, and keeps what it had", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-hot-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 6);
  old.prepare("insert into probes (id, name, device_key) values ('p', 'Left pan', 'k')").run();
  old.close();
  const db = openDatabase(file);
  expect(openHotHolds(db)).toEqual([]);
  startHotHold(db, cod, stamp(0));
  expect(openHotHolds(db)).toHaveLength(1);
  rmSync(folder, { recursive: true });
});
