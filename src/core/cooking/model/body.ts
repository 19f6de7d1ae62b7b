import { sum } from "@/core/numeric";
import {
  Conduction,
  gridFor,
  INSULATED,
  PuckConduction,
  scaledGrid,
  QuickLine,
  QuickPuck,
  type Face,
  type FaceFlux,
  type Grid,
  type LineBody,
  type PuckBody,
} from "@/core/heat";
import { assertNever } from "@/core/shared";
import { materialFor, startsFrozen, USUAL_FILLING, type StovePiece } from "./piece";

const CELLS = { slab: 23, round: 19, rings: 6, layers: 15 } as const;
const CROWDING = 0.7;
/** Largest Newton correction, K, where ice makes the slow way necessary: over all ways it moves times by up to 0.35 %, the centre by 0.04 K. */
const FROZEN_TOLERANCE_K = 0.2;

/** A piece as the stove sees it: cells with their depth, up to three faces, whatever lies behind. */
export type Body = {
  readonly temperatureC: Float64Array;
  /** 0 first face down, 1 second, 2 around. */
  readonly flux: readonly [FaceFlux, FaceFlux, FaceFlux];
  step(stepS: number, faces: readonly [Face, Face, Face]): void;
  centreC(): number;
  fork(): Body;
  /** The cell at the slowest point of the shape. */
  readonly centreCell: number;
  /** Cells from the first face through the middle to the second (a slab), or from the rim to the middle. */
  readonly column: readonly number[];
  /** Where the cells of `column` lie, 0 first face or rim to 1 second face; the middle of a round piece is 0.5. */
  readonly place: readonly number[];
  /** Cells that are not within the outermost tenth of a face, which cools first in the rest. */
  readonly inner: readonly number[];
  /** Of those, the cells that are the animal itself and not a filling. */
  readonly meat: readonly number[];
  /** Volume share of each cell. */
  readonly share: Float64Array;
};

const noFlux = (startC: number): FaceFlux => ({ fluxWPerM2: 0, slopeWPerM2K: 0, surfaceC: startC, excessWPerM2: 0 });

function sharesOf(volumes: ArrayLike<number>): Float64Array {
  const total = sum(Array.from(volumes));
  return Float64Array.from(volumes, (part) => part / total);
}

type Plan = Omit<Body, "temperatureC" | "flux" | "step" | "centreC" | "fork">;

function lineBody(make: () => LineBody, round: boolean, plan: Plan): Body {
  const line = make();
  const none = noFlux(line.outer.surfaceC);
  return {
    ...plan,
    temperatureC: line.temperatureC,
    flux: round ? [none, none, line.outer] : [line.inner, line.outer, none],
    step: (stepS, faces) => (round ? line.step(stepS, INSULATED, faces[2]) : line.step(stepS, faces[0], faces[1])),
    centreC: () => line.centreC(),
    fork: () => {
      const copy = lineBody(make, round, plan);
      copy.temperatureC.set(line.temperatureC);
      return copy;
    },
  };
}

function puckBody(make: () => PuckBody, plan: Plan): Body {
  const puck = make();
  return {
    ...plan,
    temperatureC: puck.temperatureC,
    flux: [puck.bottom, puck.top, puck.side],
    step: (stepS, [bottom, top, side]) => puck.step(stepS, { bottom, top, side }),
    centreC: () => puck.centreC(),
    fork: () => {
      const copy = puckBody(make, plan);
      copy.temperatureC.set(puck.temperatureC);
      return copy;
    },
  };
}

const SLAB_1MM = gridFor({ kind: "slab", thicknessMm: 1 }, CELLS.slab, CROWDING);
const slabPlace = Array.from(SLAB_1MM.centreM, (at) => at / SLAB_1MM.faceM[SLAB_1MM.cells]!);
const slabInner = slabPlace.flatMap((at, cell) => (at > 0.1 && at < 0.9 ? [cell] : []));
const SLAB: Plan = {
  centreCell: (SLAB_1MM.cells - 1) / 2,
  column: slabPlace.map((_, cell) => cell),
  place: slabPlace,
  inner: slabInner,
  meat: slabInner,
  share: sharesOf(SLAB_1MM.volumeM3),
};

