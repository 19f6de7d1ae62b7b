import { sumOf } from "@/core/numeric";
import { shiftDay, startOfDayMs } from "@/calendar/days";
import { shelfOf } from "@/db/butter/goods";
import { preparationsNow } from "@/db/butter/preparations";
import { saucesNow } from "@/db/butter/sauces";
import { sauceSpecs } from "@/db/butter/specs";
import { passCards } from "@/db/cards/pass";
import type { Db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { aheadOf, LOOKS_AHEAD_DAYS, type Ahead } from "@/house/line/ahead";
import type { PassCard } from "@/house/line/pass";
import { prepList, type PrepRow } from "@/house/cards/prepList";
import { madeGoodsG } from "@/db/cards/world";
import { lotsInCure } from "@/db/lots/holds";
import { worldNow } from "./cardData";

export type Prep = { readonly onTheCard: readonly PassCard[]; readonly rows: readonly PrepRow[] };

const coversOf = (cards: readonly PassCard[]) =>
  cards
    .filter(({ off }) => off === null)
    .map(({ spec, booked, served }) => ({ spec, covers: Math.max(0, booked - served) }));

/** What the covers of a day want made, with what is there counted. */
export function prepOf(db: Db, { timeZone, serviceMin }: House, day: string, nowMs: number): Prep {
  const onTheCard = passCards(db, day, startOfDayMs(day, timeZone), nowMs);
  const bases = new Map<string, number>();
  for (const { specId, mount, lot } of saucesNow(db))
    if (mount === null && (lot.useByMs ?? Infinity) > nowMs)
      bases.set(specId, (bases.get(specId) ?? 0) + lot.remainingG);
  const shelf = preparationsNow(db);
  const rows = prepList(
    {
      cards: coversOf(onTheCard),
      sauces: new Map(sauceSpecs(db).map(({ specId, spec }) => [specId, spec])),
      baseHaveG: bases,
      shelfHaveG: new Map(
        shelf.map(({ preparation, lots }) => [
          preparation.id,
          sumOf(lots, ({ remainingG, useByMs }) => (useByMs === null || useByMs > nowMs ? remainingG : 0)),
        ]),
      ),
      low: shelf.filter(({ low }) => low).map(({ preparation }) => preparation.id),
      serviceMin,
    },
    shelfOf(db),
  ).filter(({ needG }) => needG > 0);
  return { onTheCard, rows };
}

export type AheadOfDay = { readonly forDay: string; readonly rows: readonly Ahead[] };

/** What has to be set going on a day for the days after it. */
export function aheadOn(db: Db, house: House, day: string, nowMs: number): readonly AheadOfDay[] {
  const world = worldNow(db, house, nowMs);
  const sauces = new Map(sauceSpecs(db).map(({ specId, spec }) => [specId, spec]));
  const madeG = madeGoodsG(db, nowMs);
  const curedLotIds = lotsInCure(db);
  return Array.from({ length: LOOKS_AHEAD_DAYS }, (_, at) => at + 1).flatMap((inDays): readonly AheadOfDay[] => {
    const forDay = shiftDay(day, inDays);
    const cards = coversOf(passCards(db, forDay, startOfDayMs(forDay, house.timeZone), nowMs));
    const rows = aheadOf({ cards, lots: world.lots, sauces, madeG, curedLotIds, inDays }, world.shelf);
    return rows.length === 0 ? [] : [{ forDay, rows }];
  });
}
