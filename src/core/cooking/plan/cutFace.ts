import { CookRun } from "../model";
import { dryShare, setShare } from "../model";
import { governingMm, resized } from "../model";
import type { Programme } from "./programme";

/** The piece cut open when it is served: rows from the top down, columns across. Null: outside the piece. */
export type CutFace = {
  readonly columns: number;
  readonly rows: number;
  /** How far the myosin has set, row by row. */
  readonly opaque: readonly (number | null)[];
  /** How dry it looks, 0 to 1. */
  readonly dry: readonly (number | null)[];
  readonly temperatureC: readonly (number | null)[];
  /** Width against height of the drawing. */
  readonly aspect: number;
};

const ROWS = 24;
const STRIPS = 7;
/** A fillet thins towards its edges: thickness of each strip against the thickest (estimate, a rounded flank). */
const PROFILE = Array.from({ length: STRIPS }, (_, strip) => {
  const across = (strip + 0.5) / STRIPS;
  return 0.55 + 0.45 * Math.sin(Math.PI * across) ** 0.6;
});
const SLAB_WIDTH = 3;

/** Runs the same seconds once more and cuts the piece across. A fillet is a row of strips, each as thick as it is there. */
export function cutFace(programme: Programme, seconds: readonly number[]): CutFace {
  const { setup } = programme;
  const { shape } = setup.piece;
  if (shape.kind === "slab") {
    const most = governingMm(shape);
    const half = PROFILE.slice(0, (STRIPS + 1) / 2).map((share) => column(programme, seconds, share * most));
    const strips = PROFILE.map((share, strip) => ({ share, ...half[Math.min(strip, STRIPS - 1 - strip)]! }));
    const at = (read: "opaque" | "dry" | "temperatureC") =>
      Array.from({ length: ROWS }, (_, row) =>
        strips.map(({ share, ...strip }) => {
          // it lies on its first face: the thin edge is thin from above
          const height = (ROWS - 1 - row + 0.5) / ROWS / share;
          return height > 1 ? null : strip[read][Math.min(ROWS - 1, Math.floor(height * ROWS))]!;
        }),
      ).flat();
    return {
      columns: STRIPS,
      rows: ROWS,
      opaque: at("opaque"),
      dry: at("dry"),
      temperatureC: at("temperatureC"),
      aspect: SLAB_WIDTH,
    };
  }
  const cook = runOf(programme, seconds);
  if (shape.kind === "puck") return puckFace(cook, shape.diameterMm / shape.heightMm);
  const { column: cells, place } = cook.body;
  const at = (values: (cell: number) => number) =>
    Array.from({ length: ROWS * ROWS }, (_, index) => {
      const [x, y] = [((index % ROWS) + 0.5) / ROWS - 0.5, (Math.floor(index / ROWS) + 0.5) / ROWS - 0.5];
      const reach = Math.hypot(x, y);
      if (reach > 0.5) return null;
      const found = place.findIndex((depth) => depth >= 0.5 - reach);
      return values(cells[found < 0 ? cells.length - 1 : found]!);
    });
  return {
    columns: ROWS,
    rows: ROWS,
    opaque: at((cell) => setShare(cook.flesh.myosin[cell]!)),
    dry: at((cell) => dryShare(cook.flesh.lossPct[cell]!, cook.setup.piece.group)),
    temperatureC: at((cell) => cook.body.temperatureC[cell]!),
    aspect: 1,
  };
}

function runOf(programme: Programme, seconds: readonly number[], thicknessMm?: number): CookRun {
  const { setup, stages } = programme;
  const piece =
    thicknessMm === undefined ? setup.piece : { ...setup.piece, shape: resized(setup.piece.shape, thicknessMm) };
  const cook = new CookRun({ ...setup, piece, wholeFlesh: true });
  for (const [index, stage] of stages.entries()) {
    if (seconds[index]! <= 0) continue;
    cook.enter(stage);
    cook.run(seconds[index]!);
  }
  return cook;
}

function column(programme: Programme, seconds: readonly number[], thicknessMm: number) {
  const { layersC, layersOpaque, layersDry } = runOf(programme, seconds, thicknessMm).snapshot();
  return { opaque: layersOpaque, dry: layersDry, temperatureC: layersC };
}

function puckFace(cook: CookRun, aspect: number): CutFace {
  const { column: axis } = cook.body;
  const layers = axis.length;
  const rings = cook.body.temperatureC.length / layers;
  const columns = 2 * rings;
  const at = (values: (cell: number) => number) =>
    Array.from({ length: layers * columns }, (_, index) => {
      const layer = layers - 1 - Math.floor(index / columns);
      const across = index % columns;
      const ring = across < rings ? rings - 1 - across : across - rings;
      return values(layer * rings + ring);
    });
  return {
    columns,
    rows: layers,
    opaque: at((cell) => setShare(cook.flesh.myosin[cell]!)),
    dry: at((cell) => dryShare(cook.flesh.lossPct[cell]!, cook.setup.piece.group)),
    temperatureC: at((cell) => cook.body.temperatureC[cell]!),
    aspect,
  };
}
