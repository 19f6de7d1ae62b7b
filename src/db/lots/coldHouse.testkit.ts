import { judgeAtDoor, schemeFor, type Form, type Grade } from "@/core/freshness";
import { valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { HOUR_MS } from "@/core/units";
import { openDatabase, type Db } from "../connection";
import { openHouse } from "../house/house";
import { listPlaces, setPlace } from "../house/places";
import { receiveDelivery, type NewLot } from "./lots";

export const NOW = Date.UTC(2026, 4, 12, 15);
export const at = (hoursAgo: number) => NOW - hoursAgo * HOUR_MS;
export const stamp = (hoursAgo: number) => ({ who: "Ylva", atMs: at(hoursAgo) });
export const DAY = "2026-05-12";
export const today = { ...stamp(0), day: DAY };

/** A house with a cold room at 0 °C and a freezer, where nobody reads a thermometer. */
export function house(): { db: Db; room: string; freezer: string } {
  const db = openDatabase(":memory:");
  const settings = {
    name: "A",
    timeZone: "UTC",
    units: "metric",
    ruleSetId: "fda-2022",
    cooks: ["Ylva"],
    coldRoomC: 0,
  } as const;
  openHouse(db, settings, at(500));
  const facts = { minC: null, maxC: null, everyMin: 60 };
  const room = listPlaces(db)[0]!.id;
  const freezer = valueOf(setPlace(db, null, { ...facts, name: "Freezer", kind: "freezer", setC: -20 }, stamp(500))).id;
  return { db, room, freezer };
}

/** A lot that came in so many hours ago. */
export function take(db: Db, placeId: string, hoursAgo: number, part: Partial<NewLot> = {}, grade: Grade = 0) {
  const speciesId = part.speciesId ?? "cod";
  const species = findSpecies(speciesId)!;
  const form: Form = part.form ?? "whole-gutted";
  const grades = Object.fromEntries(schemeFor(species, form, part.frozen).attributes.map(({ id }) => [id, grade]));
  const lot: NewLot = {
    speciesId,
    form,
    frozen: false,
    production: "wild",
    area: "FAO 27.4.a",
    gear: "Longline",
    source: "Nattkrok",
    caughtAtMs: null,
    massG: 5000,
    statedMassG: null,
    priceCentsPerKg: 1000,
    receiptC: 1,
    grades,
    provenance: {},
    placeId,
    ...part,
  };
  const judgement = judgeAtDoor({
    species,
    form,
    frozen: lot.frozen,
    grades,
    receiptC: lot.receiptC,
    daysSinceCatch: null,
    ruleSetId: "fda-2022",
  });
  return receiveDelivery(db, "Gråskjær Landing", [{ lot, judgement }], {
    ...stamp(hoursAgo),
    day: "2026-05-12",
    dayStamp: "0512",
  })[0]!;
}
