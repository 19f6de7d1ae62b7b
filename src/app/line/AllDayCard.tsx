import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import styles from "./Line.module.css";
import type { AllDay } from "./plan/lineView";

/** Everything asked for now, dish by dish: called and on hold apart. */
export function AllDayCard({ allDay }: { readonly allDay: readonly AllDay[] }) {
  if (allDay.length === 0) return null;
  return (
    <section className={page.card} data-testid="all-day">
      <h2>{t("allDay")}</h2>
      <ul className={styles.allDay}>
        {allDay.map(({ name, called, onHold, short }) => (
          <li key={name}>
            <span>{name}</span> <b>{called}</b>
            <span className={page.sub}>{t("calledCount")}</span>
            {onHold > 0 ? (
              <>
                <b className={styles.held}>{onHold}</b>
                <span className={page.sub}>{t("holdCount")}</span>
              </>
            ) : null}
            {short ? (
              <b className={styles.short} role="alert">
                {t("fewerLieThere", { left: short.left, short: short.by })}
              </b>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}
