const OFFSETS_K = [-4, -2, 0, 2, 4, 6] as const;

/** Whole readings around the expected one, for noting with one tap. */
export const probeChoicesC = (expectedC: number): readonly number[] =>
  OFFSETS_K.map((offset) => Math.round(expectedC) + offset);
