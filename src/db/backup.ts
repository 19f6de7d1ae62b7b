import {
  chmodSync,
  closeSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { drizzle } from "drizzle-orm/better-sqlite3";
import type { ChainCheck, StateCheck } from "@/core/trace";
import { err, ok, type Result } from "@/core/shared";
import { checkLedger } from "./ledger";
import { checkState } from "./seals/check";

/** Entries of the book and rows of its tables that were checked. */
export type Checked = { readonly entries: number; readonly rows: number };
/** Why a house file does not hold together. */
export type Fault =
  | { readonly kind: "no-file" }
  | { readonly kind: "damaged"; readonly why: string }
  | { readonly kind: "state"; readonly state: Exclude<StateCheck, { kind: "whole" }> }
  | Exclude<ChainCheck, { kind: "whole" }>;

/** Whether a house file can be read through, and every seal in it fits. Changes nothing and makes no file. */
export function checkFile(file: string): Result<Checked, Fault> {
  if (!existsSync(file)) return err({ kind: "no-file" });
  let sqlite: InstanceType<typeof Database> | null = null;
  try {
    sqlite = new Database(file, { readonly: true, fileMustExist: true });
    const found = sqlite.pragma("integrity_check") as readonly { readonly integrity_check: string }[];
    const [first] = found;
    if (first?.integrity_check !== "ok") return err({ kind: "damaged", why: first?.integrity_check ?? "" });
    const chain = checkLedger(drizzle(sqlite));
    if (chain.kind !== "whole") return err(chain);
    const state = checkState(sqlite);
    return state.kind === "whole" ? ok({ entries: chain.entries, rows: state.rows }) : err({ kind: "state", state });
  } catch (problem) {
    return err({ kind: "damaged", why: problem instanceof Error ? problem.message : String(problem) });
  } finally {
    sqlite?.close();
  }
}

const COPY = /^gaffel-\d{4}-\d{2}-\d{2}-\d{4}\.sqlite$/;
const DAY_MS = 86_400_000;

/** So many of the newest stay however old they are: a server that was off for a season wakes with copies. */
const ALWAYS = 3;

/** Lets go of copies beyond a number, and of those older than so many days. Answers with their names. */
export function prune(folder: string, most: number, days: number, nowMs: number): readonly string[] {
  const gone = readdirSync(folder)
    .filter((name) => COPY.test(name))
    .sort()
    .toReversed()
    .filter(
      (name, index) =>
        index >= most || (index >= ALWAYS && statSync(path.join(folder, name)).mtimeMs < nowMs - days * DAY_MS),
    );
  for (const name of gone) rmSync(path.join(folder, name));
  return gone;
}

function flush(file: string): void {
  const handle = openSync(file, "r+");
  fsyncSync(handle);
  closeSync(handle);
}

/**
 * A copy of a house file as it is at one moment, also while the house is at work: SQLite writes it out of one snapshot, so that it ends
 * however much is written meanwhile. It bears its name only when it was read through and every seal in it fits. `stamp`: ends its name.
 */
export function backUp(
  file: string,
  folder: string,
  stamp: string,
): Result<Checked & { readonly copy: string }, Fault> {
  if (!existsSync(file)) return err({ kind: "no-file" });
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const copy = path.join(folder, `gaffel-${stamp}.sqlite`);
  const part = `${copy}.part`;
  rmSync(part, { force: true });
  const sqlite = new Database(file, { readonly: true, fileMustExist: true });
  try {
    sqlite.prepare("vacuum into ?").run(part);
  } catch (problem) {
    rmSync(part, { force: true });
    return err({ kind: "damaged", why: problem instanceof Error ? problem.message : String(problem) });
  } finally {
    sqlite.close();
  }
  chmodSync(part, 0o600);
  const checked = checkFile(part);
  if (!checked.ok) {
    rmSync(part, { force: true });
    return checked;
  }
  flush(part);
  renameSync(part, copy);
  return ok({ ...checked.value, copy });
}
