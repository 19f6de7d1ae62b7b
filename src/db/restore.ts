import { chmodSync, closeSync, copyFileSync, existsSync, fsyncSync, openSync, renameSync, rmSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { err, ok, type Result } from "@/core/shared";
import { checkFile, type Checked, type Fault } from "./backup";
import { takeHouse } from "./inUse";

export type RestoreFault = Fault | { readonly kind: "in-use" };
export type Restored = Checked & {
  /** Where what was there before lies now; null: nothing was. */
  readonly before: string | null;
};

/** Puts a copy in the place of the house file, after it was read through; what it replaces is kept beside it. Not while a server runs. */
export function restore(copy: string, file: string, stamp: string): Result<Restored, RestoreFault> {
  const checked = checkFile(copy);
  if (!checked.ok) return checked;
  const lock = takeHouse(file);
  if (!lock) return err({ kind: "in-use" });
  try {
    const part = `${file}.part`;
    copyFileSync(copy, part);
    chmodSync(part, 0o600);
    const handle = openSync(part, "r+");
    fsyncSync(handle);
    closeSync(handle);
    const before = existsSync(file) ? setAside(file, stamp) : null;
    renameSync(part, file);
    return ok({ ...checked.value, before });
  } finally {
    lock.close();
  }
}

/** The house file under another name, with what its log still held; a damaged one as it is. */
function setAside(file: string, stamp: string): string {
  try {
    const old = new Database(file);
    old.pragma("wal_checkpoint(TRUNCATE)");
    old.close();
  } catch {
    // it may be restored because it cannot be opened
  }
  const before = path.join(path.dirname(file), `gaffel-before-${stamp}.sqlite`);
  renameSync(file, before);
  for (const end of ["-wal", "-shm"]) {
    if (existsSync(`${file}${end}`)) renameSync(`${file}${end}`, `${before}${end}`);
    rmSync(`${file}${end}`, { force: true });
  }
  return before;
}
