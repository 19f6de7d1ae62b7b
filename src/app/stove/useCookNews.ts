"use client";
import { usePathname } from "next/navigation";
import { useEffect, useRef } from "react";
import type { CookNews } from "@/server/cookNews";
import { useMessage } from "@/ui/layout/Messages";
import { hearSettled, resumeTaps } from "./tapOutbox";
import { tellTapped } from "./tappedCooks";
import { reached } from "@/ui/reach/reach";
import { useRefresh } from "@/ui/reach/useRefresh";

const STREAM = "/api/cooks/stream";
/** How often it is asked when no line holds, ms. */
const ASK_MS = 1000;

/**
 * Keeps every clock of this tablet with those of the others: a line to the house that tells each tap as it comes, and questions where no
 * line holds. A cook that began or ended on another tablet draws the page anew, but never the one of a running cook.
 */
export function useCookNews(known: readonly string[]): void {
  const refresh = useRefresh();
  const pathname = usePathname();
  const message = useMessage();
  const latest = useRef({ known, pathname });
  useEffect(() => {
    latest.current = { known, pathname };
  });

  useEffect(() => {
    resumeTaps();
    return hearSettled(({ answer }) => {
      if (!answer.ok && answer.message) message.warning(answer.message);
    });
  }, [message]);

  useEffect(() => {
    const take = ({ cookId, events }: CookNews) => {
      tellTapped(cookId, events);
      const here = latest.current;
      if (!here.known.includes(cookId) && !here.pathname.startsWith("/stove/cook/")) refresh();
    };
    let line: EventSource | null = null;
    let asking: ReturnType<typeof setInterval> | null = null;
    const ask = () =>
      void fetch(STREAM, { headers: { accept: "application/json" } })
        .then((answer) => (answer.ok ? (answer.json() as Promise<readonly CookNews[]>) : []))
        .then((all) => all.forEach(take))
        // a house that does not answer now is asked again in a moment
        .catch(() => null);
    const stopAsking = () => {
      if (asking) clearInterval(asking);
      asking = null;
    };
    const open = () => {
      if (line || document.hidden) return;
      line = new EventSource(STREAM);
      line.onopen = stopAsking;
      line.onmessage = ({ data }) => take(JSON.parse(data as string) as CookNews);
      line.onerror = () => {
        void reached();
        asking ??= setInterval(ask, ASK_MS);
      };
    };
    const close = () => {
      line?.close();
      line = null;
      stopAsking();
    };
    // a tablet in a pocket needs no line; what it missed is told first when it looks again
    const look = () => (document.hidden ? close() : open());
    document.addEventListener("visibilitychange", look);
    open();
    return () => {
      document.removeEventListener("visibilitychange", look);
      close();
    };
  }, [refresh]);
}
