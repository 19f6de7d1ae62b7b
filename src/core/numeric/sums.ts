export const sum = (values: Iterable<number>): number => {
  let total = 0;
  for (const value of values) total += value;
  return total;
};

/** What `read` says of each, added up. */
export const sumOf = <T>(all: Iterable<T>, read: (one: T) => number): number => {
  let total = 0;
  for (const one of all) total += read(one);
  return total;
};

/** The arithmetic mean; NaN of nothing. */
export const mean = (values: readonly number[]): number => sum(values) / values.length;

/** The value itself, or the end of the range it lies beyond. */
export const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value));
