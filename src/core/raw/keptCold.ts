import { sumOf } from "@/core/numeric";
import { inCelsius, said, type Said, inHours } from "@/core/shared";
import { liveStorageOf } from "@/core/freshness";
import {
  HISTAMINE_GAP_H,
  judgeHistamineExposure,
  ONBOARD_UNKNOWN,
  RULE_SETS,
  ROUNDING_K,
  spellsAbove,
  type LogPoint,
} from "@/core/safety";
import type { Check, RawFacts } from "./facts";

/** Hours without a reading that nobody asks about: the usual round of the thermometer (common practice). */
export const ROUND_H = 4;
/** Air is above the limit for so long while the door stands open; shorter spells do not count (common practice, as for excursions), h. */
const DOOR_OPEN_H = 0.5;
/** So long above the holding limit in all, and it is not raw any more; the codes allow no time at all (ours), h. */
const LONGEST_WARM_H = 1;

type Limit = { readonly limitC: number; readonly source: string };

/** What the lot may lie at, and from when on: a bivalve that came in warm has hours to get there. */
function limitsOf({ ruleSetId, species, state }: RawFacts): {
  readonly first: Limit;
  readonly then: Limit;
  readonly fromH: number;
} {
  const { holding, receiving } = RULE_SETS[ruleSetId];
  const cold = { limitC: holding.chilledMaxC, source: holding.source };
  if (state !== "live") return { first: cold, then: cold, fromH: 0 };
  const alive = {
    limitC: Math.max(receiving.live.refuseAboveC ?? 10, species.group === "bivalve" ? 0 : liveStorageOf(species).maxC),
    source: receiving.live.source,
  };
  const { liveCooling } = receiving;
  return species.group === "bivalve" && liveCooling
    ? { first: alive, then: { limitC: liveCooling.toC, source: liveCooling.source }, fromH: liveCooling.withinH }
    : { first: alive, then: alive, fromH: 0 };
}

const hours = (spells: readonly { readonly hours: number }[]) =>
  sumOf(spells, (one) => (one.hours > DOOR_OPEN_H ? one.hours : 0));

/** Hours above what it may lie at, short spells left out. */
function warmHours(log: readonly LogPoint[], facts: RawFacts): number {
  const { first, then, fromH } = limitsOf(facts);
  if (fromH === 0) return hours(spellsAbove(log, then.limitC + ROUNDING_K));
  const early = log.filter(([time]) => time <= fromH);
  const late = log.filter(([time]) => time >= fromH);
  return hours(spellsAbove(early, first.limitC + ROUNDING_K)) + hours(spellsAbove(late, then.limitC + ROUNDING_K));
}

/** The history against the holding limit of the rule set, and a probe of the fish that reads at or below it. */
export function keptColdCheck(facts: RawFacts): Check {
  const { history, probeC } = facts;
  const { then } = limitsOf(facts);
  const say = (state: Check["state"], text: Said): Check => ({
    id: "kept-cold",
    label: "Kept cold",
    state,
    text,
    source: `temperature history of its places; ${then.source}`,
  });
  if (probeC !== null && probeC > then.limitC + ROUNDING_K)
    return say(
      "fails",
      said("raw.probedAtProbeLimitAtMost", { probe: inCelsius(probeC, 1), limit: inCelsius(then.limitC) }),
    );
  if (!history || history.log.length === 0) return say("missing", said("raw.noReadingsOfThePlacesIt"));
  const warmH = warmHours(history.log, facts);
  if (warmH > LONGEST_WARM_H + 1e-9)
    return say("fails", said("raw.warmHAboveLimitSinceThe", { warm: inHours(warmH), limit: inCelsius(then.limitC) }));
  const nowC = history.log.at(-1)![1];
  const warm =
    warmH > 0
      ? said("raw.warmMinAboveLimit", { warm: inHours(warmH), limit: inCelsius(then.limitC) })
      : said("raw.atOrBelowLimit", { limit: inCelsius(then.limitC) });
  if (history.longestGapH > ROUND_H + 1e-9)
    return probeC === null
      ? say("missing", said("raw.longestGapHWithoutAReadingProbe", { longestGap: inHours(history.longestGapH) }))
      : say(
          "met",
          said("raw.warmAGapOfLongestGapH", {
            warm,
            longestGap: inHours(history.longestGapH),
            probe: inCelsius(probeC, 1),
          }),
        );
  if (nowC > then.limitC + ROUNDING_K && probeC === null && facts.state !== "live")
    return say("missing", said("raw.itsPlaceReadsNowNowProbe", { now: inCelsius(nowC, 1) }));
  return say("met", said("raw.readingsThroughoutWarm", { warm }));
}

/** Hours above 4.4 °C of a fish that forms histamine, since the door; null for one that does not. */
export function histamineCheck({ species, history }: RawFacts): Check | null {
  if (species.histamineFormer === "no") return null;
  const say = (state: Check["state"], text: Said, source: string): Check => ({
    id: "histamine",
    label: "Histamine",
    state,
    text,
    source,
  });
  const guide = "FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022, ch. 7 (memory, high)";
  if (!history || history.log.length === 0)
    return say("missing", said("raw.itsHoursAbove44C", { bound: inCelsius(4.4) }), guide);
  const { ok, hoursAbove, limitH, source } = judgeHistamineExposure(history.log, history.frozen);
  const spent = said("raw.hoursAboveHAbove44C", {
    bound: inCelsius(4.4),
    hoursAbove: inHours(hoursAbove),
    limit: limitH,
  });
  if (!ok) return say("fails", said("raw.spentNothingMakesItGoodAgain", { spent }), source);
  if (history.longestGapH > HISTAMINE_GAP_H + 1e-9)
    return say(
      "missing",
      said("raw.longestGapHWithoutAReadingHistaminegaph", {
        longestGap: inHours(history.longestGapH),
        histaminegaph: HISTAMINE_GAP_H,
      }),
      source,
    );
  return say("met", said("raw.spentOnboardUnknown", { spent, unknown: ONBOARD_UNKNOWN }), source);
}
