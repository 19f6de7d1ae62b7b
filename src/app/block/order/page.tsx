import type { Metadata } from "next";
import { z } from "zod";
import { breakdownsFor, edibleShare } from "@/core/block";
import { usualForm } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { breakdownsSince } from "@/db/block/breakdowns";
import { listOwnSpecies, speciesOf } from "@/db/house/species";
import { listSuppliers } from "@/db/lots/lots";
import { ordersToCome } from "@/db/lots/orders";
import { stockOnIce } from "@/db/lots/stock";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { ToCome } from "./ToCome";
import { shiftDay, todayIn, wallClockMs } from "@/calendar/days";
import { dayText, weekdayText } from "@/words/format/format";
import { OrderDesk, type Wanted } from "./OrderDesk";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("whatToOrder") };

type Props = {
  readonly searchParams: Promise<{ readonly species?: string; readonly covers?: string; readonly portion?: string }>;
};

/** It is ordered so many days ahead. */
const ORDER_DAYS = 14;

const Count = z.coerce.number().int().min(1).max(2000);

/** What a card asked for, where the house can buy and cut it; anything else is not taken over. */
async function wantedOf({ searchParams }: Props): Promise<Wanted | null> {
  const { species: id = "", covers, portion } = await searchParams;
  const species = findSpecies(id, listOwnSpecies(db()));
  const [count, grams] = [Count.safeParse(covers), Count.safeParse(portion)];
  if (!species || breakdownsFor(species, usualForm(species)).length === 0 || !count.success) return null;
  return { speciesId: id, covers: count.data, portionG: grams.data ?? species.portion.massG };
}

export default async function OrderPage(props: Props) {
  const nowMs = await requestTime();
  const { timeZone } = requireHouse();
  const today = todayIn(timeZone, nowMs);
  const days = Array.from({ length: ORDER_DAYS }, (_, ahead) => shiftDay(today, ahead));
  const noon = (day: string) => wallClockMs(day, 12 * 60, 0, timeZone);
  const wanted = await wantedOf(props);
  const stock = stockOnIce(db(), nowMs);
  const onIce: Record<string, number> = {};
  for (const { row, species, life, massG, byProduct } of stock)
    if (!byProduct && life.use !== "over" && life.state !== "frozen")
      onIce[row.speciesId] = (onIce[row.speciesId] ?? 0) + massG * edibleShare(species, row.form);
  const weighed = breakdownsSince(db(), nowMs - 365 * DAY_MS).map(({ speciesId, form, wayId, wholeG, parts }) => ({
    speciesId,
    form,
    wayId,
    wholeG,
    parts: parts.map(({ partId, massG }) => ({ partId, massG })),
  }));
  return (
    <>
      <PageHead title={t("howMuchToOrder")} asks={t("fromCoversToTheWeightTo")} />
      <SubNav views={BLOCK_VIEWS} here="/block/order" />
      <OrderDesk
        key={JSON.stringify(wanted)}
        onIce={onIce}
        weighed={weighed}
        wanted={wanted}
        suppliers={listSuppliers(db())}
        orderDays={days.map((day) => ({ day, noonMs: noon(day) }))}
      />
      <ToCome
        orders={ordersToCome(db(), today).map((order) => ({
          id: order.id,
          name: speciesOf(db(), order.speciesId)?.name ?? order.speciesId,
          supplier: order.supplier,
          massG: order.massG,
          when: order.day
            ? dayText(noon(order.day), timeZone)
            : t("everyWeekOn", { weekday: weekdayText(noon(order.placedOn), timeZone) }),
        }))}
      />
    </>
  );
}
