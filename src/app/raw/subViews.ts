import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/raw";

export const RAW_VIEWS: readonly SubView[] = [
  { href: "/raw", label: t("whatMayGoRaw") },
  { href: "/raw/freeze", label: t("freezeItFirst") },
  { href: "/raw/cure", label: t("cure") },
  { href: "/raw/acid", label: t("acidAndSmoke") },
];
