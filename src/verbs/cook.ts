import { z } from "zod";
import { METHOD_IDS, planCook, targetCentreC, TARGET_DONENESS, type PieceShape } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import { InputProblem } from "./problem";

const sizeMm = z.number().min(4).max(120);
const ShapeInput = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("slab"), thickness_mm: sizeMm }),
  z.strictObject({ kind: z.literal("cylinder"), diameter_mm: sizeMm }),
  z.strictObject({ kind: z.literal("sphere"), diameter_mm: sizeMm }),
  z.strictObject({ kind: z.literal("puck"), diameter_mm: sizeMm, height_mm: sizeMm }),
  z.strictObject({ kind: z.literal("tube"), diameter_mm: sizeMm, wall_mm: z.number().min(1).max(60) }),
]);

const ovenC = z.number().min(60).max(300);

export const CookInput = z
  .strictObject({
    species: z.string().min(1).max(80),
    shape: ShapeInput,
    skin: z.boolean(),
    start_c: z.number().min(-30).max(40),
    method: z.enum(METHOD_IDS),
    school: z.string().max(40).optional(),
    target: z.union([
      z.strictObject({ centre_c: z.number().min(25).max(85) }),
      z.strictObject({ doneness: z.enum(TARGET_DONENESS) }),
      z.strictObject({ safe: z.literal(true) }),
    ]),
    pan_c: z.number().min(80).max(320).optional(),
    oven_c: ovenC.optional(),
    medium_c: z.number().min(30).max(200).optional(),
    second_c: z.number().min(50).max(250).optional(),
    source_c: z.number().min(300).max(1000).optional(),
    distance_mm: z.number().min(20).max(400).optional(),
  })
  .superRefine((input, context) => {
    if (input.method !== "skin-then-oven") return;
    for (const key of ["pan_c", "oven_c"] as const)
      if (input[key] === undefined)
        context.addIssue({ code: "custom", path: [key], message: "this method needs the temperature" });
  });

function shapeOf(shape: z.infer<typeof ShapeInput>): PieceShape {
  switch (shape.kind) {
    case "slab":
      return { kind: "slab", thicknessMm: shape.thickness_mm };
    case "puck":
      return { kind: "puck", diameterMm: shape.diameter_mm, heightMm: shape.height_mm };
    case "tube":
      if (shape.wall_mm * 2 >= shape.diameter_mm)
        throw new InputProblem("shape.wall_mm", "the walls meet: thinner than half the tube");
      return { kind: "tube", diameterMm: shape.diameter_mm, wallMm: shape.wall_mm };
    default:
      return { kind: shape.kind, diameterMm: shape.diameter_mm };
  }
}

/** Plans for one piece on a 26 cm steel pan; the verdict is by the US model code. */
export function cook(input: z.infer<typeof CookInput>) {
  const species = findSpecies(input.species);
  if (!species) throw new InputProblem("species", `no species "${input.species}" in the table`);
  const { target } = input;
  const knobs = {
    panC: input.pan_c,
    ovenC: input.oven_c,
    mediumC: input.medium_c,
    secondC: input.second_c,
    sourceC: input.source_c,
    distanceMm: input.distance_mm,
  };
  const goal =
    "safe" in target
      ? ({ kind: "safe" } as const)
      : "centre_c" in target
        ? ({ kind: "centre", targetC: target.centre_c } as const)
        : ({ kind: "doneness", targetC: targetCentreC(species.donenessGroup, target.doneness) } as const);
  const planned = planCook({
    species,
    shape: shapeOf(input.shape),
    skin: input.skin,
    startC: input.start_c,
    methodId: input.method,
    ...(input.school === undefined ? {} : { schoolId: input.school }),
    kit: Object.fromEntries(Object.entries(knobs).filter(([, value]) => value !== undefined)),
    goal,
    ruleSetId: "fda-2022",
  });
  if (!planned.ok) throw new InputProblem("target", planned.error.message);
  const plan = planned.value;
  return {
    stages: plan.stages.map(({ name, seconds, face, do: task, cue, probeC }) => ({
      name,
      seconds,
      face,
      do: task,
      cue,
      probe_c: probeC,
    })),
    pull_c: plan.pullC,
    peak_c: plan.peakC,
    rest_s: plan.restS,
    window_s: { early: plan.window.earlyS, late: plan.window.lateS },
    safety: {
      meets: plan.safety.meets,
      rule: `${plan.safety.edition}: ${plan.safety.rule}`,
      advice: plan.safety.advice,
    },
    warnings: plan.refusal ? [plan.refusal.why, ...plan.warnings] : plan.warnings,
    refused: plan.refusal,
    doneness: plan.band,
    reads_like_c: plan.readsLikeC,
    chance: plan.chance.inBand,
    water_loss_pct: plan.waterLossPct,
    log_reductions: plan.lethality.map(({ organism, logReduction }) => ({ organism, log: logReduction })),
    uncertainty_c: { low: plan.uncertainty.lowC, high: plan.uncertainty.highC },
  };
}
