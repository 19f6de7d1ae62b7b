import { type Said } from "@/core/shared";
import type { AtEnd, StageTemplate } from "../methods";
import type { StovePiece } from "../model";
import type { CookOutcome, StageEnd } from "./programme";

/** One step at the stove: what to do, what to look for, what the probe reads at its end, how long. */
export type CookStage = {
  readonly id: string;
  readonly name: string;
  readonly seconds: number;
  /** The side on the heat. */
  readonly face: "skin" | "flesh" | "all" | "none";
  /** The piece is on, in or under the heat; false: tempering, resting, standing, cooling, at the table. */
  readonly heat: boolean;
  readonly do: Said;
  readonly cue: Said;
  readonly probeC: number;
};

function faceOf({ under, over, down }: StageTemplate, piece: StovePiece): CookStage["face"] {
  if (under.on !== "vessel") return "none";
  if (under === over || piece.shape.kind === "cylinder" || piece.shape.kind === "sphere") return "all";
  if (!piece.skin) return down === 0 ? "flesh" : "none";
  return down === 0 ? "skin" : "flesh";
}

/** Somebody heats it, or what surrounds it is hotter than a room by itself. */
export const isHeat = ({ heat, over, around, until }: StageTemplate): boolean =>
  until.by !== "rest" &&
  (heat.by !== "nobody" ||
    over.on === "steam" ||
    over.on === "glow" ||
    around.on === "glow" ||
    (over.on === "air" && over.kind === "oven"));

/** The stages that take any time, with what the piece is like at the end of each. */
export function stagesOf(
  templates: readonly StageTemplate[],
  piece: StovePiece,
  outcome: CookOutcome,
  bandOfEnd: (end: StageEnd) => AtEnd["band"],
): readonly CookStage[] {
  return templates.flatMap((template, index) => {
    const seconds = outcome.seconds[index]!;
    if (seconds <= 0) return [];
    const last = index === templates.length - 1;
    const end = outcome.ends[index]!;
    const { cue } = template;
    return [
      {
        id: template.id,
        name: template.name,
        seconds,
        face: faceOf(template, piece),
        do: template.do,
        heat: isHeat(template),
        cue: cue({ ...end, seconds, group: piece.group, band: bandOfEnd(end) }),
        probeC: last ? outcome.restPeakC : end.centreC,
      },
    ];
  });
}
