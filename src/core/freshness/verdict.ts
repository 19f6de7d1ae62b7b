import { judgeReceiving, type RuleSetId } from "@/core/safety";
import type { Species } from "@/core/species";
import { lifeOnIceDays, readFreshness, type FreshnessReading, type Grades } from "./inspection";
import { schemeFor, type Form } from "./scheme";

export type DoorVerdict = "accept" | "cook-only" | "refuse";

export type DoorFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly grades: Grades;
  readonly receiptC: number | null;
  readonly daysSinceCatch: number | null;
  readonly ruleSetId: RuleSetId;
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

const severity: Record<DoorVerdict, number> = { accept: 0, "cook-only": 1, refuse: 2 };

/** Accept, accept for cooking only, or refuse, with the reasons in the order a cook would say them. */
export function judgeAtDoor(facts: DoorFacts): DoorJudgement {
  const { species, form, grades, receiptC, daysSinceCatch, ruleSetId } = facts;
  const scheme = schemeFor(species.group, form);
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
    const receiving = judgeReceiving(ruleSetId, species, receiptC);
    if (!receiving.ok) {
      const why = receiving.histamine ? "a histamine former: heat will not undo it" : "too warm to receive";
      atLeast(
        "refuse",
        `${receiptC.toFixed(1)} °C at the door, limit ${receiving.limitC} °C, ${why}`,
        receiving.source,
      );
    }
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
  if (daysSinceCatch !== null && daysSinceCatch > lifeDays) {
    atLeast(
      "refuse",
      `${Math.floor(daysSinceCatch)} days from catch, past the ${lifeDays} days it keeps`,
      "table of ice life (Huss 1995, memory)",
    );
  }
  if (verdict === "accept" && (species.rawUse === "none" || species.rawUse === "cured-only")) {
    reasons.push({ weight: "notes", text: `${species.name} is not a fish for raw plates`, source: "common practice" });
  }
  if (
    daysSinceCatch !== null &&
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
