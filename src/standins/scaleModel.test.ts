import { readScale } from "./scaleModel";

test("swings in, then stands at the weight; empty shows nothing", () => {
  expect(readScale({ onG: 640, sinceS: 0.1 }).stable).toBe(false);
  expect(readScale({ onG: 640, sinceS: 4 })).toEqual({ massG: 640, stable: true });
  expect(readScale({ onG: 0, sinceS: 4 }).massG).toBe(0);
  const path = [0, 0.2, 0.5, 0.9, 1.4, 2].map((sinceS) => Math.abs(readScale({ onG: 500, sinceS }).massG - 500));
  expect(Math.max(...path.slice(3))).toBeLessThan(Math.max(...path.slice(0, 3)));
});
