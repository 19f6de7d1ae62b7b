import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, sql } from "drizzle-orm";
import { learnedPace, type PanNote } from "@/core/butter";
import { err, ok, said, type Result, type Said } from "@/core/shared";
import { reductionOf } from "@/house/butter/liveReduction";
import { ReductionFacts } from "@/house/stored/reductionFacts";
import type { Db } from "../connection";
import { endMake, keepMake } from "../larder/makes";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { makes } from "../schema/larder";
import type { Stamp } from "../stamp";
import { shelfOf } from "./goods";

export type LiveReduction = { readonly id: string; readonly startedAtMs: number; readonly facts: ReductionFacts };

const timed = (db: Db) =>
  db
    .select()
    .from(makes)
    .where(and(eq(makes.kind, "reduction"), sql`json_extract(${makes.facts}, '$.modelSeconds') is not null`));

/** Reductions on the fire, the oldest first. */
export const liveReductions = remembering([makes], (db): readonly LiveReduction[] =>
  timed(db)
    .orderBy(asc(makes.atMs))
    .all()
    .map(({ id, atMs, facts }) => ({ id, startedAtMs: atMs, facts: ReductionFacts.parse(facts) }))
    .filter(({ facts }) => facts.open),
);

/** How a pan on a burner went by the model before; 1: as the model says. */
export type PanPace = { readonly panMm: number; readonly netPowerW: number; readonly pace: number };

const KEEPS_LAST = 10;

/** What every pan on every burner showed over its last ten reductions. */
export function pacesOf(db: Db): readonly PanPace[] {
  const done = timed(db)
    .orderBy(desc(makes.atMs))
    .all()
    .map(({ facts }) => ReductionFacts.parse(facts))
    .flatMap(({ tookSeconds, ...one }) => (tookSeconds === null ? [] : [{ ...one, tookSeconds }]));
  const pairs = new Map(done.map(({ panMm, netPowerW }) => [`${panMm} ${netPowerW}`, { panMm, netPowerW }]));
  return [...pairs.values()].map(({ panMm, netPowerW }) => {
    const of = done.filter((one) => one.panMm === panMm && one.netPowerW === netPowerW);
    return { panMm, netPowerW, pace: learnedPace(of.slice(0, KEEPS_LAST)) };
  });
}

const paceOf = (db: Db, panMm: number, netPowerW: number): number =>
  pacesOf(db).find((one) => one.panMm === panMm && one.netPowerW === netPowerW)?.pace ?? 1;

export type NewReduction = Pick<
  ReductionFacts,
  "name" | "specId" | "covers" | "parts" | "toMl" | "panMm" | "netPowerW" | "panG"
>;

/** Puts a reduction on the fire: its clock runs. Error: it cannot go down so far. */
export function startReduction(db: Db, asked: NewReduction, { who, atMs }: Stamp): Result<string, Said> {
  const model = reductionOf(asked, shelfOf(db));
  if (!model) return err(said("butter.cannotGoSoFar"));
  const pace = paceOf(db, asked.panMm, asked.netPowerW);
  const modelSeconds = model.secondsToBoil + model.secondsReducing;
  const facts: ReductionFacts = { ...asked, pace, notes: [], open: true, tookSeconds: null, modelSeconds };
  const id = randomUUID();
  return db.transaction((tx) => {
    keepMake(tx, { id, kind: "reduction", atMs, who, facts, inputs: [], outputs: [], losses: [] });
    const payload = { name: asked.name, toMl: asked.toMl, seconds: modelSeconds / pace };
    appendEntry(tx, { atMs, who, kind: "reduction-started", payload, subjects: [{ kind: "make", id }] });
    return ok(id);
  });
}

const found = (db: Db, id: string): LiveReduction | undefined => liveReductions(db).find((one) => one.id === id);

export type Seen = { readonly weighedG: number } | { readonly levelMm: number };

/** What was seen of the pan: its weight on the scale, pan and all, or how deep it stands. Refused where it is gone. */
export function noteReduction(db: Db, id: string, seen: Seen, { who, atMs }: Stamp): Result<null, Said> {
  const live = found(db, id);
  if (!live) return err(said("butter.reductionIsGone"));
  const { facts, startedAtMs } = live;
  const seconds = Math.max(0, (atMs - startedAtMs) / 1000);
  if ("weighedG" in seen && seen.weighedG <= (facts.panG ?? 0)) return err(said("butter.lighterThanThePan"));
  const note: PanNote =
    "weighedG" in seen ? { seconds, massG: seen.weighedG - (facts.panG ?? 0) } : { seconds, levelMm: seen.levelMm };
  return db.transaction((tx) => {
    tx.update(makes)
      .set({ facts: { ...facts, notes: [...facts.notes, note] } })
      .where(eq(makes.id, id))
      .run();
    const payload = { name: facts.name, ...seen };
    appendEntry(tx, { atMs, who, kind: "reduction-noted", payload, subjects: [{ kind: "make", id }] });
    return ok(null);
  });
}

/** Takes a reduction off: its minutes teach the pan unless it was given up. */
export function endReduction(
  db: Db,
  id: string,
  as: "done" | "given-up",
  { who, atMs }: Stamp,
): Result<ReductionFacts, Said> {
  const live = found(db, id);
  if (!live) return err(said("butter.reductionIsGone"));
  const tookSeconds = as === "done" ? (atMs - live.startedAtMs) / 1000 : null;
  const facts: ReductionFacts = { ...live.facts, open: false, tookSeconds };
  return db.transaction((tx) => {
    endMake(tx, id, facts, { outputs: [], losses: [] });
    const payload = { name: facts.name, as, tookSeconds, modelSeconds: facts.modelSeconds };
    appendEntry(tx, { atMs, who, kind: "reduction-ended", payload, subjects: [{ kind: "make", id }] });
    return ok(facts);
  });
}
