import { z } from "zod";
import { ALLERGEN_IDS } from "@/core/safety";
import { readForm, storedForm, UnreadableFacts, versionOf, writeForm, type StoredForm } from "./form";
import { ITEM_FACTS, ALLERGENS } from "./larderForms";
import { COOK_EVENTS } from "./lineForms";
import { GRADES, HOLD_FACTS, PROVENANCE, REASONS } from "./lotForms";
import { PLAN } from "./planForm";

/** Three releases of one form: the weight was in kilos, then in grams, then it had a name. */
const PACK = storedForm("a pack", z.looseObject({ massG: z.number(), name: z.string() }), [
  (kept) => ({ massG: (kept as { readonly kg: number }).kg * 1000 }),
  (kept) => ({ name: "", ...(kept as object) }),
]);

describe("a form with its upgrades", () => {
  test.each([
    ["the first release", '{"kg":1.2}', { massG: 1200, name: "" }],
    ["the second", '{"v":2,"massG":800}', { massG: 800, name: "" }],
    ["today's", '{"v":3,"massG":800,"name":"Cream"}', { massG: 800, name: "Cream" }],
    [
      "today's with what nobody asked for",
      '{"v":3,"massG":800,"name":"","lid":"red"}',
      { massG: 800, name: "", lid: "red" },
    ],
  ])("%s reads as today's", (_, text, facts) => {
    expect(readForm(PACK, text)).toEqual(facts);
  });

  test("what is written carries the newest version and reads back as it was", () => {
    const facts = { massG: 250, name: "Butter" };
    expect(JSON.parse(writeForm(PACK, facts))).toEqual({ v: 3, ...facts });
    expect(readForm(PACK, writeForm(PACK, facts))).toEqual(facts);
    expect(versionOf(PACK)).toBe(3);
  });

  test("a form that never changed carries none", () => {
    expect(writeForm(GRADES, { eyes: 2 })).toBe('{"eyes":2}');
  });

  test.each([
    ["no JSON", "{", "no JSON"],
    ["of a newer Gaffel", '{"v":4,"massG":1,"name":""}', "a newer Gaffel wrote it (version 4)"],
    ["of another kind", '{"v":3,"massG":"much","name":""}', "expected number, received string"],
  ])("what is %s is refused and says which facts and why", (_, text, why) => {
    expect(() => readForm(PACK, text)).toThrow(UnreadableFacts);
    expect(() => readForm(PACK, text)).toThrow(/The house file holds a pack that cannot be read/);
    expect(() => readForm(PACK, text)).toThrow(why);
  });
});

describe("nothing that is not exactly known speaks for a lot", () => {
  const refuses = <T>(form: StoredForm<T>, facts: unknown) =>
    expect(() => readForm(form, JSON.stringify(facts))).toThrow(UnreadableFacts);

  test.each(["freezingStatement", "feedStatement", "dealerListed", "clearedGround"])("%s is true or false", (key) => {
    expect(readForm(PROVENANCE, JSON.stringify({ [key]: true }))).toEqual({ [key]: true });
    for (const word of ["yes", 1, null, "true"]) refuses(PROVENANCE, { [key]: word });
  });

  test("what papers do not say is not there", () => {
    expect(readForm(PROVENANCE, "{}")).toEqual({});
  });

  test("a way of rearing or a water class that is not on the list is no word for one", () => {
    refuses(PROVENANCE, { rearing: "clean" });
    refuses(PROVENANCE, { waterClass: "D" });
  });

  test("an allergen a label of an earlier list does not name is unknown, never free", () => {
    const { lupin: _lupin, ...rest } = Object.fromEntries(ALLERGEN_IDS.map((id) => [id, "free"]));
    expect(readForm(ALLERGENS, JSON.stringify(rest))).toMatchObject({ lupin: "unknown", milk: "free" });
    refuses(ALLERGENS, { ...rest, milk: "no" });
  });

  test("an item without a label has none", () => {
    expect(readForm(ITEM_FACTS, '{"ingredientId":"cream"}')).toEqual({ ingredientId: "cream" });
  });

  test("a grade is one of four", () => {
    refuses(GRADES, { eyes: 4 });
    refuses(GRADES, { eyes: "0" });
  });

  test("an event of a cook that no release knew is not passed over", () => {
    refuses(COOK_EVENTS, [{ kind: "salted", atMs: 1 }]);
    refuses(COOK_EVENTS, [{ kind: "probed", atMs: 1 }]);
  });
});

describe("holds of the first release", () => {
  test("a thaw without a way lay in the refrigerator", () => {
    const kept = { kind: "thaw", plannedH: 20, vacuumPack: true, packOpened: false };
    expect(readForm(HOLD_FACTS, JSON.stringify(kept))).toEqual({ ...kept, way: "refrigerator" });
  });

  test("a freezing hold without an expectation expects nothing", () => {
    const kept = { kind: "parasite", ruleId: "eu-853", stated: null };
    expect(readForm(HOLD_FACTS, JSON.stringify(kept))).toEqual({ ...kept, expected: null });
  });

  test("one that says its way keeps it", () => {
    const facts = { kind: "thaw", plannedH: 1, vacuumPack: false, packOpened: true, way: "running-water" } as const;
    expect(readForm(HOLD_FACTS, writeForm(HOLD_FACTS, facts))).toEqual(facts);
  });

  test("a rule that is none clears nothing", () => {
    expect(() => readForm(HOLD_FACTS, '{"kind":"parasite","ruleId":"house","stated":null}')).toThrow(UnreadableFacts);
  });
});

test("reasons of the first releases are words, of later ones codes", () => {
  const text = JSON.stringify([{ weight: "notes", text: "bright eyes", source: "house" }]);
  expect(readForm(REASONS, text)).toEqual([
    { weight: "notes", text: { code: "shared.one", values: { part: "bright eyes" } }, source: "house" },
  ]);
});

test("a plan that is neither of the first houses nor of later ones is refused", () => {
  for (const kept of ["null", "{}", "[]", '{"methodId":"skin-then-oven"}', '{"answer":{"times":{}}}'])
    expect(() => readForm(PLAN, kept)).toThrow(UnreadableFacts);
});
