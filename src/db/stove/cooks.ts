import { clamp } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, gte, inArray, isNull } from "drizzle-orm";
import { liveCook, refuseEvent, tapToUndo, UNDO_TAKEN_MS, type CookEvent, type LiveCook } from "@/core/cooking";
import { assertNever, err, ok, said, type Result, type Said } from "@/core/shared";
import type { Db } from "../connection";
import { countBatch, type CountedPieces, type CountError } from "../block/countBatch";
import { platesOfCook, putInPan } from "../cards/plates";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { batches, cookEvents, cooks, portions } from "../schema/cooks";
import { lots } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";
import type { PiecesBecame } from "@/house/lots/piecesBecame";
import type { StoredPlan } from "@/house/stove/storedPlan";
import { keepTagWhenGone } from "../lots/tagRetention";
import { inMetric } from "@/words/say";
import { piecesOfCancelled, takeBack } from "./afterTap";

type CookRow = typeof cooks.$inferSelect;
type EventRow = typeof cookEvents.$inferSelect;

export type Cook = Omit<CookRow, "speciesId"> & {
  readonly events: readonly CookEvent[];
  /** Null, as its batch and lot: a piece of which no lot is known. */
  readonly batchCode: string | null;
  readonly lotId: string | null;
  readonly speciesId: string;
};

function eventOf({ kind, atMs, amount, who }: EventRow): CookEvent {
  switch (kind) {
    case "extended":
      return { kind, atMs, seconds: amount ?? 0 };
    case "probed":
      return { kind, atMs, centreC: amount ?? 0 };
    case "refitted":
      return { kind, atMs, seconds: amount ?? 0 };
    case "foreseen":
    case "foreseen-under":
      return { kind: "foreseen", atMs, peakC: amount ?? 0, meets: kind === "foreseen" };
    case "silenced":
      return { kind, atMs, who };
    case "started":
    case "paused":
    case "resumed":
    case "advanced":
    case "abandoned":
    case "undone":
      return { kind, atMs };
    default:
      return assertNever(kind);
  }
}

type LinkedRow = {
  readonly cook: CookRow;
  readonly batchCode: string | null;
  readonly lotId: string | null;
  readonly speciesId: string | null;
};

function load(db: Db, rows: readonly LinkedRow[]): Cook[] {
  if (rows.length === 0) return [];
  const ids = rows.map(({ cook }) => cook.id);
  const events = db.select().from(cookEvents).where(inArray(cookEvents.cookId, ids)).orderBy(asc(cookEvents.id)).all();
  return rows.map(({ cook, speciesId, ...links }) => ({
    ...cook,
    ...links,
    speciesId: speciesId ?? cook.speciesId ?? cook.plan.speciesId,
    events: events.filter(({ cookId }) => cookId === cook.id).map(eventOf),
  }));
}

const select = (db: Db) =>
  db
    .select({ cook: cooks, batchCode: batches.code, lotId: batches.lotId, speciesId: fishLots.speciesId })
    .from(cooks)
    .leftJoin(batches, eq(cooks.batchId, batches.id))
    .leftJoin(fishLots, eq(batches.lotId, fishLots.id));

export const findCook = (db: Db, id: string): Cook | undefined => load(db, select(db).where(eq(cooks.id, id)).all())[0];
/** What is in a pan now, on every page of the house. */
export const openCooks = remembering([cooks, cookEvents, batches, lots, fish], (db): readonly Cook[] =>
  load(db, select(db).where(eq(cooks.open, true)).orderBy(asc(cooks.startedAtMs)).all()),
);
/** The newest cooks since a time, ended ones too. */
export const cooksSince = (db: Db, sinceMs: number, limit: number): Cook[] =>
  load(db, select(db).where(gte(cooks.startedAtMs, sinceMs)).orderBy(desc(cooks.startedAtMs)).limit(limit).all());
export const cooksOfBatches = (db: Db, batchIds: readonly string[]): Cook[] =>
  batchIds.length === 0
    ? []
    : load(
        db,
        select(db)
          .where(inArray(cooks.batchId, [...batchIds]))
          .orderBy(asc(cooks.startedAtMs))
          .all(),
      );

export type StartError =
  { readonly kind: "batchNotFound" } | { readonly kind: "tooFewPortions"; readonly left: number };
type Stamp = { readonly who: string; readonly atMs: number; readonly requestId: string };

