import { saltTakenUp } from "@/core/cure";
import { OCTOPUS_SALT_PCT } from "../methods";
import { RULE_SETS } from "@/core/safety";
import { carries, type Species } from "@/core/species";
import { STATION } from "../model";
import { bandAt } from "../doneness";
import { CRISP_CRUST_MM } from "../methods";
import { facesM2, governingMm } from "../model";
import type { CookOutcome } from "./programme";
import type { PracticeFit } from "./practiceFit";
import type { Job } from "./request";

/** What cannot be done as asked, and what to change so that it can. */
export type Refusal = { readonly why: string; readonly change: readonly string[] };

const isCrispMethod = ({ method }: Job) =>
  method.id === "skin-then-oven" || method.id === "skin-turned" || method.id === "skin-unturned";
const crispLost = (job: Job, outcome: CookOutcome) =>
  isCrispMethod(job) && job.setup.piece.skin && outcome.firstCrustMm < CRISP_CRUST_MM - 1e-6;

/** A face browned for so long at 160 °C, or as much hotter for less, is black (estimate; brown at 45 s). */
const SCORCHED_S = 1500;

/** Refuses a crisp skin on a piece that is done before its skin has dried, and a face that burns before the middle is there. */
export function refusalOf(job: Job, outcome: CookOutcome, practice: PracticeFit | null): Refusal | null {
  const mm = Math.round(governingMm(job.setup.piece.shape));
  if (outcome.firstBrownS > SCORCHED_S) {
    const fitsMm = practice?.fitsMm ?? null;
    const fits = fitsMm === null ? [] : [`this way fits about ${Math.round(fitsMm)} mm from the same start`];
    const schools = job.method.schools.length > 1 ? ["another school: turn sooner, baste, less heat"] : [];
    return {
      why: `At ${mm} mm the first side burns before the middle is there.`,
      change: [...fits, ...schools, "temper it longer", "a cooler pan, or finish in the oven"],
    };
  }
  if (!crispLost(job, outcome)) return null;
  const dried = Math.round((100 * outcome.firstCrustMm) / CRISP_CRUST_MM);
  return {
    why: `At ${mm} mm the centre is there before the skin is crisp (${dried} % dried through).`,
    change: [
      "fold or pair the fillets to make them thicker",
      "start fridge-cold and dry the skin in moving air first",
      "a hotter pan, or a higher doneness",
      "take the skin off and flour it, or steam it: no crisp skin",
    ],
  };
}

/** Time as the only control: four hours (FDA Food Code 2022, 3-501.19(B); memory, high), min. */
const LONGEST_DANGER_MIN = 240;

/** Whether the rule against parasites has anything to ask of an animal that is not cooked through. */
const asksParasites = (species: Species): boolean =>
  species.hazards === null || carries(species, "parasites") === "yes";

