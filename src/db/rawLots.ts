import { randomUUID } from "node:crypto";
import { and, desc, eq, gte } from "drizzle-orm";
import { holdSection, holdStatus, logOverStays } from "@/core/coldchain";
import { decidingSigns, schemeFor, type Attribute, type DoorVerdict } from "@/core/freshness";
import {
  clearRaw,
  majorArea,
  parasiteAnswer,
  ROUND_H,
  ruleWords,
  type Clearance,
  type HistoryFacts,
  type RawFacts,
  type ShellfishFacts,
} from "@/core/raw";
import { parasiteRuleOf, type ParasiteFacts, type ParasiteRuleId } from "@/core/safety";
import { err, factOf, ok, type Result } from "@/core/shared";
import type { Species } from "@/core/species";
import type { Provenance } from "@/core/trace";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { takeFrom } from "./childLot";
import type { Db } from "./connection";
import { frozenIn, staysSinceDoor, withWholes } from "./excursions";
import { holdsOfLot } from "./holds";
import { appendEntry } from "./ledger";
import { findLot, type LotWithSupplier } from "./lots";
import { lots } from "./schemaLots";
import { lotNotes, plates } from "./schemaBlock";
import { keepTagWhenGone } from "./tagRetention";
import { lotInHand, stockRoom, type StockLot, type StockRoom } from "./stock";

export type LotNoteKind = (typeof lotNotes.$inferSelect)["kind"];
type Stamp = { readonly who: string; readonly atMs: number };

/** The lot and every whole it was cut from, itself first. */
function line(row: LotWithSupplier, wholes: ReadonlyMap<string, LotWithSupplier>): LotWithSupplier[] {
  const whole = row.parentId ? wholes.get(row.parentId) : undefined;
  return whole ? [row, ...line(whole, wholes)] : [row];
}

/** What its places read since the door; null where a stay was not watched at all. */
function historyFacts(
  lot: StockLot,
  room: StockRoom,
  wholes: ReadonlyMap<string, LotWithSupplier>,
  nowMs: number,
): HistoryFacts | null {
  const stays = staysSinceDoor(lot.row, wholes, room);
  let longestGapMs = 0;
  for (const { placeId, fromMs, toMs } of stays) {
    const endMs = Math.min(toMs ?? nowMs, nowMs);
    const seen = room.historyOf(placeId)?.coverage(fromMs, endMs) ?? { readings: 0, longestGapMs: endMs - fromMs };
    if (seen.readings === 0 && endMs - fromMs > ROUND_H * HOUR_MS) return null;
    longestGapMs = Math.max(longestGapMs, seen.longestGapMs);
  }
  const log = logOverStays(stays, room.historyOf, nowMs);
  return log.length === 0
    ? null
    : { log, longestGapH: longestGapMs / HOUR_MS, frozen: frozenIn(room, stays, lot.row.onceFrozen) };
}

