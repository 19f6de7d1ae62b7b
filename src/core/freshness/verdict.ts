import { inCelsius, said, type Said } from "@/core/shared";
import { judgeReceiving, RULE_SETS, type Arrival, type RuleSetId } from "@/core/safety";
import { carries, familyOf, shortName, type Form, type Species } from "@/core/species";
import { lifeOnIceDays, readFreshness, type FreshnessReading, type Grades } from "./inspection";
import type { LotState } from "./life";
import type { Attribute, Grade, Scheme } from "./attribute";
import { decidingSigns, isReadyToEat, schemeFor } from "./scheme";

export type DoorVerdict = "accept" | "cook-only" | "refuse";

export type DoorFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly grades: Grades;
  readonly receiptC: number | null;
  readonly daysSinceCatch: number | null;
  readonly ruleSetId: RuleSetId;
  /** Comes frozen: hardness and pack are judged, not gloss and smell. */
  readonly frozen?: boolean;
  /** Live animals: how many of those looked at were dead or would not close. */
  readonly deaths?: { readonly dead: number; readonly counted: number } | null;
};

export type ReasonCode =
  | "banned-family"
  | "deciding-sign"
  | "last-grade"
  | "too-warm"
  | "warmer-than-ice"
  | "thawed"
  | "histamine"
  | "dead"
  | "points"
  | "past-ice-life"
  | "days-remark"
  | "reads-otherwise"
  | "treated-colour"
  | "not-raw"
  | "gempylotoxin"
  | "ciguatera"
  | "blood-toxin"
  | "tetramine"
  | "live-cooling"
  | "family-unknown";

export type Reason = {
  readonly weight: "decides" | "limits" | "notes";
  /** Absent in what was stored by the first releases. */
  readonly code?: ReasonCode;
  readonly text: Said;
  /** The rule or scheme behind it. */
  readonly source: string;
};

/** What still has to be looked at before the verdict is one. */
export type StillToLookAt =
  { readonly kind: "sign"; readonly attribute: Attribute } | { readonly kind: "celsius" } | { readonly kind: "deaths" };

export type DoorJudgement = {
  readonly verdict: DoorVerdict;
  readonly reasons: readonly Reason[];
  readonly reading: FreshnessReading;
  readonly lifeDays: number;
  /** Temperature taken, every deciding sign looked at, the dead counted where it is alive. */
  readonly complete: boolean;
  readonly stillToLookAt: readonly StillToLookAt[];
};

/** Shares of the maximum (station rule, common practice). */
const RAW_SHARE = 0.2;
const COOKED_SHARE = 0.45;
const REJECT_SHARE = 0.65;
const STATION_RULE = "station rule on the sum of points (common practice)";

const DEATH_RULE = "lot deaths: to 2 % as good as fresh, to 5 % good, to 10 % limited, above refuse (common practice)";

/** Over this share of dead ones no lot goes raw (common practice). */
export const RAW_DEAD_SHARE = 0.05;

/** Grade of a live lot by the share found dead, as the table of the trade prints it. */
export function deathGrade(dead: number, counted: number): Grade {
  const share = dead / counted;
  return share > 0.1 ? 3 : share > RAW_DEAD_SHARE ? 2 : share > 0.02 ? 1 : 0;
}

/** In what state it stands at the door, for the receiving rule. */
export const arrivalOf = (form: Form, frozen: boolean): Arrival =>
  frozen ? "frozen" : form === "live" ? "live" : "chilled";

/** How a lot lies when it has just come in; what came defrosted is thawed from that day. */
export const usualStateOf = (form: Form, frozen: boolean, defrosted = false): LotState =>
  frozen ? "frozen" : form === "live" ? "live" : defrosted ? "thawed" : "chilled";

/** Whole animals not alive: their catch date speaks against the table of ice life; after the knife it is a remark. */
const DATED: readonly Form[] = ["whole-ungutted", "whole-gutted", "headed-gutted", "raw-whole"];

