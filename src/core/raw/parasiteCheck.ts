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

const CONDITIONS: Readonly<Record<FarmedCondition, string>> = {
  feed: "feed that cannot carry parasites",
  "net-pen-or-land-based": "reared in net pens or on land",
  "from-embryos": "from embryos",
  "environment-or-procedure": "where no parasites live, or by an approved procedure",
};

/** A remedy as a cook says it; freezing is said apart. */
export function remedyWords(remedy: ParasiteRemedy): string | null {
  switch (remedy.kind) {
    case "freeze":
      return null;
    case "freezing-statement":
      return "the supplier's freezing statement";
    case "farmed":
      return `the grower's statement: ${remedy.lacks.map((one) => CONDITIONS[one]).join(", ")} (${remedy.section})`;
    case "ground":
      return `an authorised ground (${remedy.section})`;
    case "skein":
      return `say that they were taken from the skein and rinsed (${remedy.section})`;
  }
}

/** Everything that would clear a lot, in one line. */
export function needWords({ remedies }: Extract<ParasiteNeed, { needed: true }>): string {
  const freezing = remedies.flatMap((one) => (one.kind === "freeze" ? [optionWords(one.option)] : []));
  const papers = remedies.map(remedyWords).filter((one) => one !== null);
  return `freeze it first, ${freezing.join(" or ")}; or bring ${papers.join(" or ")}`;
}

export type ParasiteAnswer = {
  readonly check: Check;
  readonly section: string;
  readonly exemption: string | null;
  /** The paper or entry that proves it. */
  readonly record: string;
  /** Frozen as the rule asks, by us or by the supplier: what the rule kills is dead. */
  readonly frozen: boolean;
};

/** The parasite rule asked of a lot: exempt and by what, frozen and how proven, or what is missing. */
export function parasiteAnswer(facts: Pick<RawFacts, "species" | "ruleSetId" | "parasites" | "hold">): ParasiteAnswer {
  const { species, ruleSetId, parasites, hold } = facts;
  const ruleId = parasiteRuleOf(ruleSetId);
  const rule = PARASITE_RULES[ruleId];
  const check = (state: Check["state"], text: string, source: string, untilMs?: number | null): Check => ({
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
      check: check("met", statement ? need.because : `exempt: ${need.because}`, `${rule.edition}, ${need.section}`),
      section: need.section,
      exemption: statement ? null : `${need.because} (${need.section})`,
      record: need.record ?? "the species and form on the delivery note",
      frozen: statement,
    };
  }
  const section = rule.options[0]!.section;
  if (hold?.state === "met")
    return {
      check: check("met", `frozen: ${hold.words}`, rule.edition),
      section: hold.section,
      exemption: null,
      record: "the freezing log of this hold with its probe readings",
      frozen: true,
    };
  if (hold?.state === "running")
    return {
      check: check(hold.endsMs === null ? "missing" : "waiting", hold.needs, rule.edition, hold.endsMs),
      section,
      exemption: null,
      record: "the freezing log, once the hold is closed",
      frozen: false,
    };
  return {
    check: check("missing", needWords(need), rule.edition),
    section,
    exemption: null,
    record: "none yet",
    frozen: false,
  };
}
