import type { Ruling } from "../ruling";
import { EU_FISH, FOOD_CODE } from "./editions";
import type { HazardId, SpeciesGroup } from "@/core/species";

export type ParasiteRuleId = "fda-2022" | "eu-853";

export type ParasiteOption = {
  readonly label: string;
  /** Lowest temperature the centre must have reached before time counts; null when the hold itself is the limit. */
  readonly firstReachC: number | null;
  readonly holdC: number;
  readonly hours: number;
  readonly section: string;
  readonly sure: Ruling["sure"];
};

/** What takes a lot out of the rule, as data: the code reads it, the screen names it, the document of rules prints it. */
export type Exemption =
  | { readonly kind: "groups"; readonly groups: readonly SpeciesGroup[] }
  /** Scallop as its bare muscle; said, not guessed. */
  | { readonly kind: "bare-adductor" }
  | { readonly kind: "named-species"; readonly scientificNames: readonly string[] }
  | { readonly kind: "eggs-out-of-skein" }
  | { readonly kind: "farmed"; readonly needs: readonly FarmedCondition[]; readonly groups: readonly SpeciesGroup[] }
  | { readonly kind: "authorised-ground" };

/** Conditions a rule sets for farmed fish; each has to be said. */
export type FarmedCondition = "net-pen-or-land-based" | "from-embryos" | "feed" | "environment-or-procedure";

export type ParasiteExemption = Exemption & {
  readonly because: string;
  readonly section: string;
  readonly sure: Ruling["sure"];
  /** The paper that proves it; null: species and form on the delivery note. */
  readonly record: string | null;
};

export type ParasiteRule = {
  readonly edition: string;
  /** What its section numbers follow when both are printed: the whole code where they name the article themselves. */
  readonly sectionsUnder: string;
  /** Short form of the edition's text the sections stand under. */
  readonly text: string;
  readonly scopeSection: string;
  /** Groups the rule speaks of at all. */
  readonly scope: readonly SpeciesGroup[];
  readonly options: readonly ParasiteOption[];
  readonly exemptions: readonly ParasiteExemption[];
  readonly statementSection: string;
  /** Hazards its freezing is not made for. */
  readonly doesNotKill: readonly HazardId[];
  /** How sure scope and statement are; options and exemptions carry their own. */
  readonly sure: Ruling["sure"];
};

/** FDA Food Code 2022, 3-402.11(B)(3): these six and no other tuna. */
const TUNAS = ["alalunga", "albacares", "atlanticus", "maccoyii", "obesus", "thynnus"].map((name) => `Thunnus ${name}`);

const HIGH = { figure: "high", section: "high" } as const;

const FINFISH = ["lean-round", "flat", "salmonid", "oily-round", "large-pelagic"] as const;
const EVERY_FISH = [...FINFISH, "crustacean", "bivalve", "gastropod", "cephalopod", "echinoderm", "roe"] as const;

/** Every figure recalled; the sections as the texts number them. */
export const PARASITE_RULES: Readonly<Record<ParasiteRuleId, ParasiteRule>> = {
  "fda-2022": {
    edition: `${FOOD_CODE}, 3-402.11`,
    sectionsUnder: FOOD_CODE,
    text: "raw, raw-marinated, partially cooked or marinated and partially cooked fish",
    scopeSection: "3-402.11(A)",
    scope: EVERY_FISH,
    options: [
      { label: "-20 C for 168 h", firstReachC: null, holdC: -20, hours: 168, section: "3-402.11(A)(1)", sure: HIGH },
      { label: "-35 C for 15 h", firstReachC: -35, holdC: -35, hours: 15, section: "3-402.11(A)(2)", sure: HIGH },
      {
        label: "-35 C until solid, then -20 C for 24 h",
        firstReachC: -35,
        holdC: -20,
        hours: 24,
        section: "3-402.11(A)(3)",
        sure: HIGH,
      },
    ],
    exemptions: [
      {
        kind: "bare-adductor",
        because: "scallop muscle alone, without roe and gut",
        section: "3-402.11(B)(2)",
        sure: HIGH,
        record: null,
      },
      {
        kind: "groups",
        groups: ["bivalve"],
        because: "molluscan shellfish",
        section: "3-402.11(B)(1)",
        sure: HIGH,
        record: null,
      },
      {
        kind: "named-species",
        scientificNames: TUNAS,
        because: "one of the six tunas named in the rule",
        section: "3-402.11(B)(3)",
        sure: HIGH,
        record: null,
      },
      {
        kind: "farmed",
        needs: ["net-pen-or-land-based", "feed"],
        groups: EVERY_FISH,
        because: "raised in net pens or on land, on formulated feed without live parasites",
        section: "3-402.11(B)(4)",
        sure: HIGH,
        record: "the grower's or supplier's letter on rearing and feed (3-402.12(C))",
      },
      {
        kind: "eggs-out-of-skein",
        because: "eggs taken from the skein and rinsed",
        section: "3-402.11(B)(5)",
        sure: HIGH,
        record: null,
      },
    ],
    statementSection: "3-402.12(B)",
    doesNotKill: [],
    sure: HIGH,
  },
  "eu-853": {
    edition: `${EU_FISH}, Annex III, Sec. VIII, Ch. III D`,
    sectionsUnder: `${EU_FISH}, Annex III, Sec. VIII, Ch. III D`,
    text: "products of finfish and cephalopods eaten raw, or marinated, salted or treated too mildly to kill",
    scopeSection: "D.1",
    scope: [...FINFISH, "cephalopod", "roe"],
    options: [
      { label: "-20 C for 24 h", firstReachC: null, holdC: -20, hours: 24, section: "D.2(a)", sure: HIGH },
      { label: "-35 C for 15 h", firstReachC: null, holdC: -35, hours: 15, section: "D.2(b)", sure: HIGH },
    ],
    exemptions: [
      {
        kind: "authorised-ground",
        because: "a ground the authority has authorised on its data",
        section: "D.3(c)",
        sure: { figure: "high", section: "medium" },
        record: "the authorisation of the ground with the commercial document (D.4(b))",
      },
      {
        kind: "farmed",
        needs: ["from-embryos", "feed", "environment-or-procedure"],
        groups: FINFISH,
        because:
          "farmed from embryos on a diet that cannot carry parasites, where none live or by an approved procedure",
        section: "D.3(d)",
        sure: { figure: "high", section: "medium" },
        record: "the commercial document with the grower's statement (D.4(b))",
      },
    ],
    statementSection: "D.4(a)",
    doesNotKill: ["flukes"],
    sure: HIGH,
  },
};

/** The parasite rule a house works under; the UK kept the EU text. */
export const parasiteRuleOf = (ruleSetId: "fda-2022" | "eu-853" | "uk-2013"): ParasiteRuleId =>
  ruleSetId === "fda-2022" ? "fda-2022" : "eu-853";