const SEVERITY: Record<DoorVerdict, number> = { accept: 0, "cook-only": 1, refuse: 2 };

/** Collects reasons and keeps the severest verdict among them. */
class Ruling {
  verdict: DoorVerdict = "accept";
  readonly reasons: Reason[] = [];

  atLeast(next: DoorVerdict, code: ReasonCode, text: Said, source: string): void {
    if (SEVERITY[next] > SEVERITY[this.verdict]) this.verdict = next;
    this.reasons.push({ weight: next === "refuse" ? "decides" : "limits", code, text, source });
  }

  note(code: ReasonCode, text: Said, source: string): void {
    this.reasons.push({ weight: "notes", code, text, source });
  }
}

/** Accept, accept for cooking only, or refuse, with the reasons in the order a cook would say them. */
export function judgeAtDoor(facts: DoorFacts): DoorJudgement {
  const { species, form, grades, frozen = false } = facts;
  const scheme = schemeFor(species, form, frozen);
  const lifeDays = lifeOnIceDays(species, form);
  const reading = readFreshness(scheme, grades, lifeDays);
  const ruling = new Ruling();
  judgeFamily(ruling, facts);
  judgeSigns(ruling, scheme, facts);
  judgeTemperature(ruling, facts);
  judgeDeaths(ruling, facts);
  judgePoints(ruling, reading);
  judgeDays(ruling, facts, reading, lifeDays);
  noteHazards(ruling, facts);
  const { verdict, reasons } = ruling;
  if (verdict === "accept" && reading.graded > 0)
    reasons.unshift({
      weight: "decides",
      code: "points",
      text: said("freshness.readingOfThePointsAsGood", { reading: percentOf(reading) }),
      source: STATION_RULE,
    });
  const stillToLookAt = lacking(scheme, facts);
  return { verdict, reasons, reading, lifeDays, complete: stillToLookAt.length === 0, stillToLookAt };
}

const percentOf = ({ share }: FreshnessReading) => Math.round(share * 100);

function lacking(
  scheme: Scheme,
  { grades, receiptC, form, frozen = false, deaths = null }: DoorFacts,
): readonly StillToLookAt[] {
  const counted = deaths !== null && deaths.counted > 0;
  return [
    ...decidingSigns(scheme)
      .filter(({ id }) => grades[id] === undefined)
      .map((attribute) => ({ kind: "sign", attribute }) as const),
    ...(receiptC === null ? [{ kind: "celsius" } as const] : []),
    ...(arrivalOf(form, frozen) === "live" && !counted ? [{ kind: "deaths" } as const] : []),
  ];
}

function judgeFamily(ruling: Ruling, { species }: DoorFacts): void {
  const family = familyOf(species);
  if (family?.banned)
    ruling.atLeast(
      "refuse",
      "banned-family",
      said("freshness.englishBecauseNeverSoldNeverServed", { english: family.english, because: family.banned.because }),
      family.banned.source,
    );
}

/** The even bright pink of carbon monoxide or nitrite on tuna. */
const TINT = "tint";

function judgeSigns(ruling: Ruling, { attributes }: Scheme, { grades, ruleSetId, frozen = false }: DoorFacts): void {
  for (const attribute of attributes) {
    const grade = grades[attribute.id];
    if (grade === undefined) continue;
    const words = said("freshness.sign", { label: attribute.label, words: attribute.words[grade] });
    const treated = attribute.id === TINT && grade >= 2 && ruleSetId !== "fda-2022";
    if (grade === 3 && frozen && attribute.id === "hardness")
      ruling.atLeast("refuse", "thawed", words, "frozen goods are hard: thawed on the way goes back (every rule set)");
    else if (grade === 3 && attribute.decisive)
      ruling.atLeast(
        "refuse",
        attribute.id === TINT ? "treated-colour" : "deciding-sign",
        words,
        attribute.id === TINT
          ? "tuna treated with carbon monoxide or nitrite to hold its colour: not allowed in the EU and UK (Reg. (EC) 1333/2008; memory, medium); in the US only with its label (memory, medium)"
          : "this sign at its last grade refuses the lot alone (common practice)",
      );
    else if (treated)
      ruling.atLeast(
        "cook-only",
        "treated-colour",
        said("freshness.wordsATreatedColourIsNot", { words }),
        "Reg. (EC) 1333/2008: no colour treatment of fresh tuna (memory, medium)",
      );
    else if (grade === 3)
      ruling.atLeast(
        "cook-only",
        "last-grade",
        words,
        "one sign at its last grade is no plain accept (common practice)",
      );
    else if (grade === 2 && frozen && attribute.id === "hardness")
      ruling.atLeast(
        "cook-only",
        "thawed",
        said("freshness.wordsCookItToday", { words }),
        "beginning to thaw (common practice)",
      );
  }
}

