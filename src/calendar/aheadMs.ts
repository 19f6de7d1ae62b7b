/** A device's clock may run ahead of the house's by so much, ms, and is still believed. */
export const AHEAD_MS = 60_000;
