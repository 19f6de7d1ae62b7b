import { readWhen } from "@/core/coldchain";
import { FORMS, type Form } from "@/core/freshness";
import type { Rearing } from "@/core/safety";
import { searchSpecies, SPECIES, type Species } from "@/core/species";
import type { Provenance } from "@/core/trace";
import { parseCsv, toCsv } from "./csv";
import type { DeliveryDraft } from "./draft";

export const DELIVERY_COLUMNS = [
  "supplier",
  "species",
  "form",
  "frozen",
  "production",
  "area",
  "sub_area",
  "gear",
  "source",
  "landing_place",
  "caught_on",
  "weight_kg",
  "stated_weight_kg",
  "price_per_kg",
  "receipt_c",
  "supplier_lot",
  "by_catch",
  "defrosted",
  "use_by",
  "tag_certificate",
  "tag_harvested_on",
  "tag_dealer",
  "additives",
  "rearing",
  "feed_statement",
  "freezing_statement",
  "skein",
  "dealer_listed",
  "water_class",
  "catch_document",
  "whole_kg",
  "dead",
  "counted",
  "grades",
] as const;

const REARINGS = ["net-pen", "land-based", "ranched"] as const satisfies readonly Rearing[];

type Column = (typeof DELIVERY_COLUMNS)[number];

export type RowProblem = { readonly line: number; readonly reason: string };
export type DeliveryRead = { readonly drafts: readonly DeliveryDraft[]; readonly problems: readonly RowProblem[] };

const yesNo = (flag: boolean | undefined) => (flag === undefined ? "" : flag ? "yes" : "no");

const RowReason = class extends Error {};
const fail = (reason: string): never => {
  throw new RowReason(reason);
};

function flagOf(text: string, name: string): boolean | undefined {
  if (text === "") return undefined;
  if (/^(y|yes|ja|oui|si|sí|true|1)$/i.test(text)) return true;
  if (/^(n|no|nej|nein|non|false|0)$/i.test(text)) return false;
  return fail(`${name}: say yes or no, not “${text}”`);
}

function numberOf(text: string, name: string, low: number, high: number): number {
  const value = Number(text.replace(/\s/g, "").replace(",", "."));
  if (text === "" || !Number.isFinite(value)) return fail(`${name}: “${text}” is no number`);
  return value >= low && value <= high ? value : fail(`${name}: ${value} is outside ${low} to ${high}`);
}

/** Of kilos as they are written: half a thousandth of a gram is the computer's, not the scale's. */
const gramsOf = (kg: number): number => Number((kg * 1000).toFixed(3));

function dayOf(text: string, name: string): string | null {
  if (text === "") return null;
  const found = readWhen(/\d[T ]\d/.test(text) ? text : `${text} 12:00`, null, /^\d{4}/.test(text) ? "ymd" : "dmy");
  return found?.kind === "local" ? found.day : fail(`${name}: “${text}” is no day, write it as 2026-03-31`);
}

function speciesOf(text: string, among: readonly Species[]): Species {
  const hits = searchSpecies(text, among, 4);
  const best = hits[0];
  if (!best) return fail(`species: nothing is called “${text}”`);
  if (best.sharedWith.length > 0) {
    const names = [best.species, ...best.sharedWith].map(({ name }) => name).join(" or ");
    return fail(`species: “${text}” may be ${names}; write the scientific name`);
  }
  return best.species;
}

function formOf(text: string): Form {
  const wanted = text.toLowerCase();
  const found = FORMS.find(({ id, label }) => id === wanted || label.toLowerCase() === wanted);
  return found ? found.id : fail(`form: “${text}” is none of ${FORMS.map(({ id }) => id).join(", ")}`);
}

function gradesOf(text: string): DeliveryDraft["grades"] {
  const grades: Record<string, 0 | 1 | 2 | 3> = {};
  for (const part of text.split(/\s+/).filter(Boolean)) {
    const pair = /^([\w-]+):([0-3])$/.exec(part);
    if (!pair) return fail(`grades: “${part}” is not like skin:0`);
    grades[pair[1]!] = Number(pair[2]) as 0 | 1 | 2 | 3;
  }
  return grades;
}

