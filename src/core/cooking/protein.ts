/**
 * First-order setting of myosin, the change that turns flesh opaque: dX/dt = (1 - X) ln10 / D, D = D45 · 10^((45 - T)/z).
 * D45 6 min, z 6 K: fitted to the peak of cold-water fish myosin at 40-47 °C (Hastings 1985; Skipnes et al. 2008); confidence low.
 */
const MYOSIN = { referenceC: 45, dReferenceS: 360, zK: 6 } as const;

/** Decimal setting time at `pointC`, s. */
export const myosinDS = (pointC: number): number =>
  MYOSIN.dReferenceS * 10 ** ((MYOSIN.referenceC - pointC) / MYOSIN.zK);

/** Advances the unset share of each cell by `stepS`; writes into `unset`. */
export function setProteins(unset: Float64Array, temperatureC: Float64Array, stepS: number): void {
  for (let cell = 0; cell < unset.length; cell++) {
    const pointC = temperatureC[cell]!;
    if (pointC > 25) unset[cell] = unset[cell]! * Math.exp((-Math.LN10 * stepS) / myosinDS(pointC));
  }
}

/** Flesh reads as opaque when half its myosin has set. */
export const OPAQUE_SHARE = 0.5;
