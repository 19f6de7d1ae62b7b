"use client";
import { useEffect, useState } from "react";

/**
 * The house's time, ticking. Starts from the server's clock so that the first paint agrees with the server, and stays on it: tablets
 * with a wrong clock must not show wrong minutes.
 */
export function useNow(serverNowMs: number, everyMs = 1000): number {
  const [nowMs, setNowMs] = useState(serverNowMs);
  useEffect(() => {
    const offsetMs = serverNowMs - Date.now();
    const tick = () => setNowMs(Date.now() + offsetMs);
    const timer = setInterval(tick, everyMs);
    return () => clearInterval(timer);
  }, [serverNowMs, everyMs]);
  return nowMs;
}
