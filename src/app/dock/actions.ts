"use server";
import { revalidatePath } from "next/cache";
import { judgeAtDoor, schemeFor, type DoorVerdict } from "@/core/freshness";
import { err, ok, type Result } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { daysBetween } from "@/core/units";
import { db } from "@/db/connection";
import { findHouse, listPlaces } from "@/db/house";
import { lastLotOf, receiveLot } from "@/db/lots";
import { dayStamp } from "@/ui/format";
import { FOREIGN, invalidInput, refused, type ActionError } from "../actionError";
import { cookAtStation, fromThisHouse } from "../request";
import { NewDelivery, type NewDeliveryInput } from "./schema";

export type Received = { readonly lotId: string; readonly code: string; readonly verdict: DoorVerdict };

/** Judges a delivery once more on the server, and keeps it with the verdict, refused or not. */
export async function receiveDelivery(input: unknown): Promise<Result<Received, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = NewDelivery.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const house = findHouse(db());
  if (!house) return err(refused("Open the house first."));
  const { caughtOn, pricePerKg, ...facts } = parsed.data;
  const species = findSpecies(facts.speciesId);
  if (!species) return err(refused("That fish is not in the table: choose one from the list."));
  if (!listPlaces(db()).some(({ id }) => id === facts.placeId)) return err(refused("Choose where it goes."));
  const nowMs = Date.now();
  const caughtAtMs = caughtOn === null ? null : Date.parse(`${caughtOn}T12:00:00Z`);
  if (caughtAtMs !== null && caughtAtMs > nowMs + 12 * 3_600_000)
    return err(refused("The catch date lies ahead of today."));
  const known = schemeFor(species.group, facts.form).attributes.map(({ id }) => id);
  if (!Object.keys(facts.grades).some((id) => known.includes(id))) {
    return err(refused("Grade at least one attribute: the verdict needs eyes, nose and finger."));
  }
  const judgement = judgeAtDoor({
    species,
    form: facts.form,
    grades: facts.grades,
    receiptC: facts.receiptC,
    daysSinceCatch: caughtAtMs === null ? null : Math.max(0, daysBetween(caughtAtMs, nowMs)),
    ruleSetId: house.ruleSetId,
  });
  const lot = receiveLot(db(), { ...facts, caughtAtMs, priceCentsPerKg: Math.round(pricePerKg * 100) }, judgement, {
    atMs: nowMs,
    who: await cookAtStation(),
    dayStamp: dayStamp(nowMs, house.timeZone),
  });
  revalidatePath("/", "layout");
  return ok({ lotId: lot.id, code: lot.code, verdict: lot.verdict });
}

export type LastDelivery = Pick<NewDeliveryInput, "production" | "area" | "gear" | "source" | "form" | "speciesId">;

/** What the last lot of this supplier said, to start the next one from. */
export async function lastDeliveryOf(supplier: unknown): Promise<LastDelivery | null> {
  if (!(await fromThisHouse()) || typeof supplier !== "string") return null;
  const lot = lastLotOf(db(), supplier.trim());
  if (!lot) return null;
  const { production, area, gear, source, form, speciesId } = lot;
  return { production, area, gear, source, form, speciesId };
}