function oneOf<T extends string>(text: string, name: string, known: readonly T[]): T | undefined {
  if (text === "") return undefined;
  const found = known.find((word) => word.toLowerCase() === text.toLowerCase());
  return found ?? fail(`${name}: “${text}” is none of ${known.join(", ")}`);
}

/** Both or neither: a count of dead animals says nothing without the number looked at. */
function deathsOf(dead: string, counted: string): Provenance["deaths"] {
  if (dead === "" && counted === "") return undefined;
  const deaths = { dead: numberOf(dead, "dead", 0, 10_000), counted: numberOf(counted, "counted", 1, 10_000) };
  return deaths.dead <= deaths.counted ? deaths : fail(`dead: ${deaths.dead} of ${deaths.counted} counted cannot be`);
}

function draftOf(cell: (column: Column) => string, among: readonly Species[]): DeliveryDraft {
  const species = speciesOf(cell("species"), among);
  const production = cell("production").toLowerCase();
  if (production !== "wild" && production !== "farmed")
    return fail(`production: say wild or farmed, not “${production}”`);
  const need = (column: Column) => (cell(column) === "" ? fail(`${column}: is missing`) : cell(column));
  const maybe = <K extends keyof Provenance>(key: K, value: Provenance[K] | undefined | "" | null) =>
    value === undefined || value === "" || value === null ? {} : { [key]: value };
  const certificate = cell("tag_certificate");
  const tag =
    certificate === ""
      ? undefined
      : {
          certificate,
          harvestedOn: dayOf(cell("tag_harvested_on"), "tag_harvested_on") ?? "",
          dealer: cell("tag_dealer"),
        };
  return {
    supplier: need("supplier"),
    speciesId: species.id,
    form: formOf(need("form")),
    frozen: flagOf(cell("frozen"), "frozen") ?? false,
    production,
    area: cell("area"),
    gear: cell("gear"),
    source: cell("source"),
    caughtOn: dayOf(cell("caught_on"), "caught_on"),
    massG: gramsOf(numberOf(cell("weight_kg"), "weight_kg", 0.01, 2000)),
    statedMassG:
      cell("stated_weight_kg") === ""
        ? null
        : gramsOf(numberOf(cell("stated_weight_kg"), "stated_weight_kg", 0.01, 2000)),
    pricePerKg: numberOf(cell("price_per_kg"), "price_per_kg", 0, 10_000),
    receiptC: cell("receipt_c") === "" ? null : numberOf(cell("receipt_c"), "receipt_c", -40, 45),
    grades: gradesOf(cell("grades")),
    provenance: {
      ...maybe("subArea", cell("sub_area")),
      ...maybe("landingPlace", cell("landing_place")),
      ...maybe("supplierLot", cell("supplier_lot")),
      ...maybe("byCatch", flagOf(cell("by_catch"), "by_catch")),
      ...maybe("defrosted", flagOf(cell("defrosted"), "defrosted")),
      ...maybe("useBy", dayOf(cell("use_by"), "use_by")),
      ...maybe("tag", tag),
      ...(cell("additives") === ""
        ? {}
        : { additives: cell("additives") === "none" ? [] : cell("additives").split(/\s*\+\s*/) }),
      ...maybe("rearing", oneOf(cell("rearing"), "rearing", REARINGS)),
      ...maybe("feedStatement", flagOf(cell("feed_statement"), "feed_statement")),
      ...maybe("freezingStatement", flagOf(cell("freezing_statement"), "freezing_statement")),
      ...maybe("skein", oneOf(cell("skein"), "skein", ["in", "removed-and-rinsed"] as const)),
      ...maybe("dealerListed", flagOf(cell("dealer_listed"), "dealer_listed")),
      ...maybe("waterClass", oneOf(cell("water_class"), "water_class", ["A", "B", "C"] as const)),
      ...maybe("catchDocument", cell("catch_document")),
      ...(cell("whole_kg") === "" ? {} : { wholeKg: numberOf(cell("whole_kg"), "whole_kg", 0.05, 1000) }),
      ...maybe("deaths", deathsOf(cell("dead"), cell("counted"))),
    },
  };
}

