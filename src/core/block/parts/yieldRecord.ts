import { sum, sumOf } from "@/core/numeric";
import type { Part } from "./anatomy";

/** One weighed part of one animal or batch. */
export type WeighedPart = { readonly partId: string; readonly massG: number; readonly wholeG: number };

export type PartYield = {
  readonly partId: string;
  readonly times: number;
  /** Share of the whole, by weight over all of them, %. */
  readonly meanPct: number;
  /** Spread from one to the next, %; null for one alone. */
  readonly spreadPct: number | null;
  readonly expectedPct: number | null;
  /** What this house may count on: its own figures and the general one, each as far as it is sure. */
  readonly housePct: number;
  readonly houseSpreadPct: number;
  /** Outside the range of good fish. */
  readonly verdict: "as expected" | "low" | "high" | "no figure";
};

/** The printed range is read as two spreads to either side. */
export const spreadOf = ({ pct: [low, , high] }: Part): number => (high - low) / 4;

/** Fewer own fish than this do not know their own spread yet. */
const OWN_SPREAD_FROM = 4;

/**
 * Expected against actual, part by part. The house's own figure joins the general one by the inverse of their variances (normal prior,
 * normal data): one fish moves it a little, ten make it nearly the house's own.
 */
export function compareYields(expected: readonly Part[], weighed: readonly WeighedPart[]): readonly PartYield[] {
  const ids = [...new Set([...expected.map(({ id }) => id), ...weighed.map(({ partId }) => partId)])];
  return ids.flatMap((partId): PartYield[] => {
    const rows = weighed.filter((row) => row.partId === partId && row.wholeG > 0);
    if (rows.length === 0) return [];
    const general = expected.find(({ id }) => id === partId);
    const wholeG = sumOf(rows, (row) => row.wholeG);
    const meanPct = (100 * sumOf(rows, (row) => row.massG)) / wholeG;
    const spreadPct = rows.length < 2 ? null : deviation(rows.map((row) => (100 * row.massG) / row.wholeG));
    const generalSpread = general ? Math.max(0.05, spreadOf(general)) : null;
    const ownSpread = rows.length >= OWN_SPREAD_FROM && spreadPct !== null ? Math.max(0.05, spreadPct) : generalSpread;
    const [housePct, houseSpreadPct] =
      general && generalSpread !== null && ownSpread !== null
        ? joined(general.pct[1], generalSpread, meanPct, ownSpread, rows.length)
        : [meanPct, spreadPct ?? 0];
    const verdict = !general
      ? "no figure"
      : meanPct < general.pct[0]
        ? "low"
        : meanPct > general.pct[2]
          ? "high"
          : "as expected";
    const expectedPct = general?.pct[1] ?? null;
    return [{ partId, times: rows.length, meanPct, spreadPct, expectedPct, housePct, houseSpreadPct, verdict }];
  });
}

function deviation(values: readonly number[]): number {
  const mean = sum(values) / values.length;
  return Math.sqrt(sumOf(values, (one) => (one - mean) ** 2) / (values.length - 1));
}

function joined(
  general: number,
  generalSpread: number,
  own: number,
  ownSpread: number,
  times: number,
): [number, number] {
  const trustGeneral = 1 / generalSpread ** 2;
  const trustOwn = times / ownSpread ** 2;
  const mean = (trustGeneral * general + trustOwn * own) / (trustGeneral + trustOwn);
  // the next fish: what is not known of the mean, and its own spread
  return [mean, Math.sqrt(1 / (trustGeneral + trustOwn) + ownSpread ** 2)];
}
