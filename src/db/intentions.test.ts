import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { err, ok } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { openDatabase } from "./connection";
import { findHouse, setCurrency } from "./house/house";
import { answeredBefore, carryOut } from "./intentions";
import { checkLedger, entriesBetween, appendEntry } from "./ledger";
import { oldFile } from "./releases/oldFile.testkit";

const NOW = Date.UTC(2026, 4, 12, 18);
const intention = (id: string, atMs = NOW) => ({ id, action: "splitOff", atMs });
const entry = { atMs: NOW, who: "Ylva", kind: "board-washed", payload: { colour: "blue" } } as const;

test("the same intention twice is one record with the same answer", () => {
  const db = openDatabase(":memory:");
  let worked = 0;
  const work = () => {
    appendEntry(db, entry);
    return ok({ id: `lot-${++worked}` });
  };
  const first = carryOut(db, intention("a"), work);
  expect(carryOut(db, intention("a"), work)).toEqual(first);
  expect([worked, entriesBetween(db, 0, NOW + 1).length]).toEqual([1, 1]);
  expect(carryOut(db, intention("b"), work)).toEqual(ok({ id: "lot-2" }));
  expect(answeredBefore(db, { id: "a", action: "another" })).toBeNull();
});

test("what was refused half way leaves nothing behind and may be asked again", () => {
  const db = openDatabase(":memory:");
  const refusedWork = () => {
    appendEntry(db, entry);
    return err("no such place");
  };
  expect(carryOut(db, intention("a"), refusedWork)).toEqual(err("no such place"));
  expect(entriesBetween(db, 0, NOW + 1)).toEqual([]);
  expect(carryOut(db, intention("a"), () => ok(1))).toEqual(ok(1));
  expect(checkLedger(db).kind).toBe("whole");
  expect(() =>
    carryOut(db, intention("c"), () => {
      throw new Error("a fault of ours");
    }),
  ).toThrow("a fault of ours");
});

test("an id is kept for days, not for ever", () => {
  const db = openDatabase(":memory:");
  carryOut(db, intention("old", NOW - 15 * DAY_MS), () => ok(1));
  expect(answeredBefore(db, intention("old"))).toEqual({ value: 1 });
  carryOut(db, intention("new"), () => ok(2));
  expect(answeredBefore(db, intention("old"))).toBeNull();
  expect(answeredBefore(db, intention("new"))).toEqual({ value: 2 });
});

// the setting came with the tenth migration
test("a house from before prices had a currency has none until it says so", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-currency-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 9);
  old
    .prepare(
      "insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Sjøbua', 'Europe/Oslo', 'metric', 'eu-853', 1)",
    )
    .run();
  old.close();
  const kept = openDatabase(file);
  expect(findHouse(kept)).toMatchObject({ name: "Sjøbua", currency: null });
  setCurrency(kept, "NOK", "Maike", NOW);
  expect(findHouse(kept)!.currency).toBe("NOK");
  expect(entriesBetween(kept, 0, NOW + 1)[0]).toMatchObject({ kind: "house-changed", payload: { currency: "NOK" } });
  rmSync(folder, { recursive: true, force: true });
});

// the table came with the ninth migration
test("a house from before intentions opens and keeps what it had", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-intentions-"));
  const file = path.join(folder, "gaffel.sqlite");
  oldFile(file, 8).close();
  const before = openDatabase(file);
  expect(carryOut(before, intention("a"), () => ok("done"))).toEqual(ok("done"));
  expect(answeredBefore(openDatabase(file), intention("a"))).toEqual({ value: "done" });
  rmSync(folder, { recursive: true, force: true });
});
