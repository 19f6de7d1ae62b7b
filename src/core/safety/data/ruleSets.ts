/** A core temperature to hold everywhere in the piece. */
export type CookRule = { readonly atC: number; readonly seconds: number };

export type CookingRules = { readonly anyOf: readonly CookRule[]; readonly purpose: string; readonly section: string };

export type RuleSetId = "fda-2022" | "eu-853" | "uk-2013";

export type RuleSet = {
  readonly label: string;
  /** Rule and edition, as every verdict names it. */
  readonly edition: string;
  readonly receiving: {
    readonly chilledMaxC: number;
    readonly source: string;
    /** Stricter where the fish can form histamine. */
    readonly histamineMaxC: number;
    readonly histamineSource: string;
    /** Live animals, air or animal; null: the text names no figure. */
    readonly live: { readonly maxC: number | null; readonly source: string };
    readonly frozen: { readonly maxC: number | null; readonly source: string };
  };
  /** Cold holding: what a chilled place and a freezer may read at most. */
  readonly holding: { readonly chilledMaxC: number; readonly frozenMaxC: number; readonly source: string };
  /** Any one of these meets the rule; the first is the one usually named. */
  readonly cooking: CookingRules;
  /** Stricter ones for stuffed fish; null: the text makes no difference. */
  readonly stuffed: CookingRules | null;
  /** For minced and shaped fish; null: the text makes no difference. */
  readonly comminuted: CookingRules | null;
  /** Kept hot at or above, °C; minutes it may be below before it has to be eaten or thrown away. */
  readonly hotHold: {
    readonly minC: number;
    readonly source: string;
    readonly belowMin: number;
    readonly belowSource: string;
  };
  readonly underAdvice: string;
};

const HISTAMINE_GUIDE = "FDA Fish and Fishery Products Hazards and Controls Guidance, 4th ed., ch. 7 (memory, high)";

