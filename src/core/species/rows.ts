import type { Confidence, Species, SpeciesGroup, SpoilageModel } from "./types";

/** A species as its table prints it: names in one line `language:name|...`, what the group implies left out. */
export type SpeciesRow = Omit<Species, "marketNames" | "group" | "spoilageModel" | "mark"> & {
  readonly names: string;
  readonly spoilageModel?: SpoilageModel;
  readonly confidence: Confidence;
};

/** Fish of cold and temperate waters unless the row says tropical; above 0 °C the temperate rate is the stricter one. */
export const speciesRows = (group: SpeciesGroup, rows: readonly SpeciesRow[]): readonly Species[] =>
  rows.map(({ names, confidence, spoilageModel = "temperate", ...row }) => ({
    ...row,
    group,
    spoilageModel,
    marketNames: names.split("|").map((entry) => {
      const colon = entry.indexOf(":");
      return { language: entry.slice(0, colon), name: entry.slice(colon + 1) };
    }),
    mark: { origin: "memory", confidence },
  }));
