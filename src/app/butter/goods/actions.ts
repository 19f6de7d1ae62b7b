"use server";
import { err, ok, type Result } from "@/core/shared";
import { keepGood, retireGood, shelfOf, standIn } from "@/db/butter/goods";
import { receivePack } from "@/db/butter/packs";
import { priceGood } from "@/db/butter/sauces";
import { db } from "@/db/connection";
import { DAY_MS } from "@/core/units";
import { listPlaces } from "@/db/house/places";
import { dayStamp, formatFor } from "@/words/format/format";
import { t } from "@/words/shelf";
import { bySaid, inWords, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { KeepGood, PackIn, PriceGood, RetireGood, CookWith } from "./schema";

const GONE = refused("thatGoodIsNotOnTheShelf", t("thatGoodIsNotOnTheShelf"));

/** A bought good is kept as its label says: answers with its id. */
export const keepBoughtGood = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("keepBoughtGood", KeepGood, input, intention, ({ centsPerKg, ...label }, { house, stamp }) => {
    const kept = keepGood(db(), label, centsPerKg, stamp);
    return kept.ok ? kept : err(bySaid(kept.error, formatFor(house.units, house.currency, house.decimalMark)));
  });

/** A pack of a good comes in: answers with the code of its lot, which is written on it. */
export const packIn = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("packIn", PackIn, input, intention, ({ days, ...pack }, { house, stamp }) => {
    if (!shelfOf(db()).has(pack.ingredientId)) return err(GONE);
    const placeId = listPlaces(db()).find(({ kind }) => kind === "cold-room")?.id ?? null;
    const useByMs = days === null ? null : stamp.atMs + days * DAY_MS;
    const full = { ...stamp, dayStamp: dayStamp(stamp.atMs, house.timeZone) };
    return ok(receivePack(db(), { ...pack, useByMs, placeId }, full).code);
  });

/** It is no longer bought. */
export const takeGoodOff = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("takeGoodOff", RetireGood, input, intention, ({ id }, { stamp }) =>
    inWords(retireGood(db(), id, stamp), { noSuchGood: GONE }),
  );

/** Cooked with instead of a common good, from now on. */
export const cookWith = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("cookWith", CookWith, input, intention, ({ id, standsFor }, { stamp }) =>
    inWords(standIn(db(), id, standsFor, stamp), { noSuchGood: GONE }),
  );

/** What the house pays for a good, from now on. */
export const setPrice = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("setPrice", PriceGood, input, intention, ({ ingredientId, centsPerKg }) => {
    if (!shelfOf(db()).has(ingredientId)) return err(GONE);
    priceGood(db(), ingredientId, centsPerKg);
    return ok(null);
  });
