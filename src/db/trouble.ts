import { existsSync, readdirSync } from "node:fs";
import path from "node:path";
import { err, ok, type Result } from "@/core/shared";
import { openDatabase, type Db } from "./connection";
import { takeHouse } from "./inUse";

/** Why a house cannot be opened, or not be written in. */
export type Trouble = {
  readonly kind: "newer" | "damaged" | "read-only" | "full" | "in-use" | "missing" | "other";
  readonly why: string;
};

const BY_CODE: readonly (readonly [prefix: string, kind: Trouble["kind"]])[] = [
  ["GAFFEL_NEWER", "newer"],
  ["SQLITE_NOTADB", "damaged"],
  ["SQLITE_CORRUPT", "damaged"],
  ["SQLITE_READONLY", "read-only"],
  ["SQLITE_CANTOPEN", "read-only"],
  ["SQLITE_PERM", "read-only"],
  ["EACCES", "read-only"],
  ["EROFS", "read-only"],
  ["EPERM", "read-only"],
  ["SQLITE_FULL", "full"],
  ["ENOSPC", "full"],
  ["SQLITE_IOERR", "full"],
];

/** What a failure of the file means; null: it is no failure of the file. */
export function troubleOf(problem: unknown): Trouble | null {
  const { code, message } = problem as { readonly code?: unknown; readonly message?: unknown };
  if (typeof code !== "string") return null;
  const kind = BY_CODE.find(([prefix]) => code.startsWith(prefix))?.[1];
  return kind === undefined ? null : { kind, why: `${code}: ${String(message)}` };
}

/** Whether a house was kept here though its file is gone: a log of it, or copies. */
function wasHere(file: string): boolean {
  const folder = path.dirname(file);
  if (!existsSync(folder)) return false;
  const backups = path.join(folder, "backups");
  return (
    existsSync(`${file}-wal`) ||
    readdirSync(folder).some((name) => name.startsWith("gaffel-before-")) ||
    (existsSync(backups) && readdirSync(backups).some((name) => name.endsWith(".sqlite")))
  );
}

/** Takes and opens the house of a server. What is not there is begun anew only where nothing says that it was there. */
export function openForServer(file: string): Result<Db, Trouble> {
  try {
    if (!existsSync(file) && wasHere(file)) return err({ kind: "missing", why: file });
    if (takeHouse(file) === null) return err({ kind: "in-use", why: file });
    return ok(openDatabase(file));
  } catch (problem) {
    return err(
      troubleOf(problem) ?? { kind: "other", why: problem instanceof Error ? problem.message : String(problem) },
    );
  }
}
