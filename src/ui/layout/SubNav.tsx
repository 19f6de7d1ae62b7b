import type { Route } from "next";
import Link from "next/link";
import styles from "./SubNav.module.css";
import { t } from "@/words/ui";

export type SubView = { readonly href: string; readonly label: string; readonly count?: number };

/** The rooms inside one view; the one we stand in is marked by word and line. */
export function SubNav({ views, here }: { readonly views: readonly SubView[]; readonly here: string }) {
  return (
    <nav className={styles.nav} aria-label={t("inThisView")}>
      {views.map(({ href, label, count }) => (
        <Link key={href} href={href as Route} className={styles.item} aria-current={href === here ? "page" : undefined}>
          {label}
          {count ? <b className="figure"> {count}</b> : null}
        </Link>
      ))}
    </nav>
  );
}
