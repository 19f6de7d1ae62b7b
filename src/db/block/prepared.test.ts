import { plainPiece, prepare, preparedLoad, type PreparationStep } from "@/core/block";
import { findSpecies } from "@/core/species";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { batchesOfLot, batchesToCook, findBatch, prepareBatch } from "./batches";
import { cutBatch } from "./cutBatch";
import type { Db } from "../connection";
import { heavyLot, wantedCut } from "../lots/cutting.testkit";
import { checkLedger, entriesOfLot } from "../ledger";
import { lotInHand } from "../lots/stock";
import { cutLives } from "./cutLives";

const NOW = Date.UTC(2026, 4, 12, 15);
const who = { who: "Ylva", atMs: NOW };

function cut(db: Db) {
  const lot = heavyLot(db);
  const done = cutBatch(db, wantedCut(lot.id), { ...who, day: "2026-05-12" });
  if (!done.ok) throw new Error(done.error.kind);
  return { lot, batch: findBatch(db, done.value.id)! };
}

const house = demoCopies(NOW);

const STEPS: readonly PreparationStep[] = [
  { kind: "brined", brinePct: 10, minutes: 10 },
  { kind: "tempered", roomC: 22, minutes: 15 },
];

test("what was done to the portions goes with the batch to the stove and into the book; the last note stands", () => {
  const db = house();
  const { lot, batch } = cut(db);
  const species = findSpecies(lot.speciesId)!;
  const before = plainPiece(species, 150, 22);
  const done = prepare(species, before, STEPS);
  if (!done.ok) throw new Error(done.error.code);
  expect(prepareBatch(db, batch.id, { before, piece: before, steps: [] }, who).ok).toBe(true);
  expect(prepareBatch(db, batch.id, { before, piece: done.value, steps: STEPS }, who).ok).toBe(true);
  expect(findBatch(db, batch.id)!.prepared).toEqual({ before, piece: done.value, steps: STEPS });
  // tempered: warmer than the refrigerator, colder than the room
  expect(done.value.startC).toBeGreaterThan(before.startC);
  expect(done.value.startC).toBeLessThan(22);
  const load = { pieceG: 160, thicknessMm: 24, thinnestMm: 20, thickestMm: 26 };
  const carried = preparedLoad(load, { before, piece: done.value });
  // all of a batch change in the proportion of the one that was reckoned
  expect(carried.pieceG / load.pieceG).toBeCloseTo(done.value.massG / before.massG, 9);
  expect(carried.thinnestMm / carried.thickestMm).toBeCloseTo(20 / 26, 9);
  expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({
    kind: "batch-prepared",
    payload: { code: batch.code, steps: ["brined", "tempered"] },
  });
  expect(prepareBatch(db, "none", { before, piece: before, steps: [] }, who).ok).toBe(false);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a batch waits until its last portion has been cooked, and is found by the lot it came from", () => {
  const db = house();
  const { lot, batch } = cut(db);
  expect(batchesToCook(db, NOW - DAY_MS).map(({ id }) => id)).toContain(batch.id);
  expect(batchesToCook(db, NOW + 1).map(({ id }) => id)).not.toContain(batch.id);
  expect(batchesOfLot(db, lot.id).map(({ id }) => id)).toContain(batch.id);
  expect(batch.portions.map(({ position }) => position)).toEqual(batch.portions.map((_, index) => index));
});

test("cut fish lives shorter than the lot it was cut from, and every hour shortens it", () => {
  const db = house();
  const { lot, batch } = cut(db);
  const [now] = cutLives(db, [batch], NOW + HOUR_MS);
  const [later] = cutLives(db, [batch], NOW + 7 * HOUR_MS);
  const whole = lotInHand(db, lot.id, NOW + HOUR_MS)!;
  expect(now!.life.daysLeft!).toBeLessThan(whole.life.daysLeft!);
  expect(later!.life.daysLeft!).toBeLessThan(now!.life.daysLeft!);
  // shortest first, whatever order they are asked in
  const all = batchesToCook(db, NOW - 3 * DAY_MS);
  const days = cutLives(db, all.toReversed(), NOW).map(({ life }) => life.daysLeft ?? Infinity);
  expect(days).toEqual([...days].sort((a, b) => a - b));
  expect(cutLives(db, [], NOW)).toEqual([]);
});
