import { findSpecies } from "@/core/species";
import { methodOf, type Method, type MethodId, type StageTemplate } from "../methods";
import { shapeFor, type Touch } from "../model";
import { jobOf, type Job } from "./request";

/** What of the station a stage holds while it runs. */
export type SpotKind = "burner" | "oven" | "salamander" | "fryer" | "bath";
export type StageSpot = {
  readonly stageId: string;
  /** Null: it needs none, it tempers, rests or stands. */
  readonly spot: SpotKind | null;
  /** What the oven is at meanwhile, °C; null: it is no oven. */
  readonly ovenC: number | null;
  /** The pan, pot, fryer or bath it lies in; null: on a tray or in none. */
  readonly vesselId: string | null;
};

const parts = (touch: Touch): readonly Touch[] => (touch.on === "mix" ? touch.of.map(([, one]) => one) : [touch]);

function spotOf({ id, heat, vessel, over, around, until }: StageTemplate, { bath = false }: Method): StageSpot {
  const touches = [...parts(over), ...parts(around)];
  const air = touches.find((touch) => touch.on === "air" && touch.kind === "oven");
  const oven = heat.by === "oven" ? heat.airC : air?.on === "air" ? air.airC : null;
  const on = (spot: SpotKind | null, ovenC: number | null = null): StageSpot => ({
    stageId: id,
    spot,
    ovenC,
    vesselId: vessel?.id ?? null,
  });
  if (until.by === "rest") return on(null);
  if (oven !== null) return on("oven", oven);
  if (touches.some((touch) => touch.on === "glow")) return on("salamander");
  const burns = heat.by === "burner";
  if (burns && vessel?.id === "fryer") return on("fryer");
  if (burns && vessel?.id === "bath" && bath) return on("bath");
  return on(burns || touches.some((touch) => touch.on === "steam") ? "burner" : null);
}

/** Which spot each stage of a cook holds. */
export const spotsOf = ({ stages, method }: Job): readonly StageSpot[] => stages.map((stage) => spotOf(stage, method));

const USUAL_G = 150;
const known = new Map<MethodId, readonly StageSpot[]>();

/** Which spots a way of cooking holds at its usual settings: they do not change with the animal. */
export function spotsOfMethod(methodId: MethodId): readonly StageSpot[] {
  const found = known.get(methodId);
  if (found) return found;
  const { suits } = methodOf(methodId);
  const species = findSpecies("cod")!;
  const shape = shapeFor(suits.shapes[0]!, suits.thicknessMm[0], USUAL_G, species.compositionPct);
  const goal = { kind: "centre", targetC: 50 } as const;
  const spots = spotsOf(jobOf({ species, shape, skin: true, startC: 8, methodId, ruleSetId: "eu-853", goal }));
  known.set(methodId, spots);
  return spots;
}
