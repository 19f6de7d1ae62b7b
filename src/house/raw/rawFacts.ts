import { holdSection, holdStatus, logOverStays, type Hold, type Stay, type TemperatureHistory } from "@/core/coldchain";
import { decidingSigns, schemeFor, type Attribute, type DoorVerdict } from "@/core/freshness";
import { majorArea, ROUND_H, type HistoryFacts, type RawFacts, type ShellfishFacts } from "@/core/raw";
import type { ParasiteFacts, ParasiteRuleId } from "@/core/safety";
import { factOf } from "@/core/shared";
import type { Species } from "@/core/species";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { frozenIn } from "../lots/lineage";
import type { LotRow, PlaceRow } from "../lots/rows";

/** What was looked at or measured on a lot after the door, the newest of each kind. */
export type LotNote = { readonly atMs: number; readonly amount: number; readonly outOf: number | null };
export type LotNoteKind = "opened" | "probed" | "tapped" | "water" | "roe" | "looked";
export type LotNotes = Partial<Readonly<Record<LotNoteKind, LotNote>>>;

/** A freezing hold as it is kept: until when it ran. */
export type KeptHold = { readonly hold: Hold; readonly closedAtMs: number | null };

/** What its places read since the door; null where a stay was not watched at all. */
export function historyFacts(
  stays: readonly Stay[],
  places: readonly PlaceRow[],
  historyOf: (placeId: string) => TemperatureHistory | undefined,
  onceFrozen: boolean,
  nowMs: number,
): HistoryFacts | null {
  let longestGapMs = 0;
  for (const { placeId, fromMs, toMs } of stays) {
    const endMs = Math.min(toMs ?? nowMs, nowMs);
    const seen = historyOf(placeId)?.coverage(fromMs, endMs) ?? { readings: 0, longestGapMs: endMs - fromMs };
    if (seen.readings === 0 && endMs - fromMs > ROUND_H * HOUR_MS) return null;
    longestGapMs = Math.max(longestGapMs, seen.longestGapMs);
  }
  const log = logOverStays(stays, historyOf, nowMs);
  return log.length === 0
    ? null
    : { log, longestGapH: longestGapMs / HOUR_MS, frozen: frozenIn(places, stays, onceFrozen) };
}

/** A probe of the fish speaks for it as long as a round of the thermometer. */
export const probedC = ({ probed }: LotNotes, nowMs: number): number | null =>
  probed && probed.atMs > nowMs - ROUND_H * HOUR_MS ? probed.amount : null;

/**
 * A freezing hold on the lot, or on its whole while it was still part of it, judged by the rule the house works under now: what was met
 * under another rule counts only as far as its readings go. `family` begins with the lot itself.
 */
export function freezingFacts(
  family: readonly { readonly id: string; readonly receivedAtMs: number }[],
  holdsOf: (lotId: string) => readonly KeptHold[],
  ruleId: ParasiteRuleId,
  nowMs: number,
): RawFacts["hold"] {
  let until = Infinity;
  let running: RawFacts["hold"] = null;
  for (const one of family) {
    for (const { hold, closedAtMs } of holdsOf(one.id)) {
      if (hold.kind !== "parasite") continue;
      const readings = hold.readings.filter(({ atMs }) => atMs <= until);
      const freezer = hold.freezer?.filter(({ atMs }) => atMs <= until) ?? [];
      const away = hold.away?.filter(({ fromMs }) => fromMs <= until) ?? [];
      const judged = { ...hold, ruleId, readings, freezer, away };
      const status = holdStatus(judged, closedAtMs ?? nowMs);
      if (status.state === "done")
        return {
          state: "met",
          words: status.metBy ?? status.needs,
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

/** When the house opened it: the tap at the raw station, or the moment it left its shell at the block. */
function openedAtMs(family: readonly LotRow[], { opened }: LotNotes): number | null {
  if (opened) return opened.atMs;
  const shell = family.findIndex(({ state, form }) => state === "live" && form !== "shucked");
  return shell > 0 && family[shell - 1]!.form === "shucked" ? family[shell - 1]!.receivedAtMs : null;
}

/** What papers, tap and season say of bivalves. */
export function shellfishFacts(family: readonly LotRow[], notes: LotNotes, nowMs: number): ShellfishFacts {
  const row = family[0]!;
  const { tapped, water } = notes;
  const { tag, deaths, dealerListed, waterClass, subArea } = row.provenance;
  const harvest = tag?.harvestedOn ? tag.harvestedOn : null;
  const opened = openedAtMs(family, notes);
  return {
    openedHAgo: opened === null ? null : (nowMs - opened) / HOUR_MS,
    deaths: tapped ? { dead: tapped.amount, counted: tapped.outOf ?? 0 } : (deaths ?? null),
    tag: tag !== undefined && tag.certificate.trim() !== "" ? "yes" : "unknown",
    tagWords: tag ? `${tag.certificate}${harvest ? `, harvested ${harvest}` : ""}` : null,
    dealerListed: factOf(dealerListed),
    waterClass: waterClass ?? null,
    waterC: water?.amount ?? null,
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

export type InspectionFacts = {
  readonly verdict: DoorVerdict;
  readonly inspected: "yes" | "no";
  readonly lacking: readonly Attribute[];
};

/** Whether every deciding sign was looked at, at the door or since; what was looked at since and found wanting bars it. */
export function inspectionFacts(family: readonly LotRow[], { looked }: LotNotes, species: Species): InspectionFacts {
  const [row, door] = [family[0]!, family.at(-1)!];
  if (looked)
    return { verdict: looked.amount >= LOOKED_BAD ? "cook-only" : row.verdict, inspected: "yes", lacking: [] };
  const signs = decidingSigns(schemeFor(species, door.form, door.grades["hardness"] !== undefined));
  const lacking = signs.filter(({ id }) => door.grades[id] === undefined);
  return { verdict: row.verdict, inspected: lacking.length > 0 ? "no" : "yes", lacking };
}

/** What is known of a lot that may take it out of the freezing rule. */
export function parasiteFacts(row: LotRow, { roe }: LotNotes): ParasiteFacts {
  const { provenance } = row;
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

const written = (text: string | undefined) => factOf(text !== undefined && text.trim() !== "" ? true : undefined);

/** What stands on the papers of a lot that a recall goes by. */
export function boxFacts({ source, area, caughtAtMs, provenance }: LotRow): RawFacts["box"] {
  const tagged = provenance.tag !== undefined;
  return {
    source: written(source),
    area: written(area),
    date: factOf(caughtAtMs !== null || tagged ? true : undefined),
    lotNumber: tagged ? "yes" : written(provenance.supplierLot),
  };
}

type RawLife = {
  readonly state: string;
  readonly daysLeft: number | null;
  readonly rawDaysLeft: number | null;
  readonly uncookedDaysLeft: number | null;
};

/** When raw use ends by freshness and law; a live animal keeps by its days alive, and what never counts raw days is past them. */
export function rawUntilMs(life: RawLife, live: boolean, dish: "raw" | "cured", nowMs: number): number | null {
  if (life.state === "frozen") return null;
  const days = live ? life.daysLeft : dish === "cured" ? life.uncookedDaysLeft : life.rawDaysLeft;
  return nowMs + (days ?? 0) * DAY_MS;
}
