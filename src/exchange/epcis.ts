import { GRAM_PER_POUND } from "@/core/units";
import { z } from "zod";
import { FORMS, type Form } from "@/core/freshness";
import { findSpecies, searchSpecies, SPECIES, type Species } from "@/core/species";
import type { Provenance } from "@/core/trace";
import type { DeliveryRead, RowProblem } from "./deliveryCsv";
import type { DeliveryDraft } from "./draft";

/** A lot that has been received, as it goes into a traceability document. */
export type ReceivedDraft = DeliveryDraft & {
  readonly code: string;
  readonly receivedAtMs: number;
  readonly houseName: string;
};

const CONTEXT = [
  "https://ref.gs1.org/standards/epcis/2.0.0/epcis-context.jsonld",
  { cbvmda: "urn:epcglobal:cbv:mda", gaffel: "urn:gaffel:terms:" },
];

/** A lot of this house as the standard names what is counted and not numbered. */
export const lotClass = (code: string) => `urn:gaffel:lot:${encodeURIComponent(code)}`;
const place = (kind: string, name: string) => `urn:gaffel:${kind}:${encodeURIComponent(name)}`;
const METHODS = { wild: "MARINE_FISHERY", farmed: "AQUACULTURE" } as const;

/** Instance and lot data of the harvest, under the names of the GS1 master data for fish; what GS1 has no name for is Gaffel's own. */
function harvestData(lot: ReceivedDraft, species: Species) {
  const { provenance } = lot;
  return {
    "cbvmda:speciesForFisheryStatisticsPurposesName": species.scientificName,
    ...(species.faoCode ? { "cbvmda:speciesForFisheryStatisticsPurposesCode": species.faoCode } : {}),
    "cbvmda:lotNumber": provenance.supplierLot ?? lot.code,
    "cbvmda:productionMethodForFishAndSeafoodCode": METHODS[lot.production],
    "cbvmda:storageStateCode": provenance.defrosted || lot.frozen ? "PREVIOUSLY_FROZEN" : "NOT_PREVIOUSLY_FROZEN",
    "cbvmda:vesselCatchInformationList": {
      "cbvmda:vesselCatchInformation": [
        {
          "cbvmda:vesselName": lot.source,
          "cbvmda:catchArea": lot.area,
          "cbvmda:fishingGearTypeCode": lot.gear,
          ...(provenance.subArea ? { "cbvmda:catchSubArea": provenance.subArea } : {}),
        },
      ],
    },
    ...(lot.caughtOn ? { "cbvmda:harvestEndDate": lot.caughtOn } : {}),
    ...(provenance.landingPlace ? { "cbvmda:unloadingPort": provenance.landingPlace } : {}),
    ...(provenance.useBy ? { "cbvmda:itemExpirationDate": provenance.useBy } : {}),
    "gaffel:speciesId": lot.speciesId,
    "gaffel:form": lot.form,
    "gaffel:frozen": lot.frozen,
    "gaffel:provenance": provenance,
  };
}

/** Two events a lot: where it began, with what is known of it, and that it was received here; `further`: what became of them. */
export function writeEpcis(
  lots: readonly ReceivedDraft[],
  own: readonly Species[],
  atMs: number,
  further: readonly object[] = [],
) {
  const stamp = (ms: number) => ({ eventTime: new Date(ms).toISOString(), eventTimeZoneOffset: "+00:00" });
  const eventList = lots.flatMap((lot) => {
    const species = findSpecies(lot.speciesId, own);
    if (!species) return [];
    const epcClass = lotClass(lot.code);
    const quantityList = [{ epcClass, quantity: lot.massG / 1000, uom: "KGM" }];
    const caughtMs = lot.caughtOn ? Date.parse(`${lot.caughtOn}T12:00:00Z`) : lot.receivedAtMs;
    return [
      {
        type: "ObjectEvent",
        ...stamp(Math.min(caughtMs, lot.receivedAtMs)),
        action: "ADD",
        bizStep: "commissioning",
        disposition: "active",
        quantityList,
        readPoint: { id: place("origin", lot.source || lot.area || "unknown") },
        ilmd: harvestData(lot, species),
      },
      {
        type: "ObjectEvent",
        ...stamp(lot.receivedAtMs),
        action: "OBSERVE",
        bizStep: "receiving",
        disposition: "in_progress",
        quantityList,
        readPoint: { id: place("house", lot.houseName) },
        sourceList: [{ type: "owning_party", source: place("supplier", lot.supplier) }],
        "gaffel:receiptC": lot.receiptC,
        "gaffel:statedMassG": lot.statedMassG,
        "gaffel:pricePerKg": lot.pricePerKg,
        "gaffel:grades": lot.grades,
      },
    ];
  });
  return {
    "@context": CONTEXT,
    type: "EPCISDocument",
    schemaVersion: "2.0",
    creationDate: new Date(atMs).toISOString(),
    epcisBody: { eventList: [...eventList, ...further] },
  };
}

