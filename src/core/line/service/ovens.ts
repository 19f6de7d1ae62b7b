/** Two heats further apart than this are two ovens: neither dish would be what it is (common practice). */
const MEET_WITHIN_K = 20;
const ROUND_K = 5;

/** The heat at which what wants one oven and what wants another cook side by side; null: there is one, or they are too far apart. */
export function ovensMeet(wantedC: readonly number[]): number | null {
  const heats = [...new Set(wantedC)];
  const [low, high] = [Math.min(...heats), Math.max(...heats)];
  if (heats.length < 2 || high - low > MEET_WITHIN_K) return null;
  return Math.round((low + high) / 2 / ROUND_K) * ROUND_K;
}
