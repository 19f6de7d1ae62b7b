import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";

export const BUTTER_VIEWS: readonly SubView[] = [
  { href: "/butter", label: t("tonight") },
  { href: "/butter/reduce", label: t("reduce") },
  { href: "/butter/stock", label: t("stock") },
  { href: "/butter/shelf", label: t("shelf") },
  { href: "/butter/amounts", label: t("amounts") },
  { href: "/butter/kept", label: t("kept") },
  { href: "/butter/goods", label: t("goods") },
];
