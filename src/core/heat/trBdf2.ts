/**
 * TR-BDF2: a trapezoid up to this fraction of the step, 2 - √2, and from there the second-order backward difference; so both halves share
 * one matrix (Bank et al. 1985).
 */
export const GAMMA = 2 - Math.SQRT2;

/** Share of the first half's change that the second carries on. */
export const CARRY = (1 - GAMMA) ** 2 / (GAMMA * (2 - GAMMA));

/** Weight of the step's start, and of the end of its first half, in what flowed through the whole of it. */
export const EARLY = (1 - GAMMA / 2) / 2;
