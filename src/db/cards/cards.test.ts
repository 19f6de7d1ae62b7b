import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type { GoodLabel } from "@/core/butter";
import { allergenLines, dishOf } from "@/core/cards";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { valueOf } from "@/core/shared";
import { readCardFile, writeCardFile } from "@/house/cards/cardFile";
import { readForeignRecipe } from "@/exchange/foreignRecipe";
import { recipeOf, recipesOf } from "@/exchange/recipe";
import { passOf } from "@/house/line/pass";
import { washBoard } from "../block/boards";
import { openDatabase } from "../connection";
import { oldFile } from "../releases/oldFile.testkit";
import { boughtGoods, keepGood, standIn } from "../butter/goods";
import { findSauce } from "../butter/specs";
import { findHouse, openHouse } from "../house/house";
import { checkLedger } from "../ledger";
import { stockOnIce } from "../lots/stock";
import { rawPlates } from "../schema/block";
import { plates } from "../schema/cards";
import { cooks } from "../schema/cooks";
import { bookCard, bookedOn, fishBookings, offNow, strikeCard } from "./bookings";
import { cardSpecs, findCard, keepCard } from "./cardSpecs";
import { changedSince } from "./changes";
import { doorBetween } from "./doorOn";
import { dropNote, keepNote, notesOf } from "./notes";
import { loosePlates, plateFrom } from "./plates";
import { openCardFile } from "./openFile";
import { passCards, servedSince, serveCard } from "./pass";
import { cardWorld } from "./world";

const NOW = Date.UTC(2026, 4, 12, 15);
const DAY = "2026-05-12";
const MIDNIGHT = NOW - 17 * 3_600_000;
const stamp = (afterMin = 0) => ({ who: "Ylva", atMs: NOW + afterMin * 60_000 });
const demo = demoCopies(NOW);
const db = demo();

const world = (atMs = NOW) => cardWorld(db, findHouse(db)!, atMs, new Set(["mackerel", "king-scallop", "ocean-trout"]));
const pass = (atMs = NOW) => passOf(passCards(db, DAY, MIDNIGHT, atMs), world(atMs));
const tile = (cardId: string, atMs = NOW) => pass(atMs).find((one) => one.cardId === cardId)!;

test("the pass: char, cod and mussels with their covers, and what is not there says so", () => {
  expect(tile("char")).toMatchObject({ toCome: 14, short: 0 });
  // 12 kg of mussels in pots of 500 g, twenty of them booked
  expect(tile("mussels")).toMatchObject({ toCome: 20, left: 4 });
  expect(tile("cod").left).toBeGreaterThan(0);
  expect(tile("cuttlefish").left).toBeGreaterThan(0);
  const nothingCame = passOf(passCards(db, DAY, MIDNIGHT, NOW), { ...world(), lots: [] });
  expect(nothingCame.every(({ left, from }) => left === 0 && from === null)).toBe(true);
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
  expect(bookCard(db, DAY, "mussels", 30, stamp(1)).ok).toBe(true);
  expect(tile("mussels")).toMatchObject({ toCome: 30, left: 0, short: 6 });
  expect(bookCard(db, DAY, "nothing", 3, stamp(1)).ok).toBe(false);
  expect(strikeCard(db, "mussels", "grit in them", stamp(2)).ok).toBe(true);
  expect(strikeCard(db, "mussels", "twice", stamp(2)).ok).toBe(false);
  expect(tile("mussels")).toMatchObject({ left: 0, off: { who: "Ylva", reason: "grit in them" } });
  expect(strikeCard(db, "mussels", null, stamp(3)).ok).toBe(true);
  expect(offNow(db)).toEqual([]);
  bookCard(db, DAY, "mussels", 20, stamp(4));
});

