import { COOLING_RULES, coolingRuleOf } from "./data/coolingRules";
import { EU_FISH, HAZARDS_GUIDE, UK_FISH } from "./data/editions";
import { PARASITE_RULES, parasiteRuleOf } from "./data/parasiteRules";
import { PRACTICES } from "./data/practices";
import { RULE_SETS, RULE_SET_IDS, type CookingRules, type DoorLimit, type RuleSet } from "./data/ruleSets";
import { RULINGS, type QuestionId } from "./data/rulings";
import { TAG_RETENTION, DATE_MARK } from "./dates";
import { HISTAMINE_EXPOSURE } from "./exposure";
import { optionWords } from "./parasites";
import type { RuleSetId, Ruling, Sure } from "./ruling";
import { type Said } from "@/core/shared";

/** Makes words of what the core answers. */
type InWords = (spoken: Said) => string;

type Row = {
  readonly question: string;
  readonly figure: string;
  readonly edition: string;
  readonly section: string;
  readonly by: string;
  readonly figureSure: Sure;
  readonly sectionSure: Sure;
};

const doorWords = ({ refuseAboveC, noteAboveC }: DoorLimit): string =>
  [
    refuseAboveC === null ? "no figure" : `refused above ${refuseAboveC} °C`,
    ...(noteAboveC === null ? [] : [`noted above ${noteAboveC} °C`]),
  ].join(", ");

const time = (seconds: number) => (seconds >= 60 ? `${seconds / 60} min` : seconds === 0 ? "at once" : `${seconds} s`);
const cookWords = ({ anyOf }: CookingRules): string =>
  anyOf.map(({ atC, seconds }) => `${atC} °C ${time(seconds)}`).join("; ");

type Question = {
  readonly id: QuestionId;
  readonly label: string;
  readonly figure: (rules: RuleSet, id: RuleSetId) => string;
};
const question = (id: QuestionId, label: string, figure: Question["figure"]): Question => ({ id, label, figure });

const QUESTIONS: readonly Question[] = [
  question("receive-fresh", "Fresh fish at the door", ({ receiving }) => doorWords(receiving.fresh)),
  question("receive-histamine", "Fish that can form histamine at the door", ({ receiving }) =>
    doorWords(receiving.histamine),
  ),
  question("receive-prepared", "Cooked, picked or smoked at the door", ({ receiving }) =>
    doorWords(receiving.prepared),
  ),
  question("receive-live", "Live animals at the door", ({ receiving }) => doorWords(receiving.live)),
  question("live-cooling", "Live bivalves received warm", ({ receiving: { liveCooling } }) =>
    liveCooling === null ? "no figure" : `at ${liveCooling.toC} °C within ${liveCooling.withinH} h`,
  ),
  question("receive-frozen", "Frozen at the door", ({ receiving }) => doorWords(receiving.frozen)),
  question("hold-chilled", "Held chilled", ({ holding }) => `${holding.chilledMaxC} °C or below`),
  question("hold-frozen", "Held frozen", ({ holding }) => `${holding.frozenMaxC} °C or below`),
  question("cook", "Cooked", ({ cooking }) => cookWords(cooking)),
  question("cook-stuffed", "Cooked, stuffed", ({ stuffed, cooking }) => cookWords(stuffed ?? cooking)),
  question("cook-comminuted", "Cooked, minced or shaped", ({ comminuted, cooking }) =>
    cookWords(comminuted ?? cooking),
  ),
  question("cook-bath", "Cooked in a bag in a bath", ({ bath, cooking }) => cookWords(bath ?? cooking)),
  question("cook-shellfish", "Cooked shellfish", ({ shellfish, cooking }) => cookWords(shellfish ?? cooking)),
  question("cook-virus", "Bivalves where norovirus or the class of their waters is the reason", ({ virus }) =>
    cookWords(virus),
  ),
  question("part-cooked", "Fish under the cooking value", () => "under the parasite rule"),
  question("hot-hold", "Held hot", ({ hotHold }) => `${hotHold.minC} °C or above`),
  question(
    "hot-hold-below",
    "Held hot, below it",
    ({ hotHold }) => `${hotHold.belowMin} min${hotHold.onceOnly ? ", one spell" : ""}`,
  ),
  question("reheat", "Heated again", (_, id) => RULINGS[id].reheat.says),
  question("cooling", "Cooled after cooking", (_, id) =>
    COOLING_RULES[coolingRuleOf(id)].stages
      .map(({ fromC, toC, limitMin }) => `${fromC} to ${toC} °C in ${limitMin} min`)
      .join("; "),
  ),
  question("tag", "Tag of live shellfish", (_, id) => `${TAG_RETENTION[id].days} days from ${TAG_RETENTION[id].from}`),
  question("date-mark", "Ready to eat, made or opened here", (_, id) =>
    id === "fda-2022" ? `${DATE_MARK.days} days` : "no figure",
  ),
  question("susceptible", "A house for the young, the old or the ill", () => "nothing raw or under-cooked"),
  question("allergens", "Allergens named", (_, id) => RULINGS[id].allergens.says.split(";")[0]!),
];

