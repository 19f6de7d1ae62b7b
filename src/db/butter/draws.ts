import { and, asc, eq, gt, isNull, or, sql } from "drizzle-orm";
import { ingredientOf, type Portion, type Shelf } from "@/core/butter";
import type { Allergens } from "@/core/larder";
import { isKind } from "@/core/trace";
import type { Db } from "../connection";
import { keepItem } from "../larder/madeLots";
import { entriesAbout } from "../ledger";
import type { MakeInput } from "../larder/makes";
import { takeFrom } from "../lots/childLot";
import { items, lots } from "../schema/larder";

const goodItem = (ingredientId: string) => `bought:${ingredientId}`;

const cooledTooSlowly = (db: Db, lotId: string): boolean =>
  entriesAbout(db, { kind: "lot", id: lotId }).findLast(isKind("stock-read"))?.payload.verdict === "fail";

/** A lot of the house that is this good: its own stock, oil or browned butter. */
const ownLots = (db: Db, ingredientId: string, atMs: number) =>
  db
    .select({ lot: lots })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(
      and(
        eq(lots.status, "on-ice"),
        sql`${items.kind} in ('made', 'bought')`,
        sql`json_extract(${items.facts}, '$.ingredientId') = ${ingredientId}`,
        or(isNull(lots.useByMs), gt(lots.useByMs, atMs)),
      ),
    )
    .orderBy(asc(lots.useByMs), asc(lots.receivedAtMs))
    .all()
    .map(({ lot }) => lot)
    // a pot that cooled too slowly goes into nothing
    .filter(({ id }) => !cooledTooSlowly(db, id));

export type Drawn = {
  readonly inputs: readonly MakeInput[];
  /** Allergens of the lots that were drawn from. */
  readonly allergens: readonly Allergens[];
  readonly codes: readonly string[];
  /** Goods of which the house's own lots gave only a part or none. */
  readonly shelf: readonly Portion[];
};

/**
 * Takes goods for a make: from the house's own lots where it has made or bought them (what must go first, first), the rest from the shelf at
 * the house's price. One pot feeds several pans.
 */
export function drawGoods(db: Db, portions: readonly Portion[], shelf: Shelf, atMs: number): Drawn {
  const inputs: MakeInput[] = [];
  const allergens: Allergens[] = [];
  const codes: string[] = [];
  const rest: Portion[] = [];
  for (const { ingredientId, massG } of portions) {
    let missingG = massG;
    for (const lot of ownLots(db, ingredientId, atMs)) {
      if (missingG < 0.5) break;
      const takenG = Math.min(missingG, lot.remainingG);
      const { cents } = takeFrom(db, lot, takenG, atMs);
      inputs.push({ lotId: lot.id, massG: takenG, cents });
      codes.push(lot.code);
      if (lot.allergens) allergens.push(lot.allergens);
      missingG -= takenG;
    }
    if (missingG < 0.5 && missingG < massG) continue;
    const itemId = goodItem(ingredientId);
    keepItem(db, itemId, "bought", ingredientOf(ingredientId, shelf).label, { ingredientId });
    const known = db.select().from(items).where(eq(items.id, itemId)).get();
    const cents = Math.round(((known?.facts.centsPerKg ?? 0) * missingG) / 1000);
    inputs.push({ itemId, massG: missingG, cents });
    rest.push({ ingredientId, massG: missingG });
  }
  return { inputs, allergens, codes, shelf: rest };
}
