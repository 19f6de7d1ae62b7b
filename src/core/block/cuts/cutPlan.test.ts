import fc from "fast-check";
import { planCuts, type CutRequest } from "./cutPlan";
import { SideShape, type Station } from "./side";

const SALMON_SIDE: readonly Station[] = [
  { atMm: 0, thicknessMm: 22, widthMm: 120 },
  { atMm: 150, thicknessMm: 32, widthMm: 140 },
  { atMm: 350, thicknessMm: 24, widthMm: 110 },
  { atMm: 520, thicknessMm: 8, widthMm: 60 },
];
const request = (part: Partial<CutRequest>): CutRequest => ({
  side: { lengthMm: 520, massG: 1180, profile: SALMON_SIDE },
  portionG: 160,
  toleranceG: 10,
  minPieceMm: 25,
  ...part,
});

/** Every way to cut on a grid of whole millimetres: an independent, slow optimum for small sides. */
function bruteForce({ side, portionG, toleranceG, minPieceMm }: CutRequest, gridMm: number) {
  const shape = new SideShape(side);
  const marks = Array.from({ length: Math.floor(side.lengthMm / gridMm) + 1 }, (_, index) => index * gridMm);
  const mass = marks.map((at) => shape.massUpToG(at));
  let best = { portions: 0, deviation: 0 };
  const search = (from: number, portions: number, deviation: number) => {
    if (portions > best.portions || (portions === best.portions && deviation < best.deviation))
      best = { portions, deviation };
    for (let start = from; start < marks.length; start++) {
      for (let end = start + 1; end < marks.length; end++) {
        const grams = mass[end]! - mass[start]!;
        if (grams > portionG + toleranceG) break;
        if (grams < portionG - toleranceG || marks[end]! - marks[start]! < minPieceMm) continue;
        search(end, portions + 1, deviation + (grams - portionG) ** 2);
      }
    }
  };
  search(0, 0, 0);
  return best;
}

test("mass along the side agrees with fine numerical summation", () => {
  const shape = new SideShape(request({}).side);
  let [sum, part] = [0, 0];
  const stepMm = 0.01;
  for (let at = stepMm / 2; at < 520; at += stepMm) {
    const slice = shape.thicknessAtMm(at) * shape.widthAtMm(at) * stepMm;
    sum += slice;
    if (at < 200) part += slice;
  }
  expect(shape.massUpToG(200)).toBeCloseTo((1180 * part) / sum, 3);
  expect(shape.massUpToG(520)).toBeCloseTo(1180, 9);
});

test("a rectangular block: seven portions of 160 from 1180 g, 60 g of trim, no spread", () => {
  const profile = [
    { atMm: 0, thicknessMm: 30, widthMm: 100 },
    { atMm: 520, thicknessMm: 30, widthMm: 100 },
  ];
  const plan = planCuts(request({ side: { lengthMm: 520, massG: 1180, profile } }));
  expect(plan.portions).toBe(7);
  expect(plan.trimG).toBeCloseTo(60, 6);
  expect(plan.spreadG).toBeCloseTo(0, 6);
});

test("too little for all at the wanted weight: equal portions just under it and no trim", () => {
  const plan = planCuts(request({ side: { lengthMm: 520, massG: 7 * 155, profile: SALMON_SIDE } }));
  expect(plan.portions).toBe(7);
  expect(plan.trimG).toBeCloseTo(0, 5);
  for (const piece of plan.pieces) expect(piece.massG).toBeCloseTo(155, 5);
});

test("the thin tail is the trim of a tapering side, not its middle", () => {
  const plan = planCuts(request({ portionG: 180, toleranceG: 5 }));
  expect(plan.pieces.at(-1)!.role).toBe("trim");
  expect(plan.pieces.at(-1)!.toMm).toBe(520);
});

test("a side lighter than one portion is all trim", () => {
  const plan = planCuts(request({ side: { lengthMm: 200, massG: 100, profile: SALMON_SIDE.slice(0, 2) } }));
  expect(plan).toMatchObject({ portions: 0, cutsMm: [], trimG: expect.closeTo(100, 6) });
});

describe("against brute force over every grid cut of small sides", () => {
  test.each([
    { name: "tapering", lengthMm: 60, massG: 150, portionG: 40, toleranceG: 6, minPieceMm: 8, head: 30, tail: 10 },
    {
      name: "short thick end forbids light pieces",
      lengthMm: 60,
      massG: 210,
      portionG: 40,
      toleranceG: 6,
      minPieceMm: 12,
      head: 40,
      tail: 8,
    },
    {
      name: "nothing fits the thick end",
      lengthMm: 50,
      massG: 300,
      portionG: 40,
      toleranceG: 4,
      minPieceMm: 14,
      head: 40,
      tail: 2,
    },
    { name: "even block", lengthMm: 60, massG: 130, portionG: 42, toleranceG: 3, minPieceMm: 5, head: 20, tail: 20 },
  ])("$name", ({ lengthMm, massG, portionG, toleranceG, minPieceMm, head, tail }) => {
    const profile = [
      { atMm: 0, thicknessMm: head, widthMm: 60 },
      { atMm: lengthMm, thicknessMm: tail, widthMm: 40 },
    ];
    const small = { side: { lengthMm, massG, profile }, portionG, toleranceG, minPieceMm };
    const plan = planCuts(small);
    const brute = bruteForce(small, 1);
    const deviation = plan.pieces
      .filter(({ role }) => role === "portion")
      .reduce((sum, piece) => sum + (piece.massG - portionG) ** 2, 0);
    expect(plan.portions).toBeGreaterThanOrEqual(brute.portions);
    if (plan.portions === brute.portions) expect(deviation).toBeLessThanOrEqual(brute.deviation + 0.5);
  });
});

test("laws: no grams lost or made, every portion in tolerance and long enough, a lighter wish never gives fewer portions", () => {
  const station = fc.record({
    thicknessMm: fc.double({ min: 2, max: 60, noNaN: true }),
    widthMm: fc.double({ min: 20, max: 160, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.array(station, { minLength: 3, maxLength: 7 }),
      fc.double({ min: 120, max: 700, noNaN: true }),
      fc.double({ min: 200, max: 3000, noNaN: true }),
      fc.double({ min: 60, max: 260, noNaN: true }),
      fc.double({ min: 2, max: 20, noNaN: true }),
      (stations, lengthMm, massG, portionG, toleranceG) => {
        const profile = stations.map((given, index) => ({
          ...given,
          atMm: (index / (stations.length - 1)) * lengthMm,
        }));
        const wish = { side: { lengthMm, massG, profile }, portionG, toleranceG, minPieceMm: 20 };
        const plan = planCuts(wish);
        expect(plan.pieces.reduce((sum, piece) => sum + piece.massG, 0)).toBeCloseTo(massG, 4);
        let reached = 0;
        for (const piece of plan.pieces) {
          expect(Math.abs(piece.fromMm - reached)).toBeLessThan(1e-3);
          reached = piece.toMm;
          if (piece.role === "trim") continue;
          expect(Math.abs(piece.massG - portionG)).toBeLessThanOrEqual(toleranceG + 1e-4);
          expect(piece.toMm - piece.fromMm).toBeGreaterThan(20 - 1e-4);
        }
        expect(planCuts({ ...wish, minPieceMm: 10 }).portions).toBeGreaterThanOrEqual(plan.portions);
      },
    ),
    { numRuns: 60, seed: 7 },
  );
});
