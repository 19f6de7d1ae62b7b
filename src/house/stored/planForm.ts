import { z } from "zod";
import { METHOD_IDS, PAN_IDS, type CookPlan } from "@/core/cooking";
import { RULE_SET_IDS } from "@/core/safety";
import type { StoredPlan } from "../stove/storedPlan";
import { Parts } from "./cutForms";
import { storedForm, type Upgrade } from "./form";
import { Spoken, word } from "./parts";

type Facts = Readonly<Record<string, unknown>>;
const factsOf = (kept: unknown): Facts => (typeof kept === "object" && kept !== null ? (kept as Facts) : {});

/**
 * Version 1 are the plans of the first houses (skin-crisp with an oven finish, of a slab) and those of the later ones, which
 * carried no version either: the method tells them apart.
 */
const nameTheMethod: Upgrade = (kept) => {
  const plan = factsOf(kept);
  if ("methodId" in plan) return kept;
  const { panC, ovenC, thicknessMm, targetC, ...rest } = plan;
  const { times, ...answer } = factsOf(rest["answer"]);
  const { panS = NaN, ovenS = NaN } = factsOf(times) as { readonly panS?: number; readonly ovenS?: number };
  const restS = Number(answer["restS"]);
  return {
    ...rest,
    methodId: "skin-then-oven",
    kit: { panC, ovenC },
    shape: { kind: "slab", thicknessMm },
    thinnestMm: thicknessMm,
    thickestMm: thicknessMm,
    goal: { kind: "centre", targetC },
    ruleSetId: "fda-2022",
    thicknessMm,
    targetC,
    answer: {
      ...answer,
      methodId: "skin-then-oven",
      pullS: panS + ovenS,
      serveS: panS + ovenS + restS,
      stageSeconds: [panS, ovenS, restS],
    },
  };
};

/** What version 1 did not write down, read out of what it did. */
const fillTheAnswer: Upgrade = (kept) => {
  const plan = factsOf(kept);
  const answer = factsOf(plan["answer"]);
  const stages = Array.isArray(answer["stages"]) ? (answer["stages"] as readonly Facts[]) : [];
  const safety = factsOf(answer["safety"]);
  return {
    ...plan,
    answer: {
      carryOver: { risesK: Math.max(0, Number(answer["peakC"]) - Number(answer["pullC"])), usualMostK: null },
      rimMm: 0,
      ...answer,
      stages: stages.map((stage, index) => ({ heat: index < stages.length - 1, ...stage })),
      safety: { figure: "law", reached: safety["meets"], ...safety },
    },
  };
};

const Goal = z.union([
  z.looseObject({ kind: z.enum(["centre", "doneness"]), targetC: z.number() }),
  z.looseObject({ kind: z.literal("rim"), rimMm: z.number() }),
  z.looseObject({ kind: z.literal("safe") }),
]);

const Shape = z.discriminatedUnion("kind", [
  z.looseObject({ kind: z.literal("slab"), thicknessMm: z.number() }),
  z.looseObject({ kind: z.literal("cylinder"), diameterMm: z.number() }),
  z.looseObject({ kind: z.literal("sphere"), diameterMm: z.number() }),
  z.looseObject({ kind: z.literal("puck"), diameterMm: z.number(), heightMm: z.number() }),
  z.looseObject({ kind: z.literal("tube"), diameterMm: z.number(), wallMm: z.number() }),
]);

/** The question of a plan, as the stove asks it. */
export const Question = z.looseObject({
  speciesId: z.string(),
  methodId: z.enum(METHOD_IDS),
  schoolId: z.string().exactOptional(),
  kit: z.looseObject({}),
  shape: Shape,
  thinnestMm: z.number(),
  thickestMm: z.number(),
  form: word<NonNullable<StoredPlan["form"]>>().exactOptional(),
  skin: z.boolean(),
  startC: z.number(),
  panId: z.enum(PAN_IDS),
  goal: Goal,
  pieces: z.number(),
  pieceG: z.number(),
  ruleSetId: z.enum(RULE_SET_IDS),
  composition: Parts.exactOptional(),
  stuffed: z.boolean().exactOptional(),
  temperedMin: z.number().exactOptional(),
});

const Stage = z.looseObject({
  id: z.string(),
  name: z.string(),
  seconds: z.number(),
  face: z.enum(["skin", "flesh", "all", "none"]),
  heat: z.boolean(),
  do: Spoken,
  cue: Spoken,
  probeC: z.number(),
});

/** What is read again out of a kept answer; the rest of it stays as it was written. */
const Answer = z.looseObject({
  methodId: z.enum(METHOD_IDS),
  stages: z.array(Stage),
  stageSeconds: z.array(z.number()),
  pullS: z.number(),
  serveS: z.number(),
  pullC: z.number(),
  peakC: z.number(),
  restS: z.number(),
  rimMm: z.number(),
  band: word<CookPlan["band"]>(),
  // an endless figure has no name in JSON and is kept as null
  carryOver: z.looseObject({
    risesK: z.number(),
    usualMostK: z
      .number()
      .nullable()
      .transform((k) => k ?? Infinity),
  }),
  safety: z.looseObject({
    meets: z.boolean(),
    figure: word<CookPlan["safety"]["figure"]>(),
    reached: z.boolean(),
    asks: Spoken.exactOptional(),
    rule: Spoken.exactOptional(),
    advice: Spoken.exactOptional(),
  }),
});

/** A plan as it was kept when its cook began. */
export const PLAN = storedForm<StoredPlan>(
  "the plan of a cook",
  z.looseObject({
    ...Question.shape,
    thicknessMm: z.number(),
    targetC: z.number().nullable(),
    answer: Answer,
  }) as unknown as z.ZodType<StoredPlan>,
  [(kept) => fillTheAnswer(nameTheMethod(kept))],
);
