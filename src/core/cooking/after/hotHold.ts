import { keyed } from "@/core/shared";
import type { Composition } from "@/core/matter";
import { judgeHotHold, RULE_SETS, type RuleSetId } from "@/core/safety";
import type { DonenessGroup } from "@/core/species";
import { MINUTE_MS } from "@/core/units";
import { CookRun, type Surroundings } from "../model";
import type { DonenessId } from "../doneness";
import { USUAL_FILMS } from "../model";
import { bandAt, readsLikeC, stateAt } from "../doneness";
import type { LiveCook } from "../live";
import { KITCHEN, liquid, metal, sidesOf } from "../methods";
import type { PieceShape, StovePiece } from "../model";
import type { CookPlan } from "../plan";
import type { Touch } from "../model";
import { bathVessel, plateVessel, type Vessel } from "../model";

export const HOLD_WAY_IDS = ["pass", "lamp", "moist", "dry", "liquid"] as const;
export type HoldWayId = (typeof HOLD_WAY_IDS)[number];

/** Where a finished piece waits. */
export type HoldWay = { readonly id: HoldWayId; readonly label: string; readonly note: string };

export const HOLD_WAYS: readonly HoldWay[] = keyed(
  "holdWays",
  [
    { id: "pass", label: "On a rack at the pass", note: "open, kitchen air" },
    { id: "lamp", label: "Warm plate under a lamp", note: "open; the plate as set" },
    { id: "moist", label: "Moist cabinet", note: "a pan of water in it, or its own steam" },
    { id: "dry", label: "Dry cabinet", note: "no water in it: the wet face cools and dries" },
    { id: "liquid", label: "In warm butter or stock", note: "under the liquid, as set" },
  ],
  ["label", "note"],
);

/** In plain data, for the worker. */
export type HoldQuestion = {
  readonly group: DonenessGroup;
  readonly composition: Composition;
  readonly shape: PieceShape;
  readonly pieceG: number;
  /** Centre when the hold begins, °C. */
  readonly fromC: number;
  /** What plate, cabinet and liquid are set to, °C. */
  readonly holdC: number;
  readonly ruleSetId: RuleSetId;
  /** Minutes it has been between cold and hot holding before. */
  readonly usedMin: number;
};

export type Holding = {
  readonly way: HoldWay;
  /** Minutes, °C at the coldest and at the centre. */
  readonly trace: readonly (readonly [minutes: number, coldestC: number, centreC: number])[];
  /** Minutes until the coldest flesh is below hot holding; 0: it is at the start; null: not within the hours looked at. */
  readonly hotUntilMin: number | null;
  /** Minutes until it has to be eaten or thrown away; null: the clock never runs out while it is hot. */
  readonly outAfterMin: number | null;
  /** Minutes until the centre reads a doneness further or is too cool to serve; null: not within the hours looked at. */
  readonly asCookedMin: number | null;
  /** What ends that: a doneness it has gone on to, or "cold". */
  readonly ends: DonenessId | "cold" | null;
  /** What is lost over half an hour besides the cook, % of the piece. */
  readonly lossIn30Pct: number;
};

const LONGEST_MIN = 240;
/** Below this a hot fish dish comes back from the table, °C at the centre (common practice, low). */
export const SERVED_FROM_C = 45;
/** Two lamps of 250 W some 40 cm over the pass give about 1.2 kW/m² (memory, low): a glow of 300 °C that fills a quarter of the view. */
const LAMP = { sourceC: 300, view: 0.25, airC: 30 } as const;
const LITRES = 4;

/** A plate of the house, mm across its well (common practice). */
export const PLATE_MM = 270;

function surroundingsOf(way: HoldWayId, piece: StovePiece, holdC: number): Surroundings {
  const around = (under: Touch, over: Touch, vessel: Vessel | null = null): Surroundings => ({
    down: 0,
    under,
    over,
    around: sidesOf(piece, under, over),
    vessel,
    heat: { by: vessel ? "burner" : "nobody" },
  });
  const everywhere = (touch: Touch, vessel: Vessel | null = null) => ({
    ...around(touch, touch, vessel),
    around: touch,
  });
  switch (way) {
    case "pass":
      return everywhere(KITCHEN);
    case "lamp":
      return around(metal("warmPlate"), { on: "glow", ...LAMP, kind: "still" }, plateVessel(PLATE_MM, holdC));
    case "moist":
      return everywhere({ on: "air", film: "ovenStill", airC: holdC, kind: "oven" });
    case "dry":
      return everywhere({ on: "air", film: "stillAir", airC: holdC, kind: "still" });
    case "liquid":
      return everywhere(liquid("butter"), bathVessel(LITRES, holdC));
  }
}

