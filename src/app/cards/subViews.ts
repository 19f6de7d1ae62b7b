import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";

export const CARD_VIEWS: readonly SubView[] = [
  { href: "/cards", label: t("thePass") },
  { href: "/cards/prep", label: t("prep") },
  { href: "/cards/briefing", label: t("briefing") },
  { href: "/cards/door", label: t("forTheDoor") },
];
