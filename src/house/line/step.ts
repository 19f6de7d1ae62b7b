/** The line is planned in steps of so many seconds. */
export const STEP_S = 15;
export const STEP_MS = STEP_S * 1000;
