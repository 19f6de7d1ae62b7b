import fc from "fast-check";
import { broilerView } from "./viewFactor";

/** The same share by summing the plane in small squares: cos² / (π r²) for each (definition of the view factor). */
function summed(distanceMm: number): number {
  const cells = 200;
  const stepMm = 300 / cells;
  let sum = 0;
  for (let x = 0; x < cells; x++)
    for (let y = 0; y < cells; y++) {
      const square = ((x + 0.5) * stepMm - 150) ** 2 + ((y + 0.5) * stepMm - 150) ** 2 + distanceMm ** 2;
      sum += (distanceMm ** 2 / square / (Math.PI * square)) * stepMm ** 2;
    }
  return 0.41 * sum;
}

test.each([60, 100, 130, 250])("at %d mm the closed form is the sum over the plane", (distanceMm) => {
  expect(broilerView(distanceMm)).toBeCloseTo(summed(distanceMm), 3);
});

test("further off sees less, never more than what glows", () => {
  fc.assert(
    fc.property(fc.integer({ min: 20, max: 400 }), (distanceMm) => {
      expect(broilerView(distanceMm)).toBeLessThan(0.41);
      expect(broilerView(distanceMm + 10)).toBeLessThan(broilerView(distanceMm));
    }),
    { seed: 2 },
  );
});
