"use client";
import { useEffect, useRef, useState } from "react";

/** What lay on a bench longer ago is not what the cook is at. */
const KEEPS_MS = 24 * 3_600_000;
const SHELF = "gaffel-draft ";

type Kept<T> = { readonly atMs: number; readonly value: T };

function read<T>(key: string): Kept<T> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(SHELF + key) ?? "null") as Kept<T> | null;
    return kept && Date.now() - kept.atMs < KEEPS_MS ? kept : null;
  } catch {
    // a browser that keeps nothing, or something else's words: the bench begins empty
    return null;
  }
}

function write(key: string, kept: Kept<unknown> | null): void {
  try {
    if (kept === null) localStorage.removeItem(SHELF + key);
    else localStorage.setItem(SHELF + key, JSON.stringify(kept));
  } catch {
    // the work goes on without a copy
  }
}

export type KeptDraft = {
  /** When what is on the bench now was left there; null: it was not. */
  readonly foundAtMs: number | null;
  /** The bench begins anew. */
  readonly forget: () => void;
  /** It is done and kept in the house: no copy of it is wanted any more. */
  readonly done: () => void;
};

/**
 * Half-done work of a bench outlives leaving the page, a reload and the sleep of the tablet. `value`: as it stands, in plain data; null,
 * or as it was at first: there is nothing worth keeping. `restore` takes what was found.
 */
export function useKeptDraft<T>(key: string, value: T | null, restore: (value: T) => void): KeptDraft {
  const [foundAtMs, setFoundAtMs] = useState<number | null>(null);
  const text = value === null ? null : JSON.stringify(value);
  const [first] = useState(text);
  const looked = useRef(false);
  const isDone = useRef(false);
  useEffect(() => {
    if (!looked.current) {
      looked.current = true;
      const kept = read<T>(key);
      if (kept) {
        queueMicrotask(() => {
          restore(kept.value);
          setFoundAtMs(kept.atMs);
        });
        return;
      }
    }
    if (isDone.current) return;
    write(key, text === null || text === first ? null : { atMs: Date.now(), value });
    // `restore` is what the first look asks for: it does not make the copy anew
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, text]);
  return {
    foundAtMs,
    forget: () => setFoundAtMs(null),
    done: () => {
      isDone.current = true;
      write(key, null);
    },
  };
}
