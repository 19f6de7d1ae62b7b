import { and, eq, gt, isNull, or } from "drizzle-orm";
import type { Dish, Origin } from "@/core/cards";
import { preparationItem } from "../butter/preparations";
import { sauceItem } from "../butter/sauces";
import type { Db } from "../connection";
import { lots } from "../schema/larder";
import type { PlatePart } from "./plates";

/** The item of the house a part of a dish is served out of; null: it is cooked or laid to order. */
const itemOf = (from: Origin): string | null =>
  from.kind === "sauce"
    ? sauceItem(from.specId)
    : from.kind === "preparation"
      ? preparationItem(from.preparationId)
      : null;

/** Pots, trays and tubs a dish is served out of at a moment. Where several of a kind stand there it may be any of them. */
export function madePartsOf(db: Db, { components }: Pick<Dish, "components">, atMs: number): readonly PlatePart[] {
  return components.flatMap(({ from, massG }) => {
    const itemId = itemOf(from);
    if (itemId === null) return [];
    const there = db
      .select({ lotId: lots.id })
      .from(lots)
      .where(and(eq(lots.itemId, itemId), eq(lots.status, "on-ice"), or(isNull(lots.useByMs), gt(lots.useByMs, atMs))))
      .all();
    const certainty = there.length === 1 ? "certain" : "one-of";
    return there.map(({ lotId }) => ({ lotId, massG, certainty }) as const);
  });
}