/** Celsius as printed beside the legal Fahrenheit. Every figure is recalled (`memory`) with the confidence given in its source. */
export const RULE_SETS: Readonly<Record<RuleSetId, RuleSet>> = {
  "fda-2022": {
    label: "US model code",
    edition: "FDA Food Code 2022",
    receiving: {
      chilledMaxC: 5,
      source: "FDA Food Code 2022, 3-202.11(A): 5 °C (41 °F) or below (memory, high)",
      histamineMaxC: 4.4,
      histamineSource: `${HISTAMINE_GUIDE}: 4.4 °C (40 °F) or below at delivery`,
      live: {
        maxC: 10,
        source:
          "FDA Food Code 2022, 3-202.11(B) with the model ordinance: animals at 10 °C or below, or truck air at 7 °C (memory, medium)",
      },
      frozen: {
        maxC: null,
        source: "FDA Food Code 2022, 3-202.11(E),(F): hard frozen, no sign of thawing (memory, high)",
      },
    },
    holding: {
      chilledMaxC: 5,
      frozenMaxC: -18,
      source: "FDA Food Code 2022, 3-501.16(A)(2): 5 °C or below (memory, high); freezers -18 °C common practice",
    },
    cooking: {
      anyOf: [{ atC: 63, seconds: 15 }],
      purpose: "fish, cooked through",
      section: "3-401.11(A)(1)",
    },
    stuffed: {
      // 165 °F is 73.9 °C; the printed 74 must not fail it
      anyOf: [{ atC: 73.9, seconds: 0 }],
      purpose: "stuffed fish, at once",
      section: "3-401.11(A)(3)",
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
      section: "3-401.11(A)(2) (memory, high)",
    },
    hotHold: {
      minC: 57,
      source: "FDA Food Code 2022, 3-501.16(A)(1): 57 °C (135 °F) or above (memory, high)",
      belowMin: 240,
      belowSource: "3-501.19(B): time as the only control, 4 h, with a written procedure on site (memory, high)",
    },
    underAdvice:
      "Below the code's cooking value: serve to order only, with the consumer advisory on the menu (3-603.11), never to highly susceptible guests (3-801.11).",
  },
  "eu-853": {
    label: "European Union",
    edition: "Reg. (EC) 853/2004, as amended",
    receiving: {
      // the text says "approaching melting ice"; read as 0-2 °C, inspectors commonly accept up to 4 °C
      chilledMaxC: 4,
      source:
        "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII: approaching the temperature of melting ice (text: memory, high; the 4 °C reading: memory, medium)",
      histamineMaxC: 4,
      histamineSource:
        "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII, and Reg. (EC) 2073/2005, 1.26 on histamine (memory, high; the 4 °C reading medium)",
      live: {
        maxC: 10,
        source:
          "Reg. (EC) 853/2004, Annex III, Sec. VII: a temperature that does not harm them, no figure; 10 °C common practice",
      },
      frozen: {
        maxC: -15,
        source:
          "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII, VIII: -18 °C throughout, short rises of 3 °C in transport (memory, high)",
      },
    },
    holding: {
      chilledMaxC: 4,
      frozenMaxC: -18,
      source:
        "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII: near melting ice, read as up to 4 °C (memory, medium); frozen -18 °C (memory, high)",
    },
    cooking: {
      anyOf: [{ atC: 60, seconds: 60 }],
      purpose: "kills parasites, so that no freezing is needed",
      section: "Annex III, Sec. VIII, Ch. III D.3(a)",
    },
    stuffed: null,
    comminuted: null,
    hotHold: {
      minC: 63,
      source: "no figure in the Union text; 63 °C common practice, 60 °C in some member states",
      belowMin: 120,
      belowSource:
        "Reg. (EC) 852/2004, Annex II, Ch. IX, 5: limited periods, no figure; 2 h common practice (text: memory, medium)",
    },
    underAdvice:
      "Below the value that kills parasites: only fish frozen as the rule asks, or exempt from it; say on the menu that it is served under-cooked.",
  },
  "uk-2013": {
    label: "United Kingdom",
    edition: "Food Safety and Hygiene (England) Regulations 2013, with Food Standards Agency guidance",
    receiving: {
      chilledMaxC: 8,
      source: "Sch. 4: 8 °C or below by law, 5 °C the usual target (memory, high)",
      histamineMaxC: 5,
      histamineSource: "5 °C target for fish that can form histamine (common practice); the law's limit is 8 °C",
      live: { maxC: 10, source: "no figure in the text; 10 °C common practice" },
      frozen: {
        maxC: -15,
        source: "Reg. (EC) 853/2004 as kept in UK law: -18 °C, short rises of 3 °C in transport (memory, high)",
      },
    },
    holding: {
      chilledMaxC: 8,
      frozenMaxC: -18,
      source:
        "Food Safety and Hygiene (England) Regulations 2013, Sch. 4: 8 °C or below (memory, high); frozen -18 °C (memory, high)",
    },
    cooking: {
      anyOf: [
        { atC: 70, seconds: 120 },
        { atC: 75, seconds: 30 },
        { atC: 80, seconds: 6 },
        { atC: 65, seconds: 600 },
        { atC: 60, seconds: 2700 },
      ],
      purpose: "core equivalents",
      section: "Food Standards Agency, small-caterer guidance (memory, high)",
    },
    stuffed: null,
    comminuted: null,
    hotHold: {
      minC: 63,
      source: "Food Safety and Hygiene (England) Regulations 2013, Sch. 4: 63 °C or above (memory, high)",
      belowMin: 120,
      belowSource: "Sch. 4: one spell of up to 2 h below it, for service or display (memory, high)",
    },
    underAdvice:
      "Below the guidance: the house's own written food-safety plan must allow it; say on the menu that it is served under-cooked, and keep it from vulnerable guests.",
  },
};

export const RULE_SET_IDS = Object.keys(RULE_SETS) as [RuleSetId, ...RuleSetId[]];
