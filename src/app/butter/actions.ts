"use server";
import { POTS } from "@/core/butter";
import { allergensByLabel } from "@/core/larder";
import { err, ok, type Result } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { readPot, type PotCooled } from "@/db/butter/cooling";
import { endSauce, makeBase, mountSauce, type SauceError } from "@/db/butter/sauces";
import { findSauce } from "@/db/butter/specs";
import { buyStock, finishStock, startStock, type StockError } from "@/db/butter/stocks";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { printLabel } from "@/db/larder/madeLots";
import type { House } from "@/db/house/house";
import { dayStamp, formatFor } from "@/words/format/format";
import { t } from "@/words/butter";
import { say } from "@/words/say";
import { bySaid, inWords, refused, refusedBy, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { BuyStock, MakeBase, Mount, PourAway, PrintLabel, ReadPot, StartPot, Strain } from "./schema";

const NO_SAUCE = refused("thatSauceIsNotInTheHouse", t("thatSauceIsNotInTheHouse"));
const NO_POT = { potIsGone: refused("thatPotIsGone", t("thatPotIsGone")) };

function whyNot(error: SauceError, house: House): ActionError {
  const format = formatFor(house.units, house.currency, house.decimalMark);
  switch (error.kind) {
    case "cannotReduce":
      return bySaid(error.why, format);
    case "noBase":
      return refused("chooseABaseOfThisSauce", t("chooseABaseOfThisSauce"));
    case "baseIsOver":
      return refused("thatBaseIsOver", t("thatBaseIsOver"));
    case "notEnoughBase":
      return refused(
        "thereIsLessBaseThanThat",
        t("thereIsLessBaseThanThat", { left: format.mass(error.leftG), need: format.mass(error.needG) }),
      );
    case "notHere":
      return refused("thatPotIsGone", t("thatPotIsGone"));
  }
}

function whyNoStock(error: StockError, house: House): ActionError {
  const format = formatFor(house.units, house.currency, house.decimalMark);
  switch (error.kind) {
    case "bonesGone":
      return refused("thoseBonesAreGone", t("thoseBonesAreGone"));
    case "notForStock":
      return { ...refusedBy(error.why), message: `${error.code}: ${say(error.why, format)}.` };
    case "potGone":
      return refused("thatPotIsGone", t("thatPotIsGone"));
    case "tooMuchOut":
      return refused("moreCameOutThanWentIn", t("moreCameOutThanWentIn"));
  }
}

/** The base of a sauce is made: answers with the code of its box. */
export const prepareBase = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("prepareBase", MakeBase, input, intention, ({ specId, ...made }, { house, stamp }) => {
    const sauce = findSauce(db(), specId);
    if (!sauce) return err(NO_SAUCE);
    const placeId = listPlaces(db()).find(({ kind }) => kind === "cold-room")?.id ?? null;
    const lot = makeBase(
      db(),
      sauce,
      { ...made, placeId },
      { ...stamp, dayStamp: dayStamp(stamp.atMs, house.timeZone) },
    );
    return lot.ok ? ok(lot.value.code) : err(whyNot(lot.error, house));
  });

/** A sauce is mounted and stands in the bain: answers with its code. */
export const mountTheSauce = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("mountTheSauce", Mount, input, intention, ({ specId, ...facts }, { house, stamp }) => {
    const sauce = findSauce(db(), specId);
    if (!sauce) return err(NO_SAUCE);
    const { ruleSetId, timeZone } = house;
    const lot = mountSauce(
      db(),
      sauce,
      { ...facts, ruleSetId },
      { ...stamp, dayStamp: dayStamp(stamp.atMs, timeZone) },
    );
    return lot.ok ? ok(lot.value.code) : err(whyNot(lot.error, house));
  });

/** A pot of stock is put on: answers with its id. */
export const startPot = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("startPot", StartPot, input, intention, ({ potId, ...made }, { house, stamp }) => {
    const pot = POTS.find(({ id }) => id === potId);
    if (!pot) return err(refused("thatPotIsNotInTheHouse", t("thatPotIsNotInTheHouse")));
    const started = startStock(db(), { ...made, pot }, stamp);
    return started.ok ? started : err(whyNoStock(started.error, house));
  });

/** It is strained and chilled: answers with the code of its lot. */
export const strainPot = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("strainPot", Strain, input, intention, ({ makeId, ...strained }, { house, stamp }) => {
    const placeId = listPlaces(db()).find(({ kind }) => kind === "cold-room")?.id ?? null;
    const { ruleSetId, timeZone } = house;
    const full = { ...stamp, dayStamp: dayStamp(stamp.atMs, timeZone) };
    const lot = finishStock(db(), makeId, { ...strained, placeId, ruleSetId }, full);
    return lot.ok ? ok(lot.value.code) : err(whyNoStock(lot.error, house));
  });

/** What is left is poured away with its grams and cents; the rest was served. */
export const pourAway = async (
  input: unknown,
  intention: unknown,
): Promise<Result<{ readonly pouredG: number; readonly cents: number }, ActionError>> =>
  houseAction("pourAway", PourAway, input, intention, ({ lotId, massG }, { house, stamp }) => {
    const ended = endSauce(db(), lotId, { massG, reason: t("pouredAwayAtClose") }, stamp);
    return ended.ok ? ended : err(whyNot(ended.error, house));
  });

/** A bought stock comes in: answers with the code of its lot. What its label was not read for is not known. */
export const buyAStock = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("buyAStock", BuyStock, input, intention, (bought, { house, stamp }) => {
    const { contains, wholeLabelRead, days, ...rest } = bought;
    const placeId = listPlaces(db()).find(({ kind }) => kind === "cold-room")?.id ?? null;
    const allergens = allergensByLabel(contains, wholeLabelRead);
    const full = { ...stamp, dayStamp: dayStamp(stamp.atMs, house.timeZone) };
    return ok(buyStock(db(), { ...rest, placeId, allergens, useByMs: stamp.atMs + days * DAY_MS }, full).code);
  });

/** A reading of a cooling pot: answers with how it stands by the rule. */
export const readCoolingPot = async (
  input: unknown,
  intention: unknown,
): Promise<Result<PotCooled["verdict"], ActionError>> =>
  houseAction("readCoolingPot", ReadPot, input, intention, ({ lotId, celsius }, { house, stamp }) => {
    const cooled = inWords(readPot(db(), lotId, celsius, house.ruleSetId, stamp), NO_POT);
    return cooled.ok ? ok(cooled.value.verdict) : cooled;
  });

/** The label printer gives a label: answers with how many there are now. */
export const printTheLabel = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("printTheLabel", PrintLabel, input, intention, ({ lotId }, { stamp }) =>
    inWords(printLabel(db(), lotId, stamp), NO_POT),
  );
