/** What is known of a sea by its FAO major area: which half of the year is cold, and whether any is. */
export type SeaClass = "north" | "south" | "warm";

/**
 * FAO major fishing areas by latitude (FAO area list; the sorting by climate ours, memory, medium). Warm seas have no cold month for
 * Vibrio; the Mediterranean counts as temperate north.
 */
const SEA_OF_AREA: Readonly<Record<string, SeaClass>> = {
  "18": "north",
  "21": "north",
  "27": "north",
  "37": "north",
  "61": "north",
  "67": "north",
  "41": "south",
  "47": "south",
  "48": "south",
  "58": "south",
  "81": "south",
  "87": "south",
  "88": "south",
  "31": "warm",
  "34": "warm",
  "51": "warm",
  "57": "warm",
  "71": "warm",
  "77": "warm",
};

/** The FAO major area a text names ("27.7", "FAO 27.4.a, Skarv Bank"); null where it names none. */
export function majorArea(area: string | null): string | null {
  const found = /(?:^|FAO\s*)(\d{2})(?=$|[^\d])/i.exec(area?.trim() ?? "");
  return found?.[1] ?? null;
}

export const seaOf = (area: string | null): SeaClass | null => SEA_OF_AREA[majorArea(area) ?? ""] ?? null;

const WARM_MONTHS: Readonly<Record<"north" | "south", readonly number[]>> = {
  north: [5, 6, 7, 8, 9, 10],
  south: [11, 12, 1, 2, 3, 4],
};

/** Whether a month is a cold one in that sea; null where sea or month is not known. */
export function isColdMonth(area: string | null, month: number | null): boolean | null {
  const sea = seaOf(area);
  if (sea === "warm") return false;
  if (sea === null || month === null) return null;
  return !WARM_MONTHS[sea].includes(month);
}

/** Seas in which ciguatera is not known to occur (memory, medium); an area nobody named is not one of them. */
export const freeOfCiguatera = (area: string | null): boolean =>
  ["18", "21", "27", "48", "58", "67", "88"].includes(majorArea(area) ?? "");
