import type { DonenessGroup } from "@/core/species";
import type { StageTemplate } from "./methods";
import type { StovePiece } from "./piece";
import type { CookOutcome } from "./programme";

/** One step at the stove: what to do, what to look for, what the probe reads at its end, how long. */
export type CookStage = {
  readonly id: string;
  readonly name: string;
  readonly seconds: number;
  /** The side on the heat. */
  readonly face: "skin" | "flesh" | "all" | "none";
  readonly do: string;
  readonly cue: string;
  readonly probeC: number;
};

const FEEL: Record<DonenessGroup, string> = {
  salmonid: "Layers just slide under the thumb, the middle still glossy.",
  "white-flake": "Big flakes part under a gentle thumb, the middle pearly.",
  flat: "Opaque and moist, flakes lift from each other.",
  dense: "Springs back like a cooked lobster tail.",
  tuna: "Grey rim, red and warm inside.",
  scallop: "Springs back, the middle just glassy.",
  lobster: "Opaque with a pearl, firm as the tip of the nose.",
  shrimp: "Opaque, curled to a C, a little give.",
  squid: "Opaque at once, still tender.",
  octopus: "A skewer slides through the thick end.",
};

function faceOf({ under, over, down }: StageTemplate, piece: StovePiece): CookStage["face"] {
  if (under.on !== "vessel") return "none";
  if (under === over || piece.shape.kind === "cylinder" || piece.shape.kind === "sphere") return "all";
  if (!piece.skin) return down === 0 ? "flesh" : "none";
  return down === 0 ? "skin" : "flesh";
}

/** The stages that take any time, with what the piece is like at the end of each. */
export function stagesOf(
  templates: readonly StageTemplate[],
  piece: StovePiece,
  outcome: CookOutcome,
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
        cue: typeof cue === "string" ? cue : cue({ ...end, feel: FEEL[piece.group] }),
        probeC: last ? outcome.restPeakC : end.centreC,
      },
    ];
  });
}
