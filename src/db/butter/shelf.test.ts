import { eq } from "drizzle-orm";
import { ALLERGEN_IDS } from "@/core/safety";
import { makeDemoHouse } from "@/demo/house";
import { valueOf } from "@/core/shared";
import { reductionOf } from "@/house/butter/liveReduction";
import { clockAt } from "@/house/butter/panClock";
import { mountedAs } from "@/house/butter/sauceSpec";
import { openDatabase } from "../connection";
import { checkLedger, entriesAbout } from "../ledger";
import { madeLots } from "../larder/madeLots";
import { makeInputs, makeLosses, makeOutputs } from "../schema/larder";
import { potCooled, readPot } from "./cooling";
import { boughtGoods, keepGood, retireGood, shelfOf } from "./goods";
import { changeOil, fryers, noteStrip } from "./oil";
import { makePreparation, preparationsNow, setPar, takePortions } from "./preparations";
import { endReduction, liveReductions, noteReduction, pacesOf, startReduction } from "./reductions";
import { lastTaste, makeBase, mountSauce, saucesNow } from "./sauces";
import { findSauce, keepSauceSpec } from "./specs";
import { buyStock, stocksNow } from "./stocks";

const NOW = Date.UTC(2026, 4, 12, 15);
const stamp = (afterMin = 0) => ({
  who: "Ylva",
  atMs: NOW + afterMin * 60_000,
  requestId: `shelf-${afterMin}`,
  dayStamp: "0512",
});
const STOVE = { panMm: 200, netPowerW: 900 } as const;
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

const value = <T>(found: { readonly ok: boolean; readonly value?: T; readonly error?: unknown }): T => {
  if (!found.ok) throw new Error(JSON.stringify(found.error));
  return found.value as T;
};

/** Grams and cents in less grams and cents out of a make. */
function balance(makeId: string): { readonly grams: number; readonly cents: number } {
  const total = (rows: readonly { readonly massG: number; readonly cents?: number }[]) =>
    rows.reduce((sum, { massG, cents = 0 }) => ({ grams: sum.grams + massG, cents: sum.cents + cents }), {
      grams: 0,
      cents: 0,
    });
  const inside = total(db.select().from(makeInputs).where(eq(makeInputs.makeId, makeId)).all());
  const out = total(db.select().from(makeOutputs).where(eq(makeOutputs.makeId, makeId)).all());
  const lost = total(db.select().from(makeLosses).where(eq(makeLosses.makeId, makeId)).all());
  return { grams: inside.grams - out.grams - lost.grams, cents: inside.cents - out.cents };
}
const makeOf = (lotId: string) => db.select().from(makeOutputs).where(eq(makeOutputs.lotId, lotId)).get()!.makeId;

