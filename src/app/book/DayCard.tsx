import Link from "next/link";
import type { DayOut } from "@/db/house/dayOut";
import type { BookDay } from "@/house/book/bookDay";
import page from "@/ui/layout/page.module.css";
import { durationText, type Format } from "@/words/format/format";
import { t } from "@/words/book";
import styles from "./Book.module.css";

type Props = { readonly day: BookDay; readonly out: DayOut; readonly format: Format };

/** The chef's question in the evening: what went out, what was thrown, what was late, what came back; then what happened. */
export function DayCard({ day, out, format }: Props) {
  const { courses } = out;
  const back = day.again.courses + day.again.pieces + day.again.pans;
  return (
    <section className={`${page.card} ${page.below}`} aria-label={t("theDay")} data-testid="book-day">
      <dl className={styles.figures}>
        <div>
          <dt>{t("wentOut")}</dt>
          <dd>
            <b>{t("plateCount", { count: out.plates })}</b>
            <span>{out.byCard.map(({ name, count }) => `${count} ${name ?? t("ofNoCard")}`).join(", ")}</span>
          </dd>
        </div>
        <div data-state={day.thrown.times > 0 ? "thrown" : undefined}>
          <dt>{t("thrownInAll")}</dt>
          <dd>
            <b>{day.thrown.times === 0 ? t("nothing") : format.mass(day.thrown.massG)}</b>
            {day.thrown.times === 0 ? null : <span>{format.money(day.thrown.costCents)}</span>}
          </dd>
        </div>
        <div>
          <dt>{t("wasLate")}</dt>
          <dd>
            {courses.promised === 0 ? (
              <span>{t("noPromises")}</span>
            ) : (
              <b>{t("courseCount", { late: courses.late, promised: courses.promised })}</b>
            )}
            {courses.late === 0 ? null : <span>{t("theWorst", { by: durationText(courses.worstMs / 1000) })}</span>}
          </dd>
        </div>
        <div>
          <dt>{t("cameBack")}</dt>
          <dd>
            <b>{back === 0 ? t("nothing") : String(back)}</b>
            {back === 0 ? null : <span>{t("backLine", day.again)}</span>}
          </dd>
        </div>
      </dl>
      <ul className={styles.happened}>
        <li>{t("receivedLine", { received: day.received, refused: day.refused })}</li>
        <li>
          {t("cooksLine", { ended: day.cooks.ended, under: day.cooks.underRule, cancelled: day.cooks.cancelled })}
        </li>
        <li>{t("rawLine", { times: day.rawPlates.times, covers: day.rawPlates.covers })}</li>
        <li>{t("holdsLine", { begun: day.holds.begun, met: day.holds.met, broken: day.holds.brokenOff })}</li>
        <li>{t("coolingLine", { inTime: day.cooling.inTime, slow: day.cooling.tooSlow })}</li>
        <li>
          {t.rich("correctiveLine", {
            answered: day.excursionsAnswered,
            probes: day.probesChecked,
            link: (words) => <Link href="/ice/log">{words}</Link>,
          })}
        </li>
        <li>{t("whoLine", { corrections: day.corrections, who: day.who.join(", ") || "–" })}</li>
      </ul>
    </section>
  );
}
