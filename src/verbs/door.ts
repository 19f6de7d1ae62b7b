import { z } from "zod";
import { judgeAtDoor, schemeFor, type Grades } from "@/core/freshness";
import { InputProblem } from "./problem";
import { assertForm, assertState, FORM_IDS, RuleInput, speciesFrom, SpeciesInput } from "./species";
import { inMetric } from "@/words/say";

export const DeathsInput = z
  .strictObject({ dead: z.number().int().min(0), counted: z.number().int().min(1).max(100_000) })
  .refine(({ dead, counted }) => dead <= counted, { message: "more dead than counted", path: ["dead"] });

export const DoorInput = z.strictObject({
  rule: RuleInput,
  species: SpeciesInput,
  form: z.enum(FORM_IDS),
  state: z.enum(["chilled", "frozen", "live"]),
  celsius: z.number().min(-60).max(60).optional(),
  days_since_catch: z.number().min(0).max(3650).optional(),
  grades: z
    .record(z.string(), z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)], "a grade is 0, 1, 2 or 3"))
    .optional(),
  deaths: DeathsInput.optional(),
});

/** The verdict at the door. */
export function door(input: z.infer<typeof DoorInput>) {
  const species = speciesFrom(input.species);
  const { form, state, grades = {} } = input;
  const frozen = state === "frozen";
  assertForm(species, form);
  assertState(form, state);
  const signs = schemeFor(species, form, frozen).attributes.map(({ id }) => id);
  const unknown = Object.keys(grades).find((id) => !signs.includes(id));
  if (unknown !== undefined)
    throw new InputProblem(`grades.${unknown}`, `no sign "${unknown}" here; there are ${signs.join(", ")}`);
  const { verdict, complete, stillToLookAt, reasons } = judgeAtDoor({
    ruleSetId: input.rule,
    species,
    form,
    frozen,
    grades: grades as Grades,
    receiptC: input.celsius ?? null,
    daysSinceCatch: input.days_since_catch ?? null,
    deaths: input.deaths ?? null,
  });
  return {
    verdict,
    complete,
    still_to_look_at: stillToLookAt.map((one) => (one.kind === "sign" ? one.attribute.id : one.kind)),
    reasons: reasons.map(({ weight, code, text, source }) => ({ weight, code, text: inMetric(text), source })),
  };
}
