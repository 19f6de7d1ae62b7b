import type { LedgerKind } from "@/core/trace";

export type CheckList = "opening" | "closing";
export const CHECK_LISTS: readonly CheckList[] = ["opening", "closing"];

export type NewCheck = {
  readonly name: string;
  readonly list: CheckList;
  /** By when it is wanted, minutes of the day. */
  readonly byMin: number;
  /** Done by an entry of this kind; null: by a tap. */
  readonly doneBy: LedgerKind | null;
};

export type DayCheck = NewCheck & {
  readonly id: string;
  readonly done: { readonly atMs: number; readonly who: string; readonly wrong: string | null } | null;
  readonly state: "done" | "wrong" | "due" | "late";
};

export const stateOf = (done: DayCheck["done"], byMin: number, nowMin: number): DayCheck["state"] =>
  done ? (done.wrong === null ? "done" : "wrong") : nowMin > byMin ? "late" : "due";

/** A list longer than this is ticked without looking (common practice). */
export const MOST_CHECKS = 12;
