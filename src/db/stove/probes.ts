import { randomUUID } from "node:crypto";
import { and, asc, eq, gte, lte, sql } from "drizzle-orm";
import { LONGEST_TRACE_S } from "@/core/cooking";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { setNamed } from "../doors/deviceKeys";
import { cooks } from "../schema/cooks";
import { cookReadings, probes } from "../schema/stove";

export type Probe = typeof probes.$inferSelect;
export type CookReading = { readonly atMs: number; readonly celsius: number };

export const listProbes = (db: Db): Probe[] => db.select().from(probes).orderBy(asc(probes.name)).all();

export const findProbe = (db: Db, id: string): Probe | undefined =>
  db.select().from(probes).where(eq(probes.id, id)).get();

/** A probe with its key. */
export const setProbe = (
  db: Db,
  name: string,
  stamp: { readonly who: string; readonly atMs: number },
): Probe & { readonly key: string } =>
  setNamed(
    db,
    name,
    {
      kind: "probe",
      entry: "probe-set",
      find: (tx) => tx.select().from(probes).where(eq(probes.name, name)).get(),
      add: (tx) => tx.insert(probes).values({ id: randomUUID(), name }).returning().get(),
    },
    stamp,
  );

/** Puts a probe into a cook, or takes it out (`null`). Refused: either is not in the house. */
export function placeProbe(
  db: Db,
  probeId: string,
  cookId: string | null,
): Result<null, Refusal<"noSuchProbe" | "noSuchCook">> {
  return db.transaction((tx) => {
    if (cookId !== null && !tx.select({ id: cooks.id }).from(cooks).where(eq(cooks.id, cookId)).get())
      return refuse("noSuchCook");
    const { changes } = tx.update(probes).set({ cookId }).where(eq(probes.id, probeId)).run();
    return changes > 0 ? ok(null) : refuse("noSuchProbe");
  });
}

/** A probe is put in a little before the clock is started, ms; what it read earlier is of something else. */
const BEFORE_START_MS = 10 * 60_000;

/** The cook a reading was kept with; null: the probe alone knows it. */
export type NotedReading = { readonly cookId: string | null };

/**
 * What it reads; kept with the cook it is in while that cook is open and the reading is of its time. The same
 * reading sent again counts once, and one that comes late never overwrites what the probe reads now.
 */
export function noteProbe(
  db: Db,
  probeId: string,
  celsius: number,
  atMs: number,
): Result<NotedReading, Refusal<"noSuchProbe">> {
  return db.transaction((tx) => {
    const probe = tx.select().from(probes).where(eq(probes.id, probeId)).get();
    if (!probe) return refuse("noSuchProbe");
    if (probe.atMs === null || atMs >= probe.atMs)
      tx.update(probes).set({ celsius, atMs }).where(eq(probes.id, probeId)).run();
    if (!probe.cookId) return ok({ cookId: null });
    const open = tx
      .select({ id: cooks.id, startedAtMs: cooks.startedAtMs })
      .from(cooks)
      .where(and(eq(cooks.id, probe.cookId), eq(cooks.open, true)))
      .get();
    if (!open || atMs < open.startedAtMs - BEFORE_START_MS) return ok({ cookId: null });
    const known = tx
      .select({ id: cookReadings.id })
      .from(cookReadings)
      .where(and(eq(cookReadings.cookId, open.id), eq(cookReadings.probeId, probeId), eq(cookReadings.atMs, atMs)))
      .get();
    if (!known) tx.insert(cookReadings).values({ cookId: open.id, probeId, atMs, celsius }).run();
    return ok({ cookId: open.id });
  });
}

/** A trace out of a file joins the readings of its cook; a point that is there already is not doubled. */
export function addTrace(db: Db, cookId: string, trace: readonly CookReading[]): void {
  db.transaction((tx) => {
    const name = "Files";
    const known = tx.select().from(probes).where(eq(probes.name, name)).get();
    const probe = known ?? tx.insert(probes).values({ id: randomUUID(), name }).returning().get();
    const there = new Set(readingsOf(tx, cookId).map(({ atMs }) => atMs));
    for (const { atMs, celsius } of trace)
      if (!there.has(Math.round(atMs)))
        tx.insert(cookReadings)
          .values({ cookId, probeId: probe.id, atMs: Math.round(atMs), celsius })
          .run();
  });
}

/** The stream of a cook in order. A time that no cook has, kept by the first houses out of a bad file, is left out. */
export const readingsOf = (db: Db, cookId: string): readonly CookReading[] =>
  db
    .select({ atMs: cookReadings.atMs, celsius: cookReadings.celsius })
    .from(cookReadings)
    .innerJoin(cooks, eq(cooks.id, cookReadings.cookId))
    .where(
      and(
        eq(cookReadings.cookId, cookId),
        gte(cookReadings.atMs, sql`${cooks.startedAtMs} - ${BEFORE_START_MS}`),
        lte(cookReadings.atMs, sql`${cooks.startedAtMs} + ${LONGEST_TRACE_S * 1000}`),
      ),
    )
    .orderBy(asc(cookReadings.atMs))
    .all();
