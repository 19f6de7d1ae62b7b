import { judgeReceiving, type Arrival, type RuleSetId } from "@/core/safety";
import { shortName, type Species } from "@/core/species";
import { lifeOnIceDays, readFreshness, type FreshnessReading, type Grades } from "./inspection";
import type { LotState } from "./life";
import { isReadyToEat, schemeFor, type Form, type Grade } from "./scheme";

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

export type Reason = {
  readonly weight: "decides" | "limits" | "notes";
  readonly text: string;
  /** The rule or scheme behind it. */
  readonly source: string;
};

export type DoorJudgement = {
  readonly verdict: DoorVerdict;
  readonly reasons: readonly Reason[];
  readonly reading: FreshnessReading;
  readonly lifeDays: number;
  /** Nothing graded or no temperature yet: the verdict is not final. */
  readonly complete: boolean;
};

/** Shares of the maximum (station rule, common practice). */
const RAW_SHARE = 0.2;
const COOKED_SHARE = 0.45;
const REJECT_SHARE = 0.65;
const STATION_RULE = "station rule on the sum of points (common practice)";

const DEATH_RULE = "lot deaths: to 2 % as good as fresh, to 5 % good, to 10 % limited, above refuse (common practice)";

/** Grade of a live lot by the share found dead, as the table of the trade prints it. */
export function deathGrade(dead: number, counted: number): Grade {
  const share = dead / counted;
  return share > 0.1 ? 3 : share > 0.05 ? 2 : share > 0.02 ? 1 : 0;
}

/** In what state it stands at the door, for the receiving rule. */
export const arrivalOf = (form: Form, frozen: boolean): Arrival =>
  frozen ? "frozen" : form === "live" ? "live" : "chilled";

/** How a lot lies when it has just come in. */
export const usualStateOf = (form: Form, frozen: boolean): LotState =>
  frozen ? "frozen" : form === "live" ? "live" : "chilled";

const severity: Record<DoorVerdict, number> = { accept: 0, "cook-only": 1, refuse: 2 };

/** Accept, accept for cooking only, or refuse, with the reasons in the order a cook would say them. */
export function judgeAtDoor(facts: DoorFacts): DoorJudgement {
  const { species, form, grades, receiptC, daysSinceCatch, ruleSetId, frozen = false, deaths = null } = facts;
  const scheme = schemeFor(species.group, form, frozen);
  const lifeDays = lifeOnIceDays(species, form);
  const reading = readFreshness(scheme, grades, lifeDays);
  const reasons: Reason[] = [];
  let verdict: DoorVerdict = "accept";
  const atLeast = (next: DoorVerdict, text: string, source: string) => {
    if (severity[next] > severity[verdict]) verdict = next;
    reasons.push({ weight: next === "refuse" ? "decides" : "limits", text, source });
  };

  for (const { attribute } of reading.deciding.filter(
    ({ attribute: { decisive }, grade }) => decisive && grade === 3,
  )) {
    atLeast(
      "refuse",
      `${attribute.label}: ${attribute.words[3]}`,
      "smell or gill at the last grade refuses the lot (common practice)",
    );
  }
  if (receiptC !== null) {
    const receiving = judgeReceiving(ruleSetId, species, receiptC, arrivalOf(form, frozen));
    if (!receiving.ok) {
      const why = receiving.histamine ? "a histamine former: heat will not undo it" : "too warm to receive";
      atLeast(
        "refuse",
        `${receiptC.toFixed(1)} °C at the door, limit ${receiving.limitC} °C, ${why}`,
        receiving.source,
      );
    }
  }
  if (deaths && deaths.counted > 0) {
    const grade = deathGrade(deaths.dead, deaths.counted);
    const text = `${deaths.dead} dead of ${deaths.counted} (${Math.round((100 * deaths.dead) / deaths.counted)} %)`;
    if (grade === 3) atLeast("refuse", `${text}: over a tenth, send it back`, DEATH_RULE);
    else if (grade === 2) atLeast("cook-only", `${text}: throw them out, cook the rest today`, DEATH_RULE);
    else if (deaths.dead > 0)
      reasons.push({ weight: "notes", text: `${text}: throw them out, never cook a dead one`, source: DEATH_RULE });
  }
  const percent = Math.round(reading.share * 100);
  const named = reading.deciding.map(
    ({ attribute, grade }) => `${attribute.label.toLowerCase()} ${attribute.words[grade]}`,
  );
  const because = named.length > 0 ? `: ${named.slice(0, 2).join("; ")}` : "";
  if (reading.share > REJECT_SHARE) atLeast("refuse", `${percent} % of the points${because}`, STATION_RULE);
  else if (reading.share > COOKED_SHARE)
    atLeast("cook-only", `${percent} % of the points, cook it today${because}`, STATION_RULE);
  else if (reading.share > RAW_SHARE)
    atLeast("cook-only", `${percent} % of the points, no raw use${because}`, STATION_RULE);
  if (!frozen && form !== "smoked" && daysSinceCatch !== null && daysSinceCatch > lifeDays) {
    atLeast(
      "refuse",
      `${Math.floor(daysSinceCatch)} days from catch, past the ${lifeDays} days it keeps`,
      "table of ice life (Huss 1995, memory)",
    );
  }
  if (verdict === "accept" && !isReadyToEat(form) && (species.rawUse === "none" || species.rawUse === "cured-only")) {
    reasons.push({ weight: "notes", text: `${shortName(species)} is not for raw plates`, source: "common practice" });
  }
  if (
    daysSinceCatch !== null &&
    !frozen &&
    reading.graded > 0 &&
    Math.abs(reading.impliedIceDays - daysSinceCatch) > 2 * reading.spreadDays
  ) {
    const [reads, label] = [Math.round(reading.impliedIceDays), Math.round(daysSinceCatch)];
    reasons.push({
      weight: "notes",
      text: `Reads like ${reads} days on ice, label says ${label}: ask the supplier`,
      source: "points against the stated catch date",
    });
  }
  if (verdict === "accept" && reading.graded > 0) {
    reasons.unshift({
      weight: "decides",
      text: `${percent} % of the points: as good as the day allows`,
      source: STATION_RULE,
    });
  }
  return { verdict, reasons, reading, lifeDays, complete: reading.graded > 0 && receiptC !== null };
}
