import Link from "next/link";
import styles from "@/ui/layout/page.module.css";
import { t } from "@/words/shell";

export default function NotFound() {
  return (
    <section className={styles.notice}>
      <h1>{t("nothingOnThisHook")}</h1>
      <p>{t("theLotBatchOrPageYou")}</p>
      <Link href="/">{t("backToToday")}</Link>
    </section>
  );
}
