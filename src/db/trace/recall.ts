import { and, eq, inArray, isNull } from "drizzle-orm";
import { HOLD_LABELS } from "@/core/coldchain";
import { leastSure, potOf, spread, type Certainty } from "@/core/trace";
import type { Recall, RecallLot, RecallPieces, RecallPlate } from "@/house/book/recall";
import type { Db } from "../connection";
import { PLATE } from "./plateColumns";
import { plateParts, plates } from "../schema/cards";
import { batches, portions } from "../schema/cooks";
import { makes, packs, specs } from "../schema/larder";
import { ticketLines, tickets } from "../schema/line";
import { fish, holds, suppliers } from "../schema/lots";
import { flowsFrom } from "./flows";
import { namedLots } from "./namedLots";
import { unwrittenPlates } from "./unwritten";

type Sure = ReadonlyMap<string, Certainty>;

/** Everything that became of some lots: what was made of them, what lies there, every plate, and whom to call. */
export function recall(db: Db, startIds: readonly string[], nowMs: number): Recall {
  const reached = spread(startIds, (ids) => flowsFrom(db, ids));
  const sure: Sure = new Map([...reached.values()].map(({ lotId, certainty }) => [lotId, certainty]));
  const ids = [...reached.keys()];
  const makeIds = [...new Set([...reached.values()].flatMap(({ by }) => (by?.makeId ? [by.makeId] : [])))];
  const works = new Map(
    db
      .select()
      .from(makes)
      .where(inArray(makes.id, makeIds))
      .all()
      .map(({ id, kind, atMs, who }) => [id, { kind, atMs, who }]),
  );
  const rows = namedLots(db, ids).map((row): RecallLot => {
    const { by, certainty } = reached.get(row.id)!;
    return { ...row, certainty, potId: potOf(row.id, reached), by: by?.makeId ? (works.get(by.makeId) ?? null) : null };
  });
  const written = writtenPlates(db, sure);
  const known = new Set(written.map(({ id }) => id));
  return {
    lots: rows.sort((a, b) => a.atMs - b.atMs || a.code.localeCompare(b.code)),
    pieces: waitingPieces(db, sure),
    plates: [...written, ...unwrittenPlates(db, ids, nowMs).filter(({ id }) => !known.has(id))],
    holds: db
      .select({ lotId: holds.lotId, kind: holds.kind, closedAs: holds.closedAs })
      .from(holds)
      .where(inArray(holds.lotId, ids))
      .all()
      .map(({ kind, ...hold }) => ({ ...hold, label: HOLD_LABELS[kind] })),
    suppliers: suppliersOf(db, startIds),
  };
}

/** Portions off these lots that no cook took and nobody counted away. */
function waitingPieces(db: Db, sure: Sure): readonly RecallPieces[] {
  const rows = db
    .select({ batchCode: batches.code, lotId: batches.lotId, massG: portions.massG })
    .from(portions)
    .innerJoin(batches, eq(batches.id, portions.batchId))
    .where(and(inArray(batches.lotId, [...sure.keys()]), isNull(portions.cookId), isNull(portions.leftAs)))
    .all();
  const found = new Map<string, RecallPieces>();
  for (const { batchCode, lotId, massG } of rows) {
    const { pieces = 0, massG: before = 0 } = found.get(batchCode) ?? {};
    found.set(batchCode, { batchCode, lotId, pieces: pieces + 1, massG: before + massG, certainty: sure.get(lotId)! });
  }
  return [...found.values()];
}

/** Plates on which one of these lots is written, each once, with the surest of them. */
function writtenPlates(db: Db, sure: Sure): readonly RecallPlate[] {
  const rows = db
    .select({
      ...PLATE,
      make: makes.kind,
      lotId: plateParts.lotId,
      part: plateParts.certainty,
    })
    .from(plateParts)
    .innerJoin(plates, eq(plates.id, plateParts.plateId))
    .leftJoin(specs, eq(specs.hash, plates.cardHash))
    .leftJoin(makes, eq(makes.id, plates.makeId))
    .leftJoin(ticketLines, eq(ticketLines.id, plates.lineId))
    .leftJoin(tickets, eq(tickets.id, ticketLines.ticketId))
    .where(inArray(plateParts.lotId, [...sure.keys()]))
    .all();
  const found = new Map<string, RecallPlate>();
  for (const { part, make, lotId, ...plate } of rows) {
    const certainty = leastSure(sure.get(lotId!)!, part === "certain" ? "certain" : "possible");
    if (found.get(plate.id)?.certainty === "certain" || (found.has(plate.id) && certainty === "possible")) continue;
    found.set(plate.id, { ...plate, lotId: lotId!, certainty, raw: make === "raw-plates", written: true });
  }
  return [...found.values()];
}

function suppliersOf(db: Db, ids: readonly string[]): Recall["suppliers"] {
  const ofFish = db
    .selectDistinct({ name: suppliers.name, phone: suppliers.phone })
    .from(fish)
    .innerJoin(suppliers, eq(suppliers.id, fish.supplierId))
    .where(inArray(fish.lotId, [...ids]))
    .all();
  const ofPacks = db
    .selectDistinct({ name: packs.supplier, phone: suppliers.phone })
    .from(packs)
    .leftJoin(suppliers, eq(suppliers.name, packs.supplier))
    .where(and(inArray(packs.lotId, [...ids])))
    .all()
    .filter(({ name }) => name !== "");
  return [...ofFish, ...ofPacks];
}
