import { FLESH_FREEZES_C } from "@/core/matter";
import { sum } from "@/core/numeric";
import {
  DANGER_ZONE_C,
  judgeCook,
  lethality,
  LETHAL_FROM_C,
  ORGANISMS,
  timeAbove,
  type CookVerdict,
} from "@/core/safety";
import { ok, type Result, inKelvin, inMm, said, type Said } from "@/core/shared";
import { chanceOf, shiftedFilms, type Chance, type Trial } from "./chance";
import type { OutcomeId } from "../doneness";
import { bandAt, type Band } from "../doneness";
import { findTimes, ROUGH, type Planned, type PlanFailure } from "./findTimes";
import { SAFE_STEP_S } from "./goal";
import { CRISP_CRUST_MM, kitOf, type KnobId, type MethodId } from "../methods";
import { BROWNING } from "../model";
import { governingMm, resized, startsFrozen } from "../model";
import { Programme, type CookOutcome, type StageEnd } from "./programme";
import { governingOf, jobFor, jobOf, type CookRequest, type Job } from "./request";
import { timeToReach } from "./search";
import { heatSecondsOf, practiceFit, type PracticeFit } from "./practiceFit";
import { stagesOf, type CookStage } from "./stages";
import { adviceFor, refusalOf, type Refusal } from "./warnings";

export type PieceOutcome = {
  readonly thicknessMm: number;
  readonly peakC: number;
  readonly band: OutcomeId;
  /** How many seconds after the thickest it goes in, so that all are ready together. */
  readonly afterThickestS: number;
};

/** What one change does to the same times. */
export type Sensitivity = { readonly what: Said; readonly peakC: number; readonly band: OutcomeId };

export type CookPlan = {
  readonly methodId: MethodId;
  readonly school: string;
  readonly stages: readonly CookStage[];
  /** Seconds of every stage of the method, those that fall away included. */
  readonly stageSeconds: readonly number[];
  /** From the start to the pull and to the plate, s. */
  readonly pullS: number;
  readonly serveS: number;
  readonly pullC: number;
  readonly peakC: number;
  /** The warmest in the last stage: below `peakC` where it was hotter before (cooled in its water, out of a bath). */
  readonly restPeakC: number;
  /** The centre temperature at the usual pace that this state reads like. */
  readonly readsLikeC: number;
  readonly restS: number;
  readonly rimMm: number;
  readonly band: OutcomeId;
  /** How much earlier or later the pull may come and the centre still ends in the band. */
  readonly window: { readonly earlyS: number; readonly lateS: number };
  readonly safety: CookVerdict;
  /** At the coldest point, by every reference organism; none is claimed from below its line. */
  readonly lethality: readonly {
    readonly organism: string;
    readonly logReduction: number;
    readonly source: string;
  }[];
  /** How far the centre rises after it leaves the heat, K, and the most that is usual for its thickness. */
  readonly carryOver: { readonly risesK: number; readonly usualMostK: number };
  /** Minutes between 5 and 57 °C: tempering, and the coldest flesh in the cook (FDA Food Code 3-501.16; memory, high). */
  readonly dangerMin: number;
  readonly waterLossPct: number;
  readonly warnings: readonly Said[];
  readonly refusal: Refusal | null;
  readonly skinCrisp: boolean;
  readonly browned: boolean;
  readonly lowestPanC: number;
  readonly uncertainty: { readonly lowC: number; readonly highC: number; readonly basis: Said };
  readonly chance: Chance;
  readonly sensitivity: readonly Sensitivity[];
  readonly spread: { readonly thinnest: PieceOutcome; readonly thickest: PieceOutcome } | null;
  readonly practice: PracticeFit | null;
  readonly learned: boolean;
};

const TRACE_S = 5;
/** What its rule has cooked through is not dry for that, up to here, °C. */
const COOKED_THROUGH_C = 76;
/** A rim so much shallower or deeper is still the one asked for, mm (common practice). */
const RIM_SPREAD_MM = 1;

