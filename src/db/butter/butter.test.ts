import { eq } from "drizzle-orm";
import { COMMON_SHELF, POTS } from "@/core/butter";
import { makeDemoHouse } from "@/demo/house";
import { mountedAs } from "@/house/butter/sauceSpec";
import { openDatabase } from "../connection";
import { entriesAbout } from "../ledger";
import { madeLot } from "../larder/madeLots";
import { findLot, lotsOnIce } from "../lots/lots";
import { wasteSince } from "../lots/waste";
import { makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";
import { openHotHolds } from "../stove/hotHolds";
import { endSauce, makeBase, mountSauce, saucesNow } from "./sauces";
import { findSauce, keepSauceSpec, sauceByHash } from "./specs";
import { bonesOnIce, finishStock, runningPots, startStock } from "./stocks";

const NOW = Date.UTC(2026, 4, 12, 15);
const stamp = (requestId: string, afterMin = 0) => ({
  who: "Ylva",
  atMs: NOW + afterMin * 60_000,
  requestId,
  dayStamp: "0512",
});
const STOVE = { panMm: 200, netPowerW: 900 } as const;
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

const value = <T>(found: { readonly ok: boolean; readonly value?: T; readonly error?: unknown }): T => {
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value as T;
};
const sumG = (rows: readonly { readonly massG: number }[]) => rows.reduce((sum, { massG }) => sum + massG, 0);
const balance = (id: string) =>
  sumG(db.select().from(makeInputs).where(eq(makeInputs.makeId, id)).all()) -
  sumG(db.select().from(makeOutputs).where(eq(makeOutputs.makeId, id)).all()) -
  sumG(db.select().from(makeLosses).where(eq(makeLosses.makeId, id)).all());
const makeOf = (lotId: string) => db.select().from(makeOutputs).where(eq(makeOutputs.lotId, lotId)).get()!.makeId;

test("a base and the sauce on it are two makes with two lives; grams and cents go from one into the other", () => {
  const sauce = findSauce(db, "beurre-blanc")!;
  const base = value(makeBase(db, sauce, { covers: 8, ...STOVE, placeId: null }, stamp("base")));
  expect(base.useByMs).toBe(NOW + 3 * 86_400_000);
  const facts = { covers: 4, ...STOVE, servedC: 52, surfaceMm: 200, lid: true };
  const sauceLot = value(
    mountSauce(db, sauce, { ...facts, baseLotId: base.id, ruleSetId: "eu-853" }, stamp("mount", 1)),
  );
  expect(Math.abs(balance(makeOf(base.id))) + Math.abs(balance(makeOf(sauceLot.id)))).toBeLessThan(0.01);
  const left = madeLot(db, base.id)!;
  expect(left.remainingG / base.massG).toBeCloseTo(0.5, 2);
  expect(Math.abs(left.remainingCents - base.totalCents / 2)).toBeLessThanOrEqual(1);
  // it lives no longer than what is in it, and brings what went in
  expect(sauceLot.useByMs).toBe(base.useByMs);
  expect(sauceLot.allergens).toMatchObject({ milk: "contains", sulphites: "contains", fish: "free" });
  expect(openHotHolds(db).some(({ lotId }) => lotId === sauceLot.id)).toBe(true);
});

test("what a sauce holds is worked out from its spec and where it was made, not stored", () => {
  const waiting = saucesNow(db).find(({ mount }) => mount)!;
  const question = mountedAs(waiting.spec, waiting.mount!, COMMON_SHELF)!;
  expect(sumG([question.base, ...question.add])).toBeCloseTo(waiting.lot.massG, 0);
});

test("there is no mounting on another sauce's base, nor on less base than it wants", () => {
  const sauce = findSauce(db, "beurre-blanc")!;
  const other = saucesNow(db).find(({ specId, mount }) => specId === "cider-mussel" && !mount)!.lot;
  const own = saucesNow(db).find(({ specId, mount }) => specId === "beurre-blanc" && !mount)!.lot;
  const facts = { covers: 60, ...STOVE, servedC: 52, surfaceMm: 200, lid: true, ruleSetId: "eu-853" } as const;
  expect(mountSauce(db, sauce, { ...facts, baseLotId: other.id }, stamp("x"))).toMatchObject({
    error: { kind: "noBase" },
  });
  expect(mountSauce(db, sauce, { ...facts, baseLotId: own.id }, stamp("y"))).toMatchObject({
    error: { kind: "notEnoughBase" },
  });
});

test("at close what is left is poured away with its grams and cents, and its clock ends", () => {
  const { lot } = saucesNow(db).findLast(({ mount }) => mount)!;
  const { pouredG, cents } = value(
    endSauce(db, lot.id, { massG: 50, reason: "poured away at close" }, stamp("end", 90)),
  );
  expect(pouredG).toBe(50);
  expect(cents).toBe(Math.round((lot.remainingCents * 50) / lot.remainingG));
  expect(madeLot(db, lot.id)).toBeUndefined();
  expect(openHotHolds(db).some(({ lotId }) => lotId === lot.id)).toBe(false);
  expect(wasteSince(db, NOW)[0]).toMatchObject({ speciesId: null, itemName: "Beurre blanc", massG: 50 });
  // a fish on ice is no sauce
  expect(endSauce(db, lotsOnIce(db)[0]!.id, { massG: 1, reason: "" }, stamp("fish", 91))).toMatchObject({
    error: { kind: "notHere" },
  });
  expect(endSauce(db, lot.id, { massG: 1, reason: "" }, stamp("again", 91))).toMatchObject({
    error: { kind: "notHere" },
  });
});

test("a changed sauce is a new spec; what was made keeps the one it was made by", () => {
  const before = findSauce(db, "beurre-blanc")!;
  const hash = keepSauceSpec(db, "beurre-blanc", { ...before.spec, servedC: 50 }, stamp("spec"));
  expect(hash).not.toBe(before.hash);
  expect(findSauce(db, "beurre-blanc")!.spec.servedC).toBe(50);
  expect(sauceByHash(db, before.hash)!.spec.servedC).toBe(52);
  expect(keepSauceSpec(db, "beurre-blanc", { ...before.spec, servedC: 50 }, stamp("same"))).toBe(hash);
});

test("bones into a pot: refused ones say why, the others leave the ice, and the strained stock balances", () => {
  const all = bonesOnIce(db, NOW);
  const refused = all.find(({ whyNot }) => whyNot !== null)!;
  const ask = { waterMl: 1300, aromaticsG: 150, pot: POTS[0]!, netPowerW: 2200, simmerMin: 22 };
  expect(startStock(db, { ...ask, bones: [refused.lot.id] }, stamp("pot"))).toMatchObject({
    error: { kind: "notForStock" },
  });
  const bones = all.filter(({ whyNot }) => whyNot === null).map(({ lot }) => lot.id);
  const potId = value(startStock(db, { ...ask, bones }, stamp("pot")));
  expect(bones.map((id) => findLot(db, id)!.status)).toEqual(bones.map(() => "finished"));
  expect(startStock(db, { ...ask, bones }, stamp("twice"))).toMatchObject({ error: { kind: "bonesGone" } });
  expect(runningPots(db).map(({ id }) => id)).toContain(potId);
  const out = { iceG: 1200, stirred: true, placeId: null, ruleSetId: "eu-853" } as const;
  expect(finishStock(db, potId, { ...out, yieldMl: 9000 }, stamp("much", 40))).toMatchObject({
    error: { kind: "tooMuchOut" },
  });
  const lot = value(finishStock(db, potId, { ...out, yieldMl: 1100 }, stamp("strain", 40)));
  expect(lot.allergens).toMatchObject({ fish: "contains", celery: "unknown", milk: "free" });
  expect(Math.abs(balance(potId))).toBeLessThan(0.01);
  expect(db.select().from(makes).where(eq(makes.id, potId)).get()!.facts).toMatchObject({ open: false });
  expect(finishStock(db, potId, { ...out, yieldMl: 1000 }, stamp("late", 41))).toMatchObject({
    error: { kind: "potGone" },
  });
  expect(entriesAbout(db, { kind: "make", id: potId }).map(({ kind }) => kind)).toEqual([
    "stock-started",
    "stock-made",
  ]);
});
