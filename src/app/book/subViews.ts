import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/trace";

export const BOOK_VIEWS: readonly SubView[] = [
  { href: "/book", label: t("day") },
  { href: "/book/plates", label: t("plates") },
  { href: "/book/checks", label: t("checks") },
  { href: "/book/recall", label: t("recall") },
  { href: "/book/binder", label: t("binder") },
];
