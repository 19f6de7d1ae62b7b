import type { SpotKind } from "@/core/cooking";

/** A stage of a pan as the line counts with it. */
export type PanStage = {
  readonly id: string;
  readonly name: string;
  /** As the stove plans it, and as it is kept on four evenings of five, s. */
  readonly medianS: number;
  readonly keptS: number;
  /** Null: it needs none, it tempers, rests or stands. */
  readonly spot: SpotKind | null;
  readonly ovenC: number | null;
};
