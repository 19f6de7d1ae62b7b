export type Bracket = readonly [low: number, high: number];

/**
 * The bracket around the turn of a question that is answered no from `low` up to somewhere and yes from there to `high`, after so many
 * halvings: 2^-halvings of the first one.
 */
export function bisect(isPast: (x: number) => boolean, [low, high]: Bracket, halvings: number): Bracket {
  let [from, to] = [low, high];
  for (let halving = 0; halving < halvings; halving++) {
    const middle = (from + to) / 2;
    if (isPast(middle)) to = middle;
    else from = middle;
  }
  return [from, to];
}

/** The least whole number in a bracket that does, where every larger one does too; `high` is taken to do. */
export function leastThatDoes(does: (whole: number) => boolean, [low, high]: Bracket): number {
  let [from, to] = [low, high];
  while (from < to) {
    const middle = Math.floor((from + to) / 2);
    if (does(middle)) to = middle;
    else from = middle + 1;
  }
  return to;
}

/** The greatest whole number in a bracket that does, where every smaller one does too; `low` is taken to do. */
export const greatestThatDoes = (does: (whole: number) => boolean, [low, high]: Bracket): number =>
  // from nought, so that no minus nought comes out
  0 - leastThatDoes((negative) => does(-negative), [-high, -low]);
