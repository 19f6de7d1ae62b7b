export type SmokeRequest = {
  /** Air in the box. */
  readonly boxC: number;
  readonly minutes: number;
  /** Salt in the water of the flesh. */
  readonly waterPhasePct: number;
  /** The parasite rule of the house is met. */
  readonly cleared: boolean;
  readonly vacuumPacked: boolean;
};

export type SmokeAdvice = { readonly level: "ok" | "care" | "stop"; readonly text: string; readonly source: string };

/** A few minutes in a covered box over ice keeps the fish cold; a long cold smoke stays below 30 °C. */
export const SMOKE_LIMITS = {
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
      "Cold smoke kills no parasite: meet the freezing rule or its exemption first.",
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
  if (vacuumPacked && waterPhasePct < SMOKE_LIMITS.saltPct)
    say("stop", "No vacuum pack below 3.5 % salt in the water: botulism (keep below 3 °C or frozen).");
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
