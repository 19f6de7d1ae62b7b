import type Database from "better-sqlite3";

type Sqlite = InstanceType<typeof Database>;

/** Tables that stay with the machine: keys and tablets are made anew after a restore, sums and migrations by the program. */
const LEFT_OUT = ["device_keys", "tablets", "pairings", "state_seals", "__drizzle_migrations"];

/** Columns that are secrets: they are in no archive. */
const SECRET: Readonly<Record<string, readonly string[]>> = {
  house: ["phrase_hash"],
  staff: ["pin_hash", "signed_in_at_ms"],
};

export type ArchiveTable = { readonly name: string; readonly columns: readonly string[] };

/** Every table of the house that goes into an archive, by name, with its columns. */
export function archiveTables(sqlite: Sqlite): readonly ArchiveTable[] {
  const names = sqlite
    .prepare("select name from sqlite_master where type = 'table' and name not like 'sqlite_%' order by name")
    .pluck()
    .all() as readonly string[];
  return names
    .filter((name) => !LEFT_OUT.includes(name))
    .map((name) => ({
      name,
      columns: (sqlite.pragma(`table_info(${name})`) as readonly { readonly name: string }[])
        .map((column) => column.name)
        .filter((column) => !(SECRET[name] ?? []).includes(column)),
    }));
}

export type Cell = string | number | null | Buffer;

/** The rows of a table in the order they were kept. */
export const rowsOf = (sqlite: Sqlite, { name, columns }: ArchiveTable): IterableIterator<readonly Cell[]> =>
  sqlite
    .prepare(`select ${columns.map((column) => `"${column}"`).join(", ")} from "${name}" order by rowid`)
    .raw()
    .iterate() as IterableIterator<readonly Cell[]>;
