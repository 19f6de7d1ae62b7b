"use client";
import { useShortcuts } from "@/ui/hooks/useShortcuts";
import { VIEWS } from "@/ui/layout/views";
import { useGo } from "@/ui/reach/useGo";

/** The keys that work in every view; they come after the page is of use, as a finger needs none of them. */
export function ViewKeys({ onHelp }: { readonly onHelp: () => void }) {
  const go = useGo();
  useShortcuts({
    ...Object.fromEntries(VIEWS.map(({ key, href }) => [key, () => go(href)])),
    n: () => go("/dock"),
    "/": () => document.querySelector<HTMLInputElement>("[data-find] input, input[data-find]")?.focus(),
    "?": onHelp,
  });
  return null;
}
