/** Side of the plane the element fills, mm, and how much of that plane glows (estimates: a salamander's coils over a hotel tray). */
const PLANE_MM = 300;
const GLOWING_SHARE = 0.41;

/**
 * Share of what a small piece sees that glows, `distanceMm` below the middle of the element. View factor of a small element to a parallel
 * square over it (four corners; Howell, A Catalog of Radiation Heat Transfer Configuration Factors, B-4; memory, high).
 */
export function broilerView(distanceMm: number): number {
  const reach = PLANE_MM / 2 / distanceMm;
  const slant = Math.sqrt(1 + reach * reach);
  const square = (4 / Math.PI) * (reach / slant) * Math.atan(reach / slant);
  return GLOWING_SHARE * square;
}
