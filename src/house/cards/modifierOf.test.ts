import { modifierOf } from "./modifierOf";

test.each([
  ["half", { kind: "half" }],
  ["no-milk", { kind: "free-of", allergen: "milk" }],
  ["no-moonlight", null],
  ["without-sauce", { kind: "without", what: "sauce" }],
  ["", null],
  [undefined, null],
] as const)("%s", (wish, expected) => {
  expect(modifierOf(wish)).toEqual(expected);
});