/** The band an outcome falls in, or what the method is for. */
export function bandOf(job: Job, outcome: Trial): OutcomeId {
  const { method, goal } = job;
  const group = job.setup.piece.group;
  if (method.tender) return outcome.tender >= 0.97 ? "tender" : "dry";
  if (method.opens) return "open";
  if (method.warms) return "hot";
  const valueC = goal.kind === "doneness" ? outcome.readsLikeC : outcome.peakC;
  const band = bandAt(group, valueC).id;
  return band === "dry" && valueC <= doneToC(job) ? "done" : band;
}

/** Minced fish is cooked by its rule, and some animals are done only where others are dry. */
function doneToC({ request, as }: Job): number {
  const usual = request.species.usualCentreC?.[1] ?? 0;
  return Math.max(usual + 3, as === "comminuted" || as === "virus" ? COOKED_THROUGH_C : 0);
}

/** As `bandOf`, of the piece in the middle of its cook: for what may be said of it there. */
export function bandOfEnd({ method, setup, goal }: Job, end: StageEnd): OutcomeId {
  if (method.tender) return "tender";
  if (method.warms) return "hot";
  return bandAt(setup.piece.group, goal.kind === "doneness" ? end.readsLikeC : Math.max(end.centreC, end.readsLikeC))
    .id;
}

/** The band a goal lies in, in degrees or, for a rim, in millimetres. */
function bandAround(job: Job): Band | null {
  const { goal, method } = job;
  if (method.tender || goal.kind === "tender" || goal.kind === "safe") return null;
  if (goal.kind === "rim")
    return { id: "translucent", fromC: goal.rimMm - RIM_SPREAD_MM, toC: goal.rimMm + RIM_SPREAD_MM };
  if (method.opens) return { id: "done", fromC: goal.targetC - 2, toC: goal.targetC + 8 };
  if (method.warms) return { id: "done", fromC: goal.targetC - 4, toC: goal.targetC + 4 };
  const usual = job.request.species.usualCentreC;
  // asked for what the animal is served at, its own range is the window
  if (goal.kind === "centre" && usual && Math.abs(goal.targetC - (usual[0] + usual[1]) / 2) < 0.6)
    return { id: bandAt(job.setup.piece.group, goal.targetC).id, fromC: usual[0], toC: usual[1] };
  const band = bandAt(job.setup.piece.group, goal.targetC);
  return Number.isFinite(band.toC) ? band : { ...band, toC: goal.targetC + 4 };
}

/** Plans a cook: the times, and all that a cook asks of them. Error: what cannot be reached, and with what it could. */
export function planCook(request: CookRequest): Result<CookPlan, PlanFailure> {
  const job = jobOf(request);
  const found = findTimes(job);
  return found.ok ? ok(planOf(found.value)) : found;
}

type Log = readonly (readonly [timeS: number, celsius: number])[];

/** The coldest point through the cook, close enough to judge it by. */
function coldestLog({ job: { goal }, programme }: Planned, seconds: readonly number[]): Log {
  const everyS = goal.kind === "safe" ? SAFE_STEP_S : TRACE_S;
  return programme
    .trace(seconds, Math.max(everyS, sum(seconds) / 400))
    .map(({ timeS, coldestC }) => [timeS, coldestC] as const);
}

/** What the coldest point has killed of each reference organism; none is claimed where it never reached their line. */
function lethalityOf(log: Log): CookPlan["lethality"] {
  const reaches = log.some(([, coldestC]) => coldestC >= LETHAL_FROM_C);
  return ORGANISMS.map((organism) => ({
    organism: organism.label,
    logReduction: reaches ? lethality(log, organism).logReduction : 0,
    source: organism.source,
  }));
}

/** Where the middle ends if the films are two deviations off, either way. */
function uncertaintyOf({ job, programme, seconds }: Planned): CookPlan["uncertainty"] {
  const { setup, learned } = job;
  const peakAt = (deviations: number) => {
    const films = shiftedFilms(setup.films, deviations, deviations, learned);
    return programme.outcome(seconds, { ...setup, films }).peakC;
  };
  return {
    lowC: peakAt(-2),
    highC: peakAt(2),
    basis: learned ? said("plan.theCoefficientsLearnedHereAtEither") : said("plan.panOvenAndAirCoefficientsAll"),
  };
}

