import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/block";

export const BLOCK_VIEWS: readonly SubView[] = [
  { href: "/block", label: t("bench") },
  { href: "/block/order", label: t("whatToOrder") },
  { href: "/block/count", label: t("byCountAndShape") },
  { href: "/block/yields", label: t("yields") },
  { href: "/block/boards", label: t("boards") },
];
