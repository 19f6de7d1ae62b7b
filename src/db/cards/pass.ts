import { and, eq, gte, inArray, lt } from "drizzle-orm";
import { allergenLines, dishOf, type CardWorld } from "@/core/cards";
import type { Db } from "../connection";
import type { PassCard } from "@/house/pass";
import { appendEntry } from "../ledger";
import { plates } from "../schema/cards";
import { specs } from "../schema/larder";
import { cardCoversOn, offNow } from "./bookings";
import { cardSpecs, findCard } from "./cardSpecs";
import { keepPlate } from "./plates";

/** Plates of each card that went since `fromMs`. */
export function servedSince(db: Db, fromMs: number, toMs: number): ReadonlyMap<string, number> {
  const rows = db
    .select({ cardId: specs.specId })
    .from(plates)
    .innerJoin(specs, eq(specs.hash, plates.cardHash))
    .where(and(gte(plates.atMs, fromMs), lt(plates.atMs, toMs), inArray(plates.state, ["up", "gone"])))
    .all();
  const counts = new Map<string, number>();
  for (const { cardId } of rows) counts.set(cardId, (counts.get(cardId) ?? 0) + 1);
  return counts;
}

/** The cards of a day with what is booked, what went and what is struck off. */
export function passCards(db: Db, day: string, dayFromMs: number, nowMs: number): readonly PassCard[] {
  const booked = cardCoversOn(db, day);
  const served = servedSince(db, dayFromMs, nowMs + 1);
  const offs = new Map(offNow(db).map((off) => [off.cardId, off]));
  return cardSpecs(db, day).map(({ cardId, spec }) => ({
    cardId,
    spec,
    booked: booked.get(cardId) ?? 0,
    served: served.get(cardId) ?? 0,
    off: offs.get(cardId) ?? null,
  }));
}

/** Plates of a card that went: each keeps the card as it was, its allergens and its cost of that moment. Null: there is no such card. */
export function serveCard(
  db: Db,
  cardId: string,
  covers: number,
  world: CardWorld,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): string | null {
  const card = findCard(db, cardId);
  if (!card) return null;
  const { allergens, cost } = dishOf(card.spec, world);
  db.transaction((tx) => {
    const plate = {
      cardHash: card.hash,
      atMs,
      who,
      state: "gone",
      ruleSetId: world.ruleSetId,
      allergens,
      costCents: cost.highCents === null ? null : Math.round(cost.highCents),
      parts: [],
    } as const;
    for (let cover = 0; cover < covers; cover++) keepPlate(tx, plate);
    const said = allergenLines(allergens, world.ruleSetId).map(({ id, state }) => `${id}: ${state}`);
    const payload = { name: card.spec.name, hash: card.hash, covers, allergens: said };
    const subjects = [
      { kind: "spec", id: card.hash },
      { kind: "spec", id: cardId },
    ] as const;
    appendEntry(tx, { atMs, who, kind: "card-served", payload, subjects });
  });
  return card.spec.name;
}
