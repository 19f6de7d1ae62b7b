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

export type SmokeAdvice = { readonly level: "ok" | "care" | "stop"; readonly text: string; readonly source: string };

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
  const say = (level: SmokeAdvice["level"], text: string, source: string = SMOKE_LIMITS.source) =>
    advice.push({ level, text, source });
  if (!cleared)
    say(
      "stop",
      "Cold smoke kills no parasite: say which lot it is; it must meet the parasite rule first.",
      "parasite rule of the house",
    );
  if (boxC > SMOKE_LIMITS.coldMaxC)
    say(
      "stop",
      `${boxC.toFixed(0)} °C is neither cold smoke nor cooking: flesh sets and bacteria grow. Keep it below ${SMOKE_LIMITS.coldMaxC} °C.`,
    );
  else if (boxC > SMOKE_LIMITS.lightMaxC && minutes > SMOKE_LIMITS.lightMinutes)
    say(
      "care",
      `Above ${SMOKE_LIMITS.lightMaxC} °C these minutes count as time out of the cold: ice under the tray, or a shorter smoke.`,
    );
  if (minutes > SMOKE_LIMITS.lightMinutes && waterPhasePct < SMOKE_LIMITS.saltPct)
    say(
      "stop",
      `A long cold smoke wants ${SMOKE_LIMITS.saltPct} % salt in the water first; it has ${waterPhasePct.toFixed(1)} %.`,
    );
  if (minutes > SMOKE_LIMITS.longestH * 60)
    say(
      "stop",
      `Over ${SMOKE_LIMITS.longestH} h it is smoked to keep: that needs a written plan and, in the US, a variance (3-502.11).`,
      `${FOOD_CODE}, 3-502.11 (memory, high); 12 h ours`,
    );
  if (vacuumPacked)
    say("stop", VACUUM_WORDS, `${FOOD_CODE}, 3-502.11, 3-502.12; hazards guidance ch. 13 (memory, high)`);
  if (advice.every(({ level }) => level !== "stop"))
    say(
      "ok",
      "Oil the flesh lightly, cover the box; it has been taken up when the box is clear again. Smoke sinks: fish low, smoke above.",
      "common practice",
    );
  say(
    "care",
    "Cold-smoked fish is raw: Listeria grows in it at refrigerator temperature; not for guests at risk.",
    "FDA hazards guidance ch. 12 (memory, medium)",
  );
  return advice;
}
