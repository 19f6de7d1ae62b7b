import type { SubView } from "@/ui/layout/SubNav";

export const ICE_VIEWS: readonly SubView[] = [
  { href: "/ice", label: "Lots" },
  { href: "/ice/places", label: "Places" },
  { href: "/ice/holds", label: "Holds" },
  { href: "/ice/tomorrow", label: "Tomorrow" },
  { href: "/ice/waste", label: "Waste" },
];
