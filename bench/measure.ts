import { findSpecies } from "@/core/species";

/** The fish most of it is measured with. */
export const char = findSpecies("arctic-char")!;

/** Median of repeated runs after a warm-up, ms. */
export function median(run: () => unknown, times = 15): number {
  for (let warm = 0; warm < 4; warm++) run();
  const taken = Array.from({ length: times }, () => {
    const startMs = performance.now();
    run();
    return performance.now() - startMs;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)]!;
}

/** Fastest of repeated runs, ms: what the code itself costs, whoever else is on the core. A compiled loop takes its fastest too. */
export function fastest(run: () => unknown, times: number): number {
  for (let warm = 0; warm < 5; warm++) run();
  const taken = Array.from({ length: times }, () => {
    const startMs = performance.now();
    run();
    return performance.now() - startMs;
  });
  return Math.min(...taken);
}

const rows: string[][] = [];

/** Keeps one line: what was measured, beside the stated reference of the same run. */
export const add = (what: string, ms: number, against: string, reference: number, unit = "ms") =>
  rows.push([
    what,
    `${ms.toFixed(ms < 10 ? 2 : 0)} ${unit}`,
    against,
    `${reference.toFixed(reference < 10 ? 2 : 0)} ${unit}`,
    `${(ms / reference).toFixed(2)}×`,
  ]);

/** Prints what was kept, in columns. */
export function printRows(): void {
  const widths = rows[0]!.map((_, column) => Math.max(...rows.map((row) => row[column]!.length)));
  for (const row of rows) console.log(row.map((cell, column) => cell.padEnd(widths[column]!)).join("  "));
}
