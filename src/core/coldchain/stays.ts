import { sumOf } from "@/core/numeric";
import { judgeHistamineExposure, type ExposureVerdict, type FrozenSince, type LogPoint } from "@/core/safety";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { lifeRate, type LotState } from "@/core/freshness";
import type { Species } from "@/core/species";
import type { Excursion } from "./excursions";
import type { TemperatureHistory } from "./history";

/** Where a lot lay and when; `toMs` null: it lies there now. */
export type Stay = { readonly placeId: string; readonly fromMs: number; readonly toMs: number | null };

type HistoryOf = (placeId: string) => TemperatureHistory | undefined;

/** Ice days a lot has used over its stays; a live animal's days are the calendar's. */
export function usedOverStays(
  stays: readonly Stay[],
  historyOf: HistoryOf,
  species: Species,
  state: LotState,
  nowMs: number,
): number {
  return stays.reduce((sum, { placeId, fromMs, toMs }) => {
    const endMs = Math.min(toMs ?? nowMs, nowMs);
    if (state === "live") return sum + Math.max(0, endMs - fromMs) / DAY_MS;
    return sum + (historyOf(placeId)?.iceDays(species.spoilageModel, fromMs, endMs) ?? 0);
  }, 0);
}

/** The whole log of a lot in the house, in hours since it came. */
export function logOverStays(stays: readonly Stay[], historyOf: HistoryOf, untilMs: number): readonly LogPoint[] {
  const zeroMs = stays[0]?.fromMs ?? untilMs;
  return stays.flatMap(({ placeId, fromMs, toMs }) => {
    const endMs = Math.min(toMs ?? untilMs, untilMs);
    return endMs > fromMs ? [...(historyOf(placeId)?.log(fromMs, endMs, zeroMs) ?? [])] : [];
  });
}

/** When a lot was frozen in its life ashore, from where it lay: what came frozen, or was frozen before, shows no stay before a freezer. */
export function frozenSince(
  stays: readonly Stay[],
  isFreezer: (placeId: string) => boolean,
  onceFrozen: boolean,
): FrozenSince {
  if (!onceFrozen) return { kind: "never" };
  const zeroMs = stays[0]?.fromMs;
  const first = stays.find(({ placeId }) => isFreezer(placeId));
  return first === undefined || zeroMs === undefined
    ? { kind: "bought" }
    : { kind: "own", fromH: (first.fromMs - zeroMs) / HOUR_MS };
}

export type ExcursionEffect = {
  /** Calendar hours of the excursion that the lot lay through. */
  readonly hours: number;
  /** Ice days it cost above what the place at its limit would have. */
  readonly lostIceDays: number;
  /** The histamine rule on everything since it came in; null for fish that form none. */
  readonly histamine: ExposureVerdict | null;
};

/** What a warm stretch did to one lot that lay through it; null when it was not there. */
export function excursionEffect(
  excursion: Excursion,
  stays: readonly Stay[],
  historyOf: HistoryOf,
  species: Species,
  frozen: FrozenSince,
): ExcursionEffect | null {
  const parts = stays.flatMap(({ placeId, fromMs, toMs }) => {
    const [start, end] = [Math.max(fromMs, excursion.fromMs), Math.min(toMs ?? Infinity, excursion.toMs)];
    return end > start ? [{ placeId, start, end }] : [];
  });
  const hours = sumOf(parts, ({ start, end }) => (end - start) / HOUR_MS);
  if (hours === 0) return null;
  const lostIceDays = parts.reduce((sum, { placeId, start, end }) => {
    const history = historyOf(placeId);
    const spent = history?.iceDays(species.spoilageModel, start, end) ?? 0;
    const atLimit = ((end - start) / DAY_MS) * lifeRate(species.spoilageModel, excursion.limitC);
    return sum + Math.max(0, spent - atLimit);
  }, 0);
  const log = logOverStays(stays, historyOf, excursion.toMs);
  const histamine = species.histamineFormer === "no" ? null : judgeHistamineExposure(log, frozen);
  return { hours, lostIceDays, histamine };
}
