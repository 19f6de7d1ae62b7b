import { methodOf, planSheet, shapeFor, usualPiece } from "@/core/cooking";
import { isCooked, SPECIES } from "@/core/species";
import { firstAsk } from "./firstAsk";
import { loadOfBatch, questionOf } from "./question";

const opened = SPECIES.filter(({ group }) => isCooked(group)).map((species) => {
  const { massG } = usualPiece(species);
  return { species, massG, ask: firstAsk(species, {}, 80) };
});

test.each(opened.map((one) => [one.species.id, one] as const))(
  "%s: the bench opens on a way that suits its shape, with a plan that ends where the animal is served",
  (_, { species, ask, massG }) => {
    const method = methodOf(ask.methodId);
    expect(method.suits.shapes).toContain(ask.shape);
    expect(ask.pieces).toBeLessThanOrEqual(40);
    const { sizeMm } = ask;
    const load = { pieceG: massG, thicknessMm: sizeMm, thinnestMm: sizeMm, thickestMm: sizeMm };
    const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
    const planned = planSheet(questionOf(piece, ask, { ruleSetId: "eu-853" }));
    if (!planned.ok) throw new Error(planned.error.code);
    const { stages, peakC, rimMm, refusal, window, serveS } = planned.value;
    expect(stages.length).toBeGreaterThan(0);
    expect(serveS).toBeGreaterThan(20);
    expect(refusal).toBeNull();
    expect(window.earlyS + window.lateS).toBeGreaterThan(0);
    if (ask.goal.kind === "rim") expect(Math.abs(rimMm - ask.goal.rimMm)).toBeLessThan(0.2);
    else if (!method.tender) {
      const [low, high] = species.usualCentreC!;
      expect(peakC).toBeGreaterThan(low - 0.5);
      expect(peakC).toBeLessThan(high + 0.5);
    }
  },
);

test("one piece weighs about what its size says: a shell is not a plateful of them", () => {
  for (const { species, ask, massG } of opened) {
    const shape = shapeFor(species.portion.shape, ask.sizeMm, massG, species.compositionPct);
    if (shape.kind !== "sphere" || species.group !== "bivalve") continue;
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
