import { addedGrams, type MountedQuestion, type Portion, type SauceSpec, type Shelf } from "@/core/butter";
import { plannedSauce } from "./plannedSauce";

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

/** What was mounted, from what went in and what the tasting added; null where the spec can no longer be followed. */
export function mountedAs(spec: SauceSpec, facts: MountFacts, shelf: Shelf): MountedQuestion | null {
  const plan = plannedSauce(spec, facts.covers, facts, shelf);
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
