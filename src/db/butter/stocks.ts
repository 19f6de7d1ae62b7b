import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, asc, eq, inArray, sql } from "drizzle-orm";
import { judgePot, planStock, POTS, type StockAsk } from "@/core/butter";
import type { Allergens } from "@/core/larder";
import { ALLERGEN_IDS, coolingRuleOf, type AllergenId, type RuleSetId } from "@/core/safety";
import { err, ok, type Result, type Said } from "@/core/shared";
import { allergenOf } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { whyNoStock } from "@/house/butter/stockBones";
import { strainedBath } from "@/house/butter/stockPot";
import type { Db } from "../connection";
import { endMake, keepMake, type MakeInput } from "../larder/makes";
import { remembering } from "../remember";
import { items, lots, makeInputs, makeOutputs, makes } from "../schema/larder";
import { addMadeLot, keepItem, type MadeLot } from "../larder/madeLots";
import { appendEntry } from "../ledger";
import { takeFrom } from "../lots/childLot";
import { openHolds } from "../lots/holds";
import { lotInHand, stockOnIce, type StockLot } from "../lots/stock";

export const STOCK_ITEM = "made:fish-stock";
const STOCK_NAME = "Fish stock";
/** Chilled in time and kept at 0 to 5 °C (common practice, medium). */
const KEEPS_DAYS = 3;
const STOCK_G_PER_ML = 1.005;

export type Bones = { readonly lot: StockLot; readonly whyNot: Said | null };

/** Parts that are bones and heads whatever the block kept them for. */
const BONE_PARTS = ["frame", "head", "heads", "bone"];

/** Lots that came off the block as bones. */
const boneIds = (db: Db): ReadonlySet<string | null> =>
  new Set(
    db
      .select({ lotId: makeOutputs.lotId })
      .from(makeOutputs)
      .where(inArray(makeOutputs.partId, BONE_PARTS))
      .all()
      .map(({ lotId }) => lotId),
  );

/** Bones, heads and shells on ice, each with the reason it may not go into the pot. */
export function bonesOnIce(db: Db, nowMs: number): readonly Bones[] {
  const held = new Set(openHolds(db, nowMs).map(({ lot }) => lot.id));
  const bones = boneIds(db);
  return stockOnIce(db, nowMs)
    .filter(({ row }) => row.partUse === "stock" || bones.has(row.id))
    .map((lot) => ({ lot, whyNot: whyNoStock(lot, held.has(lot.id)) }));
}

export type NewPot = Omit<StockAsk, "bonesG"> & { readonly bones: readonly string[] };

export type StockError =
  | { readonly kind: "bonesGone" }
  | { readonly kind: "notForStock"; readonly code: string; readonly why: Said }
  | { readonly kind: "potGone" }
  | { readonly kind: "tooMuchOut" };

/** What is kept of a pot while it is on the fire. */
type PotFacts = Omit<StockAsk, "pot"> & {
  readonly potId: string;
  readonly codes: readonly string[];
  readonly allergens: Allergens;
  readonly open: boolean;
};

/** What an onion, a leek and a stalk of celery bring is not known without asking: celery is on the lists of Europe. */
const allergensOfStock = (lots: readonly StockLot[], aromaticsG: number): Allergens => {
  const own: readonly (AllergenId | null)[] = lots.map(({ species }) => allergenOf(species.group));
  return Object.fromEntries(
    ALLERGEN_IDS.map((id) => [
      id,
      own.includes(id) ? "contains" : id === "celery" && aromaticsG > 0 ? "unknown" : "free",
    ]),
  ) as Allergens;
};

