import { z } from "zod";
import type { Preparation, PreparationStep, Side } from "@/core/block";
import { storedForm } from "./form";
import { Spoken } from "./parts";

const Measured = z.looseObject({
  lengthMm: z.number(),
  massG: z.number(),
  profile: z.array(z.looseObject({ atMm: z.number(), thicknessMm: z.number(), widthMm: z.number() })),
});

export const SIDE = storedForm<Side>("a measured side", Measured);
export const SIDES = storedForm<readonly Side[]>("the sides of a batch", z.array(Measured));

/** Raw flesh by its parts, g per 100 g. */
export const Parts = z.looseObject({
  water: z.number(),
  protein: z.number(),
  fat: z.number(),
  carbohydrate: z.number(),
  ash: z.number(),
});

const Piece = z.looseObject({
  shape: z.enum(["slab", "cylinder"]),
  thicknessMm: z.number(),
  massG: z.number(),
  composition: Parts,
  startC: z.number(),
  stuffed: z.boolean(),
  temperedMin: z.number().exactOptional(),
  notes: z.array(Spoken),
});

const Step = z.discriminatedUnion("kind", [
  z.looseObject({ kind: z.literal("brined"), brinePct: z.number(), minutes: z.number() }),
  z.looseObject({ kind: z.literal("evened"), targetPct: z.number(), waterPerFish: z.number() }),
  z.looseObject({ kind: z.literal("stuffed"), stuffingG: z.number() }),
  z.looseObject({ kind: z.literal("rolled"), lengthMm: z.number(), widthMm: z.number() }),
  z.looseObject({ kind: z.literal("tied"), widthMm: z.number() }),
  z.looseObject({ kind: z.literal("skewered") }),
  z.looseObject({ kind: z.literal("breaded"), coatMm: z.number() }),
  z.looseObject({ kind: z.literal("dried"), minutes: z.number() }),
  z.looseObject({ kind: z.literal("tempered"), roomC: z.number(), minutes: z.number() }),
]) satisfies z.ZodType<PreparationStep>;

/** What was done to the portions of a batch, and the piece that came of it. */
export type StoredPreparation = Preparation & { readonly steps: readonly PreparationStep[] };

export const PREPARED = storedForm<StoredPreparation>(
  "what was done to the portions of a batch",
  z.looseObject({ before: Piece, piece: Piece, steps: z.array(Step) }),
);
