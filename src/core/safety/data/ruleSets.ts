/** A core temperature to hold everywhere in the piece. */
export type CookRule = { readonly atC: number; readonly seconds: number };

export type CookingRules = {
  readonly anyOf: readonly CookRule[];
  readonly purpose: string;
  readonly section: string;
  /** law: the text or its guidance names the figure; plan: the law has none and the house's own plan must set it. */
  readonly figure: "law" | "plan";
};

export type RuleSetId = "fda-2022" | "eu-853" | "uk-2013";

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

const HISTAMINE_GUIDE = "FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022, ch. 7 (memory, high)";
const EU_ICE =
  "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII: approaching the temperature of melting ice (text: memory, high)";
const UK_ICE = "fresh fish near the temperature of melting ice (Reg. (EC) 853/2004 as kept in UK law; memory, high)";
const UK_CHILL = "8 °C (Food Safety and Hygiene (England) Regulations 2013, Sch. 4; memory, high)";

/** At the surface, °C: what was frozen and is warmer has thawed (ours; measured fish begins to freeze near -1 °C). */
export const THAWED_C = -2;

/** Norovirus and hepatitis A, and waters of class B or C: the meat at 90 °C for 90 s. */
const VIRUS_COOK: CookingRules = {
  anyOf: [{ atC: 90, seconds: 90 }],
  purpose: "bivalves against norovirus, or from waters of class B or C",
  section: "Reg. (EC) 853/2004, Annex III, Sec. VII, Ch. II; Codex CAC/GL 79-2012 (memory, high)",
  figure: "law",
};

/** Minutes as good as 70 °C for 2 min; taken where a law has no figure of its own. */
const SEVENTY_FOR_TWO: readonly CookRule[] = [
  { atC: 70, seconds: 120 },
  { atC: 75, seconds: 30 },
  { atC: 80, seconds: 6 },
  { atC: 65, seconds: 600 },
  { atC: 60, seconds: 2700 },
];
const NO_EU_FIGURE = (purpose: string): CookingRules => ({
  anyOf: SEVENTY_FOR_TWO,
  purpose,
  section:
    "no figure in the law; your plan must set it (Reg. (EC) 852/2004, Art. 5; memory, high); 70 °C for 2 min or as much by default",
  figure: "plan",
});

