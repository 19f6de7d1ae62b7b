import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, desc, eq, inArray } from "drizzle-orm";
import {
  goodsStates,
  ingredientOf,
  massOf,
  planSauce,
  scaledPortion,
  type Portion,
  type SauceBatch,
  type SauceSpec,
} from "@/core/butter";
import { allergensTogether } from "@/core/larder";
import type { RuleSetId } from "@/core/safety";
import { err, ok, type Result, type Said } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { stoveOf } from "@/house/stove/panBody";
import type { MountFacts } from "@/house/butter/sauceSpec";
import type { Db } from "../connection";
import { keepMake, type MakeInput, type MakeLoss } from "../larder/makes";
import { addMadeLot, closeMadeLot, keepItem, madeLot, madeLots, type MadeLot } from "../larder/madeLots";
import { appendEntry } from "../ledger";
import { takeFrom } from "../lots/childLot";
import { items, lots, makeOutputs, makes, specs, spots } from "../schema/larder";
import { hotHolds } from "../schema/stove";
import { endHotHold, startHotHold } from "../stove/hotHolds";
import { remembering } from "../remember";
import { drawGoods } from "./draws";
import { shelfOf } from "./goods";
import { sauceByHash, type KeptSauce } from "./specs";

type Stamp = { readonly who: string; readonly atMs: number; readonly requestId: string; readonly dayStamp: string };

export type SauceError =
  | { readonly kind: "cannotReduce"; readonly why: Said }
  | { readonly kind: "noBase" }
  | { readonly kind: "baseIsOver" }
  | { readonly kind: "notEnoughBase"; readonly leftG: number; readonly needG: number }
  | { readonly kind: "notHere" };

const baseItem = (specId: string) => `made:${specId}:base`;
export const sauceItem = (specId: string) => `made:${specId}`;
const goodItem = (ingredientId: string) => `bought:${ingredientId}`;

const sum = (rows: readonly { readonly massG: number }[]) => sumOf(rows, ({ massG }) => massG);
const centsIn = (rows: readonly MakeInput[]) => sumOf(rows, ({ cents }) => cents);

/** All batches together: every batch is like the first but for its covers. */
const whole = ({ covers, poured, mounted, base, strainedG, reduction }: SauceBatch, all: number) => {
  const factor = all / covers;
  const scaled = (portions: readonly Portion[]) => portions.map((one) => ({ ...one, massG: one.massG * factor }));
  return {
    poured: scaled(poured),
    mounted: scaled(mounted),
    baseG: massOf(base) * factor,
    strainedG: strainedG * factor,
    evaporatedG: (reduction?.evaporatedG ?? 0) * factor,
  };
};

export type NewBase = Pick<MountFacts, "covers" | "panMm" | "netPowerW"> & { readonly placeId: string | null };

/** The base of a sauce, reduced and strained: a lot with its own days. */
export function makeBase(
  db: Db,
  { hash, specId, spec }: KeptSauce,
  made: NewBase,
  stamp: Stamp,
): Result<MadeLot, SauceError> {
  const shelf = shelfOf(db);
  const plan = planSauce(spec, made.covers, stoveOf(made), shelf);
  if (!plan.ok) return err({ kind: "cannotReduce", why: plan.error });
  if (spec.base.length === 0) return err({ kind: "noBase" });
  const { poured, baseG, strainedG, evaporatedG } = whole(plan.value.batch, made.covers);
  const { who, atMs } = stamp;
  return db.transaction((tx) => {
    const drawn = drawGoods(tx, poured, shelf, atMs);
    const { inputs } = drawn;
    const cents = centsIn(inputs);
    keepItem(tx, baseItem(specId), "made", spec.name, { isBase: true });
    const useByMs = atMs + spec.baseKeepsDays * DAY_MS;
    const allergens = allergensTogether([goodsStates(drawn.shelf, shelf), ...drawn.allergens]);
    const lot = addMadeLot(
      tx,
      { itemId: baseItem(specId), massG: baseG, cents, useByMs, allergens, placeId: made.placeId },
      stamp,
    );
    const losses: MakeLoss[] = [
      { kind: "evaporated", label: "", massG: evaporatedG },
      { kind: "strained", label: "", massG: strainedG },
    ];
    const outputs = [{ lotId: lot.id, label: spec.name, massG: baseG, cents }];
    const { placeId: _, ...facts } = made;
    const id = randomUUID();
    keepMake(tx, { id, kind: "reduction", atMs, who, specHash: hash, facts, inputs, outputs, losses });
    const from = drawn.codes;
    const payload = { code: lot.code, name: spec.name, covers: made.covers, massG: baseG, evaporatedG, useByMs, from };
    appendEntry(tx, {
      atMs,
      who,
      kind: "base-made",
      lotId: lot.id,
      payload,
      subjects: [
        { kind: "make", id },
        { kind: "spec", id: hash },
      ],
    });
    return ok(lot);
  });
}

