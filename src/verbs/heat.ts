import { z } from "zod";
import {
  constantMaterial,
  freezingMaterial,
  materialOf,
  simulateHeat,
  type Face,
  type LineShape,
  type Material,
} from "@/core/heat";
import { InputProblem } from "./problem";

const temperature = z.number().min(-80).max(1200);
const coefficient = z.number().positive().max(100_000);
const lengthMm = z.number().positive().max(1000);

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
  .refine((parts) => Math.abs(Object.values(parts).reduce((sum, part) => sum + part, 0) - 100) <= 2, {
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

function shapeOf(shape: HeatDocument["shape"]): LineShape {
  switch (shape.kind) {
    case "slab":
      return { kind: "slab", thicknessMm: shape.thickness_mm };
    case "puck":
      throw new InputProblem("shape.kind", "this edition computes slab, cylinder and sphere, not yet the puck");
    default:
      return { kind: shape.kind, diameterMm: shape.diameter_mm };
  }
}

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

/** Runs a document; `each` sees every step of the centre. */
export function heat(input: HeatDocument, each?: (timeS: number, centreC: number) => void) {
  const shape = shapeOf(input.shape);
  const isSlab = shape.kind === "slab";
  const stages = input.stages.map((stage, index) => {
    for (const name of isSlab ? (["side"] as const) : (["bottom", "top"] as const)) {
      if (stage[name]) throw new InputProblem(`stages.${index}.${name}`, `a ${shape.kind} has no ${name} face`);
    }
    return {
      seconds: stage.seconds,
      bottom: isSlab ? stageFace(stage, index, "bottom") : ({ kind: "insulated" } as const),
      outer: stageFace(stage, index, isSlab ? "top" : "side"),
    };
  });
  const totalS = stages.reduce((sum, { seconds }) => sum + seconds, 0);
  if (totalS / input.sample_every_s > MOST_SAMPLES) {
    throw new InputProblem("sample_every_s", `more than ${MOST_SAMPLES} samples: sample less often`);
  }
  const trace = simulateHeat({
    shape,
    material: materialFrom(input.material),
    startC: input.start_c,
    stages,
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
