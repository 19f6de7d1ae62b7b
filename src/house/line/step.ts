/** The line is planned in steps of so many seconds. */
export const STEP_S = 15;
export const STEP_MS = STEP_S * 1000;

/** The step a plan made at a moment begins with: hands cannot begin before they are told. */
export const nextStep = (ms: number): number => Math.ceil(ms / STEP_MS);
