import { sumOf } from "@/core/numeric";
import { and, asc, eq, gte, isNull } from "drizzle-orm";
import type { Db } from "../connection";
import { listSuppliers, type LotWithSupplier } from "./lots";
import { fishLots, suppliers } from "../schema/lots";

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

const COLUMNS = {
  lotId: fishLots.id,
  code: fishLots.code,
  atMs: fishLots.receivedAtMs,
  speciesId: fishLots.speciesId,
  iceDays: fishLots.impliedIceDays,
  verdict: fishLots.verdict,
  onceFrozen: fishLots.onceFrozen,
  massG: fishLots.massG,
  statedMassG: fishLots.statedMassG,
};

/** What a supplier has brought since a day: how much of it stayed, how fresh it came, how short it weighed. */
export function supplierRecord(db: Db, supplier: string, sinceMs = 0): SupplierRecord {
  const rows = db
    .select(COLUMNS)
    .from(fishLots)
    .innerJoin(suppliers, eq(fishLots.supplierId, suppliers.id))
    .where(and(eq(suppliers.name, supplier), gte(fishLots.receivedAtMs, sinceMs), isNull(fishLots.parentId)))
    .orderBy(asc(fishLots.receivedAtMs))
    .all();
  const count = (verdict: LotWithSupplier["verdict"]) => rows.filter((row) => row.verdict === verdict).length;
  const chilled = rows.filter(({ onceFrozen }) => !onceFrozen);
  const stated = rows.filter(({ statedMassG }) => statedMassG !== null);
  const statedG = sumOf(stated, ({ statedMassG }) => statedMassG ?? 0);
  const weighedG = sumOf(stated, ({ massG }) => massG);
  const iceDays = sumOf(chilled, (row) => row.iceDays);
  return {
    supplier,
    lots: rows.length,
    accepted: count("accept"),
    cookOnly: count("cook-only"),
    refused: count("refuse"),
    meanIceDays: chilled.length === 0 ? null : iceDays / chilled.length,
    shortPct: statedG === 0 ? null : 100 * (1 - weighedG / statedG),
    arrivals: chilled,
  };
}

export const supplierRecords = (db: Db, sinceMs: number): SupplierRecord[] =>
  listSuppliers(db)
    .map((supplier) => supplierRecord(db, supplier, sinceMs))
    .filter(({ lots: brought }) => brought > 0);
