import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/stove";

export const STOVE_VIEWS: readonly SubView[] = [
  { href: "/stove", label: t("pieces") },
  { href: "/stove/live", label: t("allPans") },
  { href: "/stove/sheets", label: t("stationSheets") },
  { href: "/stove/hold", label: t("holdItHot") },
  { href: "/stove/chill", label: t("chillIt") },
  { href: "/stove/learned", label: t("learnedHere") },
];
