import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, asc, eq, inArray, sql } from "drizzle-orm";
import { findPreparation, goodsStates, keepsDays, prepare, type Preparation } from "@/core/butter";
import { allergensTogether } from "@/core/larder";
import type { RuleSetId } from "@/core/safety";
import { err, groupBy, ok, said, type Result, type Said } from "@/core/shared";
import { DAY_MS, HOUR_MS } from "@/core/units";
import type { Db } from "../connection";
import { keepMake } from "../larder/makes";
import { addMadeLot, keepItem, madeLot, type MadeLot } from "../larder/madeLots";
import { appendEntry } from "../ledger";
import { takeFrom } from "../lots/childLot";
import { remembering } from "../remember";
import { items, lots } from "../schema/larder";
import { drawGoods } from "./draws";
import { shelfOf } from "./goods";

type Stamp = { readonly who: string; readonly atMs: number; readonly requestId: string; readonly dayStamp: string };

export const preparationItem = (id: string) => `made:prep:${id}`;

/** What a preparation is when a sauce asks for it. */
const AS_GOOD: Readonly<Record<string, string>> = { "dill-oil": "herb-oil", "brown-butter": "brown-butter" };
/** Nothing made for this service outlives it. */
const SERVICE_H = 6;

export type NewPreparation = {
  readonly preparationId: string;
  readonly covers: number;
  readonly frozen: boolean;
  readonly placeId: string | null;
  readonly ruleSetId: RuleSetId;
};

/** Makes a preparation: what goes in leaves the house's lots or the shelf, and a lot with its clock and allergens comes out. */
export function makePreparation(db: Db, wanted: NewPreparation, stamp: Stamp): Result<MadeLot, Said> {
  const { preparationId, covers, frozen, placeId, ruleSetId } = wanted;
  const preparation = findPreparation(preparationId);
  if (!preparation) return err(said("butter.preparationIsNotThere"));
  if (frozen && preparation.frozenDays === null) return err(said("butter.itIsNotFrozen"));
  const { who, atMs } = stamp;
  const days = keepsDays(preparation, ruleSetId, frozen);
  const useByMs = days === 0 ? atMs + SERVICE_H * HOUR_MS : atMs + days * DAY_MS;
  return db.transaction((tx) => {
    const shelf = shelfOf(tx);
    const { lines, madeG } = prepare(preparation, covers, shelf);
    const drawn = drawGoods(tx, lines, shelf, atMs);
    const cents = sumOf(drawn.inputs, (one) => one.cents);
    keepItem(tx, preparationItem(preparationId), "made", preparation.label, factsOf(preparation));
    const allergens = allergensTogether([goodsStates(drawn.shelf, shelf), ...drawn.allergens]);
    const item = { itemId: preparationItem(preparationId), massG: madeG, cents, useByMs, allergens, placeId };
    const lot = addMadeLot(tx, item, stamp);
    const inG = sumOf(drawn.inputs, (one) => one.massG);
    const id = randomUUID();
    keepMake(tx, {
      id,
      kind: preparation.kind === "compound-butter" ? "compound-butter" : "garnish",
      atMs,
      who,
      facts: { preparationId, covers, frozen },
      inputs: drawn.inputs,
      outputs: [{ lotId: lot.id, label: preparation.label, massG: madeG, cents }],
      losses: [{ kind: "lost", label: "", massG: Math.max(0, inG - madeG) }],
    });
    const payload = { code: lot.code, name: preparation.label, massG: madeG, frozen, useByMs };
    const subjects = [{ kind: "make" as const, id }];
    appendEntry(tx, { atMs, who, kind: "preparation-made", lotId: lot.id, payload, subjects });
    return ok(lot);
  });
}

const factsOf = ({ id, portionG }: Preparation) => ({
  preparationId: id,
  ...(portionG === null ? {} : { portionG }),
  ...(AS_GOOD[id] === undefined ? {} : { ingredientId: AS_GOOD[id] }),
});

export type Stocked = {
  readonly preparation: Preparation;
  readonly lots: readonly MadeLot[];
  readonly leftG: number;
  /** Whole portions left; null: not portioned. */
  readonly portions: number | null;
  /** Ask for more under this; null: nobody said. */
  readonly par: number | null;
  readonly low: boolean;
};

/** Preparations that are there or were asked to be, by name; the lot that must go first leads. */
export const preparationsNow = remembering([items, lots], (db): readonly Stocked[] => {
  const rows = db
    .select()
    .from(items)
    .where(sql`json_extract(${items.facts}, '$.preparationId') is not null`)
    .orderBy(asc(items.name))
    .all();
  const ids = rows.map(({ id }) => id);
  const onIce = db
    .select()
    .from(lots)
    .where(and(inArray(lots.itemId, ids), eq(lots.status, "on-ice")))
    .orderBy(asc(lots.useByMs))
    .all();
  const lotsOf = groupBy(onIce, ({ itemId }) => itemId);
  return rows.flatMap(({ id, facts }) => {
    const preparation = findPreparation(facts.preparationId ?? "");
    if (!preparation) return [];
    const there = lotsOf.get(id) ?? [];
    const leftG = sumOf(there, (lot) => lot.remainingG);
    const portions =
      preparation.portionG === null
        ? null
        : sumOf(there, (lot) => Math.floor(lot.remainingG / preparation.portionG! + 1e-6));
    const par = facts.parCount ?? null;
    const low = par !== null && (portions === null ? leftG < par : portions <= par);
    return there.length > 0 || par !== null ? [{ preparation, lots: there, leftG, portions, par, low }] : [];
  });
});

/** Takes portions, or grams where it has none, out of a lot. Answers with what is left of it, g. */
export function takePortions(
  db: Db,
  lotId: string,
  massG: number,
  { who, atMs }: Pick<Stamp, "who" | "atMs">,
): Result<number, Said> {
  return db.transaction((tx) => {
    const lot = madeLot(tx, lotId);
    if (!lot) return err(said("butter.thatLotIsGone"));
    if (lot.useByMs !== null && lot.useByMs <= atMs) return err(said("butter.thatLotIsOver"));
    if (massG > lot.remainingG + 0.5) return err(said("butter.lessIsLeft"));
    const { leftG } = takeFrom(tx, lot, massG, atMs);
    const payload = { code: lot.code, massG, leftG };
    appendEntry(tx, { atMs, who, kind: "portions-taken", lotId, payload });
    return ok(leftG);
  });
}

/** How few portions (or grams) of it ask for more. */
export function setPar(db: Db, preparationId: string, par: number | null): void {
  const preparation = findPreparation(preparationId);
  if (!preparation) return;
  keepItem(db, preparationItem(preparationId), "made", preparation.label, factsOf(preparation));
  const { parCount: _, ...facts } = db
    .select()
    .from(items)
    .where(eq(items.id, preparationItem(preparationId)))
    .get()!.facts;
  db.update(items)
    .set({ facts: par === null ? facts : { ...facts, parCount: par } })
    .where(eq(items.id, preparationItem(preparationId)))
    .run();
}
