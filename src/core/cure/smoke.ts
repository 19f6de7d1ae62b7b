import { inCelsius, said, type Said, inFigures } from "@/core/shared";
import { FOOD_CODE } from "@/core/safety";
import { VACUUM_WORDS } from "./salting";

export type SmokeRequest = {
  /** Air in the box. */
  readonly boxC: number;
  readonly minutes: number;
  /** Salt in the water of the flesh where it is least. */
  readonly waterPhasePct: number;
  /** The parasite rule of the house is met. */
  readonly cleared: boolean;
  readonly vacuumPacked: boolean;
};

export type SmokeAdvice = { readonly level: "ok" | "care" | "stop"; readonly text: Said; readonly source: string };

/** A few minutes in a covered box over ice keeps the fish cold; a long cold smoke stays below 30 °C. */
export const SMOKE_LIMITS = {
  /** No "go ahead" for longer, h: what is smoked to keep is a plan of its own. */
  longestH: 12,
  lightMaxC: 10,
  coldMaxC: 30,
  lightMinutes: 30,
  saltPct: 3.5,
  source: "common practice; FDA hazards guidance ch. 12, 13 for cold-smoked fish (memory, medium)",
} as const;

/** What to mind in a light cold smoke: it flavours and does not make safe. */
export function adviseSmoke({
  boxC,
  minutes,
  waterPhasePct,
  cleared,
  vacuumPacked,
}: SmokeRequest): readonly SmokeAdvice[] {
  const advice: SmokeAdvice[] = [];
  const say = (level: SmokeAdvice["level"], text: Said, source: string = SMOKE_LIMITS.source) =>
    advice.push({ level, text, source });
  if (!cleared) say("stop", said("cure.coldSmokeKillsNoParasiteSay"), "parasite rule of the house");
  if (boxC > SMOKE_LIMITS.coldMaxC)
    say(
      "stop",
      said("cure.boxIsNeitherColdSmokeNor", { box: inCelsius(boxC, 0), coldMax: inCelsius(SMOKE_LIMITS.coldMaxC) }),
    );
  else if (boxC > SMOKE_LIMITS.lightMaxC && minutes > SMOKE_LIMITS.lightMinutes)
    say("care", said("cure.aboveLightMaxTheseMinutesCountAs", { lightMax: inCelsius(SMOKE_LIMITS.lightMaxC) }));
  if (minutes > SMOKE_LIMITS.lightMinutes && waterPhasePct < SMOKE_LIMITS.saltPct)
    say(
      "stop",
      said("cure.aLongColdSmokeWantsSalt", { salt: SMOKE_LIMITS.saltPct, waterPhase: inFigures(waterPhasePct, 1) }),
    );
  if (minutes > SMOKE_LIMITS.longestH * 60)
    say(
      "stop",
      said("cure.smokedToKeep", { longest: SMOKE_LIMITS.longestH }),
      `${FOOD_CODE}, 3-502.11 (memory, high); 12 h ours`,
    );
  if (vacuumPacked)
    say("stop", VACUUM_WORDS, `${FOOD_CODE}, 3-502.11, 3-502.12; hazards guidance ch. 13 (memory, high)`);
  if (advice.every(({ level }) => level !== "stop"))
    say("ok", said("cure.oilTheFleshLightlyCoverThe"), "common practice");
  say("care", said("cure.coldSmokedFishIsRawListeria"), "FDA hazards guidance ch. 12 (memory, medium)");
  return advice;
}
