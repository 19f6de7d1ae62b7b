import type { Species } from "@/core/species";
import { saltDiffusivity } from "./diffusivity";
import { SoluteSlab } from "./slab";

/** A stretch in salted water: how warm the flesh is on the mean, and how long. */
export type SoakLeg = { readonly pointC: number; readonly seconds: number };

/** kg/m³ of flesh; only the share of water in it takes part. */
const FLESH_KG_PER_M3 = 1060;
const STEPS_PER_LEG = 240;

/**
 * Salt a piece takes up from water it cooks or lies in, g per kg of flesh; more water than flesh, so the bath stays as it is. A round arm
 * is reckoned as the slab with the same face to its volume, half its diameter. Heat opens flesh further than the law for salt in water
 * says (no figure known to us): rather more than less.
 */
export function saltTakenUp(species: Species, diameterMm: number, saltGPerL: number, legs: readonly SoakLeg[]): number {
  const waterShare = species.compositionPct.water / 100;
  const referenceC = 4;
  const reference = saltDiffusivity(species, referenceC);
  const slab = new SoluteSlab(
    {
      thicknessMm: diameterMm / 2,
      faces: 2,
      diffusivityM2PerS: reference,
      waterKgPerM3: FLESH_KG_PER_M3 * waterShare,
    },
    { kind: "constant", concentration: saltGPerL / 1000 },
  );
  for (const { pointC, seconds } of legs) {
    // one law at every temperature: warmer is the same path walked faster
    const faster = saltDiffusivity(species, pointC) / reference;
    for (let step = 0; step < STEPS_PER_LEG; step++) slab.step((seconds * faster) / STEPS_PER_LEG);
  }
  return slab.meanConcentration * waterShare * 1000;
}