/** Groups whose doneness is a softening and not a centre: holding them does not overcook them so soon. */
const SOFTENED: ReadonlySet<DonenessGroup> = new Set(["squid", "octopus"]);

function startOf(question: HoldQuestion, way: HoldWay): CookRun {
  const { group, composition, shape, pieceG, fromC, holdC } = question;
  const piece: StovePiece = {
    shape,
    group,
    composition,
    filling: shape.kind === "tube" ? composition : null,
    skin: false,
    startC: fromC,
    massG: pieceG,
    coatMm: 0,
  };
  const cook = new CookRun({ piece, films: USUAL_FILMS, pieces: 1, wholeFlesh: true });
  const state = stateAt(fromC);
  cook.flesh.myosin.fill(state.myosin);
  cook.flesh.flakeCollagen.fill(state.flakeCollagen);
  cook.flesh.lossPct.fill(state.lossPct);
  cook.enter(surroundingsOf(way.id, piece, holdC));
  return cook;
}

/**
 * Centre at the plate carried on in every way of the house: how long it is hot by the rule, and how long it is still what was cooked; the
 * longest first.
 */
export function holdHot(question: HoldQuestion): readonly Holding[] {
  return HOLD_WAYS.map((way) => holdIn(question, way)).sort((a, b) => keepsMin(b) - keepsMin(a));
}

function holdIn(question: HoldQuestion, way: HoldWay): Holding {
  const { group, fromC, ruleSetId, usedMin } = question;
  const { minC, belowMin: limitMin } = RULE_SETS[ruleSetId].hotHold;
  const cook = startOf(question, way);
  const { centreCell } = cook.body;
  const first = bandAt(group, fromC);
  const startLossPct = cook.waterLossPct;
  const trace: (readonly [number, number, number])[] = [[0, fromC, fromC]];
  let ended: { readonly min: number; readonly by: DonenessId | "cold" } | null = null;
  let lossIn30Pct = 0;
  for (let minutes = 1; minutes <= LONGEST_MIN; minutes++) {
    cook.run(60);
    trace.push([minutes, cook.coldestC, cook.centreC]);
    if (minutes === 30) lossIn30Pct = cook.waterLossPct - startLossPct + (cook.evaporatedG / question.pieceG) * 100;
    if (ended) continue;
    const reads = readsLikeC(group, cook.flesh.layer(centreCell));
    const now = bandAt(group, reads);
    if (!SOFTENED.has(group) && now.id !== first.id && reads > first.toC) ended = { min: minutes, by: now.id };
    else if (cook.centreC < SERVED_FROM_C && cook.centreC < fromC) ended = { min: minutes, by: "cold" };
  }
  const log = trace.map(([minutes, coldestC]) => [minutes, coldestC] as const);
  const below = log.find(([, coldestC]) => coldestC < minC);
  const ranOut = log.find(
    (_, index) => judgeHotHold(ruleSetId, log.slice(0, index + 1), log[index]![0], usedMin).state === "over",
  );
  const atEnd = judgeHotHold(ruleSetId, log, LONGEST_MIN, usedMin);
  return {
    way,
    trace,
    hotUntilMin: below?.[0] ?? null,
    outAfterMin: ranOut?.[0] ?? (atEnd.state === "hot" ? null : LONGEST_MIN + limitMin - atEnd.belowMin),
    asCookedMin: ended?.min ?? null,
    ends: ended?.by ?? null,
    lossIn30Pct,
  };
}

/** How long a way keeps both the dish and the rule, min: hot, or where it is not hot to begin with, until the clock has run out. */
export const keepsMin = ({ asCookedMin, hotUntilMin, outAfterMin }: Holding): number =>
  Math.min(asCookedMin ?? Infinity, (hotUntilMin === 0 ? outAfterMin : hotUntilMin) ?? Infinity);

/**
 * What a finished cook brings to a hold: the centre as read in its last stage, a reading from before says nothing of the plate, else as
 * planned; minutes between cold and hot holding, with those since it was served.
 */
export function heldFrom(
  plan: Pick<CookPlan, "stages" | "peakC"> & Partial<Pick<CookPlan, "restPeakC" | "dangerMin">>,
  { probes, endedAtMs }: Pick<LiveCook, "probes" | "endedAtMs">,
  nowMs: number,
): Pick<HoldQuestion, "fromC" | "usedMin"> {
  const read = probes.findLast(({ stageIndex }) => stageIndex >= plan.stages.length - 1);
  const sinceMin = endedAtMs === null ? 0 : Math.max(0, nowMs - endedAtMs) / MINUTE_MS;
  return { fromC: read?.centreC ?? plan.restPeakC ?? plan.peakC, usedMin: (plan.dangerMin ?? 0) + sinceMin };
}

/** What plates, cabinets and warm butter are usually set to, °C (common practice). */
export const USUAL_HOLD_C = 65;
