import { createHash } from "node:crypto";
import { chmodSync, existsSync, mkdirSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { sql } from "drizzle-orm";
import { drizzle } from "drizzle-orm/better-sqlite3";
import { migrate } from "drizzle-orm/better-sqlite3/migrator";
import { readMigrationFiles } from "drizzle-orm/migrator";
import { assert } from "@/core/shared";
import type { Db, Sqlite } from "./db";
import { watchWrites } from "./remember";
import { sealTables } from "./seals/install";
import { teachSums } from "./seals/rowSum";

export type { Db, Sqlite };

/** The open file under a connection. */
export const fileUnder = (db: Db): Sqlite => (db as Db & { readonly $client: Sqlite }).$client;

const MIGRATIONS = path.join(/* turbopackIgnore: true */ process.cwd(), "drizzle");

/** FULL: an acknowledged record survives a power cut, for about a millisecond a write (see `npm run bench`). */
const PRAGMAS = ["busy_timeout = 5000", "journal_mode = WAL", "synchronous = FULL"];

/** Only whoever runs the house may read it: files, and the folder when it is made here. A disk that knows no such rights keeps none. */
function keepToOurselves(file: string): void {
  for (const end of ["", "-wal", "-shm"]) {
    if (!existsSync(`${file}${end}`)) continue;
    try {
      chmodSync(`${file}${end}`, 0o600);
    } catch {
      // of another user, or a disk without rights
    }
  }
}

/** What migrations call that SQLite does not know. */
export const teach = (sqlite: InstanceType<typeof Database>): void => {
  sqlite.function("gaffel_sha256", (text) => createHash("sha256").update(String(text)).digest("hex"));
  teachSums(sqlite);
};

/** Opens a house file (or `:memory:`), creates it when it is missing and brings it up to date. */
export function openDatabase(file: string): Db {
  const onDisk = file !== ":memory:";
  if (onDisk) mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
  const sqlite = new Database(file);
  if (onDisk) keepToOurselves(file);
  for (const pragma of PRAGMAS) sqlite.pragma(pragma);
  teach(sqlite);
  // keys of the first houses lay there in plain text: what a migration drops is wiped
  sqlite.pragma("secure_delete = ON");
  const db = drizzle(sqlite);
  // a table is rebuilt under its own name only while nothing watches who points at it; whether all still do is asked before work begins
  sqlite.pragma("foreign_keys = OFF");
  if (isNewer(db)) {
    sqlite.close();
    throw new NewerHouse();
  }
  if (migrateOnce(db)) {
    const [broken] = sqlite.pragma("foreign_key_check") as readonly { readonly table: string }[];
    assert(broken === undefined, `the house file points at rows that are not there, first in ${broken?.table}`);
    sealTables(sqlite, Date.now());
  }
  sqlite.pragma("foreign_keys = ON");
  watchWrites(sqlite);
  if (onDisk) keepToOurselves(file);
  return db;
}

/** Whether anything was brought up to date. Two processes that start at once can both find no migration table; the loser sees its work done on the second try. */
function migrateOnce(db: Db): boolean {
  const before = applied(db);
  try {
    migrate(db, { migrationsFolder: MIGRATIONS });
  } catch {
    migrate(db, { migrationsFolder: MIGRATIONS });
  }
  return applied(db) !== before;
}

/** The file was brought further than this program knows: writing into it would lose what it does not understand. */
export class NewerHouse extends Error {
  readonly code = "GAFFEL_NEWER";
  constructor() {
    super("the house file was written by a newer Gaffel");
  }
}

function isNewer(db: Db): boolean {
  if (applied(db) === 0) return false;
  const { last } = db.get<{ readonly last: number }>(sql`select max(created_at) as last from __drizzle_migrations`);
  const known = readMigrationFiles({ migrationsFolder: MIGRATIONS }).map(({ folderMillis }) => folderMillis);
  return Number(last) > Math.max(...known);
}

/** Migrations the file has had. */
function applied(db: Db): number {
  const table = db.get(sql`select 1 from sqlite_master where name = '__drizzle_migrations'`);
  return table ? db.get<{ readonly n: number }>(sql`select count(*) as n from __drizzle_migrations`).n : 0;
}

export const houseFile = (): string => path.join(process.env["GAFFEL_DATA"] ?? "data", "gaffel.sqlite");

/** The same, as it is found from anywhere. */
export const houseFileHere = (): string => path.resolve(/* turbopackIgnore: true */ houseFile());

const shared = globalThis as typeof globalThis & { gaffelDb?: Db };

/** The connection a server opened when it took the house. */
export function keepOpen(opened: Db): void {
  shared.gaffelDb = opened;
}

/** The one connection of this process; kept on `globalThis` because hot reload loads this module again. */
export function db(): Db {
  shared.gaffelDb ??= openDatabase(houseFileHere());
  return shared.gaffelDb;
}
