/** Rounding between °F and °C must not decide a verdict, K: 41 °F prints as 5.0 °C, 40 °F as 4.4, -4 °F as -20.0. */
export const ROUNDING_K = 0.05;
