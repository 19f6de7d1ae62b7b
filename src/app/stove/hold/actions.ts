"use server";
import { HOLD_WAYS } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { endHotHold, readHotHold, startHotHold, type HotHoldError } from "@/db/stove/hotHolds";
import { inWords, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { EndHotHold, ReadHotHold, StartHotHold } from "../schema";
import { t } from "@/words/stove";

const HOLD_PROBLEMS: Readonly<Record<HotHoldError["kind"], ActionError>> = {
  noSuchHold: refused("thatHoldIsNotInThe", t("thatHoldIsNotInThe")),
  ended: refused("thatHoldIsOverAlready", t("thatHoldIsOverAlready")),
};

/** Starts the clock of a dish that waits hot; answers with its id. */
export const startHolding = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("startHolding", StartHotHold, input, intention, ({ wayId, cookId, ...hold }, { house, stamp }) => {
    if (cookId !== null && !findCook(db(), cookId)) return err(refused("thatCookIsNotInThe", t("thatCookIsNotInThe")));
    const place = HOLD_WAYS.find(({ id }) => id === wayId)!.label;
    const { ruleSetId } = house;
    return ok(startHotHold(db(), { ...hold, cookId, place, ruleSetId }, stamp));
  });

/** Notes a reading of a dish that waits hot. */
export const noteHolding = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("noteHolding", ReadHotHold, input, intention, ({ holdId, celsius }, { stamp }) => {
    const noted = readHotHold(db(), holdId, celsius, stamp);
    return noted.ok ? ok(null) : inWords(noted, HOLD_PROBLEMS);
  });

/** Ends it: served, or thrown away. */
export const endHolding = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("endHolding", EndHotHold, input, intention, ({ holdId, as }, { stamp }) => {
    const ended = endHotHold(db(), holdId, as, stamp);
    return ended.ok ? ok(null) : inWords(ended, HOLD_PROBLEMS);
  });
