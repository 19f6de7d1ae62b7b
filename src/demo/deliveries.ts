import type { Form, Grade } from "@/core/freshness";

/** A delivery of the demo house, in hours and days before the moment it is made. All names are invented. */
export type DemoDelivery = {
  readonly daysAgo: number;
  readonly hoursAgo?: number;
  readonly speciesId: string;
  readonly form: Form;
  readonly supplier: string;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  readonly caughtDaysBefore: number;
  readonly massG: number;
  readonly price: number;
  readonly receiptC: number;
  /** Grade of every attribute, and what differs from it. */
  readonly grade: Grade;
  readonly but?: Readonly<Record<string, Grade>>;
  readonly who: string;
  /** How its story ends; on ice when left out. */
  readonly finished?: "used up" | "spoiled";
};

const LANDING = { supplier: "Gråskjær Landing", production: "wild", area: "FAO 27.4.a, Skarv Bank" } as const;
const TERNS = { supplier: "Two Terns Fish", production: "wild", area: "FAO 27.4.a, inner sound" } as const;
const PONDS = { supplier: "Kvitlomma Ponds", production: "farmed", area: "Kvitlomma, land tanks", gear: "Land tank", source: "Kvitlomma tank 4" } as const;

export const DELIVERIES: readonly DemoDelivery[] = [
  { ...LANDING, daysAgo: 13, speciesId: "halibut", form: "whole-gutted", gear: "Longline", source: "Nattkrok", caughtDaysBefore: 2, massG: 14200, price: 21.5, receiptC: 1.2, grade: 0, who: "Torben", finished: "used up" },
  { ...PONDS, daysAgo: 12, speciesId: "arctic-char", form: "whole-gutted", caughtDaysBefore: 1, massG: 6400, price: 13.8, receiptC: 1.8, grade: 0, who: "Ylva", finished: "used up" },
  { ...TERNS, daysAgo: 11, speciesId: "mackerel", form: "whole-ungutted", gear: "Hook and line", source: "Stilla Sju", caughtDaysBefore: 0.5, massG: 5200, price: 6.4, receiptC: 2.4, grade: 0, who: "Ylva", finished: "used up" },
  { ...LANDING, daysAgo: 10, speciesId: "cod", form: "whole-gutted", gear: "Longline", source: "Nattkrok", caughtDaysBefore: 3, massG: 11800, price: 9.9, receiptC: 1.5, grade: 0, but: { skin: 1, eye: 1 }, who: "Maike", finished: "used up" },
  { ...TERNS, daysAgo: 9, speciesId: "plaice", form: "whole-gutted", gear: "Gillnet", source: "Rype", caughtDaysBefore: 2, massG: 7300, price: 7.2, receiptC: 2.1, grade: 0, but: { slime: 1 }, who: "Torben", finished: "spoiled" },
  { ...LANDING, daysAgo: 8, speciesId: "turbot", form: "whole-gutted", gear: "Gillnet", source: "Rype", caughtDaysBefore: 1, massG: 8100, price: 24, receiptC: 1.1, grade: 0, who: "Ylva", finished: "used up" },
  { ...TERNS, daysAgo: 7, speciesId: "halibut", form: "loin", gear: "Longline", source: "Nattkrok", caughtDaysBefore: 3, massG: 3900, price: 31, receiptC: 1.9, grade: 0, but: { surface: 1 }, who: "Maike" },
  { ...LANDING, daysAgo: 6, speciesId: "plaice", form: "whole-gutted", gear: "Seine", source: "Stilla Sju", caughtDaysBefore: 2.5, massG: 6600, price: 7.4, receiptC: 1.7, grade: 0, but: { "dark-side": 1, eye: 1 }, who: "Torben" },
  { ...LANDING, daysAgo: 5, speciesId: "turbot", form: "whole-gutted", gear: "Gillnet", source: "Rype", caughtDaysBefore: 1.5, massG: 9400, price: 24.5, receiptC: 1, grade: 0, who: "Ylva" },
  { ...TERNS, daysAgo: 4, speciesId: "monkfish", form: "loin", gear: "Gillnet", source: "Rype", caughtDaysBefore: 2, massG: 5200, price: 17.8, receiptC: 1.6, grade: 0, but: { surface: 1, drip: 1 }, who: "Maike" },
  { ...TERNS, daysAgo: 3, speciesId: "mackerel", form: "whole-ungutted", gear: "Seine", source: "Stilla Sju", caughtDaysBefore: 1, massG: 6000, price: 5.9, receiptC: 9.2, grade: 0, but: { skin: 1 }, who: "Torben" },
  { ...LANDING, daysAgo: 3, hoursAgo: 2, speciesId: "cod", form: "whole-gutted", gear: "Longline", source: "Nattkrok", caughtDaysBefore: 2, massG: 12600, price: 10.2, receiptC: 1.3, grade: 0, but: { slime: 1 }, who: "Ylva" },
  { ...TERNS, daysAgo: 2, speciesId: "herring", form: "whole-ungutted", gear: "Seine", source: "Stilla Sju", caughtDaysBefore: 1, massG: 4100, price: 3.2, receiptC: 2, grade: 0, but: { "flesh-spring": 1 }, who: "Maike" },
  { ...PONDS, daysAgo: 1, hoursAgo: 6, speciesId: "arctic-char", form: "whole-gutted", caughtDaysBefore: 1, massG: 8200, price: 14.1, receiptC: 1.4, grade: 0, who: "Ylva" },
  { ...PONDS, daysAgo: 1, hoursAgo: 5, speciesId: "ocean-trout", form: "side", caughtDaysBefore: 1.5, massG: 5600, price: 17.2, receiptC: 1.9, grade: 0, but: { texture: 1 }, who: "Ylva" },
  { ...TERNS, daysAgo: 0, hoursAgo: 5, speciesId: "mackerel", form: "whole-ungutted", gear: "Hook and line", source: "Stilla Sju", caughtDaysBefore: 0.4, massG: 4800, price: 6.8, receiptC: 1.6, grade: 0, who: "Torben" },
  { ...LANDING, daysAgo: 0, hoursAgo: 4.6, speciesId: "hake", form: "whole-gutted", gear: "Trawl", source: "Havrype", caughtDaysBefore: 4, massG: 9000, price: 8.7, receiptC: 3.1, grade: 2, but: { "gill-smell": 3 }, who: "Torben" },
  { ...LANDING, daysAgo: 0, hoursAgo: 4.2, speciesId: "sea-bass", form: "whole-ungutted", gear: "Hook and line", source: "Nattkrok", caughtDaysBefore: 0.8, massG: 6900, price: 18.6, receiptC: 1.2, grade: 0, who: "Maike" },
];
