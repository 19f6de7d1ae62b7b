import { randomUUID } from "node:crypto";
import { inArray } from "drizzle-orm";
import { judgePot, planStock, type StockAsk } from "@/core/butter";
import type { Allergens } from "@/core/larder";
import { ALLERGEN_IDS, coolingRuleOf, type AllergenId, type RuleSetId } from "@/core/safety";
import { err, ok, type Result, type Said } from "@/core/shared";
import { allergenOf } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { whyNoStock } from "@/house/stockBones";
import type { Db } from "../connection";
import { keepMake, type MakeInput } from "../larder/makes";
import { makeOutputs } from "../schema/larder";
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
const OUT_OF_THE_SIEVE_C = 85;

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

export type NewStock = Omit<StockAsk, "bonesG"> & {
  readonly bones: readonly string[];
  readonly yieldMl: number;
  readonly iceG: number;
  readonly stirred: boolean;
  readonly placeId: string | null;
  readonly ruleSetId: RuleSetId;
};

export type StockError =
  | { readonly kind: "bonesGone" }
  | { readonly kind: "notForStock"; readonly code: string; readonly why: Said }
  | { readonly kind: "tooMuchOut" };

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

/** A strained pot of stock: bones in, a lot with its days out, judged again as they are now. */
export function makeStock(
  db: Db,
  wanted: NewStock,
  stamp: { readonly who: string; readonly atMs: number; readonly dayStamp: string },
): Result<MadeLot, StockError> {
  const { bones, yieldMl, placeId, ruleSetId, iceG, stirred, ...ask } = wanted;
  const { who, atMs } = stamp;
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
  const bonesG = lots.reduce((sum, { massG }) => sum + massG, 0);
  const massG = yieldMl * STOCK_G_PER_ML;
  if (massG > ask.waterMl + bonesG) return err({ kind: "tooMuchOut" });
  const bath = {
    massG,
    fromC: OUT_OF_THE_SIEVE_C,
    diameterMm: ask.pot.diameterMm,
    stirred,
    iceG,
    bathWaterG: massG / 2,
  };
  const { verdict } = judgePot(bath, coolingRuleOf(ruleSetId)).verdict;
  const evaporatedG = Math.min(
    planStock({ ...ask, bonesG }).evaporatedG,
    ask.waterMl + bonesG + ask.aromaticsG - massG,
  );
  return db.transaction((tx) => {
    const taken: MakeInput[] = lots.map(({ row }) => ({
      lotId: row.id,
      massG: row.remainingG,
      cents: takeFrom(tx, row, row.remainingG, atMs).cents,
    }));
    const cents = taken.reduce((sum, one) => sum + one.cents, 0);
    keepItem(tx, STOCK_ITEM, "made", STOCK_NAME, { ingredientId: "fish-stock" });
    keepItem(tx, "bought:water", "bought", "Water", { ingredientId: "water" });
    keepItem(tx, "bought:aromatics", "bought", "Aromatics", {});
    const allergens = allergensOfStock(lots, ask.aromaticsG);
    const made = { itemId: STOCK_ITEM, massG, cents, useByMs: atMs + KEEPS_DAYS * DAY_MS, allergens, placeId };
    const lot = addMadeLot(tx, made, stamp);
    const id = randomUUID();
    const inputs = [
      ...taken,
      { itemId: "bought:water", massG: ask.waterMl, cents: 0 },
      ...(ask.aromaticsG > 0 ? [{ itemId: "bought:aromatics", massG: ask.aromaticsG, cents: 0 }] : []),
    ];
    const strainedG = bonesG + ask.waterMl + ask.aromaticsG - massG - evaporatedG;
    keepMake(tx, {
      id,
      kind: "stock",
      atMs,
      who,
      facts: { potId: ask.pot.id, simmerMin: ask.simmerMin, iceG, stirred },
      inputs,
      outputs: [{ lotId: lot.id, label: STOCK_NAME, massG, cents }],
      losses: [
        { kind: "evaporated", label: "", massG: evaporatedG },
        { kind: "strained", label: "", massG: strainedG },
      ],
    });
    const codes = lots.map(({ row }) => row.code);
    const payload = { code: lot.code, yieldMl, bones: codes, simmerMin: ask.simmerMin, cooling: verdict, iceG };
    const subjects = [{ kind: "make" as const, id }, ...lots.map((one) => ({ kind: "lot" as const, id: one.id }))];
    appendEntry(tx, { atMs, who, kind: "stock-made", lotId: lot.id, payload, subjects });
    return ok(lot);
  });
}
