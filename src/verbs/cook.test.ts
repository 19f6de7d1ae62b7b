import { METHODS } from "@/core/cooking";
import { RULE_SETS } from "@/core/safety";
import { runVerb } from "./index";

type Answer = Readonly<Record<string, unknown>> & {
  readonly stages: readonly {
    readonly name: string;
    readonly seconds: number;
    readonly heat: boolean;
    readonly probe_c: number;
  }[];
  readonly peak_c: number;
  readonly pull_c: number;
  readonly safety: { readonly meets: boolean; readonly rule: string; readonly advice: string };
  readonly warnings: readonly string[];
};

const SLAB = {
  species: "cod",
  shape: { kind: "slab", thickness_mm: 28 },
  skin: false,
  start_c: 8,
  method: "steam",
  target: { centre_c: 55 },
};
const ask = (part: Record<string, unknown>) => runVerb("cook", { ...SLAB, ...part })!;
function answer(part: Record<string, unknown> = {}): Answer {
  const found = ask(part);
  if (!found.ok) throw new Error(found.error.message);
  return found.value as Answer;
}
const problem = (part: Record<string, unknown>) => {
  const found = ask(part);
  return found.ok ? null : found.error;
};

test.each(METHODS.filter(({ suits }) => suits.shapes.includes("slab")).map(({ id }) => id))(
  "%s answers for a slab: stages that take time, a centre no colder than when it was pulled",
  (method) => {
    const kit = method === "skin-then-oven" ? { pan_c: 200, oven_c: 180 } : {};
    // a way that cannot bring so cold a piece there says so in its own words
    const found = ask({ method, ...kit, skin: true });
    if (!found.ok) return expect(found.error.message).toMatch(/centre stops|carries it past/);
    const { stages, peak_c, pull_c } = found.value as Answer;
    expect(stages.every(({ seconds }) => seconds > 0)).toBe(true);
    expect(peak_c).toBeGreaterThanOrEqual(pull_c - 1e-6);
    expect(stages.at(-1)!.probe_c).toBeLessThanOrEqual(peak_c + 1e-6);
  },
);

test.each<[string, Record<string, unknown>]>([
  ["a tail", { species: "monkfish", shape: { kind: "cylinder", diameter_mm: 50 }, method: "roast-bone" }],
  [
    "a scallop",
    { species: "king-scallop", shape: { kind: "puck", diameter_mm: 36, height_mm: 20 }, method: "scallop-sear" },
  ],
  ["a mussel", { species: "mussel", shape: { kind: "sphere", diameter_mm: 20 }, method: "open-shells" }],
  ["a stuffed squid", { species: "squid", shape: { kind: "tube", diameter_mm: 55, wall_mm: 6 }, method: "braise" }],
])("%s has a plan in its own shape", (_, part) => {
  expect(answer({ ...part, start_c: 10, target: { centre_c: 48 } }).stages.length).toBeGreaterThan(1);
});

test("a doneness or the rule may be the target; the rule is then met and named", () => {
  const flaking = answer({ target: { doneness: "just-flaking" } });
  expect(flaking["doneness"]).toBe("just-flaking");
  const safe = answer({ target: { safe: true } });
  expect(safe.safety.meets).toBe(true);
  expect(safe.safety.rule).toContain(RULE_SETS["fda-2022"].edition);
  expect(safe.peak_c).toBeGreaterThan(flaking.peak_c);
});

test("what the cook sets counts: a cooler bath takes longer and reads milder", () => {
  const bath = (medium_c: number) => answer({ method: "bath-sear", medium_c, target: { centre_c: 50 } });
  const total = ({ stages }: Answer) => stages.reduce((sum, { seconds }) => sum + seconds, 0);
  expect(total(bath(54))).toBeGreaterThan(total(bath(60)));
});

describe("nothing but a species: what the stove opens with", () => {
  const plain = (species: string, part: Record<string, unknown> = {}) => {
    const found = runVerb("cook", { species, ...part })!;
    if (!found.ok) throw new Error(found.error.message);
    return found.value as Answer & {
      readonly method: string;
      readonly rim_mm: number;
      readonly ways: readonly string[];
    };
  };
  const heatS = ({ stages }: Answer) =>
    stages.filter(({ heat }) => heat).reduce((sum, { seconds }) => sum + seconds, 0);
  // what the animals are served at (common practice)
  test.each([
    ["langoustine", 48, 52],
    ["halibut", 48, 52],
    ["cold-water-shrimp", 40, 50],
    ["brown-crab", 70, 75],
    ["eel", 70, 82],
    ["herring", 55, 60],
    ["arctic-char", 44, 50],
  ])("%s ends between %d and %d °C", (species, low, high) => {
    const { peak_c, ways } = plain(species);
    expect(peak_c).toBeGreaterThanOrEqual(low);
    expect(peak_c).toBeLessThanOrEqual(high);
    expect(ways.length).toBeGreaterThan(0);
  });
  test("rare tuna by its rim: 3-5 mm, about a minute a face, a tempered red middle", () => {
    const tuna = plain("yellowfin-tuna");
    expect(tuna.method).toBe("ridged-rare");
    expect(tuna.rim_mm).toBeGreaterThan(3);
    expect(tuna.rim_mm).toBeLessThan(5.3);
    for (const { seconds } of tuna.stages.filter(({ heat }) => heat)) {
      expect(seconds).toBeGreaterThan(50);
      expect(seconds).toBeLessThan(95);
    }
    expect(tuna.peak_c).toBeLessThan(38);
    const deep = plain("yellowfin-tuna", { target: { rim_mm: 7 } });
    expect(deep.rim_mm).toBeCloseTo(7, 0);
    expect(heatS(deep)).toBeGreaterThan(heatS(tuna));
  });
  test("a lobster in its shell: the steam cooks it, the broiler browns it", () => {
    const lobster = plain("american-lobster", { form: "whole", method: "steam-broil" });
    const [steam, stand, broil] = lobster.stages;
    expect(steam!.seconds).toBeGreaterThan(480);
    expect(broil!.seconds).toBeLessThan(steam!.seconds / 2);
    expect(stand!.heat).toBe(false);
  });
  test("squid is seconds on the plate, or an hour stuffed", () => {
    expect(heatS(plain("squid"))).toBeLessThan(90);
    expect(heatS(plain("squid", { form: "stuffed" }))).toBeGreaterThan(2400);
  });
  test("a crab cake is minced and cooked by its rule", () => {
    expect(plain("brown-crab", { form: "cake" }).safety).toMatchObject({
      meets: true,
      rule: expect.stringMatching(/comminuted/),
    });
  });
});

test.each<[string, Record<string, unknown>, string]>([
  ["walls that meet", { shape: { kind: "tube", diameter_mm: 30, wall_mm: 15 }, species: "squid" }, "shape.wall_mm"],
  ["a form the animal has not", { form: "stuffed" }, "form"],
  ["an animal eaten raw", { species: "sea-urchin" }, "species"],
  ["a school the method has not", { school: "old" }, "school"],
  ["no such method", { method: "boil-in-a-shoe" }, "method"],
  ["a target out of reach", { method: "bath-sear", medium_c: 40, target: { centre_c: 80 } }, "target"],
  ["a field nobody knows", { colour: "blue" }, "colour"],
])("%s is refused where it stands, in words", (_, part, path) => {
  expect(problem(part)).toMatchObject({ path, message: expect.stringMatching(/\w{3,}/) as string });
});
