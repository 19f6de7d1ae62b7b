import type { Species } from "@/core/species";

/** How sure each family of figures is, those alike together: "names, yield high; life medium". */
export function confidenceWords({ mark: { confidence } }: Pick<Species, "mark">): string {
  const families = Object.entries(confidence);
  return (["high", "medium", "low"] as const)
    .map((level) => ({ level, of: families.filter(([, value]) => value === level).map(([family]) => family) }))
    .filter(({ of }) => of.length > 0)
    .map(({ level, of }) => `${of.join(", ")} ${level}`)
    .join("; ");
}
