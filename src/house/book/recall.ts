import { sumOf } from "@/core/numeric";
import type { Certainty } from "@/core/trace";
import { HOUR_MS } from "@/core/units";

/** How the words that were typed named what is looked for. */
export type NamedBy = "code" | "supplier-lot" | "source" | "supplier";

/** Work by which one lot came of another. */
export type Work = { readonly kind: string; readonly atMs: number; readonly who: string };

export type RecallLot = {
  readonly id: string;
  readonly code: string;
  /** What it is: a species, a sauce, a good. */
  readonly name: string;
  /** What part of an animal; null: none. */
  readonly part: string | null;
  readonly isFish: boolean;
  readonly certainty: Certainty;
  /** Null: it is what was looked for, or nobody wrote how it was split off. */
  readonly by: Work | null;
  /** The pot of several through which it is only possible; null: it is certain, or nobody wrote. */
  readonly potId: string | null;
  readonly atMs: number;
  readonly leftG: number;
  readonly placeName: string | null;
};

/** Pieces that were cut and of which nobody wrote yet what became of them. */
export type RecallPieces = {
  readonly batchCode: string;
  readonly lotId: string;
  readonly pieces: number;
  readonly massG: number;
  readonly certainty: Certainty;
};

export type RecallPlate = {
  readonly id: string;
  readonly atMs: number;
  readonly who: string;
  readonly state: "up" | "gone" | "back";
  readonly certainty: Certainty;
  /** Null: no card was said for it. */
  readonly dish: string | null;
  readonly raw: boolean;
  readonly table: string | null;
  readonly guest: string | null;
  /** The lot that lay on it. */
  readonly lotId: string;
  /** False: nobody wrote what lay on it, and this could have. */
  readonly written: boolean;
};

export type RecallHold = { readonly lotId: string; readonly label: string; readonly closedAs: string | null };

export type Recall = {
  readonly lots: readonly RecallLot[];
  readonly pieces: readonly RecallPieces[];
  readonly plates: readonly RecallPlate[];
  readonly holds: readonly RecallHold[];
  readonly suppliers: readonly { readonly name: string; readonly phone: string | null }[];
};

/** Plates of one dish, one pair of hands and one hour, through one lot. */
export type PlateGroup = Omit<RecallPlate, "id" | "atMs" | "table" | "guest" | "state"> & {
  readonly hourMs: number;
  readonly ids: readonly string[];
  readonly tables: readonly { readonly table: string; readonly guest: string | null }[];
};

/** Plates by certainty, dish, hands and hour: what is read out on the telephone. Certain ones first, then by time. */
export function plateGroups(plates: readonly RecallPlate[]): readonly PlateGroup[] {
  const groups = new Map<string, PlateGroup & { ids: string[]; tables: { table: string; guest: string | null }[] }>();
  for (const { id, atMs, table, guest, state: _, ...plate } of plates) {
    const hourMs = Math.floor(atMs / HOUR_MS) * HOUR_MS;
    const { certainty, written, dish, raw, who, lotId } = plate;
    const key = JSON.stringify([certainty, written, dish, raw, who, lotId, hourMs]);
    const group = groups.get(key) ?? { ...plate, hourMs, ids: [], tables: [] };
    groups.set(key, group);
    group.ids.push(id);
    if (table !== null && !group.tables.some((one) => one.table === table && one.guest === guest))
      group.tables.push({ table, guest });
  }
  return [...groups.values()].sort(
    (a, b) => a.certainty.localeCompare(b.certainty) || Number(b.written) - Number(a.written) || a.hourMs - b.hourMs,
  );
}

export type RecallCount = {
  readonly lots: number;
  readonly certain: number;
  readonly possible: number;
  readonly leftG: number;
  readonly pieces: number;
};

export const recallCount = ({ lots, plates, pieces }: Recall): RecallCount => ({
  lots: lots.length,
  certain: plates.filter(({ certainty }) => certainty === "certain").length,
  possible: plates.filter(({ certainty }) => certainty === "possible").length,
  leftG: sumOf(lots, ({ leftG }) => leftG),
  pieces: sumOf(pieces, (one) => one.pieces),
});
