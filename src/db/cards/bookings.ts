import { and, asc, eq, isNull } from "drizzle-orm";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { coversOn, dropCovers } from "../house/covers";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { cardCovers, cardOffs } from "../schema/cards";
import type { Stamp } from "../stamp";
import { cardSpecs, findCard, type KeptCard } from "./cardSpecs";

/** Covers of a day by card. */
export const cardCoversOn = (db: Db, day: string): ReadonlyMap<string, number> =>
  new Map(coversOfCards(db, day).map(({ cardId, covers }) => [cardId, covers]));

const coversOfCards = remembering([cardCovers], (db, day: string) =>
  db.select().from(cardCovers).where(eq(cardCovers.day, day)).all(),
);

/** Books so many covers of a card for a day; nought takes them out. Refused: there is no such card. */
export function bookCard(
  db: Db,
  day: string,
  cardId: string,
  covers: number,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchCard">> {
  const card = findCard(db, cardId);
  if (!card) return refuse("noSuchCard");
  db.transaction((tx) => {
    tx.delete(cardCovers)
      .where(and(eq(cardCovers.day, day), eq(cardCovers.cardId, cardId)))
      .run();
    // what was booked by the fish for this card is part of what is said now
    for (const one of fishBookings(tx, day))
      if (one.card?.cardId === cardId) dropCovers(tx, day, one.speciesId, one.use);
    if (covers > 0) tx.insert(cardCovers).values({ day, cardId, covers }).run();
    const { piece } = card.spec;
    const payload = { day, card: card.spec.name, speciesId: piece.speciesIds[0], use: piece.use, covers };
    appendEntry(tx, { atMs, who, kind: "covers-planned", payload, subjects: [{ kind: "spec", id: cardId }] });
  });
  return ok(null);
}

export type FishBooking = {
  readonly speciesId: string;
  readonly use: "raw" | "cook";
  readonly covers: number;
  readonly portionG: number;
  /** The card of the day that serves it; null: it wants one written. */
  readonly card: KeptCard | null;
};

/** What was booked by its fish, each with the first card of the day that serves that fish. */
export function fishBookings(db: Db, day: string): readonly FishBooking[] {
  const cards = cardSpecs(db, day);
  return coversOn(db, day).map(({ speciesId, use, covers, portionG }) => {
    const card = cards.find(({ spec: { piece } }) => piece.use === use && piece.speciesIds.includes(speciesId)) ?? null;
    return { speciesId, use, covers, portionG, card };
  });
}

export type Booked = {
  readonly speciesId: string;
  readonly use: "raw" | "cook";
  readonly covers: number;
  readonly portionG: number;
  /** The sauce its card serves; null: booked by its fish alone, so whatever goes with that fish. */
  readonly sauceId: string | null;
  readonly card: string | null;
};

/** Everything booked for a day: by card, and by its fish where no card says more. */
export function bookedOn(db: Db, day: string): readonly Booked[] {
  const cards = new Map(cardSpecs(db, day).map((card) => [card.cardId, card]));
  const byCard = [...cardCoversOn(db, day)].flatMap(([cardId, covers]): readonly Booked[] => {
    const card = cards.get(cardId);
    if (!card) return [];
    const { piece, sauce, name } = card.spec;
    const row = { speciesId: piece.speciesIds[0]!, use: piece.use, covers, portionG: piece.massG };
    return [{ ...row, sauceId: sauce?.specId ?? "", card: name }];
  });
  const byFish = fishBookings(db, day).map(({ card, ...row }) => ({
    ...row,
    sauceId: card ? (card.spec.sauce?.specId ?? "") : null,
    card: card?.spec.name ?? null,
  }));
  return [...byCard, ...byFish];
}

export type Off = { readonly cardId: string; readonly fromMs: number; readonly who: string; readonly reason: string };

/** Cards that are struck off now. */
export const offNow = remembering([cardOffs], (db): readonly Off[] =>
  db.select().from(cardOffs).where(isNull(cardOffs.toMs)).orderBy(asc(cardOffs.fromMs)).all(),
);

/** Strikes a card off, or puts it back on. Refused: it is so already, or there is none. */
export function strikeCard(
  db: Db,
  cardId: string,
  reason: string | null,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noSuchCard" | "soAlready">> {
  const card = findCard(db, cardId);
  if (!card) return refuse("noSuchCard");
  const off = offNow(db).some((one) => one.cardId === cardId);
  if (off === (reason !== null)) return refuse("soAlready");
  db.transaction((tx) => {
    if (reason === null) {
      tx.update(cardOffs)
        .set({ toMs: atMs })
        .where(and(eq(cardOffs.cardId, cardId), isNull(cardOffs.toMs)))
        .run();
    } else {
      tx.insert(cardOffs).values({ cardId, fromMs: atMs, who, reason }).run();
    }
    const payload = { name: card.spec.name, reason };
    const subjects = [{ kind: "spec" as const, id: cardId }];
    appendEntry(tx, { atMs, who, kind: reason === null ? "card-on" : "card-off", payload, subjects });
  });
  return ok(null);
}
