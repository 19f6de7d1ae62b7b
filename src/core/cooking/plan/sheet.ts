import type { Composition } from "@/core/matter";
import type { RuleSetId } from "@/core/safety";
import { err, ok, type Result, said, type Said } from "@/core/shared";
import { findSpecies, type Species } from "@/core/species";
import type { Snapshot } from "../model";
import { cutFace, type CutFace } from "./cutFace";
import { PANS, type Films, type PanId } from "../model";
import type { CookForm, KnobId, MethodId } from "../methods";
import type { PieceShape } from "../model";
import { findTimes } from "./findTimes";
import { planOf, planCook, type CookPlan } from "./plan";
import { rankMethods, type MethodFit } from "./rank";
import { jobOf, type CookRequest } from "./request";
import { stationSheet, type SheetRow } from "./stationSheet";

/** A question to the stove in plain data, so that it can cross to a worker or the server. */
export type SheetRequest = {
  readonly speciesId: string;
  readonly methodId: MethodId;
  readonly schoolId?: string;
  readonly kit: Partial<Record<KnobId, number>>;
  readonly shape: PieceShape;
  readonly thinnestMm: number;
  readonly thickestMm: number;
  readonly form?: CookForm;
  readonly skin: boolean;
  readonly startC: number;
  readonly panId: PanId;
  readonly goal: CookRequest["goal"];
  readonly pieces: number;
  readonly pieceG: number;
  readonly ruleSetId: RuleSetId;
  /** Of the piece as it was prepared. */
  readonly composition?: Composition;
  readonly stuffed?: boolean;
  readonly temperedMin?: number;
  readonly films?: Partial<Films>;
  /** Species the house has added, where the fish is one of them. */
  readonly own?: readonly Species[];
};

export type Sheet = {
  readonly plan: CookPlan;
  readonly trace: readonly Snapshot[];
  readonly stageNames: readonly string[];
  readonly cutFace: CutFace;
};

const TRACE_STEP_S = 5;
const MOST_SNAPSHOTS = 120;
/** The drawing goes on a little past serving, to show the centre turn. */
const AFTER_SERVING_S = 60;

export function requestOf(sheet: SheetRequest): CookRequest | null {
  const species = findSpecies(sheet.speciesId, sheet.own);
  const pan = PANS.find(({ id }) => id === sheet.panId);
  return species && pan ? { ...sheet, species, pan } : null;
}

export const UNKNOWN = said("plan.thatFishOrPanIsNot");

/** The plan alone, as the server keeps it with a cook. */
export function planSheet(sheet: SheetRequest): Result<CookPlan, Said> {
  const request = requestOf(sheet);
  if (!request) return err(UNKNOWN);
  const found = planCook(request);
  return found.ok ? found : err(found.error.message);
}

/** The plan, the course of the cook and the face it is cut to, for drawing. */
export function drawSheet(sheet: SheetRequest): Result<Sheet, Said> {
  const request = requestOf(sheet);
  if (!request) return err(UNKNOWN);
  const found = findTimes(jobOf(request));
  if (!found.ok) return err(found.error.message);
  const { programme } = found.value;
  const plan = planOf(found.value);
  const { seconds } = programme.outcome(found.value.seconds);
  const everyS = Math.max(TRACE_STEP_S, plan.serveS / MOST_SNAPSHOTS);
  return ok({
    plan,
    trace: programme.trace(seconds, everyS, AFTER_SERVING_S),
    stageNames: programme.stages.map(({ name }) => name),
    cutFace: cutFace(programme, seconds),
  });
}

/** Methods for the piece of a question, fittest first. */
export function rankSheet(sheet: SheetRequest): Result<readonly MethodFit[], Said> {
  const request = requestOf(sheet);
  return request ? ok(rankMethods(request)) : err(UNKNOWN);
}

/** Lines of a station sheet for the fish and method of a question. */
export function sheetRows(
  sheet: SheetRequest,
  thicknesses: readonly number[],
): Result<Generator<SheetRow, void>, Said> {
  const request = requestOf(sheet);
  return request ? ok(stationSheet(request, thicknesses)) : err(UNKNOWN);
}
