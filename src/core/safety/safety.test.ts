import { judgeCook, longestAbove } from "./cooking";

const hold = (celsius: number, seconds: number) =>
  [
    [0, seconds],
    [celsius, celsius],
  ] as const;

test.each([
  // FDA Food Code 2022, 3-401.11(A)(1) (memory, high)
  { rule: "fda-2022", atC: 63, seconds: 15, meets: true },
  { rule: "fda-2022", atC: 62, seconds: 15, meets: false },
  { rule: "fda-2022", atC: 63, seconds: 14, meets: false },
  // Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.3(a) (memory, high)
  { rule: "eu-853", atC: 60, seconds: 60, meets: true },
  { rule: "eu-853", atC: 59.9, seconds: 600, meets: false },
  // UK core equivalents (memory, high): the table, not the formula
  { rule: "uk-2013", atC: 75, seconds: 26, meets: false },
  { rule: "uk-2013", atC: 75, seconds: 30, meets: true },
  { rule: "uk-2013", atC: 70, seconds: 120, meets: true },
] as const)("$rule: $atC °C for $seconds s meets $meets", ({ rule, atC, seconds, meets }) => {
  const [times, temperatures] = hold(atC, seconds);
  const verdict = judgeCook(rule, times, temperatures);
  expect(verdict.meets).toBe(meets);
  expect(verdict.edition).not.toBe("");
  expect(verdict.advice).not.toBe("");
});

test("time above is measured between samples and broken by a dip", () => {
  expect(longestAbove([0, 10, 20], [50, 70, 50], 60)).toBeCloseTo(10, 9);
  expect(longestAbove([0, 10, 20, 30, 40], [70, 70, 50, 70, 70], 60)).toBeCloseTo(15, 9);
  expect(longestAbove([0, 10], [59, 59], 60)).toBe(0);
});
