"use server";
import { parasiteRuleOf } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { closeHold, openHeldPack, readHold, startHold, type HoldError } from "@/db/lots/holds";
import { finishLot, findLot } from "@/db/lots/lots";
import { moveLot, openPack, splitLot, wasteLot, type MoveError } from "@/db/lots/movements";
import { inWords, refused, type ActionError } from "../../actionError";
import { tagFacts, type HoldFacts } from "@/house/lots/holdFacts";
import { houseAction } from "../../houseAction";
import { BeginHold, HoldId, HoldReading, Move, OpenPack, SplitOff, TakeOff, Throw } from "./schema";
import { t } from "@/words/ice";
import { inMetric } from "@/words/say";

const NOT_ON_ICE = refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"));

function moveProblem(error: MoveError): ActionError {
  switch (error.kind) {
    case "notOnIce":
      return NOT_ON_ICE;
    case "noSuchPlace":
      return refused("thatPlaceIsNotInThe", t("thatPlaceIsNotInThe"));
    case "alreadyThere":
      return refused("itLiesThereAlready", t("itLiesThereAlready"));
    case "moreThanLeft":
      return refused("onlyLeftGOfItAre", t("onlyLeftGOfItAre", { left: Math.round(error.leftG) }));
  }
}

const NOT_CLOSED = refused("itIsOpenAlreadyOrGone", t("itIsOpenAlreadyOrGone"));

const HOLD_PROBLEMS: Readonly<Record<HoldError["kind"], ActionError>> = {
  noSuchHold: refused("thatHoldIsNotInThe", t("thatHoldIsNotInThe")),
  closedAlready: refused("thisHoldIsClosed", t("thisHoldIsClosed")),
  takesNoReadings: refused("onlyAFreezingHoldTakesReadings", t("onlyAFreezingHoldTakesReadings")),
  laterReadingIsThere: refused("aLaterReadingIsThereAlready", t("aLaterReadingIsThereAlready")),
};

export const takeOffIce = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("takeOffIce", TakeOff, input, intention, ({ lotId, reason }, { stamp: { who, atMs } }) =>
    inWords(finishLot(db(), lotId, reason, who, atMs), { notOnIce: NOT_ON_ICE }),
  );

export const moveTo = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("moveTo", Move, input, intention, ({ lotId, placeId }, { stamp, today }) => {
    const moved = moveLot(db(), lotId, placeId, today, stamp);
    return moved.ok ? ok(null) : err(moveProblem(moved.error));
  });

export const splitOff = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("splitOff", SplitOff, input, intention, ({ lotId, ...part }, { stamp, today }) => {
    const split = splitLot(db(), lotId, part, today, stamp);
    return split.ok ? ok(split.value.id) : err(moveProblem(split.error));
  });

export const openThePack = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("openThePack", OpenPack, input, intention, ({ lotId, openDays }, { stamp, today }) =>
    inWords(openPack(db(), lotId, { day: today, openDays }, stamp), { notOnIce: NOT_CLOSED, openAlready: NOT_CLOSED }),
  );

export const throwAway = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("throwAway", Throw, input, intention, ({ lotId, ...wasted }, { stamp }) => {
    const done = wasteLot(db(), lotId, wasted, stamp);
    return done.ok ? done : err(moveProblem(done.error));
  });

export const beginHold = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("beginHold", BeginHold, input, intention, ({ lotId, ...wanted }, { house, stamp }) => {
    if (!findLot(db(), lotId)) return err(refused("thatLotIsNotInThe", t("thatLotIsNotInThe")));
    const facts = ((): HoldFacts => {
      switch (wanted.kind) {
        case "parasite":
          return { kind: "parasite", ruleId: parasiteRuleOf(house.ruleSetId), stated: wanted.stated, expected: null };
        case "thaw":
          return { ...wanted, packOpened: false };
        case "tag":
          return tagFacts(house, wanted.lastServedOn);
        case "cure":
          return wanted;
      }
    })();
    if (facts.kind === "parasite" && facts.stated && facts.stated.atMs > stamp.atMs)
      return err(refused("itCannotHaveReachedThatAhead", t("itCannotHaveReachedThatAhead")));
    return ok(startHold(db(), lotId, facts, stamp));
  });

export const noteHoldReading = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("noteHoldReading", HoldReading, input, intention, ({ holdId, celsius }, { stamp }) => {
    const read = readHold(db(), holdId, { atMs: stamp.atMs, celsius }, stamp);
    return read.ok ? ok(inMetric(read.value.status.needs)) : err(HOLD_PROBLEMS[read.error.kind]);
  });

export const openThawingPack = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("openThawingPack", HoldId, input, intention, ({ holdId }, { stamp }) =>
    inWords(openHeldPack(db(), holdId, stamp), {
      notWaiting: refused("thatPackIsNotWaitingTo", t("thatPackIsNotWaitingTo")),
    }),
  );

export const endHold = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("endHold", HoldId, input, intention, ({ holdId }, { stamp }) => {
    const closed = closeHold(db(), holdId, stamp);
    return closed.ok ? closed : err(HOLD_PROBLEMS[closed.error.kind]);
  });
