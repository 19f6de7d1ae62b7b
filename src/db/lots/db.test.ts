import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { sql } from "drizzle-orm";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { makeDemoHouse } from "@/demo/house";
import { valueOf } from "@/core/shared";
import { batchesToCook, findBatch } from "../block/batches";
import { cutBatch } from "../block/cutBatch";
import { openDatabase, type Db } from "../connection";
import { addCookEvent, cooksOfBatches, findCook, openCooks, startCook } from "../stove/cooks";
import { EVEN_SIDE, heavyLot, wantedCut } from "./cutting.testkit";
import { findHouse, openHouse } from "../house/house";
import { checkLedger, correctEntry, entriesBetween, entriesOfLot } from "../ledger";
import { lotsOnIce, lotsReceivedSince } from "./lots";
import { oldFile } from "../releases/oldFile.testkit";
import { stockOnIce } from "./stock";

const NOW = Date.UTC(2026, 4, 12, 15);
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-db-"));
afterAll(() => rmSync(folder, { recursive: true }));

const demo = demoCopies(NOW);
/**
 * What SQLite itself said; Drizzle wraps it. Not by `instanceof`: the native module keeps the error class
 * of whichever test file of a worker loaded it first.
 */
function reason(run: () => unknown): string {
  try {
    run();
    return "it was done";
  } catch (error) {
    return String((error as { cause?: unknown }).cause ?? error);
  }
}
const stamp = (requestId: string, atMs = NOW) => ({ who: "Ylva", atMs, requestId });

test("a house opens once", () => {
  const db = openDatabase(":memory:");
  const wanted = {
    name: "A",
    timeZone: "UTC",
    units: "metric",
    ruleSetId: "eu-853",
    cooks: ["Anu"],
    coldRoomC: 1,
  } as const;
  expect(valueOf(openHouse(db, wanted, 1))).toMatchObject({ name: "A" });
  expect(openHouse(db, { ...wanted, name: "B" }, 2).ok).toBe(false);
  expect(findHouse(db)?.name).toBe("A");
});

test("the demo house is the same every time, up to ids: lots, lives, refusals, cooks with probes, a whole chain", () => {
  const [first, second] = [openDatabase(":memory:"), openDatabase(":memory:")];
  for (const db of [first, second]) makeDemoHouse(db, NOW);
  const summary = (db: Db) =>
    stockOnIce(db, NOW).map(({ row, life }) => [row.code, row.remainingG, life.daysLeft, life.use]);
  expect(summary(first)).toEqual(summary(second));
  expect(new Set(stockOnIce(first, NOW).map(({ life }) => life.use)).size).toBeGreaterThan(1);
  expect(lotsReceivedSince(first, 0).filter(({ status }) => status === "refused")).toHaveLength(2);
  const entries = entriesBetween(first, 0, NOW + 1);
  expect(entries.filter(({ kind }) => kind === "cook-finished").length).toBeGreaterThan(5);
  expect(entries.every(({ atMs }) => atMs <= NOW)).toBe(true);
  expect(checkLedger(first)).toEqual({ kind: "whole", entries: entries.length });
});

test("ledger and cook events refuse change and deletion", () => {
  const db = demo();
  for (const table of ["ledger", "cook_events"]) {
    expect(reason(() => db.run(sql.raw(`update ${table} set who = 'someone'`)))).toMatch(/only ever added to/);
    expect(reason(() => db.run(sql.raw(`delete from ${table}`)))).toMatch(/only ever added to/);
  }
});

test("a change behind the triggers breaks the chain where it was made", () => {
  const db = demo();
  db.run(sql.raw("drop trigger ledger_no_update"));
  db.run(sql.raw("update ledger set who = 'someone' where seq = 7"));
  expect(checkLedger(db)).toEqual({ kind: "broken", atSeq: 7 });
});

