import fc from "fast-check";
import { SPECIES } from "@/core/species";
import { clearRaw } from "./clearance";
import type { RawFacts } from "./facts";
import { HOUR, kept, NOW } from "./facts.testkit";
import { english } from "@/words/english.testkit";
import { said } from "@/core/shared";

/** Laws of a clearance over random lots: knowing less, a warmer day or another name never turn it for the better. */

const RANK = { no: 0, "not-yet": 1, yes: 2 } as const;
const fact = fc.constantFrom("yes" as const, "no" as const, "unknown" as const);
const form = fc.constantFrom(
  "side" as const,
  "fillet" as const,
  "shucked" as const,
  "live" as const,
  "loose-eggs" as const,
  "sacs" as const,
);
const history = fc.record({
  log: fc
    .array(fc.tuple(fc.constantFrom(0.5, 2, 6), fc.constantFrom(-1, 2, 4.2, 6, 12, 24)), { minLength: 1, maxLength: 4 })
    .map((spells) => kept(...spells)),
  longestGapH: fc.constantFrom(0.5, 3, 12),
  frozen: fc.constantFrom({ kind: "never" } as const, { kind: "bought" } as const),
});

const given: fc.Arbitrary<RawFacts> = form.chain((at) =>
  fc.record({
    species: fc.constantFrom(...SPECIES),
    form: fc.constant(at),
    state:
      at === "live"
        ? fc.constant("live" as const)
        : fc.constantFrom("chilled" as const, "thawed" as const, "frozen" as const),
    ruleSetId: fc.constantFrom("eu-853" as const, "fda-2022" as const, "uk-2013" as const),
    dish: fc.constantFrom("raw" as const, "cured" as const),
    verdict: fc.constantFrom("accept" as const, "accept" as const, "cook-only" as const, null),
    inspected: fact,
    parasites: fc.record({
      form: fc.constant(at),
      production: fc.constantFrom("wild" as const, "farmed" as const, "unknown" as const),
      rearing: fc.constantFrom("net-pen" as const, "land-based" as const, "ranched" as const, "unknown" as const),
      feedStatement: fact,
      freezingStatement: fact,
      clearedGround: fact,
      roeOn: fact,
      skein: fc.constantFrom("in" as const, "removed-and-rinsed" as const, "unknown" as const),
    }),
    hold: fc.constantFrom(
      null,
      { state: "met", words: said("raw.noneYet"), section: "s", atMs: NOW } as const,
      { state: "running", endsMs: NOW + HOUR, needs: said("raw.noneYet") } as const,
    ),
    history: fc.option(history, { nil: null }),
    probeC: fc.constantFrom(null, 2, 9),
    rawUntilMs: fc.constantFrom(NOW + 10 * HOUR, NOW - HOUR, null),
    box: fc.record({ source: fact, area: fact, date: fact, lotNumber: fact }),
    shellfish: fc.record({
      openedHAgo: fc.constantFrom(null, 1, 5),
      deaths: fc.constantFrom(null, { dead: 1, counted: 40 }, { dead: 9, counted: 40 }),
      tag: fact,
      tagWords: fc.constant(null),
      dealerListed: fact,
      waterClass: fc.constantFrom(null, "A" as const, "B" as const),
      waterC: fc.constantFrom(null, 12, 18),
      area: fc.constantFrom(null, "27.4", "71", "81"),
      harvestMonth: fc.constantFrom(null, 2, 8),
    }),
    susceptibleGuests: fc.boolean(),
    nowMs: fc.constant(NOW),
  }),
);

const parasites = (part: Partial<RawFacts["parasites"]>) => (one: RawFacts) => ({
  ...one,
  parasites: { ...one.parasites, ...part },
});
const shellfish = (part: Partial<RawFacts["shellfish"]>) => (one: RawFacts) => ({
  ...one,
  shellfish: { ...one.shellfish, ...part },
});
const box = (key: keyof RawFacts["box"]) => (one: RawFacts) => ({
  ...one,
  box: { ...one.box, [key]: "unknown" as const },
});

const LESS: readonly ((one: RawFacts) => RawFacts)[] = [
  (one) => ({ ...one, hold: null }),
  (one) => ({ ...one, history: null }),
  (one) => ({ ...one, verdict: null }),
  (one) => ({ ...one, inspected: "unknown" }),
  (one) => ({ ...one, rawUntilMs: null }),
  (one) => (one.probeC !== null && one.probeC < 4 ? { ...one, probeC: null } : one),
  parasites({ production: "unknown" }),
  parasites({ rearing: "unknown" }),
  parasites({ feedStatement: "unknown" }),
  parasites({ freezingStatement: "unknown" }),
  parasites({ clearedGround: "unknown" }),
  parasites({ roeOn: "unknown" }),
  parasites({ skein: "unknown" }),
  box("source"),
  box("area"),
  box("date"),
  box("lotNumber"),
  shellfish({ tag: "unknown" }),
  shellfish({ deaths: null }),
  shellfish({ dealerListed: "unknown" }),
  shellfish({ waterClass: null }),
  shellfish({ waterC: null }),
  shellfish({ area: null }),
  shellfish({ harvestMonth: null }),
];

test("taking a fact away never makes a yes, and never turns a lot without a fault for the better", () => {
  fc.assert(
    fc.property(given, fc.constantFrom(...LESS), (before, take) => {
      const [had, has] = [clearRaw(before), clearRaw(take(before))];
      // a fact that spoke against the lot may be taken away: what is left waits
      if (had.answer === "no") expect(["no", "not-yet"]).toContain(has.answer);
      else expect(RANK[has.answer]).toBeLessThanOrEqual(RANK[had.answer]);
      expect(english(had.headline)).not.toMatch(/\bsafe\b/i);
    }),
    { numRuns: 4000, seed: 21 },
  );
});

test("an extra hour of warmth never helps", () => {
  fc.assert(
    fc.property(given, fc.constantFrom(6, 12, 25), (before, celsius) => {
      if (!before.history) return;
      const { log } = before.history;
      const end = log.at(-1)![0];
      const warmer = {
        ...before.history,
        log: [...log, ...kept([1, celsius]).map(([at, c]) => [end + 0.01 + at, c] as const)],
      };
      expect(RANK[clearRaw({ ...before, history: warmer }).answer]).toBeLessThanOrEqual(RANK[clearRaw(before).answer]);
    }),
    { numRuns: 1500, seed: 22 },
  );
});

test("another name changes no verdict", () => {
  fc.assert(
    fc.property(given, (before) => {
      const species = { ...before.species, id: "own-1", name: "Renamed", marketNames: [], faoCode: null };
      const { answer, checks, exemption } = clearRaw({ ...before, species });
      const same = clearRaw(before);
      expect({ answer, exemption, states: checks.map(({ state }) => state) }).toEqual({
        answer: same.answer,
        exemption: same.exemption,
        states: same.checks.map(({ state }) => state),
      });
    }),
    { numRuns: 1000, seed: 23 },
  );
});
