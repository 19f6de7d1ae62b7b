import fc from "fast-check";
import { stableJson } from "@/core/shared";

/** How entries of the first releases were written before they were hashed: by hand, before a library did it. */
function firstForm(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(firstForm).join(",")}]`;
  if (value !== null && typeof value === "object") {
    const entries = Object.entries(value)
      .filter(([, inner]) => inner !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1));
    return `{${entries.map(([key, inner]) => `${JSON.stringify(key)}:${firstForm(inner)}`).join(",")}}`;
  }
  return (JSON.stringify(value) as string | undefined) ?? "null";
}

test("canonical JSON as RFC 8785 writes its example (section 3.2.2, memory)", () => {
  const value = {
    numbers: [333333333.33333329, 1e30, 4.5, 2e-3, 1e-27],
    string: '€$\u000f\nA\'B"\\\\"/',
    literals: [null, true, false],
  };
  expect(stableJson(value)).toBe(
    '{"literals":[null,true,false],"numbers":[333333333.3333333,1e+30,4.5,0.002,1e-27],"string":"€$\\u000f\\nA\'B\\"\\\\\\\\\\"/"}',
  );
});

test("the form of the first releases is the same text, so that their seals are checked by the standard too", () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      expect(firstForm(value)).toBe(stableJson(value));
    }),
    { seed: 3 },
  );
});
