import { methodOf, planSheet, shapeFor } from "@/core/cooking";
import { isCooked, SPECIES } from "@/core/species";
import { AT_THE_PAN_C, countedPiece, firstAsk } from "./firstAsk";
import { loadOfBatch, questionOf } from "./question";

const opened = SPECIES.filter(({ group }) => isCooked(group)).map((species) => {
  const { sizeMm, massG } = countedPiece(species);
  const piece = { shape: species.portion.shape, sizeMm, massG, startC: AT_THE_PAN_C, pieces: 80 };
  return { species, sizeMm, massG, ask: firstAsk(species, piece) };
});

test.each(opened.map((one) => [one.species.id, one] as const))(
  "%s: the bench opens on a way that suits its shape, with a plan",
  (_, { species, ask, sizeMm, massG }) => {
    expect(methodOf(ask.methodId).suits.shapes).toContain(ask.shape);
    expect(ask.pieces).toBeLessThanOrEqual(40);
    const load = { pieceG: massG, thicknessMm: sizeMm, thinnestMm: sizeMm, thickestMm: sizeMm };
    const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
    const question = questionOf(piece, ask, { ruleSetId: "eu-853" });
    const planned = planSheet(question);
    if (!planned.ok) throw new Error(planned.error);
    expect(planned.value.stages.length).toBeGreaterThan(0);
    expect(planned.value.serveS).toBeGreaterThan(20);
  },
);

test("one piece weighs about what its size says: a shell is not a plateful of them", () => {
  for (const { species, sizeMm, massG } of opened) {
    const shape = shapeFor(species.portion.shape, sizeMm, massG, species.compositionPct);
    if (shape.kind !== "sphere") continue;
    const litreG = (Math.PI / 6) * shape.diameterMm ** 3 * 1e-3;
    // shells carry water and lime besides flesh: within a factor of eight of a ball of water
    expect(massG / litreG).toBeGreaterThan(0.5);
    expect(massG / litreG).toBeLessThan(8);
  }
});

test("a setting nobody touched is left to the method; a batch goes in thickest first", () => {
  const { species, ask } = opened[0]!;
  const load = loadOfBatch(
    [
      { massG: 150, maxThicknessMm: 22 },
      { massG: 170, maxThicknessMm: 28 },
      { massG: 160, maxThicknessMm: 25, cookThicknessMm: 34 },
    ],
    2,
    null,
  )!;
  // the folded one is the thickest the pan sees
  expect(load).toEqual({ pieceG: 165, thicknessMm: 31, thinnestMm: 28, thickestMm: 34 });
  const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
  const kit = { panC: undefined, ovenC: 170 };
  expect(questionOf(piece, { ...ask, kit }, { ruleSetId: "eu-853" }).kit).toEqual({ ovenC: 170 });
  expect(loadOfBatch([], 4, null)).toBeNull();
});
