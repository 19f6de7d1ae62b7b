import { clamp, sum, sumOf } from "@/core/numeric";
import { BROWNING, CookRun, type CookSetup, type Snapshot } from "../model";
import { OPAQUE_DECADES } from "../model";
import { readsLikeC } from "../doneness";
import { governingMm } from "../model";
import type { AtEnd, StageTemplate } from "../methods";
import { CRISP_CRUST_MM } from "../methods";

/** The piece at the end of one stage. */
export type StageEnd = Omit<AtEnd, "group" | "seconds" | "band"> & {
  /** The centre temperature at the usual pace that this state reads like. */
  readonly readsLikeC: number;
};

/** What a piece gets from given times. */
export type CookOutcome = {
  /** Seconds of every stage, the rest as the planner found it. */
  readonly seconds: readonly number[];
  readonly ends: readonly StageEnd[];
  /** Centre when it leaves the heat, at its warmest, and the doneness it reads like then. */
  readonly pullC: number;
  readonly peakC: number;
  /** The warmest the centre is in the last stage: what a probe finds at the plate. */
  readonly restPeakC: number;
  readonly readsLikeC: number;
  readonly restS: number;
  readonly firstCrustMm: number;
  readonly firstHottestC: number;
  readonly firstBrownS: number;
  readonly lowestVesselC: number;
  /** Depth of set flesh at a face when it is eaten, mm: of the shallower face, or around a round piece. */
  readonly rimMm: number;
  /** Softening of cephalopod collagen where it is least; 1 is tender. */
  readonly tender: number;
  readonly waterLossPct: number;
};

const SHORTEST_REST_S = 60;
const LONGEST_REST_S = 300;
const SEARCH_REST_S = 900;
const NEAR_PEAK_K = 1;

/** Stages of a method with one number to choose: how long the searched ones take together, after those the fish or the clock ends. */
export class Programme {
  /** Seconds of the stages before the searched ones, as the fish or the clock ends them. */
  readonly before: readonly number[];
  readonly beforeS: number;
  readonly #through: CookRun;
  readonly #firstSearched: number;
  readonly #lastSearched: number;
  /** Clocked stages between the searched ones, s: what stands and rests in the middle of a cook. */
  readonly #betweenS: number;

