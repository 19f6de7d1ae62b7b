import { said, type Said } from "@/core/shared";
import type { StovePiece, Vessel } from "../model";
import { cues, isBrowned, nearlyThrough } from "./cue";
import { KITCHEN, metal, stage, type StageTemplate } from "./method";

/** One face on hot bars; the same cues show on every fish that lies on them. */
export const onBars =
  (piece: StovePiece, vessel: Vessel) =>
  (id: string, name: string, down: 0 | 1, part: number, task: Said): StageTemplate =>
    stage(piece, {
      id,
      name,
      down,
      under: metal("ridged"),
      over: KITCHEN,
      vessel,
      until: { by: "search", part },
      do: task,
      cue:
        down === 0
          ? cues(said("methods.itStillHoldsLeaveItUntil"), [isBrowned, said("methods.marksSetItLetsGoBy")])
          : cues(said("methods.marksOnBothSidesTheMiddle"), [nearlyThrough, said("methods.marksOnBothSidesOpaqueAt")]),
    });
