import type { AnimalId, Part, PartYield } from "@/core/block";

/** A way to break an animal down, with what its parts give in general and gave here. */
export type Way = {
  readonly id: string;
  readonly animal: AnimalId;
  readonly label: string;
  readonly why: string;
  readonly steps: readonly { readonly do: string; readonly keep: readonly string[]; readonly care?: string }[];
  readonly parts: readonly Part[];
  readonly own: readonly PartYield[];
};