  constructor(
    readonly setup: CookSetup,
    readonly stages: readonly StageTemplate[],
  ) {
    this.#firstSearched = stages.findIndex(({ until }) => until.by === "search");
    this.#lastSearched = stages.findLastIndex(({ until }) => until.by === "search");
    this.#betweenS = sumOf(stages.slice(this.#firstSearched, this.#lastSearched), ({ until }) =>
      until.by === "clock" ? until.seconds : 0,
    );
    const line = stages.some(({ until }) => until.by === "crisp");
    const cook = new CookRun(line ? { ...setup, wholeFlesh: true } : setup);
    this.before = stages.slice(0, this.#firstSearched).map((stage) => {
      const startS = cook.timeS;
      cook.enter(stage);
      const { until } = stage;
      if (until.by === "clock") cook.run(until.seconds);
      else if (until.by === "crisp")
        cook.run(until.longestS, (now) => now.opaqueShare >= until.line && now.faces[0].crustMm >= until.crustMm);
      return cook.timeS - startS;
    });
    this.beforeS = sum(this.before);
    this.#through = cook;
  }

  /**
   * Seconds of every stage when `totalS` are spent before what follows the search. Less than the first stages take cuts them short;
   * `skipping` leaves the searched stages out and draws the last of the first ones out instead.
   */
  secondsFor(totalS: number, skipping = false): number[] {
    let left = totalS;
    let searchable: number | null = null;
    return this.stages.map(({ until }, index) => {
      if (index < this.#firstSearched) {
        const planned = this.before[index]!;
        const last = skipping && index === this.#firstSearched - 1;
        const taken = last ? left : Math.min(planned, left);
        left -= taken;
        return taken;
      }
      searchable ??= Math.max(0, left - this.#betweenS);
      if (until.by === "search") return skipping ? 0 : searchable * until.part;
      return until.by === "clock" ? until.seconds : 0;
    });
  }

  /** Runs these seconds; the last stage is the rest and runs until the centre has passed its warmest. */
  outcome(seconds: readonly number[], setup: CookSetup = this.setup): CookOutcome {
    const own = setup === this.setup;
    const asPlanned = own && this.before.every((planned, index) => Math.abs(planned - seconds[index]!) < 1e-9);
    const cook = asPlanned ? this.#through.fork(setup) : new CookRun(setup);
    const thicknessMm = governingMm(setup.piece.shape);
    const ends: StageEnd[] = [];
    const endOf = (): StageEnd => ({
      centreC: cook.centreC,
      lineShare: cook.opaqueShare,
      thicknessMm,
      crisp: cook.faces[0].crustMm >= CRISP_CRUST_MM - 1e-6,
      throughSet: cook.flesh.myosin[cook.body.centreCell]! >= OPAQUE_DECADES,
      browned: cook.faces.some(({ brownS }) => brownS >= BROWNING.brownS),
      outsideC: Math.max(...cook.faces.map(({ surfaceC }) => surfaceC)),
      tender: Math.min(...cook.body.meat.map((cell) => cook.flesh.tender[cell]!)),
      waterLossPct: cook.waterLossPct,
      readsLikeC: readsLikeC(setup.piece.group, cook.flesh.layer(cook.body.centreCell)),
    });
    const last = this.stages.length - 1;
    for (const [index, stage] of this.stages.entries()) {
      if (index === last) break;
      if (!(asPlanned && index < this.#firstSearched) && seconds[index]! > 0) {
        cook.enter(stage);
        cook.run(seconds[index]!);
      }
      ends.push(endOf());
    }
    const [first, , rim] = cook.faces;
    const face = first.crustMm > 0 || rim.crustMm === 0 ? first : rim;
    const { crustMm: firstCrustMm, hottestC: firstHottestC, brownS: firstBrownS } = face;
    const pullC = cook.centreC;
    cook.enter(this.stages[last]!);
    const { restS, restPeakC } = restToPeak(cook);
    ends.push(endOf());
    const { body, flesh } = cook;
    const { centreCell } = body;
    return {
      seconds: seconds.map((planned, index) => (index === last ? restS : planned)),
      ends,
      pullC,
      peakC: cook.hottestCentreC,
      restPeakC,
      readsLikeC: readsLikeC(setup.piece.group, flesh.layer(centreCell)),
      restS,
      firstCrustMm,
      firstHottestC,
      firstBrownS,
      lowestVesselC: cook.lowestVesselC,
      rimMm: cook.rimMm,
      tender: Math.min(...body.meat.map((cell) => flesh.tender[cell]!)),
      waterLossPct: cook.waterLossPct,
    };
  }

  /** The whole cook as it goes, for drawing and judging: a snapshot every `everyS`, and `afterS` more of the last stage. */
  trace(seconds: readonly number[], everyS: number, afterS = 0): readonly Snapshot[] {
    const cook = new CookRun({ ...this.setup, wholeFlesh: true });
    const snapshots: Snapshot[] = [];
    for (const [index, stage] of this.stages.entries()) {
      const whole = seconds[index]! + (index === this.stages.length - 1 ? afterS : 0);
      if (whole <= 0) {
        cook.stageIndex += 1;
        continue;
      }
      cook.enter(stage);
      if (snapshots.length === 0) snapshots.push(cook.snapshot());
      for (let left = whole; left > 1e-9; left -= everyS) {
        cook.run(Math.min(everyS, left));
        snapshots.push(cook.snapshot());
      }
    }
    return snapshots;
  }

  /** Shortest total that leaves anything to search. */
  get leastS(): number {
    return this.#betweenS;
  }

  /** Where the searched stages end. */
  get lastSearched(): number {
    return this.#lastSearched;
  }
}

/** Follows the centre in the rest past its peak; answers with the peak and how long until it is within a degree of it. */
function restToPeak(cook: CookRun): { readonly restS: number; readonly restPeakC: number } {
  const pulledS = cook.timeS;
  const path: [number, number][] = [[0, cook.centreC]];
  let peakC = cook.centreC;
  cook.run(SEARCH_REST_S, (now) => {
    path.push([now.timeS - pulledS, now.centreC]);
    // a middle may sink a hair, at the melting point of its ice or before the broiler's heat has come so far: its warmest is past only
    // once the flesh as a whole could not bring it there again
    if (now.centreC < peakC - 1e-3 && now.meanC <= peakC) return true;
    peakC = Math.max(peakC, now.centreC);
    return false;
  });
  const near = path.find(([, centreC]) => centreC >= peakC - NEAR_PEAK_K)!;
  return { restS: clamp(near[0], SHORTEST_REST_S, LONGEST_REST_S), restPeakC: peakC };
}
