import { findSpecies } from "@/core/species";
import { chillAfterCooking, type Chilled } from "./chill";

const cod: Chilled = {
  kind: "piece",
  shape: { kind: "slab", thicknessMm: 40 },
  composition: findSpecies("cod")!.compositionPct,
};
const way = (id: string, chilled: Chilled, fromC: number) =>
  chillAfterCooking(chilled, fromC, "fda-2022").find(({ way: { id: here } }) => here === id)!;

// computed for a slab of k 0.5, a 1.38e-7 by series and by a model of its own: 40 mm from 60 °C, ice at 0.5 °C with h 400
test("40 mm from 60 °C in stirred ice is at 21 °C in 29 min and at 5 °C in 62", () => {
  const { to21Min, to5Min, verdict } = way("ice-bath", cod, 60);
  expect(Math.abs(to21Min! / 28.8 - 1)).toBeLessThan(0.06);
  expect(Math.abs(to5Min! / 62.3 - 1)).toBeLessThan(0.06);
  expect(verdict.verdict).toBe("pass");
});

test("the same in the air of a refrigerator takes more than two hours to 21 °C: it fails the first step", () => {
  const { to21Min, verdict, passesToMm } = way("refrigerator", cod, 60);
  expect(to21Min).toBeGreaterThan(120);
  expect(verdict.verdict).toBe("fail");
  expect(passesToMm).toBeLessThan(40);
});

test("deeper stock is slower, stirring helps, and the depth that passes is named", () => {
  const pot = (depthMm: number, stirred: boolean): Chilled => ({ kind: "liquid", depthMm, stirred });
  const minutes = (chilled: Chilled) => way("ice-bag", chilled, 85).to5Min ?? Infinity;
  expect(minutes(pot(60, false))).toBeGreaterThan(minutes(pot(40, false)));
  expect(minutes(pot(60, true))).toBeLessThan(minutes(pot(60, false)));
  const { passesToMm } = way("ice-bag", pot(100, false), 85);
  expect(way("ice-bag", pot(passesToMm!, false), 85).verdict.verdict).toBe("pass");
});
