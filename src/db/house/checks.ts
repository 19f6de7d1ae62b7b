import { randomUUID } from "node:crypto";
import { and, asc, eq, gte, inArray, isNull, lt } from "drizzle-orm";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { LedgerKind } from "@/core/trace";
import { CHECK_LISTS, MOST_CHECKS, stateOf, type DayCheck, type NewCheck } from "@/house/checks";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { checkMarks, houseChecks } from "../schema/checks";
import { ledger } from "../schema/ledger";
import type { Stamp } from "../stamp";

export type CheckProblem = Refusal<"tooMany" | "sameName" | "notThere" | "doneAlready" | "doneByWork">;

const standing = remembering([houseChecks], (db) =>
  db
    .select()
    .from(houseChecks)
    .where(isNull(houseChecks.endedAtMs))
    .orderBy(asc(houseChecks.byMin), asc(houseChecks.name))
    .all(),
);

const marksOf = remembering([checkMarks], (db, day: string) =>
  db.select().from(checkMarks).where(eq(checkMarks.day, day)).all(),
);

/** What was done of these kinds of work between two moments, the first first. */
function workDone(db: Db, kinds: readonly LedgerKind[], fromMs: number, toMs: number) {
  if (kinds.length === 0) return [];
  return db
    .select({ kind: ledger.kind, atMs: ledger.atMs, who: ledger.who })
    .from(ledger)
    .where(and(inArray(ledger.kind, [...kinds]), gte(ledger.atMs, fromMs), lt(ledger.atMs, toMs)))
    .orderBy(asc(ledger.seq))
    .all();
}

/** Another thing the house looks at every day. */
export function addCheck(db: Db, check: NewCheck, { who, atMs }: Stamp): Result<string, CheckProblem> {
  return db.transaction((tx) => {
    const all = standing(tx);
    if (all.some(({ name }) => name.toLowerCase() === check.name.toLowerCase())) return refuse("sameName");
    if (all.length >= MOST_CHECKS) return refuse("tooMany");
    const id = randomUUID();
    tx.insert(houseChecks)
      .values({ ...check, id, addedAtMs: atMs })
      .run();
    appendEntry(tx, { atMs, who, kind: "check-set", payload: { ...check, ended: false } });
    return ok(id);
  });
}

/** It is not looked at any more; what was ticked stays. */
export function endCheck(db: Db, id: string, { who, atMs }: Stamp): Result<null, CheckProblem> {
  return db.transaction((tx) => {
    const check = standing(tx).find((one) => one.id === id);
    if (!check) return refuse("notThere");
    tx.update(houseChecks).set({ endedAtMs: atMs }).where(eq(houseChecks.id, id)).run();
    appendEntry(tx, { atMs, who, kind: "check-set", payload: { name: check.name, list: check.list, ended: true } });
    return ok(null);
  });
}

/** Somebody looked; `wrong`: what was not as it should be and what was done, null where all was well. Once a day. */
export function markCheck(
  db: Db,
  id: string,
  day: string,
  wrong: string | null,
  { who, atMs }: Stamp,
): Result<string, CheckProblem> {
  return db.transaction((tx) => {
    const check = standing(tx).find((one) => one.id === id);
    if (!check) return refuse("notThere");
    if (check.doneBy !== null) return refuse("doneByWork");
    const before = and(eq(checkMarks.checkId, id), eq(checkMarks.day, day));
    if (tx.select().from(checkMarks).where(before).get()) return refuse("doneAlready");
    tx.insert(checkMarks).values({ checkId: id, day, atMs, who, wrong }).run();
    appendEntry(tx, { atMs, who, kind: "check-done", payload: { name: check.name, list: check.list, wrong } });
    return ok(check.name);
  });
}

type Day = { readonly day: string; readonly fromMs: number; readonly toMs: number; readonly nowMin: number };

/** The checks of a day, opening first, each with who did it or whether it is late. */
export function checksOf(db: Db, { day, fromMs, toMs, nowMin }: Day): readonly DayCheck[] {
  const checks = standing(db);
  const marks = marksOf(db, day);
  const kinds = checks.flatMap(({ doneBy }) => doneBy ?? []);
  const work = workDone(db, kinds, fromMs, toMs);
  return checks
    .map(({ id, name, list, byMin, doneBy }): DayCheck => {
      const mark = marks.find(({ checkId }) => checkId === id);
      const entry = doneBy === null ? undefined : work.find(({ kind }) => kind === doneBy);
      const done = mark ?? (entry && { ...entry, wrong: null });
      const said = done ? { atMs: done.atMs, who: done.who, wrong: done.wrong } : null;
      return { id, name, list, byMin, doneBy, done: said, state: stateOf(said, byMin, nowMin) };
    })
    .sort((a, b) => CHECK_LISTS.indexOf(a.list) - CHECK_LISTS.indexOf(b.list));
}
