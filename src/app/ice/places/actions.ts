"use server";
import { answersIt, probeReadsTrue, type RowProblem } from "@/core/coldchain";
import { err, ok, type Result } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { answerExcursion, type AnswerError, type AnsweredBy } from "@/db/lots/answerExcursion";
import { watchPlace } from "@/db/lots/excursions";
import { addReadings, findPlace, newDeviceKey, setPlace } from "@/db/house/places";
import { noteProbeCheck } from "@/db/house/probeChecks";
import { workOut } from "@/server/pool";
import { refused, refusedBy, type ActionError } from "../../actionError";
import { houseAction, plannedAction } from "../../houseAction";
import { Answer, LoggerFile, PlaceId, ProbeInIce, SetPlace, TypedReading } from "./schema";
import { t } from "@/words/ice";

const NO_PLACE = refused("thatPlaceIsNotInThe", t("thatPlaceIsNotInThe"));

export const savePlace = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("savePlace", SetPlace, input, intention, ({ id, ...facts }, { stamp }) => {
    if (facts.minC !== null && facts.maxC !== null && facts.minC >= facts.maxC)
      return err(refused("theLowerLimitMustLieBelow", t("theLowerLimitMustLieBelow")));
    const place = setPlace(db(), id, facts, stamp);
    return place ? ok(place.id) : err(refused("anotherPlaceHasThatName", t("anotherPlaceHasThatName")));
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

export type LoggerAnswer = {
  readonly rows: number;
  readonly added: number;
  readonly known: number;
  readonly unit: "C" | "F";
  readonly dateOrder: string;
  readonly duplicates: number;
  readonly outOfOrder: number;
  readonly fromMs: number;
  readonly toMs: number;
  readonly problems: readonly RowProblem[];
  readonly kept: boolean;
};

/** Reads a logger's file: first to show what it holds, then to keep it, all of it or its good rows. */
export const readLogger = async (input: unknown, intention: unknown): Promise<Result<LoggerAnswer, ActionError>> =>
  plannedAction(
    "readLogger",
    LoggerFile,
    input,
    intention,
    async ({ text, ...asked }, { house, stamp }) => {
      if (!findPlace(db(), asked.placeId)) return err(NO_PLACE);
      const ask = { text, timeZone: house.timeZone, nowMs: stamp.atMs };
      const worked = await workOut("files", "logger", ask);
      if (!worked.ok) return err(refused("noThreadForTheFile", t("noThreadForTheFile")));
      return worked.value.ok ? ok({ asked, read: worked.value.value }) : err(refusedBy(worked.value.error));
    },
    ({ asked: { placeId, keep, goodOnly }, read }, { stamp }) => {
      const { readings, problems, unit, dateOrder, duplicates, outOfOrder } = read;
      const kept = keep && (problems.length === 0 || goodOnly);
      const { added, known } = kept ? addReadings(db(), placeId, readings, "file", stamp) : { added: 0, known: 0 };
      return ok({
        rows: readings.length,
        added,
        known,
        unit,
        dateOrder,
        duplicates,
        outOfOrder,
        fromMs: readings[0]!.atMs,
        toMs: readings.at(-1)!.atMs,
        problems: problems.slice(0, MOST_NAMED),
        kept,
      });
    },
  );

/** Bad lines that are named one by one. */
const MOST_NAMED = 50;

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
  houseAction("makeDeviceKey", PlaceId, input, intention, ({ placeId }) =>
    findPlace(db(), placeId) ? ok(newDeviceKey(db(), placeId)) : err(NO_PLACE),
  );
