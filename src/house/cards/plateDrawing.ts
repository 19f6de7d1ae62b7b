import type { CardSpec, PlatePlace } from "@/core/cards";
import { PLATE_MM } from "@/core/cooking";
import { FLESH_G_PER_MM3 } from "@/core/matter";
import { SAUCE_G_PER_ML } from "../butter/scaledSauce";

/** A piece nobody cut yet is about two and a half times as long as wide (estimate). */
const LENGTH_TO_WIDTH = 2.5;
/** A sauce stands two millimetres deep on a plate (common practice). */
const SAUCE_DEEP_MM = 2;
/** A garnish heaps to about this, mm, and weighs so much (common practice, low). */
const HEAP_MM = 18;
const HEAP_G_PER_ML = 0.6;
/** Heaps lie so far from the middle, the first of them behind the piece, mm and degrees. */
const HEAP_FROM_MIDDLE_MM = 78;
const FIRST_HEAP_DEG = 200;
const NEXT_HEAP_DEG = 70;
/** The pool is poured a little towards the guest, mm. */
const POOL_TOWARDS_MM = 12;

/** A piece as the knife left it. */
export type CutPiece = {
  /** Along the fish, mm. */
  readonly alongMm: number;
  readonly thicknessMm: number;
  /** How far the slice leans, degrees. */
  readonly leanDeg: number;
};

export type PlatePart = {
  readonly part: string;
  readonly kind: "piece" | "sauce" | "garnish";
  readonly label: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly xMm: number;
  readonly yMm: number;
};

/** Length and width of a piece from its grams: as it was cut, else as a piece of its thickness usually is. */
export function pieceMm(massG: number, thicknessMm: number, cut: CutPiece | null): readonly [number, number] {
  const areaMm2 = massG / FLESH_G_PER_MM3 / (cut?.thicknessMm ?? thicknessMm);
  if (cut) {
    const acrossMm = areaMm2 / cut.alongMm;
    return [Math.max(acrossMm, cut.alongMm), Math.min(acrossMm, cut.alongMm)];
  }
  const widthMm = Math.sqrt(areaMm2 / LENGTH_TO_WIDTH);
  return [widthMm * LENGTH_TO_WIDTH, widthMm];
}

const diskMm = (areaMm2: number) => 2 * Math.sqrt(areaMm2 / Math.PI);

/** The pool a sauce makes, mm across. */
export const poolMm = (sauceMl: number): number => diskMm((sauceMl * 1000) / SAUCE_DEEP_MM);

/** Everything that lies on a plate at scale, what lies lowest first: the pool, the heaps, the piece. A sauce apart is not on it. */
export function plateParts(
  { piece, sauce, garnishes, layout = [] }: CardSpec,
  sauceG: number,
  labels: Readonly<Record<string, string>>,
  cut: CutPiece | null,
): readonly PlatePart[] {
  const [lengthMm, widthMm] = pieceMm(piece.massG, piece.thicknessMm, cut);
  const acrossMm = poolMm(sauceG / SAUCE_G_PER_ML);
  const disk = (part: string, kind: PlatePart["kind"], across: number, xMm: number, yMm: number): PlatePart => ({
    part,
    kind,
    label: labels[part] ?? part,
    lengthMm: across,
    widthMm: across,
    xMm,
    yMm,
  });
  const parts = [
    ...(sauce && !sauce.apart && sauceG > 0 ? [disk("sauce", "sauce", acrossMm, 0, POOL_TOWARDS_MM)] : []),
    ...garnishes.map(({ preparationId, massG }, index) => {
      const radians = ((FIRST_HEAP_DEG + index * NEXT_HEAP_DEG) * Math.PI) / 180;
      const [xMm, yMm] = [Math.cos(radians) * HEAP_FROM_MIDDLE_MM, Math.sin(radians) * HEAP_FROM_MIDDLE_MM];
      return disk(preparationId, "garnish", diskMm(((massG / HEAP_G_PER_ML) * 1000) / HEAP_MM), xMm, yMm);
    }),
    { ...disk("piece", "piece", 0, 0, 0), lengthMm, widthMm },
  ];
  return parts.map((one) => ({ ...one, ...placed(one.part, layout) }));
}

function placed(part: string, layout: readonly PlatePlace[]): Partial<PlatePlace> {
  const place = layout.find((one) => one.part === part);
  return place ? { xMm: place.xMm, yMm: place.yMm } : {};
}

/** A part moved by so much; its middle stays on the plate. */
export function movedPart(
  parts: readonly PlatePart[],
  part: string,
  dxMm: number,
  dyMm: number,
): readonly PlatePlace[] {
  const edge = PLATE_MM / 2;
  return parts.map((one) => {
    const moves = one.part === part;
    const [x, y] = [one.xMm + (moves ? dxMm : 0), one.yMm + (moves ? dyMm : 0)];
    const far = Math.hypot(x, y);
    const share = far > edge ? edge / far : 1;
    return { part: one.part, xMm: Math.round(x * share), yMm: Math.round(y * share) };
  });
}
