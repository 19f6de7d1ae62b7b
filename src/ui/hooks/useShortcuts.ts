"use client";
import { useHotkeys, type Options } from "react-hotkeys-hook";

const TYPING = "input, textarea, select, [contenteditable], [role=combobox], [role=slider], [role=dialog]";

/** Not ours: the browser's own with a modifier, a key that is held, what is typed, and all of it while something is asked. */
function isNotOurs(event: KeyboardEvent): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return true;
  const target = event.target instanceof Element ? event.target : null;
  if (target?.closest(TYPING) || document.querySelector("dialog[open]")) return true;
  // space already presses a focused button or link
  return event.key === " " && Boolean(target?.closest("button, a, summary, label"));
}

const OURS: Options = { ignoreModifiers: true, ignoreEventWhen: isNotOurs, preventDefault: true };
/** By what is written on the key: "/" and "?" lie elsewhere on other keyboards. */
const AS_WRITTEN: Options = { ...OURS, useKey: true };

/** Single-key shortcuts, silent while the cook is typing or holding a modifier. */
export function useShortcuts(keys: Readonly<Record<string, () => void>>): void {
  const run = ({ key }: KeyboardEvent) => keys[key.toLowerCase()]?.();
  useHotkeys(
    Object.keys(keys).filter((key) => key !== " "),
    run,
    AS_WRITTEN,
  );
  useHotkeys("space", run, { ...OURS, enabled: " " in keys });
}
