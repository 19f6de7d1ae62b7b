import { randomUUID } from "node:crypto";
import { and, desc, eq, gte, inArray } from "drizzle-orm";
import { allocateBill, type Part, type PartUse } from "@/core/block";
import { err, ok, type Result } from "@/core/shared";
import { makeChild, takeFrom } from "../lots/childLot";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import type { Lot } from "../lots/lots";
import { findPlace } from "../house/places";
import { lots, suppliers } from "../schema/lots";
import { breakdownParts, breakdowns } from "../schema/block";
import { lotInHand } from "../lots/stock";

export type WeighedPartIn = {
  readonly part: Part;
  readonly massG: number;
  readonly use: PartUse;
  /** Where it goes; unused for waste. */
  readonly placeId: string;
};

export type NewBreakdown = {
  readonly lotId: string;
  readonly wayId: string;
  readonly wholeG: number;
  readonly parts: readonly WeighedPartIn[];
};

export type BreakdownError =
  | { readonly kind: "notOnIce" }
  | { readonly kind: "frozen" }
  | { readonly kind: "moreThanLeft"; readonly leftG: number }
  | { readonly kind: "moreThanWhole"; readonly overG: number }
  | { readonly kind: "nothing" }
  | { readonly kind: "noSuchPlace" };

export type BreakdownDone = { readonly id: string; readonly children: readonly Lot[]; readonly lossG: number };

/** A scale may be this far off over all its weighings. */
const SCALE_SHARE = 0.01;

/**
 * Takes an animal apart: every kept part becomes a lot of its own with the share of the bill its use is worth, waste is only written down,
 * what is missing is loss. No gram appears: the parts may weigh no more than the whole.
 */
export function breakDown(
  db: Db,
  { lotId, wayId, wholeG, parts }: NewBreakdown,
  day: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<BreakdownDone, BreakdownError> {
  const whole = lotInHand(db, lotId, atMs);
  return db.transaction((tx) => {
    const lot = tx
      .select()
      .from(lots)
      .where(and(eq(lots.id, lotId), eq(lots.status, "on-ice")))
      .get();
    if (!lot || !whole) return err({ kind: "notOnIce" });
    if (lot.state === "frozen") return err({ kind: "frozen" });
    if (wholeG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    const weighed = parts.filter(({ massG }) => massG > 0);
    if (weighed.length === 0) return err({ kind: "nothing" });
    const partsG = weighed.reduce((sum, { massG }) => sum + massG, 0);
    if (partsG > wholeG * (1 + SCALE_SHARE)) return err({ kind: "moreThanWhole", overG: partsG - wholeG });
    if (weighed.some(({ use, placeId }) => use !== "waste" && !findPlace(tx, placeId)))
      return err({ kind: "noSuchPlace" });
    const id = randomUUID();
    const { speciesId, supplierId, form } = lot;
    const lossG = Math.max(0, wholeG - partsG);
    tx.insert(breakdowns).values({ id, lotId, atMs, who, wayId, form, speciesId, supplierId, wholeG, lossG }).run();
    const bill = allocateBill(weighed, (wholeG / 1000) * lot.priceCentsPerKg);
    const children: Lot[] = [];
    for (const [index, { part, massG, use, placeId }] of weighed.entries()) {
      let childId: string | null = null;
      if (use !== "waste") {
        const place = findPlace(tx, placeId)!;
        const priceCentsPerKg = Math.round((bill[index]! / massG) * 1000);
        const from = { lot, species: whole.species, life: whole.life, atMs, who, day };
        const child = makeChild(tx, from, { massG, form: part.form, label: part.label, use, priceCentsPerKg }, place);
        children.push(child);
        childId = child.id;
      }
      tx.insert(breakdownParts)
        .values({ breakdownId: id, partId: part.id, label: part.label, massG, use, childId })
        .run();
    }
    const leftG = takeFrom(tx, lot, wholeG, atMs);
    const payload = {
      code: lot.code,
      way: wayId,
      wholeG,
      lossG,
      leftG,
      parts: weighed.map(({ part, massG, use }) => ({ part: part.label, massG, use })),
      children: children.map(({ code }) => code),
    };
    appendEntry(tx, { atMs, who, kind: "lot-broken-down", lotId, payload });
    for (const child of children)
      appendEntry(tx, {
        atMs,
        who,
        kind: "lot-split",
        lotId: child.id,
        payload: {
          code: lot.code,
          child: child.code,
          childId: child.id,
          massG: child.massG,
          form: child.form,
          note: child.partLabel ?? "",
        },
      });
    return ok({ id, children, lossG });
  });
}

export type BreakdownRow = typeof breakdowns.$inferSelect & {
  readonly supplier: string;
  readonly parts: readonly (typeof breakdownParts.$inferSelect)[];
};

/** What was taken apart since, newest first. */
export function breakdownsSince(db: Db, sinceMs: number): BreakdownRow[] {
  const rows = db
    .select({ breakdown: breakdowns, supplier: suppliers.name })
    .from(breakdowns)
    .innerJoin(suppliers, eq(breakdowns.supplierId, suppliers.id))
    .where(gte(breakdowns.atMs, sinceMs))
    .orderBy(desc(breakdowns.atMs))
    .all();
  if (rows.length === 0) return [];
  const all = db
    .select()
    .from(breakdownParts)
    .where(
      inArray(
        breakdownParts.breakdownId,
        rows.map(({ breakdown }) => breakdown.id),
      ),
    )
    .all();
  return rows.map(({ breakdown, supplier }) => ({
    ...breakdown,
    supplier,
    parts: all.filter(({ breakdownId }) => breakdownId === breakdown.id),
  }));
}