const Quantity = z.looseObject({
  epcClass: z.string(),
  quantity: z.number().positive().optional(),
  uom: z.string().optional(),
});
const Event = z.looseObject({
  type: z.string(),
  eventTime: z.string().optional(),
  bizStep: z.string().optional(),
  action: z.string().optional(),
  quantityList: z.array(Quantity).optional(),
  ilmd: z.record(z.string(), z.unknown()).optional(),
  sourceList: z.array(z.looseObject({ type: z.string(), source: z.string() })).optional(),
});
const Document = z.looseObject({
  type: z.literal("EPCISDocument"),
  epcisBody: z.looseObject({ eventList: z.array(z.unknown()).optional(), event: z.unknown().optional() }),
});

type EventDocument = z.infer<typeof Event>;

const text = (value: unknown): string => (typeof value === "string" ? value : "");
const lastPart = (uri: string): string => {
  const part = uri.split(/[:/]/).at(-1) ?? "";
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
};
const kilos = (quantity: number, uom: string) =>
  uom === "GRM"
    ? quantity / 1000
    : uom === "LBR"
      ? (quantity * GRAM_PER_POUND) / 1000
      : uom === "TNE"
        ? quantity * 1000
        : quantity;

/** The first value under a name, whatever its prefix. */
function named(data: Readonly<Record<string, unknown>> | undefined, name: string): unknown {
  const key = Object.keys(data ?? {}).find((entry) => entry === name || entry.endsWith(`:${name}`));
  return key ? data![key] : undefined;
}

function speciesFrom(ilmd: EventDocument["ilmd"], own: readonly Species[]): Species | undefined {
  const known = findSpecies(text(named(ilmd, "speciesId")), own);
  if (known) return known;
  const names = [
    named(ilmd, "speciesForFisheryStatisticsPurposesName"),
    named(ilmd, "speciesForFisheryStatisticsPurposesCode"),
  ];
  for (const name of names.map(text).filter(Boolean)) {
    const [hit] = searchSpecies(name, [...SPECIES, ...own], 1);
    if (hit) return hit.species;
  }
  return undefined;
}

const Kept = z.record(z.string(), z.unknown());

