import { inCelsius, inMm, said, type Said, inHours, inFigures } from "@/core/shared";
import { saltTakenUp } from "@/core/cure";
import { OCTOPUS_SALT_PCT } from "../methods";
import { DANGER_ZONE_C, RULE_SETS } from "@/core/safety";
import { carries, type Species } from "@/core/species";
import { STATION } from "../model";
import { bandAt } from "../doneness";
import { CRISP_CRUST_MM, crispsSkin } from "../methods";
import { facesM2, governingMm } from "../model";
import type { CookOutcome } from "./programme";
import type { PracticeFit } from "./practiceFit";
import type { Job } from "./request";

/** What cannot be done as asked, and what to change so that it can. */
export type Refusal = { readonly why: Said; readonly change: readonly Said[] };

const isCrispMethod = ({ method }: Job) => crispsSkin(method.id);
const crispLost = (job: Job, outcome: CookOutcome) =>
  isCrispMethod(job) && job.setup.piece.skin && outcome.firstCrustMm < CRISP_CRUST_MM - 1e-6;

/** A face browned for so long at 160 °C, or as much hotter for less, is black (estimate; brown at 45 s). */
const SCORCHED_S = 1500;

/** Refuses a crisp skin on a piece that is done before its skin has dried, and a face that burns before the middle is there. */
export function refusalOf(job: Job, outcome: CookOutcome, practice: PracticeFit | null): Refusal | null {
  const mm = Math.round(governingMm(job.setup.piece.shape));
  if (outcome.firstBrownS > SCORCHED_S) {
    const fitsMm = practice?.fitsMm ?? null;
    const fits = fitsMm === null ? [] : [said("plan.thisWayFitsAboutFitsFrom", { fits: inMm(fitsMm, 0) })];
    const schools = job.method.schools.length > 1 ? [said("plan.anotherSchoolTurnSoonerBasteLess")] : [];
    return {
      why: said("plan.atMmTheFirstSideBurns", { mm: inMm(mm) }),
      change: [...fits, ...schools, said("plan.temperItLonger"), said("plan.aCoolerPanOrFinishIn")],
    };
  }
  if (!crispLost(job, outcome)) return null;
  const dried = Math.round((100 * outcome.firstCrustMm) / CRISP_CRUST_MM);
  return {
    why: said("plan.atMmTheCentreIsThere", { mm: inMm(mm), dried }),
    change: [
      said("plan.foldOrPairTheFilletsTo"),
      said("plan.startFridgeColdAndDryThe"),
      said("plan.aHotterPanOrAHigher"),
      said("plan.takeTheSkinOffAndFlour"),
    ],
  };
}

/** Time as the only control: four hours (FDA Food Code 2022, 3-501.19(B); memory, high), min. */
const LONGEST_DANGER_MIN = 240;

/** Whether the rule against parasites has anything to ask of an animal that is not cooked through. */
const asksParasites = (species: Species): boolean =>
  species.hazards === null || carries(species, "parasites") === "yes";

/** Of the pan: crowding, sagging, sticking, smoke. */
function panAdvice(job: Job, outcome: CookOutcome): readonly Said[] {
  const { setup, stages, method, kit } = job;
  const pan = stages.find(({ vessel }) => (vessel?.baseM2 ?? 0) > 0)?.vessel;
  if (!pan) return [];
  const warnings: Said[] = [];
  const [face, , around] = facesM2(setup.piece);
  // a round piece shades about its diameter's width
  const coveredM2 = (face > 0 ? face : around / Math.PI) * setup.pieces;
  const covered = coveredM2 / pan.baseM2;
  if (covered > STATION.crowdedShare) {
    const fit = Math.max(1, Math.floor((STATION.crowdedShare * pan.baseM2 * setup.pieces) / coveredM2));
    warnings.push(said("plan.thePanIsCrowdedCoveredOf", { covered: Math.round(covered * 100), fit }));
  }
  const sagsByDesign = method.id === "skin-turned" || method.id === "herb-first";
  if (pan.setC - outcome.lowestVesselC > 25 && kit.panC === pan.setC && !sagsByDesign)
    warnings.push(said("plan.thePanFallsToLowestVesselWhen", { lowestVessel: inCelsius(outcome.lowestVesselC, 0) }));
  if (crispLost(job, outcome)) warnings.push(said("plan.theCentreIsThereBeforeThe"));
  if (kit.panC < 150 && method.knobs.some(({ id }) => id === "panC"))
    warnings.push(said("plan.belowAbout150CFishSticks", { bound: inCelsius(150) }));
  if (kit.panC > 230)
    warnings.push(said("plan.aboveTheSmokePointOfMost", { bound: inCelsius(205), bound2: inCelsius(230) }));
  return warnings;
}

