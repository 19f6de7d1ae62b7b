import { z } from "zod";
import {
  COOK_FORMS,
  cookFormsOf,
  governingMm,
  METHOD_IDS,
  methodOf,
  openingOf,
  planCook,
  rankMethods,
  shapeFor,
  targetCentreC,
  TARGET_DONENESS,
  TEMPERED_C,
  usualCookForm,
  usualGoal,
  usualPiece,
  usualSchool,
  waysFor,
  type AskedGoal,
  type CookPlan,
  type MethodId,
  type PieceShape,
  type UsualPiece,
} from "@/core/cooking";
import { findSpecies, isCooked, type Species } from "@/core/species";
import { InputProblem } from "./problem";
import { inMetric } from "@/words/say";

const sizeMm = z.number().min(4).max(120);
const ShapeInput = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("slab"), thickness_mm: sizeMm }),
  z.strictObject({ kind: z.literal("cylinder"), diameter_mm: sizeMm }),
  z.strictObject({ kind: z.literal("sphere"), diameter_mm: sizeMm }),
  z.strictObject({ kind: z.literal("puck"), diameter_mm: sizeMm, height_mm: sizeMm }),
  z.strictObject({ kind: z.literal("tube"), diameter_mm: sizeMm, wall_mm: z.number().min(1).max(60) }),
]);

const ovenC = z.number().min(60).max(300);

