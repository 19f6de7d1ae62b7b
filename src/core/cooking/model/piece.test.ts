import fc from "fast-check";
import { propertiesOf } from "@/core/matter";
import { SPECIES } from "@/core/species";
import { facesM2, governingMm, resized, shapeFor, waterKgPerM3, type PieceShape, type StovePiece } from "./piece";

const composition = { water: 78, protein: 18, fat: 2, carbohydrate: 0, ash: 2 };
const KINDS: readonly PieceShape["kind"][] = ["slab", "cylinder", "sphere", "puck", "tube"];
const piece = (shape: PieceShape, massG: number): StovePiece => ({
  shape,
  group: "white-flake",
  composition,
  filling: null,
  skin: false,
  startC: 8,
  massG,
  coatMm: 0,
});
const volumeMm3 = (massG: number) => (massG / propertiesOf(composition, 20).densityKgPerM3) * 1e6;

test.each(KINDS)("%s: asked for a size it has that size, resized it has the new one, and back again", (kind) => {
  fc.assert(
    fc.property(fc.integer({ min: 6, max: 80 }), fc.integer({ min: 20, max: 400 }), (sizeMm, massG) => {
      const shape = shapeFor(kind, sizeMm, massG, composition);
      if (kind !== "puck") expect(governingMm(shape)).toBeCloseTo(sizeMm, 9);
      const other = resized(shape, governingMm(shape) * 1.3);
      expect(governingMm(other)).toBeCloseTo(governingMm(shape) * 1.3, 9);
      const back = resized(other, governingMm(shape));
      for (const [key, value] of Object.entries(shape))
        if (typeof value === "number") expect(back[key as keyof PieceShape]).toBeCloseTo(value, 9);
    }),
    { seed: 11, numRuns: 60 },
  );
});

test("a short round piece is as wide as its mass and height make it", () => {
  const shape = shapeFor("puck", 25, 30, composition);
  if (shape.kind !== "puck") throw new Error("a puck was asked for");
  expect((Math.PI / 4) * shape.diameterMm ** 2 * shape.heightMm).toBeCloseTo(volumeMm3(30), 3);
});

test("faces: a long cylinder has 4 V/d around, a ball 6 V/d, and neither has a face to lie on (geometry)", () => {
  const massG = 120;
  const volumeM3 = volumeMm3(massG) / 1e9;
  expect(facesM2(piece({ kind: "cylinder", diameterMm: 40 }, massG))[2]).toBeCloseTo((4 * volumeM3) / 0.04, 9);
  expect(facesM2(piece({ kind: "sphere", diameterMm: 30 }, massG))).toEqual([
    0,
    0,
    expect.closeTo((6 * volumeM3) / 0.03, 9),
  ]);
  const [down, up, around] = facesM2(piece({ kind: "puck", diameterMm: 40, heightMm: 20 }, massG));
  expect(down).toBeCloseTo((Math.PI / 4) * 0.04 ** 2, 9);
  expect(up).toBe(down);
  expect(around).toBeCloseTo(Math.PI * 0.04 * 0.02, 9);
});

test("the thicker a fillet of one mass, the less of the pan it covers", () => {
  const covers = (thicknessMm: number) => facesM2(piece({ kind: "slab", thicknessMm }, 160))[0];
  expect(covers(30)).toBeCloseTo(covers(15) / 2, 9);
});

test("water in a cubic metre of flesh is its share of the mass, for every fish of the table", () => {
  for (const { compositionPct } of SPECIES) {
    const { water, protein, fat, carbohydrate, ash } = compositionPct;
    const share = water / (water + protein + fat + carbohydrate + ash);
    expect(waterKgPerM3(compositionPct)).toBeCloseTo(share * propertiesOf(compositionPct, 20).densityKgPerM3, 3);
    expect(waterKgPerM3(compositionPct)).toBeLessThan(1000);
  }
});
