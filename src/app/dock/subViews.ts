import type { SubView } from "@/ui/layout/SubNav";
import { t } from "@/words/dock";

export const DOCK_VIEWS: readonly SubView[] = [
  { href: "/dock", label: t("atTheDoor") },
  { href: "/dock/suppliers", label: t("suppliers") },
  { href: "/dock/species", label: t("species") },
  { href: "/dock/advice", label: t("advice") },
  { href: "/dock/files", label: t("filesInAndOut") },
];