function roundPlan(grid: Grid, fillingCells: number): Plan {
  const rimM = grid.faceM[grid.cells]!;
  const inward = Array.from(grid.centreM, (_, cell) => grid.cells - 1 - cell);
  const inner = inward.filter((cell) => grid.centreM[cell]! < 0.8 * rimM);
  return {
    centreCell: 0,
    column: inward,
    place: inward.map((cell) => (1 - grid.centreM[cell]! / rimM) / 2),
    inner,
    meat: fillingCells > 0 ? inward.filter((cell) => cell >= fillingCells) : inner,
    share: sharesOf(grid.volumeM3),
  };
}

const ROUND_1MM = {
  cylinder: gridFor({ kind: "cylinder", diameterMm: 1 }, CELLS.round, CROWDING),
  sphere: gridFor({ kind: "sphere", diameterMm: 1 }, CELLS.round, CROWDING),
};
const ROUND = { cylinder: roundPlan(ROUND_1MM.cylinder, 0), sphere: roundPlan(ROUND_1MM.sphere, 0) };

function puckPlan({ radial, axial }: PuckBody): Plan {
  const middle = (axial.cells - 1) / 2;
  const inner: number[] = [];
  const volumes: number[] = [];
  for (let layer = 0; layer < axial.cells; layer++)
    for (let ring = 0; ring < radial.cells; ring++) {
      const height = axial.centreM[layer]! / axial.faceM[axial.cells]!;
      const reach = radial.centreM[ring]! / radial.faceM[radial.cells]!;
      if (height > 0.1 && height < 0.9 && reach < 0.8) inner.push(layer * radial.cells + ring);
      volumes.push(axial.volumeM3[layer]! * radial.volumeM3[ring]!);
    }
  return {
    centreCell: middle * radial.cells,
    column: Array.from({ length: axial.cells }, (_, layer) => layer * radial.cells),
    place: Array.from(axial.centreM, (at) => at / axial.faceM[axial.cells]!),
    inner,
    meat: inner,
    share: sharesOf(volumes),
  };
}
// places and shares do not depend on the size
let puck: Plan | null = null;

export function bodyOf(piece: StovePiece): Body {
  const { shape, startC } = piece;
  const frozen = startsFrozen(piece);
  const material = materialFor(piece.composition, frozen);
  const line = (grid: Grid, core: QuickLine["core"] = null) =>
    frozen ? new Conduction(grid, material, startC, FROZEN_TOLERANCE_K) : new QuickLine(grid, material, startC, core);
  switch (shape.kind) {
    case "puck": {
      const { rings, layers } = CELLS;
      const { diameterMm, heightMm } = shape;
      const make = (): PuckBody =>
        frozen
          ? new PuckConduction(diameterMm, heightMm, material, startC, rings, layers, FROZEN_TOLERANCE_K)
          : new QuickPuck(diameterMm, heightMm, material, startC, rings, layers);
      return puckBody(make, (puck ??= puckPlan(make())));
    }
    case "slab": {
      const grid = scaledGrid(SLAB_1MM, shape.thicknessMm);
      return lineBody(() => line(grid), false, SLAB);
    }
    case "cylinder":
    case "sphere": {
      const grid = scaledGrid(ROUND_1MM[shape.kind], shape.diameterMm);
      return lineBody(() => line(grid), true, ROUND[shape.kind]);
    }
    case "tube": {
      const grid = scaledGrid(ROUND_1MM.cylinder, shape.diameterMm);
      const wallFromM = (shape.diameterMm / 2 - shape.wallMm) / 1000;
      const cells = Math.max(0, grid.faceM.findIndex((at) => at > wallFromM + 1e-9) - 1);
      const core = cells > 0 ? { material: materialFor(piece.filling ?? USUAL_FILLING, false), cells } : null;
      return lineBody(() => line(grid, core), true, roundPlan(grid, cells));
    }
    default:
      return assertNever(shape);
  }
}
