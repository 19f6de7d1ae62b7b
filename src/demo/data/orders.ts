import type { NewOrder } from "@/db/lots/orders";

/** What the demo house expects: by the days until it comes. */
export const ORDERS: readonly (Omit<NewOrder, "day"> & { readonly inDays: number })[] = [
  {
    supplier: "Kvitlomma Ponds",
    speciesId: "arctic-char",
    form: "whole-gutted",
    frozen: false,
    massG: 6000,
    priceCentsPerKg: 1410,
    inDays: 0,
    everyWeek: true,
  },
  {
    supplier: "Gråskjær Landing",
    speciesId: "turbot",
    form: "whole-gutted",
    frozen: false,
    massG: 4500,
    priceCentsPerKg: 2450,
    inDays: 0,
    everyWeek: false,
  },
  {
    supplier: "Brattholm Creels",
    speciesId: "king-scallop",
    form: "live",
    frozen: false,
    massG: 8000,
    priceCentsPerKg: 1350,
    inDays: 1,
    everyWeek: true,
  },
];