/** Reads a delivery file. A row that cannot be taken is reported by its line with the reason; the others stand. */
export function readDeliveryCsv(text: string, own: readonly Species[] = []): DeliveryRead {
  const [head, ...body] = parseCsv(text);
  const at = new Map(
    (head ?? []).map((name, index) => [
      name
        .trim()
        .toLowerCase()
        .replace(/[\s-]+/g, "_"),
      index,
    ]),
  );
  const lacking = (["supplier", "species", "form", "production", "weight_kg", "price_per_kg"] as const).filter(
    (column) => !at.has(column),
  );
  if (lacking.length > 0)
    return { drafts: [], problems: [{ line: 1, reason: `the head lacks ${lacking.join(", ")}` }] };
  const drafts: DeliveryDraft[] = [];
  const problems: RowProblem[] = [];
  for (const [index, row] of body.entries()) {
    if (row.every((text) => text.trim() === "")) continue;
    const cell = (column: Column) => (row[at.get(column) ?? -1] ?? "").trim().replace(/^'(?=[=+@-])/, "");
    try {
      drafts.push(draftOf(cell, [...SPECIES, ...own]));
    } catch (problem) {
      if (!(problem instanceof RowReason)) throw problem;
      problems.push({ line: index + 2, reason: problem.message });
    }
  }
  return { drafts, problems };
}

/** Writes drafts with every column, so that what is written reads back the same. */
export function writeDeliveryCsv(drafts: readonly DeliveryDraft[], nameOf: (speciesId: string) => string): string {
  const rows = drafts.map((draft): Record<Column, string> => {
    const { provenance } = draft;
    return {
      supplier: draft.supplier,
      species: nameOf(draft.speciesId),
      form: draft.form,
      frozen: yesNo(draft.frozen),
      production: draft.production,
      area: draft.area,
      sub_area: provenance.subArea ?? "",
      gear: draft.gear,
      source: draft.source,
      landing_place: provenance.landingPlace ?? "",
      caught_on: draft.caughtOn ?? "",
      weight_kg: String(draft.massG / 1000),
      stated_weight_kg: draft.statedMassG === null ? "" : String(draft.statedMassG / 1000),
      price_per_kg: String(draft.pricePerKg),
      receipt_c: draft.receiptC === null ? "" : String(draft.receiptC),
      supplier_lot: provenance.supplierLot ?? "",
      by_catch: yesNo(provenance.byCatch),
      defrosted: yesNo(provenance.defrosted),
      use_by: provenance.useBy ?? "",
      tag_certificate: provenance.tag?.certificate ?? "",
      tag_harvested_on: provenance.tag?.harvestedOn ?? "",
      tag_dealer: provenance.tag?.dealer ?? "",
      additives:
        provenance.additives === undefined
          ? ""
          : provenance.additives.length === 0
            ? "none"
            : provenance.additives.join(" + "),
      feed_statement: yesNo(provenance.feedStatement),
      freezing_statement: yesNo(provenance.freezingStatement),
      rearing: provenance.rearing ?? "",
      skein: provenance.skein ?? "",
      dealer_listed: yesNo(provenance.dealerListed),
      water_class: provenance.waterClass ?? "",
      catch_document: provenance.catchDocument ?? "",
      whole_kg: provenance.wholeKg === undefined ? "" : String(provenance.wholeKg),
      dead: provenance.deaths ? String(provenance.deaths.dead) : "",
      counted: provenance.deaths ? String(provenance.deaths.counted) : "",
      grades: Object.entries(draft.grades)
        .map(([id, grade]) => `${id}:${grade}`)
        .join(" "),
    };
  });
  return toCsv([[...DELIVERY_COLUMNS], ...rows.map((row) => DELIVERY_COLUMNS.map((column) => row[column]))]);
}
