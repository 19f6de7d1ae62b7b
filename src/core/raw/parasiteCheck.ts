import { said, saidList, type Said, saidAsIs } from "@/core/shared";
import {
  optionWords,
  PARASITE_RULES,
  parasiteNeed,
  parasiteRuleOf,
  type FarmedCondition,
  type ParasiteNeed,
  type ParasiteRemedy,
} from "@/core/safety";
import type { Check, RawFacts } from "./facts";

const CONDITIONS: Readonly<Record<FarmedCondition, Said>> = {
  feed: said("raw.feedThatCannotCarryParasites"),
  "net-pen-or-land-based": said("raw.rearedInNetPensOrOn"),
  "from-embryos": said("raw.fromEmbryos"),
  "environment-or-procedure": said("raw.whereNoParasitesLiveOrBy"),
};

/** A remedy as a cook says it; freezing is said apart. */
export function remedyWords(remedy: ParasiteRemedy): Said | null {
  switch (remedy.kind) {
    case "freeze":
      return null;
    case "freezing-statement":
      return said("raw.theSuppliersFreezingStatement");
    case "farmed":
      return said("raw.theGrowersStatementLacksSection", {
        lacks: saidList(remedy.lacks.map((one) => CONDITIONS[one])),
        section: remedy.section,
      });
    case "ground":
      return said("raw.anAuthorisedGroundSection", { section: remedy.section });
    case "skein":
      return said("raw.sayThatTheyWereTakenFrom", { section: remedy.section });
  }
}

/** Everything that would clear a lot, in one line. */
export function needWords({ remedies }: Extract<ParasiteNeed, { needed: true }>): Said {
  const freezing = remedies.flatMap((one) => (one.kind === "freeze" ? [optionWords(one.option)] : []));
  const papers = remedies.map(remedyWords).filter((one) => one !== null);
  return said("raw.freezeItFirstFreezingOrBring", {
    freezing: saidList(freezing, "or"),
    papers: saidList(papers, "or"),
  });
}

export type ParasiteAnswer = {
  readonly check: Check;
  readonly section: string;
  readonly exemption: Said | null;
  /** The paper or entry that proves it. */
  readonly record: Said;
  /** Frozen as the rule asks, by us or by the supplier: what the rule kills is dead. */
  readonly frozen: boolean;
};

/** The parasite rule asked of a lot: exempt and by what, frozen and how proven, or what is missing. */
export function parasiteAnswer(facts: Pick<RawFacts, "species" | "ruleSetId" | "parasites" | "hold">): ParasiteAnswer {
  const { species, ruleSetId, parasites, hold } = facts;
  const ruleId = parasiteRuleOf(ruleSetId);
  const rule = PARASITE_RULES[ruleId];
  const check = (state: Check["state"], text: Said, source: string, untilMs?: number | null): Check => ({
    id: "parasites",
    label: "Parasite rule",
    state,
    text,
    source,
    ...(untilMs === null || untilMs === undefined ? {} : { untilMs }),
  });
  const need = parasiteNeed(ruleId, species, parasites);
  if (!need.needed) {
    const statement = need.by === "statement";
    return {
      check: check(
        "met",
        statement ? saidAsIs(need.because) : said("raw.exemptBecause", { because: need.because }),
        `${rule.edition}, ${need.section}`,
      ),
      section: need.section,
      exemption: statement ? null : said("raw.becauseSection", { because: need.because, section: need.section }),
      record: need.record !== null ? saidAsIs(need.record) : said("raw.theSpeciesAndFormOnThe"),
      frozen: statement,
    };
  }
  const section = rule.options[0]!.section;
  if (hold?.state === "met")
    return {
      check: check("met", said("raw.frozenWords", { words: hold.words }), rule.edition),
      section: hold.section,
      exemption: null,
      record: said("raw.theFreezingLogOfThisHold"),
      frozen: true,
    };
  if (hold?.state === "running")
    return {
      check: check(hold.endsMs === null ? "missing" : "waiting", hold.needs, rule.edition, hold.endsMs),
      section,
      exemption: null,
      record: said("raw.theFreezingLogOnceTheHold"),
      frozen: false,
    };
  return {
    check: check("missing", needWords(need), rule.edition),
    section,
    exemption: null,
    record: said("raw.noneYet"),
    frozen: false,
  };
}
