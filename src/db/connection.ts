import { mkdirSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { drizzle, type BetterSQLite3Database } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";

export type Db = BetterSQLite3Database;

const MIGRATIONS = path.join(/* turbopackIgnore: true */ process.cwd(), "drizzle");

/** FULL: an acknowledged record survives a power cut, for about a millisecond a write (see `npm run bench`). */
const PRAGMAS = ["busy_timeout = 5000", "journal_mode = WAL", "foreign_keys = ON", "synchronous = FULL"];

/** Opens a house file (or `:memory:`), creates it when it is missing and brings it up to date. */
export function openDatabase(file: string): Db {
  if (file !== ":memory:") mkdirSync(path.dirname(file), { recursive: true });
  const sqlite = new Database(file);
  for (const pragma of PRAGMAS) sqlite.pragma(pragma);
  const db = drizzle(sqlite);
  migrateOnce(db);
  return db;
}

/** Two processes that start at once can both find no migration table; the loser sees its work done on the second try. */
function migrateOnce(db: Db): void {
  try {
    migrate(db, { migrationsFolder: MIGRATIONS });
  } catch {
    migrate(db, { migrationsFolder: MIGRATIONS });
  }
}

export const houseFile = (): string => path.join(process.env["GAFFEL_DATA"] ?? "data", "gaffel.sqlite");

const shared = globalThis as typeof globalThis & { gaffelDb?: Db };

/** The one connection of this process; kept on `globalThis` because hot reload loads this module again. */
export function db(): Db {
  shared.gaffelDb ??= openDatabase(path.resolve(/* turbopackIgnore: true */ houseFile()));
  return shared.gaffelDb;
}
