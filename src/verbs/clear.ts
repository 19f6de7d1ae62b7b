import { z } from "zod";
import { clearRaw, type FreezingFacts, type HistoryFacts, type RawFacts } from "@/core/raw";
import {
  HOLD_GAP_H,
  judgeParasiteHold,
  optionWords,
  parasiteRuleOf,
  widestStep,
  type FrozenSince,
  type ParasiteRuleId,
} from "@/core/safety";
import { factOf, said } from "@/core/shared";
import type { Species } from "@/core/species";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { DeathsInput } from "./door";
import { InputProblem } from "./problem";
import { assertForm, assertState, FORM_IDS, RuleInput, speciesFrom, SpeciesInput } from "./species";
import { TraceInput } from "./trace";
import { inMetric } from "@/words/say";

const answered = z.boolean().optional();
const celsius = z.number().min(-80).max(100).optional();
const hours = z.number().min(0).max(1_000_000).optional();

export const ClearInput = z.strictObject({
  rule: RuleInput,
  species: SpeciesInput,
  form: z.enum(FORM_IDS),
  state: z.enum(["chilled", "frozen", "thawed", "live"]),
  dish: z.enum(["raw", "cured"]),
  verdict: z.enum(["accept", "cook-only", "refuse"]).optional(),
  production: z.enum(["wild", "farmed"]).optional(),
  rearing: z.enum(["net-pen", "land-based", "ranched"]).optional(),
  roe_on: answered,
  skein: z.enum(["in", "removed-and-rinsed"]).optional(),
  papers: z
    .strictObject({
      freezing_statement: answered,
      feed_statement: answered,
      shellstock_tag: answered,
      dealer_listed: answered,
      class: z.enum(["A", "B", "C"]).optional(),
    })
    .optional(),
  box: z.strictObject({ source: answered, area: answered, date: answered, lot_number: answered }).optional(),
  area: z.string().min(1).max(60).optional(),
  water_c: z.number().min(-3).max(45).optional(),
  month: z.number().int().min(1).max(12).optional(),
  history: TraceInput.optional(),
  frozen_from_h: hours,
  history_gap_h: hours,
  probe_c: celsius,
  hold: TraceInput.optional(),
  raw_days_left: z.number().min(0).max(1000).optional(),
  opened_h_ago: hours,
  deaths: DeathsInput.optional(),
  susceptible_guests: answered,
});

type Input = z.infer<typeof ClearInput>;

/** What froze it ashore: our own freezer from an hour on, somebody else's before the door, or nothing. */
function frozenOf({ frozen_from_h, state }: Input): FrozenSince {
  if (frozen_from_h !== undefined) return { kind: "own", fromH: frozen_from_h };
  return state === "frozen" || state === "thawed" ? { kind: "bought" } : { kind: "never" };
}

function historyOf(input: Input): HistoryFacts | null {
  const { history, history_gap_h } = input;
  if (!history) return null;
  return { log: history, longestGapH: history_gap_h ?? widestStep(history), frozen: frozenOf(input) };
}

/** The hold by its readings: what stands too far apart proves nothing. */
function holdOf(ruleId: ParasiteRuleId, { hold }: Input): FreezingFacts | null {
  if (!hold) return null;
  const { met, by, nearest, hoursMissing } = judgeParasiteHold(ruleId, hold, HOLD_GAP_H);
  if (met && by) return { state: "met", words: optionWords(by), section: by.section, atMs: 0 };
  const needs = said("raw.hoursMoreByReadings", {
    hours: Math.ceil(hoursMissing * 10) / 10,
    gap: HOLD_GAP_H,
    option: optionWords(nearest),
  });
  return { state: "running", endsMs: null, needs };
}

/** May it be served raw; what no key says is not known, and never speaks for the lot. */
export function clear(input: Input) {
  const species = speciesFrom(input.species);
  const { form, state } = input;
  assertForm(species, form);
  assertState(form, state);
  const lastH = input.history?.at(-1)?.[0];
  if (input.frozen_from_h !== undefined && lastH !== undefined && input.frozen_from_h > lastH)
    throw new InputProblem("frozen_from_h", "it went into the freezer after the last reading of its history");
  const { answer, checks, exemption, record, risks, headline } = clearRaw(factsOf(species, input));
  return {
    answer,
    headline: inMetric(headline),
    checks: checks.map(({ id, state: at, text, source, untilMs }) => ({
      id,
      state: at,
      text: inMetric(text),
      source,
      ...(untilMs === undefined ? {} : { until_h: untilMs / HOUR_MS }),
    })),
    exemption: exemption === null ? null : inMetric(exemption),
    record: inMetric(record),
    risks: risks.map(({ id, text }) => ({ id, text: inMetric(text) })),
  };
}

/** The lot as it is told, on a clock of its own: now is nought. */
function factsOf(species: Species, input: Input): RawFacts {
  const { form, papers = {}, box = {} } = input;
  return {
    species,
    form,
    state: input.state,
    ruleSetId: input.rule,
    dish: input.dish,
    verdict: input.verdict ?? null,
    // the verdict given is the house's own, of a whole inspection
    inspected: input.verdict === undefined ? "unknown" : "yes",
    parasites: {
      form,
      production: input.production ?? "unknown",
      rearing: input.rearing ?? "unknown",
      feedStatement: factOf(papers.feed_statement),
      freezingStatement: factOf(papers.freezing_statement),
      clearedGround: "unknown",
      roeOn: factOf(input.roe_on),
      skein: input.skein ?? "unknown",
    },
    hold: holdOf(parasiteRuleOf(input.rule), input),
    history: historyOf(input),
    probeC: input.probe_c ?? null,
    rawUntilMs: input.raw_days_left === undefined ? null : input.raw_days_left * DAY_MS,
    box: {
      source: factOf(box.source),
      area: factOf(box.area),
      date: factOf(box.date),
      lotNumber: factOf(box.lot_number),
    },
    shellfish: {
      openedHAgo: input.opened_h_ago ?? null,
      deaths: input.deaths ?? null,
      tag: factOf(papers.shellstock_tag),
      tagWords: null,
      dealerListed: factOf(papers.dealer_listed),
      waterClass: papers.class ?? null,
      waterC: input.water_c ?? null,
      area: input.area ?? null,
      harvestMonth: input.month ?? null,
    },
    susceptibleGuests: input.susceptible_guests ?? false,
    nowMs: 0,
  };
}
