import { sumOf } from "@/core/numeric";
import { ok, type Result, type Said } from "@/core/shared";
import { waitThrough, type Waiting } from "../mount/bain";
import { mountingOf, type ButterSchool, type HeatSchool, type Mounting } from "../mount/mounting";
import type { Mounted } from "../mount/mounted";
import { planSauce, type SauceSpec, type Stove } from "./sauce";
import { COMMON_SHELF, ingredientOf, type Shelf } from "../shelf/shelf";

/** One way to make the same sauce; the first is the default of a busy line. */
export type School = {
  readonly id: "with-cream" | "alone" | "whipped" | "soft";
  readonly spec: SauceSpec;
  readonly butter: ButterSchool;
  readonly heat: HeatSchool;
};

const CREAM_PER_BUTTER = 0.12;

const isCream = (mountsAs: string | null) => mountsAs === "cream" || mountsAs === "creme-fraiche";

/** The schools of a sauce that is mounted with butter; none where no butter goes in. */
export function schoolsOf(spec: SauceSpec, shelf: Shelf = COMMON_SHELF): readonly School[] {
  const as = (id: string) => ingredientOf(id, shelf).mountsAs;
  const butterG = sumOf(spec.mount, ({ ingredientId, massG }) => (as(ingredientId) === "butter" ? massG : 0));
  if (butterG === 0) return [];
  const without = spec.mount.filter(({ ingredientId }) => !isCream(as(ingredientId)));
  const hasCream =
    without.length < spec.mount.length || spec.base.some(({ ingredientId }) => isCream(as(ingredientId)));
  const creamed = hasCream
    ? spec
    : { ...spec, mount: [{ ingredientId: "cream", massG: butterG * CREAM_PER_BUTTER }, ...spec.mount] };
  const alone = { ...spec, mount: without };
  const iced = spec.mount.map((one) =>
    // a tenth of ice goes into the butter beside what the house counts
    one.ingredientId === "butter" ? { ingredientId: "whipped-butter", massG: one.massG * 1.1 } : one,
  );
  return [
    { id: "with-cream", spec: creamed, butter: "cold", heat: "flame" },
    { id: "alone", spec: alone, butter: "cold", heat: "bath" },
    { id: "soft", spec: alone, butter: "soft", heat: "bath" },
    { id: "whipped", spec: { ...spec, mount: iced }, butter: "whipped", heat: "flame" },
  ];
}

export type SchoolAnswer = {
  readonly id: School["id"];
  readonly heat: HeatSchool;
  readonly gPerCover: number;
  readonly sauce: Mounted;
  readonly mounting: Mounting;
  /** As it stands in the bain; null: through the minutes asked. */
  readonly holdsUntilMin: number | null;
};

/** The schools side by side: what is in each, how long it takes and how long it waits. */
export function compareSchools(
  spec: SauceSpec,
  covers: number,
  stove: Stove,
  waiting: Waiting,
  minutes: number,
  shelf: Shelf = COMMON_SHELF,
): Result<readonly SchoolAnswer[], Said> {
  const answers: SchoolAnswer[] = [];
  for (const { id, spec: way, butter, heat } of schoolsOf(spec, shelf)) {
    const plan = planSauce(way, covers, stove, shelf);
    if (!plan.ok) return plan;
    const { batch } = plan.value;
    const addedG = sumOf(batch.question.add, (one) => one.massG);
    answers.push({
      id,
      heat,
      gPerCover: batch.sauce.massG / batch.covers,
      sauce: batch.sauce,
      mounting: mountingOf(batch.question.base.massG, addedG, way.servedC, butter, heat),
      holdsUntilMin: waitThrough(batch.question, waiting, minutes).holdsUntilMin,
    });
  }
  return ok(answers);
}
