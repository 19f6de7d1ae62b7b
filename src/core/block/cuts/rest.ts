import { sumOf } from "@/core/numeric";
import type { PlannedPiece } from "./sidesPlan";

/**
 * The rest of a side is no trim: a stretch from which another portion could have been cut stays a side, and neither the portions nor the
 * tartare pay for it.
 */
export const isRest = ({ role, massG }: Pick<PlannedPiece, "role" | "massG">, portionG: number): boolean =>
  role === "trim" && massG >= portionG;

/** Weight of the rests of a plan, g. */
export const restOf = (pieces: readonly PlannedPiece[], portionG: number): number =>
  sumOf(
    pieces.filter((piece) => isRest(piece, portionG)),
    ({ massG }) => massG,
  );
