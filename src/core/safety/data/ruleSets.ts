import { cite, citedPlace, type RuleSetId } from "../ruling";
import { FOOD_CODE } from "./editions";
import { RULINGS, type QuestionId } from "./rulings";

/** A core temperature to hold everywhere in the piece. */
export type CookRule = { readonly atC: number; readonly seconds: number };

export type CookingRules = {
  readonly anyOf: readonly CookRule[];
  readonly purpose: string;
  readonly section: string;
  /** law: the text or its guidance names the figure; plan: the law has none and the house's own plan must set it. */
  readonly figure: "law" | "plan";
};

export type { RuleSetId };

/** A limit at the door: who sets it, and from where on it is only remarked on. */
export type DoorLimit = {
  /** Above it refused; null: no figure, the hand decides. */
  readonly refuseAboveC: number | null;
  readonly by: "law" | "house";
  /** Above it said, not refused; null: nothing is. */
  readonly noteAboveC: number | null;
  readonly source: string;
};

export type RuleSet = {
  readonly label: string;
  /** Rule and edition, as every verdict names it. */
  readonly edition: string;
  readonly receiving: {
    /** Fresh and thawed fish and shellfish, not alive. */
    readonly fresh: DoorLimit;
    /** Chilled food that is not fresh fish: cooked, picked, smoked. */
    readonly prepared: DoorLimit;
    /** Where the fish can form histamine. */
    readonly histamine: DoorLimit;
    /** Live animals, air or animal. */
    readonly live: DoorLimit;
    /** Bivalves that came in warmer than cold holding: to be at `toC` within so many hours; null: no figure. */
    readonly liveCooling: { readonly toC: number; readonly withinH: number; readonly source: string } | null;
    readonly frozen: DoorLimit;
  };
  /** Cold holding: what a chilled place and a freezer may read at most. */
  readonly holding: { readonly chilledMaxC: number; readonly frozenMaxC: number; readonly source: string };
  /** Any one of these meets the rule; the first is the one usually named. */
  readonly cooking: CookingRules;
  /** Stricter ones for stuffed fish; null: the text makes no difference. */
  readonly stuffed: CookingRules | null;
  /** For minced and shaped fish; null: the text makes no difference. */
  readonly comminuted: CookingRules | null;
  /** Cooked in a bag in a bath; null: the text makes no difference. */
  readonly bath: CookingRules | null;
  /** Crustaceans, bivalves, snails and urchins, where the rule for fish speaks of parasites only; null: the text makes no difference. */
  readonly shellfish: CookingRules | null;
  /** Bivalves where norovirus or the class of their waters is the reason. */
  readonly virus: CookingRules;
  /** Kept hot at or above, °C; minutes it may be below before it has to be eaten or thrown away. */
  readonly hotHold: {
    readonly minC: number;
    readonly source: string;
    readonly belowMin: number;
    /** Once below, a second spell is not allowed however short the first was. */
    readonly onceOnly: boolean;
    readonly belowSource: string;
  };
  readonly underAdvice: string;
  /** Under its cooking rule fish served hot is still under the parasite rule: the clause. */
  readonly partCooked: string;
  /** Where guests are susceptible: what is not served to them, and the clause. */
  readonly susceptible: { readonly because: string; readonly source: string };
};

/** One line of the table of rules, as verdicts show it. */
const told = (ruleSetId: RuleSetId, question: QuestionId) => cite(RULINGS[ruleSetId][question]);
const placed = (ruleSetId: RuleSetId, question: QuestionId) => citedPlace(RULINGS[ruleSetId][question]);

/** At the surface, °C: what was frozen and is warmer has thawed (ours; measured fish begins to freeze near -1 °C). */
export const THAWED_C = -2;

/** Norovirus and hepatitis A, and waters of class B or C: the meat at 90 °C for 90 s. */
const virusCook = (ruleSetId: RuleSetId): CookingRules => ({
  anyOf: [{ atC: 90, seconds: 90 }],
  purpose: "bivalves against norovirus, or from waters of class B or C",
  section: told(ruleSetId, "cook-virus"),
  figure: "law",
});

