"use client";
import { useEffect, useState } from "react";
import type { CookReading } from "@/db/stove/probes";

const EVERY_MS = 3000;

/** The stream of a cook, asked for again every few seconds while the cook is open. */
export function useReadings(cookId: string, first: readonly CookReading[], open: boolean): readonly CookReading[] {
  const [readings, setReadings] = useState(first);
  useEffect(() => {
    if (!open) return;
    const timer = setInterval(() => {
      fetch(`/api/cooks/${cookId}/readings`)
        .then((answer) => (answer.ok ? (answer.json() as Promise<{ at: string; celsius: number }[]>) : null))
        .then((rows) => {
          if (!rows) return;
          const found = rows.map(({ at, celsius }) => ({ atMs: Date.parse(at), celsius }));
          setReadings((before) => (found.length === before.length ? before : found));
        })
        // a house that does not answer now is asked again in a moment
        .catch(() => null);
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [cookId, open]);
  return readings;
}
