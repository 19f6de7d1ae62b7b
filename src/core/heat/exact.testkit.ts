import erfc from "@stdlib/math-base-special-erfc";

/** Positive roots of ζ tan ζ = Bi, by bisection inside each branch (Carslaw and Jaeger 1959, §3.10). */
function slabRoots(biot: number, count: number): number[] {
  return Array.from({ length: count }, (_, branch) => {
    let low = branch * Math.PI;
    let high = low + Math.PI / 2;
    for (let iteration = 0; iteration < 200; iteration++) {
      const middle = (low + high) / 2;
      if (middle * Math.tan(middle) < biot) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  });
}

/**
 * Unaccomplished temperature in a slab convected equally on both faces; `position` 0 is the middle, 1 a face.
 * Series: Carslaw and Jaeger 1959, Conduction of Heat in Solids, §3.11; Incropera, one-dimensional transient conduction.
 */
export function slabSeries(biot: number, fourier: number, position: number): number {
  return slabRoots(biot, 200).reduce((sum, root) => {
    const weight = (4 * Math.sin(root)) / (2 * root + Math.sin(2 * root));
    return sum + weight * Math.exp(-root * root * fourier) * Math.cos(root * position);
  }, 0);
}

/** Unaccomplished temperature below the suddenly fixed face of a thick body: erf(x / 2√(αt)) (Carslaw and Jaeger 1959, §2.4). */
export const suddenContact = (depthM: number, diffusivityM2PerS: number, timeS: number): number =>
  1 - erfc(depthM / (2 * Math.sqrt(diffusivityM2PerS * timeS)));
