"use client";
import { useEffect, useState } from "react";

/**
 * The house's time, ticking. Starts from the server's clock so that the first paint agrees with the server, and stays on it: tablets
 * with a wrong clock must not show wrong minutes.
 */
export function useNow(serverNowMs: number, everyMs = 1000): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    // counted by a clock nobody can set: a tablet put right in the middle of a stage must not move it
    const offsetMs = serverNowMs - performance.now();
    const tick = () => setNowMs(performance.now() + offsetMs);
    const timer = setInterval(tick, everyMs);
    return () => clearInterval(timer);
  }, [serverNowMs, everyMs]);
  return nowMs;
}
