import type { Limits, PlaceReading } from "@/core/coldchain";
import styles from "../Ice.module.css";

type Props = {
  readonly readings: readonly PlaceReading[];
  readonly limits: Limits;
  readonly fromMs: number;
  readonly toMs: number;
};

const [WIDTH, HEIGHT] = [360, 46];

/** A day of a place as one line under its limit; what lies beyond the limit is drawn thick. */
export function PlaceStrip({ readings, limits, fromMs, toMs }: Props) {
  const values = readings.map(({ celsius }) => celsius);
  const lowC = Math.min(...values, limits.minC ?? Infinity, limits.maxC ?? Infinity) - 1;
  const highC = Math.max(...values, limits.maxC ?? -Infinity) + 1;
  const x = (atMs: number) => (WIDTH * (Math.max(atMs, fromMs) - fromMs)) / (toMs - fromMs);
  const y = (celsius: number) => HEIGHT * (1 - (celsius - lowC) / (highC - lowC));
  const path = readings
    .map(({ atMs, celsius }, index) => `${index === 0 ? "M" : "L"}${x(atMs).toFixed(1)} ${y(celsius).toFixed(1)}`)
    .join("");
  const over = readings
    .filter(
      ({ celsius }) =>
        (limits.maxC !== null && celsius > limits.maxC) || (limits.minC !== null && celsius < limits.minC),
    )
    .map(({ atMs, celsius }) => `M${x(atMs).toFixed(1)} ${y(celsius).toFixed(1)}h3`)
    .join("");
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" className={styles.strip} aria-hidden="true">
      {limits.maxC === null ? null : <path d={`M0 ${y(limits.maxC)}H${WIDTH}`} className={styles.limit} />}
      {limits.minC === null ? null : <path d={`M0 ${y(limits.minC)}H${WIDTH}`} className={styles.limit} />}
      <path d={path} className={styles.trace} />
      <path d={over} className={styles.over} />
    </svg>
  );
}
