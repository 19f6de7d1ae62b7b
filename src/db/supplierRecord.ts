import type { Db } from "./connection";
import { listSuppliers, lotsOfSupplier, type LotWithSupplier } from "./lots";

export type SupplierRecord = {
  readonly supplier: string;
  readonly lots: number;
  readonly accepted: number;
  readonly cookOnly: number;
  readonly refused: number;
  /** Mean ice days gone at the door, over the chilled lots. */
  readonly meanIceDays: number | null;
  /** Weight stated and not there, per cent of what was stated. */
  readonly shortPct: number | null;
  readonly arrivals: readonly {
    readonly lotId: string;
    readonly code: string;
    readonly atMs: number;
    readonly speciesId: string;
    readonly iceDays: number;
    readonly verdict: LotWithSupplier["verdict"];
  }[];
};

/** What a supplier has brought: how much of it stayed, how fresh it came, how short it weighed. */
export function supplierRecord(db: Db, supplier: string): SupplierRecord {
  const lots = lotsOfSupplier(db, supplier);
  const count = (verdict: LotWithSupplier["verdict"]) => lots.filter((lot) => lot.verdict === verdict).length;
  const chilled = lots.filter(({ onceFrozen }) => !onceFrozen);
  const stated = lots.filter(({ statedMassG }) => statedMassG !== null);
  const statedG = stated.reduce((sum, { statedMassG }) => sum + (statedMassG ?? 0), 0);
  const weighedG = stated.reduce((sum, { massG }) => sum + massG, 0);
  return {
    supplier,
    lots: lots.length,
    accepted: count("accept"),
    cookOnly: count("cook-only"),
    refused: count("refuse"),
    meanIceDays:
      chilled.length === 0
        ? null
        : chilled.reduce((sum, { impliedIceDays }) => sum + impliedIceDays, 0) / chilled.length,
    shortPct: statedG === 0 ? null : 100 * (1 - weighedG / statedG),
    arrivals: chilled
      .map(({ id, code, receivedAtMs, speciesId, impliedIceDays, verdict }) => ({
        lotId: id,
        code,
        atMs: receivedAtMs,
        speciesId,
        iceDays: impliedIceDays,
        verdict,
      }))
      .reverse(),
  };
}

export const supplierRecords = (db: Db): SupplierRecord[] =>
  listSuppliers(db)
    .map((supplier) => supplierRecord(db, supplier))
    .filter(({ lots }) => lots > 0);
