import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import fc from "fast-check";
import { makeDemoHouse } from "@/demo/house";
import { backUp, checkFile } from "../backup";
import { openDatabase, teach } from "../connection";
import { addReadings, listPlaces } from "../house/places";
import { entryOfSeal } from "../ledger";
import { NO_ROWS, RowSum } from "./rowSum";
import { sealDay } from "./sealDay";
import { sealTables, triggersOf } from "./install";

const NOW = Date.UTC(2026, 4, 12, 15);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-seals-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const file = path.join(folder, "house", "gaffel.sqlite");
const db = openDatabase(file);
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

let copies = 0;
/** The house as it is, in a file of its own. */
const copied = (): string => {
  const kept = backUp(file, folder, String(copies++));
  if (!kept.ok) throw new Error(JSON.stringify(kept.error));
  return kept.value.copy;
};
/** A hand with a program of its own, which can do all that Gaffel can. */
const byHand = (file: string, ...lines: string[]) => {
  const sqlite = new Database(file);
  for (const line of lines) sqlite.exec(line);
  sqlite.close();
};
const dropped = (table: Parameters<typeof triggersOf>[0]) => triggersOf(table).map((name) => `drop trigger "${name}"`);

test("what is added and taken in any order comes to the same, and to nothing when all is gone", () => {
  const row = fc.array(fc.oneof(fc.string(), fc.integer(), fc.constant(null)), { minLength: 1, maxLength: 4 });
  fc.assert(
    fc.property(fc.array(row, { maxLength: 20 }), (rows) => {
      const forth = rows.reduce((sum, one) => sum.add(one), new RowSum());
      const back = rows.toReversed().reduce((sum, one) => sum.add(one), new RowSum());
      expect(forth.hex).toBe(back.hex);
      expect(rows.reduce((sum, one) => sum.take(one), new RowSum(forth.hex)).hex).toBe(NO_ROWS);
    }),
    { seed: 8, numRuns: 60 },
  );
});

const found = (of: string) => {
  const checked = checkFile(of);
  return checked.ok ? "whole" : checked.error.kind === "state" ? checked.error.state : checked.error;
};

test("a house at work comes to its sums; a program that does not know them writes nothing", () => {
  expect(checkFile(file)).toMatchObject({ ok: true, value: { rows: expect.any(Number) } });
  expect(() => byHand(file, "update lots set mass_g = mass_g + 1")).toThrow(/no such function/);
  expect(found(file)).toBe("whole");
});

test.each([
  ["weights of lots", "lots", "update lots set mass_g = mass_g + 500 where status = 'on-ice'"],
  ["a hold's reading", "hold_readings", "update hold_readings set celsius = -25 where id = 1"],
  ["a warm spell", "place_readings", "update place_readings set celsius = 2 where celsius > 5 and celsius < 12"],
  ["a plate's part", "plate_parts", "delete from plate_parts where certainty = 'certain'"],
])("%s changed by hand, its triggers put aside and hung again, is found", (_, table, change) => {
  const own = copied();
  const name = table as Parameters<typeof triggersOf>[0];
  const again = new Database(own, { readonly: true })
    .prepare(`select sql from sqlite_master where type = 'trigger' and name like 'seal_${table}_%'`)
    .all() as { sql: string }[];
  byHand(own, ...dropped(name), change, ...again.map(({ sql }) => sql));
  expect(found(own)).toEqual({ kind: "changed", table, sinceMs: null });
});

test("triggers that were taken out, a forged card and a paper with other bytes are found", () => {
  const own = copied();
  byHand(own, ...dropped("waste"));
  expect(found(own)).toEqual({ kind: "unguarded", table: "waste" });
  const card = copied();
  byHandKnowing(
    card,
    "update specs set body = replace(body, 'Arctic', 'arctic') where kind = 'card' and spec_id = 'char'",
  );
  expect(found(card)).toMatchObject({ kind: "card", name: expect.stringMatching(/char/) });
});

/** The same with the functions of Gaffel at hand: sums are rewritten with the rows. */
const byHandKnowing = (of: string, ...lines: string[]) => {
  const sqlite = new Database(of);
  teach(sqlite);
  for (const line of lines) sqlite.exec(line);
  sqlite.close();
};

test("a reading of before last night, rewritten with its sum by who knows how, is found against the night's seal", () => {
  const own = copied();
  const opened = openDatabase(own);
  const head = sealDay(opened, NOW + 1000);
  const [place] = listPlaces(opened);
  addReadings(opened, place!.id, [{ atMs: NOW + 2000, celsius: 1.8 }], "sensor", null);
  expect(found(own)).toBe("whole");
  byHandKnowing(own, "update place_readings set celsius = 2.2 where id = (select max(id) - 5 from place_readings)");
  expect(found(own)).toEqual({ kind: "changed", table: "place_readings", sinceMs: NOW + 1000 });
  expect(entryOfSeal(opened, head.hash)?.kind).toBe("day-sealed");
});

test("a migration goes on from sums that held; where they did not, the table stays marked as wrong", () => {
  const own = copied();
  const sqlite = new Database(own);
  teach(sqlite);
  sqlite.exec("alter table waste add column bin text");
  sealTables(sqlite, NOW);
  sqlite.exec("update waste set bin = 'blue'");
  expect(found(own)).toBe("whole");
  for (const drop of dropped("waste")) sqlite.exec(drop);
  sqlite.exec("update waste set cost_cents = 1");
  sealTables(sqlite, NOW + 5);
  sqlite.close();
  expect(found(own)).toEqual({ kind: "changed", table: "waste", sinceMs: NOW + 5 });
});
