/** So few figures say nothing of what is usual. */
const FEWEST = 3;
/** So many times the least or most of them is still believed: a fish of 45 kg where the last were 4 is asked back, one of 12 is not. */
const BELIEVED = 4;

/** What is usual by the last figures of the house; null: it has too few of its own. */
export function usualRange(values: readonly number[]): readonly [from: number, to: number] | null {
  const own = values.filter((value) => value > 0);
  return own.length < FEWEST ? null : [Math.min(...own) / BELIEVED, Math.max(...own) * BELIEVED];
}
