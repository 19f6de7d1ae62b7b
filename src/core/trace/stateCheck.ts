/** The sum of a table of the house at the end of a day, as the ledger keeps it. */
export type TableSum = { readonly rows: number; readonly sum: string; readonly upToId: number | null };

/**
 * What a check of the tables beside the ledger found. `changed`: their rows do not come to what was written with them, since `sinceMs` where
 * that is known. `card` and `paper`: content that is not what its digest says. `unguarded`: what sums them was taken out of the file.
 */
export type StateCheck =
  | { readonly kind: "whole"; readonly rows: number }
  | { readonly kind: "unguarded"; readonly table: string }
  | { readonly kind: "changed"; readonly table: string; readonly sinceMs: number | null }
  | { readonly kind: "card"; readonly name: string }
  | { readonly kind: "paper"; readonly name: string };
