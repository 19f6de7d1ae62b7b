import fc from "fast-check";
import { err, ok, refuse, valueOf } from "./result";

test("a refusal is its code, and what was granted is its value", () => {
  expect(refuse("notOnIce")).toEqual(err({ kind: "notOnIce" }));
  fc.assert(fc.property(fc.jsonValue(), (value) => expect(valueOf(ok(value))).toEqual(value)));
});

test("where nothing can refuse, a refusal is a bug and says which", () => {
  expect(() => valueOf(refuse("moreThanLeft"))).toThrow(/moreThanLeft/);
});