/** Puts a pot on: the bones leave the ice, judged again as they are now. Answers with the id of the pot. */
export function startStock(
  db: Db,
  { bones, ...ask }: NewPot,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<string, StockError> {
  if (bones.length === 0) return err({ kind: "bonesGone" });
  const held = new Set(openHolds(db, atMs).map(({ lot }) => lot.id));
  const known = boneIds(db);
  const lots: StockLot[] = [];
  for (const id of new Set(bones)) {
    const lot = lotInHand(db, id, atMs);
    if (!lot || lot.row.status !== "on-ice" || (lot.row.partUse !== "stock" && !known.has(id)))
      return err({ kind: "bonesGone" });
    const why = whyNoStock(lot, held.has(id));
    if (why) return err({ kind: "notForStock", code: lot.row.code, why });
    lots.push(lot);
  }
  return db.transaction((tx) => {
    const taken: MakeInput[] = lots.map(({ row }) => ({
      lotId: row.id,
      massG: row.remainingG,
      cents: takeFrom(tx, row, row.remainingG, atMs).cents,
    }));
    keepItem(tx, "bought:water", "bought", "Water", { ingredientId: "water" });
    keepItem(tx, "bought:aromatics", "bought", "Aromatics", {});
    const bonesG = sumOf(taken, ({ massG }) => massG);
    const { pot, ...rest } = ask;
    const codes = lots.map(({ row }) => row.code);
    const allergens = allergensOfStock(lots, ask.aromaticsG);
    const facts: PotFacts = { ...rest, bonesG, potId: pot.id, codes, allergens, open: true };
    const id = randomUUID();
    const inputs = [
      ...taken,
      { itemId: "bought:water", massG: ask.waterMl, cents: 0 },
      ...(ask.aromaticsG > 0 ? [{ itemId: "bought:aromatics", massG: ask.aromaticsG, cents: 0 }] : []),
    ];
    keepMake(tx, { id, kind: "stock", atMs, who, facts, inputs, outputs: [], losses: [] });
    const subjects = [{ kind: "make" as const, id }, ...lots.map((one) => ({ kind: "lot" as const, id: one.id }))];
    const payload = { bones: codes, bonesG, waterMl: ask.waterMl, simmerMin: ask.simmerMin };
    appendEntry(tx, { atMs, who, kind: "stock-started", payload, subjects });
    return ok(id);
  });
}

export type RunningPot = {
  readonly id: string;
  readonly startedAtMs: number;
  readonly codes: readonly string[];
  readonly ask: StockAsk;
};

const askOf = ({ potId, bonesG, waterMl, aromaticsG, netPowerW, simmerMin }: PotFacts): StockAsk => ({
  bonesG,
  waterMl,
  aromaticsG,
  netPowerW,
  simmerMin,
  pot: POTS.find(({ id }) => id === potId) ?? POTS[0]!,
});

/** Pots on the fire, the oldest first. */
export const runningPots = remembering([makes], (db): readonly RunningPot[] =>
  db
    .select()
    .from(makes)
    .where(and(eq(makes.kind, "stock"), sql`json_extract(${makes.facts}, '$.open') = 1`))
    .orderBy(asc(makes.atMs))
    .all()
    .map(({ id, atMs, facts }) => {
      const known = facts as PotFacts;
      return { id, startedAtMs: atMs, codes: known.codes, ask: askOf(known) };
    }),
);

export type Strained = {
  readonly yieldMl: number;
  readonly iceG: number;
  readonly stirred: boolean;
  readonly placeId: string | null;
  readonly ruleSetId: RuleSetId;
};

/** A pot strained and chilled: a lot with its days, its cooling judged by the rule set with the ice it has. */
export function finishStock(
  db: Db,
  potId: string,
  { yieldMl, iceG, stirred, placeId, ruleSetId }: Strained,
  stamp: { readonly who: string; readonly atMs: number; readonly dayStamp: string },
): Result<MadeLot, StockError> {
  const { who, atMs } = stamp;
  return db.transaction((tx) => {
    const make = tx.select().from(makes).where(eq(makes.id, potId)).get();
    const facts = make?.facts as PotFacts | undefined;
    if (make?.kind !== "stock" || !facts?.open) return err({ kind: "potGone" });
    const ask = askOf(facts);
    const inG = ask.waterMl + ask.bonesG + ask.aromaticsG;
    const massG = yieldMl * STOCK_G_PER_ML;
    if (massG > inG) return err({ kind: "tooMuchOut" });
    const { verdict } = judgePot(strainedBath(massG, ask.pot, iceG, stirred), coolingRuleOf(ruleSetId)).verdict;
    const evaporatedG = Math.min(planStock(ask).evaporatedG, inG - massG);
    const cents = sumOf(
      tx.select({ cents: makeInputs.cents }).from(makeInputs).where(eq(makeInputs.makeId, potId)).all(),
      (one) => one.cents,
    );
    keepItem(tx, STOCK_ITEM, "made", STOCK_NAME, { ingredientId: "fish-stock" });
    const { allergens, codes } = facts;
    const made = { itemId: STOCK_ITEM, massG, cents, useByMs: atMs + KEEPS_DAYS * DAY_MS, allergens, placeId };
    const lot = addMadeLot(tx, made, stamp);
    endMake(
      tx,
      potId,
      { ...facts, open: false },
      {
        outputs: [{ lotId: lot.id, label: STOCK_NAME, massG, cents }],
        losses: [
          { kind: "evaporated", label: "", massG: evaporatedG },
          { kind: "strained", label: "", massG: inG - massG - evaporatedG },
        ],
      },
    );
    const payload = { code: lot.code, yieldMl, bones: codes, simmerMin: ask.simmerMin, cooling: verdict, iceG };
    appendEntry(tx, { atMs, who, kind: "stock-made", lotId: lot.id, payload, subjects: [{ kind: "make", id: potId }] });
    return ok(lot);
  });
}

export type BoughtStock = {
  readonly name: string;
  readonly volumeMl: number;
  readonly cents: number;
  readonly useByMs: number;
  readonly allergens: Allergens;
  readonly placeId: string | null;
};

/** A stock that was bought: a lot that sauces draw from like the house's own. What its label does not say is not known. */
export function buyStock(
  db: Db,
  { name, volumeMl, cents, useByMs, allergens, placeId }: BoughtStock,
  stamp: { readonly who: string; readonly atMs: number; readonly dayStamp: string },
): MadeLot {
  return db.transaction((tx) => {
    const itemId = `bought:stock:${name.trim().toLowerCase()}`;
    keepItem(tx, itemId, "bought", name, { ingredientId: "fish-stock" });
    const made = { itemId, massG: volumeMl * STOCK_G_PER_ML, cents, useByMs, allergens, placeId };
    const lot = addMadeLot(tx, made, stamp);
    const payload = { code: lot.code, name, volumeMl, cents, useByMs };
    const { who, atMs } = stamp;
    appendEntry(tx, { atMs, who, kind: "stock-bought", lotId: lot.id, payload });
    return lot;
  });
}

/** Every pot of stock that is there, made or bought, what must go first first. */
export const stocksNow = (db: Db): readonly { readonly lot: MadeLot; readonly name: string }[] =>
  db
    .select({ lot: lots, name: items.name })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(and(eq(lots.status, "on-ice"), sql`json_extract(${items.facts}, '$.ingredientId') = 'fish-stock'`))
    .orderBy(asc(lots.useByMs))
    .all();
