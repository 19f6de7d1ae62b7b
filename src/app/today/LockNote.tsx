import Link from "next/link";
import { db } from "@/db/connection";
import { hasChef } from "@/db/doors/people";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/today";

/** On the first page of a house without locks: whoever is in its network can write in it. */
export function LockNote({ demo }: { readonly demo: boolean }) {
  if (demo || hasChef(db())) return null;
  return (
    <p className={`${page.card} ${page.line} ${page.below}`} data-testid="lock-note">
      <b className={page.grow}>{t("thisHouseHasNoLocks")}</b>
      <Link href="/house">{t("makeItsChef")}</Link>
    </p>
  );
}
