"use client";
import { useEffect, useRef } from "react";

const TYPING = "input, textarea, select, [contenteditable], [role=combobox], [role=slider], [role=dialog]";

/** Single-key shortcuts, silent while the cook is typing or holding a modifier. */
export function useShortcuts(keys: Readonly<Record<string, () => void>>): void {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      const target = event.target instanceof Element ? event.target : null;
      if (target?.closest(TYPING) || document.querySelector("dialog[open]")) return;
      // space already presses a focused button or link
      if (event.key === " " && target?.closest("button, a, summary, label")) return;
      const run = current.current[event.key];
      if (!run) return;
      event.preventDefault();
      run();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
