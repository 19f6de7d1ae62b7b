import type { RuleSetId, Ruling, Sure } from "../ruling";
import { CODEX, ENGLAND, EU_FISH, EU_HYGIENE, FOOD_CODE, FSA, HAZARDS_GUIDE, SCOTLAND, UK_FISH } from "./editions";

/** What a rule set is asked, one row of the table of rules each. */
export type QuestionId =
  | "receive-fresh"
  | "receive-prepared"
  | "receive-histamine"
  | "receive-live"
  | "live-cooling"
  | "receive-frozen"
  | "hold-chilled"
  | "hold-frozen"
  | "cook"
  | "cook-stuffed"
  | "cook-comminuted"
  | "cook-bath"
  | "cook-shellfish"
  | "cook-virus"
  | "hot-hold"
  | "hot-hold-below"
  | "reheat"
  | "part-cooked"
  | "susceptible"
  | "cooling"
  | "tag"
  | "date-mark"
  | "allergens";

type Sureness = Sure | readonly [figure: Sure, section: Sure];
const row =
  (by: Ruling["by"]) =>
  (
    edition: string,
    section: string | null,
    says: string,
    sure: Sureness = "high",
    ours: string | null = null,
  ): Ruling => ({
    edition,
    section,
    says,
    by,
    sure: typeof sure === "string" ? { figure: sure, section: sure } : { figure: sure[0], section: sure[1] },
    ours,
  });
const law = row("law");
const guidance = row("guidance");
const house = row("house");

const SAME = "the text makes no difference";
const ICE = "approaching the temperature of melting ice";
const EU_ICE_PLACE = "Annex III, Sec. VIII, Ch. VII";
const HOUSE_4 = "4 °C is house practice, not the law";
const UK_ICE = "near the temperature of melting ice";
const UK_GENERAL = "8 °C is the general limit in law (Food Safety and Hygiene (England) Regulations 2013, Sch. 4)";
const EU_VIRUS = "Annex III, Sec. VII, Ch. II";
const VIRUS_SAYS = "90 °C for 90 s in the meat, against norovirus and for waters of class B or C";
const EU_PLAN = "no figure in the law; your plan must set it";
const SEVENTY = "70 °C for 2 min or as much by default";

