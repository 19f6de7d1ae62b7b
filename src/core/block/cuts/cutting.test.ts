import fc from "fast-check";
import { panGroups, timeRatio } from "./panGroups";
import { LeanedShape } from "./shape";
import { SideShape, type Side } from "./side";
import { planSides, type SidesRequest } from "./sidesPlan";

const side = (massG: number, thickMm = 30): Side => ({
  lengthMm: 420,
  massG,
  profile: [
    { atMm: 0, thicknessMm: 0.7 * thickMm, widthMm: 110 },
    { atMm: 120, thicknessMm: thickMm, widthMm: 130 },
    { atMm: 300, thicknessMm: 0.7 * thickMm, widthMm: 100 },
    { atMm: 420, thicknessMm: 0.25 * thickMm, widthMm: 50 },
  ],
});
const request = (part: Partial<SidesRequest>): SidesRequest => ({
  sides: [side(1000), side(900, 26)],
  portionG: 160,
  toleranceG: 10,
  minPieceMm: 25,
  covers: null,
  preference: "even",
  leanDeg: 0,
  tails: "as-cut",
  trimUse: "cakes",
  ...part,
});

test("mass under a slanted knife against summing small cubes", () => {
  const one = side(1000);
  const leaned = new LeanedShape(one, 45);
  const straight = new SideShape(one);
  for (const atMm of [60, 150, 290, 400]) {
    let [under, all] = [0, 0];
    for (let x = 0.5; x < 420; x++)
      for (let z = 0.25; z < straight.thicknessAtMm(x); z += 0.5) {
        const cube = straight.widthAtMm(x);
        all += cube;
        if (x + z <= atMm) under += cube;
      }
    expect(Math.abs(leaned.massUpToG(atMm) - (1000 * under) / all)).toBeLessThan(4);
  }
  expect(leaned.massUpToG(leaned.side.lengthMm)).toBeCloseTo(1000, 9);
  expect(leaned.positionOfMm(leaned.massUpToG(222))).toBeCloseTo(222, 3);
});

test("several sides: as many as one by one, and for fewer covers no portion off its weight", () => {
  const most = planSides(request({}));
  expect(most.portions).toBe(
    planSides(request({ sides: [side(1000)] })).portions + planSides(request({ sides: [side(900, 26)] })).portions,
  );
  const eight = planSides(request({ covers: 8 }));
  expect(eight.portions).toBe(8);
  expect(eight.spreadG).toBeLessThan(1e-6);
  expect(planSides(request({ covers: 40 })).short).toBe(40 - most.portions);
});

test("counts per side against trying every split (brute force): least deviation, then least spread of time", () => {
  const sides = [side(1000), side(700, 22), side(520, 34)];
  for (const covers of [3, 6, 9, 11, 13]) {
    const plan = planSides(request({ sides, covers }));
    const deviation = (pieces: typeof plan.pieces) =>
      pieces.filter(({ role }) => role === "portion").reduce((sum, { massG }) => sum + (massG - 160) ** 2, 0);
    let least = Infinity;
    let reachable = 0;
    const alone = sides.map((one) =>
      Array.from({ length: 8 }, (_, count) => planSides(request({ sides: [one], covers: count }))),
    );
    for (const a of alone[0]!)
      for (const b of alone[1]!)
        for (const c of alone[2]!) {
          const count = a.portions + b.portions + c.portions;
          reachable = Math.max(reachable, Math.min(count, covers));
          if (count === covers)
            least = Math.min(least, deviation(a.pieces) + deviation(b.pieces) + deviation(c.pieces));
        }
    expect(plan.portions).toBe(reachable);
    if (Number.isFinite(least)) expect(deviation(plan.pieces)).toBeLessThanOrEqual(least + 1e-6);
  }
});

