"use server";
import { answersIt, probeReadsTrue } from "@/core/coldchain";
import { err, ok, said, type Result } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { answerExcursion, type AnswerError, type AnsweredBy } from "@/db/lots/answerExcursion";
import { watchPlace } from "@/db/lots/excursions";
import { addReadings, findPlace, setPlace, setSensor } from "@/db/house/places";
import { noteProbeCheck } from "@/db/house/probeChecks";
import { inWords, refused, refusedBy, type ActionError } from "../../actionError";
import { houseAction, secretAction } from "../../houseAction";
import { Answer, LoggerReadings, PlaceId, ProbeInIce, SetPlace, TypedReading } from "./schema";
import { t } from "@/words/ice";
import { AHEAD_MS } from "@/calendar/aheadMs";

const NO_PLACE = refused("thatPlaceIsNotInThe", t("thatPlaceIsNotInThe"));
const PLACE_PROBLEMS = {
  nameIsTaken: refused("anotherPlaceHasThatName", t("anotherPlaceHasThatName")),
  noSuchPlace: NO_PLACE,
};

export const savePlace = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("savePlace", SetPlace, input, intention, ({ id, ...facts }, { stamp }) => {
    if (facts.minC !== null && facts.maxC !== null && facts.minC >= facts.maxC)
      return err(refused("theLowerLimitMustLieBelow", t("theLowerLimitMustLieBelow")));
    const place = setPlace(db(), id, facts, stamp);
    return place.ok ? ok(place.value.id) : inWords(place, PLACE_PROBLEMS);
  });

export const typeReading = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("typeReading", TypedReading, input, intention, ({ placeId, celsius }, { stamp }) => {
    if (!findPlace(db(), placeId)) return err(NO_PLACE);
    addReadings(db(), placeId, [{ atMs: stamp.atMs, celsius }], "typed", stamp);
    return ok(null);
  });

export const checkProbe = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("checkProbe", ProbeInIce, input, intention, ({ probe, celsius }, { stamp }) => {
    noteProbeCheck(db(), celsius, probe, stamp);
    return ok(probeReadsTrue(celsius) ? t("notedItReadsTrue") : t("notedItReadsWrongSetIt"));
  });

/** Keeps a part of a logger's file; what the place knows already stays as it is. */
export const takeReadings = async (
  input: unknown,
  intention: unknown,
): Promise<Result<{ readonly added: number }, ActionError>> =>
  houseAction("takeReadings", LoggerReadings, input, intention, ({ placeId, atMs, celsius }, { stamp }) => {
    if (!findPlace(db(), placeId)) return err(NO_PLACE);
    if (atMs.some((one) => one > stamp.atMs + AHEAD_MS)) return err(refusedBy(said("coldchain.liesAheadOfNow")));
    const kept = atMs.map((one, index) => ({ atMs: one, celsius: celsius[index]! }));
    return ok({ added: addReadings(db(), placeId, kept, "file", stamp).added });
  });

/** How far back an excursion can be answered. */
const BACK_MS = 60 * DAY_MS;

const ANSWER_PROBLEMS: Readonly<Record<AnswerError["kind"], string>> = {
  noSuchPlace: t("thatPlaceIsNotInThe"),
  nothingThere: t("nothingLiesThereToMove"),
  nothingOverTheRule: t("nothingThereIsOverTheHistamineRule"),
};

/** Does what was said about a stretch outside the limits, and writes it down with every lot that lay there. */
export const answerTheExcursion = async (
  input: unknown,
  intention: unknown,
): Promise<Result<AnsweredBy & { readonly answered: boolean }, ActionError>> =>
  houseAction(
    "answerTheExcursion",
    Answer,
    input,
    intention,
    ({ placeId, excursionFromMs, act, words }, { stamp, house, today }) => {
      const place = findPlace(db(), placeId);
      if (!place) return err(NO_PLACE);
      const { excursions } = watchPlace(db(), place, house.ruleSetId, stamp.atMs - BACK_MS, stamp.atMs);
      const found = excursions.find(({ fromMs }) => Math.abs(fromMs - excursionFromMs) < 60_000);
      if (!found) return err(refused("thatStretchIsNotOutsideThe", t("thatStretchIsNotOutsideThe")));
      const answer = { act, words, wasteReason: t("wasteWarmSpell") };
      const done = answerExcursion(db(), place, found, answer, { ...stamp, day: today });
      if (!done.ok) return err(refused(done.error.kind, ANSWER_PROBLEMS[done.error.kind]));
      const readingC = act.kind === "probed" ? act.warmestC : null;
      return ok({ ...done.value, answered: answersIt({ kind: act.kind, readingC }, found) });
    },
  );

export const makeDeviceKey = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  secretAction("makeDeviceKey", PlaceId, input, intention, ({ placeId }, { stamp }) =>
    inWords(setSensor(db(), placeId, stamp), { noSuchPlace: NO_PLACE }),
  );
