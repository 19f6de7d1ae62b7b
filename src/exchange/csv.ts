import Papa from "papaparse";

/** Rows of a CSV file, comma, semicolon or tab; blank lines are left out but counted, so that line numbers stay true. */
export function parseCsv(text: string): string[][] {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").trimEnd(), {
    // where two would do, the comma is a decimal mark
    delimitersToGuess: ["\t", ";", "|", ","],
    skipEmptyLines: false,
  });
  return parsed.data.map((row) => row.map(unplain));
}

const FORMULA = /^[=+\-@\t\r]/;
const NUMBER = /^[+-]?\d+([.,]\d+)?$/;
/** A cell that a spreadsheet would run as a formula is made plain text; a number is none. */
const plain = (cell: string) => (FORMULA.test(cell) && !NUMBER.test(cell) ? `'${cell}` : cell);
/** The mark that `plain` put before it is taken off again. */
const unplain = (cell: string) => (cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell);

export const toCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(plain)),
    { newline: "\n" },
  )}\n`;
