import { z } from "zod";
import { addedGrams, planSauce, type MountedQuestion, type Portion, type SauceSpec, type Shelf } from "@/core/butter";
import { panBodyJPerK } from "./panBody";

export const PortionIn = z.strictObject({
  ingredientId: z.string().min(1).max(80),
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
  light: z.boolean().optional(),
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
  /** What the tasting added, for all covers: "+2 g salt, +5 g lemon". */
  readonly taste?: readonly Portion[];
};

export const stoveOf = ({ panMm, netPowerW }: Pick<MountFacts, "panMm" | "netPowerW">) => ({
  pan: { diameterMm: panMm, bodyJPerK: panBodyJPerK(panMm) },
  netPowerW,
  startC: 20,
});

/** What was mounted, from what went in and what the tasting added; null where the spec can no longer be followed. */
export function mountedAs(spec: SauceSpec, facts: MountFacts, shelf: Shelf): MountedQuestion | null {
  const plan = planSauce(spec, facts.covers, stoveOf(facts), shelf);
  if (!plan.ok) return null;
  const { question, covers } = plan.value.batch;
  const factor = facts.covers / covers;
  const { base, add } = question;
  return {
    ...question,
    base: { ...base, massG: base.massG * factor, creamG: base.creamG * factor },
    add: [
      ...add.map((one) => ({ ...one, massG: one.massG * factor })),
      ...(facts.taste ?? []).map((one) => addedGrams(one, shelf)),
    ],
    servedC: facts.servedC,
  };
}
