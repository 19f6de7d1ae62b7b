import { eq } from "drizzle-orm";
import { judgeOil, type OilVerdict } from "@/core/butter";
import { HOUR_MS } from "@/core/units";
import { isKind } from "@/core/trace";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry, entriesAbout } from "../ledger";
import { spots } from "../schema/larder";
import type { Stamp } from "../stamp";

export type Fryer = {
  readonly id: string;
  readonly name: string;
  /** Polar compounds by the last strip since the oil was changed, per cent; null: no strip yet. */
  readonly polarPct: number | null;
  readonly verdict: OilVerdict | null;
  readonly hoursSinceStrip: number | null;
  readonly changedAtMs: number | null;
};

/** The fryers with what the last strip said. A strip from before the oil was changed says nothing. */
export const fryers = (db: Db, nowMs: number): readonly Fryer[] =>
  db
    .select()
    .from(spots)
    .where(eq(spots.kind, "fryer"))
    .all()
    .map(({ id, name }) => {
      const entries = entriesAbout(db, { kind: "spot", id });
      const changed = entries.findLast(({ kind }) => kind === "oil-changed");
      const strip = entries.filter(isKind("oil-tested")).findLast(({ seq }) => seq > (changed?.seq ?? 0));
      const polarPct = strip ? Number(strip.payload.polarPct) : null;
      return {
        id,
        name,
        polarPct,
        verdict: polarPct === null ? null : judgeOil(polarPct),
        hoursSinceStrip: strip ? (nowMs - strip.atMs) / HOUR_MS : null,
        changedAtMs: changed?.atMs ?? null,
      };
    });

/** A strip was dipped. Refused: there is no such fryer. */
export function noteStrip(
  db: Db,
  fryerId: string,
  polarPct: number,
  { who, atMs }: Stamp,
): Result<OilVerdict, Refusal<"noSuchFryer">> {
  const fryer = fryers(db, atMs).find(({ id }) => id === fryerId);
  if (!fryer) return refuse("noSuchFryer");
  const verdict = judgeOil(polarPct);
  const payload = { name: fryer.name, polarPct, verdict };
  appendEntry(db, { atMs, who, kind: "oil-tested", payload, subjects: [{ kind: "spot", id: fryerId }] });
  return ok(verdict);
}

/** The oil was changed. Refused: there is no such fryer. */
export function changeOil(db: Db, fryerId: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchFryer">> {
  const fryer = fryers(db, atMs).find(({ id }) => id === fryerId);
  if (!fryer) return refuse("noSuchFryer");
  const payload = { name: fryer.name, polarPct: fryer.polarPct };
  appendEntry(db, { atMs, who, kind: "oil-changed", payload, subjects: [{ kind: "spot", id: fryerId }] });
  return ok(null);
}
