import { allergenLines, dishOf } from "@/core/cards";
import { makeDemoHouse } from "@/demo/house";
import { readCardFile, writeCardFile } from "@/house/cardFile";
import { recipeOf } from "@/exchange/recipe";
import { passOf } from "@/house/pass";
import { openDatabase } from "../connection";
import { boughtGoods } from "../butter/goods";
import { findSauce } from "../butter/specs";
import { findHouse, openHouse } from "../house/house";
import { checkLedger } from "../ledger";
import { plates } from "../schema/cards";
import { bookCard, bookedOn, offNow, strikeCard } from "./bookings";
import { cardSpecs, findCard, keepCard } from "./cardSpecs";
import { changedSince } from "./changes";
import { openCardFile } from "./openFile";
import { passCards, servedSince, serveCard } from "./pass";
import { cardWorld } from "./world";

const NOW = Date.UTC(2026, 4, 12, 15);
const DAY = "2026-05-12";
const MIDNIGHT = NOW - 17 * 3_600_000;
const stamp = (afterMin = 0) => ({ who: "Ylva", atMs: NOW + afterMin * 60_000 });
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

const world = (atMs = NOW) => cardWorld(db, findHouse(db)!, atMs, new Set(["mackerel", "king-scallop", "ocean-trout"]));
const pass = (atMs = NOW) => passOf(passCards(db, DAY, MIDNIGHT, atMs), world(atMs));
const tile = (cardId: string, atMs = NOW) => pass(atMs).find((one) => one.cardId === cardId)!;

test("the pass: char, cod and mussels with their covers, and what is not there says so", () => {
  expect(tile("char")).toMatchObject({ toCome: 14, short: 0 });
  // 12 kg of mussels in pots of 500 g, twenty of them booked
  expect(tile("mussels")).toMatchObject({ toCome: 20, left: 4 });
  expect(tile("cod").left).toBeGreaterThan(0);
  expect(tile("cuttlefish")).toMatchObject({ left: 0, from: null });
  expect(bookedOn(db, DAY).find(({ card }) => card === null)).toMatchObject({ speciesId: "sea-bass", covers: 30 });
});

test("every allergen, cent and gram opens to the lot, plan or label it came from", () => {
  for (const { spec } of cardSpecs(db)) {
    for (const { from, label } of dishOf(spec, world()).components) {
      expect({ label, kind: from.kind }).toMatchObject({
        kind: expect.stringMatching(/lot|species|method|sauce|preparation|good/),
      });
    }
  }
  const cod = dishOf(findCard(db, "cod")!.spec, world());
  expect(cod.components[0]!.from).toMatchObject({ kind: "lot" });
  expect(cod.cost.highCents).not.toBeNull();
});

test("booking more than the ice has is said as short; struck off it takes nothing from the others", () => {
  expect(bookCard(db, DAY, "mussels", 30, stamp(1))).toBe(true);
  expect(tile("mussels")).toMatchObject({ toCome: 30, left: 0, short: 6 });
  expect(bookCard(db, DAY, "nothing", 3, stamp(1))).toBe(false);
  expect(strikeCard(db, "mussels", "grit in them", stamp(2))).toBe(true);
  expect(strikeCard(db, "mussels", "twice", stamp(2))).toBe(false);
  expect(tile("mussels")).toMatchObject({ left: 0, off: { who: "Ylva", reason: "grit in them" } });
  expect(strikeCard(db, "mussels", null, stamp(3))).toBe(true);
  expect(offNow(db)).toEqual([]);
  bookCard(db, DAY, "mussels", 20, stamp(4));
});

