import { todayIn } from "@/calendar/days";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { lotsReceivedSince } from "@/db/lots/lots";
import type { ReceivedDraft } from "@/exchange/epcis";

/** How far back an export of deliveries goes. */
export const DRAFT_DAYS = 30;

/** The lots that stayed in the last thirty days, as files tell them. */
export function receivedDrafts(nowMs: number): readonly ReceivedDraft[] {
  const house = findHouse(db());
  const zone = house?.timeZone ?? "UTC";
  return lotsReceivedSince(db(), nowMs - DRAFT_DAYS * DAY_MS)
    .filter(({ status }) => status !== "refused")
    .map((lot) => ({
      supplier: lot.supplier,
      speciesId: lot.speciesId,
      form: lot.form,
      frozen: lot.onceFrozen && lot.provenance.defrosted !== true,
      production: lot.production,
      area: lot.area,
      gear: lot.gear,
      source: lot.source,
      caughtOn: lot.caughtAtMs === null ? null : todayIn(zone, lot.caughtAtMs),
      massG: lot.massG,
      statedMassG: lot.statedMassG,
      pricePerKg: lot.priceCentsPerKg / 100,
      receiptC: lot.receiptC,
      grades: Object.fromEntries(
        Object.entries(lot.grades).filter(([, grade]) => grade !== undefined),
      ) as ReceivedDraft["grades"],
      provenance: lot.provenance,
      code: lot.code,
      receivedAtMs: lot.receivedAtMs,
      houseName: house?.name ?? "Gaffel",
    }));
}
