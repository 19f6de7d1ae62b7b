import fc from "fast-check";
import { boilsAtC, mixedVolumeMl, moleFraction, vapourFraction, vapourMassShare } from "./ethanol";

const mass = fc.double({ min: 0.5, max: 2000, noNaN: true });

// Perry's Chemical Engineers' Handbook and the CRC Handbook: the azeotrope at 1 atm boils at 78.15-78.2 °C with 95.6 % ethanol by mass (memory, high)
test("at the azeotrope liquid and vapour are one, and it boils there lowest", () => {
  const [ethanolG, waterG] = [95.6, 4.4];
  expect(vapourFraction(moleFraction(ethanolG, waterG))).toBeCloseTo(moleFraction(ethanolG, waterG), 2);
  expect(boilsAtC(ethanolG, waterG)).toBeCloseTo(78.15, 1);
});

test.each([
  // wine of 12 % by volume holds 94.7 g of ethanol a litre; at 1 atm it begins to boil near 91.5 °C (handbooks of oenology; memory, low)
  [94.7, 886, 91.5, 1.5],
  [0, 1000, 100, 1e-9],
])("%f g of ethanol in %f g of water boil at about %f °C", (ethanolG, waterG, boilsC, within) => {
  expect(Math.abs(boilsAtC(ethanolG, waterG) - boilsC)).toBeLessThan(within);
});

test("below the azeotrope the vapour is richer than the liquid: a pan that boils loses its alcohol first", () => {
  fc.assert(
    fc.property(mass, mass, (ethanolG, waterG) => {
      const share = ethanolG / (ethanolG + waterG);
      fc.pre(share > 0.001 && share < 0.94);
      expect(vapourMassShare(ethanolG, waterG)).toBeGreaterThan(share);
      expect(vapourMassShare(ethanolG, waterG)).toBeLessThanOrEqual(1);
    }),
  );
});

test("more alcohol boils no hotter, up to the azeotrope", () => {
  for (let share = 0.05; share < 0.95; share += 0.05)
    expect(boilsAtC(100 * share, 100 - 100 * share)).toBeLessThanOrEqual(
      boilsAtC(100 * (share - 0.05), 105 - 100 * share) + 1e-9,
    );
});

test("mixed, they take less room than apart, most of all near half and half (OIML tables; memory, high)", () => {
  const apartMl = (ethanolG: number, waterG: number) => ethanolG / 0.78924 + waterG / 0.9982;
  fc.assert(
    fc.property(mass, mass, (ethanolG, waterG) => {
      const share = 1 - mixedVolumeMl(ethanolG, waterG) / apartMl(ethanolG, waterG);
      expect(share).toBeGreaterThanOrEqual(-1e-6);
      // at the most about 3.7 % are lost
      expect(share).toBeLessThan(0.04);
    }),
  );
  expect(mixedVolumeMl(0, 0)).toBe(0);
});

test("no ethanol, none in the vapour; no water, nothing else", () => {
  expect([vapourMassShare(0, 100), moleFraction(0, 0)]).toEqual([0, 0]);
  expect(vapourFraction(1)).toBe(1);
});