function judgeTemperature(ruling: Ruling, { species, form, receiptC, ruleSetId, frozen = false }: DoorFacts): void {
  if (receiptC === null) return;
  const receiving = judgeReceiving(ruleSetId, species, receiptC, arrivalOf(form, frozen), form);
  const here = said("freshness.receiptAtTheDoor", { receipt: inCelsius(receiptC, 1) });
  const whose = receiving.by === "house" ? said("freshness.houseLimit") : "limit";
  const limit = receiving.limitC === null ? "" : inCelsius(receiving.limitC);
  if (receiving.thawed) {
    ruling.atLeast(
      "refuse",
      "thawed",
      said("freshness.hereWhoseLimitForFrozenIt", { here, whose, limit }),
      receiving.source,
    );
    if (receiving.histamine)
      ruling.atLeast("refuse", "histamine", said("freshness.hereAndThawedAFishThat", { here }), receiving.source);
  } else if (!receiving.ok) {
    const why = receiving.histamine
      ? said("freshness.aHistamineFormerHeatWillNot")
      : said("freshness.tooWarmToReceive");
    ruling.atLeast(
      "refuse",
      receiving.histamine ? "histamine" : "too-warm",
      said("freshness.hereWhoseLimitWhy", { here, whose, limit, why }),
      receiving.source,
    );
  } else if (receiving.noteAboveC !== null) {
    const ice =
      arrivalOf(form, frozen) === "frozen"
        ? said("freshness.frozenGoodsTravelAt")
        : said("freshness.freshFishStandsNearMeltingIce");
    ruling.note(
      "warmer-than-ice",
      said("freshness.hereIceNoteAboveTellTheSupplier", { here, ice, noteAbove: inCelsius(receiving.noteAboveC) }),
      receiving.source,
    );
  }
}

function judgeDeaths(ruling: Ruling, { deaths = null, species, form, ruleSetId }: DoorFacts): void {
  const { liveCooling } = RULE_SETS[ruleSetId].receiving;
  if (form === "live" && liveCooling && familyOf(species)?.group === "bivalve")
    ruling.note(
      "live-cooling",
      said("freshness.atToWithinWithinHOf", { to: inCelsius(liveCooling.toC), within: liveCooling.withinH }),
      liveCooling.source,
    );
  if (!deaths || deaths.counted === 0) return;
  const grade = deathGrade(deaths.dead, deaths.counted);
  const text = said("freshness.deadDeadOfCountedDead2", {
    dead: deaths.dead,
    counted: deaths.counted,
    dead2: Math.round((100 * deaths.dead) / deaths.counted),
  });
  if (grade === 3) ruling.atLeast("refuse", "dead", said("freshness.textOverATenthSendIt", { text }), DEATH_RULE);
  else if (grade === 2)
    ruling.atLeast("cook-only", "dead", said("freshness.textThrowThemOutCookThe", { text }), DEATH_RULE);
  else if (deaths.dead > 0) ruling.note("dead", said("freshness.textThrowThemOutNeverCook", { text }), DEATH_RULE);
}

