import { z } from "zod";
import type { CookEvent } from "@/core/cooking";
import type { NewEvent } from "@/db/stove/cooks";
import { PIECES_BECAME } from "@/house/lots/piecesBecame";

/** Older than this, ms, a tap counts from here: what lay so long on a tablet was not meant to the second. */
export const OLDEST_TAP_MS = 10 * 60_000;

const common = {
  /** Made when the hand tapped: the same id twice is one tap. */
  id: z.string().regex(/^[\w-]{16,64}$/),
  /** The stage that was on the tablet. */
  stage: z.number().int().min(0).max(30).nullable(),
  /** How long ago the hand tapped. */
  ageMs: z.number().min(0).max(86_400_000),
};

/** One tap at the stove as a tablet sends it. */
export const CookTap = z.discriminatedUnion("kind", [
  z.strictObject({ ...common, kind: z.enum(["paused", "resumed", "advanced", "undone", "silenced"]) }),
  z.strictObject({ ...common, kind: z.literal("abandoned"), became: z.enum(PIECES_BECAME).nullable().default(null) }),
  z.strictObject({ ...common, kind: z.literal("extended"), seconds: z.number().min(-600).max(600) }),
  z.strictObject({ ...common, kind: z.literal("probed"), centreC: z.number().min(-5).max(110) }),
]);
export type CookTapInput = z.infer<typeof CookTap>;

/** What the house answers to a tap; in every case the events as it has them, so that a tablet never shows less. */
export type TapAnswer = {
  readonly ok: boolean;
  readonly events: readonly CookEvent[];
  readonly code?: "stage-passed" | "refused";
  readonly message?: string;
};

export function eventOfTap(tap: CookTapInput): NewEvent {
  switch (tap.kind) {
    case "extended":
      return { kind: tap.kind, amount: tap.seconds, stage: tap.stage };
    case "probed":
      return { kind: tap.kind, amount: tap.centreC };
    case "abandoned":
      return { kind: tap.kind, amount: null, became: tap.became ?? undefined };
    default:
      return { kind: tap.kind, amount: null, stage: tap.stage };
  }
}