test("a plate that went keeps the card and the allergens it had; the next carries a new hash", () => {
  const before = findCard(db, "char")!;
  expect(serveCard(db, "char", 3, world(), stamp(10))).toBe(before.spec.name);
  expect(servedSince(db, MIDNIGHT, NOW + 3_600_000).get("char")).toBe(3);
  expect(tile("char", NOW + 11 * 60_000)).toMatchObject({ toCome: 11, served: 3 });
  const finish = [{ ingredientId: "mustard", massG: 3 }];
  const hash = keepCard(db, "char", { ...before.spec, finish }, stamp(20));
  expect(hash).not.toBe(before.hash);
  expect(keepCard(db, "char", { ...before.spec, finish }, stamp(21))).toBe(hash);
  serveCard(db, "char", 1, world(), stamp(22));
  const served = db
    .select()
    .from(plates)
    .all()
    .filter(({ cardHash }) => cardHash !== null);
  expect(
    served.slice(0, 3).every(({ cardHash, allergens }) => cardHash === before.hash && allergens?.mustard === "free"),
  ).toBe(true);
  expect(served.at(-1)).toMatchObject({ cardHash: hash, allergens: { mustard: "contains" } });
  expect(changedSince(db, NOW - 60_000).map(({ cardId }) => cardId)).toEqual(["char"]);
  // back to the wording of yesterday: nothing changed for the floor
  keepCard(db, "char", before.spec, stamp(30));
  expect(findCard(db, "char")!.hash).toBe(before.hash);
});

test("a special is for its day alone", () => {
  const special = { ...findCard(db, "cod")!.spec, name: "Sea bass, special", onlyOn: DAY };
  const bass = { ...special, piece: { ...special.piece, speciesIds: ["sea-bass"], massG: 150 } };
  keepCard(db, "special", bass, stamp(40));
  // 6.18 kg whole, at its yield, in pieces of 150 g: fewer than the thirty that are booked
  const { left } = tile("special");
  expect(left).toBeGreaterThanOrEqual(15);
  expect(left).toBeLessThan(30);
  expect(cardSpecs(db, "2026-05-13").some(({ cardId }) => cardId === "special")).toBe(false);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a card opens in another house with its sauce and its goods, and is the same dish there", () => {
  const own = boughtGoods(db).map(({ good }) => good);
  const sauce = { ...findSauce(db, "beurre-blanc")!.spec, mount: [{ ingredientId: own[0]!.id, massG: 150 }] };
  const card = { ...findCard(db, "char")!.spec, name: "Travelling", sauce: { specId: "mine", share: 1, apart: false } };
  const file = writeCardFile(card, sauce, own);
  expect(file.goods).toHaveLength(1);
  const read = readCardFile(JSON.stringify(file));
  expect(read).toEqual({ ok: true, value: file });
  const other = openDatabase(":memory:");
  openHouse(
    other,
    { name: "Other", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Una"], coldRoomC: 2 },
    NOW,
  );
  const there = findCard(other, openCardFile(other, file, stamp()))!;
  expect(there.spec).toEqual({ ...card, sauce: { ...card.sauce, specId: there.spec.sauce!.specId } });
  const world = cardWorld(other, findHouse(other)!, NOW, new Set());
  expect(dishOf(there.spec, world).components.find(({ role }) => role === "sauce")).toMatchObject({
    label: sauce.name,
  });
  expect(dishOf(there.spec, world).allergens.milk).toBe("contains");
  expect(readCardFile("no json")).toMatchObject({ ok: false, error: { kind: "notJson" } });
  expect(readCardFile(JSON.stringify({ ...file, version: 9 }))).toMatchObject({ error: { path: "version" } });
});

test("as a schema.org Recipe it says its parts, its energy and its allergens, known and not", () => {
  const { spec, hash } = findCard(db, "cod")!;
  const dish = dishOf(spec, world());
  const recipe = recipeOf({
    name: spec.name,
    dish,
    plateSeconds: spec.plateSeconds,
    allergens: allergenLines(dish.allergens, "eu-853"),
    version: hash,
  });
  expect(recipe).toMatchObject({
    "@context": "https://schema.org",
    "@type": "Recipe",
    recipeYield: "1",
    identifier: hash,
  });
  expect(recipe.recipeIngredient[0]).toMatch(/^170 g /);
  expect(recipe.additionalProperty).toContainEqual(expect.objectContaining({ name: "milk", value: "contains" }));
  expect(recipe.additionalProperty.some(({ value }) => value === "unknown")).toBe(true);
});