function judgePoints(ruling: Ruling, reading: FreshnessReading): void {
  const named = reading.deciding.map(
    ({ attribute, grade }) => `${attribute.label.toLowerCase()} ${attribute.words[grade]}`,
  );
  const because = named.length > 0 ? said("freshness.because", { signs: named.slice(0, 2).join("; ") }) : "";
  const points = said("freshness.readingOfThePoints", { reading: percentOf(reading) });
  if (reading.share > REJECT_SHARE)
    ruling.atLeast("refuse", "points", said("freshness.pointsBecause", { points, because }), STATION_RULE);
  else if (reading.share > COOKED_SHARE)
    ruling.atLeast(
      "cook-only",
      "points",
      said("freshness.pointsCookItTodayBecause", { points, because }),
      STATION_RULE,
    );
  else if (reading.share > RAW_SHARE)
    ruling.atLeast("cook-only", "points", said("freshness.pointsNoRawUseBecause", { points, because }), STATION_RULE);
}

function judgeDays(ruling: Ruling, facts: DoorFacts, reading: FreshnessReading, lifeDays: number): void {
  const { form, frozen = false, daysSinceCatch } = facts;
  if (daysSinceCatch === null || frozen) return;
  const days = Math.floor(daysSinceCatch);
  if (DATED.includes(form) && daysSinceCatch > lifeDays)
    ruling.atLeast(
      "refuse",
      "past-ice-life",
      said("freshness.daysDaysFromCatchPastThe", { days, life: lifeDays }),
      "table of ice life (Huss 1995, memory)",
    );
  else if (!DATED.includes(form) && form !== "smoked" && daysSinceCatch > lifeDays)
    ruling.note(
      "days-remark",
      said("freshness.daysDaysFromCatchOrHarvest", { days }),
      "the table of ice life speaks of whole fish (common practice)",
    );
  if (reading.graded === 0 || !DATED.includes(form)) return;
  if (Math.abs(reading.impliedIceDays - daysSinceCatch) <= 2 * reading.spreadDays) return;
  const [reads, label] = [Math.round(reading.impliedIceDays), Math.round(daysSinceCatch)];
  ruling.note(
    "reads-otherwise",
    said("freshness.readsLikeReadsDaysOnIce", { reads, label }),
    "points against the stated catch date",
  );
}

const GUIDE = "FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022";

function noteHazards(ruling: Ruling, { species, form, ruleSetId }: DoorFacts): void {
  if (ruling.verdict === "refuse") return;
  if (!isReadyToEat(form) && (species.rawUse === "none" || species.rawUse === "cured-only"))
    ruling.note(
      "not-raw",
      species.rawUse === "none"
        ? said("freshness.speciesIsNotForRawPlates", { species: shortName(species) })
        : said("freshness.speciesIsForCuringNotFor", { species: shortName(species) }),
      "common practice",
    );
  if (species.hazards === null)
    ruling.note("family-unknown", said("freshness.itsFamilyIsNotKnownHere"), "species entered by the house");
  if (carries(species, "gempylotoxin") === "yes")
    ruling.note(
      "gempylotoxin",
      ruleSetId === "fda-2022"
        ? said("freshness.oilThatPurgesSmallPortionsTold")
        : said("freshness.oilThatPurgesOnlyPackedAnd"),
      ruleSetId === "fda-2022"
        ? `${GUIDE}, ch. 6 (memory, medium)`
        : "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. V, E (memory, high)",
    );
  if (carries(species, "ciguatera") === "yes")
    ruling.note("ciguatera", said("freshness.aReefFishWhichWatersAnd"), `${GUIDE}, ch. 6 (memory, high)`);
  if (carries(species, "blood-toxin") === "yes")
    ruling.note("blood-toxin", said("freshness.itsRawBloodIsPoisonousGloves"), "common practice, high");
  if (carries(species, "tetramine") === "yes")
    ruling.note("tetramine", said("freshness.salivaryGlandsOutBeforeItIs"), "tetramine in whelks (memory, medium)");
}