/** What a cook must hear besides the plan: crowding, a sagging pan, sticking, smoke, weeping, parasites. */
export function adviceFor(
  job: Job,
  outcome: CookOutcome,
  heatS: number,
  dangerMin: number,
  meets: boolean,
): readonly string[] {
  const { request, setup, stages, method, kit } = job;
  const { piece } = setup;
  const warnings: string[] = [];
  const pan = stages.find(({ vessel }) => (vessel?.baseM2 ?? 0) > 0)?.vessel;
  if (pan) {
    const [face, , around] = facesM2(piece);
    // a round piece shades about its diameter's width
    const coveredM2 = (face > 0 ? face : around / Math.PI) * setup.pieces;
    const covered = coveredM2 / pan.baseM2;
    if (covered > STATION.crowdedShare) {
      const fit = Math.max(1, Math.floor((STATION.crowdedShare * pan.baseM2 * setup.pieces) / coveredM2));
      warnings.push(`The pan is crowded (${Math.round(covered * 100)} % of its base): cook ${fit} at a time.`);
    }
    if (
      pan.setC - outcome.lowestVesselC > 25 &&
      kit.panC === pan.setC &&
      method.id !== "skin-turned" &&
      method.id !== "herb-first"
    )
      warnings.push(
        `The pan falls to ${Math.round(outcome.lowestVesselC)} °C when the fish lands: fewer pieces or a heavier pan.`,
      );
    if (crispLost(job, outcome))
      warnings.push("The centre is there before the skin is crisp: a hotter pan, a colder piece, or a softer skin.");
    if (kit.panC < 150 && method.knobs.some(({ id }) => id === "panC"))
      warnings.push("Below about 150 °C fish sticks and does not brown.");
    if (kit.panC > 230) warnings.push("Above the smoke point of most oils (205-230 °C): watch for smoke and fire.");
  }
  if (piece.startC < 4 && piece.startC >= -1)
    warnings.push("Fridge-cold: take the chill off a few minutes for a more even piece.");
  if (piece.startC < -1)
    warnings.push("From frozen: most of the heat goes into the ice; the outside gets more than it would thawed.");
  const dropped = job.stages.some(({ until }, index) => until.by === "search" && outcome.seconds[index] === 0);
  if (dropped) warnings.push("Thin enough to finish off the heat: no oven needed, turn for a kiss only.");
  if (outcome.waterLossPct > 9 && (piece.group === "salmonid" || piece.group === "white-flake"))
    warnings.push("White protein will weep out: 10 min in 10 % brine first keeps most of it in.");
  if (piece.group === "squid" && !method.tender && outcome.peakC > 60)
    warnings.push("Past 60 °C squid is tough until it has braised: under 90 s, or the long way.");
  if (piece.group === "tuna" && bandAt("tuna", outcome.peakC).id === "translucent")
    warnings.push("Rare inside: only fish cleared for raw service, said on the menu.");
  const { species } = request;
  if (species.least && !method.warms && outcome.peakC < species.least.centreC - 0.5)
    warnings.push(`Not under ${species.least.centreC} °C: ${species.least.because}.`);
  if (!meets && asksParasites(species))
    warnings.push(
      `${RULE_SETS[request.ruleSetId].partCooked}: it asks the lot's freezing, exemption or papers, as raw does.`,
    );
  if (carries(species, "ciguatera") === "yes")
    warnings.push("Ciguatera: which waters, and how big? Heat does nothing to it.");
  if (carries(species, "gempylotoxin") === "yes")
    warnings.push("Oil that purges: drain what it gives, small portions, said to the guest.");
  if (dangerMin > LONGEST_DANGER_MIN)
    warnings.push(
      `${Math.round(dangerMin / 60)} h between 5 °C and 57 °C, tempering counted: more than the four hours allowed.`,
    );
  const { hotHold } = RULE_SETS[request.ruleSetId];
  if (outcome.peakC < hotHold.minC && heatS > 3600)
    warnings.push(`Not to be held hot: ${hotHold.minC} °C or above, or served at once.`);
  const salt = octopusSalt(job, outcome);
  if (salt !== null) warnings.push(salt);
  return [...warnings, ...method.cautions];
}

/** Salt taken up, % of the flesh: under it the plate is salted by hand, over it the piece is too salty (common practice; its own is about 0.6). */
const SEASONED_PCT = { from: 0.4, to: 1.1 } as const;
/** Middle of the flesh on its way from the simmer to hand-warm, °C. */
const COOLING_MEAN_C = 70;

/** What an octopus takes up of the salt in its water while it simmers and cools in it. */
function octopusSalt(job: Job, { seconds }: CookOutcome): string | null {
  const { method, request, kit, stages, school, setup } = job;
  const saltPct = school === null ? undefined : OCTOPUS_SALT_PCT[school];
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
      ? "salt the plate by hand"
      : taken <= SEASONED_PCT.to
        ? "seasoned through, taste before more"
        : "too salty: less salt in the water, or lift it out to cool";
  return `Takes up about ${taken.toFixed(1)} % of its weight in salt from its water, the hour of cooling counted: ${says}.`;
}
