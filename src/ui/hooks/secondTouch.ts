/** A wet hand touches twice: the same again so soon after, ms, is the first one. */
export const SECOND_TOUCH_MS = 300;
