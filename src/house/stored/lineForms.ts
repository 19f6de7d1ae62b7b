import { z } from "zod";
import type { CookEvent } from "@/core/cooking";
import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import type { PanPart } from "@/core/line";
import { storedForm } from "./form";
import type { PanStage } from "./panStage";

export const WISHES = storedForm<readonly string[]>("the wishes of a ticket", z.array(z.string()));

export const ALLERGIES = storedForm<readonly AllergenId[]>("the allergies of a ticket", z.array(z.enum(ALLERGEN_IDS)));

export const PAN_STAGES = storedForm<readonly PanStage[]>(
  "the stages of a pan",
  z.array(
    z.looseObject({
      id: z.string(),
      name: z.string(),
      medianS: z.number(),
      keptS: z.number(),
      spot: z.enum(["burner", "oven", "salamander", "fryer", "bath"]).nullable(),
      ovenC: z.number().nullable(),
    }),
  ),
);

const at = { atMs: z.number() };

export const COOK_EVENTS = storedForm<readonly CookEvent[]>(
  "what was done to a pan",
  z.array(
    z.discriminatedUnion("kind", [
      z.looseObject({
        kind: z.enum(["started", "paused", "resumed", "advanced", "abandoned", "undone"]),
        ...at,
      }),
      z.looseObject({ kind: z.enum(["extended", "refitted"]), ...at, seconds: z.number() }),
      z.looseObject({ kind: z.literal("probed"), ...at, centreC: z.number() }),
      z.looseObject({ kind: z.literal("silenced"), ...at, who: z.string() }),
      z.looseObject({ kind: z.literal("foreseen"), ...at, peakC: z.number(), meets: z.boolean() }),
    ]),
  ),
);

export const PAN_PARTS = storedForm<readonly PanPart[]>(
  "the lines of a pan",
  z.array(z.looseObject({ lineId: z.string(), count: z.number() })),
);
