import { evaporationKgPerM2S } from "@/core/matter";
import { mountedSauce, type MountedQuestion, type SauceState } from "./mounted";

/** No service has a sauce wait longer, min. */
export const SERVICE_MIN = 300;

/** Kitchen air over a bain: warm and damp (common practice, low). */
const AIR = { airC: 25, humidity: 0.5 } as const;
/** Still air over a warm free surface, W/m²K; gives 1.2 to 1.5 kg/m²h at 55 °C (Lewis relation; memory, medium). */
const FREE_SURFACE_W_PER_M2_K = 5;
/** What still leaves under a lid that is lifted to serve (common practice, low). */
const LID_SHARE = 0.08;

export type Waiting = {
  /** Diameter of the sauce's free surface, mm. */
  readonly surfaceMm: number;
  readonly lid: boolean;
};

/** Water a waiting sauce loses, g a minute. */
export function lossGPerMin(servedC: number, { surfaceMm, lid }: Waiting): number {
  const areaM2 = (Math.PI / 4) * (surfaceMm / 1000) ** 2;
  const open = evaporationKgPerM2S({ faceC: servedC, ...AIR, hWPerM2K: FREE_SURFACE_W_PER_M2_K }) * areaM2 * 60_000;
  return lid ? open * LID_SHARE : open;
}

export type WaitingPoint = {
  readonly minute: number;
  readonly waterG: number;
  readonly fatToWater: number | null;
  readonly state: SauceState;
};

/** A mounted sauce after so many minutes in the bain: its water as an amount less, everything else as it was. */
export function afterWaiting(question: MountedQuestion, waiting: Waiting, minute: number): MountedQuestion {
  const { waterG } = mountedSauce(question);
  const lostG = Math.min(waterG * 0.999, lossGPerMin(question.servedC, waiting) * minute);
  return {
    ...question,
    add: [...question.add, { kind: "water", massG: -lostG, fatPct: 0, waterPct: 100, saltPct: 0 }],
  };
}

/** The state of a sauce minute by minute through the service, and the first minute it no longer holds; null: it holds to the end. */
export function waitThrough(
  question: MountedQuestion,
  waiting: Waiting,
  minutes: number,
): { readonly course: readonly WaitingPoint[]; readonly holdsUntilMin: number | null } {
  const course = Array.from({ length: minutes + 1 }, (_, minute) => {
    const { waterG, fatToWater, state } = mountedSauce(afterWaiting(question, waiting, minute));
    return { minute, waterG, fatToWater, state };
  });
  return { course, holdsUntilMin: course.find(({ state }) => state !== "holds")?.minute ?? null };
}
