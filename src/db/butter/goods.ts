import { createHash } from "node:crypto";
import { and, asc, eq, sql } from "drizzle-orm";
import { goodFromLabel, shelfWith, type GoodLabel, type Ingredient, type Shelf } from "@/core/butter";
import { err, ok, type Refusal, refuse, type Result, type Said, stableJson } from "@/core/shared";
import { GoodBody } from "@/house/stored/goodBody";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { items } from "../schema/larder";
import type { Stamp } from "../stamp";

export type BoughtGood = {
  readonly good: Ingredient;
  readonly centsPerKg: number | null;
  readonly retired: boolean;
  readonly standsFor: string | null;
};

/** Every good the house ever entered from a label; what it no longer buys still names what was made of it. */
export const boughtGoods = remembering([items], (db): readonly BoughtGood[] =>
  db
    .select()
    .from(items)
    .where(sql`json_extract(${items.facts}, '$.good') is not null`)
    .orderBy(asc(items.name))
    .all()
    .map(({ facts }) => ({
      good: GoodBody.parse(facts.good),
      centsPerKg: facts.centsPerKg ?? null,
      retired: facts.retired ?? false,
      standsFor: facts.standsFor ?? null,
    })),
);

/** The goods the house cooks with: the common ones and its own. */
export const shelfOf = remembering([items], (db): Shelf => shelfWith(boughtGoods(db).map(({ good }) => good)));

/**
 * Keeps a bought good as its label says. It is named by what the label says: another label is another good, so that what was made with the
 * old one stays as it was. Error: the label adds up to more than the whole.
 */
export function keepGood(
  db: Db,
  label: GoodLabel,
  centsPerKg: number | null,
  { who, atMs }: Stamp,
): Result<string, Said> {
  const hash = createHash("sha256").update(stableJson(label)).digest("hex").slice(0, 12);
  const id = `own-${hash}`;
  const good = goodFromLabel(id, label);
  if (!good.ok) return err(good.error);
  const facts = { ingredientId: id, good: good.value, ...(centsPerKg === null ? {} : { centsPerKg }) };
  return db.transaction((tx) => {
    tx.insert(items)
      .values({ id: `bought:${id}`, kind: "bought", name: label.label, facts })
      .onConflictDoUpdate({ target: items.id, set: { facts } })
      .run();
    appendEntry(tx, { atMs, who, kind: "good-kept", payload: { name: label.label, id, centsPerKg } });
    return ok(id);
  });
}

/** Takes a good off the shelf; sauces that name it still can be read. Refused: it was not there. */
export function retireGood(db: Db, id: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchGood">> {
  const row = db
    .select()
    .from(items)
    .where(eq(items.id, `bought:${id}`))
    .get();
  if (row?.facts.good === undefined || row.facts.retired) return refuse("noSuchGood");
  db.update(items)
    .set({ facts: { ...row.facts, retired: true } })
    .where(eq(items.id, row.id))
    .run();
  appendEntry(db, { atMs, who, kind: "good-kept", payload: { name: row.name, id, retired: true } });
  return ok(null);
}

/** Common goods the house cooks with another one instead of: common to bought. What is no longer bought stands for nothing. */
export const standInsOf = (db: Db): ReadonlyMap<string, string> =>
  new Map(
    boughtGoods(db).flatMap(({ good, retired, standsFor }) =>
      retired || standsFor === null ? [] : [[standsFor, good.id]],
    ),
  );

/** Cooks with a bought good instead of a common one from now on; null: with neither. One good stands for one at a time. Refused: it is not there. */
export function standIn(
  db: Db,
  id: string,
  standsFor: string | null,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchGood">> {
  const all = boughtGoods(db);
  const chosen = all.find(({ good, retired }) => good.id === id && !retired);
  if (!chosen) return refuse("noSuchGood");
  db.transaction((tx) => {
    for (const { good } of all.filter((one) => one.good.id === id || one.standsFor === standsFor)) {
      const row = tx
        .select()
        .from(items)
        .where(eq(items.id, `bought:${good.id}`))
        .get()!;
      const { standsFor: _, ...facts } = row.facts;
      const now = good.id === id && standsFor !== null ? { ...facts, standsFor } : facts;
      tx.update(items).set({ facts: now }).where(eq(items.id, row.id)).run();
    }
    appendEntry(tx, { atMs, who, kind: "good-kept", payload: { name: chosen.good.label, id, standsFor } });
  });
  return ok(null);
}

/** A good that came with a card of another house: as its label was read there. One that is here already stays as it is. */
export function keepForeignGood(db: Db, good: Ingredient, { who, atMs }: Stamp): void {
  const id = `bought:${good.id}`;
  if (db.select().from(items).where(eq(items.id, id)).get()) return;
  const facts = { ingredientId: good.id, good };
  db.insert(items).values({ id, kind: "bought", name: good.label, facts }).run();
  appendEntry(db, { atMs, who, kind: "good-kept", payload: { name: good.label, id: good.id, centsPerKg: null } });
}

/** What the house pays for its goods, cents a kilo; a good nobody priced is not in it. */
export const goodsPrices = remembering(
  [items],
  (db): ReadonlyMap<string, number> =>
    new Map(
      db
        .select()
        .from(items)
        .where(and(eq(items.kind, "bought"), sql`json_extract(${items.facts}, '$.centsPerKg') is not null`))
        .all()
        .map(({ facts }) => [facts.ingredientId!, facts.centsPerKg!]),
    ),
);
