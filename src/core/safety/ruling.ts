export type RuleSetId = "fda-2022" | "eu-853" | "uk-2013";

/** How sure a recalled part of a rule is. */
export type Sure = "high" | "medium" | "low";

/** Where a figure comes from: part by part, so that a sure figure never lends its sureness to a section number. */
export type Ruling = {
  readonly edition: string;
  /** As the text numbers it; null: the text has no such rule. */
  readonly section: string | null;
  /** What the text says, in short. */
  readonly says: string;
  /** Who sets the figure: the text, an authority's guidance, or the house where both are silent. */
  readonly by: "law" | "guidance" | "house";
  readonly sure: { readonly figure: Sure; readonly section: Sure };
  /** What the house adds. */
  readonly ours: string | null;
};

const marksOf = ({ sure }: Ruling) =>
  sure.figure === sure.section ? sure.figure : `figure ${sure.figure}, section ${sure.section}`;

const placeOf = ({ edition, section }: Ruling) => (section === null ? edition : `${edition}, ${section}`);

/** Text, section and sureness of a figure that stands beside it. */
export const citedPlace = (ruling: Ruling): string => `${placeOf(ruling)} (memory, ${marksOf(ruling)})`;

/** Text, section, words and sureness in one line, as every verdict shows it. */
export function cite(ruling: Ruling): string {
  const { says, ours } = ruling;
  return `${placeOf(ruling)}: ${says} (memory, ${marksOf(ruling)})${ours === null ? "" : `; ${ours}`}`;
}
