import { type Said } from "@/core/shared";
import type { Form, Species, SpoilageModel } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { lifeOnIceDays, liveStorageOf } from "./inspection";

import { daysLeftAt, lifeRate } from "./spoilage";

/**
 * Ends of the uses as a share of the ice life. Raw: a third to a half, here 0.4 (common practice, low). Any cooked use ends where the
 * station rule says "cook today": 45 % of the points, at 75 % for the whole life, so 0.6 (common practice). Bones for stock must be
 * sound: before the last fifth (common practice, low).
 */
const RAW_SHARE = 0.4;
const COOK_SHARE = 0.6;
const STOCK_SHARE = 0.8;

/** How a lot lies: spoilage runs in chilled and thawed fish, stands still in frozen; a live animal lives by the calendar. */
export type LotState = "chilled" | "live" | "frozen" | "thawed";

/** An end set by a rule or a label rather than by spoilage. */
export type LegalEnd = {
  readonly kind: "date-mark" | "after-opening" | "use-by" | "thawed";
  readonly atMs: number;
  readonly label: Said;
  readonly source: string;
};

export type LotLife = {
  readonly model: SpoilageModel | "live";
  readonly state: LotState;
  readonly lifeDays: number;
  /** Ice days already gone when it came in. */
  readonly startIceDays: number;
  /** Ice days used in the house since. */
  readonly usedIceDays: number;
  readonly leftIceDays: number;
  readonly placeC: number;
  /** Calendar days left in its place, by spoilage and by the earliest legal end; null where neither runs. */
  readonly daysLeft: number | null;
  readonly rawDaysLeft: number | null;
  /** As `rawDaysLeft`, whether plain raw use is allowed or not: what a cure goes by. */
  readonly uncookedDaysLeft: number | null;
  readonly cookDaysLeft: number | null;
  /** null where this kind gives no stock. */
  readonly stockDaysLeft: number | null;
  readonly use: "raw" | "cook" | "cook-today" | "over";
  /** What decided the start: the inspection, the date on the box, or the lot it was cut from. */
  readonly startFrom: "inspection" | "catch-date" | "parent";
  readonly legalEnd: LegalEnd | null;
};

export type LifeFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly state: LotState;
  /** False when the verdict at the door was "for cooking only", or it is nothing for raw plates. */
  readonly rawAllowed: boolean;
  readonly impliedIceDays: number;
  readonly daysSinceCatch: number | null;
  /** Ice days gone when it was cut or split off another lot; null for what came through the door. */
  readonly inheritedIceDays: number | null;
  /** Ice days (live: days) spent in the house, from the temperature history of its places. */
  readonly usedIceDays: number;
  readonly placeC: number;
  readonly legalEnds: readonly LegalEnd[];
  readonly nowMs: number;
};

/** Bones of lean fish and flatfish and shells make stock; oily fish does not. */
const givesStock = ({ group }: Species) => group === "lean-round" || group === "flat" || group === "crustacean";

/**
 * What is left of a lot. The start is the older of what the inspection reads and what the catch date says (cut fish: the reading alone,
 * for the date says nothing about the knife); the house's temperature history is added by the spoilage model; a legal end cuts it short.
 */
export function lotLife(facts: LifeFacts): LotLife {
  const { species, form, state, rawAllowed, impliedIceDays, daysSinceCatch, inheritedIceDays, usedIceDays, placeC } =
    facts;
  const lifeDays = lifeOnIceDays(species, form);
  const dated = lifeDays === species.iceLifeDays && state !== "frozen" && state !== "live";
  // a bivalve lives on its own water since the harvest; a lobster stood in the supplier's tank
  const sinceHarvest = state === "live" && liveStorageOf(species).countsFrom === "harvest";
  const byDate = (dated || sinceHarvest) && daysSinceCatch !== null ? daysSinceCatch : 0;
  const startIceDays = inheritedIceDays ?? Math.max(impliedIceDays, byDate);
  const gone = startIceDays + usedIceDays;
  const model = state === "live" ? "live" : species.spoilageModel;
  const legalEnd = [...facts.legalEnds].sort((a, b) => a.atMs - b.atMs)[0] ?? null;
  const legalDays = legalEnd ? Math.max(0, (legalEnd.atMs - facts.nowMs) / DAY_MS) : null;
  const stands = state === "frozen";
  const leftUntil = (share: number): number | null => {
    const left = share * lifeDays - gone;
    const bySpoilage = stands ? null : model === "live" ? Math.max(0, left) : daysLeftAt(model, left, placeC);
    if (left <= 0) return 0;
    return legalDays === null ? bySpoilage : Math.min(legalDays, bySpoilage ?? legalDays);
  };
  const share = gone / lifeDays;
  const daysLeft = leftUntil(1);
  const use = bestUse(share, rawAllowed, daysLeft);
  return {
    model,
    state,
    lifeDays,
    startIceDays,
    usedIceDays,
    leftIceDays: Math.max(0, lifeDays - gone),
    placeC,
    daysLeft,
    rawDaysLeft: rawAllowed ? leftUntil(RAW_SHARE) : 0,
    uncookedDaysLeft: leftUntil(RAW_SHARE),
    cookDaysLeft: leftUntil(COOK_SHARE),
    stockDaysLeft: givesStock(species) ? leftUntil(STOCK_SHARE) : null,
    use,
    startFrom: inheritedIceDays !== null ? "parent" : byDate > impliedIceDays ? "catch-date" : "inspection",
    legalEnd,
  };
}

function bestUse(share: number, raw: boolean, daysLeft: number | null): LotLife["use"] {
  if (share >= 1 || daysLeft === 0) return "over";
  if (share >= COOK_SHARE) return "cook-today";
  return raw && share < RAW_SHARE ? "raw" : "cook";
}

/** Ice days gone of a part when it is cut from a whole: the same share of its own, shorter life. */
export function goneAfterCut(gone: number, species: Species, from: Form, to: Form): number {
  return (gone / lifeOnIceDays(species, from)) * lifeOnIceDays(species, to);
}

export type LifeSegment = { readonly use: "gone" | "raw" | "cook" | "cook-today" | "barred"; readonly share: number };

/** The whole life as shares for drawing: what is gone, what is left for each use, and what a rule or a label takes away. */
export function lifeSegments(life: LotLife, rawAllowed: boolean): readonly LifeSegment[] {
  const gone = life.use === "over" ? 1 : Math.min(1, (life.startIceDays + life.usedIceDays) / life.lifeDays);
  const allowed =
    life.legalEnd && life.daysLeft !== null ? (life.daysLeft * iceDaysPerDay(life)) / life.lifeDays : Infinity;
  const end = Math.min(1, gone + allowed);
  const rawEnd = rawAllowed ? RAW_SHARE : 0;
  const between = (from: number, to: number) => Math.max(0, Math.min(to, end) - Math.max(from, gone));
  const segments: LifeSegment[] = [
    { use: "gone", share: gone },
    { use: "raw", share: between(0, rawEnd) },
    { use: "cook", share: between(rawEnd, COOK_SHARE) },
    { use: "cook-today", share: between(COOK_SHARE, 1) },
    { use: "barred", share: 1 - end },
  ];
  return segments.filter(({ share }) => share > 1e-9);
}

/** The spoilage rate of the place in words a cook can check: ice days spent in one day there. */
export const iceDaysPerDay = (life: LotLife): number =>
  life.state === "frozen" ? 0 : life.model === "live" ? 1 : lifeRate(life.model, life.placeC);