/** A cook begins: its row, its first event and its entry. */
function beginRow(
  db: Db,
  plan: StoredPlan,
  from: { readonly batch: typeof batches.$inferSelect | null; readonly panName: string | null },
  { who, atMs, requestId }: Stamp,
): string {
  const id = randomUUID();
  const { batch, panName } = from;
  const batchId = batch?.id ?? null;
  const speciesId = batch ? null : plan.speciesId;
  const row = { id, batchId, speciesId, panName, startedAtMs: atMs, startedBy: who, pieces: plan.pieces, plan };
  db.insert(cooks)
    .values({ ...row, open: true })
    .run();
  db.insert(cookEvents).values({ cookId: id, atMs, kind: "started", who, requestId }).run();
  appendEntry(db, {
    atMs,
    who,
    kind: "cook-started",
    lotId: batch?.lotId ?? null,
    batchId,
    cookId: id,
    payload: {
      batch: batch?.code ?? null,
      species: plan.speciesId,
      pieces: plan.pieces,
      method: plan.methodId,
      targetC: plan.targetC,
      outcome: plan.answer.band,
      pan: panName,
      ...plan.kit,
    },
  });
  return id;
}

/** Starts the cook of pieces of which no batch and no lot is known. A repeated request is the same cook. */
export function startLoose(db: Db, plan: StoredPlan, panName: string | null, stamp: Stamp): string {
  return db.transaction((tx) => {
    const repeated = tx.select().from(cookEvents).where(eq(cookEvents.requestId, stamp.requestId)).get();
    return repeated?.cookId ?? beginRow(tx, plan, { batch: null, panName }, stamp);
  });
}

/** Starts a cook: the next uncooked portions of the batch go into the pan and the clock runs. A repeated request is the same cook. */
export function startCook(
  db: Db,
  batchId: string,
  plan: StoredPlan,
  stamp: Stamp,
  panName: string | null = null,
): Result<string, StartError> {
  return db.transaction((tx) => {
    const repeated = tx.select().from(cookEvents).where(eq(cookEvents.requestId, stamp.requestId)).get();
    if (repeated) return ok(repeated.cookId);
    const batch = tx.select().from(batches).where(eq(batches.id, batchId)).get();
    if (!batch) return err({ kind: "batchNotFound" });
    const free = tx
      .select()
      .from(portions)
      .where(and(eq(portions.batchId, batchId), isNull(portions.leftAs)))
      // thick pieces go into the pan first
      .orderBy(desc(portions.maxThicknessMm), asc(portions.position))
      .all()
      .filter(({ cookId }) => cookId === null);
    if (free.length < plan.pieces) return err({ kind: "tooFewPortions", left: free.length });
    const id = beginRow(tx, plan, { batch, panName }, stamp);
    const taken = free.slice(0, plan.pieces);
    const ids = taken.map((portion) => portion.id);
    tx.update(portions).set({ cookId: id }).where(inArray(portions.id, ids)).run();
    putInPan(tx, id, taken);
    keepTagWhenGone(tx, batch.lotId, stamp.who, stamp.atMs);
    return ok(id);
  });
}

/** Counts pieces out of a lot and starts their cook, both or neither. A repeated request is the same cook. */
export function startCounted(
  db: Db,
  pieces: CountedPieces,
  plan: StoredPlan,
  stamp: Stamp,
  panName: string | null = null,
): Result<string, StartError | CountError> {
  return db.transaction((tx) => {
    const repeated = tx.select().from(cookEvents).where(eq(cookEvents.requestId, stamp.requestId)).get();
    if (repeated) return ok(repeated.cookId);
    const counted = countBatch(tx, pieces, stamp);
    return counted.ok ? startCook(tx, counted.value.id, plan, stamp, panName) : counted;
  });
}

export type EventError =
  | { readonly kind: "cookNotFound" }
  | { readonly kind: "refused"; readonly why: Said }
  /** Meant for a stage that is over: another hand was faster. */
  | { readonly kind: "stagePassed" };
export type NewEvent = {
  readonly kind: Exclude<CookEvent["kind"], "started" | "refitted" | "foreseen">;
  readonly amount: number | null;
  /** Of a cook that is cancelled: what became of its pieces; absent: not said. */
  readonly became?: PiecesBecame | undefined;
  /** The stage the tap was meant for; null: for the cook as it is. */
  readonly stage?: number | null;
};

