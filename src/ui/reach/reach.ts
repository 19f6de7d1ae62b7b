import { useSyncExternalStore } from "react";
import { answerWithin } from "../hooks/answerWithin";

/** What is asked to learn whether the house answers: small, and the same for everybody. */
const ASKED = "/icon.svg";
/** A house that is silent for so long does not answer, ms. */
const PATIENCE_MS = 8000;
/** Between one try and the next, ms; the last for all that follow. */
const WAITS_MS = [500, 1000, 2000, 3000];

let lost = false;
let looking: Promise<void> | null = null;
const hearers = new Set<() => void>();

function setLost(next: boolean): void {
  if (lost === next) return;
  lost = next;
  for (const hear of hearers) hear();
}

const answers = async (): Promise<boolean> =>
  (await answerWithin(fetch(ASKED, { method: "HEAD", cache: "no-store" }), PATIENCE_MS)) !== null;

async function look(): Promise<void> {
  for (let tries = 0; !(await answers()); tries++) {
    setLost(true);
    const waitMs = WAITS_MS[Math.min(tries, WAITS_MS.length - 1)];
    await new Promise((resume) => setTimeout(resume, waitMs));
  }
  setLost(false);
}

/** Comes back once the house answers. Until then it counts as lost and is asked again; who doubts it asks here, and need not wait. */
export const reached = (): Promise<void> => (looking ??= look().finally(() => (looking = null)));

/** Whether the house did not answer when it was last asked. */
export const isLost = (): boolean => lost;

const listen = (hear: () => void) => {
  hearers.add(hear);
  return () => void hearers.delete(hear);
};

/** The same, drawn anew when it changes. */
export const useLost = (): boolean => useSyncExternalStore(listen, isLost, () => false);
