import { readFileSync } from "node:fs";
import path from "node:path";
import type Database from "better-sqlite3";
import { archiveTables, rowsOf, type Cell } from "./tables";

type Sqlite = InstanceType<typeof Database>;

export const FORMAT = "gaffel-house";
export const VERSION = 1;

/** The last migration this program knows. */
export function lastMigration(): string {
  const journal = path.join(/* turbopackIgnore: true */ process.cwd(), "drizzle", "meta", "_journal.json");
  const { entries } = JSON.parse(readFileSync(journal, "utf8")) as {
    readonly entries: readonly { readonly tag: string }[];
  };
  return entries.at(-1)!.tag;
}

/** On one line, whatever it holds: to some readers of lines two more characters end one. */
const onOneLine = (value: unknown): string =>
  JSON.stringify(value).replace(/[\u2028\u2029]/g, (mark) => (mark === "\u2028" ? "\\u2028" : "\\u2029"));

const cell = (value: Cell): unknown => (Buffer.isBuffer(value) ? { base64: value.toString("base64") } : value);

/**
 * The house as one JSON document, a row a line, in parts as they are read: from one moment of the file, the same bytes for the same state.
 * Close the file only after the last part.
 */
export function* archiveParts(sqlite: Sqlite): Generator<string> {
  sqlite.exec("begin");
  try {
    const head = sqlite.prepare("select seq, hash from ledger order by seq desc limit 1").get() ?? null;
    const sums = Object.fromEntries(
      (
        sqlite.prepare("select name, rows, sum from state_seals order by name").all() as readonly {
          readonly name: string;
          readonly rows: number;
          readonly sum: string;
        }[]
      ).map(({ name, ...sum }) => [name, sum]),
    );
    const about = { format: FORMAT, version: VERSION, migration: lastMigration(), head, sums };
    yield `${JSON.stringify(about).slice(0, -1)},"tables":{`;
    let first = true;
    for (const table of archiveTables(sqlite)) {
      yield `${first ? "" : ","}\n${JSON.stringify(table.name)}:{"columns":${JSON.stringify(table.columns)},"rows":[`;
      first = false;
      let firstRow = true;
      for (const row of rowsOf(sqlite, table)) {
        yield `${firstRow ? "" : ","}\n${onOneLine(row.map(cell))}`;
        firstRow = false;
      }
      yield "]}";
    }
    yield "\n}}\n";
  } finally {
    sqlite.exec("commit");
  }
}
