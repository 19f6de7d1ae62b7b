"use client";
import { useSyncExternalStore } from "react";

/** The number field the hands are at, for the keys in the page. */
export type PadField = {
  readonly element: HTMLInputElement;
  /** What it writes between whole and parts; null: whole numbers only. */
  readonly mark: string | null;
  readonly signed: boolean;
  readonly write: (text: string) => void;
};

let field: PadField | null = null;
const watchers = new Set<() => void>();

export function setPadField(next: PadField | null): void {
  field = next;
  for (const watcher of watchers) watcher();
}

/** Takes the keys away from a field that is left, unless another has them already. */
export function leavePad(element: HTMLInputElement): void {
  if (field?.element === element) setPadField(null);
}

const subscribe = (watcher: () => void) => {
  watchers.add(watcher);
  return () => void watchers.delete(watcher);
};

export const usePadField = (): PadField | null =>
  useSyncExternalStore(
    subscribe,
    () => field,
    () => null,
  );

const TOUCH = "(pointer: coarse)";
const onPointer = (watcher: () => void) => {
  const media = window.matchMedia(TOUCH);
  media.addEventListener("change", watcher);
  return () => media.removeEventListener("change", watcher);
};

/** Whether this device is worked by fingers: it gets the keys in the page and not the system's keyboard. */
export const useFingers = (): boolean =>
  useSyncExternalStore(
    onPointer,
    () => window.matchMedia(TOUCH).matches,
    () => false,
  );

/** A key pressed at the caret, in place of what is marked: the text after it and where the caret goes. */
export function afterKey(
  text: string,
  [from, to]: readonly [number, number],
  key: string,
): { readonly text: string; readonly caret: number } {
  if (key === "back") {
    const start = from === to ? Math.max(0, from - 1) : from;
    return { text: text.slice(0, start) + text.slice(to), caret: start };
  }
  if (key === "sign") {
    const bare = text.replace(/^[-−]/, "");
    const next = bare === text ? `-${text}` : bare;
    return { text: next, caret: Math.max(0, to + next.length - text.length) };
  }
  return { text: text.slice(0, from) + key + text.slice(to), caret: from + key.length };
}