test("a plate that went keeps the card and the allergens it had; the next carries a new hash", () => {
  const before = findCard(db, "char")!;
  expect(valueOf(serveCard(db, "char", 3, world(), stamp(10)))).toBe(before.spec.name);
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
    .filter(({ cardHash, atMs }) => cardHash !== null && atMs >= NOW);
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
  // 6.9 kg whole at 44 % with its skin on, in pieces of 150 g: twenty of the thirty that were booked by their fish
  expect(tile("special")).toMatchObject({ toCome: 30, left: 0, short: 10 });
  expect(fishBookings(db, DAY).map(({ card }) => card?.cardId)).toEqual(["special"]);
  // said once more by the card it is not booked twice
  bookCard(db, DAY, "special", 18, stamp(41));
  expect(tile("special")).toMatchObject({ toCome: 18, left: 2, short: 0 });
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
  const facts = {
    name: spec.name,
    dish,
    plateSeconds: spec.plateSeconds,
    allergens: allergenLines(dish.allergens, "eu-853"),
    version: hash,
  };
  const recipe = recipeOf(facts);
  // all at once in one graph: each of them as it is alone, the context told once
  const all = recipesOf([facts, { ...facts, name: "Another" }])["@graph"];
  expect(all.map(({ name }) => name)).toEqual([spec.name, "Another"]);
  expect({ "@context": "https://schema.org", ...all[0] }).toEqual(recipe);
  expect(recipe).toMatchObject({
    "@context": "https://schema.org",
    "@type": "Recipe",
    recipeYield: "1",
    identifier: hash,
  });
  expect(recipe.recipeIngredient[0]).toMatch(/^170 g /);
  const told = recipe.yield.additionalProperty;
  expect(told).toContainEqual(expect.objectContaining({ name: "milk", value: "contains" }));
  expect(told.some(({ value }) => value === "unknown")).toBe(true);
  // another house reads it as text beside a card
  const note = readForeignRecipe(JSON.stringify(recipe));
  expect(note).toMatchObject({ ok: true, value: { title: spec.name } });
  expect(note.ok && note.value.body).toContain("170 g ");
});

test("last night's plates keep what they held; recipes beside a card are kept and taken away", () => {
  const fresh = demo();
  const now = cardWorld(fresh, findHouse(fresh)!, NOW, new Set());
  serveCard(fresh, "char", 2, now, stamp());
  const before = doorBetween(fresh, NOW - 1, NOW + 1);
  const { spec } = findCard(fresh, "char")!;
  keepCard(fresh, "char", { ...spec, finish: [{ ingredientId: "mustard", massG: 5 }] }, stamp(30));
  expect(before).toMatchObject({ ruleSetId: "eu-853", rows: [{ name: spec.name, plates: 2 }] });
  expect(doorBetween(fresh, NOW - 1, NOW + 1)).toEqual(before);
  expect(before.rows[0]!.allergens).toMatchObject({ milk: "contains", mustard: "free" });

  expect(keepNote(fresh, "nobody", { title: "x", body: "" }, stamp()).ok).toBe(false);
  expect(keepNote(fresh, "char", { title: "Char of a friend", body: "1. Fry it." }, stamp()).ok).toBe(true);
  const [note] = notesOf(fresh, "char");
  expect(note).toMatchObject({ title: "Char of a friend", who: "Ylva" });
  expect([dropNote(fresh, note!.id, stamp()).ok, dropNote(fresh, note!.id, stamp()).ok]).toEqual([true, false]);
});

test("new crumbs with sesame: the tartlet changes at once, the plates that went do not", () => {
  const fresh = demo();
  const now = () => cardWorld(fresh, findHouse(fresh)!, NOW, new Set());
  const tartlet = () => dishOf(findCard(fresh, "tartlet")!.spec, now()).allergens;
  serveCard(fresh, "tartlet", 1, now(), stamp());
  const went = doorBetween(fresh, NOW - 1, NOW + 1);
  expect(tartlet().sesame).not.toBe("contains");
  const label: GoodLabel = {
    label: "Crumbs with seeds",
    use: "starch",
    mountsAs: null,
    fatPct: 9,
    proteinPct: 13,
    carbohydratePct: 68,
    sugarPct: 5,
    saltPct: 1.5,
    acidPct: 0,
    acetic: false,
    abvPct: 0,
    gPerMl: 0.4,
    allergens: ["gluten", "sesame"],
    mayContain: [],
    wholeLabelRead: true,
  };
  const kept = keepGood(fresh, label, 520, stamp());
  const id = kept.ok ? kept.value : "";
  expect(standIn(fresh, id, "breadcrumbs", stamp(1)).ok).toBe(true);
  expect(tartlet()).toMatchObject({ sesame: "contains", gluten: "contains" });
  expect(doorBetween(fresh, NOW - 1, NOW + 1)).toEqual(went);
  expect(standIn(fresh, id, null, stamp(2)).ok).toBe(true);
  expect(tartlet().sesame).not.toBe("contains");
  expect(standIn(fresh, "own-none", "breadcrumbs", stamp(3)).ok).toBe(false);
});