test("a correction is a new entry that points at the old one", () => {
  const db = demo();
  const corrected = valueOf(correctEntry(db, 3, "weighed again", "Ylva", NOW));
  expect(corrected).toMatchObject({ kind: "correction", correctsSeq: 3, payload: { note: "weighed again" } });
  expect(correctEntry(db, 9999, "nothing", "Ylva", NOW).ok).toBe(false);
  expect(checkLedger(db).kind).toBe("whole");
});

describe("cutting", () => {
  const stamp = { who: "Ylva", atMs: NOW, day: "2026-05-12" };
  test("takes the side off the lot, to the gram, and writes it down", () => {
    const db = demo();
    const lot = heavyLot(db);
    expect(cutBatch(db, wantedCut(lot.id), stamp).ok).toBe(true);
    expect(lotsOnIce(db).find(({ id }) => id === lot.id)!.remainingG).toBeCloseTo(lot.remainingG - 900, 6);
    expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({ kind: "batch-cut", payload: { sideG: 900, portions: 6 } });
  });
  test("two sides in one batch, and trim worth keeping is a lot of its own with its use and life", () => {
    const db = demo();
    const lot = heavyLot(db);
    const cut = cutBatch(db, wantedCut(lot.id, { sides: [EVEN_SIDE, { ...EVEN_SIDE, massG: 830 }], covers: 9 }), stamp);
    if (!cut.ok) throw new Error(cut.error.kind);
    const batch = findBatch(db, cut.value.id)!;
    expect(batch.portions).toHaveLength(9);
    expect(new Set(batch.portions.map(({ sideIndex }) => sideIndex))).toEqual(new Set([0, 1]));
    const trim = stockOnIce(db, NOW).find(({ row }) => row.parentId === lot.id && row.partLabel === "Trim")!;
    expect(trim).toMatchObject({ byProduct: true, row: { partUse: "cakes", form: "by-product" } });
    const rest = stockOnIce(db, NOW).filter(
      ({ row }) => row.parentId === lot.id && row.partLabel === "Rest of the side",
    );
    const kept = [trim, ...rest, ...batch.portions].reduce((sum, { massG }) => sum + massG, 0);
    expect(kept).toBeCloseTo(1730, 3);
    expect(trim.life.daysLeft).toBeGreaterThan(0);
  });
  test("what is left of a side for few covers stays a side with its share of the bill, not trim of the day", () => {
    const db = demo();
    const lot = heavyLot(db);
    const wanted = wantedCut(lot.id, { covers: 2, trimUse: "tartare" });
    const cut = cutBatch(db, wanted, stamp);
    if (!cut.ok) throw new Error(cut.error.kind);
    const rest = stockOnIce(db, NOW).filter(
      ({ row }) => row.parentId === lot.id && row.partLabel === "Rest of the side",
    );
    const restG = rest.reduce((sum, { massG }) => sum + massG, 0);
    expect(rest.map(({ byProduct, row }) => [byProduct, row.form])).toEqual([[false, "side"]]);
    expect(restG).toBeGreaterThan(500);
    expect(restG + cut.value.trimG + 300).toBeCloseTo(900, 0);
    const cents = rest.reduce((sum, { valueCents }) => sum + valueCents, 0);
    expect(cents / restG).toBeCloseTo(lot.priceCentsPerKg! / 1000, 1);
  });
  test("never more than is left, never from a lot off the ice; a refusal leaves no trace", () => {
    const db = demo();
    const lot = heavyLot(db);
    const before = checkLedger(db);
    expect(cutBatch(db, wantedCut(lot.id, { sides: [{ ...EVEN_SIDE, massG: 90_000 }] }), stamp)).toMatchObject({
      error: { kind: "moreThanLeft" },
    });
    const refused = lotsReceivedSince(db, 0).find(({ status }) => status === "refused")!;
    expect(cutBatch(db, wantedCut(refused.id), stamp)).toMatchObject({ error: { kind: "lotNotOnIce" } });
    expect(checkLedger(db)).toEqual(before);
  });
});

