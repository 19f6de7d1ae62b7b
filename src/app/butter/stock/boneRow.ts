import type { Said } from "@/core/shared";

export type BoneRow = {
  readonly id: string;
  readonly title: string;
  readonly code: string;
  readonly massG: number;
  /** Why it may not go into the pot. */
  readonly whyNot: Said | null;
};
