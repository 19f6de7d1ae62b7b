import { openDatabase, fileUnder, type Db } from "@/db/connection";
import { checkLedger } from "@/db/ledger";
import { lotsOnIce } from "@/db/lots/lots";
import { ledger } from "@/db/schema/ledger";
import { lots } from "@/db/schema/larder";
import { plates } from "@/db/schema/cards";
import { checkState } from "@/db/seals/check";
import { makeDemoHouse } from "./house";

/** When somebody may open it: in the house's zone and out of it, beside both changes of its clock, on a day that comes every four years. */
const MOMENTS = [
  ["an afternoon", "2026-05-12T15:00:00Z"],
  ["one minute past midnight in the house", "2026-06-30T22:01:00Z"],
  ["one minute before midnight elsewhere", "2026-12-31T23:59:00Z"],
  ["the hour that is left out in spring", "2026-03-29T01:30:00Z"],
  ["the hour that comes twice in autumn", "2026-10-25T00:30:00Z"],
  ["two days after the clock went back", "2026-10-27T09:00:00Z"],
  ["the leap day", "2028-02-29T06:00:00Z"],
] as const;

const houseAt = (nowMs: number): Db => {
  const db = openDatabase(":memory:");
  makeDemoHouse(db, nowMs);
  return db;
};

/** What was written, without what names it in one file only. */
const written = (db: Db, nowMs: number) =>
  db
    .select()
    .from(ledger)
    .all()
    .map(({ atMs, who, kind }) => ({ kind, who, agoMs: nowMs - atMs }));

describe.each(MOMENTS)("the demo house opened at %s", (_, moment) => {
  const nowMs = Date.parse(moment);
  const db = houseAt(nowMs);

  test("nothing in it is still to come, and it goes back two weeks", () => {
    const entries = written(db, nowMs);
    expect(entries.length).toBeGreaterThan(150);
    expect(Math.min(...entries.map(({ agoMs }) => agoMs))).toBeGreaterThanOrEqual(0);
    expect(Math.max(...entries.map(({ agoMs }) => agoMs)) / 86_400_000).toBeCloseTo(15, 0);
    for (const { receivedAtMs } of db.select().from(lots).all()) expect(receivedAtMs).toBeLessThanOrEqual(nowMs);
    for (const { atMs } of db.select().from(plates).all()) expect(atMs).toBeLessThanOrEqual(nowMs);
  });

  test("everybody who did something is of the house", () => {
    expect([...new Set(written(db, nowMs).map(({ who }) => who))].sort()).toEqual(["Maike", "Torben", "Ylva"]);
  });

  test("every seal fits, and so does every row", () => {
    expect(checkLedger(db).kind).toBe("whole");
    expect(checkState(fileUnder(db))).toMatchObject({ kind: "whole" });
  });

  test("there is something for every room", () => {
    const species = new Set(lotsOnIce(db).map(({ speciesId }) => speciesId));
    for (const id of ["arctic-char", "cod", "mackerel", "octopus"]) expect([...species]).toContain(id);
    expect(db.select().from(plates).all().length).toBeGreaterThan(5);
  });
});

test("it is the same house whenever it is opened, but for the date", () => {
  const [one, two] = [Date.parse("2026-05-12T15:00:00Z"), Date.parse("2026-05-20T15:00:00Z")];
  expect(written(houseAt(one), one)).toEqual(written(houseAt(two), two));
});
