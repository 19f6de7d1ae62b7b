import fc from "fast-check";
import { SPECIES } from "@/core/species";
import { startingSide, withLength, withStations } from "./startingSide";

const fish = SPECIES.filter(({ portion }) => portion.shape === "slab");

test.each(fish.map((species) => [species.id, species] as const))(
  "%s: starts as thick as the table has it, thick end before thin, stations in order from end to end",
  (_, species) => {
    const { lengthMm, massG, profile } = startingSide(species, 800);
    expect(massG).toBe(800);
    expect(Math.max(...profile.map(({ thicknessMm }) => thicknessMm))).toBe(Math.round(species.portion.thicknessMm));
    expect([profile[0]!.atMm, profile.at(-1)!.atMm]).toEqual([0, lengthMm]);
    expect(profile.at(-1)!.thicknessMm).toBeLessThan(profile[0]!.thicknessMm);
    const places = profile.map(({ atMm }) => atMm);
    expect(places).toEqual([...places].sort((a, b) => a - b));
  },
);

test("stations spread anew lie on the old profile, and a stretched side keeps its shape", () => {
  const side = startingSide(fish[0]!, 900);
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 12 }), fc.integer({ min: 120, max: 1200 }), (count, lengthMm) => {
      const spread = withStations(side, count);
      expect(spread.profile).toHaveLength(count);
      for (const { atMm, thicknessMm } of spread.profile) {
        const after = side.profile.find((station) => station.atMm >= atMm) ?? side.profile.at(-1)!;
        const before = side.profile.findLast((station) => station.atMm <= atMm) ?? side.profile[0]!;
        expect(thicknessMm).toBeGreaterThanOrEqual(Math.min(before.thicknessMm, after.thicknessMm));
        expect(thicknessMm).toBeLessThanOrEqual(Math.max(before.thicknessMm, after.thicknessMm));
      }
      const stretched = withLength(side, lengthMm);
      expect(stretched.profile.at(-1)!.atMm).toBeCloseTo(lengthMm, 9);
      for (const [index, { atMm }] of stretched.profile.entries())
        expect(atMm / lengthMm).toBeCloseTo(side.profile[index]!.atMm / side.lengthMm, 9);
    }),
    { seed: 2, numRuns: 50 },
  );
});
