import { alongLine } from "@/core/numeric";
import { lifeDaysUsed, type TemperaturePoint } from "@/core/freshness";
import { assert } from "@/core/shared";
import type { SpoilageModel } from "@/core/species";
import { HOUR_MS } from "@/core/units";

export type PlaceReading = { readonly atMs: number; readonly celsius: number };

const MODELS = ["temperate", "tropical"] as const satisfies readonly SpoilageModel[];

/**
 * The temperature of one place over time, with running sums of spoilage, so that the ice days of any lot over any stretch cost two
 * look-ups. Straight lines between readings; before the first its value counts back, after the last it counts on, and with no reading
 * at all the set point of the place stands in.
 */
export class TemperatureHistory {
  readonly #timesMs: number[] = [];
  readonly #celsius: number[] = [];
  readonly #iceDays: Record<SpoilageModel, number[]> = { temperate: [], tropical: [] };

  constructor(
    readings: readonly PlaceReading[],
    /** Set point, °C, where there is no reading. */
    readonly setC: number,
  ) {
    for (const reading of readings) this.append(reading);
  }

  /** Adds a reading later than all before it. */
  append({ atMs, celsius }: PlaceReading): void {
    const beforeMs = this.#timesMs.at(-1);
    assert(beforeMs === undefined || atMs > beforeMs, `readings must be in time order, at ${atMs}`);
    for (const model of MODELS) {
      const sums = this.#iceDays[model];
      const more = beforeMs === undefined ? 0 : this.#ramp(model, beforeMs, this.#celsius.at(-1)!, atMs, celsius);
      sums.push((sums.at(-1) ?? 0) + more);
    }
    this.#timesMs.push(atMs);
    this.#celsius.push(celsius);
  }

  /** How many readings lie at or after `atMs`: tells whether older ones have come in since. */
  countSince(atMs: number): number {
    return this.#timesMs.length - 1 - this.#before(atMs - 1);
  }

  get lastAtMs(): number | null {
    return this.#timesMs.at(-1) ?? null;
  }

  #ramp(model: SpoilageModel, fromMs: number, fromC: number, toMs: number, toC: number): number {
    return lifeDaysUsed(model, [
      [0, fromC],
      [(toMs - fromMs) / HOUR_MS, toC],
    ]);
  }

  /** Index of the last reading at or before `atMs`; -1 when there is none. */
  #before(atMs: number): number {
    let [low, high] = [0, this.#timesMs.length];
    while (low < high) {
      const middle = (low + high) >> 1;
      if (this.#timesMs[middle]! <= atMs) low = middle + 1;
      else high = middle;
    }
    return low - 1;
  }

  celsiusAt(atMs: number): number {
    const index = this.#before(atMs);
    const [fromMs, fromC] = [this.#timesMs[index], this.#celsius[index]];
    const [toMs, toC] = [this.#timesMs[index + 1], this.#celsius[index + 1]];
    if (fromMs === undefined || fromC === undefined) return toC ?? this.setC;
    if (toMs === undefined || toC === undefined) return fromC;
    return alongLine([fromMs, fromC], [toMs, toC], atMs);
  }

  /** Sum up to `atMs`, measured from the first reading; times before it count negative at its value. */
  #sumTo(model: SpoilageModel, atMs: number): number {
    const index = this.#before(atMs);
    const hereC = this.celsiusAt(atMs);
    if (index < 0) {
      const anchorMs = this.#timesMs[0] ?? 0;
      return atMs <= anchorMs
        ? -this.#ramp(model, atMs, hereC, anchorMs, hereC)
        : this.#ramp(model, anchorMs, hereC, atMs, hereC);
    }
    return this.#iceDays[model][index]! + this.#ramp(model, this.#timesMs[index]!, this.#celsius[index]!, atMs, hereC);
  }

  /** Days on ice that a stay from `fromMs` to `toMs` was worth. */
  iceDays(model: SpoilageModel, fromMs: number, toMs: number): number {
    return toMs <= fromMs ? 0 : this.#sumTo(model, toMs) - this.#sumTo(model, fromMs);
  }

  /** The readings from the last one at or before `fromMs` on, up to `toMs`, that one left out. */
  between(fromMs: number, toMs: number): PlaceReading[] {
    const readings: PlaceReading[] = [];
    for (let index = Math.max(0, this.#before(fromMs)); index < this.#timesMs.length; index++) {
      const atMs = this.#timesMs[index]!;
      if (atMs >= toMs) break;
      readings.push({ atMs, celsius: this.#celsius[index]! });
    }
    return readings;
  }

  /** How well the stretch was watched: readings in it (with the ones just before and after) and the longest time without. */
  coverage(fromMs: number, toMs: number): { readonly readings: number; readonly longestGapMs: number } {
    let index = Math.max(0, this.#before(fromMs));
    let lastMs = this.#timesMs[index] !== undefined && this.#timesMs[index]! <= fromMs ? this.#timesMs[index]! : fromMs;
    let [readings, longestGapMs] = [0, 0];
    for (; index < this.#timesMs.length && this.#timesMs[index]! <= toMs; index++) {
      const atMs = this.#timesMs[index]!;
      readings++;
      longestGapMs = Math.max(longestGapMs, atMs - lastMs);
      lastMs = Math.max(lastMs, atMs);
    }
    return { readings, longestGapMs: Math.max(longestGapMs, Math.min(toMs, this.#timesMs[index] ?? toMs) - lastMs) };
  }

  /** The stretch as a log in hours since `zeroMs`, with its ends interpolated. */
  log(fromMs: number, toMs: number, zeroMs = fromMs): readonly TemperaturePoint[] {
    const hours = (atMs: number) => (atMs - zeroMs) / HOUR_MS;
    const points: TemperaturePoint[] = [[hours(fromMs), this.celsiusAt(fromMs)]];
    for (let index = this.#before(fromMs) + 1; index < this.#timesMs.length; index++) {
      if (this.#timesMs[index]! >= toMs) break;
      points.push([hours(this.#timesMs[index]!), this.#celsius[index]!]);
    }
    if (toMs > fromMs) points.push([hours(toMs), this.celsiusAt(toMs)]);
    return points;
  }
}
