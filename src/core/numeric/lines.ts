export type Point = readonly [x: number, y: number];

/** The straight line through two points at `x`, beyond them too; the second point's y where both stand at one x. */
export const alongLine = ([x0, y0]: Point, [x1, y1]: Point, x: number): number =>
  x1 === x0 ? y1 : y0 + ((x - x0) / (x1 - x0)) * (y1 - y0);

/** Where the straight line through two points has the value `y`; the second point's x where the line is level. */
export const crossing = ([x0, y0]: Point, [x1, y1]: Point, y: number): number => alongLine([y0, x0], [y1, x1], y);

/** Straight lines between points that rise in x; the end values beyond them. At least one point. */
export function interpolate(points: readonly Point[], x: number): number {
  let after = 0;
  while (after < points.length && points[after]![0] < x) after++;
  if (after === points.length) return points[after - 1]![1];
  if (after === 0) return points[0]![1];
  return alongLine(points[after - 1]!, points[after]!, x);
}
