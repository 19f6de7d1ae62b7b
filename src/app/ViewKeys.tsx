"use client";
import { useRouter } from "next/navigation";
import { useShortcuts } from "@/ui/hooks/useShortcuts";
import { VIEWS } from "@/ui/layout/views";

/** The keys that work in every view; they come after the page is of use, as a finger needs none of them. */
export function ViewKeys({ onHelp }: { readonly onHelp: () => void }) {
  const router = useRouter();
  useShortcuts({
    ...Object.fromEntries(VIEWS.map(({ key, href }) => [key, () => router.push(href)])),
    n: () => router.push("/dock"),
    "/": () => document.querySelector<HTMLInputElement>("[data-find] input, input[data-find]")?.focus(),
    "?": onHelp,
  });
  return null;
}
