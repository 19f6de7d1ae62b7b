"use client";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { CourseCard } from "./CourseCard";
import styles from "../Line.module.css";
import type { CourseView } from "../plan/lineView";

type Props = {
  readonly courses: readonly CourseView[];
  readonly staff: readonly string[];
  readonly serverNowMs: number;
  readonly timeZone: string;
};

/** What went stays on the screen for a while, so that it can be taken back. */
const GONE_SHOWN = 4;

/** The tables: called, on hold, and what went last. */
export function Courses({ courses, staff, serverNowMs, timeZone }: Props) {
  const gone = courses.filter(({ state }) => state === "gone").slice(0, GONE_SHOWN);
  const shown = [...courses.filter(({ state }) => state !== "gone"), ...gone];
  return (
    <section className={page.card} data-testid="tables">
      <h2>{t("tables")}</h2>
      {shown.length === 0 ? <Empty>{t("noTickets")}</Empty> : null}
      <div className={styles.courses}>
        {shown.map((course) => (
          <CourseCard
            key={`${course.ticketId}${course.course}`}
            course={course}
            staff={staff}
            serverNowMs={serverNowMs}
            timeZone={timeZone}
          />
        ))}
      </div>
    </section>
  );
}
