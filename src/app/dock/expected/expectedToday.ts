import { todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { speciesOf } from "@/db/house/species";
import { expectedOn, type Order } from "@/db/lots/orders";
import type { Expected } from "./expected";

export const asExpected = ({
  id,
  supplier,
  speciesId,
  form,
  frozen,
  massG,
  priceCentsPerKg,
  weekday,
}: Order): Expected => ({
  id,
  supplier,
  speciesId,
  name: speciesOf(db(), speciesId)?.name ?? speciesId,
  form,
  frozen,
  massG,
  pricePerKg: priceCentsPerKg === null ? null : priceCentsPerKg / 100,
  everyWeek: weekday !== null,
});

/** What is to come through the door today and did not yet. */
export const expectedToday = ({ timeZone }: House, nowMs: number): readonly Expected[] =>
  expectedOn(db(), todayIn(timeZone, nowMs)).map(asExpected);
