import { isEasyPin, leaveFor, PIN, waitAfterS, type Asker, type Asks } from "./people";

const ASKERS: Readonly<Record<string, Asker>> = {
  nobody: { kind: "nobody" },
  screen: { kind: "screen" },
  tablet: { kind: "tablet", chefNow: false },
  cook: { kind: "person", role: "cook", chefNow: false },
  "cook, chef's PIN typed": { kind: "person", role: "cook", chefNow: true },
  chef: { kind: "person", role: "chef", chefNow: false },
  "chef, PIN typed": { kind: "person", role: "chef", chefNow: true },
  inspector: { kind: "person", role: "inspector", chefNow: false },
};
const ASKS: readonly Asks[] = ["anyone", "look", "book", "papers", "sign", "tap", "cook", "chef"];

test.each([
  ["nobody", "yes signIn signIn signIn signIn signIn signIn signIn"],
  ["screen", "yes yes no no no no no no"],
  ["tablet", "yes yes yes chefsPin yes yes signIn chefsPin"],
  ["cook", "yes yes yes chefsPin yes yes yes chefsPin"],
  ["cook, chef's PIN typed", "yes yes yes yes yes yes yes yes"],
  ["chef", "yes yes yes yes yes yes yes chefsPin"],
  ["chef, PIN typed", "yes yes yes yes yes yes yes yes"],
  ["inspector", "yes no yes yes yes no no no"],
] as const)("%s", (who, leaves) => expect(ASKS.map((asks) => leaveFor(ASKERS[who]!, asks)).join(" ")).toBe(leaves));

test("three slips are forgiven, then each wrong one waits twice as long, a minute at most: a service is never locked out", () => {
  expect([0, 1, 3, 4, 5, 6, 9, 40].map(waitAfterS)).toEqual([0, 0, 0, 2, 4, 8, 60, 60]);
});

test("a PIN is four to six digits and none of the first ones tried", () => {
  expect(["1234", "12345", "839201"].every((pin) => PIN.test(pin))).toBe(true);
  expect(["123", "1234567", "12a4", ""].some((pin) => PIN.test(pin))).toBe(false);
  expect(["0000", "1234", "4321", "555555", "456789"].every(isEasyPin)).toBe(true);
  expect(["2580", "7731", "839201"].some(isEasyPin)).toBe(false);
});
