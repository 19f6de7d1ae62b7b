import { randomUUID } from "node:crypto";
import { and, desc, eq, gte } from "drizzle-orm";
import { holdStatus, logOverStays, type Hold } from "@/core/coldchain";
import { clearRaw, ruleWords, type Clearance, type HistoryFacts, type RawFacts, type ShellfishFacts } from "@/core/raw";
import { judgeHistamineExposure, judgeParasiteHold, parasiteRuleOf, type ParasiteRuleId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { takeFrom } from "./childLot";
import type { Db } from "./connection";
import { staysSinceDoor, withWholes } from "./excursions";
import { holdsOfLot } from "./holds";
import { appendEntry } from "./ledger";
import { findLot, type LotWithSupplier } from "./lots";
import { lots } from "./schemaLots";
import { lotNotes, plates } from "./schemaBlock";
import { lotInHand, stockRoom, type StockLot, type StockRoom } from "./stock";

export type LotNoteKind = (typeof lotNotes.$inferSelect)["kind"];
type Stamp = { readonly who: string; readonly atMs: number };

/** Hours without a reading that nobody asks about: the usual round of the thermometer (common practice). */
const ROUND_H = 4;

/** The lot and every whole it was cut from, itself first. */
function line(row: LotWithSupplier, wholes: ReadonlyMap<string, LotWithSupplier>): LotWithSupplier[] {
  const whole = row.parentId ? wholes.get(row.parentId) : undefined;
  return whole ? [row, ...line(whole, wholes)] : [row];
}

function historyFacts(
  lot: StockLot,
  room: StockRoom,
  wholes: ReadonlyMap<string, LotWithSupplier>,
  nowMs: number,
  probed: { celsius: number; atMs: number } | null,
): HistoryFacts {
  const stays = staysSinceDoor(lot.row, wholes, room);
  let longestGapMs = 0;
  let lastGapMs = 0;
  let unwatched = stays.length === 0;
  for (const { placeId, fromMs, toMs } of stays) {
    const history = room.historyOf(placeId);
    const endMs = Math.min(toMs ?? nowMs, nowMs);
    const seen = history?.coverage(fromMs, endMs) ?? { readings: 0, longestGapMs: endMs - fromMs };
    if (seen.readings === 0 && endMs - fromMs > ROUND_H * HOUR_MS) unwatched = true;
    longestGapMs = Math.max(longestGapMs, seen.longestGapMs);
    if (seen.longestGapMs > ROUND_H * HOUR_MS) lastGapMs = endMs;
  }
  const gaps = longestGapMs > ROUND_H * HOUR_MS;
  const log = logOverStays(stays, room.historyOf, nowMs);
  return {
    measured: unwatched ? "none" : gaps ? "gaps" : "all",
    longestGapH: longestGapMs / HOUR_MS,
    histamine:
      lot.species.histamineFormer === "yes" && log.length > 0 ? judgeHistamineExposure(log, lot.row.onceFrozen) : null,
    probedC:
      probed && (lastGapMs >= nowMs ? probed.atMs > nowMs - ROUND_H * HOUR_MS : probed.atMs >= lastGapMs)
        ? probed.celsius
        : null,
  };
}

/**
 * A freezing hold on the lot, or on its whole while it was still part of it, judged by the rule the house works under now: what was met
 * under another rule counts only as far as its readings go.
 */
function holdFacts(
  db: Db,
  family: readonly LotWithSupplier[],
  ruleId: ParasiteRuleId,
  nowMs: number,
): RawFacts["hold"] {
  let until = Infinity;
  let running: RawFacts["hold"] = null;
  for (const one of family) {
    for (const { hold, closedAtMs } of holdsOfLot(db, one.id, nowMs)) {
      if (hold.kind !== "parasite") continue;
      const readings = hold.readings.filter(({ atMs }) => atMs <= until);
      const status = holdStatus({ ...hold, ruleId, readings }, closedAtMs ?? nowMs);
      if (status.state === "done")
        return {
          state: "met",
          words: status.needs.replace(/^met by /, ""),
          section: metSection(ruleId, { ...hold, readings }),
          atMs: status.endsMs ?? nowMs,
        };
      if (closedAtMs === null && one === family[0])
        running = {
          state: "running",
          endsMs: status.state === "running" ? status.endsMs : null,
          needs: status.needs,
        };
    }
    until = Math.min(until, one.receivedAtMs);
  }
  return running;
}

function metSection(ruleId: ParasiteRuleId, hold: Extract<Hold, { kind: "parasite" }>): string {
  const known = hold.stated ? [hold.stated, ...hold.readings] : hold.readings;
  const zeroMs = known[0]?.atMs ?? 0;
  const log = known.map(({ atMs, celsius }) => [(atMs - zeroMs) / HOUR_MS, celsius] as const);
  return judgeParasiteHold(ruleId, log).nearest.section;
}

function noteOf(db: Db, lotId: string, kind: LotNoteKind) {
  return db
    .select()
    .from(lotNotes)
    .where(and(eq(lotNotes.lotId, lotId), eq(lotNotes.kind, kind)))
    .orderBy(desc(lotNotes.atMs), desc(lotNotes.id))
    .limit(1)
    .get();
}

function shellfishFacts(db: Db, { row, species }: StockLot, nowMs: number): ShellfishFacts | null {
  if (species.group !== "bivalve") return null;
  const tapped = noteOf(db, row.id, "tapped");
  const { tag, deaths } = row.provenance;
  const harvest = tag?.harvestedOn ?? null;
  return {
    live: row.state === "live",
    muscleOnly: species.id.includes("scallop") && row.form === "shucked" && row.provenance.roeOn !== true,
    openedAtMs:
      noteOf(db, row.id, "opened")?.atMs ?? (row.form === "shucked" && row.parentId ? row.receivedAtMs : null),
    deaths: tapped ? { dead: tapped.amount, counted: tapped.outOf ?? 0 } : (deaths ?? null),
    tag: tag ?? null,
    tableWater: tag !== undefined && tag.certificate.trim() !== "",
    waterC: noteOf(db, row.id, "water")?.amount ?? null,
    harvestMonth: harvest
      ? Number(harvest.slice(5, 7))
      : row.caughtAtMs === null
        ? null
        : new Date(row.caughtAtMs).getUTCMonth() + 1,
    nowMs,
  };
}

export type RawLot = { readonly lot: StockLot; readonly clearance: Clearance };

/** May this lot be served raw: every fact the house has of it, judged. */
export function clearLot(db: Db, lot: StockLot, dish: "raw" | "cured", nowMs: number): RawLot {
  const { row, species, life } = lot;
  const wholes = withWholes(db, [row]);
  const family = line(row, wholes);
  const room = stockRoom(db, [...wholes.keys()], nowMs);
  const probe = noteOf(db, row.id, "probed");
  const roe = noteOf(db, row.id, "roe");
  const { provenance } = row;
  const roeOn = roe ? roe.amount > 0 : provenance.roeOn;
  const rawDays = life.rawDaysLeft;
  const clearance = clearRaw({
    species,
    // trim of raw grade is flesh like the piece it came off
    form: lot.byProduct && row.partUse === "raw" ? "fillet" : row.form,
    state: row.state,
    ruleSetId: room.house?.ruleSetId ?? "fda-2022",
    dish,
    verdict: row.verdict,
    parasites: {
      production: row.production,
      feedStatement: provenance.feedStatement ?? false,
      freezingStatement: provenance.freezingStatement ?? false,
      clearedGround: provenance.clearedGround ?? false,
      wholeOrRoeOn: (roeOn ?? false) || (row.form === "live" && species.id.includes("scallop")),
    },
    // muscles cut here have their coral taken off in the same act
    roeSaid: roeOn !== undefined || (row.partLabel !== null && row.form === "shucked"),
    hold: holdFacts(db, family, parasiteRuleOf(room.house?.ruleSetId ?? "fda-2022"), nowMs),
    history: historyFacts(lot, room, wholes, nowMs, probe ? { celsius: probe.amount, atMs: probe.atMs } : null),
    // a live animal keeps by its days alive; what never counts raw days is past them
    rawUntilMs:
      life.state === "frozen" ? null : nowMs + (row.state === "live" ? (life.daysLeft ?? 0) : (rawDays ?? 0)) * DAY_MS,
    boxLabelled: {
      source: row.source !== "",
      area: row.area !== "",
      date: row.caughtAtMs !== null || provenance.tag !== undefined,
      lotNumber: (provenance.supplierLot ?? "") !== "" || provenance.tag !== undefined,
    },
    shellfish: shellfishFacts(db, lot, nowMs),
    nowMs,
  });
  return { lot, clearance };
}

export type LotNoteIn = { readonly kind: LotNoteKind; readonly amount: number; readonly outOf: number | null };

/** Notes something looked at or measured on a lot after the door. */
export function noteOnLot(db: Db, lotId: string, note: LotNoteIn, { who, atMs }: Stamp): boolean {
  return db.transaction((tx) => {
    const lot = findLot(tx, lotId);
    if (!lot || lot.status !== "on-ice") return false;
    tx.insert(lotNotes)
      .values({ lotId, atMs, who, ...note })
      .run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-noted",
      lotId,
      payload: { code: lot.code, note: note.kind, amount: note.amount, outOf: note.outOf },
    });
    return true;
  });
}

