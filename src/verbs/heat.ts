import { sum, sumOf } from "@/core/numeric";
import { z } from "zod";
import {
  constantMaterial,
  freezingMaterial,
  lineCellSteps,
  materialOf,
  puckCellSteps,
  simulateHeat,
  simulatePuck,
  type Face,
  type LineShape,
  type Material,
} from "@/core/heat";
import { InputProblem } from "./problem";

const temperature = z.number().min(-80).max(1200);
const coefficient = z.number().positive().max(100_000);
const lengthMm = z.number().min(1, "1 mm at least").max(1000);

const FaceInput = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("convection"), h_w_m2k: coefficient, ambient_c: temperature }),
  z.strictObject({ kind: z.literal("fixed"), surface_c: temperature }),
  z.strictObject({ kind: z.literal("insulated") }),
  z.strictObject({
    kind: z.literal("radiation"),
    emissivity: z.number().positive().max(1),
    source_c: temperature,
    h_w_m2k: z.number().min(0).max(100_000),
    ambient_c: temperature,
  }),
]);

const ShapeInput = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("slab"), thickness_mm: lengthMm }),
  z.strictObject({ kind: z.literal("cylinder"), diameter_mm: lengthMm }),
  z.strictObject({ kind: z.literal("sphere"), diameter_mm: lengthMm }),
  z.strictObject({ kind: z.literal("puck"), diameter_mm: lengthMm, height_mm: lengthMm }),
]);

const share = z.number().min(0).max(100);
const CompositionInput = z
  .strictObject({ water_pct: share, protein_pct: share, fat_pct: share, carbohydrate_pct: share, ash_pct: share })
  .refine((parts) => Math.abs(sum(Object.values(parts)) - 100) <= 2, {
    message: "the shares must sum to 100 (98 to 102 is taken and scaled)",
  });

const MaterialInput = z.union([
  z.strictObject({ composition: CompositionInput, initial_freezing_c: z.number().min(-30).max(-0.05).optional() }),
  z.strictObject({
    conductivity_w_mk: z.number().positive().max(1000),
    density_kg_m3: z.number().positive().max(30_000),
    heat_capacity_j_kgk: z.number().positive().max(20_000),
  }),
]);

const StageInput = z.strictObject({
  seconds: z.number().positive().max(1_000_000),
  bottom: FaceInput.optional(),
  top: FaceInput.optional(),
  side: FaceInput.optional(),
});

export const HeatInput = z.strictObject({
  shape: ShapeInput,
  material: MaterialInput,
  start_c: z.number().min(-60).max(150),
  stages: z.array(StageInput).min(1, "give at least one stage").max(200),
  sample_every_s: z.number().positive().max(1_000_000).default(10),
});

type HeatDocument = z.infer<typeof HeatInput>;
type FaceDocument = z.infer<typeof FaceInput>;

const MOST_SAMPLES = 50_000;
/** Cells times steps of one document: with ice some twenty seconds of work. */
const MOST_CELL_STEPS = 60e6;

function faceOf(face: FaceDocument): Face {
  switch (face.kind) {
    case "convection":
      return { kind: "convection", hWPerM2K: face.h_w_m2k, ambientC: face.ambient_c };
    case "fixed":
      return { kind: "fixed", surfaceC: face.surface_c };
    case "insulated":
      return { kind: "insulated" };
    case "radiation":
      return {
        kind: "radiation",
        emissivity: face.emissivity,
        sourceC: face.source_c,
        hWPerM2K: face.h_w_m2k,
        ambientC: face.ambient_c,
      };
  }
}

type PuckShape = Extract<HeatDocument["shape"], { kind: "puck" }>;

const lineOf = (shape: Exclude<HeatDocument["shape"], PuckShape>): LineShape =>
  shape.kind === "slab"
    ? { kind: "slab", thicknessMm: shape.thickness_mm }
    : { kind: shape.kind, diameterMm: shape.diameter_mm };

function materialFrom(material: HeatDocument["material"]): Material {
  if ("composition" in material) {
    const { water_pct, protein_pct, fat_pct, carbohydrate_pct, ash_pct } = material.composition;
    const composition = {
      water: water_pct,
      protein: protein_pct,
      fat: fat_pct,
      carbohydrate: carbohydrate_pct,
      ash: ash_pct,
    };
    const freezingC = material.initial_freezing_c;
    return freezingC === undefined ? materialOf(composition) : freezingMaterial(composition, freezingC);
  }
  return constantMaterial({
    conductivityWPerMK: material.conductivity_w_mk,
    densityKgPerM3: material.density_kg_m3,
    heatCapacityJPerKgK: material.heat_capacity_j_kgk,
  });
}

