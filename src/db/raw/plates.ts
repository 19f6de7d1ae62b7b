import { randomUUID } from "node:crypto";
import { desc, eq, gte } from "drizzle-orm";
import { ruleWords, type Clearance } from "@/core/raw";
import { err, ok, type Result, type Said } from "@/core/shared";
import type { Db } from "../connection";
import { plateFrom } from "../cards/plates";
import { appendEntry } from "../ledger";
import { keepMake } from "../larder/makes";
import { takeFrom } from "../lots/childLot";
import { onIce } from "../lots/lotRows";
import { lotInHand } from "../lots/stock";
import { keepTagWhenGone } from "../lots/tagRetention";
import { rawPlates } from "../schema/block";
import { rememberingSince } from "../remember";
import { lots } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";
import type { Stamp } from "../stamp";
import { clearLot } from "./rawLots";
import { inMetric } from "@/words/say";

export type NewPlates = {
  readonly lotId: string;
  readonly dish: "raw" | "cured";
  readonly covers: number;
  readonly gramsPerCover: number;
  readonly usedG: number;
};
export type PlatesError =
  | { readonly kind: "notOnIce" }
  | { readonly kind: "notCleared"; readonly why: Said }
  | { readonly kind: "moreThanLeft"; readonly leftG: number };

/** Serves plates from a lot; judged once more at this moment, and refused when it does not meet the rule. */
export function servePlates(db: Db, wanted: NewPlates, { who, atMs }: Stamp): Result<Clearance, PlatesError> {
  const lot = lotInHand(db, wanted.lotId, atMs);
  if (!lot || lot.row.status !== "on-ice") return err({ kind: "notOnIce" });
  const { clearance } = clearLot(db, lot, wanted.dish, atMs);
  if (clearance.answer !== "yes") return err({ kind: "notCleared", why: clearance.headline });
  return db.transaction((tx) => {
    const row = onIce(tx, wanted.lotId);
    if (!row) return err({ kind: "notOnIce" });
    if (wanted.usedG > row.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: row.remainingG });
    const rule = ruleWords(clearance.rule);
    const id = randomUUID();
    tx.insert(rawPlates)
      .values({ id, ...wanted, atMs, who, rule, record: inMetric(clearance.record) })
      .run();
    const { leftG, cents } = takeFrom(tx, row, wanted.usedG, atMs);
    const platedG = Math.min(wanted.usedG, wanted.covers * wanted.gramsPerCover);
    keepMake(tx, {
      id,
      kind: "raw-plates",
      atMs,
      who,
      facts: { dish: wanted.dish, covers: wanted.covers },
      inputs: [{ lotId: row.id, massG: wanted.usedG, cents }],
      outputs: [{ label: "Plates", massG: platedG, cents }],
      losses: [{ kind: "trimmed", label: "", massG: wanted.usedG - platedG }],
    });
    const part = { lotId: row.id, massG: wanted.gramsPerCover, certainty: "certain" } as const;
    for (let cover = 0; cover < wanted.covers; cover++) plateFrom(tx, { makeId: id }, part, who, atMs);
    keepTagWhenGone(tx, row.id, who, atMs);
    const { lotId, ...facts } = wanted;
    const payload = {
      code: row.code,
      ...facts,
      leftG,
      rule,
      exemption: clearance.exemption === null ? null : inMetric(clearance.exemption),
      record: inMetric(clearance.record),
      advisory: inMetric(clearance.advisory.reminder),
      checks: clearance.checks.map(({ label, text }) => `${label}: ${inMetric(text)}`),
    };
    appendEntry(tx, { atMs, who, kind: "plates-served", lotId, payload });
    return ok(clearance);
  });
}

export type PlatesRow = typeof rawPlates.$inferSelect & { readonly code: string; readonly speciesId: string };

const platesWithLot = (db: Db) =>
  db
    .select({ plate: rawPlates, code: fishLots.code, speciesId: fishLots.speciesId })
    .from(rawPlates)
    .innerJoin(fishLots, eq(rawPlates.lotId, fishLots.id));

export const platesSince = rememberingSince(
  [rawPlates, lots, fish],
  (db, sinceMs): readonly PlatesRow[] =>
    platesWithLot(db)
      .where(gte(rawPlates.atMs, sinceMs))
      .orderBy(desc(rawPlates.atMs))
      .all()
      .map(({ plate, ...lot }) => ({ ...plate, ...lot })),
  ({ atMs }) => atMs,
);

export const platesOfLot = (db: Db, lotId: string): PlatesRow[] =>
  platesWithLot(db)
    .where(eq(rawPlates.lotId, lotId))
    .orderBy(desc(rawPlates.atMs))
    .all()
    .map(({ plate, ...lot }) => ({ ...plate, ...lot }));
