"use server";
import type { OilVerdict } from "@/core/butter";
import { err, ok, type Result } from "@/core/shared";
import { changeOil, noteStrip } from "@/db/butter/oil";
import { makePreparation, setPar, takePortions } from "@/db/butter/preparations";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { dayStamp, formatFor } from "@/words/format/format";
import { t } from "@/words/shelf";
import { bySaid, inWords, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { FreshOil, MakePreparation, OilStrip, SetPar, TakePortions } from "./schema";

const NO_FRYER = refused("thatFryerIsNotInTheHouse", t("thatFryerIsNotInTheHouse"));

/** A preparation is made: answers with the code of its lot. */
export const makeForTheShelf = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("makeForTheShelf", MakePreparation, input, intention, (wanted, { house, stamp }) => {
    const { ruleSetId, timeZone, units, currency } = house;
    const kind = wanted.frozen ? "freezer" : "cold-room";
    const placeId = listPlaces(db()).find((place) => place.kind === kind)?.id ?? null;
    const full = { ...stamp, dayStamp: dayStamp(stamp.atMs, timeZone) };
    const made = makePreparation(db(), { ...wanted, placeId, ruleSetId }, full);
    return made.ok ? ok(made.value.code) : err(bySaid(made.error, formatFor(units, currency)));
  });

/** Portions are taken out of a lot: answers with what is left, g. */
export const takeFromShelf = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("takeFromShelf", TakePortions, input, intention, ({ lotId, massG }, { house, stamp }) => {
    const taken = takePortions(db(), lotId, massG, stamp);
    return taken.ok ? taken : err(bySaid(taken.error, formatFor(house.units, house.currency, house.decimalMark)));
  });

/** From how few on it asks for more. */
export const askForMoreUnder = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("askForMoreUnder", SetPar, input, intention, ({ preparationId, par }) => {
    setPar(db(), preparationId, par);
    return ok(null);
  });

/** A strip was dipped: answers with what it means. */
export const dipStrip = async (input: unknown, intention: unknown): Promise<Result<OilVerdict, ActionError>> =>
  houseAction("dipStrip", OilStrip, input, intention, ({ fryerId, polarPct }, { stamp }) =>
    inWords(noteStrip(db(), fryerId, polarPct, stamp), { noSuchFryer: NO_FRYER }),
  );

/** The oil was changed. */
export const freshOil = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("freshOil", FreshOil, input, intention, ({ fryerId }, { stamp }) =>
    inWords(changeOil(db(), fryerId, stamp), { noSuchFryer: NO_FRYER }),
  );
