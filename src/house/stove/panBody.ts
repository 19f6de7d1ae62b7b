import { PANS } from "@/core/cooking";

/** Heat the empty pan takes up, J/K: the body of the stove's pan nearest in size, by the area of its base. */
export function panBodyJPerK(diameterMm: number): number {
  const nearest = PANS.reduce<(typeof PANS)[number]>(
    (best, pan) => (Math.abs(pan.diameterMm - diameterMm) < Math.abs(best.diameterMm - diameterMm) ? pan : best),
    PANS[0],
  );
  return nearest.heatCapacityJPerK * (diameterMm / nearest.diameterMm) ** 2;
}

/** A pan on its burner with what is poured in at 20 °C. */
export const stoveOf = ({ panMm, netPowerW }: { readonly panMm: number; readonly netPowerW: number }) => ({
  pan: { diameterMm: panMm, bodyJPerK: panBodyJPerK(panMm) },
  netPowerW,
  startC: 20,
});
