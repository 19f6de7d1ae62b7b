import { createHash } from "node:crypto";
import type Database from "better-sqlite3";
import { stableJson } from "@/core/shared";
import type { StateCheck, TableSum } from "@/core/trace";
import { sumOf, triggersOf } from "./install";
import { columnsMark, RowSum } from "./rowSum";
import { ONLY_ADDED_TO, SEALED_TABLES, type SealedTable } from "./sealedTables";

type Sqlite = InstanceType<typeof Database>;
type Seal = {
  readonly name: SealedTable;
  readonly columns: string;
  readonly rows: number;
  readonly sum: string;
  readonly wrong_at_ms: number | null;
};

/** Every table of the house against what its triggers summed, every night's sums in the ledger, every card and paper against its digest. */
export function checkState(sqlite: Sqlite): StateCheck {
  const seals = sqlite.prepare("select * from state_seals").all() as readonly Seal[];
  const guards = new Set(
    (
      sqlite.prepare("select name from sqlite_master where type = 'trigger'").all() as readonly {
        readonly name: string;
      }[]
    ).map(({ name }) => name),
  );
  let rows = 0;
  for (const table of SEALED_TABLES) {
    const seal = seals.find(({ name }) => name === table);
    if (!seal || !triggersOf(table).every((name) => guards.has(name))) return { kind: "unguarded", table };
    if (seal.wrong_at_ms !== null) return { kind: "changed", table, sinceMs: seal.wrong_at_ms };
    const columns = JSON.parse(seal.columns) as string[];
    const wrong = ONLY_ADDED_TO.includes(table) ? wrongNight(sqlite, table, columns) : null;
    if (wrong !== null) return { kind: "changed", table, sinceMs: wrong };
    const sum = sumOf(sqlite, table, columns);
    if (sum.hex !== seal.sum || sum.rows !== seal.rows) return { kind: "changed", table, sinceMs: null };
    rows += sum.rows;
  }
  return wrongContent(sqlite) ?? { kind: "whole", rows };
}

type Night = { readonly atMs: number } & TableSum;

/** What the ledger says a table came to on each night since it has the columns it has. */
function nightsOf(sqlite: Sqlite, table: SealedTable, columns: readonly string[]): readonly Night[] {
  const entries = sqlite
    .prepare("select at_ms, payload from ledger where kind = 'day-sealed' order by seq")
    .all() as readonly { readonly at_ms: number; readonly payload: string }[];
  return entries.flatMap(({ at_ms: atMs, payload }) => {
    const { tables = {}, columns: then = {} } = JSON.parse(payload) as {
      readonly tables?: Readonly<Record<string, TableSum>>;
      readonly columns?: Readonly<Record<string, string>>;
    };
    const night = tables[table];
    return night && night.upToId !== null && then[table] === columnsMark(columns) ? [{ atMs, ...night }] : [];
  });
}

/** The first night whose sum the rows of today no longer come to; null: they still do. */
function wrongNight(sqlite: Sqlite, table: SealedTable, columns: readonly string[]): number | null {
  const nights = nightsOf(sqlite, table, columns);
  if (nights.length === 0) return null;
  const place = columns.indexOf("id");
  const names = columns.map((column) => `"${column}"`).join(", ");
  const rows = sqlite.prepare(`select ${names} from "${table}" order by id`).raw().iterate() as IterableIterator<
    (string | number | null)[]
  >;
  const sum = new RowSum();
  let next = rows.next();
  for (const night of nights) {
    while (!next.done && Number(next.value[place]) <= night.upToId!) {
      sum.add(next.value);
      next = rows.next();
    }
    if (sum.hex !== night.sum) {
      rows.return?.();
      return night.atMs;
    }
  }
  rows.return?.();
  return null;
}

const sha256 = (content: string | Buffer): string => createHash("sha256").update(content).digest("hex");

/** Cards and sauces are named by the digest of what they say; papers keep theirs beside them. */
function wrongContent(sqlite: Sqlite): StateCheck | null {
  const specs = sqlite
    .prepare("select hash, spec_id as specId, kind, name, body from specs where kind in ('card', 'sauce')")
    .iterate() as IterableIterator<Readonly<Record<"hash" | "specId" | "kind" | "name" | "body", string>>>;
  for (const { hash, specId, kind, name, body } of specs)
    if (hash !== sha256(stableJson({ specId, kind, body: JSON.parse(body) as unknown }))) return { kind: "card", name };
  const papers = sqlite.prepare("select name, sha256, bytes from attachments").iterate() as IterableIterator<{
    readonly name: string;
    readonly sha256: string;
    readonly bytes: Buffer;
  }>;
  for (const paper of papers) if (paper.sha256 !== sha256(paper.bytes)) return { kind: "paper", name: paper.name };
  return null;
}
