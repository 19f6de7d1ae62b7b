import { probeReadsTrue, probeState } from "./probeCheck";

// FDA Food Code 2022, 4-203.11: within 1 °C in the range of use; ice and water as the reference (memory, high)
test.each([
  { celsius: 0, fits: true },
  { celsius: 1, fits: true },
  { celsius: -1, fits: true },
  { celsius: 1.1, fits: false },
  { celsius: -1.4, fits: false },
])("a probe at $celsius °C in ice reads true: $fits", ({ celsius, fits }) => {
  expect(probeReadsTrue(celsius)).toBe(fits);
});

test.each([
  { last: null, state: "never" },
  { last: { day: "2026-05-12", celsius: 2 }, state: "off" },
  { last: { day: "2026-05-05", celsius: 0.5 }, state: "good" },
  { last: { day: "2026-05-04", celsius: 0.5 }, state: "old" },
] as const)("the last check $last says $state", ({ last, state }) => {
  expect(probeState(last, "2026-05-12")).toBe(state);
});
