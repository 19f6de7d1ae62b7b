import { useSyncExternalStore } from "react";

/** Somebody waits for a chef's PIN: told whether it was given. */
let waiting: ((given: boolean) => void) | null = null;
const hearers = new Set<() => void>();
const tell = () => {
  for (const hear of hearers) hear();
};

/** Has the chef's PIN asked for on this tablet; false: it was not given. */
export function askChefsPin(): Promise<boolean> {
  waiting?.(false);
  return new Promise((resolve) => {
    waiting = resolve;
    tell();
  });
}

/** The PIN was given, or not. */
export function answerChefsPin(given: boolean): void {
  waiting?.(given);
  waiting = null;
  tell();
}

const listen = (hear: () => void) => {
  hearers.add(hear);
  return () => void hearers.delete(hear);
};

/** Whether it is asked for now. */
export const useChefsPinAsked = (): boolean =>
  useSyncExternalStore(
    listen,
    () => waiting !== null,
    () => false,
  );
