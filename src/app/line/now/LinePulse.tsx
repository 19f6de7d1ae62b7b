"use client";
import { useEffect, useRef } from "react";
import { reached } from "@/ui/reach/reach";
import { useRefresh } from "@/ui/reach/useRefresh";

/** Looks for news so often; a plan is looked at anew at least so often, for hands are not clocks. */
const ASK_MS = 1500;
const STALE_MS = { usual: 20_000, unplanned: 3000 } as const;

type Props = {
  /** What the page shows. */
  readonly drawn: string;
  readonly unplanned?: boolean;
};

/** Keeps a screen of the line at what the house knows, whichever tablet said it; where something found no thread free it is asked again soon. */
export function LinePulse({ drawn, unplanned = false }: Props) {
  const staleMs = unplanned ? STALE_MS.unplanned : STALE_MS.usual;
  const refresh = useRefresh();
  const shown = useRef(drawn);
  const askedFor = useRef({ pulse: drawn, atMs: 0 });
  useEffect(() => {
    shown.current = drawn;
    askedFor.current = { pulse: drawn, atMs: performance.now() };
  }, [drawn]);
  useEffect(() => {
    let over = false;
    askedFor.current.atMs = performance.now();
    const ask = async () => {
      if (document.hidden) return;
      try {
        const answer = await fetch("/api/line", { cache: "no-store" });
        if (over || !answer.ok) return;
        const { pulse } = (await answer.json()) as { readonly pulse: string };
        // asked for once: the answer is on its way
        const news = pulse !== shown.current && pulse !== askedFor.current.pulse;
        const stale = performance.now() - askedFor.current.atMs > staleMs;
        if (!news && !stale) return;
        askedFor.current = { pulse, atMs: performance.now() };
        refresh();
      } catch {
        // asked again in a moment; what is on the screen stays
        void reached();
      }
    };
    const timer = setInterval(() => void ask(), ASK_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, [refresh, staleMs]);
  return null;
}
