import { materialOf } from "@/core/heat";
import { massFractions, propertiesOf, type Composition } from "@/core/matter";
import { judgeCook, type CookVerdict, type RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import type { Species } from "@/core/species";
import { COEFFICIENTS, PANS, STATION, type Pan } from "./data/station";
import type { DonenessId } from "./data/doneness";
import { bandAt } from "./doneness";
import { timeToReach } from "./search";
import { SkinCrispCook, type Contacts, type SkinCrispSetup } from "./skinCrisp";
import { stagesOf, type CookStage } from "./stages";
import { CRISP_CRUST_MM, outcomeOf, peakAfter, traceCook, type CookOutcome, type CookTimes } from "./times";

export type CookRequest = {
  readonly species: Species;
  /** Of the piece as prepared; the species' own when left out. */
  readonly composition?: Composition;
  /** Judged by the rule for stuffed fish. */
  readonly stuffed?: boolean;
  readonly thicknessMm: number;
  readonly skin: boolean;
  readonly startC: number;
  readonly panC: number;
  readonly ovenC: number;
  /** Centre at its warmest, when eaten. */
  readonly targetC: number;
  readonly ruleSetId: RuleSetId;
  readonly pan?: Pan;
  readonly pieces?: number;
  readonly pieceG?: number;
  /** Thinnest and thickest piece of the batch, if they differ. */
  readonly thinnestMm?: number;
  readonly thickestMm?: number;
};

export type CookPlan = {
  readonly stages: readonly CookStage[];
  readonly times: CookTimes;
  readonly pullC: number;
  readonly peakC: number;
  readonly restS: number;
  readonly band: DonenessId;
  /** How much earlier or later the pull may come and the centre still ends in the band. */
  readonly window: { readonly earlyS: number; readonly lateS: number };
  readonly safety: CookVerdict;
  readonly warnings: readonly string[];
  readonly skinCrisp: boolean;
  readonly lowestPanC: number;
  /** Peak if the contact of fish and pan is as poor or as good as its range allows. */
  readonly uncertainty: { readonly lowC: number; readonly highC: number; readonly basis: string };
  readonly spread: { readonly thinnest: PieceOutcome; readonly thickest: PieceOutcome } | null;
};

export type PieceOutcome = { readonly thicknessMm: number; readonly peakC: number; readonly band: DonenessId };

export type PlanFailure = { readonly kind: "unreachable"; readonly message: string; readonly bestC: number };

/** The skin side stays down until the opaque line is a quarter of the way up: about 2-4 min by thickness (common practice). */
const TURN_LINE_SHARE = 0.25;
const LONGEST_PAN_S = 360;
const FINE = { toleranceS: 0.5, toleranceValue: 0.03 } as const;
const ROUGH = { toleranceS: 2, toleranceValue: 0.15 } as const;
const SHORTEST_OVEN_S = 20;
const LONGEST_OVEN_S = 2400;
/** Mean thickness of a portion against its thickest point (estimate), to turn grams into a face on the pan. */
const MEAN_TO_THICKEST = 0.8;

export function setupOf(request: CookRequest): SkinCrispSetup {
  const { species, thicknessMm, skin, startC, panC, ovenC } = request;
  const composition = request.composition ?? species.compositionPct;
  const densityKgPerM3 = propertiesOf(composition, 20).densityKgPerM3;
  const massKg = (request.pieceG ?? species.portion.massG) / 1000;
  const faceM2 = massKg / (densityKgPerM3 * ((thicknessMm * MEAN_TO_THICKEST) / 1000));
  return {
    material: materialOf(composition),
    waterKgPerM3: massFractions(composition).water * densityKgPerM3,
    thicknessMm,
    skin,
    startC,
    panC,
    ovenC,
    pan: request.pan ?? PANS[0],
    contactM2: faceM2 * (request.pieces ?? 1),
    contacts: contactsOf(skin, "value"),
  };
}

/** The station's coefficients at their working values, or all at the poor or the good end of their ranges. */
function contactsOf(skin: boolean, end: "value" | "low" | "high"): Contacts {
  const cooling = { value: "value", low: "high", high: "low" } as const;
  return {
    panSide: (skin ? COEFFICIENTS.panSkin : COEFFICIENTS.panFlesh)[end],
    turnedSide: COEFFICIENTS.panFlesh[end],
    oven: COEFFICIENTS.ovenDry[end],
    stillAir: COEFFICIENTS.stillAir[cooling[end]],
  };
}

/**
 * Plans skin-crisp with an oven finish: the pan until the skin is crisp and the opaque line has climbed, then the oven until the rest
 * will carry the centre to the target. Thin pieces leave the pan as soon as the rest alone will do it.
 */
export function planCook(request: CookRequest): Result<CookPlan, PlanFailure> {
  const setup = setupOf(request);
  const times = searchTimes(setup, request.targetC);
  if (!times.ok) return times;
  return ok(describe(request, setup, times.value));
}

function searchTimes(setup: SkinCrispSetup, targetC: number): Result<CookTimes, PlanFailure> {
  const wantedLineMm = TURN_LINE_SHARE * setup.thicknessMm;
  const throughPan = new SkinCrispCook(setup);
  throughPan.run(LONGEST_PAN_S, (now) => {
    return now.opaqueLineMm >= wantedLineMm && (!setup.skin || now.skinCrustMm >= CRISP_CRUST_MM);
  });
  const panS = throughPan.timeS;
  const oven = timeToReach((seconds) => peakAfter(throughPan, seconds), targetC, [0, LONGEST_OVEN_S], FINE, 240);
  if (oven.kind === "above") {
    const bestC = oven.valueAtHigh;
    const message = `the centre stops at ${Math.round(bestC)} °C in this oven: a hotter oven or a lower target is needed`;
    return err({ kind: "unreachable", message, bestC });
  }
  if (oven.kind === "found" && oven.seconds >= SHORTEST_OVEN_S) return ok({ panS, ovenS: oven.seconds });
  const panOnly = timeToReach(
    (seconds) => {
      const cook = new SkinCrispCook(setup);
      cook.run(seconds);
      return peakAfter(cook, 0);
    },
    targetC,
    [1, LONGEST_PAN_S],
    FINE,
    panS,
  );
  if (panOnly.kind === "below") {
    const message = `the piece is already at ${Math.round(setup.startC)} °C: it cannot end at ${Math.round(targetC)} °C`;
    return err({ kind: "unreachable", message, bestC: panOnly.valueAtLow });
  }
  return ok({ panS: panOnly.kind === "found" ? panOnly.seconds : panS, ovenS: 0 });
}

function describe(request: CookRequest, setup: SkinCrispSetup, times: CookTimes): CookPlan {
  const outcome = outcomeOf(setup, times);
  const band = bandAt(request.species.donenessGroup, request.targetC);
  const trace = traceCook(setup, times, outcome.restS, 5);
  const safety = judgeCook(
    request.ruleSetId,
    trace.map(({ timeS }) => timeS),
    trace.map(({ coldestC }) => coldestC),
    request.stuffed ?? false,
  );
  const peakAt = (end: "low" | "high") => outcomeOf({ ...setup, contacts: contactsOf(setup.skin, end) }, times).peakC;
  const piece = (thicknessMm: number): PieceOutcome => {
    const { peakC } = outcomeOf({ ...setup, thicknessMm }, times);
    return { thicknessMm, peakC, band: bandAt(request.species.donenessGroup, peakC).id };
  };
  const { thinnestMm, thickestMm } = request;
  return {
    stages: stagesOf(setup, times, outcome, request.species),
    times,
    pullC: outcome.pullC,
    peakC: outcome.peakC,
    restS: outcome.restS,
    band: band.id,
    window: windowOf(setup, times, band),
    safety,
    warnings: warningsOf(request, setup, outcome, times),
    skinCrisp: setup.skin && outcome.skinCrustMm >= CRISP_CRUST_MM - 1e-6,
    lowestPanC: outcome.lowestPanC,
    uncertainty: {
      lowC: peakAt("low"),
      highC: peakAt("high"),
      basis: "pan, oven and air coefficients all at the poor or the good end of their ranges",
    },
    spread:
      thinnestMm !== undefined && thickestMm !== undefined
        ? { thinnest: piece(thinnestMm), thickest: piece(thickestMm) }
        : null,
  };
}

/** Moves the pull earlier and later until the peak leaves the band. */
function windowOf(setup: SkinCrispSetup, { panS, ovenS }: CookTimes, band: { fromC: number; toC: number }) {
  const pan = new SkinCrispCook(setup);
  const lastStage = ovenS > 0 ? ovenS : panS;
  if (ovenS > 0) pan.run(panS);
  const peak = (seconds: number) => {
    if (ovenS > 0) return peakAfter(pan, seconds);
    const cook = new SkinCrispCook(setup);
    cook.run(seconds);
    return peakAfter(cook, 0);
  };
  const low = Number.isFinite(band.fromC) ? timeToReach(peak, band.fromC, [0, lastStage], ROUGH) : null;
  const high = Number.isFinite(band.toC)
    ? timeToReach(peak, band.toC, [lastStage, lastStage * 4 + 600], ROUGH, lastStage * 1.3)
    : null;
  return {
    earlyS: low?.kind === "found" ? Math.max(0, lastStage - low.seconds) : lastStage,
    lateS: high?.kind === "found" ? Math.max(0, high.seconds - lastStage) : 0,
  };
}

function warningsOf(request: CookRequest, setup: SkinCrispSetup, outcome: CookOutcome, times: CookTimes): string[] {
  const warnings: string[] = [];
  const baseM2 = (Math.PI / 4) * (setup.pan.diameterMm / 1000) ** 2;
  const covered = setup.contactM2 / baseM2;
  if (covered > STATION.crowdedShare) {
    const fit = Math.max(1, Math.floor((STATION.crowdedShare * baseM2 * (request.pieces ?? 1)) / setup.contactM2));
    warnings.push(`The pan is crowded (${Math.round(covered * 100)} % of its base): cook ${fit} at a time.`);
  }
  if (setup.panC - outcome.lowestPanC > 25) {
    warnings.push(
      `The pan falls to ${Math.round(outcome.lowestPanC)} °C when the fish lands: fewer pieces or a heavier pan.`,
    );
  }
  if (request.skin && outcome.skinCrustMm < CRISP_CRUST_MM - 1e-6) {
    warnings.push("The centre is there before the skin is crisp: a hotter pan, a colder piece, or a softer skin.");
  }
  if (setup.panC < 150) warnings.push("Below about 150 °C fish sticks and does not brown.");
  if (setup.panC > 230) warnings.push("Above the smoke point of most oils (205-230 °C): watch for smoke and fire.");
  if (setup.startC < 4) warnings.push("Fridge-cold: take the chill off a few minutes for a more even piece.");
  if (times.ovenS === 0) warnings.push("Thin enough to finish off the heat: no oven needed, turn for a kiss only.");
  if (outcome.peakC < 60 && request.species.rawUse !== "usual") warnings.push(request.species.parasiteNote);
  return warnings;
}
