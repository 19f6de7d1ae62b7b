import { z } from "zod";

/** One step from a form of an earlier release to the next one. */
export type Upgrade = (kept: unknown) => unknown;

/** A form in which facts are kept as JSON in the house file. */
export type StoredForm<T> = {
  /** As a complaint names it. */
  readonly name: string;
  readonly schema: z.ZodType<T>;
  /** `upgrades[0]` makes version 2 of version 1 and so on; what carries no version is version 1. */
  readonly upgrades: readonly Upgrade[];
};

export const storedForm = <T>(
  name: string,
  schema: z.ZodType<T>,
  upgrades: readonly Upgrade[] = [],
): StoredForm<T> => ({
  name,
  schema,
  upgrades,
});

/** What stands in the house file is not what this program keeps: nothing may be concluded from it. */
export class UnreadableFacts extends Error {
  constructor(
    readonly form: string,
    why: string,
  ) {
    super(`The house file holds ${form} that cannot be read: ${why}`);
    this.name = "UnreadableFacts";
  }
}

/** The newest version of a form: the one that is written. */
export const versionOf = ({ upgrades }: StoredForm<unknown>): number => upgrades.length + 1;

const Versioned = z.looseObject({ v: z.number().int().min(2) });

/** The facts of a kept text in today's form, whichever release wrote it. Throws `UnreadableFacts`. */
export function readForm<T>(form: StoredForm<T>, text: string): T {
  let kept: unknown;
  try {
    kept = JSON.parse(text);
  } catch {
    throw new UnreadableFacts(form.name, "it is no JSON");
  }
  let version = 1;
  const versioned = Versioned.safeParse(kept);
  if (versioned.success) {
    const { v, ...facts } = versioned.data;
    version = v;
    kept = facts;
  }
  if (version > versionOf(form)) throw new UnreadableFacts(form.name, `a newer Gaffel wrote it (version ${version})`);
  for (const upgrade of form.upgrades.slice(version - 1)) kept = upgrade(kept);
  const read = form.schema.safeParse(kept);
  if (read.success) return read.data;
  throw new UnreadableFacts(form.name, z.prettifyError(read.error));
}

/** The text that is kept; from version 2 on it carries its version. */
export function writeForm<T>(form: StoredForm<T>, facts: T): string {
  const version = versionOf(form);
  return JSON.stringify(version === 1 ? facts : { v: version, ...facts });
}
