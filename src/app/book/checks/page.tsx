import type { Metadata } from "next";
import { db } from "@/db/connection";
import { CHECK_LISTS } from "@/house/checks";
import { minuteText } from "@/house/butter/stockBoard";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/trace";
import { requestTime, requireHouse } from "../../request";
import { BOOK_VIEWS } from "../subViews";
import { CheckForm } from "./CheckForm";
import { CheckRow } from "./CheckRow";
import styles from "./Checks.module.css";
import { todaysChecks } from "./todaysChecks";

export const metadata: Metadata = { title: t("checks") };

export default async function ChecksPage() {
  const nowMs = await requestTime();
  const { timeZone } = requireHouse();
  const checks = todaysChecks(db(), timeZone, nowMs);
  const open = checks.filter(({ done }) => done === null);
  const late = checks.filter(({ state }) => state === "late");
  return (
    <>
      <PageHead
        title={checks.length === 0 ? t("noChecksYet") : t("checksStand", { open: open.length, late: late.length })}
        asks={t("checksAsk")}
      />
      <SubNav views={BOOK_VIEWS} here="/book/checks" />
      <div className={page.stack}>
        {CHECK_LISTS.filter((list) => checks.some((one) => one.list === list)).map((list) => (
          <section key={list} className={page.card} aria-label={t(list)}>
            <h2>{t(list)}</h2>
            <ul className={styles.list}>
              {checks
                .filter((one) => one.list === list)
                .map((check) => (
                  <CheckRow key={check.id} check={check} by={minuteText(check.byMin)} />
                ))}
            </ul>
          </section>
        ))}
        <CheckForm none={checks.length === 0} />
      </div>
    </>
  );
}
