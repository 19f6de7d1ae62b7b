"use client";
import { useEffect, useRef } from "react";

/** A page may come in parts: so long, ms, its heading is waited for. */
const WAIT_MS = 1500;

/** After going to another page the focus is on its heading: who works by keys or ears begins there and not on the rail. */
export function useHeadFocus(pathname: string): void {
  const before = useRef(pathname);
  useEffect(() => {
    if (before.current === pathname) return;
    before.current = pathname;
    const main = document.getElementById("main");
    if (!main) return;
    const focus = (): boolean => {
      const head = main.querySelector("h1");
      if (!head) return false;
      // what the page itself put the hand on stays
      if (!main.contains(document.activeElement) || document.activeElement === main) {
        head.tabIndex = -1;
        head.focus({ preventScroll: true });
      }
      return true;
    };
    if (focus()) return;
    const watch = new MutationObserver(() => focus() && watch.disconnect());
    watch.observe(main, { childList: true, subtree: true });
    const stop = setTimeout(() => watch.disconnect(), WAIT_MS);
    return () => {
      clearTimeout(stop);
      watch.disconnect();
    };
  }, [pathname]);
}
