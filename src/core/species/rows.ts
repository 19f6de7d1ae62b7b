import { FAMILIES, USUAL_ANATOMY } from "./data/families";
import { hazardsOf, histamineOf } from "./hazards";
import type { Confidence, FactFamily, Species, SpeciesGroup, SpoilageModel } from "./types";

/** A species as its table prints it: names in one line `language:name|...`, what family and group imply left out. */
export type SpeciesRow = Omit<
  Species,
  | "marketNames"
  | "group"
  | "family"
  | "spoilageModel"
  | "mark"
  | "anatomy"
  | "hazards"
  | "boughtAs"
  | "least"
  | "yield"
  | "tradePaper"
> & {
  readonly names: string;
  readonly family: string;
  readonly spoilageModel?: SpoilageModel;
  readonly anatomy?: Species["anatomy"];
  readonly hazards?: readonly NonNullable<Species["hazards"]>[number][];
  readonly boughtAs?: Partial<Species["boughtAs"]>;
  readonly least?: Species["least"];
  readonly tradePaper?: Species["tradePaper"];
  readonly yield: Omit<Species["yield"], "dressed"> & { readonly dressed?: Species["yield"]["dressed"] };
  /** Of the row; a family of figures that differs is named beside it. */
  readonly confidence: Confidence;
  readonly confidenceOf?: Partial<Readonly<Record<FactFamily, Confidence>>>;
};

/** Fish of cold and temperate waters unless the row says tropical; above 0 °C the temperate rate is the stricter one. */
export const speciesRows = (group: SpeciesGroup, rows: readonly SpeciesRow[]): readonly Species[] =>
  rows.map(({ names, confidence, confidenceOf = {}, spoilageModel = "temperate", hazards = [], ...row }) => {
    const family = FAMILIES[row.family];
    return {
      ...row,
      group,
      spoilageModel,
      anatomy: row.anatomy ?? (family?.group === group ? family.anatomy : USUAL_ANATOMY[group]),
      hazards: hazardsOf(row.family, group, hazards),
      histamineFormer: histamineOf(row.family, row.histamineFormer),
      boughtAs: { form: null, frozen: false, production: null, ...row.boughtAs },
      least: row.least ?? null,
      tradePaper: row.tradePaper ?? null,
      yield: { ...row.yield, dressed: row.yield.dressed ?? "other" },
      marketNames: names.split("|").map((entry) => {
        const colon = entry.indexOf(":");
        const name = entry.slice(colon + 1);
        // a star marks a name that other species trade under as well
        return { language: entry.slice(0, colon), name: name.replace(/\*$/, ""), shared: name.endsWith("*") };
      }),
      mark: {
        origin: "memory" as const,
        // every family of figures stands at the row's confidence unless it is marked apart
        confidence: {
          names: confidence,
          composition: confidence,
          yield: confidence,
          life: confidence,
          hazards: confidence,
          ...confidenceOf,
        },
      },
    };
  });
