import { desc, eq } from "drizzle-orm";
import type { Fit, PanId } from "@/core/cooking";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { stationFits } from "../schema/stove";
import type { Stamp } from "../stamp";

export type StationFit = typeof stationFits.$inferSelect;

/** What was last learned of a pan; null when nothing was or it was reset since. */
export function fitOfPan(db: Db, panId: string): StationFit | null {
  const newest = db
    .select()
    .from(stationFits)
    .where(eq(stationFits.panId, panId))
    .orderBy(desc(stationFits.id))
    .limit(1)
    .get();
  return newest && !newest.reset ? newest : null;
}

export function keepFit(db: Db, panId: PanId, fit: Fit, cooks: number, { who, atMs }: Stamp): void {
  db.transaction((tx) => {
    const { vessel, air } = fit.estimate;
    const spread = { vesselSd: fit.sd.vessel ?? 0, airSd: fit.sd.air ?? 0 };
    tx.insert(stationFits)
      .values({ panId, atMs, who, vessel, air, ...spread, cooks, residuals: fit.residuals })
      .run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "station-learned",
      payload: {
        panId,
        vesselFactor: Math.exp(vessel),
        airFactor: Math.exp(air),
        cooks,
        readings: fit.residuals.length,
      },
    });
  });
}

export function resetFit(db: Db, panId: PanId, { who, atMs }: Stamp): void {
  db.transaction((tx) => {
    const nothing = { vessel: 0, vesselSd: 0, air: 0, airSd: 0, cooks: 0, residuals: [], reset: true };
    tx.insert(stationFits)
      .values({ panId, atMs, who, ...nothing })
      .run();
    appendEntry(tx, { atMs, who, kind: "station-reset", payload: { panId } });
  });
}
