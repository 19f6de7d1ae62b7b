import styles from "@/ui/layout/page.module.css";
import { t } from "@/words/shell";

export default function Loading() {
  return (
    <div className={styles.loading} role="status">
      <span className="visually-hidden">{t("fetchingFromTheColdRoom")}</span>
      <i />
      <i />
      <i />
    </div>
  );
}