/** A probe of the fish speaks for it as long as a round of the thermometer. */
function probedC(db: Db, lotId: string, nowMs: number): number | null {
  const probe = noteOf(db, lotId, "probed");
  return probe && probe.atMs > nowMs - ROUND_H * HOUR_MS ? probe.amount : null;
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
      const freezer = hold.freezer?.filter(({ atMs }) => atMs <= until) ?? [];
      const judged = { ...hold, ruleId, readings, freezer };
      const status = holdStatus(judged, closedAtMs ?? nowMs);
      if (status.state === "done")
        return {
          state: "met",
          words: status.needs.replace(/^met by /, ""),
          section: holdSection(judged),
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

function noteOf(db: Db, lotId: string, kind: LotNoteKind) {
  return db
    .select()
    .from(lotNotes)
    .where(and(eq(lotNotes.lotId, lotId), eq(lotNotes.kind, kind)))
    .orderBy(desc(lotNotes.atMs), desc(lotNotes.id))
    .limit(1)
    .get();
}

/** When the house opened it: the tap at the raw station, or the moment it left its shell at the block. */
function openedAtMs(db: Db, family: readonly LotWithSupplier[]): number | null {
  const [row] = family;
  const noted = row && noteOf(db, row.id, "opened");
  if (noted) return noted.atMs;
  const shell = family.findIndex(({ state, form }) => state === "live" && form !== "shucked");
  return shell > 0 && family[shell - 1]!.form === "shucked" ? family[shell - 1]!.receivedAtMs : null;
}

function shellfishFacts(db: Db, { row }: StockLot, family: readonly LotWithSupplier[], nowMs: number): ShellfishFacts {
  const tapped = noteOf(db, row.id, "tapped");
  const { tag, deaths, dealerListed, waterClass, subArea } = row.provenance;
  const harvest = tag?.harvestedOn ? tag.harvestedOn : null;
  const opened = openedAtMs(db, family);
  return {
    openedHAgo: opened === null ? null : (nowMs - opened) / HOUR_MS,
    deaths: tapped ? { dead: tapped.amount, counted: tapped.outOf ?? 0 } : (deaths ?? null),
    tag: tag !== undefined && tag.certificate.trim() !== "" ? "yes" : "unknown",
    tagWords: tag ? `${tag.certificate}${harvest ? `, harvested ${harvest}` : ""}` : null,
    dealerListed: factOf(dealerListed),
    waterClass: waterClass ?? null,
    waterC: noteOf(db, row.id, "water")?.amount ?? null,
    area: majorArea(subArea ?? null) ? (subArea ?? null) : row.area,
    harvestMonth: harvest
      ? Number(harvest.slice(5, 7))
      : row.caughtAtMs === null
        ? null
        : new Date(row.caughtAtMs).getUTCMonth() + 1,
  };
}

/** A sign looked at later and graded so or worse: for cooking only. */
const LOOKED_BAD = 2;

/** Whether every deciding sign was looked at, at the door or since; what was looked at since and found wanting bars it. */
function inspectionFacts(db: Db, family: readonly LotWithSupplier[], species: Species) {
  const [row, door] = [family[0]!, family.at(-1)!];
  const looked = noteOf(db, row.id, "looked");
  if (looked) {
    const verdict: DoorVerdict = looked.amount >= LOOKED_BAD ? "cook-only" : row.verdict;
    return { verdict, inspected: "yes", lacking: [] } as const;
  }
  const signs = decidingSigns(schemeFor(species, door.form, door.grades["hardness"] !== undefined));
  const lacking = signs.filter(({ id }) => door.grades[id] === undefined);
  return { verdict: row.verdict, inspected: lacking.length > 0 ? "no" : "yes", lacking } as const;
}

const written = (text: string | undefined) => factOf(text !== undefined && text.trim() !== "" ? true : undefined);

function parasiteFacts(db: Db, { row }: StockLot): ParasiteFacts {
  const { provenance } = row;
  const roe = noteOf(db, row.id, "roe");
  // muscles cut here have their coral taken off in the same act
  const bared = row.partLabel !== null && row.form === "shucked" ? false : undefined;
  return {
    form: row.form,
    production: row.production,
    rearing: provenance.rearing ?? "unknown",
    feedStatement: factOf(provenance.feedStatement),
    freezingStatement: factOf(provenance.freezingStatement),
    clearedGround: factOf(provenance.clearedGround),
    roeOn: factOf(roe ? roe.amount > 0 : (provenance.roeOn ?? bared)),
    skein: provenance.skein ?? "unknown",
  };
}

/** What a plan under the cook rule asks of its lot: the parasite rule, with what is known. */
export function parasitesOf(db: Db, lot: StockLot, nowMs: number) {
  const { house } = stockRoom(db, [], nowMs);
  const family = line(lot.row, withWholes(db, [lot.row]));
  return parasiteAnswer({
    species: lot.species,
    ruleSetId: house.ruleSetId,
    parasites: parasiteFacts(db, lot),
    hold: holdFacts(db, family, parasiteRuleOf(house.ruleSetId), nowMs),
  });
}

export type RawLot = {
  readonly lot: StockLot;
  readonly clearance: Clearance;
  /** Deciding signs nobody has looked at yet. */
  readonly lacking: readonly Attribute[];
};

/** May this lot be served raw: every fact the house has of it, judged. */
export function clearLot(db: Db, lot: StockLot, dish: "raw" | "cured", nowMs: number): RawLot {
  const { row, species, life } = lot;
  const wholes = withWholes(db, [row]);
  const family = line(row, wholes);
  const room = stockRoom(db, [...wholes.keys()], nowMs);
  const { house } = room;
  const { provenance } = row;
  const rawDays = dish === "cured" ? life.uncookedDaysLeft : life.rawDaysLeft;
  const tagged = provenance.tag !== undefined;
  const { verdict, inspected, lacking } = inspectionFacts(db, family, species);
  const clearance = clearRaw({
    species,
    // trim of raw grade is flesh like the piece it came off
    form: lot.byProduct && row.partUse === "raw" ? "fillet" : row.form,
    state: row.state,
    ruleSetId: house.ruleSetId,
    dish,
    verdict,
    inspected,
    parasites: parasiteFacts(db, lot),
    hold: holdFacts(db, family, parasiteRuleOf(house.ruleSetId), nowMs),
    history: historyFacts(lot, room, wholes, nowMs),
    wholeKg: provenance.wholeKg ?? null,
    probeC: probedC(db, row.id, nowMs),
    // a live animal keeps by its days alive; what never counts raw days is past them
    rawUntilMs:
      life.state === "frozen" ? null : nowMs + (row.state === "live" ? (life.daysLeft ?? 0) : (rawDays ?? 0)) * DAY_MS,
    box: {
      source: written(row.source),
      area: written(row.area),
      date: factOf(row.caughtAtMs !== null || tagged ? true : undefined),
      lotNumber: tagged ? "yes" : written(provenance.supplierLot),
    },
    shellfish: shellfishFacts(db, lot, family, nowMs),
    susceptibleGuests: house.susceptibleGuests,
    nowMs,
  });
  return { lot, clearance, lacking };
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

export type LotPapers = Pick<
  Provenance,
  | "rearing"
  | "feedStatement"
  | "freezingStatement"
  | "clearedGround"
  | "skein"
  | "dealerListed"
  | "waterClass"
  | "supplierLot"
  | "tag"
>;

/** Papers that came after the fish: added to what is known of the lot, never taken back here. */
export function addPapers(db: Db, lotId: string, papers: LotPapers, { who, atMs }: Stamp): boolean {
  return db.transaction((tx) => {
    const lot = findLot(tx, lotId);
    if (!lot || lot.status !== "on-ice") return false;
    tx.update(lots)
      .set({ provenance: { ...lot.provenance, ...papers } })
      .where(eq(lots.id, lotId))
      .run();
    appendEntry(tx, { atMs, who, kind: "lot-noted", lotId, payload: { code: lot.code, note: "papers", ...papers } });
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
    keepTagWhenGone(tx, row.id, who, atMs);
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
