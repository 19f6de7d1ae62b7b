export type Point = readonly [x: number, y: number];

/** Straight lines between points that rise in x; the end values beyond them. */
export function interpolate(points: readonly Point[], x: number): number {
  let after = 0;
  while (after < points.length && points[after]![0] < x) after++;
  if (after === points.length) return points[after - 1]![1];
  if (after === 0) return points[0]![1];
  const [x0, y0] = points[after - 1]!;
  const [x1, y1] = points[after]!;
  return y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);
}
