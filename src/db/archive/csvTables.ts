import Database from "better-sqlite3";
import { archiveTables, rowsOf, type Cell } from "./tables";

export type CsvTable = { readonly name: string; readonly rows: Iterable<readonly string[]> };

const text = (cell: Cell): string =>
  cell === null ? "" : Buffer.isBuffer(cell) ? cell.toString("base64") : String(cell);

function* rowsWithHead(head: readonly string[], rows: Iterable<readonly Cell[]>): Generator<readonly string[]> {
  yield head;
  for (const row of rows) yield row.map(text);
}

/** Every table of a house file as rows of text, its columns first, from one moment of it; the file is closed when the last is read. */
export function* csvTables(file: string): Generator<CsvTable> {
  const sqlite = new Database(file, { readonly: true, fileMustExist: true });
  sqlite.exec("begin");
  try {
    for (const table of archiveTables(sqlite))
      yield { name: table.name, rows: rowsWithHead(table.columns, rowsOf(sqlite, table)) };
  } finally {
    sqlite.close();
  }
}
