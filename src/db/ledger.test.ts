import { sql } from "drizzle-orm";
import { valueOf } from "@/core/shared";
import { openDatabase } from "./connection";
import { openHouse } from "./house/house";
import {
  appendEntry,
  checkLedger,
  checkNewEntries,
  correctEntry,
  entriesBetween,
  entryOfSeal,
  findEntry,
  headAt,
  headOf,
  UNCHECKED,
} from "./ledger";

const NOW = Date.UTC(2026, 4, 12, 15);
const entry = (minutes: number) => ({
  atMs: NOW + minutes * 60_000,
  who: "Ylva",
  kind: "board-washed" as const,
  payload: { colour: `blue ${minutes}` },
});

test("what was checked before is not hashed again, what is new is", () => {
  const db = openDatabase(":memory:");
  appendEntry(db, entry(0));
  appendEntry(db, entry(1));
  const { chain, checked } = checkNewEntries(db, UNCHECKED);
  expect(chain).toEqual({ kind: "whole", entries: 2 });
  expect(checked).toEqual(headOf(db));
  appendEntry(db, entry(2));
  expect(checkNewEntries(db, checked).chain).toEqual({ kind: "whole", entries: 3 });
  expect(checkNewEntries(db, headOf(db)).chain).toEqual({ kind: "whole", entries: 3 });
  expect(checkLedger(db)).toEqual({ kind: "whole", entries: 3 });
});

test("an entry that was altered behind the house's back is found and named", () => {
  const db = openDatabase(":memory:");
  for (const minutes of [0, 1, 2]) appendEntry(db, entry(minutes));
  for (const { name } of db.all<{ name: string }>(sql.raw("select name from sqlite_master where type = 'trigger'")))
    db.run(sql.raw(`drop trigger "${name}"`));
  db.run(sql.raw(`update ledger set payload = '{"colour":"red"}' where seq = 2`));
  expect(checkLedger(db)).toMatchObject({ kind: "broken", atSeq: 2 });
  expect(checkNewEntries(db, UNCHECKED).chain).toMatchObject({ kind: "broken", atSeq: 2 });
});

test("numbers that were shifted or left out are found, though every seal fits the one before", () => {
  const db = openDatabase(":memory:");
  for (const minutes of [0, 1, 2]) appendEntry(db, entry(minutes));
  db.run(sql.raw("drop trigger ledger_no_update"));
  db.run(sql.raw("update ledger set seq = seq + 10"));
  expect(checkLedger(db)).toEqual({ kind: "broken", atSeq: 11 });
});

test("the last entries cut off, all of them taken out, or the guards: each is found, though every seal that is left fits", () => {
  const altered = (by: string) => {
    const db = openDatabase(":memory:");
    openHouse(
      db,
      { name: "Test", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 },
      NOW,
    );
    for (let minutes = 0; minutes < 40; minutes++) appendEntry(db, entry(minutes));
    const kept = headAt(db, NOW + 86_400_000)!;
    db.run(sql.raw("pragma foreign_keys = off"));
    const guard = db.get<{ sql: string }>(sql.raw("select sql from sqlite_master where name = 'ledger_no_delete'"));
    db.run(sql.raw("drop trigger ledger_no_delete"));
    db.run(sql.raw(by));
    if (by.startsWith("delete")) db.run(sql.raw(guard.sql));
    return { db, kept };
  };
  const cut = altered("delete from ledger where seq > 21").db;
  for (const found of [checkLedger(cut), checkNewEntries(cut, UNCHECKED).chain])
    expect(found).toEqual({ kind: "cut-off", afterSeq: 21, missing: 20 });
  const all = altered("delete from ledger").db;
  expect(checkLedger(all)).toEqual({ kind: "cut-off", afterSeq: 0, missing: 41 });
  // who covers that up as well is given away by the house being open
  all.run(sql.raw("delete from sqlite_sequence where name = 'ledger'"));
  expect(checkLedger(all)).toEqual({ kind: "cut-off", afterSeq: 0, missing: 1 });
  expect(checkLedger(altered("select 1").db)).toEqual({ kind: "unguarded" });
  // what covers up everything inside the file is found against a seal that was kept elsewhere
  const { db, kept } = altered("delete from ledger where seq > 21");
  db.run(sql.raw("update sqlite_sequence set seq = 21 where name = 'ledger'"));
  expect(checkLedger(db).kind).toBe("whole");
  expect(entryOfSeal(db, kept.hash)).toBeUndefined();
});

test("the file itself refuses to change or drop an entry", () => {
  const db = openDatabase(":memory:");
  appendEntry(db, entry(0));
  expect(() => db.run(sql.raw("update ledger set who = 'nobody'"))).toThrow();
  expect(() => db.run(sql.raw("delete from ledger"))).toThrow();
});

test("entries of a stretch come newest first, its end left out; a correction points at what it corrects", () => {
  const db = openDatabase(":memory:");
  for (const minutes of [0, 1, 2]) appendEntry(db, entry(minutes));
  const between = entriesBetween(db, NOW, NOW + 2 * 60_000);
  expect(between.map(({ payload }) => payload)).toEqual([{ colour: "blue 1" }, { colour: "blue 0" }]);
  const corrected = valueOf(correctEntry(db, between[0]!.seq, "it was the green one", "Anu", NOW + 5 * 60_000));
  expect(findEntry(db, corrected.seq)).toMatchObject({ correctsSeq: between[0]!.seq, kind: "correction" });
  expect(checkLedger(db).kind).toBe("whole");
});