/** The bain as the house calls it. */
const bainName = (db: Db): string => db.select().from(spots).where(eq(spots.kind, "bain")).get()?.name ?? "";

export type NewMount = MountFacts & {
  /** The base it is mounted on; null: the sauce has none. */
  readonly baseLotId: string | null;
  readonly ruleSetId: RuleSetId;
};

/** Why a sauce cannot be mounted on this base; null: it can. */
function baseRefusal({ useByMs, remainingG }: MadeLot, needG: number, atMs: number): SauceError | null {
  if (useByMs !== null && useByMs <= atMs) return { kind: "baseIsOver" };
  return remainingG < needG - 1 ? { kind: "notEnoughBase", leftG: remainingG, needG } : null;
}

/** Mounts a sauce on its base: a lot in the bain whose clock runs from this minute. It lives no longer than its base. */
export function mountSauce(
  db: Db,
  { hash, specId, spec }: KeptSauce,
  wanted: NewMount,
  stamp: Stamp,
): Result<MadeLot, SauceError> {
  const { baseLotId, ruleSetId, ...facts } = wanted;
  const shelf = shelfOf(db);
  const plan = planSauce(spec, facts.covers, stoveOf(facts), shelf);
  if (!plan.ok) return err({ kind: "cannotReduce", why: plan.error });
  const { mounted, baseG } = whole(plan.value.batch, facts.covers);
  const { atMs } = stamp;
  return db.transaction((tx) => {
    const base = baseLotId === null ? undefined : madeLot(tx, baseLotId);
    if (spec.base.length > 0 && base?.itemId !== baseItem(specId)) return err({ kind: "noBase" });
    const refused = base && baseRefusal(base, baseG, atMs);
    if (refused) return err(refused);
    const taken = base
      ? [{ lotId: base.id, massG: Math.min(baseG, base.remainingG), cents: takeFrom(tx, base, baseG, atMs).cents }]
      : [];
    const drawn = drawGoods(tx, [...mounted, ...(facts.taste ?? [])], shelf, atMs);
    const inputs = [...taken, ...drawn.inputs];
    const massG = sum(inputs);
    const cents = centsIn(inputs);
    keepItem(tx, sauceItem(specId), "made", spec.name, {});
    const allergens = allergensTogether([
      ...(base?.allergens ? [base.allergens] : [goodsStates(spec.base, shelf)]),
      goodsStates(drawn.shelf, shelf),
      ...drawn.allergens,
    ]);
    const lot = addMadeLot(
      tx,
      { itemId: sauceItem(specId), massG, cents, useByMs: base?.useByMs ?? null, allergens, placeId: null },
      stamp,
    );
    const { id: lotId, code } = lot;
    const id = randomUUID();
    const { name } = spec;
    const { covers, servedC } = facts;
    const outputs = [{ lotId, label: name, massG, cents }];
    keepMake(tx, { ...stamp, id, kind: "sauce", specHash: hash, facts, inputs, outputs, losses: [] });
    const place = bainName(tx);
    startHotHold(tx, { cookId: null, lotId, title: name, place, ruleSetId, fromC: servedC, usedMin: 0 }, stamp);
    const payload = { code, name, covers, massG, servedC, base: base?.code ?? null };
    const subjects = [
      { kind: "make", id },
      { kind: "spec", id: hash },
    ] as const;
    appendEntry(tx, { ...stamp, kind: "sauce-mounted", lotId, payload, subjects });
    return ok(lot);
  });
}

