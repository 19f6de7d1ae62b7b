import { createHash } from "node:crypto";
import type Database from "better-sqlite3";

type Value = string | number | bigint | null;

const MASK = (1n << 256n) - 1n;
export const NO_ROWS = "0".repeat(64);

const numberOf = (values: readonly Value[]): bigint =>
  BigInt(`0x${createHash("sha256").update(JSON.stringify(values)).digest("hex")}`);
const hex = (sum: bigint): string => (sum & MASK).toString(16).padStart(64, "0");

/**
 * Sum over rows that does not ask in which order they came: SHA-256 of each row, added modulo 2^256 (incremental multiset hashing by
 * addition, Bellare and Micciancio 1997; memory, high). It finds what was changed by hand; whoever rewrites row and sum together is found by
 * the seal of a day before.
 */
export class RowSum {
  #sum: bigint;
  rows = 0;

  constructor(sum: string = NO_ROWS) {
    this.#sum = BigInt(`0x${sum}`);
  }

  add(values: readonly Value[]): this {
    this.#sum += numberOf(values);
    this.rows += 1;
    return this;
  }

  take(values: readonly Value[]): this {
    this.#sum += MASK + 1n - numberOf(values);
    this.rows -= 1;
    return this;
  }

  get hex(): string {
    return hex(this.#sum);
  }
}

/** Names the columns a sum was made of. */
export const columnsMark = (columns: readonly string[]): string =>
  createHash("sha256").update(columns.join()).digest("hex").slice(0, 12);

/** What the triggers of a house file call; a program that does not know it cannot write into a sealed table. */
export function teachSums(sqlite: InstanceType<typeof Database>): void {
  const varargs = { varargs: true, deterministic: true } as const;
  sqlite.function(
    "gaffel_add",
    varargs,
    (sum: unknown, ...values: unknown[]) => new RowSum(String(sum)).add(values as Value[]).hex,
  );
  sqlite.function(
    "gaffel_take",
    varargs,
    (sum: unknown, ...values: unknown[]) => new RowSum(String(sum)).take(values as Value[]).hex,
  );
}
