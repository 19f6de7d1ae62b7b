import Papa from "papaparse";

/** Rows of a CSV file, comma, semicolon or tab; blank lines are left out but counted, so that line numbers stay true. */
export function parseCsv(text: string): string[][] {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").trimEnd(), {
    delimitersToGuess: [",", ";", "\t", "|"],
    skipEmptyLines: false,
  });
  return parsed.data;
}

/** A cell that a spreadsheet would run as a formula is made plain text. */
const plain = (cell: string) => (/^[=+@\t\r]|^-(?!\d)/.test(cell) ? `'${cell}` : cell);

export const toCsv = (rows: readonly (readonly string[])[]): string =>
  `${Papa.unparse(
    rows.map((row) => row.map(plain)),
    { newline: "\n" },
  )}\n`;