test("centre first takes the thickest part; even takes it where thickness changes least", () => {
  const mean = (preference: "even" | "centre") => {
    const { pieces } = planSides(request({ sides: [side(1000)], covers: 3, preference }));
    const portions = pieces.filter(({ role }) => role === "portion");
    return portions.reduce((sum, { meanThicknessMm }) => sum + meanThicknessMm, 0) / portions.length;
  };
  expect(mean("centre")).toBeGreaterThanOrEqual(mean("even") - 1e-9);
});

test("thin tail portions folded are as thick as two of them; tail ends of two sides make a portion", () => {
  const folded = planSides(request({ sides: [side(960)], tails: "fold" })).pieces.filter(
    ({ role }) => role === "folded",
  );
  for (const one of folded) expect(one.cookThicknessMm).toBeCloseTo(2 * one.meanThicknessMm, 9);
  expect(folded.length).toBeGreaterThan(0);
  const alike = { sides: [side(890), side(890)], covers: null } as const;
  const plain = planSides(request({ ...alike, toleranceG: 3 }));
  const pairs = planSides(request({ ...alike, toleranceG: 3, tails: "pair" }));
  expect(pairs.portions).toBe(plain.portions + 1);
  expect(pairs.pieces.find(({ role }) => role === "paired")!.massG).toBeGreaterThanOrEqual(157);
});

test("laws: no grams lost over all sides, leaned or not, paired or folded; every portion within tolerance", () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.tuple(fc.double({ min: 250, max: 1800, noNaN: true }), fc.double({ min: 12, max: 45, noNaN: true })),
        {
          minLength: 1,
          maxLength: 4,
        },
      ),
      fc.constantFrom("as-cut" as const, "fold" as const, "pair" as const),
      fc.constantFrom(0, 20, 45),
      fc.option(fc.integer({ min: 1, max: 20 }), { nil: null }),
      fc.constantFrom("even" as const, "centre" as const),
      (given, tails, leanDeg, covers, preference) => {
        const sides = given.map(([massG, thick]) => side(massG, thick));
        const plan = planSides(request({ sides, tails, leanDeg, covers, preference }));
        const total = sides.reduce((sum, { massG }) => sum + massG, 0);
        expect(plan.pieces.reduce((sum, { massG }) => sum + massG, 0)).toBeCloseTo(total, 3);
        for (const { role, massG } of plan.pieces)
          if (role !== "trim") expect(Math.abs(massG - 160)).toBeLessThanOrEqual(10 + 1e-3);
        if (covers !== null) expect(plan.portions).toBeLessThanOrEqual(covers);
      },
    ),
    { numRuns: 40, seed: 9 },
  );
});

describe("groups for the pan", () => {
  const groupsOf = (...thicknesses: number[]) => panGroups(thicknesses, (one) => one);
  test("alike pieces are one group; thick and thin ones apart, thickest first", () => {
    expect(groupsOf(26, 25, 27)).toHaveLength(1);
    const groups = groupsOf(30, 18, 29, 17, 31);
    expect(groups.map(({ label, pieces }) => [label, pieces])).toEqual([
      ["first in", [31, 30, 29]],
      ["second in", [18, 17]],
    ]);
    expect(groups[1]!.timeShare).toBeCloseTo(timeRatio(18, 31), 9);
    expect(groupsOf()).toEqual([]);
  });
  test("x1.5 thickness is x1.9 time in a pan, between the powers 1.5 and 2 (arithmetic)", () => {
    expect(timeRatio(30, 20)).toBeGreaterThan(1.5 ** 1.5);
    expect(timeRatio(30, 20)).toBeLessThan(2.25);
  });
  test("law: every piece in one group, groups do not overlap, at most three", () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 5, max: 60, noNaN: true }), { minLength: 1, maxLength: 14 }),
        (thicknesses) => {
          const groups = panGroups(thicknesses, (one) => one);
          expect(groups.flatMap(({ pieces }) => pieces).sort()).toEqual([...thicknesses].sort());
          expect(groups.length).toBeLessThanOrEqual(3);
          groups
            .slice(1)
            .forEach((group, index) => expect(group.thickestMm).toBeLessThanOrEqual(groups[index]!.thinnestMm));
        },
      ),
    );
  });
});
