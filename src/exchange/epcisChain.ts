import { lotClass } from "./epcis";

type Amount = { readonly code: string; readonly massG: number };

export type Chain = {
  readonly makes: readonly {
    readonly id: string;
    readonly kind: string;
    readonly atMs: number;
    readonly inputs: readonly Amount[];
    readonly outputs: readonly Amount[];
  }[];
  readonly plates: readonly {
    readonly id: string;
    readonly atMs: number;
    readonly dish: string | null;
    readonly parts: readonly (Amount & { readonly certain: boolean })[];
  }[];
};

const quantity = ({ code, massG }: Amount) => ({ epcClass: lotClass(code), quantity: massG / 1000, uom: "KGM" });
const stamp = (ms: number) => ({ eventTime: new Date(ms).toISOString(), eventTimeZoneOffset: "+00:00" });

/** Nothing is said of a mass of nothing: the standard wants amounts above it. */
const quantitiesOf = (amounts: readonly Amount[]) => amounts.filter(({ massG }) => massG > 0).map(quantity);

/**
 * What became of lots inside the house: a transformation for each work that turned lots into lots, and an object event for each plate, with
 * the lots it came out of and which of them are certain.
 */
export function chainEvents({ makes, plates }: Chain): readonly object[] {
  return [
    ...makes.map(({ id, kind, atMs, inputs, outputs }) => ({
      type: "TransformationEvent",
      ...stamp(atMs),
      transformationID: `urn:gaffel:make:${encodeURIComponent(id)}`,
      bizStep: "commissioning",
      inputQuantityList: quantitiesOf(inputs),
      outputQuantityList: quantitiesOf(outputs),
      "gaffel:work": kind,
    })),
    ...plates.map(({ id, atMs, dish, parts }) => ({
      type: "ObjectEvent",
      ...stamp(atMs),
      action: "OBSERVE",
      bizStep: "retail_selling",
      quantityList: quantitiesOf(parts),
      "gaffel:plate": id,
      "gaffel:dish": dish,
      "gaffel:possible": parts.filter(({ certain }) => !certain).map(({ code }) => code),
    })),
  ];
}
