"use client";
import { Button } from "antd";
import styles from "@/ui/layout/page.module.css";
import { t } from "@/words/shell";

/** Something broke on our side: say so, say what is safe, offer the way on. */
export default function ErrorPage({ reset }: { readonly error: Error; readonly reset: () => void }) {
  return (
    <section className={styles.notice}>
      <h1>{t("thatSlippedOffTheBoard")}</h1>
      <p>{t("thisViewCouldNotBeShown")}</p>
      <Button type="primary" onClick={reset}>
        {t("tryAgain")}
      </Button>
    </section>
  );
}
