/** What hands begin is said to be due now from so long before its moment until so long after: hands are not clocks. */
export const NOW_MS = 15_000;

export const isDueNow = (leftMs: number): boolean => Math.abs(leftMs) <= NOW_MS;
