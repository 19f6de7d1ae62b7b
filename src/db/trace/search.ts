import { and, desc, eq, isNull, or, sql } from "drizzle-orm";
import type { NamedBy } from "@/house/recall";
import type { Db } from "../connection";
import { lots, packs } from "../schema/larder";
import { fish, suppliers } from "../schema/lots";

export type Found = {
  readonly by: NamedBy;
  readonly lots: readonly { readonly id: string; readonly code: string; readonly receivedAtMs: number }[];
};

/**
 * Lots a recall may mean by what was typed: a code of the house; else a lot number of a supplier; else a boat, farm or supplier, newest
 * first. Null: nothing is called so.
 */
export function lotsNamed(db: Db, typed: string): Found | null {
  const text = typed.trim().toLowerCase();
  if (text === "") return null;
  const columns = { id: lots.id, code: lots.code, receivedAtMs: lots.receivedAtMs };
  const ofDoor = () =>
    db
      .select(columns)
      .from(lots)
      .leftJoin(fish, eq(fish.lotId, lots.id))
      .leftJoin(suppliers, eq(suppliers.id, fish.supplierId))
      .leftJoin(packs, eq(packs.lotId, lots.id));
  const ways: readonly (readonly [NamedBy, () => Found["lots"]])[] = [
    [
      "code",
      () =>
        db
          .select(columns)
          .from(lots)
          .where(eq(sql`lower(${lots.code})`, text))
          .all(),
    ],
    [
      "supplier-lot",
      () =>
        ofDoor()
          .where(
            and(
              isNull(lots.parentId),
              or(
                eq(sql`lower(trim(json_extract(${fish.provenance}, '$.supplierLot')))`, text),
                eq(sql`lower(${packs.supplierLot})`, text),
              ),
            ),
          )
          .orderBy(desc(lots.receivedAtMs))
          .all(),
    ],
    [
      "source",
      () =>
        ofDoor()
          .where(and(isNull(lots.parentId), eq(sql`lower(trim(${fish.source}))`, text)))
          .orderBy(desc(lots.receivedAtMs))
          .all(),
    ],
    [
      "supplier",
      () =>
        ofDoor()
          .where(
            and(
              isNull(lots.parentId),
              or(eq(sql`lower(${suppliers.name})`, text), eq(sql`lower(${packs.supplier})`, text)),
            ),
          )
          .orderBy(desc(lots.receivedAtMs))
          .all(),
    ],
  ];
  for (const [by, look] of ways) {
    const found = look();
    if (found.length > 0) return { by, lots: found };
  }
  return null;
}
