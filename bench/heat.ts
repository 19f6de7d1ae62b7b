import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createRequire } from "node:module";
import os from "node:os";
import path from "node:path";
import type { Solver as OdexSolver } from "odex";
import { gridFor, materialOf, QuickLine, simulateHeat } from "@/core/heat";
import { add, char, fastest, median } from "./measure";

// by its file: the path mapping that gives odex its types would lead Node to the types
const { Solver } = createRequire(import.meta.url)("odex/src/odex.js") as { Solver: typeof OdexSolver };

/**
 * A loop of its own against a loop of its own. The fastest of many: a neighbour on the same core takes from a loop that is bound by its
 * loads, and little from the reference, which waits for its divisions.
 */
export function slabLoop(when: string): void {
  const face = { kind: "convection", hWPerM2K: 200, ambientC: 60 } as const;
  const reference = plainLoopUs();
  if (reference === null) {
    process.stderr.write("no C compiler here: the slab loop stands without its reference\n");
    return;
  }
  const grid = gridFor({ kind: "slab", thicknessMm: 28 }, 61, 0);
  const material = materialOf(char.compositionPct);
  const quick = () => {
    const line = new QuickLine(grid, material, 8);
    for (let step = 0; step < 2400; step++) line.step(0.25, face, face);
    return line.centreC();
  };
  add(`600 s of slab, 61 nodes, 0.25 s, ${when}`, fastest(quick, 1500) * 1000, "a plain C loop, now", reference, "µs");
}

/** One careful simulation against an extrapolation method on the same slab. */
export function heat(): void {
  const face = { kind: "convection", hWPerM2K: 200, ambientC: 60 } as const;
  const ours = () =>
    simulateHeat({
      shape: { kind: "slab", thicknessMm: 26 },
      material: materialOf(char.compositionPct),
      startC: 8,
      stages: [{ seconds: 600, bottom: face, outer: face }],
      sampleEveryS: 600,
    });
  // the same slab on an even grid of as many cells, constant properties, by the extrapolation method
  const cells = 81;
  const widthM = 0.026 / cells;
  const capacity = 3.6e6 * widthM;
  const odex = () =>
    new Solver(cells).solve(
      (_, y) =>
        y.map((here, cell) => {
          const wall = (60 - here) / (1 / 200 + widthM / 1);
          const below = cell > 0 ? (0.5 / widthM) * (y[cell - 1]! - here) : wall;
          const above = cell < cells - 1 ? (0.5 / widthM) * (y[cell + 1]! - here) : wall;
          return (below + above) / capacity;
        }),
      0,
      new Array<number>(cells).fill(8),
      600,
    );
  add("one simulation, slab 26 mm, 10 min", median(ours), "odex on the same slab", median(odex, 3));
}

/** Compiles and runs the plain loop of slabLoop.c; µs, or null where there is no compiler. */
function plainLoopUs(): number | null {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-loop-"));
  const program = path.join(folder, "loop");
  try {
    const made = spawnSync("cc", ["-O2", "-o", program, path.join("bench", "slabLoop.c")]);
    if (made.status !== 0) return null;
    return Number(spawnSync(program, { encoding: "utf8" }).stdout.split(" ")[0]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