/** Every row recalled (`memory`), figure and section marked apart. Celsius as printed beside the legal Fahrenheit. */
export const RULINGS: Readonly<Record<RuleSetId, Readonly<Record<QuestionId, Ruling>>>> = {
  "fda-2022": {
    "receive-fresh": law(FOOD_CODE, "3-202.11(A)", "5 °C (41 °F) or below"),
    "receive-prepared": law(FOOD_CODE, "3-202.11(A)", "5 °C (41 °F) or below"),
    "receive-histamine": guidance(HAZARDS_GUIDE, "ch. 7", "4.4 °C (40 °F) or below at delivery"),
    "receive-live": law(
      FOOD_CODE,
      "3-202.11(B) with the model ordinance for molluscan shellfish",
      "animals at 10 °C (50 °F) or below, or truck air at 7 °C (45 °F)",
      "medium",
    ),
    "live-cooling": law(FOOD_CODE, "3-501.14(D)", "received warmer as the law allows: at 5 °C (41 °F) within 4 h", [
      "high",
      "medium",
    ]),
    "receive-frozen": house(
      FOOD_CODE,
      "3-202.11(E), (F)",
      "hard frozen, no sign of thawing, no figure",
      ["high", "medium"],
      "-2 °C at the surface is taken as thawed",
    ),
    "hold-chilled": law(FOOD_CODE, "3-501.16(A)(2)", "5 °C (41 °F) or below"),
    "hold-frozen": house(FOOD_CODE, "3-501.11", "kept frozen, no figure", ["high", "medium"], "-18 °C common practice"),
    cook: law(FOOD_CODE, "3-401.11(A)(1)", "63 °C (145 °F) for 15 s"),
    "cook-stuffed": law(FOOD_CODE, "3-401.11(A)(3)", "74 °C (165 °F) at once"),
    "cook-comminuted": law(FOOD_CODE, "3-401.11(A)(2)", "68 °C (155 °F) for 17 s, or its equivalents"),
    "cook-bath": law(FOOD_CODE, "3-401.11", SAME),
    "cook-shellfish": law(FOOD_CODE, "3-401.11(A)(1)", SAME),
    "cook-virus": guidance(CODEX, null, `${VIRUS_SAYS}; no figure in the US code`, ["high", "medium"]),
    "hot-hold": law(FOOD_CODE, "3-501.16(A)(1)", "57 °C (135 °F) or above"),
    "hot-hold-below": law(FOOD_CODE, "3-501.19(B)", "time as the only control, 4 h, with a written procedure on site"),
    reheat: law(FOOD_CODE, "3-403.11", "74 °C (165 °F) for 15 s throughout, within 2 h", "high"),
    "part-cooked": law(
      FOOD_CODE,
      "3-402.11",
      "fish under the cooking value is partially cooked and falls under the parasite rule",
    ),
    susceptible: law(FOOD_CODE, "3-801.11(C)", "no raw or under-cooked fish, no raw shellfish"),
    cooling: law(FOOD_CODE, "3-501.14(A)", "57 to 21 °C within 2 h and to 5 °C within 6 h in all"),
    tag: law(FOOD_CODE, "3-203.12", "kept 90 days from the day the last of the lot was sold or served"),
    "date-mark": law(FOOD_CODE, "3-501.17, 3-501.18", "7 days at 5 °C, the day of preparation or opening is day 1"),
    allergens: law(
      FOOD_CODE,
      "1-201.10(B), 3-602.12(C)",
      "nine major allergens, molluscs not among them; the species of fish and crustacean named; told in writing",
      ["high", "medium"],
    ),
  },
  "eu-853": {
    "receive-fresh": house(EU_FISH, EU_ICE_PLACE, ICE, "high", HOUSE_4),
    "receive-prepared": house(
      EU_FISH,
      EU_ICE_PLACE,
      `${ICE}, cooked chilled crustaceans and molluscs too; else what the label says (852/2004, Annex II, Ch. IX, 5)`,
      "high",
      HOUSE_4,
    ),
    "receive-histamine": house(
      EU_FISH,
      EU_ICE_PLACE,
      `${ICE}; histamine itself by Reg. (EC) 2073/2005, Annex I, 1.26`,
      "high",
      HOUSE_4,
    ),
    "receive-live": house(
      EU_FISH,
      "Annex III, Sec. VII, Ch. VIII",
      "a temperature that does not harm them, no figure",
      ["high", "medium"],
      "10 °C common practice",
    ),
    "live-cooling": law(EU_FISH, "Annex III, Sec. VII, Ch. VIII", "no hours named", ["high", "medium"]),
    "receive-frozen": law(
      EU_FISH,
      EU_ICE_PLACE,
      "-18 °C throughout; short rises of 3 °C at most in transport (Ch. VIII)",
    ),
    "hold-chilled": house(
      EU_HYGIENE,
      "Annex II, Ch. IX, 5",
      `fresh fish ${ICE}; binds a kitchen without a figure`,
      "high",
      HOUSE_4,
    ),
    "hold-frozen": law(EU_FISH, EU_ICE_PLACE, "-18 °C throughout"),
    cook: law(EU_FISH, "Annex III, Sec. VIII, Ch. III D.3(a)", "60 °C for 60 s at the core kills parasites"),
    "cook-stuffed": house(EU_HYGIENE, "Art. 5", EU_PLAN, "high", SEVENTY),
    "cook-comminuted": house(EU_HYGIENE, "Art. 5", EU_PLAN, "high", SEVENTY),
    "cook-bath": house(EU_HYGIENE, "Art. 5", EU_PLAN, "high", SEVENTY),
    "cook-shellfish": house(EU_HYGIENE, "Art. 5", EU_PLAN, "high", SEVENTY),
    "cook-virus": law(EU_FISH, EU_VIRUS, `${VIRUS_SAYS}; ${CODEX}`, ["high", "medium"]),
    "hot-hold": house(
      EU_HYGIENE,
      "Annex II, Ch. IX, 5",
      "no figure in the Union text",
      "high",
      "63 °C common practice, 60 °C in some member states",
    ),
    "hot-hold-below": house(
      EU_HYGIENE,
      "Annex II, Ch. IX, 5",
      "limited periods, no figure",
      ["medium", "high"],
      "2 h common practice",
    ),
    reheat: house(
      EU_HYGIENE,
      "Art. 5",
      EU_PLAN,
      "high",
      "75 °C throughout, once, straight from the cold (common practice)",
    ),
    "part-cooked": law(
      EU_FISH,
      "Annex III, Sec. VIII, Ch. III D.1 and D.3(a)",
      "a heat too mild to kill is no exemption from freezing",
    ),
    susceptible: law("Reg. (EC) 178/2002", "Art. 14(4)(c)", "the health of the consumers it is for", "medium"),
    cooling: house(
      EU_HYGIENE,
      "Annex II, Ch. IX, 6",
      "cooled as quickly as possible, no figure",
      "high",
      "63 to 10 °C within 2 h as in French rules, others allow 65 to 10 °C in 3 h (memory, medium)",
    ),
    tag: law(EU_FISH, "Annex III, Sec. VII, Ch. VII", "kept 60 days from the day the pack was split"),
    "date-mark": house(EU_HYGIENE, "Annex II, Ch. IX", "no days named: the label's, or the house's plan", [
      "high",
      "medium",
    ]),
    allergens: law(
      "Reg. (EU) 1169/2011",
      "Annex II, Art. 44",
      "fourteen, fish, crustaceans and molluscs among them; loose food too",
    ),
  },
  "uk-2013": {
    "receive-fresh": house(UK_FISH, EU_ICE_PLACE, UK_ICE, "high", `refused above 5 °C by house rule; ${UK_GENERAL}`),
    "receive-prepared": law(ENGLAND, "Sch. 4", "8 °C or below", "high", "5 °C the usual target (common practice)"),
    "receive-histamine": house(
      UK_FISH,
      EU_ICE_PLACE,
      UK_ICE,
      "high",
      `refused above 5 °C by house rule; ${UK_GENERAL}`,
    ),
    "receive-live": house(
      UK_FISH,
      "Annex III, Sec. VII, Ch. VIII",
      "no figure in the text",
      ["high", "medium"],
      "10 °C common practice",
    ),
    "live-cooling": law(UK_FISH, "Annex III, Sec. VII, Ch. VIII", "no hours named", ["high", "medium"]),
    "receive-frozen": law(UK_FISH, EU_ICE_PLACE, "-18 °C throughout; short rises of 3 °C at most in transport"),
    "hold-chilled": law(
      ENGLAND,
      "Sch. 4",
      "8 °C or below",
      "high",
      `Scotland names no figure: a refrigerator or a cool ventilated place (${SCOTLAND}, Sch. 4)`,
    ),
    "hold-frozen": law(UK_FISH, EU_ICE_PLACE, "-18 °C throughout"),
    cook: guidance(
      FSA,
      "small caterers' pack",
      `${SEVENTY.replace(" by default", "")}: 60 °C 45 min, 65 °C 10 min, 75 °C 30 s, 80 °C 6 s`,
      ["high", "medium"],
      "Scotland's own guidance names 75 °C for 30 s",
    ),
    "cook-stuffed": guidance(FSA, "small caterers' pack", SAME, ["high", "medium"]),
    "cook-comminuted": guidance(FSA, "small caterers' pack", SAME, ["high", "medium"]),
    "cook-bath": guidance(FSA, "small caterers' pack", SAME, ["high", "medium"]),
    "cook-shellfish": guidance(FSA, "small caterers' pack", SAME, ["high", "medium"]),
    "cook-virus": law(UK_FISH, EU_VIRUS, `${VIRUS_SAYS}; ${CODEX}`, ["high", "medium"]),
    "hot-hold": law(ENGLAND, "Sch. 4", "63 °C or above"),
    "hot-hold-below": law(
      ENGLAND,
      "Sch. 4",
      "one spell below it, under 2 h, for service or display",
      "high",
      "Scotland names 63 °C without the spell",
    ),
    reheat: guidance(
      FSA,
      null,
      "steaming hot throughout, once",
      "medium",
      `75 °C is taken for it; in Scotland the law names 82 °C unless it spoils the food (${SCOTLAND}, Sch. 4)`,
    ),
    "part-cooked": law(
      UK_FISH,
      "Annex III, Sec. VIII, Ch. III D.1 and D.3(a)",
      "a heat too mild to kill is no exemption from freezing",
    ),
    susceptible: guidance(
      FSA,
      null,
      "vulnerable groups kept from raw and under-cooked fish and raw shellfish; Reg. (EC) 178/2002, Art. 14 as kept",
      "medium",
    ),
    cooling: guidance(
      FSA,
      null,
      "cooled as fast as can be, into the refrigerator within 90 min",
      "medium",
      "taken as 63 to 20 °C; the 20 °C is ours",
    ),
    tag: law(UK_FISH, "Annex III, Sec. VII, Ch. VII", "kept 60 days from the day the pack was split"),
    "date-mark": house(ENGLAND, null, "no days named: the label's, or the house's plan", "medium"),
    allergens: law(
      "Food Information Regulations 2014 (England) with Reg. (EU) 1169/2011 as kept",
      "Annex II",
      "fourteen, fish, crustaceans and molluscs among them; loose food, and the label of what is packed for direct sale",
    ),
  },
};
