import { assert } from "@/core/shared";

/** Bodies that conduct along one line: a slab from bottom to top, or a long cylinder or sphere from the centre out. */
export type LineShape =
  | { readonly kind: "slab"; readonly thicknessMm: number }
  | { readonly kind: "cylinder"; readonly diameterMm: number }
  | { readonly kind: "sphere"; readonly diameterMm: number };

/** Finite volumes along the line, per m² of slab, per m of cylinder and radian, per steradian of sphere. SI units. */
export type Grid = {
  readonly shape: LineShape["kind"];
  readonly cells: number;
  readonly faceM: Float64Array;
  readonly centreM: Float64Array;
  readonly areaM2: Float64Array;
  readonly volumeM3: Float64Array;
};

const EXPONENT = { slab: 0, cylinder: 1, sphere: 2 } as const;

/**
 * Cells that narrow smoothly towards the heated faces, where the temperature is steep just after a jump.
 * `crowding` 0 is even spacing; towards 1 the outermost cells shrink. A slab gets an odd count so that a cell sits on its middle.
 */
export function gridFor(shape: LineShape, cells: number, crowding = 0.85): Grid {
  const spanM = (shape.kind === "slab" ? shape.thicknessMm : shape.diameterMm / 2) / 1000;
  assert(spanM > 0, `the piece needs a thickness above 0, got ${spanM * 1000} mm`);
  const count = shape.kind === "slab" && cells % 2 === 0 ? cells + 1 : cells;
  const exponent = EXPONENT[shape.kind];
  const faceM = new Float64Array(count + 1);
  const centreM = new Float64Array(count);
  const areaM2 = new Float64Array(count + 1);
  const volumeM3 = new Float64Array(count);
  for (let index = 0; index <= count; index++) {
    faceM[index] = spanM * stretched(index / count, shape.kind === "slab", crowding);
    areaM2[index] = faceM[index]! ** exponent;
  }
  for (let cell = 0; cell < count; cell++) {
    const [inner, outer] = [faceM[cell]!, faceM[cell + 1]!];
    centreM[cell] = (inner + outer) / 2;
    volumeM3[cell] = (outer ** (exponent + 1) - inner ** (exponent + 1)) / (exponent + 1);
  }
  return { shape: shape.kind, cells: count, faceM, centreM, areaM2, volumeM3 };
}

/** The same grid for a piece `factor` times as large: lengths scale, areas and volumes by their powers. */
export function scaledGrid(grid: Grid, factor: number): Grid {
  const power = EXPONENT[grid.shape];
  return {
    ...grid,
    faceM: grid.faceM.map((at) => at * factor),
    centreM: grid.centreM.map((at) => at * factor),
    areaM2: grid.areaM2.map((area) => area * factor ** power),
    volumeM3: grid.volumeM3.map((volume) => volume * factor ** (power + 1)),
  };
}

/** Half the area of each face over the way between its cells: times two conductivities, the conductance between them where they differ little. */
export function reachesOf({ areaM2, centreM, cells }: Grid): Float64Array {
  return Float64Array.from({ length: cells }, (_, face) =>
    face === 0 ? 0 : areaM2[face]! / (2 * (centreM[face]! - centreM[face - 1]!)),
  );
}

function stretched(position: number, bothEnds: boolean, crowding: number): number {
  if (bothEnds) return position - (crowding * Math.sin(2 * Math.PI * position)) / (2 * Math.PI);
  // half of the two-ended map: even at the centre, crowded at the rim
  const whole = 0.5 + position / 2;
  return 2 * (whole - (crowding * Math.sin(2 * Math.PI * whole)) / (2 * Math.PI)) - 1;
}
