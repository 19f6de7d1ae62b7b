import type { SubView } from "@/ui/layout/SubNav";

export const DOCK_VIEWS: readonly SubView[] = [
  { href: "/dock", label: "At the door" },
  { href: "/dock/suppliers", label: "Suppliers" },
  { href: "/dock/species", label: "Species" },
  { href: "/dock/advice", label: "Advice" },
  { href: "/dock/files", label: "Files in and out" },
];