test("a sauce draws its stock from the pot that must go first, then from the shelf, and brings what that pot holds", () => {
  const before = stocksNow(db).map(({ lot }) => lot);
  expect(before.length).toBeGreaterThan(0);
  const haveG = before.reduce((sum, { remainingG }) => sum + remainingG, 0);
  const sauce = findSauce(db, "oyster-cream")!;
  // 60 ml a cover: more than the pot holds
  const covers = Math.ceil(haveG / 60) + 4;
  const lot = value(makeBase(db, sauce, { covers, ...STOVE, netPowerW: 1850, panMm: 280, placeId: null }, stamp(1)));
  expect(stocksNow(db)).toEqual([]);
  const inputs = db
    .select()
    .from(makeInputs)
    .where(eq(makeInputs.makeId, makeOf(lot.id)))
    .all();
  const drawn = inputs.filter(({ lotId }) => lotId !== null);
  expect(drawn.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(haveG, 3);
  expect(inputs.find(({ itemId }) => itemId === "bought:fish-stock")!.massG).toBeCloseTo(covers * 60 - haveG, 3);
  expect(lot.allergens).toMatchObject({ fish: "contains", celery: "unknown", milk: "contains" });
  expect(Math.abs(balance(makeOf(lot.id)).grams)).toBeLessThan(0.01);
  expect(balance(makeOf(lot.id)).cents).toBe(0);
});

test("a bought stock is drawn from like the house's own, with what its label was read for", () => {
  const free = Object.fromEntries(ALLERGEN_IDS.map((id) => [id, id === "fish" ? "contains" : "free"]));
  const bought = { name: "Fish stock of the market", volumeMl: 900, cents: 1080, useByMs: NOW + 3 * 86_400_000 };
  const pot = buyStock(db, { ...bought, allergens: free as never, placeId: null }, stamp(2));
  const glaze = findSauce(db, "turbot-glaze")!;
  const lot = value(makeBase(db, glaze, { covers: 14, ...STOVE, placeId: null }, stamp(3)));
  expect(lot.allergens).toMatchObject({ fish: "contains", celery: "free" });
  expect(stocksNow(db)[0]!.lot).toMatchObject({ id: pot.id });
  expect(stocksNow(db)[0]!.lot.remainingG).toBeCloseTo(900 * 1.005 - 14 * 30, 1);
});

test("a pot over its days is not drawn from", () => {
  const free = Object.fromEntries(ALLERGEN_IDS.map((id) => [id, "free"]));
  const old = { name: "Old stock", volumeMl: 500, cents: 0, useByMs: NOW - 1, allergens: free as never, placeId: null };
  const pot = buyStock(db, old, stamp(4));
  value(makeBase(db, findSauce(db, "turbot-glaze")!, { covers: 40, ...STOVE, placeId: null }, stamp(5)));
  expect(stocksNow(db).find(({ lot }) => lot.id === pot.id)!.lot.remainingG).toBe(pot.remainingG);
});

test("a good by its label is counted by it, and another label is another good", () => {
  const label = {
    label: "Soft salted butter",
    use: "fat",
    mountsAs: "butter",
    fatPct: 70,
    proteinPct: 1,
    carbohydratePct: 1,
    sugarPct: 1,
    saltPct: 2,
    acidPct: 0,
    acetic: false,
    abvPct: 0,
    gPerMl: 0.95,
    allergens: ["milk"],
    mayContain: ["nuts"],
    wholeLabelRead: true,
  } as const;
  const id = value(keepGood(db, label, 700, stamp(6)));
  expect(value(keepGood(db, label, 720, stamp(7)))).toBe(id);
  expect(value(keepGood(db, { ...label, saltPct: 1 }, 700, stamp(8)))).not.toBe(id);
  expect(keepGood(db, { ...label, fatPct: 99 }, 700, stamp(9))).toMatchObject({ ok: false });
  const spec = { ...findSauce(db, "beurre-blanc")!.spec, mount: [{ ingredientId: id, massG: 150 }], name: "Own" };
  keepSauceSpec(db, "own", spec, stamp(9));
  const base = value(makeBase(db, findSauce(db, "own")!, { covers: 4, ...STOVE, placeId: null }, stamp(10)));
  const facts = { covers: 4, ...STOVE, servedC: 52, surfaceMm: 160, lid: true, baseLotId: base.id } as const;
  const sauce = value(mountSauce(db, findSauce(db, "own")!, { ...facts, ruleSetId: "eu-853" }, stamp(11)));
  expect(sauce.allergens).toMatchObject({ milk: "contains", nuts: "may", egg: "free" });
  // off the shelf it still says what was made with it
  expect(retireGood(db, id, stamp(12)).ok).toBe(true);
  expect(retireGood(db, id, stamp(12)).ok).toBe(false);
  expect(boughtGoods(db).find(({ good }) => good.id === id)!.retired).toBe(true);
  expect(mountedAs(spec, facts, shelfOf(db))).not.toBeNull();
});

test("what the tasting adds goes into the sauce and is offered next time for other covers", () => {
  const sauce = findSauce(db, "beurre-blanc")!;
  const base = value(makeBase(db, sauce, { covers: 8, ...STOVE, placeId: null }, stamp(20)));
  expect(lastTaste(db, "beurre-blanc", 4)).toEqual([]);
  const taste = [
    { ingredientId: "salt", massG: 2 },
    { ingredientId: "lemon-juice", massG: 5 },
  ];
  const facts = { covers: 4, ...STOVE, servedC: 52, surfaceMm: 160, lid: true, taste } as const;
  const lot = value(mountSauce(db, sauce, { ...facts, baseLotId: base.id, ruleSetId: "eu-853" }, stamp(21)));
  const kept = saucesNow(db).find((one) => one.lot.id === lot.id)!;
  const question = mountedAs(kept.spec, kept.mount!, shelfOf(db))!;
  expect(question.base.massG + question.add.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(lot.massG, 0);
  expect(lastTaste(db, "beurre-blanc", 12).map(({ massG }) => massG)).toEqual([6, 15]);
});

test("a reduction on the fire follows what is seen of it and teaches the pan", () => {
  const parts = [
    { ingredientId: "white-wine", ml: 150 },
    { ingredientId: "wine-vinegar", ml: 150 },
  ];
  const asked = { name: "Beurre blanc base", specId: null, covers: 4, parts, toMl: 45, ...STOVE, panG: 800 };
  const id = value(startReduction(db, asked, stamp(30)));
  expect(startReduction(db, { ...asked, toMl: 900 }, stamp(30))).toMatchObject({ ok: false });
  const shelf = shelfOf(db);
  const facts = () => liveReductions(db).find((one) => one.id === id)!.facts;
  const model = reductionOf(facts(), shelf)!;
  expect(noteReduction(db, id, { weighedG: 700 }, stamp(36))).toMatchObject({ ok: false });
  value(noteReduction(db, id, { weighedG: 1050 }, stamp(36)));
  const clock = clockAt(model, facts(), 6 * 60);
  expect(clock.by).toBe("weight");
  // 250 g of 300 after six minutes: slower than the model
  expect(clock.pace).toBeLessThan(1);
  expect(pacesOf(db).some(({ panMm }) => panMm === 200)).toBe(false);
  const ended = value(endReduction(db, id, "done", stamp(50)));
  expect(ended.tookSeconds).toBe(20 * 60);
  expect(endReduction(db, id, "done", stamp(51))).toMatchObject({ ok: false });
  const learned = pacesOf(db).find(({ panMm, netPowerW }) => panMm === 200 && netPowerW === 900)!;
  expect(learned.pace).toBeCloseTo(Math.sqrt(ended.modelSeconds / 1200), 3);
  // the next one in this pan begins with what was learned; one that is given up teaches nothing
  const next = value(startReduction(db, asked, stamp(60)));
  expect(liveReductions(db).find((one) => one.id === next)!.facts.pace).toBeCloseTo(learned.pace, 6);
  value(endReduction(db, next, "given-up", stamp(61)));
  expect(pacesOf(db).find(({ panMm }) => panMm === 200)!.pace).toBeCloseTo(learned.pace, 9);
  expect(entriesAbout(db, { kind: "make", id }).map(({ kind }) => kind)).toEqual([
    "reduction-started",
    "reduction-noted",
    "reduction-ended",
  ]);
});

test("a compound butter is made, counted in portions, runs down to its par and balances", () => {
  const here = () => preparationsNow(db).find(({ preparation }) => preparation.id === "caper-butter")!;
  expect(here()).toMatchObject({ portions: 2, par: 2, low: true });
  const wanted = { covers: 20, frozen: true, placeId: null, ruleSetId: "eu-853" } as const;
  const lot = value(makePreparation(db, { ...wanted, preparationId: "caper-butter" }, stamp(70)));
  expect(Math.abs(balance(makeOf(lot.id)).grams)).toBeLessThan(0.01);
  expect(balance(makeOf(lot.id)).cents).toBe(0);
  expect(lot.allergens).toMatchObject({ milk: "contains", fish: "unknown" });
  expect(here().low).toBe(false);
  expect(value(takePortions(db, lot.id, 40, stamp(71)))).toBeCloseTo(lot.massG - 40, 6);
  expect(takePortions(db, lot.id, 9000, stamp(72))).toMatchObject({ ok: false });
  setPar(db, "caper-butter", null);
  expect(here().par).toBeNull();
  // what does not stand the cold is refused, not frozen
  expect(makePreparation(db, { ...wanted, preparationId: "rice" }, stamp(73))).toMatchObject({ ok: false });
});

test("nothing is mounted on a base past its days, and nothing past its days is taken out", () => {
  const sauce = findSauce(db, "beurre-blanc")!;
  const base = value(makeBase(db, sauce, { covers: 4, ...STOVE, placeId: null }, stamp(75)));
  const facts = { covers: 4, ...STOVE, servedC: 52, surfaceMm: 160, lid: true, baseLotId: base.id } as const;
  const late = stamp(75 + 4 * 24 * 60);
  expect(mountSauce(db, sauce, { ...facts, ruleSetId: "eu-853" }, late)).toMatchObject({
    error: { kind: "baseIsOver" },
  });
  const rice = { preparationId: "rice", covers: 4, frozen: false, placeId: null, ruleSetId: "eu-853" } as const;
  const lot = value(makePreparation(db, rice, stamp(76)));
  expect(takePortions(db, lot.id, 50, late)).toMatchObject({ ok: false, error: { code: "butter.thatLotIsOver" } });
});

test("a herb oil made here is what the sauces of the house whisk in", () => {
  const oil = madeLots(db).find(({ item }) => item.facts.preparationId === "dill-oil")!;
  const spec = { ...findSauce(db, "beurre-blanc")!.spec, name: "Herb", base: [], reduceToMl: null };
  keepSauceSpec(
    db,
    "herb",
    {
      ...spec,
      mount: [
        { ingredientId: "cream", massG: 50 },
        { ingredientId: "herb-oil", massG: 40 },
      ],
    },
    stamp(80),
  );
  const facts = { covers: 4, ...STOVE, servedC: 50, surfaceMm: 160, lid: true, baseLotId: null } as const;
  const lot = value(mountSauce(db, findSauce(db, "herb")!, { ...facts, ruleSetId: "eu-853" }, stamp(81)));
  const inputs = db
    .select()
    .from(makeInputs)
    .where(eq(makeInputs.makeId, makeOf(lot.id)))
    .all();
  expect(inputs.find(({ lotId }) => lotId === oil.lot.id)!.massG).toBeCloseTo(40, 6);
});

test("the oil is judged by its strip, and a strip from before the change says nothing", () => {
  const fryer = () => fryers(db, NOW + 90 * 60_000)[0]!;
  expect(fryer()).toMatchObject({ polarPct: 21.5, verdict: "watch" });
  expect(valueOf(noteStrip(db, "fryer", 27, stamp(84)))).toBe("out");
  expect(fryer().verdict).toBe("out");
  expect(changeOil(db, "fryer", stamp(85)).ok).toBe(true);
  expect(fryer()).toMatchObject({ polarPct: null, verdict: null });
  expect(noteStrip(db, "nowhere", 10, stamp(86)).ok).toBe(false);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a strained pot is known to have cooled only by its readings, and one that was too slow goes into nothing", () => {
  const stockPot = (yieldAt: number) => {
    const free = Object.fromEntries(ALLERGEN_IDS.map((id) => [id, "free"]));
    const pot = { name: "Fish stock", volumeMl: 600, cents: 0, useByMs: NOW + 2 * 86_400_000 };
    return buyStock(db, { ...pot, allergens: free as never, placeId: null }, stamp(yieldAt));
  };
  const pot = stockPot(200);
  expect(potCooled(db, pot, "eu-853")).toMatchObject({ verdict: "incomplete", lastC: null, read: 0 });
  expect(valueOf(readPot(db, pot.id, 30, "eu-853", stamp(260)))).toMatchObject({ verdict: "incomplete" });
  expect(valueOf(readPot(db, pot.id, 9, "eu-853", stamp(300)))).toMatchObject({ verdict: "pass", read: 2 });
  const slow = stockPot(201);
  expect(valueOf(readPot(db, slow.id, 40, "eu-853", stamp(501)))).toMatchObject({ verdict: "fail" });
  value(makeBase(db, findSauce(db, "turbot-glaze")!, { covers: 80, ...STOVE, placeId: null }, stamp(502)));
  const left = new Map(stocksNow(db).map(({ lot }) => [lot.id, lot.remainingG]));
  expect(left.has(pot.id)).toBe(false);
  expect(left.get(slow.id)).toBe(slow.remainingG);
  expect(readPot(db, "nothing", 5, "eu-853", stamp(403))).toMatchObject({ error: { kind: "potIsGone" } });
});
