import type { LedgerEntryOf, LedgerKind } from "@/core/trace";
import type { Format } from "@/words/format/format";

/** What each kind of entry says, in one line, its figures as this house writes them; what was sealed stays in grams and °C. */
export type Lines = { readonly [Kind in LedgerKind]: (entry: LedgerEntryOf<Kind>, format: Format) => string };
export type SomeLines = Partial<Lines>;

// entries of earlier releases may lack what is said now
export const text = (told: string | number | null | undefined): string => String(told ?? "");
export const massOf = (format: Format, massG: number | undefined): string => format.mass(massG ?? 0);
export const volumeOf = (format: Format, volumeMl: number | undefined): string => format.volume(volumeMl ?? 0);
export const heat = (format: Format, celsius: number | null | undefined): string =>
  typeof celsius === "number" ? format.temperature(celsius, 1) : "–";
export const several = (told: readonly string[] | undefined, between = ", "): string => (told ?? []).join(between);
