import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/ice";

export const ICE_VIEWS: readonly SubView[] = [
  { href: "/ice", label: t("lots") },
  { href: "/ice/places", label: t("places") },
  { href: "/ice/holds", label: t("holds") },
  { href: "/ice/tomorrow", label: t("tomorrow") },
  { href: "/ice/waste", label: t("waste") },
];
