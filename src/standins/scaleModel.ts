/** A bench scale: what is put on it swings in for a second or two, then stands. */
export type ScaleState = { readonly onG: number; readonly sinceS: number };

export type Shown = { readonly massG: number; readonly stable: boolean };

const SWING_S = 1.6;
const DIVISION_G = 1;

/** What the display shows `sinceS` seconds after `onG` was put down; damped swing, rounded to the division. */
export function readScale({ onG, sinceS }: ScaleState): Shown {
  const swing = Math.exp(-3 * sinceS) * Math.cos(9 * sinceS);
  const massG = Math.round((onG * (1 - swing)) / DIVISION_G) * DIVISION_G;
  return { massG, stable: sinceS >= SWING_S };
}