test("a plate called gone holds its fish until the stove or the raw bench takes it, and is one plate in the end", () => {
  const fresh = demo();
  const now = () => cardWorld(fresh, findHouse(fresh)!, NOW, new Set());
  const mussels = () => passOf(passCards(fresh, DAY, MIDNIGHT, NOW), now()).find(({ cardId }) => cardId === "mussels")!;
  const count = () => fresh.select().from(plates).all().length;
  const lotId = stockOnIce(fresh, NOW).find(({ species }) => species.id === "mussel")!.row.id;
  const piece = { lotId, massG: 500, certainty: "certain" } as const;
  const before = count();
  expect(mussels()).toMatchObject({ toCome: 20, left: 4 });
  serveCard(fresh, "mussels", 1, now(), stamp());
  // nobody took it off the ice by the book: it is not offered again
  expect(mussels()).toMatchObject({ toCome: 19, left: 4 });
  const cookId = fresh.select().from(cooks).get()!.id;
  plateFrom(fresh, { cookId }, piece, "Ylva", NOW);
  expect(loosePlates(fresh, MIDNIGHT)).toEqual([]);
  // the other way about: out of the pan first, then called gone
  plateFrom(fresh, { cookId }, piece, "Ylva", NOW);
  serveCard(fresh, "mussels", 1, now(), stamp());
  expect(loosePlates(fresh, MIDNIGHT)).toEqual([]);
  expect(count() - before).toBe(2);
  expect(servedSince(fresh, MIDNIGHT, NOW + 1).get("mussels")).toBe(2);
});

test("a board that saw shellfish and was not washed may have left it on the fish that is cut there next", () => {
  const fresh = demo();
  const house = findHouse(fresh)!;
  const touched = () =>
    cardWorld(fresh, house, NOW, new Set()).lots.find(
      ({ id, species }) => species.id === "sea-bass" && !id.startsWith("batch:"),
    )!.touched;
  washBoard(fresh, "blue", stamp(-2));
  washBoard(fresh, "white", stamp(-2));
  expect(touched()).toEqual({ cook: [], raw: [] });
  const scallops = stockOnIce(fresh, NOW).find(({ species }) => species.id === "king-scallop")!;
  fresh
    .insert(rawPlates)
    .values({
      id: "scallops",
      lotId: scallops.row.id,
      atMs: NOW - 60_000,
      who: "Ylva",
      dish: "raw",
      covers: 2,
      gramsPerCover: 80,
      usedG: 160,
      rule: "",
      record: "",
    })
    .run();
  expect(touched()).toEqual({ cook: [], raw: ["molluscs"] });
});

test("a house of the version before opens with its cards, its service at six and nothing beside them", () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), "gaffel-")), "old.sqlite");
  const old = oldFile(file, 13);
  old.exec(
    `insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Old', 'UTC', 'metric', 'eu-853', 1)`,
  );
  const { spec } = findCard(db, "char")!;
  const row = ["h", "char", "card", spec.name, JSON.stringify(spec), 1, "Una"];
  old
    .prepare("insert into specs (hash, spec_id, kind, name, body, at_ms, who) values (?, ?, ?, ?, ?, ?, ?)")
    .run(...row);
  old.close();
  const opened = openDatabase(file);
  expect(findHouse(opened)).toMatchObject({ name: "Old", serviceMin: 1080 });
  expect(findCard(opened, "char")!.spec).toEqual(spec);
  expect(notesOf(opened, "char")).toEqual([]);
});
