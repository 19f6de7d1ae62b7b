import { sql } from "drizzle-orm";
import { openDatabase } from "./connection";
import { appendEntry, checkLedger, checkNewEntries, correctEntry, entriesBetween, findEntry } from "./ledger";

const NOW = Date.UTC(2026, 4, 12, 15);
const entry = (minutes: number) => ({
  atMs: NOW + minutes * 60_000,
  who: "Ylva",
  kind: "board-washed" as const,
  payload: { colour: "blue", minutes },
});

test("what was checked before is not hashed again, what is new is", () => {
  const db = openDatabase(":memory:");
  appendEntry(db, entry(0));
  appendEntry(db, entry(1));
  expect(checkNewEntries(db)).toEqual({ kind: "whole", entries: 2 });
  appendEntry(db, entry(2));
  expect(checkNewEntries(db)).toEqual({ kind: "whole", entries: 3 });
  expect(checkNewEntries(db)).toEqual({ kind: "whole", entries: 3 });
  expect(checkLedger(db)).toEqual({ kind: "whole", entries: 3 });
});

test("an entry that was altered behind the house's back is found and named", () => {
  const db = openDatabase(":memory:");
  for (const minutes of [0, 1, 2]) appendEntry(db, entry(minutes));
  for (const { name } of db.all<{ name: string }>(sql.raw("select name from sqlite_master where type = 'trigger'")))
    db.run(sql.raw(`drop trigger "${name}"`));
  db.run(sql.raw(`update ledger set payload = '{"colour":"red"}' where seq = 2`));
  expect(checkLedger(db)).toMatchObject({ kind: "broken", atSeq: 2 });
  expect(checkNewEntries(db)).toMatchObject({ kind: "broken", atSeq: 2 });
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
  expect(between.map(({ payload }) => payload["minutes"])).toEqual([1, 0]);
  const corrected = correctEntry(db, between[0]!.seq, "it was the green one", "Anu", NOW + 5 * 60_000)!;
  expect(findEntry(db, corrected.seq)).toMatchObject({ correctsSeq: between[0]!.seq, kind: "correction" });
  expect(checkLedger(db).kind).toBe("whole");
});
