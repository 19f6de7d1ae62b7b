import { sumOf } from "@/core/numeric";
import { and, eq, gte, isNull } from "drizzle-orm";
import { liveCook, refuseEvent, tapToUndo, UNDO_TAKEN_MS, type CookEvent, type SpotKind } from "@/core/cooking";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { PanPart } from "@/core/line";
import { DAY_MS } from "@/core/units";
import { panNow, type BegunPan } from "@/house/line/livePan";
import type { PanStage } from "@/house/stored/panStage";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { rememberingSince } from "../remember";
import { lineMarks, linePans, spotOuts } from "../schema/line";
import type { Stamp } from "../stamp";
import { findCook, openCooks } from "../stove/cooks";

export type KeptPan = BegunPan & { readonly cookId: string | null; readonly beganAtMs: number; readonly who: string };

/** Pans that were begun since. The clock of one at the stove is the stove's. */
export const pansSince = (db: Db, sinceMs: number): readonly KeptPan[] =>
  rowsSince(db, sinceMs).map(({ day: _, ...pan }) => ({ ...pan, events: eventsOf(db, pan) }));

const rowsSince = rememberingSince(
  [linePans],
  (db, sinceMs) => db.select().from(linePans).where(gte(linePans.beganAtMs, sinceMs)).all(),
  ({ beganAtMs }) => beganAtMs,
);

/** Whether some of these lines lie in a pan, or came out of one; what was lost or taken back does not. */
export const isInPan = (db: Db, lineIds: ReadonlySet<string>, nowMs: number): boolean =>
  pansSince(db, nowMs - DAY_MS).some(
    (pan) => pan.parts.some(({ lineId }) => lineIds.has(lineId)) && panNow(pan, nowMs).state !== "lost",
  );

/** Most pans are on the heat, and what is on the heat is known to every page. */
const eventsOf = (db: Db, { cookId, events }: { cookId: string | null; events: readonly CookEvent[] }) => {
  if (cookId === null) return events;
  const cook = openCooks(db).find(({ id }) => id === cookId) ?? findCook(db, cookId);
  return cook?.events ?? events;
};

/** Pans of services past, for what there is to learn of them. */
export const pansOfServices = (db: Db, sinceMs: number): readonly (KeptPan & { readonly day: string })[] =>
  rowsSince(db, sinceMs).map((pan) => ({ ...pan, events: eventsOf(db, pan) }));

export type NewPan = {
  readonly id: string;
  readonly day: string;
  readonly cardId: string;
  readonly stages: readonly PanStage[];
  readonly parts: readonly PanPart[];
  readonly cookId: string | null;
  readonly name: string;
};
export type PanError = Refusal<"begunAlready" | "noPan" | "cannotNow">;

/** A pan is begun for these lines: none of them is in another. */
export function beginPan(db: Db, pan: NewPan, { who, atMs }: Stamp): Result<null, PanError> {
  return db.transaction((tx) => {
    if (tx.select({ id: linePans.id }).from(linePans).where(eq(linePans.id, pan.id)).get())
      return refuse("begunAlready");
    const { name, ...row } = pan;
    const events = [{ kind: "started", atMs } as const];
    tx.insert(linePans)
      .values({ ...row, beganAtMs: atMs, who, events })
      .run();
    const pieces = sumOf(pan.parts, ({ count }) => count);
    appendEntry(tx, { atMs, who, kind: "pan-begun", cookId: pan.cookId, payload: { name, pieces, pan: pan.id } });
    return ok(null);
  });
}

/** What hands did to a pan whose clock is the line's own. */
export function panEvent(
  db: Db,
  panId: string,
  kind: "advanced" | "abandoned" | "undone",
  { who, atMs }: Stamp,
): Result<null, PanError> {
  return db.transaction((tx) => {
    const pan = tx.select().from(linePans).where(eq(linePans.id, panId)).get();
    if (!pan || pan.cookId !== null) return refuse("noPan");
    const seconds = pan.stages.map(({ medianS }) => medianS);
    if (refuseEvent(liveCook(seconds, pan.events, atMs), kind) !== null) return refuse("cannotNow");
    if (kind === "undone" && !tapToUndo(pan.events, atMs, UNDO_TAKEN_MS)) return refuse("cannotNow");
    tx.update(linePans)
      .set({ events: [...pan.events, { kind, atMs }] })
      .where(eq(linePans.id, panId))
      .run();
    if (kind === "abandoned") appendEntry(tx, { atMs, who, kind: "pan-lost", payload: { pan: panId } });
    if (kind === "undone") appendEntry(tx, { atMs, who, kind: "pan-back", payload: { pan: panId } });
    return ok(null);
  });
}

/** Work that is done since, and bars that were put somewhere. */
export const marksSince = (db: Db, sinceMs: number) =>
  db.select().from(lineMarks).where(gte(lineMarks.atMs, sinceMs)).all();

/** Marks work as done, or takes that back; that it is so already is no fault. */
export function markDone(db: Db, taskId: string, done: boolean, day: string, { who, atMs }: Stamp): void {
  const where = and(eq(lineMarks.taskId, taskId), eq(lineMarks.kind, "done"));
  const is = db.select().from(lineMarks).where(where).get() !== undefined;
  if (is === done) return;
  if (done) db.insert(lineMarks).values({ taskId, kind: "done", day, atMs, who }).run();
  else db.delete(lineMarks).where(where).run();
}

/** A bar is put to a moment, or let go (null). */
export function putBar(db: Db, panId: string, startMs: number | null, day: string, who: string): void {
  db.transaction((tx) => {
    tx.delete(lineMarks)
      .where(and(eq(lineMarks.taskId, panId), eq(lineMarks.kind, "put")))
      .run();
    if (startMs !== null) tx.insert(lineMarks).values({ taskId: panId, kind: "put", day, atMs: startMs, who }).run();
  });
}

/** How many of each spot do not work. */
export function spotsOut(db: Db): ReadonlyMap<SpotKind, number> {
  const counts = new Map<SpotKind, number>();
  for (const { kind } of db.select().from(spotOuts).where(isNull(spotOuts.toMs)).all())
    counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return counts;
}

/** A spot stops working, or works again. Refused: none of them was out. */
export function setSpotOut(
  db: Db,
  kind: SpotKind,
  out: boolean,
  { who, atMs }: Stamp,
): Result<null, Refusal<"noneIsOut">> {
  return db.transaction((tx) => {
    if (out) tx.insert(spotOuts).values({ kind, fromMs: atMs, who }).run();
    else {
      const row = tx
        .select()
        .from(spotOuts)
        .where(and(eq(spotOuts.kind, kind), isNull(spotOuts.toMs)))
        .get();
      if (!row) return refuse("noneIsOut");
      tx.update(spotOuts).set({ toMs: atMs }).where(eq(spotOuts.id, row.id)).run();
    }
    appendEntry(tx, { atMs, who, kind: out ? "spot-out" : "spot-back", payload: { spot: kind } });
    return ok(null);
  });
}
