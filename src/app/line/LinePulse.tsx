"use client";
import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";

/** Looks for news so often; a plan is looked at anew at least so often, for hands are not clocks. */
const ASK_MS = 1500;
const STALE_MS = { usual: 20_000, unplanned: 3000 } as const;

/** Keeps a screen of the line at what the house knows, whichever tablet said it; where something found no thread free it is asked again soon. */
export function LinePulse({ unplanned = false }: { readonly unplanned?: boolean }) {
  const staleMs = unplanned ? STALE_MS.unplanned : STALE_MS.usual;
  const router = useRouter();
  const last = useRef<{ pulse: string | null; atMs: number }>({ pulse: null, atMs: 0 });
  useEffect(() => {
    let over = false;
    last.current.atMs = performance.now();
    const ask = async () => {
      if (document.hidden) return;
      try {
        const answer = await fetch("/api/line", { cache: "no-store" });
        if (over || !answer.ok) return;
        const { pulse } = (await answer.json()) as { readonly pulse: string };
        const before = last.current;
        const news = before.pulse !== null && before.pulse !== pulse;
        const stale = performance.now() - before.atMs > staleMs;
        last.current = { pulse, atMs: news || stale ? performance.now() : before.atMs };
        if (news || stale) router.refresh();
      } catch {
        // the house is asked again in a moment; what is on the screen stays
      }
    };
    const timer = setInterval(() => void ask(), ASK_MS);
    return () => {
      over = true;
      clearInterval(timer);
    };
  }, [router, staleMs]);
  return null;
}
