import type Database from "better-sqlite3";
import { RowSum } from "./rowSum";
import { SEALED_TABLES, type SealedTable } from "./sealedTables";

type Sqlite = InstanceType<typeof Database>;
type Known = { readonly columns: string; readonly sum: string; readonly wrong_at_ms: number | null };

const quoted = (columns: readonly string[], of?: "new" | "old"): string =>
  columns.map((column) => `${of === undefined ? "" : `${of}.`}"${column}"`).join(", ");

/** Columns of a table; bytes are not summed, their digest stands in a column of its own. */
const columnsOf = (sqlite: Sqlite, table: SealedTable): readonly string[] =>
  (sqlite.pragma(`table_info(${table})`) as readonly { readonly name: string; readonly type: string }[])
    .filter(({ type }) => type.toLowerCase() !== "blob")
    .map(({ name }) => name);

export function sumOf(sqlite: Sqlite, table: SealedTable, columns: readonly string[], upToId?: number): RowSum {
  const sum = new RowSum();
  const where = upToId === undefined ? "" : " where id <= ?";
  const rows = sqlite.prepare(`select ${quoted(columns)} from "${table}"${where}`).raw();
  for (const row of rows.iterate(...(upToId === undefined ? [] : [upToId]))) sum.add(row as (string | number | null)[]);
  return sum;
}

export const triggersOf = (table: SealedTable): readonly string[] =>
  ["added", "changed", "taken"].map((what) => `seal_${table}_${what}`);

function hang(sqlite: Sqlite, table: SealedTable, columns: readonly string[]): void {
  const add = (sum: string) => `gaffel_add(${sum}, ${quoted(columns, "new")})`;
  const take = (sum: string) => `gaffel_take(${sum}, ${quoted(columns, "old")})`;
  const set = (sum: string, rows: string) =>
    `update state_seals set sum = ${sum}, rows = rows ${rows} where name = '${table}'`;
  const [added, changed, taken] = triggersOf(table);
  for (const [name, when, what] of [
    [added, "insert", set(add("sum"), "+ 1")],
    [changed, "update", set(add(take("sum")), "+ 0")],
    [taken, "delete", set(take("sum"), "- 1")],
  ] as const)
    sqlite.exec(
      `drop trigger if exists "${name}"; create trigger "${name}" after ${when} on "${table}" begin ${what}; end;`,
    );
}

/**
 * Begins to seal the tables of a house file, or goes on after a migration changed them. A table is summed anew only when what it held came
 * to its sum before; else it stays marked as wrong. Asked for a file that was not brought up to date, it changes nothing.
 */
export function sealTables(sqlite: Sqlite, nowMs: number): void {
  const find = sqlite.prepare("select columns, sum, wrong_at_ms from state_seals where name = ?");
  const keep = sqlite.prepare(
    `insert into state_seals (name, columns, rows, sum, wrong_at_ms) values (?, ?, ?, ?, ?)
     on conflict (name) do update set columns = excluded.columns, rows = excluded.rows, sum = excluded.sum, wrong_at_ms = excluded.wrong_at_ms`,
  );
  sqlite.transaction(() => {
    for (const table of SEALED_TABLES) {
      const columns = columnsOf(sqlite, table);
      const known = find.get(table) as Known | undefined;
      const before = known ? (JSON.parse(known.columns) as string[]) : [];
      const kept = before.filter((column) => columns.includes(column));
      // a column that is gone cannot be summed again: what it was is taken as it stood
      const asItWas =
        known === undefined || kept.length < before.length || sumOf(sqlite, table, kept).hex === known.sum;
      const sum = sumOf(sqlite, table, columns);
      keep.run(table, JSON.stringify(columns), sum.rows, sum.hex, asItWas ? (known?.wrong_at_ms ?? null) : nowMs);
      hang(sqlite, table, columns);
    }
  })();
}