/** Of the flesh and its start: cold, thin, weeping, tough, raw in the middle. */
function fleshAdvice({ request: { species }, setup: { piece }, stages, method }: Job, outcome: CookOutcome) {
  const warnings: Said[] = [];
  if (piece.startC < 4 && piece.startC >= -1) warnings.push(said("plan.fridgeColdTakeTheChillOff"));
  if (piece.startC < -1) warnings.push(said("plan.fromFrozenMostOfTheHeat"));
  const dropped = stages.some(({ until }, index) => until.by === "search" && outcome.seconds[index] === 0);
  if (dropped) warnings.push(said("plan.thinEnoughToFinishOffThe"));
  if (outcome.waterLossPct > 9 && (piece.group === "salmonid" || piece.group === "white-flake"))
    warnings.push(said("plan.whiteProteinWillWeepOut10"));
  if (piece.group === "squid" && !method.tender && outcome.peakC > 60)
    warnings.push(said("plan.past60CSquidIsTough", { bound: inCelsius(60) }));
  if (piece.group === "tuna" && bandAt("tuna", outcome.peakC).id === "translucent")
    warnings.push(said("plan.rareInsideOnlyFishClearedFor"));
  if (species.least && !method.warms && outcome.peakC < species.least.centreC - 0.5)
    warnings.push(
      said("plan.notUnderCentreBecause", { centre: inCelsius(species.least.centreC), because: species.least.because }),
    );
  return warnings;
}

type Course = { readonly heatS: number; readonly dangerMin: number; readonly meets: boolean };

/** Of what can make ill: parasites, toxins, time in the danger zone, holding. */
function safetyAdvice({ request: { species, ruleSetId } }: Job, outcome: CookOutcome, course: Course) {
  const warnings: Said[] = [];
  const { partCooked, hotHold } = RULE_SETS[ruleSetId];
  if (!course.meets && asksParasites(species))
    warnings.push(said("plan.partCookedItAsksTheLotsFreezing", { partCooked }));
  if (carries(species, "ciguatera") === "yes") warnings.push(said("plan.ciguateraWhichWatersAndHowBig"));
  if (carries(species, "gempylotoxin") === "yes") warnings.push(said("plan.oilThatPurgesDrainWhatIt"));
  if (course.dangerMin > LONGEST_DANGER_MIN)
    warnings.push(
      said("plan.dangerHBetween5CAnd", {
        bound: inCelsius(DANGER_ZONE_C.from),
        bound2: inCelsius(DANGER_ZONE_C.to),
        danger: inHours(course.dangerMin / 60),
      }),
    );
  if (outcome.peakC < hotHold.minC && course.heatS > 3600)
    warnings.push(said("plan.notToBeHeldHotMin", { min: inCelsius(hotHold.minC) }));
  return warnings;
}

/** What a cook must hear besides the plan: of the pan, the flesh, what can make ill, salt, and of the method itself. */
export function adviceFor(job: Job, outcome: CookOutcome, course: Course): readonly Said[] {
  const salt = octopusSalt(job, outcome);
  return [
    ...panAdvice(job, outcome),
    ...fleshAdvice(job, outcome),
    ...safetyAdvice(job, outcome, course),
    ...(salt === null ? [] : [salt]),
    ...job.method.cautions,
  ];
}

/** Salt taken up, % of the flesh: under it the plate is salted by hand, over it the piece is too salty (common practice; its own is about 0.6). */
const SEASONED_PCT = { from: 0.4, to: 1.1 } as const;
/** Middle of the flesh on its way from the simmer to hand-warm, °C. */
const COOLING_MEAN_C = 70;

/** What an octopus takes up of the salt in its water while it simmers and cools in it. */
function octopusSalt(job: Job, { seconds }: CookOutcome): Said | null {
  const { method, request, kit, stages, school, setup } = job;
  const saltPct = OCTOPUS_SALT_PCT[school];
  const { shape } = setup.piece;
  if (method.id !== "simmer-char" || saltPct === undefined || shape.kind !== "cylinder") return null;
  const secondsOf = (id: string) => seconds[stages.findIndex((one) => one.id === id)] ?? 0;
  const takenGPerKg = saltTakenUp(request.species, shape.diameterMm, saltPct * 10, [
    { pointC: kit.mediumC, seconds: secondsOf("simmer") },
    { pointC: COOLING_MEAN_C, seconds: secondsOf("cool") },
  ]);
  const taken = takenGPerKg / 10;
  const says =
    taken < SEASONED_PCT.from
      ? said("plan.saltThePlateByHand")
      : taken <= SEASONED_PCT.to
        ? said("plan.seasonedThroughTasteBeforeMore")
        : said("plan.tooSaltyLessSaltInThe");
  return said("plan.takesUpAboutTakenOfIts", { taken: inFigures(taken, 1), says });
}
