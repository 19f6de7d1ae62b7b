"use client";
import { useEffect, useSyncExternalStore } from "react";

/** Whether this device keeps its screen on: `not-here` where the address does not let it (plain HTTP over the network), `asked` until it answers. */
export type Awake = "on" | "asked" | "refused" | "not-here";

let state: Awake = "asked";
const watchers = new Set<() => void>();
const say = (next: Awake) => {
  state = next;
  for (const watcher of watchers) watcher();
};
const subscribe = (watcher: () => void) => {
  watchers.add(watcher);
  return () => void watchers.delete(watcher);
};

/** Keeps the screen on while a page is shown, where the browser allows it. */
export function useKeepAwake(): void {
  useEffect(() => {
    if (!("wakeLock" in navigator)) {
      say("not-here");
      return;
    }
    let lock: WakeLockSentinel | null = null;
    const ask = async () => {
      if (document.hidden) return;
      try {
        lock = await navigator.wakeLock.request("screen");
        say("on");
      } catch {
        // a tablet that saves its battery says no
        say("refused");
      }
    };
    const again = () => void ask();
    again();
    document.addEventListener("visibilitychange", again);
    return () => {
      document.removeEventListener("visibilitychange", again);
      void lock?.release().catch(() => undefined);
    };
  }, []);
}

export const useAwake = (): Awake =>
  useSyncExternalStore(
    subscribe,
    () => state,
    () => "asked",
  );
