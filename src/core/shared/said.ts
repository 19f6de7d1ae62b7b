/** A measured value that every house reads in its own unit and with its own mark; `digits` after it in the metric one. "1": a bare figure. */
export type Quantity = {
  readonly unit: "°C" | "K" | "mm" | "g" | "kg" | "ml" | "h" | "1";
  readonly value: number;
  readonly digits: number;
};

export type SaidValue = string | number | Quantity | Said;

/** What the core answers where a cook reads a sentence: the code of a message and its values. Words, units and dates are made last. */
export type Said = { readonly code: string; readonly values?: Readonly<Record<string, SaidValue>> };

/** `code`: "room.key", as the catalogue of the room has it; a test holds every code and its values against it. */
export const said = (code: string, values?: Readonly<Record<string, SaidValue>>): Said =>
  values ? { code, values } : { code };

/** Tells sentences of a list apart: two of one message differ by their values. */
export const keyOfSaid = (sentence: Said): string => JSON.stringify(sentence);

/** A text of a table, whose words stand beside it. */
export const saidAsIs = (text: string): Said => said("shared.one", { part: text });

/** As many digits as the value was written with, two at most. */
const asWritten = (value: number) => Math.min(2, (String(value).split(".")[1] ?? "").length);
const quantity =
  (unit: Quantity["unit"]) =>
  (value: number, digits = asWritten(value)): Quantity => ({ unit, value, digits });

export const inCelsius = quantity("°C");
/** A difference of temperatures. */
export const inKelvin = quantity("K");
export const inMm = quantity("mm");
export const inGrams = quantity("g");
export const inKilograms = quantity("kg");
export const inMillilitres = quantity("ml");
/** A stretch of time. */
export const inHours = quantity("h");
/** A percentage, a ratio, a count that has parts. */
export const inFigures = quantity("1");

const BETWEEN = { next: "shared.next", or: "shared.or", then: "shared.then" } as const;

/** Several of them one after the other: with a comma, an "or", or as clauses of one sentence. */
export const saidList = (parts: readonly SaidValue[], between: keyof typeof BETWEEN = "next"): Said =>
  parts.length === 0
    ? said("shared.nothing")
    : parts
        .slice(1)
        .reduce<Said>(
          (before, part) => said(BETWEEN[between], { before, part }),
          said("shared.one", { part: parts[0]! }),
        );
