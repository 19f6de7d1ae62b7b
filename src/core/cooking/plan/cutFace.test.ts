import { findSpecies } from "@/core/species";
import { cutFace, type CutFace } from "./cutFace";
import { findTimes } from "./findTimes";
import { jobOf, type CookRequest } from "./request";

const salmon: CookRequest = {
  species: findSpecies("atlantic-salmon")!,
  shape: { kind: "slab", thicknessMm: 28 },
  skin: true,
  startC: 8,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 45 },
  ruleSetId: "eu-853",
};

function cut(part: Partial<CookRequest>) {
  const job = jobOf({ ...salmon, ...part });
  const found = findTimes(job);
  if (!found.ok) throw new Error(found.error.message.code);
  const { programme, seconds } = found.value;
  const outcome = programme.outcome(seconds);
  return { face: cutFace(programme, outcome.seconds), outcome };
}
const at = ({ columns, opaque }: CutFace, row: number, column: number) => opaque[row * columns + column];
const known = (values: readonly (number | null | undefined)[]) =>
  values.filter((value): value is number => typeof value === "number");

test("a fillet is thickest in the middle, thin at both edges alike, and the thin edges are further done", () => {
  const { face } = cut({});
  const column = (index: number) => Array.from({ length: face.rows }, (_, row) => at(face, row, index));
  const heights = Array.from({ length: face.columns }, (_, index) => known(column(index)).length);
  const middle = (face.columns - 1) / 2;
  expect(heights[middle]).toBe(face.rows);
  expect(heights[0]).toBeLessThan(0.8 * face.rows);
  expect(heights).toEqual(heights.toReversed());
  const leastSet = (index: number) => Math.min(...known(column(index)));
  expect(leastSet(0)).toBeGreaterThan(leastSet(middle));
});

test("the outside is opaque, the middle of a mi-cuit piece is not yet", () => {
  const { face } = cut({ goal: { kind: "centre", targetC: 38 } });
  const middle = (face.columns - 1) / 2;
  expect(at(face, face.rows - 1, middle)).toBeGreaterThan(0.9);
  expect(at(face, Math.floor(face.rows / 2), middle)).toBeLessThan(0.5);
});

test("what is drawn in the middle is what the plan says of it: its temperature when served", () => {
  const { face, outcome } = cut({});
  const middle = (face.columns - 1) / 2;
  const servedC = face.temperatureC[Math.floor(face.rows / 2) * face.columns + middle]!;
  // served within a degree of its warmest; a row is not quite the middle
  expect(Math.abs(servedC - outcome.restPeakC)).toBeLessThan(2.5);
});

test("a round piece is cut to a disc, rings of it alike all round", () => {
  const { face } = cut({
    species: findSpecies("monkfish")!,
    shape: { kind: "cylinder", diameterMm: 45 },
    skin: false,
    methodId: "wrapped",
    goal: { kind: "centre", targetC: 52 },
  });
  expect([face.columns, face.aspect]).toEqual([face.rows, 1]);
  // π/4 of the square is disc
  expect(known(face.opaque).length / face.opaque.length).toBeCloseTo(Math.PI / 4, 1);
  const last = face.rows - 1;
  for (let row = 0; row < face.rows; row++)
    for (let column = 0; column < face.columns; column++) {
      expect(at(face, row, column)).toBe(at(face, last - row, column));
      expect(at(face, row, column)).toBe(at(face, column, row));
    }
});

test("a short round piece is cut upright, as wide as it is, left and right alike", () => {
  const { face } = cut({
    species: findSpecies("king-scallop")!,
    shape: { kind: "puck", diameterMm: 40, heightMm: 22 },
    skin: false,
    methodId: "scallop-sear",
    goal: { kind: "centre", targetC: 46 },
  });
  expect(face.aspect).toBeCloseTo(40 / 22, 9);
  expect(known(face.opaque)).toHaveLength(face.opaque.length);
  for (let row = 0; row < face.rows; row++)
    for (let column = 0; column < face.columns; column++)
      expect(at(face, row, column)).toBe(at(face, row, face.columns - 1 - column));
});
