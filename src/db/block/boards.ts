import { and, desc, eq, gte } from "drizzle-orm";
import {
  boardAllergen,
  boardUseFor,
  USUAL_BOARDS,
  type BoardColour,
  type BoardScheme,
  type BoardUse,
  type BoardWash,
  type BoardWork,
} from "@/core/block";
import { findSpecies, shortName, type Species } from "@/core/species";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering, rememberingSince } from "../remember";
import { batches } from "../schema/cooks";
import { fish, fishLots } from "../schema/lots";
import { boards, boardWashes, rawPlates } from "../schema/block";
import { lots, makeInputs, makes } from "../schema/larder";
import type { Stamp } from "../stamp";

/** The house's colours, the usual ones where it has not said. */
export const boardScheme = remembering([boards], (db): BoardScheme => {
  const own = db.select().from(boards).all();
  return { ...USUAL_BOARDS, ...Object.fromEntries(own.map(({ use, colour }) => [use, colour])) };
});

export function setBoard(db: Db, use: BoardUse, colour: BoardColour, { who, atMs }: Stamp): void {
  db.transaction((tx) => {
    tx.insert(boards).values({ use, colour }).onConflictDoUpdate({ target: boards.use, set: { colour } }).run();
    appendEntry(tx, { atMs, who, kind: "board-set", payload: { use, colour } });
  });
}

export function washBoard(db: Db, colour: BoardColour, { who, atMs }: Stamp): void {
  db.transaction((tx) => {
    tx.insert(boardWashes).values({ colour, atMs, who }).run();
    appendEntry(tx, { atMs, who, kind: "board-washed", payload: { colour } });
  });
}

export type BoardDay = { readonly work: readonly BoardWork[]; readonly washes: readonly BoardWash[] };

/** Lots that were cut, taken apart or served raw since: each lay on a board. */
const onBoardsSince = rememberingSince(
  [batches, makes, makeInputs, rawPlates, lots, fish],
  (db, sinceMs) => {
    const lot = { speciesId: fishLots.speciesId, form: fishLots.form };
    const cut = db
      .select({ ...lot, atMs: batches.cutAtMs })
      .from(batches)
      .innerJoin(fishLots, eq(batches.lotId, fishLots.id))
      .where(gte(batches.cutAtMs, sinceMs))
      .all();
    const apart = db
      .select({ ...lot, atMs: makes.atMs })
      .from(makes)
      .innerJoin(makeInputs, eq(makeInputs.makeId, makes.id))
      .innerJoin(fishLots, eq(makeInputs.lotId, fishLots.id))
      .where(and(eq(makes.kind, "breakdown"), gte(makes.atMs, sinceMs)))
      .all();
    const served = db
      .select({ ...lot, atMs: rawPlates.atMs })
      .from(rawPlates)
      .innerJoin(fishLots, eq(rawPlates.lotId, fishLots.id))
      .where(gte(rawPlates.atMs, sinceMs))
      .all();
    return [
      ...[...cut, ...apart].map((row) => ({ ...row, raw: false })),
      ...served.map((row) => ({ ...row, raw: true })),
    ].sort((a, b) => b.atMs - a.atMs);
  },
  ({ atMs }) => atMs,
);

const washesSince = rememberingSince(
  [boardWashes],
  (db, sinceMs) =>
    db.select().from(boardWashes).where(gte(boardWashes.atMs, sinceMs)).orderBy(desc(boardWashes.atMs)).all(),
  ({ atMs }) => atMs,
);

/** What lay on which board since, and when boards were washed, newest first. */
export function boardsSince(db: Db, sinceMs: number, own: readonly Species[]): BoardDay {
  const scheme = boardScheme(db);
  const work = onBoardsSince(db, sinceMs).flatMap(({ speciesId, form, raw, atMs }): readonly BoardWork[] => {
    const species = findSpecies(speciesId, own);
    if (!species) return [];
    const colour = scheme[boardUseFor(species, form, raw)];
    return [{ atMs, colour, allergen: boardAllergen(species), what: shortName(species) }];
  });
  return { work, washes: washesSince(db, sinceMs) };
}
