"use client";
import { useEffect } from "react";
import { play, type Motif } from "./sound";

const REPEAT_MS = 4000;

/** Rings these motifs now, and again every few seconds until there are none. */
export function useAlarm(motifs: readonly Motif[]): void {
  const ringing = JSON.stringify(motifs);
  useEffect(() => {
    const wanted = JSON.parse(ringing) as readonly Motif[];
    if (wanted.length === 0) return;
    const ring = () => play(wanted);
    ring();
    const timer = setInterval(ring, REPEAT_MS);
    return () => clearInterval(timer);
  }, [ringing]);
}
