import { z } from "zod";
import { findIngredient, planSauce, type MountedQuestion, type Portion, type SauceSpec } from "@/core/butter";
import type { Allergens } from "@/core/larder";
import { ALLERGEN_IDS } from "@/core/safety";

const PortionIn = z.strictObject({
  ingredientId: z.string().refine((id) => findIngredient(id) !== undefined),
  massG: z.number().positive().max(100_000),
});

/** What is stored of a sauce's spec; anything else in the house file is refused, not guessed at. */
export const SauceBody = z.strictObject({
  name: z.string().min(1).max(80),
  covers: z.number().int().positive().max(200),
  goesWith: z.array(z.string()),
  base: z.array(PortionIn),
  reduceToMl: z.number().positive().nullable(),
  mount: z.array(PortionIn),
  servedC: z.number().min(0).max(90),
  strained: z.boolean(),
  baseKeepsDays: z.number().int().min(0).max(30),
}) satisfies z.ZodType<SauceSpec>;

/** How a sauce was made and where it waits: with its spec all that is needed to say what is in it. */
export type MountFacts = {
  readonly covers: number;
  readonly panMm: number;
  readonly netPowerW: number;
  readonly servedC: number;
  readonly surfaceMm: number;
  readonly lid: boolean;
};

export const stoveOf = ({ panMm, netPowerW }: Pick<MountFacts, "panMm" | "netPowerW">) => ({
  pan: { diameterMm: panMm },
  netPowerW,
  startC: 20,
});

/** What was mounted, from what went in; null where the spec can no longer be followed. */
export function mountedAs(spec: SauceSpec, facts: MountFacts): MountedQuestion | null {
  const plan = planSauce(spec, facts.covers, stoveOf(facts));
  if (!plan.ok) return null;
  const { question, covers } = plan.value.batch;
  const factor = facts.covers / covers;
  return {
    base: { ...question.base, massG: question.base.massG * factor, creamG: question.base.creamG * factor },
    add: question.add.map((one) => ({ ...one, massG: one.massG * factor })),
    servedC: facts.servedC,
  };
}

/** What the goods of the shelf bring. A good of one thing is free of what it is not; of a mixture only its label knows. */
export function allergensOf(portions: readonly Portion[]): Allergens {
  const rows = portions.flatMap(({ ingredientId }) => findIngredient(ingredientId) ?? []);
  return Object.fromEntries(
    ALLERGEN_IDS.map((id) => [
      id,
      rows.some(({ allergens }) => allergens.includes(id))
        ? "contains"
        : rows.some(({ compound }) => compound)
          ? "unknown"
          : "free",
    ]),
  ) as Allergens;
}
