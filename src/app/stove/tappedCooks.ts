"use client";
import { useSyncExternalStore } from "react";
import type { CookEvent } from "@/core/cooking";

type Events = readonly CookEvent[];

const NOTHING: ReadonlyMap<string, Events> = new Map();
let tapped = NOTHING;
const watchers = new Set<() => void>();

const subscribe = (watcher: () => void) => {
  watchers.add(watcher);
  return () => void watchers.delete(watcher);
};

/** What the house answered to a tap; every clock on this tablet that shows the cook goes by it at once. */
export function tellTapped(cookId: string, events: Events): void {
  tapped = new Map(tapped).set(cookId, events);
  for (const watcher of watchers) watcher();
}

/**
 * Events of a cook as they are known best: as the page was drawn, or as a tap was answered since. Events are only ever added, so the
 * longer list is the newer one, also where another tablet has tapped.
 */
export function useTapped(): (cookId: string, drawn: Events) => Events {
  const known = useSyncExternalStore(
    subscribe,
    () => tapped,
    () => NOTHING,
  );
  return (cookId, drawn) => {
    const answered = known.get(cookId);
    return answered && answered.length > drawn.length ? answered : drawn;
  };
}
