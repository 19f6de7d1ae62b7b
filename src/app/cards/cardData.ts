import { todayIn, wallClockMs } from "@/calendar/days";
import type { CardWorld } from "@/core/cards";
import { cardSpecs, type KeptCard } from "@/db/cards/cardSpecs";
import { passCards } from "@/db/cards/pass";
import { cardWorld } from "@/db/cards/world";
import type { Db } from "@/db/connection";
import { onceASecond } from "@/db/remember";
import type { House } from "@/db/house/house";
import { passOf, type Tile } from "@/house/line/pass";

/** Species that some card serves raw: their clearance is asked for. */
const rawIds = (cards: readonly KeptCard[]): ReadonlySet<string> =>
  new Set(cards.flatMap(({ spec }) => (spec.piece.use === "raw" ? spec.piece.speciesIds : [])));

/** What the cards are joined from, now. */
export const worldNow = (db: Db, house: House, nowMs: number): CardWorld => worldFor(db, house, nowMs, cardSpecs(db));

/** The same for these cards alone: a clearance that none of them asks for is not worked out. */
export function worldFor(db: Db, house: House, nowMs: number, cards: readonly KeptCard[]): CardWorld {
  const ids = rawIds(cards);
  return onceASecond(db, nowMs, `cards ${[...ids].sort().join(" ")}`, () => cardWorld(db, house, nowMs, ids));
}

/** The pass of today. */
export function passNow(
  db: Db,
  house: House,
  nowMs: number,
): { readonly tiles: readonly Tile[]; readonly world: CardWorld } {
  const day = todayIn(house.timeZone, nowMs);
  const world = worldNow(db, house, nowMs);
  return { world, tiles: passOf(passCards(db, day, wallClockMs(day, 0, 0, house.timeZone), nowMs), world) };
}
