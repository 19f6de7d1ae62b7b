import { and, desc, eq, isNull, or, sql, type SQL } from "drizzle-orm";
import type { NamedBy } from "@/house/book/recall";
import type { Db } from "../connection";
import { lots, packs } from "../schema/larder";
import { fish, suppliers } from "../schema/lots";

export type Found = {
  readonly by: NamedBy;
  readonly lots: readonly { readonly id: string; readonly code: string; readonly receivedAtMs: number }[];
};

/** What a lot may be called by, in the order it is looked for; what came off a lot is found through the lot. */
const WAYS: readonly (readonly [NamedBy, (text: string) => SQL | undefined])[] = [
  ["code", (text) => eq(sql`lower(${lots.code})`, text)],
  [
    "supplier-lot",
    (text) =>
      and(
        isNull(lots.parentId),
        or(
          eq(sql`lower(trim(json_extract(${fish.provenance}, '$.supplierLot')))`, text),
          eq(sql`lower(${packs.supplierLot})`, text),
        ),
      ),
  ],
  ["source", (text) => and(isNull(lots.parentId), eq(sql`lower(trim(${fish.source}))`, text))],
  [
    "supplier",
    (text) =>
      and(isNull(lots.parentId), or(eq(sql`lower(${suppliers.name})`, text), eq(sql`lower(${packs.supplier})`, text))),
  ],
];

/**
 * Lots a recall may mean by what was typed: a code of the house; else a lot number of a supplier; else a boat, farm or supplier, newest
 * first. Null: nothing is called so.
 */
export function lotsNamed(db: Db, typed: string): Found | null {
  const text = typed.trim().toLowerCase();
  if (text === "") return null;
  for (const [by, isNamed] of WAYS) {
    const found = db
      .select({ id: lots.id, code: lots.code, receivedAtMs: lots.receivedAtMs })
      .from(lots)
      .leftJoin(fish, eq(fish.lotId, lots.id))
      .leftJoin(suppliers, eq(suppliers.id, fish.supplierId))
      .leftJoin(packs, eq(packs.lotId, lots.id))
      .where(isNamed(text))
      .orderBy(desc(lots.receivedAtMs))
      .all();
    if (found.length > 0) return { by, lots: found };
  }
  return null;
}
