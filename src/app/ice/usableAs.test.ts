import { formatFor } from "@/words/format/format";
import type { LotLife } from "@/core/freshness";
import { usableAs, usesLeft } from "./usableAs";

const life = (part: Partial<LotLife> = {}): LotLife => ({
  model: "temperate",
  state: "chilled",
  lifeDays: 14,
  startIceDays: 2,
  usedIceDays: 1,
  leftIceDays: 11,
  placeC: 1,
  daysLeft: 9,
  rawDaysLeft: 2.2,
  uncookedDaysLeft: 1,
  cookDaysLeft: 4.6,
  stockDaysLeft: 7,
  use: "raw",
  startFrom: "inspection",
  legalEnd: null,
  ...part,
});

test.each([
  { what: "fresh", part: {}, form: "side", words: "Raw or any use" },
  { what: "older", part: { use: "cook" }, form: "side", words: "Cook, any method" },
  { what: "old", part: { use: "cook-today" }, form: "side", words: "Cook at once, through" },
  { what: "frozen", part: { state: "frozen", use: "cook" }, form: "side", words: "Frozen: stands still" },
  {
    what: "alive past its days",
    part: { state: "live", use: "over" },
    form: "live",
    words: "Past its days alive: check every one",
  },
  { what: "frozen but over", part: { state: "frozen", use: "over" }, form: "side", words: "Over: take off the ice" },
  { what: "alive", part: { state: "live" }, form: "live", words: "Alive" },
  { what: "alive, weak", part: { state: "live", use: "cook-today" }, form: "live", words: "Alive, not for long" },
  { what: "picked crab", part: { use: "cook" }, form: "picked", words: "Ready to eat" },
  { what: "picked crab, late", part: { use: "cook-today" }, form: "picked", words: "Ready to eat, serve at once" },
] as const)("$what: $words", ({ part, form, words }) => {
  expect(usableAs(life(part), form)).toBe(words);
});

test("how the life divides, each use by its own time, credited down", () => {
  expect(usesLeft(life(), true, false, formatFor("metric"))).toBe(
    "4½ d for any cooked use, 2 d for raw, bones for stock 7 d",
  );
  expect(usesLeft(life({ stockDaysLeft: null }), false, false, formatFor("metric"))).toBe(
    "4½ d for any cooked use, not for raw",
  );
  expect(
    usesLeft(life({ cookDaysLeft: 0, rawDaysLeft: 0, stockDaysLeft: 1.2 }), true, false, formatFor("metric")),
  ).toBe("cook it through at once, not for raw, bones for stock 28 h");
  expect(usesLeft(life({ use: "over" }), true, false, formatFor("metric"))).toBe("take it off the ice");
  expect(usesLeft(life({ state: "frozen" }), true, false, formatFor("metric"))).toMatch(
    /^frozen hard; its 11.0 days stand still/,
  );
  expect(usesLeft(life({ cookDaysLeft: 3 }), false, true, formatFor("metric"))).toBe("3 d at its best");
});