/** Minutes as good as 70 °C for 2 min; taken where a law has no figure of its own. */
const SEVENTY_FOR_TWO: readonly CookRule[] = [
  { atC: 70, seconds: 120 },
  { atC: 75, seconds: 30 },
  { atC: 80, seconds: 6 },
  { atC: 65, seconds: 600 },
  { atC: 60, seconds: 2700 },
];
const noEuFigure = (
  purpose: string,
  question: "cook-stuffed" | "cook-comminuted" | "cook-bath" | "cook-shellfish",
): CookingRules => ({
  anyOf: SEVENTY_FOR_TWO,
  purpose,
  section: told("eu-853", question),
  figure: "plan",
});

/** Celsius as printed beside the legal Fahrenheit. Every figure is recalled (`memory`) with the confidence given in its source. */
export const RULE_SETS: Readonly<Record<RuleSetId, RuleSet>> = {
  "fda-2022": {
    label: "US model code",
    edition: FOOD_CODE,
    receiving: {
      fresh: {
        refuseAboveC: 5,
        by: "law",
        noteAboveC: null,
        source: told("fda-2022", "receive-fresh"),
      },
      prepared: {
        refuseAboveC: 5,
        by: "law",
        noteAboveC: null,
        source: told("fda-2022", "receive-prepared"),
      },
      histamine: {
        refuseAboveC: 4.4,
        by: "law",
        noteAboveC: null,
        source: told("fda-2022", "receive-histamine"),
      },
      live: {
        refuseAboveC: 10,
        by: "law",
        noteAboveC: null,
        source: told("fda-2022", "receive-live"),
      },
      liveCooling: {
        toC: 5,
        withinH: 4,
        source: told("fda-2022", "live-cooling"),
      },
      frozen: {
        refuseAboveC: THAWED_C,
        by: "house",
        noteAboveC: -18,
        source: told("fda-2022", "receive-frozen"),
      },
    },
    holding: {
      chilledMaxC: 5,
      frozenMaxC: -18,
      source: told("fda-2022", "hold-chilled"),
    },
    cooking: {
      anyOf: [{ atC: 63, seconds: 15 }],
      purpose: "fish, cooked through",
      section: placed("fda-2022", "cook"),
      figure: "law",
    },
    stuffed: {
      // 165 °F is 73.9 °C; the printed 74 must not fail it
      anyOf: [{ atC: 73.9, seconds: 0 }],
      purpose: "stuffed fish, at once",
      section: placed("fda-2022", "cook-stuffed"),
      figure: "law",
    },
    comminuted: {
      // 155 °F is 68.3 °C; printed 68, as 150 °F is printed 66 and 145 °F 63
      anyOf: [
        { atC: 68, seconds: 17 },
        { atC: 66, seconds: 60 },
        { atC: 63, seconds: 180 },
        { atC: 70, seconds: 1 },
      ],
      purpose: "comminuted fish",
      section: placed("fda-2022", "cook-comminuted"),
      figure: "law",
    },
    bath: null,
    shellfish: null,
    virus: virusCook("fda-2022"),
    hotHold: {
      minC: 57,
      source: told("fda-2022", "hot-hold"),
      belowMin: 240,
      onceOnly: false,
      belowSource: told("fda-2022", "hot-hold-below"),
    },
    underAdvice:
      "Below the code's cooking value: serve to order only, with the consumer advisory on the menu (3-603.11), never to highly susceptible guests (3-801.11).",
    partCooked: told("fda-2022", "part-cooked"),
    susceptible: {
      because: "a house that serves a highly susceptible population: no raw or under-cooked fish, no raw shellfish",
      source: told("fda-2022", "susceptible"),
    },
  },
  "eu-853": {
    label: "European Union",
    edition: "Reg. (EC) 853/2004, as amended",
    receiving: {
      fresh: {
        // "approaching that of melting ice" reads as 0-2 °C; inspectors commonly accept up to 4
        refuseAboveC: 4,
        by: "house",
        noteAboveC: 2,
        source: told("eu-853", "receive-fresh"),
      },
      prepared: {
        refuseAboveC: 4,
        by: "house",
        noteAboveC: 2,
        source: told("eu-853", "receive-prepared"),
      },
      histamine: {
        refuseAboveC: 4,
        by: "house",
        noteAboveC: 2,
        source: told("eu-853", "receive-histamine"),
      },
      live: {
        refuseAboveC: 10,
        by: "house",
        noteAboveC: null,
        source: told("eu-853", "receive-live"),
      },
      liveCooling: null,
      frozen: {
        refuseAboveC: -15,
        by: "law",
        noteAboveC: -18,
        source: told("eu-853", "receive-frozen"),
      },
    },
    holding: {
      chilledMaxC: 4,
      frozenMaxC: -18,
      source: told("eu-853", "hold-chilled"),
    },
    cooking: {
      anyOf: [{ atC: 60, seconds: 60 }],
      purpose: "kills parasites, so that no freezing is needed",
      section: placed("eu-853", "cook"),
      figure: "law",
    },
    stuffed: noEuFigure("stuffed fish", "cook-stuffed"),
    comminuted: noEuFigure("minced and shaped fish", "cook-comminuted"),
    bath: noEuFigure("fish cooked in a bag", "cook-bath"),
    shellfish: noEuFigure("shellfish", "cook-shellfish"),
    virus: virusCook("eu-853"),
    hotHold: {
      minC: 63,
      source: told("eu-853", "hot-hold"),
      belowMin: 120,
      onceOnly: false,
      belowSource: told("eu-853", "hot-hold-below"),
    },
    underAdvice:
      "Below the value that kills parasites: only fish frozen as the rule asks, or exempt from it; say on the menu that it is served under-cooked.",
    partCooked: told("eu-853", "part-cooked"),
    susceptible: {
      because: "guests who are young, old, pregnant or ill: no raw or under-cooked fish, no raw shellfish",
      source: told("eu-853", "susceptible"),
    },
  },
  "uk-2013": {
    label: "United Kingdom (England)",
    edition: "Food Safety and Hygiene (England) Regulations 2013, with Food Standards Agency guidance",
    receiving: {
      fresh: {
        refuseAboveC: 5,
        by: "house",
        noteAboveC: 2,
        source: told("uk-2013", "receive-fresh"),
      },
      prepared: {
        refuseAboveC: 8,
        by: "law",
        noteAboveC: 5,
        source: told("uk-2013", "receive-prepared"),
      },
      histamine: {
        refuseAboveC: 5,
        by: "house",
        noteAboveC: 2,
        source: told("uk-2013", "receive-histamine"),
      },
      live: {
        refuseAboveC: 10,
        by: "house",
        noteAboveC: null,
        source: told("uk-2013", "receive-live"),
      },
      liveCooling: null,
      frozen: {
        refuseAboveC: -15,
        by: "law",
        noteAboveC: -18,
        source: told("uk-2013", "receive-frozen"),
      },
    },
    holding: {
      chilledMaxC: 8,
      frozenMaxC: -18,
      source: told("uk-2013", "hold-chilled"),
    },
    cooking: {
      anyOf: SEVENTY_FOR_TWO,
      purpose: "core equivalents",
      section: placed("uk-2013", "cook"),
      figure: "law",
    },
    stuffed: null,
    comminuted: null,
    bath: null,
    shellfish: null,
    virus: virusCook("uk-2013"),
    hotHold: {
      minC: 63,
      source: told("uk-2013", "hot-hold"),
      belowMin: 120,
      onceOnly: true,
      belowSource: told("uk-2013", "hot-hold-below"),
    },
    underAdvice:
      "Below the guidance: the house's own written food-safety plan must allow it; say on the menu that it is served under-cooked, and keep it from vulnerable guests.",
    partCooked: told("uk-2013", "part-cooked"),
    susceptible: {
      because: "guests who are young, old, pregnant or ill: no raw or under-cooked fish, no raw shellfish",
      source: told("uk-2013", "susceptible"),
    },
  },
};

export const RULE_SET_IDS = Object.keys(RULE_SETS) as [RuleSetId, ...RuleSetId[]];
