import type { LogPoint } from "@/core/safety";
import { findSpecies } from "@/core/species";
import type { RawFacts } from "./facts";

export const NOW = Date.UTC(2026, 4, 12, 15);
export const HOUR = 3_600_000;

/** So many hours at these temperatures, a reading every half hour. */
export const kept = (...spells: readonly (readonly [hours: number, celsius: number])[]): LogPoint[] => {
  const log: LogPoint[] = [];
  let at = 0;
  for (const [hours, celsius] of spells) {
    for (let time = 0; time <= hours; time += 0.5) log.push([at + time, celsius]);
    at += hours + 0.05;
  }
  return log;
};

/** A wild lot with everything known that speaks for it but its freezing; what a test changes stands in `part`. */
export const facts = (speciesId: string, part: Partial<RawFacts> = {}): RawFacts => ({
  species: findSpecies(speciesId)!,
  form: "side",
  state: "chilled",
  ruleSetId: "eu-853",
  dish: "raw",
  verdict: "accept",
  inspected: "yes",
  parasites: wild,
  hold: null,
  history: { log: kept([30, 1]), longestGapH: 0.5, frozen: { kind: "never" } },
  probeC: null,
  rawUntilMs: NOW + 30 * HOUR,
  box: { source: "yes", area: "yes", date: "yes", lotNumber: "yes" },
  shellfish: bag,
  susceptibleGuests: false,
  nowMs: NOW,
  ...part,
});

export const wild: RawFacts["parasites"] = {
  form: "side",
  production: "wild",
  rearing: "unknown",
  feedStatement: "unknown",
  freezingStatement: "unknown",
  clearedGround: "unknown",
  roeOn: "unknown",
  skein: "unknown",
};

export const farmed: RawFacts["parasites"] = {
  ...wild,
  production: "farmed",
  rearing: "net-pen",
  feedStatement: "yes",
};

/** A bag of live bivalves with its papers, from cold northern water in winter. */
export const bag: RawFacts["shellfish"] = {
  openedHAgo: null,
  deaths: { dead: 1, counted: 50 },
  tag: "yes",
  tagWords: "SK-12",
  dealerListed: "yes",
  waterClass: null,
  waterC: null,
  area: "27.4.a",
  harvestMonth: 2,
};

export const oysters = (part: Partial<RawFacts["shellfish"]> = {}, more: Partial<RawFacts> = {}): RawFacts =>
  facts("pacific-oyster", {
    form: "live",
    state: "live",
    parasites: { ...wild, form: "live" },
    shellfish: { ...bag, ...part },
    ...more,
  });
