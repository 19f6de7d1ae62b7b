import type { SubView } from "@/ui/layout/SubNav";

export const RAW_VIEWS: readonly SubView[] = [
  { href: "/raw", label: "What may go raw" },
  { href: "/raw/freeze", label: "Freeze it first" },
  { href: "/raw/cure", label: "Cure" },
  { href: "/raw/acid", label: "Acid and smoke" },
];
