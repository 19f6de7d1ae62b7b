export const MINUTE_MS = 60_000;
export const HOUR_MS = 3_600_000;
export const DAY_MS = 24 * HOUR_MS;
export const KELVIN_OFFSET = 273.15;

/** International avoirdupois pound, exactly 453.59237 g (NIST Handbook 44, App. C). */
export const GRAM_PER_POUND = 453.59237;
const GRAM_PER_OUNCE = GRAM_PER_POUND / 16;
/** International inch, exactly 25.4 mm (NIST Handbook 44, App. C). */
const MM_PER_INCH = 25.4;

export const kelvinFromC = (pointC: number) => pointC + KELVIN_OFFSET;
export const fahrenheitFromC = (pointC: number) => (pointC * 9) / 5 + 32;
export const celsiusFromF = (pointF: number) => ((pointF - 32) * 5) / 9;
/** A difference of temperature, not a point on the scale. */
export const fahrenheitDegreesFromK = (differenceK: number) => (differenceK * 9) / 5;
export const ounceFromG = (massG: number) => massG / GRAM_PER_OUNCE;
export const gramFromOunce = (ounce: number) => ounce * GRAM_PER_OUNCE;
export const inchFromMm = (lengthMm: number) => lengthMm / MM_PER_INCH;
export const mmFromInch = (inch: number) => inch * MM_PER_INCH;
export const daysBetween = (fromMs: number, toMs: number) => (toMs - fromMs) / DAY_MS;

/** US fluid ounce (NIST Handbook 44, App. C). */
const ML_PER_FLUID_OUNCE = 29.5735;
export const fluidOunceFromMl = (ml: number): number => ml / ML_PER_FLUID_OUNCE;
export const mlFromFluidOunce = (ounces: number): number => ounces * ML_PER_FLUID_OUNCE;
