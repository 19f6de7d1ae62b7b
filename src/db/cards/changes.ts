import { desc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { specs } from "../schema/larder";
import { CardBody } from "@/house/cards/cardSpec";
import { stableJson } from "@/core/shared";

export type Changed = { readonly cardId: string; readonly name: string };

/** Cards whose wording is another than it was at that moment, new ones among them. */
export function changedSince(db: Db, sinceMs: number): readonly Changed[] {
  const rows = db.select().from(specs).where(eq(specs.kind, "card")).orderBy(desc(specs.atMs)).all();
  const ids = [...new Set(rows.map(({ specId }) => specId))];
  return ids.flatMap((cardId) => {
    const own = rows.filter(({ specId }) => specId === cardId);
    const now = own[0]!;
    const before = own.find(({ atMs }) => atMs < sinceMs);
    if (now.atMs < sinceMs) return [];
    const same = before && stableJson(CardBody.parse(before.body)) === stableJson(CardBody.parse(now.body));
    return same ? [] : [{ cardId, name: now.name }];
  });
}
