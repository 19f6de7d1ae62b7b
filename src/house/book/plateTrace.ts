import type { Certainty } from "@/core/trace";
import type { Work } from "./recall";

/** Where a lot came into the house. */
export type Door = {
  readonly supplier: string;
  readonly supplierLot: string | null;
  /** Boat or farm, and its water; null: no fish. */
  readonly source: string | null;
  readonly area: string | null;
  readonly caughtAtMs: number | null;
};

/** A lot on the way from the water to the plate. */
export type TraceStep = {
  readonly lotId: string;
  readonly code: string;
  readonly name: string;
  readonly part: string | null;
  readonly isFish: boolean;
  readonly atMs: number;
  readonly certainty: Certainty;
  /** The work that this lot went into on the way; null: it lay on the plate itself, or nobody wrote how it was split off. */
  readonly into: Work | null;
  /** Goods from the shelf that it was made of besides, of which nobody wrote a pack. */
  readonly shelf: readonly string[];
  readonly door: Door | null;
};

export type TracedPart = {
  readonly massG: number;
  readonly certainty: Certainty;
  readonly steps: readonly TraceStep[];
};

export type PlateTrace = {
  readonly id: string;
  readonly atMs: number;
  readonly who: string;
  readonly state: "up" | "gone" | "back";
  /** The card as it was then, and since when it read so. */
  readonly card: { readonly name: string; readonly hash: string; readonly sinceMs: number } | null;
  readonly ticket: { readonly table: string; readonly guest: string | null; readonly course: number } | null;
  readonly cookId: string | null;
  readonly raw: boolean;
  readonly parts: readonly TracedPart[];
  /** What the card asks for and nobody wrote out of which lot it came. */
  readonly unwritten: readonly ("piece" | "sauce" | "garnish")[];
};
