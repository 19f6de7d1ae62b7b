import Link from "next/link";
import { db } from "@/db/connection";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/today";
import { todaysChecks } from "../book/checks/todaysChecks";

/** Checks of the house that are late, and nothing while none is. */
export function ChecksNote({ timeZone, nowMs }: { readonly timeZone: string; readonly nowMs: number }) {
  const late = todaysChecks(db(), timeZone, nowMs).filter(({ state }) => state === "late");
  if (late.length === 0) return null;
  return (
    <p className={`${page.card} ${page.line} ${page.below}`} data-testid="checks-late">
      <b className={page.grow}>
        {t("checksAreLate", { count: late.length, names: late.map(({ name }) => name).join(", ") })}
      </b>
      <Link href="/book/checks">{t("lookAtThem")}</Link>
    </p>
  );
}
