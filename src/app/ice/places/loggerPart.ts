/** Readings of a logger's file in one request: a tenth of a second of the house's time. */
export const PART_READINGS = 10_000;
