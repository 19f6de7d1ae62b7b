import { keyed } from "@/core/shared";
import type { RuleSetId, Ruling, Sure } from "../ruling";
import { FOOD_CODE } from "./editions";

/** Acts that need more than a temperature: a plan, a variance, a way that is allowed. */
export type PracticeId =
  | "curing"
  | "smoking"
  | "acidifying"
  | "reduced-oxygen"
  | "live-tank"
  | "thawing"
  | "non-continuous"
  | "probe-check"
  | "hands"
  | "purging"
  | "listeria";

export type Practice = {
  readonly id: PracticeId;
  readonly label: string;
  readonly asks: string;
  /** What to show when an inspector asks; null: nothing. */
  readonly paper: string | null;
  readonly edition: string;
  readonly section: string;
  readonly sure: Ruling["sure"];
};

const row = (
  id: PracticeId,
  label: string,
  asks: string,
  paper: string | null,
  edition: string,
  section: string,
  figureSure: Sure,
  sectionSure: Sure = figureSure,
): Practice => ({ id, label, asks, paper, edition, section, sure: { figure: figureSure, section: sectionSure } });

/** What the Union asks of them; the kingdom kept it. */
const EU_ROWS: readonly Practice[] = [
  row(
    "curing",
    "Curing to keep",
    "in your hazard plan: salt, time, temperature, days",
    "the plan and its records",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "high",
  ),
  row(
    "smoking",
    "Smoking to keep",
    "in your hazard plan; no smoke from treated wood",
    "the plan and its records",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "high",
  ),
  row(
    "acidifying",
    "Acid to keep",
    "in your hazard plan: pH measured",
    "the plan with its pH readings",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "high",
  ),
  row(
    "reduced-oxygen",
    "Packing without air",
    "in your hazard plan against botulism; ten days at most at {3-8 °C} without another barrier (UK guidance)",
    "the plan with its limits",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "medium",
  ),
  row(
    "live-tank",
    "Live tank",
    "clean sea water, no fresh water, animals of one lot together",
    null,
    "Reg. (EC) 853/2004",
    "Annex III, Sec. VII and VIII, Ch. IX",
    "medium",
  ),
  row(
    "thawing",
    "Thawing",
    "cold enough that nothing grows, drip kept away; used at once",
    null,
    "Reg. (EC) 852/2004",
    "Annex II, Ch. IX, 7",
    "high",
  ),
  row(
    "non-continuous",
    "Cooked in two goes",
    "in your hazard plan: cooled fast between, cooked through the second time",
    "the plan with its steps",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "medium",
  ),
  row(
    "probe-check",
    "Probe check",
    "probes that work: in melting ice {0 °C}, plus or minus one",
    "the check with its date",
    "Reg. (EC) 852/2004",
    "Art. 5",
    "medium",
  ),
  row(
    "hands",
    "Raw plates",
    "clean hands or tools; no rule against bare hands",
    null,
    "Reg. (EC) 852/2004",
    "Annex II, Ch. VIII",
    "medium",
  ),
  row(
    "purging",
    "Purging live bivalves",
    "not after dispatch: never put back into water or sprayed with it",
    null,
    "Reg. (EC) 853/2004",
    "Annex III, Sec. VII, Ch. VIII",
    "high",
  ),
];

const euRows = (kept: string, listeria: string): readonly Practice[] =>
  [
    ...EU_ROWS,
    row(
      "listeria",
      "House-cured fish kept over five days",
      listeria,
      "the laboratory's report",
      "Reg. (EC) 2073/2005",
      "Annex I, 1.2 (in the Union changed by Reg. (EU) 2024/2895)",
      "medium",
    ),
  ].map((practice) => ({ ...practice, edition: `${practice.edition}${kept}` }));

/** By rule set; all recalled (`memory`). */
export const PRACTICES: Readonly<Record<RuleSetId, readonly Practice[]>> = keyed(
  "practices",
  {
    "fda-2022": [
      row(
        "curing",
        "Curing to keep",
        "a variance, unless it is for flavour and served under the usual date mark",
        "the variance with its hazard plan",
        FOOD_CODE,
        "3-502.11(B)",
        "high",
      ),
      row(
        "smoking",
        "Smoking to keep",
        "a variance; smoking for flavour alone needs none",
        "the variance with its hazard plan",
        FOOD_CODE,
        "3-502.11(A)",
        "high",
      ),
      row(
        "acidifying",
        "Acid to keep",
        "a variance where acid makes it keep without cold",
        "the variance with its hazard plan",
        FOOD_CODE,
        "3-502.11(C)",
        "high",
      ),
      row(
        "reduced-oxygen",
        "Packing without air",
        "only fish frozen before, during and after packing without a variance; else a variance; under 48 h in the bag, labelled and opened, is outside the rule",
        "the hazard plan, or the variance",
        FOOD_CODE,
        "3-502.12(C), (F)",
        "high",
        "medium",
      ),
      row(
        "live-tank",
        "Live tank for shellfish to eat",
        "a variance for molluscan shellfish offered as food",
        "the variance",
        FOOD_CODE,
        "3-502.11(F)",
        "medium",
      ),
      row(
        "thawing",
        "Thawing",
        "refrigerator; running water at {21 °C} or below, in all four hours at most above {5 °C}; straight to the pan; out of its vacuum pack first",
        null,
        FOOD_CODE,
        "3-501.13",
        "high",
      ),
      row(
        "non-continuous",
        "Cooked in two goes",
        "first heating an hour at most, cooled by the cooling rule, the second to the full value; written steps",
        "the written procedure",
        FOOD_CODE,
        "3-401.14",
        "high",
      ),
      row(
        "probe-check",
        "Probe check",
        "within {1 K}: in melting ice {0 °C}",
        "the check with its date",
        FOOD_CODE,
        "4-203.11, 4-502.11(B)",
        "high",
      ),
      row(
        "hands",
        "Raw plates",
        "no bare hand on food that is eaten as it is: gloves, tongs or paper",
        null,
        FOOD_CODE,
        "3-301.11(B)",
        "high",
      ),
      row(
        "purging",
        "Purging live bivalves",
        "wet storage only by a certified dealer; the tag stays with its lot",
        null,
        "Model ordinance for molluscan shellfish",
        "wet storage",
        "medium",
      ),
      row(
        "listeria",
        "House-cured fish kept over five days",
        "seven days at {5 °C} at most by the date mark",
        "the date mark",
        FOOD_CODE,
        "3-501.17",
        "high",
      ),
    ],
    "eu-853": euRows(
      ", as amended",
      "100 a gram at most while it keeps; since 1 July 2026 none in 25 g to the end of its life unless you can show that it stays under 100: a laboratory's word is the way to more days",
    ),
    "uk-2013": euRows(
      " as kept in UK law",
      "100 a gram at most while it keeps, none in 25 g where you cannot show that: a laboratory's word is the way to more days",
    ),
  },
  ["label", "asks", "paper"],
);

export const practiceOf = (ruleSetId: RuleSetId, id: PracticeId): Practice =>
  PRACTICES[ruleSetId].find((practice) => practice.id === id)!;

/** Where a practice stands, as screens name it. */
export const practiceSource = ({ edition, section, sure }: Practice): string =>
  `${edition}, ${section} (memory, ${sure.figure === sure.section ? sure.figure : `figure ${sure.figure}, section ${sure.section}`})`;