/** The face a stage must give for this shape; a face the shape does not have is refused. */
function stageFace(stage: HeatDocument["stages"][number], index: number, name: "bottom" | "top" | "side"): Face {
  const face = stage[name];
  if (!face) throw new InputProblem(`stages.${index}.${name}`, `this shape needs a ${name} face`);
  return faceOf(face);
}

type EachStep = (timeS: number, centreC: number) => void;

const FACES = {
  slab: ["bottom", "top"],
  cylinder: ["side"],
  sphere: ["side"],
  puck: ["bottom", "top", "side"],
} as const;

/** Runs a document; `each` sees every step of the centre. */
export function heat(input: HeatDocument, each?: EachStep) {
  const { shape } = input;
  const has: readonly string[] = FACES[shape.kind];
  for (const [index, stage] of input.stages.entries())
    for (const name of ["bottom", "top", "side"] as const)
      if (stage[name] && !has.includes(name))
        throw new InputProblem(`stages.${index}.${name}`, `a ${shape.kind} has no ${name} face`);
  const totalS = sumOf(input.stages, ({ seconds }) => seconds);
  if (totalS / input.sample_every_s > MOST_SAMPLES) {
    throw new InputProblem("sample_every_s", `more than ${MOST_SAMPLES} samples: sample less often`);
  }
  const material = materialFrom(input.material);
  const asked = { material, stages: input.stages, sampleEveryS: input.sample_every_s };
  const work =
    shape.kind === "puck"
      ? puckCellSteps({ ...asked, diameterMm: shape.diameter_mm, heightMm: shape.height_mm })
      : lineCellSteps(asked, lineOf(shape));
  if (work > MOST_CELL_STEPS)
    throw new InputProblem(
      "stages",
      `${Math.round(work / 1e6)} million cells to step, at most ${MOST_CELL_STEPS / 1e6} million: shorter stages, fewer of them or a thicker piece`,
    );
  return shape.kind === "puck" ? heatPuck(input, shape, each) : heatLine(input, lineOf(shape), each);
}

function heatLine(input: HeatDocument, shape: LineShape, each?: EachStep) {
  const isSlab = shape.kind === "slab";
  const trace = simulateHeat({
    shape,
    material: materialFrom(input.material),
    startC: input.start_c,
    stages: input.stages.map((stage, index) => ({
      seconds: stage.seconds,
      bottom: isSlab ? stageFace(stage, index, "bottom") : ({ kind: "insulated" } as const),
      outer: stageFace(stage, index, isSlab ? "top" : "side"),
    })),
    sampleEveryS: input.sample_every_s,
    ...(each ? { each: (timeS, body) => each(timeS, body.centreC()) } : {}),
  });
  return {
    times_s: trace.timesS,
    centre_c: trace.centreC,
    coldest_c: trace.coldestC,
    mean_c: trace.meanC,
    surface_c: isSlab ? { bottom: trace.innerSurfaceC, top: trace.outerSurfaceC } : { side: trace.outerSurfaceC },
    heat_taken_up_j: trace.heatTakenUpJ,
  };
}

/** Surfaces of a puck are those at the middle of each face. */
function heatPuck(input: HeatDocument, shape: PuckShape, each?: EachStep) {
  const trace = simulatePuck({
    diameterMm: shape.diameter_mm,
    heightMm: shape.height_mm,
    material: materialFrom(input.material),
    startC: input.start_c,
    stages: input.stages.map((stage, index) => ({
      seconds: stage.seconds,
      bottom: stageFace(stage, index, "bottom"),
      top: stageFace(stage, index, "top"),
      side: stageFace(stage, index, "side"),
    })),
    sampleEveryS: input.sample_every_s,
    ...(each ? { each: (timeS, body) => each(timeS, body.centreC()) } : {}),
  });
  return {
    times_s: trace.timesS,
    centre_c: trace.centreC,
    coldest_c: trace.coldestC,
    mean_c: trace.meanC,
    surface_c: { bottom: trace.bottomC, top: trace.topC, side: trace.sideC },
    heat_taken_up_j: trace.heatTakenUpJ,
  };
}
