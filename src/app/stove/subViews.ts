import type { SubView } from "@/ui/layout/SubNav";

export const STOVE_VIEWS: readonly SubView[] = [
  { href: "/stove", label: "Pieces" },
  { href: "/stove/live", label: "All pans" },
  { href: "/stove/sheets", label: "Station sheets" },
  { href: "/stove/hold", label: "Hold it hot" },
  { href: "/stove/chill", label: "Chill it" },
  { href: "/stove/learned", label: "Learned here" },
];
