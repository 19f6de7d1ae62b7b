import type { Reduction, Shelf } from "@/core/butter";
import { wayDown, type FilledPan } from "./panClock";
import { mixtureOfParts } from "./reduceBench";
import type { ReductionFacts } from "../stored/reductionFacts";

type Asked = Pick<ReductionFacts, "parts" | "toMl" | "panMm" | "netPowerW">;

/** A pan as it was filled from the shelf. */
export const filledPan = ({ parts, toMl, panMm, netPowerW }: Asked, shelf: Shelf): FilledPan => ({
  mixture: mixtureOfParts(parts, shelf),
  toMl,
  panMm,
  netPowerW,
});

/** The way the model has it go; null: it can no longer be worked out. */
export const reductionOf = (asked: Asked, shelf: Shelf): Reduction | null => wayDown(filledPan(asked, shelf));