/** A tap speaks of the stage that was on the tablet; a reading of the centre and giving up speak of the cook. */
const ofStage = (kind: NewEvent["kind"]) => kind !== "probed" && kind !== "abandoned";

/** Adds one tap of the cook at the stove; a repeated request changes nothing. What matters later goes to the ledger as well. */
export function addCookEvent(db: Db, cookId: string, event: NewEvent, stamp: Stamp): Result<Cook, EventError> {
  return db.transaction((tx) => {
    const cook = findCook(tx, cookId);
    if (!cook) return err({ kind: "cookNotFound" });
    const known = tx.select().from(cookEvents).where(eq(cookEvents.requestId, stamp.requestId)).get();
    if (known) return ok(cook);
    const { who, requestId } = stamp;
    // a tap sent late must not run before the one it follows
    const atMs = Math.max(stamp.atMs, cook.events.at(-1)?.atMs ?? 0);
    const seconds = cook.plan.answer.stages.map((stage) => stage.seconds);
    const before = liveCook(seconds, cook.events, atMs);
    const { stage = null } = event;
    if (stage !== null && ofStage(event.kind) && before.stageIndex !== stage) return err({ kind: "stagePassed" });
    const refusal = refuseEvent(before, event.kind);
    if (refusal) return err({ kind: "refused", why: refusal });
    const undone = event.kind === "undone" ? tapToUndo(cook.events, atMs, UNDO_TAKEN_MS) : null;
    if (event.kind === "undone" && !undone) return err({ kind: "refused", why: said("plan.nothingFreshToTakeBack") });
    tx.insert(cookEvents).values({ cookId, atMs, kind: event.kind, amount: event.amount, who, requestId }).run();
    const after = findCook(tx, cookId)!;
    const state = liveCook(seconds, after.events, atMs);
    tx.update(cooks)
      .set({ open: state.status === "running" || state.status === "paused" })
      .where(eq(cooks.id, cookId))
      .run();
    if (undone) takeBack(tx, cook, undone);
    else if (state.status === "done" && event.kind === "advanced") platesOfCook(tx, cookId, who, atMs);
    else if (event.kind === "abandoned") piecesOfCancelled(tx, cook, event.became ?? null, { who, atMs });
    if (undone) recordUndo(tx, after, undone, before, { who, atMs });
    else recordEvent(tx, after, event, state, { who, atMs, requestId });
    return ok(after);
  });
}

function recordUndo(
  db: Db,
  { id, lotId, batchId, plan, pieces }: Cook,
  { kind }: CookEvent,
  before: LiveCook,
  { who, atMs }: Pick<Stamp, "who" | "atMs">,
): void {
  const { stages } = plan.answer;
  // where it stood before the tap that was taken back
  const index = kind === "advanced" ? before.stageIndex - 1 : before.stageIndex;
  const stage = stages[clamp(index, 0, stages.length - 1)]!.name;
  appendEntry(db, {
    atMs,
    who,
    kind: "tap-undone",
    lotId,
    batchId,
    cookId: id,
    payload: { what: kind, stage, pieces },
  });
}

function recordEvent(db: Db, cook: Cook, event: NewEvent, state: LiveCook, { who, atMs }: Stamp): void {
  const links = { lotId: cook.lotId, batchId: cook.batchId, cookId: cook.id };
  const stage = cook.plan.answer.stages[Math.min(state.stageIndex, cook.plan.answer.stages.length - 1)]!.name;
  if (event.kind === "probed") {
    appendEntry(db, { atMs, who, kind: "probe-noted", ...links, payload: { centreC: event.amount, stage } });
  } else if (event.kind === "abandoned") {
    const payload = { stage, became: event.became ?? null };
    appendEntry(db, { atMs, who, kind: "cook-abandoned", ...links, payload });
  } else if (event.kind === "advanced" && state.status === "done") {
    const { peakC, safety } = cook.plan.answer;
    const probedC = state.probes.map(({ centreC }) => centreC);
    const payload = {
      pieces: cook.pieces,
      seconds: Math.round((atMs - cook.startedAtMs) / 1000),
      plannedPeakC: peakC,
      probedC,
      meetsRule: safety.meets,
      rule: inMetric(safety.rule),
    };
    appendEntry(db, { atMs, who, kind: "cook-finished", ...links, payload });
  }
}
