import { createReadStream, existsSync, rmSync } from "node:fs";
import { createInterface } from "node:readline";
import { sql } from "drizzle-orm";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { fileUnder, openDatabase, type Db } from "../connection";
import { takeHouse } from "../inUse";
import { checkLedger } from "../ledger";
import { archiveTables, type Cell } from "./tables";
import { FORMAT, lastMigration, VERSION } from "./write";

/** Why an archive was not read in. */
export type ImportFault =
  | { readonly kind: "no-file" | "in-use" | "house-is-there" | "no-archive" | "newer" }
  | { readonly kind: "bad-line"; readonly line: number }
  | { readonly kind: "unknown-table"; readonly table: string }
  | { readonly kind: "points-nowhere"; readonly table: string }
  | { readonly kind: "not-the-same"; readonly table: string };

export type Imported = { readonly tables: number; readonly rows: number; readonly entries: number };

const About = z.object({
  format: z.literal(FORMAT),
  version: z.number().int(),
  migration: z.string(),
  head: z.object({ seq: z.number(), hash: z.string() }).nullable(),
  sums: z.record(z.string(), z.object({ rows: z.number(), sum: z.string() })),
});
const Table = z.object({ columns: z.array(z.string()), rows: z.array(z.never()) });
const Row = z.array(z.union([z.string(), z.number(), z.null(), z.object({ base64: z.string() })]));

class Fault extends Error {
  constructor(readonly fault: ImportFault) {
    super(fault.kind);
  }
}

const parsed = <S extends z.ZodType>(schema: S, text: string, line: number): z.infer<S> => {
  try {
    return schema.parse(JSON.parse(text));
  } catch {
    throw new Fault({ kind: "bad-line", line });
  }
};

const cells = (row: z.infer<typeof Row>): Cell[] =>
  row.map((value) => (value !== null && typeof value === "object" ? Buffer.from(value.base64, "base64") : value));

/** Reads the lines of an archive into the open file; every line is one row, as it was written. */
async function readLines(
  db: Db,
  lines: AsyncIterable<string>,
): Promise<{ about: z.infer<typeof About>; rows: number }> {
  const sqlite = fileUnder(db);
  const tables = new Map(archiveTables(sqlite).map(({ name, columns }) => [name, columns]));
  let about: z.infer<typeof About> | null = null;
  let insert: ((row: Cell[]) => unknown) | null = null;
  let [number, rows] = [0, 0];
  for await (const line of lines) {
    number += 1;
    if (about === null) {
      const head = line.endsWith(',"tables":{') ? `${line.slice(0, -',"tables":{'.length)}}` : "";
      const read = About.safeParse(safeJson(head));
      if (!read.success) throw new Fault({ kind: "no-archive" });
      about = read.data;
      if (about.version > VERSION || about.migration > lastMigration()) throw new Fault({ kind: "newer" });
      continue;
    }
    // a row ends with a comma or with the end of its table, which may begin the next
    const text = line.replace(/,$/, "");
    if (text === "}}" || text === "") continue;
    if (text.startsWith("[")) {
      const row = text.endsWith("]]}") ? text.slice(0, -2) : text;
      if (!insert) throw new Fault({ kind: "bad-line", line: number });
      const values = cells(parsed(Row, row, number));
      try {
        insert(values);
      } catch {
        throw new Fault({ kind: "bad-line", line: number });
      }
      rows += 1;
      continue;
    }
    const [, name, body] = /^"(\w+)":(\{.*)$/.exec(text) ?? [];
    const table = parsed(Table, (body ?? "").replace(/"rows":\[(\]\})?$/, '"rows":[]}'), number);
    const known = tables.get(name ?? "");
    if (!known || !table.columns.every((column) => known.includes(column)))
      throw new Fault({ kind: "unknown-table", table: name ?? "" });
    const columns = table.columns.map((column) => `"${column}"`).join(", ");
    const statement = sqlite.prepare(
      `insert into "${name}" (${columns}) values (${table.columns.map(() => "?").join(", ")})`,
    );
    insert = (row) => statement.run(...row);
  }
  if (about === null) throw new Fault({ kind: "no-archive" });
  return { about, rows };
}

function safeJson(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return null;
  }
}

/** What was read in is what was written out: the chain to its head, every table to its sum. */
function check(db: Db, { head, sums }: z.infer<typeof About>): number {
  const [broken] = fileUnder(db).pragma("foreign_key_check") as readonly { readonly table: string }[];
  if (broken) throw new Fault({ kind: "points-nowhere", table: broken.table });
  const now = db.all<{ name: string; rows: number; sum: string }>(sql`select name, rows, sum from state_seals`);
  for (const { name, rows, sum } of now)
    if (sums[name] && (sums[name].rows !== rows || sums[name].sum !== sum))
      throw new Fault({ kind: "not-the-same", table: name });
  const chain = checkLedger(db);
  const last = db.get<{ hash: string } | undefined>(sql`select hash from ledger order by seq desc limit 1`);
  if (chain.kind !== "whole" || (last?.hash ?? null) !== (head?.hash ?? null))
    throw new Fault({ kind: "not-the-same", table: "ledger" });
  return chain.entries;
}

/** Reads an archive into a house file that holds no house yet: all of it, checked, or nothing. */
export async function importArchive(archive: string, file: string): Promise<Result<Imported, ImportFault>> {
  if (!existsSync(archive)) return err({ kind: "no-file" });
  // a server that waits with an empty house would begin another one in it
  const lock = takeHouse(file);
  if (!lock) return err({ kind: "in-use" });
  const isNew = !existsSync(file);
  const db = openDatabase(file);
  let done = false;
  const sqlite = fileUnder(db);
  try {
    if (db.get(sql`select 1 from house`) !== undefined) return err({ kind: "house-is-there" });
    sqlite.pragma("foreign_keys = OFF");
    sqlite.exec("begin immediate");
    // what a new file begins with: the spots of a station
    for (const { name } of archiveTables(sqlite)) if (!name.startsWith("ledger")) sqlite.exec(`delete from "${name}"`);
    const lines = createInterface({ input: createReadStream(archive, "utf8"), crlfDelay: Infinity });
    const { about, rows } = await readLines(db, lines);
    const entries = check(db, about);
    sqlite.exec("commit");
    done = true;
    return ok({ tables: archiveTables(sqlite).length, rows, entries });
  } catch (problem) {
    if (sqlite.inTransaction) sqlite.exec("rollback");
    if (problem instanceof Fault) return err(problem.fault);
    throw problem;
  } finally {
    sqlite.close();
    lock.close();
    if (isNew && !done) for (const end of ["", "-wal", "-shm"]) rmSync(`${file}${end}`, { force: true });
  }
}
