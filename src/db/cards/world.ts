import { sumOf } from "@/core/numeric";
import { and, desc, eq, gte, inArray, sql } from "drizzle-orm";
import type { CardLot, CardMade, CardWorld } from "@/core/cards";
import { boardAllergen, boardUseFor, crossContacts, edibleShare, skinOnShare, type BoardScheme } from "@/core/block";
import { methodOf } from "@/core/cooking";
import { allergensTogether } from "@/core/larder";
import type { AllergenId } from "@/core/safety";
import { allergenOf, findSpecies, type Species } from "@/core/species";
import { allergensOf } from "@/core/trace";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "../block/batches";
import { boardsSince, boardScheme, type BoardDay } from "../block/boards";
import { goodsPrices, shelfOf, standInsOf } from "../butter/goods";
import { preparationsNow } from "../butter/preparations";
import { saucesNow } from "../butter/sauces";
import { sauceSpecs } from "../butter/specs";
import type { Db } from "../connection";
import type { House } from "../house/house";
import { listOwnSpecies } from "../house/species";
import { entriesAbout } from "../ledger";
import { openHolds } from "../lots/holds";
import { lotInHand, stockOnIce, type StockLot } from "../lots/stock";
import { clearLot } from "../raw/rawLots";
import { remembering } from "../remember";
import { cooks } from "../schema/cooks";
import { ownSpecies } from "../schema/house";
import { items, lots, spots } from "../schema/larder";
import { ledger, ledgerSubjects } from "../schema/ledger";

/** Everything the cards are joined from, as it stands now. `rawIds`: species whose raw clearance is asked for, which takes its time. */
export function cardWorld(db: Db, house: House, nowMs: number, rawIds: ReadonlySet<string>): CardWorld {
  const own = listOwnSpecies(db);
  const sauces = new Map(sauceSpecs(db).map(({ specId, spec }) => [specId, spec]));
  const boards = boardsSince(db, nowMs - BOARDS_LOOK_BACK_DAYS * DAY_MS, own);
  const touched = touchedOn(boardScheme(db), boards);
  const held = new Set(openHolds(db, nowMs).map(({ lot }) => lot.id));
  const onIce = stockOnIce(db, nowMs);
  return {
    ruleSetId: house.ruleSetId,
    shelf: shelfOf(db),
    speciesOf: (id) => findSpecies(id, own),
    sauceOf: (specId) => sauces.get(specId),
    lots: [
      ...onIce
        // what is held serves nothing
        .filter(({ row, byProduct }) => !byProduct && !held.has(row.id))
        .map((lot) => cardLot(db, lot, rawIds.has(lot.species.id), touched, nowMs)),
      ...cutAndWaiting(db, onIce, held, touched, nowMs),
    ],
    madeSauces: madeSauces(db),
    madePreparations: madePreparations(db, nowMs),
    madeGoods: madeGoods(db, nowMs),
    standIns: standInsOf(db),
    goodsCents: goodsPrices(db),
    inFryer: inFryer(db),
    money: { vatPct: house.vatPct, extraCents: house.extraCents, targetPct: house.targetPct },
  };
}

/** A board nobody washed carries what lay on it so far back: what was cut from before is served or gone. */
const BOARDS_LOOK_BACK_DAYS = 7;

type Touched = (species: Species, form: string, atMs: number) => CardLot["touched"];

/** What another animal left on the board a piece lay on. */
const touchedOn =
  (scheme: BoardScheme, { work, washes }: BoardDay): Touched =>
  (species, form, atMs) => {
    const on = (raw: boolean) => {
      const colour = scheme[boardUseFor(species, form, raw)];
      return crossContacts(work, washes, { colour, allergen: boardAllergen(species), atMs }).map(
        ({ allergen }) => allergen,
      );
    };
    const cook = on(false);
    return { cook, raw: [...new Set([...cook, ...on(true)])] };
  };

function cardLot(db: Db, lot: StockLot, asksRaw: boolean, touched: Touched, nowMs: number): CardLot {
  const { row, title, species, life, massG } = lot;
  return {
    id: row.id,
    code: row.code,
    title,
    source: row.source,
    species,
    grossG: massG,
    edibleG: massG * edibleShare(species, row.form),
    skinOnG: massG * skinOnShare(species, row.form),
    remainingCents: row.remainingCents,
    cookDaysLeft: life.cookDaysLeft,
    over: life.use === "over",
    frozen: life.state === "frozen",
    rawCleared: asksRaw && clearLot(db, lot, "raw", nowMs).clearance.answer === "yes",
    brings: allergensOf(species, row.provenance),
    touched: touched(species, row.form, nowMs),
  };
}