export const CookInput = z.strictObject({
  species: z.string().min(1).max(80),
  form: z.enum(COOK_FORMS).optional(),
  shape: ShapeInput.optional(),
  skin: z.boolean().optional(),
  start_c: z.number().min(-30).max(40).optional(),
  method: z.enum(METHOD_IDS).optional(),
  school: z.string().max(40).optional(),
  target: z
    .union([
      z.strictObject({ centre_c: z.number().min(25).max(95) }),
      z.strictObject({ doneness: z.enum(TARGET_DONENESS) }),
      z.strictObject({ safe: z.literal(true) }),
      z.strictObject({ rim_mm: z.number().min(1).max(30) }),
      z.strictObject({ usual: z.literal(true) }),
    ])
    .optional(),
  pan_c: z.number().min(80).max(320).optional(),
  oven_c: ovenC.optional(),
  medium_c: z.number().min(30).max(200).optional(),
  second_c: z.number().min(50).max(250).optional(),
  source_c: z.number().min(300).max(1000).optional(),
  distance_mm: z.number().min(20).max(400).optional(),
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

type Target = NonNullable<z.infer<typeof CookInput>["target"]>;

function goalOf(target: Target, species: Species, usual: AskedGoal): AskedGoal {
  if ("safe" in target) return { kind: "safe" };
  if ("usual" in target) return usual;
  if ("rim_mm" in target) return { kind: "rim", rimMm: target.rim_mm };
  if ("centre_c" in target) return { kind: "centre", targetC: target.centre_c };
  return { kind: "doneness", targetC: targetCentreC(species.donenessGroup, target.doneness) };
}

/** What was given of the piece; the rest is what the stove opens with. */
function knownOf({ form, shape, skin, start_c }: z.infer<typeof CookInput>): Partial<UsualPiece> {
  const given = shape && shapeOf(shape);
  return {
    ...(form === undefined ? {} : { form }),
    ...(given ? { shape: given.kind, sizeMm: governingMm(given) } : {}),
    ...(given?.kind === "tube" && form === undefined ? { form: "stuffed" as const } : {}),
    ...(skin === undefined ? {} : { skin }),
    ...(start_c === undefined ? {} : { startC: start_c }),
  };
}

/** Plans for one piece on a 26 cm steel pan; what is absent is what the stove opens with. The verdict is by the US model code. */
export function cook(input: z.infer<typeof CookInput>) {
  const { species, form, piece, shape } = animalOf(input);
  const ways = rankedWays(species, shape, piece);
  if (ways.length === 0 && input.method === undefined)
    throw new InputProblem("shape", `the stove has no way for this animal as a ${shape.kind}`);
  const methodId = input.method ?? openingOf(species, piece).methodId;
  const schoolId = schoolOf(input.school, methodId, piece.sizeMm);
  const usual = usualGoal(species, methodId, form);
  const goal = goalOf(input.target ?? { usual: true }, species, usual);
  const startC = goal.kind === "rim" && input.start_c === undefined ? TEMPERED_C : piece.startC;
  const planned = planCook({
    species,
    shape,
    form,
    skin: piece.skin,
    startC,
    methodId,
    ...(schoolId === null ? {} : { schoolId }),
    kit: kitOf(input),
    goal,
    ruleSetId: "fda-2022",
    pieceG: piece.massG,
  });
  if (!planned.ok) throw new InputProblem("target", inMetric(planned.error.message));
  const { methodId: method, school } = planned.value;
  return {
    method,
    school: school === "" ? null : school,
    form,
    shape: shapeOut(shape),
    start_c: startC,
    ...planOut(planned.value),
    ways,
  };
}

/** The animal, what is asked of it, and what the stove opens with where nothing is. */
function animalOf(input: z.infer<typeof CookInput>) {
  const species = findSpecies(input.species);
  if (!species) throw new InputProblem("species", `no species "${input.species}" in the table`);
  if (!isCooked(species.group))
    throw new InputProblem("species", "eaten raw or warmed off the heat: no pan is planned for it");
  const known = knownOf(input);
  const form = known.form ?? usualCookForm(species);
  if (input.form !== undefined && !cookFormsOf(species).includes(form))
    throw new InputProblem("form", `this animal is cooked as ${cookFormsOf(species).join(", ")}`);
  const piece = { ...usualPiece(species, form), ...known };
  const shape = input.shape
    ? shapeOf(input.shape)
    : shapeFor(piece.shape, piece.sizeMm, piece.massG, species.compositionPct);
  return { species, form, piece, shape };
}

function schoolOf(school: string | undefined, methodId: MethodId, sizeMm: number): string | null {
  if (school === undefined) return usualSchool(methodId, sizeMm);
  const { schools } = methodOf(methodId);
  if (schools.some(({ id }) => id === school)) return school;
  throw new InputProblem(
    "school",
    schools.length > 0
      ? `no school "${school}"; there are ${schools.map(({ id }) => id).join(", ")}`
      : "this method has no schools",
  );
}

function kitOf(input: z.infer<typeof CookInput>) {
  const knobs = {
    panC: input.pan_c,
    ovenC: input.oven_c,
    mediumC: input.medium_c,
    secondC: input.second_c,
    sourceC: input.source_c,
    distanceMm: input.distance_mm,
  };
  return Object.fromEntries(Object.entries(knobs).filter(([, value]) => value !== undefined));
}

function planOut(plan: CookPlan) {
  return {
    stages: plan.stages.map(({ name, seconds, heat, face, do: task, cue, probeC }) => ({
      name,
      seconds,
      heat,
      face,
      do: inMetric(task),
      cue: inMetric(cue),
      probe_c: probeC,
    })),
    pull_c: plan.pullC,
    peak_c: plan.peakC,
    rest_s: plan.restS,
    rim_mm: plan.rimMm,
    window_s: { early: plan.window.earlyS, late: plan.window.lateS },
    safety: {
      meets: plan.safety.meets,
      rule: inMetric(plan.safety.rule),
      advice: inMetric(plan.safety.advice),
    },
    warnings: (plan.refusal ? [plan.refusal.why, ...plan.warnings] : plan.warnings).map(inMetric),
    refused: plan.refusal && { why: inMetric(plan.refusal.why), change: plan.refusal.change.map(inMetric) },
    doneness: plan.band,
    reads_like_c: plan.readsLikeC,
    chance: plan.chance.inBand,
    water_loss_pct: plan.waterLossPct,
    log_reductions: plan.lethality.map(({ organism, logReduction }) => ({ organism, log: logReduction })),
    uncertainty_c: { low: plan.uncertainty.lowC, high: plan.uncertainty.highC },
  };
}

/** Methods for this very piece, best first. */
function rankedWays(species: Species, shape: PieceShape, piece: UsualPiece): readonly MethodId[] {
  if (waysFor({ species, shape, form: piece.form }).length === 0) return [];
  const goal = usualGoal(species, waysFor({ species, shape, form: piece.form })[0]!.id, piece.form);
  const asked = { species, shape, form: piece.form, skin: piece.skin, startC: piece.startC, pieceG: piece.massG };
  return rankMethods({ ...asked, methodId: "steam", goal, ruleSetId: "fda-2022" }).map(({ methodId }) => methodId);
}

function shapeOut(shape: PieceShape) {
  switch (shape.kind) {
    case "slab":
      return { kind: shape.kind, thickness_mm: shape.thicknessMm };
    case "puck":
      return { kind: shape.kind, diameter_mm: shape.diameterMm, height_mm: shape.heightMm };
    case "tube":
      return { kind: shape.kind, diameter_mm: shape.diameterMm, wall_mm: shape.wallMm };
    default:
      return { kind: shape.kind, diameter_mm: shape.diameterMm };
  }
}
