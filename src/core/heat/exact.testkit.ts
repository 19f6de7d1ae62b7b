import type { Face } from "./face";
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

/** Bessel functions of the first kind by Bessel's integral (Abramowitz and Stegun 1964, 9.1.21); the trapezoid rule is exact to rounding. */
const besselJ = (order: number, x: number): number => {
  const points = 120;
  let sum = 0;
  for (let point = 0; point < points; point++) {
    const angle = ((point + 0.5) / points) * Math.PI;
    sum += Math.cos(order * angle - x * Math.sin(angle));
  }
  return sum / points;
};

/** Positive roots of ζ J1(ζ) = Bi J0(ζ), one between each pair of zeros of J1 and J0 (Carslaw and Jaeger 1959, §7.7). */
function cylinderRoots(biot: number, count: number): number[] {
  const roots: number[] = [];
  const value = (x: number) => x * besselJ(1, x) - biot * besselJ(0, x);
  const stepX = 0.1;
  let after = value(1e-6);
  for (let x = 1e-6; roots.length < count; x += stepX) {
    const before = after;
    after = value(x + stepX);
    if (before * after > 0) continue;
    let [low, high] = [x, x + stepX];
    for (let iteration = 0; iteration < 60; iteration++) {
      const middle = (low + high) / 2;
      if (value(low) * value(middle) > 0) low = middle;
      else high = middle;
    }
    roots.push((low + high) / 2);
  }
  return roots;
}

/** Unaccomplished temperature on the axis (or at `position` of the radius) of a long cylinder convected at its side. */
export function cylinderSeries(biot: number, fourier: number, position: number): number {
  return cylinderRoots(biot, 10).reduce((sum, root) => {
    const weight = (2 * besselJ(1, root)) / (root * (besselJ(0, root) ** 2 + besselJ(1, root) ** 2));
    return sum + weight * Math.exp(-root * root * fourier) * besselJ(0, root * position);
  }, 0);
}

export const bath = { kind: "convection", hWPerM2K: 200, ambientC: 60 } as const satisfies Face;

/** A bath that warms slowly and smoothly: away from a jump, where the order of a scheme shows. */
export const risingBath = (timeS: number): Face => ({ ...bath, ambientC: 30 + 30 * Math.sin((Math.PI * timeS) / 960) });

/** Richardson: of three steps, each half the one before, how much nearer the halves come; 4 is second order. */
export function gainOfHalving(after: (stepS: number) => number): number {
  const [coarse, middle, fine] = [after(16), after(8), after(4)];
  return Math.abs(coarse - middle) / Math.abs(middle - fine);
}