const BY: Readonly<Record<Ruling["by"], string>> = { law: "law", guidance: "guidance", house: "house" };

const asked = (id: RuleSetId): readonly Row[] =>
  QUESTIONS.map(({ id: questionId, label, figure }) => {
    const { edition, section, by, sure, says, ours } = RULINGS[id][questionId];
    return {
      question: label,
      figure: figure(RULE_SETS[id], id),
      edition,
      section: [section ?? "no section", says, ...(ours === null ? [] : [ours])].join("; "),
      by: BY[by],
      figureSure: sure.figure,
      sectionSure: sure.section,
    };
  });

function parasites(id: RuleSetId, inWords: InWords): readonly Row[] {
  const { edition, options, exemptions, statementSection, scope, scopeSection, sure } =
    PARASITE_RULES[parasiteRuleOf(id)];
  const row = (question: string, figure: string, section: string, marks: Ruling["sure"] = sure): Row => ({
    question,
    figure,
    // one text, kept in UK law as it stood
    edition: id === "uk-2013" ? edition.replace(EU_FISH, UK_FISH) : edition,
    section,
    by: "law",
    figureSure: marks.figure,
    sectionSure: marks.section,
  });
  return [
    row("Raw or under-cooked: which fish the parasite rule speaks of", scope.join(", "), scopeSection),
    ...options.map((option) =>
      row("Raw or under-cooked: frozen, at the centre", inWords(optionWords(option)), option.section, option.sure),
    ),
    row("Raw or under-cooked: frozen by the supplier", "the supplier's statement", statementSection),
    ...exemptions.map(({ because, section, record, sure: marks }) =>
      row(
        "Raw or under-cooked: needs no freezing",
        `${because}${record === null ? "" : `; shown by ${record}`}`,
        section,
        marks,
      ),
    ),
  ];
}

/** Where a rule set has no hours of its own they are taken as good practice. */
function histamine(id: RuleSetId): Row {
  const { aboveC, hotC, freshH, frozenH } = HISTAMINE_EXPOSURE;
  return {
    question: "Histamine: hours since the door above a temperature",
    figure: `above ${aboveC} °C: ${freshH.cool} h, ${freshH.hot} h if ever above ${hotC} °C; once frozen ${frozenH.cool} h and ${frozenH.hot} h`,
    edition: HAZARDS_GUIDE,
    section: id === "fda-2022" ? "ch. 7" : "ch. 7; no hours in the rule set, taken as good practice",
    by: id === "fda-2022" ? "guidance" : "house",
    figureSure: "high",
    sectionSure: "high",
  };
}

const practices = (id: RuleSetId): readonly Row[] =>
  PRACTICES[id].map(({ label, asks, paper, section, edition, sure }) => ({
    question: label,
    figure: unmarked(paper === null ? asks : `${asks}; to show: ${paper}`),
    edition,
    section,
    by: "law",
    figureSure: sure.figure,
    sectionSure: sure.section,
  }));

/** Quantities of a table's text stand in braces for houses of inches. */
const unmarked = (text: string) => text.replaceAll(/[{}]/g, "").replaceAll(" K:", " °C:");

const line = (cells: readonly string[]) => `| ${cells.map((cell) => cell.replaceAll("|", "/")).join(" | ")} |`;

function table(id: RuleSetId, inWords: InWords): string {
  const rows = [...asked(id), histamine(id), ...parasites(id, inWords), ...practices(id)];
  return [
    `## ${RULE_SETS[id].label}`,
    "",
    line(["Question", "Figure", "Edition", "Section and what it says", "Set by", "Figure sure", "Section sure"]),
    line(["---", "---", "---", "---", "---", "---", "---"]),
    ...rows.map((row) =>
      line([row.question, row.figure, row.edition, row.section, row.by, row.figureSure, row.sectionSure]),
    ),
    "",
  ].join("\n");
}

/** Every rule the product judges by, rule set by rule set, with its section and how sure figure and section are: `docs/rules.md`. */
export const rulesDocument = (inWords: InWords): string =>
  [
    "# Rules",
    "",
    "What Gaffel judges by. Every row was recalled and is marked with how sure its figure and its section number are, apart: a sure",
    "figure may stand beside an unsure section. Set by: the law's text, an authority's guidance, or the house where both are silent.",
    "Local code and licensed practice come first. Written by `npm run rules`; a test keeps this file true.",
    "",
    ...RULE_SET_IDS.map((id) => table(id, inWords)),
  ].join("\n");