/** Celsius as printed beside the legal Fahrenheit. Every figure is recalled (`memory`) with the confidence given in its source. */
export const RULE_SETS: Readonly<Record<RuleSetId, RuleSet>> = {
  "fda-2022": {
    label: "US model code",
    edition: "FDA Food Code 2022",
    receiving: {
      fresh: {
        refuseAboveC: 5,
        by: "law",
        noteAboveC: null,
        source: "FDA Food Code 2022, 3-202.11(A): 5 °C (41 °F) or below (memory, high)",
      },
      prepared: {
        refuseAboveC: 5,
        by: "law",
        noteAboveC: null,
        source: "FDA Food Code 2022, 3-202.11(A): 5 °C (41 °F) or below (memory, high)",
      },
      histamine: {
        refuseAboveC: 4.4,
        by: "law",
        noteAboveC: null,
        source: `${HISTAMINE_GUIDE}: 4.4 °C (40 °F) or below at delivery`,
      },
      live: {
        refuseAboveC: 10,
        by: "law",
        noteAboveC: null,
        source:
          "FDA Food Code 2022, 3-202.11(B) with the model ordinance: animals at 10 °C or below, or truck air at 7 °C (memory, medium)",
      },
      liveCooling: {
        toC: 5,
        withinH: 4,
        source:
          "FDA Food Code 2022, 3-501.14(D): received warmer by law, at 5 °C within 4 h (figure: memory, high; letter: medium)",
      },
      frozen: {
        refuseAboveC: THAWED_C,
        by: "house",
        noteAboveC: -18,
        source:
          "FDA Food Code 2022, 3-202.11(E),(F): hard frozen, no sign of thawing (memory, high); the text has no figure, -2 °C at the surface is taken as thawed (ours)",
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
      figure: "law",
    },
    stuffed: {
      // 165 °F is 73.9 °C; the printed 74 must not fail it
      anyOf: [{ atC: 73.9, seconds: 0 }],
      purpose: "stuffed fish, at once",
      section: "3-401.11(A)(3)",
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
      section: "3-401.11(A)(2) (memory, high)",
      figure: "law",
    },
    bath: null,
    virus: { ...VIRUS_COOK, section: `no figure in the US code for it; ${VIRUS_COOK.section}` },
    hotHold: {
      minC: 57,
      source: "FDA Food Code 2022, 3-501.16(A)(1): 57 °C (135 °F) or above (memory, high)",
      belowMin: 240,
      onceOnly: false,
      belowSource: "3-501.19(B): time as the only control, 4 h, with a written procedure on site (memory, high)",
    },
    underAdvice:
      "Below the code's cooking value: serve to order only, with the consumer advisory on the menu (3-603.11), never to highly susceptible guests (3-801.11).",
    partCooked: "3-402.11: fish under the cooking value is partially cooked and falls under the parasite rule",
    susceptible: {
      because: "a house that serves a highly susceptible population: no raw or under-cooked fish, no raw shellfish",
      source: "FDA Food Code 2022, 3-801.11(C) (memory, high)",
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
        source: `${EU_ICE}; 4 °C is house practice, not the law`,
      },
      prepared: {
        refuseAboveC: 4,
        by: "house",
        noteAboveC: 2,
        source: `${EU_ICE}, cooked chilled crustaceans and molluscs too; else what the label says (852/2004, Annex II, Ch. IX, 5); 4 °C is house practice`,
      },
      histamine: {
        refuseAboveC: 4,
        by: "house",
        noteAboveC: 2,
        source: `${EU_ICE}, and Reg. (EC) 2073/2005, Annex I, 1.26 on histamine (memory, high); 4 °C is house practice`,
      },
      live: {
        refuseAboveC: 10,
        by: "house",
        noteAboveC: null,
        source:
          "Reg. (EC) 853/2004, Annex III, Sec. VII: a temperature that does not harm them, no figure (memory, high); 10 °C common practice",
      },
      liveCooling: null,
      frozen: {
        refuseAboveC: -15,
        by: "law",
        noteAboveC: -18,
        source:
          "Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. VII, VIII: -18 °C throughout, short rises of 3 °C in transport (memory, high)",
      },
    },
    holding: {
      chilledMaxC: 4,
      frozenMaxC: -18,
      source: `${EU_ICE} and Reg. (EC) 852/2004, Annex II, Ch. IX, 5 bind a kitchen; 4 °C is house practice; frozen -18 °C (memory, high)`,
    },
    cooking: {
      anyOf: [{ atC: 60, seconds: 60 }],
      purpose: "kills parasites, so that no freezing is needed",
      section: "Annex III, Sec. VIII, Ch. III D.3(a)",
      figure: "law",
    },
    stuffed: NO_EU_FIGURE("stuffed fish"),
    comminuted: NO_EU_FIGURE("minced and shaped fish"),
    bath: NO_EU_FIGURE("fish cooked in a bag"),
    virus: VIRUS_COOK,
    hotHold: {
      minC: 63,
      source: "no figure in the Union text; 63 °C common practice, 60 °C in some member states",
      belowMin: 120,
      onceOnly: false,
      belowSource:
        "Reg. (EC) 852/2004, Annex II, Ch. IX, 5: limited periods, no figure; 2 h common practice (text: memory, medium)",
    },
    underAdvice:
      "Below the value that kills parasites: only fish frozen as the rule asks, or exempt from it; say on the menu that it is served under-cooked.",
    partCooked: "Annex III, Sec. VIII, Ch. III D.1 and D.3(a): a heat too mild to kill is no exemption from freezing",
    susceptible: {
      because: "guests who are young, old, pregnant or ill: no raw or under-cooked fish, no raw shellfish",
      source: "Reg. (EC) 178/2002, Art. 14(4)(c): the health of the consumers it is for (memory, medium)",
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
        source: `${UK_ICE}; refused above 5 °C by house rule; ${UK_CHILL} is the general limit in law`,
      },
      prepared: {
        refuseAboveC: 8,
        by: "law",
        noteAboveC: 5,
        source: `${UK_CHILL}; 5 °C the usual target (common practice)`,
      },
      histamine: {
        refuseAboveC: 5,
        by: "house",
        noteAboveC: 2,
        source: `${UK_ICE}; 5 °C for fish that can form histamine by house rule; ${UK_CHILL} is the general limit in law`,
      },
      live: {
        refuseAboveC: 10,
        by: "house",
        noteAboveC: null,
        source: "no figure in the text; 10 °C common practice",
      },
      liveCooling: null,
      frozen: {
        refuseAboveC: -15,
        by: "law",
        noteAboveC: -18,
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
      anyOf: SEVENTY_FOR_TWO,
      purpose: "core equivalents",
      section: "Food Standards Agency, small-caterer guidance (memory, high)",
      figure: "law",
    },
    stuffed: null,
    comminuted: null,
    bath: null,
    virus: VIRUS_COOK,
    hotHold: {
      minC: 63,
      source: "Food Safety and Hygiene (England) Regulations 2013, Sch. 4: 63 °C or above (memory, high)",
      belowMin: 120,
      onceOnly: true,
      belowSource:
        "Sch. 4: one spell below it, under 2 h, for service or display (memory, high); Scotland names 63 °C without the spell",
    },
    underAdvice:
      "Below the guidance: the house's own written food-safety plan must allow it; say on the menu that it is served under-cooked, and keep it from vulnerable guests.",
    partCooked:
      "Reg. (EC) 853/2004 as kept in UK law, D.1 and D.3(a): a heat too mild to kill is no exemption from freezing",
    susceptible: {
      because: "guests who are young, old, pregnant or ill: no raw or under-cooked fish, no raw shellfish",
      source:
        "Food Standards Agency guidance for vulnerable groups, with Reg. (EC) 178/2002, Art. 14 as kept (memory, medium)",
    },
  },
};

export const RULE_SET_IDS = Object.keys(RULE_SETS) as [RuleSetId, ...RuleSetId[]];
