/** What is due at one pan next. */
export type DueAct = {
  readonly cookId: string;
  /** Until it is due; negative: overdue. */
  readonly remainingS: number;
  /** The heat ends with it: every second more is a second over. */
  readonly pulls: boolean;
  readonly thicknessMm: number;
};

/** Acts so near to one another are one moment for a pair of hands, s (common practice: two pans cannot be turned in less). */
export const ONE_MOMENT_S = 10;

/**
 * Acts that fall into one moment and are more than the hands there are, each group in the order to do them: first what ends the heat, then
 * the thinner piece, which goes over sooner. An act that stands alone, or has hands enough, is in none.
 */
export function clashes(acts: readonly DueAct[], hands: number): readonly (readonly DueAct[])[] {
  const groups: DueAct[][] = [];
  for (const act of acts.toSorted((a, b) => a.remainingS - b.remainingS)) {
    const group = groups.at(-1);
    if (group && act.remainingS - group[0]!.remainingS <= ONE_MOMENT_S) group.push(act);
    else groups.push([act]);
  }
  return groups
    .filter((group) => group.length > hands)
    .map((group) =>
      group.toSorted(
        (a, b) => Number(b.pulls) - Number(a.pulls) || a.thicknessMm - b.thicknessMm || a.remainingS - b.remainingS,
      ),
    );
}
