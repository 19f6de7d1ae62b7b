import { and, eq, gte, inArray } from "drizzle-orm";
import { allergenLines, dishOf, type CardSpec, type CardWorld, type Dish } from "@/core/cards";
import type { RuleSetId } from "@/core/safety";
import type { Db } from "../connection";
import { groupBy, ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { PassCard } from "@/house/line/pass";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { plates } from "../schema/cards";
import { specs } from "../schema/larder";
import { cardCoversOn, fishBookings, offNow } from "./bookings";
import { cardSpecs, findCard } from "./cardSpecs";
import { askedOnTickets } from "../line/asked";
import { madePartsOf } from "./madeParts";
import { addPart, keepPlate, loosePlates, plateWithoutCard } from "./plates";

const platesOfCardsSince = remembering([plates, specs], (db, fromMs: number) =>
  db
    .select({ cardId: specs.specId, atMs: plates.atMs })
    .from(plates)
    .innerJoin(specs, eq(specs.hash, plates.cardHash))
    .where(and(gte(plates.atMs, fromMs), inArray(plates.state, ["up", "gone"])))
    .all(),
);

/** Plates of each card that went since `fromMs`. */
export function servedSince(db: Db, fromMs: number, toMs: number): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const { cardId, atMs } of platesOfCardsSince(db, fromMs))
    if (atMs < toMs) counts.set(cardId, (counts.get(cardId) ?? 0) + 1);
  return counts;
}

/** The cards of a day with what is booked, what went and what is struck off. */
export function passCards(db: Db, day: string, dayFromMs: number, nowMs: number): readonly PassCard[] {
  const booked = new Map(cardCoversOn(db, day));
  for (const { card, covers } of fishBookings(db, day))
    if (card) booked.set(card.cardId, (booked.get(card.cardId) ?? 0) + covers);
  const served = servedSince(db, dayFromMs, nowMs + 1);
  const loose = groupBy(loosePlates(db, dayFromMs), ({ cardId }) => cardId);
  const asked = askedOnTickets(db, nowMs);
  const offs = new Map(offNow(db).map((off) => [off.cardId, off]));
  return cardSpecs(db, day).map(({ cardId, spec }) => ({
    cardId,
    spec,
    booked: booked.get(cardId) ?? 0,
    served: served.get(cardId) ?? 0,
    loose: loose.get(cardId)?.length ?? 0,
    asked: asked.get(cardId) ?? 0,
    off: offs.get(cardId) ?? null,
  }));
}

export type Served = {
  readonly hash: string;
  readonly cardId: string;
  readonly card: CardSpec;
  readonly dish: Dish;
  readonly covers: number;
  /** The line of a ticket; null: tapped at the pass without one. */
  readonly lineId: string | null;
  /** What was asked of it. */
  readonly wishes: readonly string[];
};

/** Plates that went: each keeps the card as it was served, its allergens and its cost of that moment. Call it inside the transaction of the work. */
export function platesGone(
  db: Db,
  { hash, cardId, card, dish, covers, lineId, wishes }: Served,
  ruleSetId: RuleSetId,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): void {
  const { allergens, cost } = dish;
  const known = {
    cardHash: hash,
    atMs,
    who,
    ruleSetId,
    allergens,
    costCents: cost.highCents === null ? null : Math.round(cost.highCents),
    lineId,
  } as const;
  const parts = madePartsOf(db, dish, atMs);
  const ids: string[] = [];
  for (let cover = 0; cover < covers; cover++) {
    // a piece that came out of its pan is this plate: it is not counted twice
    const id = plateWithoutCard(db, card, atMs);
    if (id === undefined) ids.push(keepPlate(db, { ...known, state: "gone", parts }));
    else {
      db.update(plates).set(known).where(eq(plates.id, id)).run();
      for (const part of parts) addPart(db, id, part);
      ids.push(id);
    }
  }
  const said = allergenLines(allergens, ruleSetId).map(({ id, state }) => `${id}: ${state}`);
  const payload = {
    name: card.name,
    hash,
    covers,
    plates: ids,
    parts,
    allergens: said,
    ...(wishes.length > 0 ? { wishes } : {}),
  };
  const subjects = [
    { kind: "spec", id: hash },
    { kind: "spec", id: cardId },
  ] as const;
  appendEntry(db, { atMs, who, kind: "card-served", payload, subjects });
}

/** Plates of a card that went without a ticket. Refused: there is no such card. */
export function serveCard(
  db: Db,
  cardId: string,
  covers: number,
  world: CardWorld,
  stamp: { readonly who: string; readonly atMs: number },
): Result<string, Refusal<"noSuchCard">> {
  const card = findCard(db, cardId);
  if (!card) return refuse("noSuchCard");
  const { hash, spec } = card;
  const served = { hash, cardId, card: spec, dish: dishOf(spec, world), covers, lineId: null, wishes: [] };
  db.transaction((tx) => platesGone(tx, served, world.ruleSetId, stamp));
  return ok(spec.name);
}
