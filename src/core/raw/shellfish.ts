import type { RuleSetId } from "@/core/safety";
import type { Check } from "./clearance";

export type ShellfishFacts = {
  /** live, or opened at `openedAtMs`. */
  readonly live: boolean;
  readonly openedAtMs: number | null;
  /** Scallop: the bare muscle, gut and skirt off. */
  readonly muscleOnly: boolean;
  readonly deaths: { readonly dead: number; readonly counted: number } | null;
  readonly tag: { readonly certificate: string; readonly harvestedOn: string } | null;
  /** From waters that may go straight to the table, or purified (certified dealer). */
  readonly tableWater: boolean;
  /** Water at harvest, where the tag or dealer says it. */
  readonly waterC: number | null;
  readonly harvestMonth: number | null;
  readonly nowMs: number;
};

/** Shucked, on ice: opened to order with its gut; a scallop's bare muscle keeps until the next day (common practice, medium). */
const SHUCKED_HOURS = { whole: 2, muscle: 24 } as const;

/** Water in which Vibrio multiplies: V. parahaemolyticus from about 15.6 °C (60 °F), V. vulnificus from about 21 °C (memory, medium). */
const VIBRIO_C = { care: 15.6, stop: 21 } as const;
const VIBRIO_PLANS = "US model ordinance for molluscan shellfish, Vibrio control plans (memory, medium)";
const vibrioSource = (ruleSetId: RuleSetId) =>
  ruleSetId === "fda-2022" ? VIBRIO_PLANS : `no figure in the law of this rule set; taken from the ${VIBRIO_PLANS}`;
const WARM_MONTHS = [5, 6, 7, 8, 9, 10];

/** Share of dead or gaping ones above which the bag goes back (common practice, medium). */
const DEAD_SHARE = 0.1;

/** What a live bivalve must show before it is opened raw. */
export function shellfishChecks(facts: ShellfishFacts, ruleSetId: RuleSetId): readonly Check[] {
  return [aliveCheck(facts), tagCheck(facts, ruleSetId), waterCheck(facts, ruleSetId), vibrioCheck(facts, ruleSetId)];
}

function aliveCheck({ live, openedAtMs, muscleOnly, deaths, nowMs }: ShellfishFacts): Check {
  const say = (state: Check["state"], text: string): Check => ({
    id: "alive",
    label: "Alive until opened",
    state,
    text,
    source: "common practice",
  });
  if (!live) {
    if (openedAtMs === null) return say("missing", "when was it opened?");
    const hours = (nowMs - openedAtMs) / 3_600_000;
    const limitH = muscleOnly ? SHUCKED_HOURS.muscle : SHUCKED_HOURS.whole;
    return hours <= limitH
      ? say("met", `opened ${Math.round(hours * 60)} min ago; ${limitH} h on ice at most`)
      : say("fails", `opened ${hours.toFixed(1)} h ago: cook it`);
  }
  if (!deaths || deaths.counted === 0) return say("missing", "tap a count of them: how many gape and stay open?");
  return deaths.dead / deaths.counted > DEAD_SHARE
    ? say("fails", `${deaths.dead} of ${deaths.counted} dead`)
    : say("met", `${deaths.dead} of ${deaths.counted} dead; each one tapped again as it is opened`);
}

function tagCheck({ tag }: ShellfishFacts, ruleSetId: RuleSetId): Check {
  const source =
    ruleSetId === "fda-2022"
      ? "FDA Food Code 2022, 3-202.18, 3-203.12 (memory, high)"
      : "Reg. (EC) 853/2004, Annex III, Sec. VII, Ch. VII (memory, high)";
  return tag
    ? {
        id: "tag",
        label: "Tag",
        state: "met",
        text: `${tag.certificate}, harvested ${tag.harvestedOn}; kept with the lot`,
        source,
      }
    : {
        id: "tag",
        label: "Tag",
        state: "missing",
        text: "no tag or label: not raw, and not from a private gatherer",
        source,
      };
}

function waterCheck({ tableWater }: ShellfishFacts, ruleSetId: RuleSetId): Check {
  const source =
    ruleSetId === "fda-2022"
      ? "FDA Food Code 2022, 3-201.15: dealers on the certified list (memory, high)"
      : "Reg. (EU) 2019/627, Art. 53-55: class A, or purified (memory, high)";
  return tableWater
    ? { id: "water", label: "Waters", state: "met", text: "a certified dealer: may go straight to the table", source }
    : { id: "water", label: "Waters", state: "missing", text: "no certified dealer or class A on its papers", source };
}

function vibrioCheck({ waterC, harvestMonth }: ShellfishFacts, ruleSetId: RuleSetId): Check {
  const say = (state: Check["state"], text: string): Check => ({
    id: "vibrio",
    label: "Warm water",
    state,
    text,
    source: vibrioSource(ruleSetId),
  });
  if (waterC !== null) {
    if (waterC >= VIBRIO_C.stop) return say("fails", `water of ${waterC.toFixed(0)} °C at harvest: Vibrio, cook them`);
    if (waterC >= VIBRIO_C.care)
      return say(
        "met",
        `water of ${waterC.toFixed(0)} °C: Vibrio possible; cold without a break, none for guests at risk`,
      );
    return say("met", `water of ${waterC.toFixed(0)} °C at harvest`);
  }
  if (harvestMonth === null) return say("missing", "harvest date or water temperature: warm water carries Vibrio");
  return WARM_MONTHS.includes(harvestMonth)
    ? say("missing", "harvested in a warm month: ask the dealer for the water temperature")
    : say("met", "harvested in a cold month: mind norovirus instead");
}
