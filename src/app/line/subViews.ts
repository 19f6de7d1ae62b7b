import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/line";

export const LINE_VIEWS: readonly SubView[] = [
  { href: "/line", label: t("atTheLine") },
  { href: "/line/pass", label: t("atThePass") },
  { href: "/line/close", label: t("atClose") },
  { href: "/line/after", label: t("afterService") },
];