/** Cut and not cooked yet: portions of the last days, with the life of the lot they came off. */
const WAITS_DAYS = 3;
function cutAndWaiting(
  db: Db,
  onIce: readonly StockLot[],
  held: ReadonlySet<string>,
  touched: Touched,
  nowMs: number,
): readonly CardLot[] {
  return batchesToCook(db, nowMs - WAITS_DAYS * DAY_MS).flatMap((batch): readonly CardLot[] => {
    // of a lot that is cut up nothing is on ice any more
    const lot = onIce.find(({ id }) => id === batch.lotId) ?? lotInHand(db, batch.lotId, nowMs);
    if (!lot || held.has(batch.lotId)) return [];
    const edibleG = sumOf(batch.portions, ({ cookId, massG }) => (cookId === null ? massG : 0));
    const remainingCents = Math.round((lot.row.priceCentsPerKg * edibleG) / 1000);
    // nobody cleared the portions themselves for raw plates
    return [
      {
        ...cardLot(db, lot, false, touched, nowMs),
        id: `batch:${batch.id}`,
        code: batch.code,
        grossG: edibleG,
        edibleG,
        skinOnG: edibleG,
        remainingCents,
        // it met the board when it was cut
        touched: touched(lot.species, lot.row.form, batch.cutAtMs),
      },
    ];
  });
}

/** Bases and sauces that are there: what any lot of one brings, the one may bring that goes on the plate. */
function madeSauces(db: Db): ReadonlyMap<string, CardMade> {
  const made = new Map<string, CardMade>();
  for (const { specId, lot } of saucesNow(db)) {
    const known = [made.get(specId)?.allergens, lot.allergens].filter((one) => one !== null && one !== undefined);
    made.set(specId, {
      code: lot.code,
      lotId: lot.id,
      allergens: known.length > 0 ? allergensTogether(known) : null,
      centsPerKg: perKg(lot.remainingCents, lot.remainingG),
    });
  }
  return made;
}

const perKg = (cents: number, grams: number) => (grams > 0 ? (1000 * cents) / grams : 0);

function madePreparations(db: Db, nowMs: number): ReadonlyMap<string, CardMade> {
  return new Map(
    preparationsNow(db).flatMap(({ preparation, lots }) => {
      const lot = lots.find(({ useByMs }) => useByMs === null || useByMs > nowMs);
      if (!lot) return [];
      const { code, id: lotId, allergens, remainingCents, remainingG } = lot;
      return [[preparation.id, { code, lotId, allergens, centsPerKg: perKg(remainingCents, remainingG) }] as const];
    }),
  );
}

/** Lots of the house that are a good of the shelf, what must go first first. */
function madeGoods(db: Db, nowMs: number): ReadonlyMap<string, CardMade> {
  return new Map(
    ownGoods(db, nowMs).map(({ lot: { code, id: lotId, allergens, remainingCents, remainingG }, facts }) => [
      facts.ingredientId!,
      { code, lotId, allergens, centsPerKg: perKg(remainingCents, remainingG) },
    ]),
  );
}

/** Grams there are of each good the house makes itself. */
export function madeGoodsG(db: Db, nowMs: number): ReadonlyMap<string, number> {
  const grams = new Map<string, number>();
  for (const { lot, facts } of ownGoods(db, nowMs))
    grams.set(facts.ingredientId!, (grams.get(facts.ingredientId!) ?? 0) + lot.remainingG);
  return grams;
}

const goodsOnIce = remembering([lots, items], (db) =>
  db
    .select({ lot: lots, facts: items.facts })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(and(eq(lots.status, "on-ice"), sql`json_extract(${items.facts}, '$.ingredientId') is not null`))
    .orderBy(desc(lots.useByMs))
    .all(),
);

const ownGoods = (db: Db, nowMs: number) =>
  goodsOnIce(db).filter(({ lot }) => lot.useByMs === null || lot.useByMs > nowMs);

/** Of what nobody knows the name of. */
const ANY_ANIMAL = ["fish", "crustaceans", "molluscs"] as const;

/** What went through the fryer since its oil was changed: its batter and every animal that was fried in it. */
const inFryer = remembering([spots, cooks, ledger, ledgerSubjects, ownSpecies], (db): readonly AllergenId[] => {
  const fryers = db.select().from(spots).where(eq(spots.kind, "fryer")).all();
  const changed = fryers.map(({ id }) =>
    entriesAbout(db, { kind: "spot", id }).findLast(({ kind }) => kind === "oil-changed"),
  );
  // oil that was never changed has seen everything that was ever fried
  const sinceMs = changed.includes(undefined) ? 0 : Math.min(...changed.map((entry) => entry!.atMs));
  const fried = db
    .select({ plan: cooks.plan })
    .from(cooks)
    .where(and(gte(cooks.startedAtMs, sinceMs), inArray(sql`json_extract(${cooks.plan}, '$.methodId')`, ["deep-fry"])))
    .all();
  const own = listOwnSpecies(db);
  const found = fried.flatMap(({ plan }) => {
    const species = findSpecies(plan.speciesId, own);
    return [...methodOf("deep-fry").brings, ...(species ? [allergenOf(species.group)] : ANY_ANIMAL)];
  });
  return [...new Set(found)].filter((id) => id !== null);
});