/** Whether a trial ends where it was aimed. */
function isInOf(job: Job): (trial: Trial) => boolean {
  const { goal } = job;
  const around = bandAround(job);
  if (!around) return (trial) => (goal.kind === "tender" ? trial.tender >= 0.8 : judgedBy(job, trial));
  const valueOf = (trial: Trial) =>
    goal.kind === "doneness" ? trial.readsLikeC : goal.kind === "rim" ? trial.rimMm : trial.peakC;
  return (trial) => valueOf(trial) >= around.fromC && valueOf(trial) < around.toC;
}

/** Everything that is said of a cook whose times are found. */
export function planOf(planned: Planned): CookPlan {
  const { job, programme, seconds } = planned;
  const { method, setup, request } = job;
  const outcome = programme.outcome(seconds, { ...setup, wholeFlesh: true });
  const log = coldestLog(planned, outcome.seconds);
  const safety = judgeCook(
    request.ruleSetId,
    log.map(([timeS]) => timeS),
    log.map(([, coldestC]) => coldestC),
    job.as,
  );
  const dangerMin = (request.temperedMin ?? 0) + minutesBetween(log, DANGER_ZONE_C.from, DANGER_ZONE_C.to);
  const heatS = heatSecondsOf(outcome);
  const practice = practiceFit(job, heatS);
  return {
    methodId: method.id,
    school: job.school,
    stages: stagesOf(job.stages, setup.piece, outcome, (end) => bandOfEnd(job, end)),
    stageSeconds: outcome.seconds,
    pullS: heatS,
    serveS: heatS + outcome.restS,
    pullC: outcome.pullC,
    peakC: outcome.peakC,
    restPeakC: outcome.restPeakC,
    readsLikeC: outcome.readsLikeC,
    restS: outcome.restS,
    rimMm: outcome.rimMm,
    band: bandOf(job, outcome),
    window: windowOf(planned),
    safety,
    lethality: lethalityOf(log),
    carryOver: {
      risesK: Math.max(0, outcome.restPeakC - outcome.pullC),
      usualMostK: usualCarryOverK(governingOf(job)),
    },
    dangerMin,
    waterLossPct: outcome.waterLossPct,
    warnings: adviceFor(job, outcome, { heatS, dangerMin, meets: safety.meets }),
    refusal: refusalOf(job, outcome, practice),
    skinCrisp: setup.piece.skin && outcome.firstCrustMm >= CRISP_CRUST_MM - 1e-6,
    browned: outcome.firstBrownS >= BROWNING.brownS,
    lowestPanC: outcome.lowestVesselC,
    uncertainty: uncertaintyOf(planned),
    chance: chanceOf({ programme, seconds, learned: job.learned }, isInOf(job), outcome),
    sensitivity: sensitivityOf(job, programme, seconds),
    spread: spreadOf(planned, outcome),
    practice,
    learned: job.learned,
  };
}

const judgedBy = (job: Job, trial: Trial): boolean => bandOf(job, trial) !== "translucent";

/** Minutes strictly between two temperatures, counted from and to where the straight lines between readings cross them. */
function minutesBetween(log: Log, lowC: number, highC: number): number {
  return (timeAbove(log, lowC) - timeAbove(log, highC)) / 60;
}

/** Moves the pull earlier and later until the centre leaves the band. */
export function windowOf({ job, programme, seconds, reached }: Planned): {
  readonly earlyS: number;
  readonly lateS: number;
} {
  const band = bandAround(job);
  const clocked = sum(seconds.filter((_, index) => index <= programme.lastSearched));
  const skipping = seconds.every((taken, index) => job.stages[index]!.until.by !== "search" || taken === 0);
  const movable = skipping ? clocked : sum(seconds.filter((_, index) => job.stages[index]!.until.by === "search"));
  if (!band) return { earlyS: 0, lateS: clocked * 0.25 };
  const value = skipping ? reached.skipping : reached.whole;
  const low = Number.isFinite(band.fromC)
    ? timeToReach(value, band.fromC, [Math.max(1, clocked - movable), clocked], ROUGH)
    : null;
  const high = Number.isFinite(band.toC)
    ? timeToReach(value, band.toC, [clocked, clocked * 4 + 600], ROUGH, clocked * 1.15)
    : null;
  return {
    earlyS: low?.kind === "found" ? Math.max(0, clocked - low.seconds) : movable,
    lateS: high?.kind === "found" ? Math.max(0, high.seconds - clocked) : 0,
  };
}

