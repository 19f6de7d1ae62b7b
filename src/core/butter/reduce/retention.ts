import { interpolate } from "@/core/numeric";

/** Alcohol left of what went into a dish that simmers or bakes, stirred, by minutes (Augustin and others 1992, J. Am. Diet. Assoc.; memory, high). */
const SIMMERED = [
  [0, 85],
  [15, 40],
  [30, 35],
  [60, 25],
  [90, 20],
  [120, 10],
  [150, 5],
] as const;

/** Per cent of the alcohol left in a covered or simmered dish; never to be mixed with what an open reduction leaves. */
export const simmeredAlcoholLeftPct = (minutes: number): number => interpolate(SIMMERED, minutes);
