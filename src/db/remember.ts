import { getTableName } from "drizzle-orm";
import type { SQLiteTable } from "drizzle-orm/sqlite-core";
import { sumOf } from "@/core/numeric";
import { HOUR_MS } from "@/core/units";
import type { Db, Sqlite } from "./db";

/** How often each table was written to by this connection, and how often the file was by others. */
type Watch = {
  readonly writes: Map<string, number>;
  /** Answers to each question, all as of the same writes. */
  readonly kept: WeakMap<object, { readonly asOf: string; readonly answers: Map<string, unknown> }>;
  readonly othersWrote: () => unknown;
  /** Answers that hold for a moment, all as of the same writes and the same second. */
  second: { readonly asOf: string; readonly answers: Map<string, unknown> };
};

// the server's start and its pages load this module each for itself
const shared = globalThis as typeof globalThis & { gaffelWatches?: WeakMap<Sqlite, Watch> };
const watches = (shared.gaffelWatches ??= new WeakMap());

/** Of one question so many answers are kept; then all are asked anew. */
const MOST = 500;

/** Counts what this connection writes, table by table, so that what was read is known to be old. */
export function watchWrites(sqlite: Sqlite): void {
  const writes = new Map<string, number>();
  const dataVersion = sqlite.prepare("pragma data_version").pluck();
  const second = { asOf: "", answers: new Map<string, unknown>() };
  watches.set(sqlite, { writes, kept: new WeakMap(), othersWrote: () => dataVersion.get(), second });
  sqlite.function("gaffel_written", (table) => {
    writes.set(String(table), (writes.get(String(table)) ?? 0) + 1);
    return null;
  });
  const tables = sqlite
    .prepare("select name from main.sqlite_master where type = 'table' and name not like 'sqlite\\_%' escape '\\'")
    .pluck()
    .all() as readonly string[];
  for (const table of tables)
    for (const event of ["insert", "update", "delete"])
      sqlite.exec(
        `create temp trigger "written_${event}_${table}" after ${event} on main."${table}" begin select gaffel_written('${table}'); end`,
      );
}

/** Nobody changes an answer that others are given too. */
function frozen<T>(value: T): T {
  if (value !== null && typeof value === "object" && !Object.isFrozen(value) && !ArrayBuffer.isView(value)) {
    Object.freeze(value);
    Object.values(value).forEach(frozen);
  }
  return value;
}

const watchOf = (db: Db): Watch | undefined => {
  const sqlite = (db as Db & { readonly $client?: Sqlite }).$client;
  return sqlite && !sqlite.inTransaction ? watches.get(sqlite) : undefined;
};

type Key = string | number | boolean | null | readonly string[];

/**
 * A reading of these tables that is asked for again and again while they stay as they are: what the house is, who works in it, where
 * things lie. Asked of the file anew after every write to one of them, by whomever, and always within a transaction, which may yet be
 * taken back. `tables`: every table `read` looks into.
 */
export function remembering<Args extends readonly Key[], T>(
  tables: readonly SQLiteTable[],
  read: (db: Db, ...args: Args) => T,
): (db: Db, ...args: Args) => T {
  const names = tables.map(getTableName);
  return (db, ...args) => {
    const watch = watchOf(db);
    if (!watch) return read(db, ...args);
    const asOf = `${String(watch.othersWrote())} ${names.map((name) => watch.writes.get(name) ?? 0).join(" ")}`;
    let known = watch.kept.get(read);
    if (known?.asOf !== asOf || known.answers.size >= MOST)
      watch.kept.set(read, (known = { asOf, answers: new Map() }));
    const key = JSON.stringify(args);
    if (known.answers.has(key)) return known.answers.get(key) as T;
    const value = frozen(read(db, ...args));
    known.answers.set(key, value);
    return value;
  };
}

const SECOND_MS = 1000;

/**
 * What depends on the moment and on more tables than can be told: worked out once a second for all the screens that ask, and anew after any
 * write, by whomever. `key`: what is asked; it and the file decide the answer. An answer on its way that fails is not kept.
 */
export function onceASecond<T>(db: Db, nowMs: number, key: string, work: () => T): T {
  const watch = watchOf(db);
  if (!watch) return work();
  const written = sumOf([...watch.writes.values()], (count) => count);
  const asOf = `${String(watch.othersWrote())} ${written} ${Math.floor(nowMs / SECOND_MS)}`;
  if (watch.second.asOf !== asOf) watch.second = { asOf, answers: new Map() };
  const { answers } = watch.second;
  if (answers.has(key)) return answers.get(key) as T;
  const answer = work();
  answers.set(key, answer);
  if (answer instanceof Promise) answer.catch(() => answers.delete(key));
  return answer;
}

/**
 * The same of what came since a moment that moves with the clock: read from the full hour before it, so that what one look read serves the
 * next, and cut to the moment. `read`: rows that came since, `atMsOf`: when one came.
 */
export function rememberingSince<T>(
  tables: readonly SQLiteTable[],
  read: (db: Db, sinceMs: number) => readonly T[],
  atMsOf: (row: T) => number,
): (db: Db, sinceMs: number) => readonly T[] {
  const fromTheHour = remembering(tables, (db, hour: number) => read(db, hour * HOUR_MS));
  return (db, sinceMs) => fromTheHour(db, Math.floor(sinceMs / HOUR_MS)).filter((row) => atMsOf(row) >= sinceMs);
}