function draftFrom(
  origin: EventDocument | undefined,
  receiving: EventDocument | undefined,
  own: readonly Species[],
): DeliveryDraft | string {
  const ilmd = origin?.ilmd ?? receiving?.ilmd;
  const species = speciesFrom(ilmd, own);
  if (!species) return "no species of the table: give its scientific name or FAO code";
  const quantity = (receiving ?? origin)?.quantityList?.[0];
  if (quantity?.quantity === undefined) return "no quantity";
  const vessels = named(
    named(ilmd, "vesselCatchInformationList") as Record<string, unknown> | undefined,
    "vesselCatchInformation",
  );
  const vessel = (Array.isArray(vessels) ? vessels[0] : undefined) as Record<string, unknown> | undefined;
  const supplierSource = receiving?.sourceList?.find(({ type }) => /owning_party|possessing_party/.test(type))?.source;
  const method = text(named(ilmd, "productionMethodForFishAndSeafoodCode"));
  const kept = Kept.safeParse(named(ilmd, "provenance"));
  const landingPlace = text(named(ilmd, "unloadingPort"));
  const lotNumber = text(named(ilmd, "lotNumber"));
  const useBy = text(named(ilmd, "itemExpirationDate")).slice(0, 10);
  const provenance: Provenance = kept.success
    ? kept.data
    : {
        ...(lotNumber ? { supplierLot: lotNumber } : {}),
        ...(landingPlace ? { landingPlace } : {}),
        ...(useBy ? { useBy } : {}),
        ...(/PREVIOUSLY_FROZEN/.test(text(named(ilmd, "storageStateCode")))
          ? { defrosted: !/^NOT/.test(text(named(ilmd, "storageStateCode"))) }
          : {}),
      };
  const formText = text(named(ilmd, "form"));
  const number = (name: string) => {
    const value = named(receiving, name);
    return typeof value === "number" ? value : null;
  };
  const grades = Kept.safeParse(named(receiving, "grades"));
  const harvested = text(named(ilmd, "harvestEndDate")).slice(0, 10) || origin?.eventTime?.slice(0, 10) || null;
  return {
    supplier: supplierSource ? lastPart(supplierSource) : "",
    speciesId: species.id,
    form: (FORMS.find(({ id }) => id === formText)?.id ?? "whole-gutted") as Form,
    frozen: named(ilmd, "frozen") === true,
    production: method === "AQUACULTURE" ? "farmed" : "wild",
    area: text(named(vessel, "catchArea")),
    gear: text(named(vessel, "fishingGearTypeCode")),
    source: text(named(vessel, "vesselName")),
    caughtOn: harvested,
    massG: kilos(quantity.quantity, quantity.uom ?? "KGM") * 1000,
    statedMassG: number("statedMassG"),
    pricePerKg: number("pricePerKg") ?? 0,
    receiptC: number("receiptC"),
    grades: (grades.success ? grades.data : {}) as DeliveryDraft["grades"],
    provenance,
  };
}

const GONE = /retail_selling|dispensing|destroying|decommissioning|void_shipping/;

/** Reads a traceability document: events of one lot are put together by its class. `line` counts the events. */
export function readEpcis(json: string, own: readonly Species[] = []): DeliveryRead {
  let parsed;
  try {
    parsed = Document.safeParse(JSON.parse(json));
  } catch {
    return { drafts: [], problems: [{ line: 1, reason: "this is not JSON" }] };
  }
  if (!parsed.success) return { drafts: [], problems: [{ line: 1, reason: "this is not an EPCIS document" }] };
  const { eventList, event } = parsed.data.epcisBody;
  const byLot = new Map<string, { line: number; origin?: EventDocument; receiving?: EventDocument }>();
  const problems: RowProblem[] = [];
  for (const [index, entry] of (eventList ?? (event === undefined ? [] : [event])).entries()) {
    const line = index + 1;
    const read = Event.safeParse(entry);
    if (!read.success) {
      problems.push({ line, reason: "this event cannot be read" });
      continue;
    }
    // what was made of lots, put into boxes, sold or thrown away brings nothing to this door
    if (read.data.type !== "ObjectEvent" || GONE.test(read.data.bizStep ?? "")) continue;
    const epcClass = read.data.quantityList?.[0]?.epcClass;
    if (!epcClass) {
      problems.push({ line, reason: "names no lot (quantityList with an epcClass)" });
      continue;
    }
    const lot = byLot.get(epcClass) ?? { line };
    if (/receiving|arriving|accepting/.test(read.data.bizStep ?? "")) lot.receiving = read.data;
    else lot.origin ??= read.data;
    byLot.set(epcClass, lot);
  }
  const drafts: DeliveryDraft[] = [];
  for (const { line, origin, receiving } of byLot.values()) {
    const draft = draftFrom(origin, receiving, own);
    if (typeof draft === "string") problems.push({ line, reason: draft });
    else drafts.push(draft);
  }
  return { drafts, problems };
}