/** Ends a sauce or a base: so many grams poured away with their cents, the rest was served; its clock ends with it. */
export function endSauce(
  db: Db,
  lotId: string,
  { massG, reason }: { readonly massG: number; readonly reason: string },
  stamp: Pick<Stamp, "who" | "atMs">,
): Result<{ readonly pouredG: number; readonly cents: number }, SauceError> {
  return db.transaction((tx) => {
    const lot = madeLot(tx, lotId);
    if (!lot) return err({ kind: "notHere" });
    const poured = closeMadeLot(tx, lot, { massG, reason }, stamp);
    const hold = tx.select().from(hotHolds).where(eq(hotHolds.lotId, lotId)).get();
    if (hold?.endedAtMs === null) endHotHold(tx, hold.id, poured.pouredG > 0 ? "thrown-away" : "served", stamp);
    const servedG = lot.remainingG - poured.pouredG;
    const payload = { code: lot.code, massG: poured.pouredG, reason, costCents: poured.cents, leftG: 0, servedG };
    appendEntry(tx, { ...stamp, kind: "lot-wasted", lotId, payload });
    return ok(poured);
  });
}

export type SauceLot = {
  readonly lot: MadeLot;
  readonly name: string;
  readonly specId: string;
  readonly spec: SauceSpec;
  readonly madeAtMs: number;
  /** Null: a base. */
  readonly mount: MountFacts | null;
};

/** Bases and sauces that are there now, the oldest first. */
export const saucesNow = remembering([lots, items, makes, makeOutputs, specs], (db): readonly SauceLot[] => {
  const made = madeLots(db);
  if (made.length === 0) return [];
  const outputs = db
    .select({ lotId: makeOutputs.lotId, make: makes })
    .from(makeOutputs)
    .innerJoin(makes, eq(makes.id, makeOutputs.makeId))
    .where(
      inArray(
        makeOutputs.lotId,
        made.map(({ lot }) => lot.id),
      ),
    )
    .orderBy(desc(makes.atMs))
    .all();
  return made.flatMap(({ lot, item }) => {
    const make = outputs.find(({ lotId }) => lotId === lot.id)?.make;
    const sauce = make?.specHash ? sauceByHash(db, make.specHash) : undefined;
    if (!make || !sauce) return [];
    const mount = make.kind === "sauce" ? (make.facts as MountFacts) : null;
    return [{ lot, name: item.name, specId: sauce.specId, spec: sauce.spec, madeAtMs: make.atMs, mount }];
  });
});

/** Sets what a good of the shelf costs the house. */
export function priceGood(db: Db, ingredientId: string, centsPerKg: number): void {
  const id = goodItem(ingredientId);
  keepItem(db, id, "bought", ingredientOf(ingredientId, shelfOf(db)).label, { ingredientId });
  const known = db.select().from(items).where(eq(items.id, id)).get();
  db.update(items)
    .set({ facts: { ...known?.facts, ingredientId, centsPerKg } })
    .where(eq(items.id, id))
    .run();
}

/** What the tasting added the last time this sauce was mounted, for so many covers; nothing where it was never tasted. */
export function lastTaste(db: Db, specId: string, covers: number): readonly Portion[] {
  const rows = db
    .select({ facts: makes.facts })
    .from(makes)
    .innerJoin(specs, eq(specs.hash, makes.specHash))
    .where(and(eq(makes.kind, "sauce"), eq(specs.specId, specId)))
    .orderBy(desc(makes.atMs))
    .all();
  const last = rows.map(({ facts }) => facts as MountFacts).find(({ taste }) => (taste?.length ?? 0) > 0);
  return (last?.taste ?? []).map((one) => scaledPortion(one, last!.covers, covers));
}