const COLDER_K = 5;
const KNOB_STEP: Readonly<Record<KnobId, number>> = {
  panC: -20,
  ovenC: -15,
  mediumC: -3,
  secondC: -15,
  sourceC: -60,
  distanceMm: 30,
};

function sensitivityOf(job: Job, programme: Programme, seconds: readonly number[]): readonly Sensitivity[] {
  const { setup, method, kit } = job;
  const { piece } = setup;
  const sensitivity = (what: Said, outcome: CookOutcome) => ({
    what,
    peakC: outcome.peakC,
    band: bandOf(job, outcome),
  });
  const governing = governingMm(piece.shape);
  // fish off the ice is colder than it was read, but not frozen
  const colderK = startsFrozen(piece) ? COLDER_K : Math.min(COLDER_K, Math.floor(piece.startC - FLESH_FREEZES_C));
  const withPiece = (change: Partial<typeof piece>) =>
    programme.outcome(seconds, { ...setup, piece: { ...piece, ...change } });
  const byKnob = method.knobs.map(({ id, label }) => {
    const changed = kitOf(method, job.school, { ...kit, [id]: kit[id] + KNOB_STEP[id] });
    const other = new Programme(setup, method.build({ piece, kit: changed, pan: job.pan, school: job.school }));
    const step = KNOB_STEP[id];
    return sensitivity(
      id === "distanceMm"
        ? said("plan.stepFurtherOff", { step: inMm(step) })
        : said("plan.labelStepColder", { label, step: inKelvin(-step) }),
      other.outcome(seconds),
    );
  });
  return [
    sensitivity(
      said("plan.at2MmThicker", { bound: inMm(2) }),
      withPiece({ shape: resized(piece.shape, governing + 2) }),
    ),
    ...(colderK < 1
      ? []
      : [
          sensitivity(
            said("plan.at5KColderAtTheStart", { bound: inKelvin(colderK) }),
            withPiece({ startC: piece.startC - colderK }),
          ),
        ]),
    ...byKnob,
  ];
}

/** Rise after the pull that cooks reckon with: thin 3-5 K, a steak 4-7, a thick piece 5-8 (common practice, medium). */
const usualCarryOverK = (thicknessMm: number): number => (thicknessMm < 18 ? 5 : thicknessMm <= 35 ? 7 : 8);

/** Thicknesses so close are one, mm. */
const SAME_MM = 0.05;

/** The thinnest and thickest piece on the same clock, and how long after the thickest the thinnest would go in. */
function spreadOf({ job, programme, seconds }: Planned, meant: CookOutcome): CookPlan["spread"] {
  const { thinnestMm, thickestMm } = job.request;
  if (thinnestMm === undefined || thickestMm === undefined) return null;
  const { setup } = job;
  const governing = governingOf(job);
  const total = sum(seconds.filter((_, index) => index <= programme.lastSearched));
  const isMeant = (thicknessMm: number) => Math.abs(thicknessMm - governing) < SAME_MM;
  const heatOf = (thicknessMm: number): number => {
    if (isMeant(thicknessMm)) return total;
    const found = findTimes(jobFor(job, thicknessMm), total * (thicknessMm / governing) ** 1.5, true);
    return found.ok ? sum(found.value.seconds.filter((_, index) => index <= programme.lastSearched)) : total;
  };
  const longest = heatOf(thickestMm);
  const piece = (thicknessMm: number, afterThickestS: number): PieceOutcome => {
    const shape = resized(setup.piece.shape, thicknessMm);
    const outcome = isMeant(thicknessMm)
      ? meant
      : programme.outcome(seconds, { ...setup, piece: { ...setup.piece, shape } });
    return { thicknessMm, peakC: outcome.peakC, band: bandOf(job, outcome), afterThickestS };
  };
  return {
    thinnest: piece(thinnestMm, Math.max(0, longest - heatOf(thinnestMm))),
    thickest: piece(thickestMm, 0),
  };
}
