import { groupBy } from "@/core/shared";

/** So many pieces for a table, to be cooked in one way. */
export type WantedPieces = {
  readonly lineId: string;
  /** Lines of the same plan may share a pan. */
  readonly planKey: string;
  readonly count: number;
  /** When its table is wanted, s. */
  readonly dueS: number;
  /** Pieces a pan takes up to two thirds of its base. */
  readonly panHolds: number;
  /** How long its pieces may wait once they are ready, s. */
  readonly mayWaitS: number;
};

export type PanPart = { readonly lineId: string; readonly count: number };

/** Why lines of one plan lie together or apart. */
export type PanReason =
  | { readonly kind: "shared"; readonly pieces: number; readonly panHolds: number }
  | { readonly kind: "tooMany"; readonly pieces: number; readonly panHolds: number }
  | { readonly kind: "tooFarApart"; readonly apartS: number; readonly mayWaitS: number };

export type Pan = {
  /** The same as long as the first line in it is the same. */
  readonly id: string;
  readonly planKey: string;
  readonly parts: readonly PanPart[];
  readonly pieces: number;
  readonly why: PanReason | null;
};

/**
 * The pan is the task, not the ticket: lines of one plan that are due within what their pieces may wait share it, up to what it holds.
 * No table is torn over two pans as long as it fits in one.
 */
export function sharePans(wanted: readonly WantedPieces[]): readonly Pan[] {
  return [...groupBy(wanted, ({ planKey }) => planKey).values()].flatMap(pansOfPlan);
}

type Open = { parts: PanPart[]; pieces: number; dueS: number; why: PanReason | null };

function pansOfPlan(lines: readonly WantedPieces[]): readonly Pan[] {
  const pans: Open[] = [];
  const ordered = [...lines].sort((a, b) => a.dueS - b.dueS || a.lineId.localeCompare(b.lineId));
  for (const { lineId, count, dueS, panHolds, mayWaitS } of ordered) {
    const last = pans.at(-1);
    const pieces = (last?.pieces ?? 0) + count;
    const apartS = last ? dueS - last.dueS : 0;
    if (last && pieces <= panHolds && apartS <= mayWaitS) {
      last.parts.push({ lineId, count });
      last.pieces = pieces;
      last.why = { kind: "shared", pieces, panHolds };
      continue;
    }
    const why: PanReason | null = !last
      ? null
      : apartS > mayWaitS
        ? { kind: "tooFarApart", apartS, mayWaitS }
        : { kind: "tooMany", pieces, panHolds };
    for (let left = count; left > 0; left -= panHolds) {
      const inThis = Math.min(left, panHolds);
      const split: PanReason | null = count > panHolds ? { kind: "tooMany", pieces: count, panHolds } : why;
      pans.push({ parts: [{ lineId, count: inThis }], pieces: inThis, dueS, why: split });
    }
  }
  const { planKey } = lines[0]!;
  return pans.map(({ parts, pieces, why }, at) => {
    const { lineId } = parts[0]!;
    // the second and third pan of one line
    const nth = pans.slice(0, at).filter((pan) => pan.parts[0]!.lineId === lineId).length;
    return { id: nth === 0 ? lineId : `${lineId}+${nth}`, planKey, parts, pieces, why };
  });
}
