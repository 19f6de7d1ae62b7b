import { clamp } from "@/core/numeric";
import { massOf, volumeMl } from "./mixture";
import type { Reduction } from "./reduction";

/** What was seen of a pan while it reduced: its weight less the pan's, or how deep it stands. */
export type PanNote = { readonly seconds: number } & ({ readonly massG: number } | { readonly levelMm: number });

export type ReductionClock = {
  readonly phase: "heating" | "reducing" | "over";
  readonly nowMl: number;
  readonly secondsLeft: number;
  /** How much faster than the model this pan goes on this burner; 1: as the model says. */
  readonly pace: number;
  readonly by: "weight" | "level" | "model";
};

/** No pan is further from the model than this: a note beyond it was misread. */
const PACE = { least: 0.4, most: 2.5 } as const;

const levelMl = (levelMm: number, diameterMm: number): number => (levelMm * (Math.PI / 4) * diameterMm ** 2) / 1000;

/** Model seconds from the start, heating included, at which the pan stands at so many ml; null: it never does. */
function modelSecondsAt({ course, secondsToBoil }: Reduction, ml: number): number | null {
  const at = course.findIndex(({ mixture }) => volumeMl(mixture) <= ml);
  if (at < 0) return null;
  if (at === 0) return secondsToBoil;
  const [before, after] = [course[at - 1]!, course[at]!];
  const [high, low] = [volumeMl(before.mixture), volumeMl(after.mixture)];
  const share = high === low ? 0 : (high - ml) / (high - low);
  return secondsToBoil + before.seconds + share * (after.seconds - before.seconds);
}

/** The volume of a pan that weighs so much, where the model passes it. */
function mlAtMass({ course }: Reduction, massG: number): number | null {
  const point = course.find(({ mixture }) => massOf(mixture) <= massG);
  return point ? volumeMl(point.mixture) : null;
}

/**
 * Where a pan on the fire stands. The clock follows what was seen last: the weight of the pan, else a level, else the model alone; `pace`
 * is what this pan and burner showed before and carries on from the note.
 */
export function reductionClock(
  reduction: Reduction,
  diameterMm: number,
  elapsedSeconds: number,
  notes: readonly PanNote[],
  knownPace = 1,
): ReductionClock {
  const wholeSeconds = reduction.secondsToBoil + reduction.secondsReducing;
  const note = notes.filter(({ seconds }) => seconds <= elapsedSeconds).at(-1);
  const seen = note && seenAt(reduction, note, diameterMm);
  const pace = seen && note.seconds > 0 ? clampPace(seen.modelSeconds / note.seconds) : knownPace;
  const modelNow = seen ? seen.modelSeconds + (elapsedSeconds - note.seconds) * pace : elapsedSeconds * pace;
  const secondsLeft = Math.max(0, (wholeSeconds - modelNow) / pace);
  const phase = secondsLeft === 0 ? "over" : modelNow < reduction.secondsToBoil ? "heating" : "reducing";
  return { phase, nowMl: mlAt(reduction, modelNow), secondsLeft, pace, by: seen?.by ?? "model" };
}

const clampPace = (pace: number) => clamp(pace, PACE.least, PACE.most);

/** Where on the model's way the pan was when it was noted; null: it had not begun to lose anything, or the note cannot be. */
function seenAt(reduction: Reduction, note: PanNote, diameterMm: number) {
  const start = reduction.course[0]!.mixture;
  const by = "massG" in note ? ("weight" as const) : ("level" as const);
  const ml = "massG" in note ? mlAtMass(reduction, note.massG) : levelMl(note.levelMm, diameterMm);
  if (ml === null || ml >= volumeMl(start) * 0.995) return null;
  const modelSeconds = modelSecondsAt(reduction, ml);
  return modelSeconds === null ? null : { by, modelSeconds };
}

function mlAt({ course, secondsToBoil }: Reduction, modelSeconds: number): number {
  const since = modelSeconds - secondsToBoil;
  const after = course.findIndex(({ seconds }) => seconds >= since);
  if (after <= 0) return volumeMl((after < 0 ? course.at(-1)! : course[0]!).mixture);
  const [low, high] = [course[after - 1]!, course[after]!];
  const share = (since - low.seconds) / Math.max(1e-9, high.seconds - low.seconds);
  return volumeMl(low.mixture) * (1 - share) + volumeMl(high.mixture) * share;
}

export type ReducedBefore = { readonly modelSeconds: number; readonly tookSeconds: number };

/** What this pan on this burner showed before: the middle of its last paces drawn towards the model, one reading counting half. */
export function learnedPace(before: readonly ReducedBefore[]): number {
  const paces = before
    .filter(({ tookSeconds, modelSeconds }) => tookSeconds > 0 && modelSeconds > 0)
    .map(({ tookSeconds, modelSeconds }) => clampPace(modelSeconds / tookSeconds))
    .sort((a, b) => a - b);
  if (paces.length === 0) return 1;
  const middle = (paces[Math.floor((paces.length - 1) / 2)]! + paces[Math.ceil((paces.length - 1) / 2)]!) / 2;
  const trust = paces.length / (paces.length + 1);
  return Math.exp(Math.log(middle) * trust);
}