describe("cooking", () => {
  const begin = (db: Db, requestId = "begin-1") => {
    const batch = batchesToCook(db, 0).find(
      ({ portions }) => portions.filter(({ cookId }) => cookId === null).length >= 2,
    )!;
    const plan = cooksOfBatches(
      db,
      lotsReceivedSince(db, 0).flatMap(({ id }) => batchIdsOf(db, id)),
    )[0]!.plan;
    const started = startCook(db, batch.id, { ...plan, pieces: 2 }, stamp(requestId));
    if (!started.ok) throw new Error(started.error.kind);
    return { cookId: started.value, batchId: batch.id, plan };
  };
  const batchIdsOf = (db: Db, lotId: string) =>
    entriesOfLot(db, lotId).flatMap(({ batchId }) => (batchId ? [batchId] : []));

  test("takes the thickest portions, and a repeated request is the same cook", () => {
    const db = demo();
    const { cookId, batchId, plan } = begin(db);
    const again = startCook(db, batchId, { ...plan, pieces: 2 }, stamp("begin-1"));
    expect(again).toEqual({ ok: true, value: cookId });
    expect(openCooks(db)).toHaveLength(1);
    const batch = batchesToCook(db, 0).find(({ id }) => id === batchId)!;
    const taken = batch.portions
      .filter((portion) => portion.cookId === cookId)
      .map(({ maxThicknessMm }) => maxThicknessMm);
    const left = batch.portions
      .filter((portion) => portion.cookId === null)
      .map(({ maxThicknessMm }) => maxThicknessMm);
    expect(Math.min(...taken)).toBeGreaterThanOrEqual(Math.max(...left));
    expect(startCook(db, batchId, { ...plan, pieces: 30 }, stamp("begin-2"))).toMatchObject({
      error: { kind: "tooFewPortions" },
    });
  });

  test("a tap counts once, a late tap never runs backwards, and the end closes the cook and writes the book", () => {
    const db = demo();
    const { cookId } = begin(db);
    const tap = (
      kind: "advanced" | "probed" | "resumed",
      id: string,
      amount: number | null = null,
      atMs = NOW + 1000,
    ) => addCookEvent(db, cookId, { kind, amount }, stamp(id, atMs));
    expect(tap("resumed", "r1")).toMatchObject({ ok: false, error: { kind: "refused" } });
    tap("probed", "p1", 41.5);
    tap("probed", "p1", 41.5);
    expect(findCook(db, cookId)!.events.filter(({ kind }) => kind === "probed")).toHaveLength(1);
    tap("advanced", "a1", null, NOW - 60_000);
    const times = findCook(db, cookId)!.events.map(({ atMs }) => atMs);
    expect(times).toEqual([...times].sort((a, b) => a - b));
    tap("advanced", "a2");
    tap("advanced", "a3");
    expect(openCooks(db)).toHaveLength(0);
    const lotEntries = entriesBetween(db, NOW, NOW + 10_000).map(({ kind }) => kind);
    expect(lotEntries).toEqual(expect.arrayContaining(["cook-started", "probe-noted", "cook-finished"]));
    expect(tap("advanced", "a4")).toMatchObject({ ok: false });
  });
});

test("a file from the first migration alone is brought up to date with its rows kept", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-db-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 1);
  old.prepare("insert into house values (1, 'Old Quay', 'UTC', 'metric', 'eu-853', 1)").run();
  old
    .prepare(
      "insert into ledger (at_ms, who, kind, payload, prev_hash, hash) values (1, 'A', 'house-opened', '{}', '0', 'h')",
    )
    .run();
  old.close();
  const db = openDatabase(file);
  expect(findHouse(db)?.name).toBe("Old Quay");
  expect(entriesBetween(db, 0, 10)).toHaveLength(1);
  expect(reason(() => db.run(sql.raw("delete from ledger")))).toMatch(/only ever added to/);
  expect(db.get<{ journal_mode: string }>(sql.raw("pragma journal_mode")).journal_mode).toBe("wal");
  expect(db.get<{ foreign_keys: number }>(sql.raw("pragma foreign_keys")).foreign_keys).toBe(1);
  rmSync(folder, { recursive: true });
});