export type NewPlates = {
  readonly lotId: string;
  readonly dish: "raw" | "cured";
  readonly covers: number;
  readonly gramsPerCover: number;
  readonly usedG: number;
};
export type PlatesError =
  | { readonly kind: "notOnIce" }
  | { readonly kind: "notCleared"; readonly why: string }
  | { readonly kind: "moreThanLeft"; readonly leftG: number };

/** Serves plates from a lot; judged once more at this moment, and refused when it does not meet the rule. */
export function servePlates(db: Db, wanted: NewPlates, { who, atMs }: Stamp): Result<Clearance, PlatesError> {
  const lot = lotInHand(db, wanted.lotId, atMs);
  if (!lot || lot.row.status !== "on-ice") return err({ kind: "notOnIce" });
  const { clearance } = clearLot(db, lot, wanted.dish, atMs);
  if (clearance.answer !== "yes") return err({ kind: "notCleared", why: clearance.headline });
  return db.transaction((tx) => {
    const row = tx
      .select()
      .from(lots)
      .where(and(eq(lots.id, wanted.lotId), eq(lots.status, "on-ice")))
      .get();
    if (!row) return err({ kind: "notOnIce" });
    if (wanted.usedG > row.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: row.remainingG });
    const rule = ruleWords(clearance.rule);
    tx.insert(plates)
      .values({ id: randomUUID(), ...wanted, atMs, who, rule, record: clearance.record })
      .run();
    const leftG = takeFrom(tx, row, wanted.usedG, atMs);
    const { lotId, ...facts } = wanted;
    const payload = {
      code: row.code,
      ...facts,
      leftG,
      rule,
      exemption: clearance.exemption,
      record: clearance.record,
      advisory: clearance.advisory.reminder,
      checks: clearance.checks.map(({ label, text }) => `${label}: ${text}`),
    };
    appendEntry(tx, { atMs, who, kind: "plates-served", lotId, payload });
    return ok(clearance);
  });
}

export type PlatesRow = typeof plates.$inferSelect & { readonly code: string; readonly speciesId: string };

const platesWithLot = (db: Db) =>
  db
    .select({ plate: plates, code: lots.code, speciesId: lots.speciesId })
    .from(plates)
    .innerJoin(lots, eq(plates.lotId, lots.id));

export const platesSince = (db: Db, sinceMs: number): PlatesRow[] =>
  platesWithLot(db)
    .where(gte(plates.atMs, sinceMs))
    .orderBy(desc(plates.atMs))
    .all()
    .map(({ plate, ...lot }) => ({ ...plate, ...lot }));

export const platesOfLot = (db: Db, lotId: string): PlatesRow[] =>
  platesWithLot(db)
    .where(eq(plates.lotId, lotId))
    .orderBy(desc(plates.atMs))
    .all()
    .map(({ plate, ...lot }) => ({ ...plate, ...lot }));
