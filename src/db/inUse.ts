import { chmodSync, mkdirSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";

type Lock = InstanceType<typeof Database>;

/** What nobody points at any more is closed, and a lock let go with it. */
const shared = globalThis as typeof globalThis & { gaffelHeld?: Set<Lock> };

/**
 * Takes the house for one server, or for one restore, until the process ends: the system lets go of it however that is. Null: another has
 * it. Reading, copying and checking need it not.
 */
export function takeHouse(houseFile: string): Lock | null {
  mkdirSync(path.dirname(houseFile), { recursive: true, mode: 0o700 });
  const file = path.join(path.dirname(houseFile), "in-use.sqlite");
  const lock = new Database(file, { timeout: 200 });
  chmodSync(file, 0o600);
  try {
    lock.pragma("locking_mode = EXCLUSIVE");
    lock.exec("begin exclusive");
    (shared.gaffelHeld ??= new Set()).add(lock);
    return lock;
  } catch {
    lock.close();
    return null;
  }
}
