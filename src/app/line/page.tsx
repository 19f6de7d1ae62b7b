import type { Metadata } from "next";
import { todayIn } from "@/calendar/days";
import { offNow } from "@/db/cards/bookings";
import { db } from "@/db/connection";
import { listStaff } from "@/db/house/house";
import { SubNav } from "@/ui/layout/SubNav";
import page from "@/ui/layout/page.module.css";
import { formatFor } from "@/words/format/format";
import { sentence } from "@/words/sentence";
import { t } from "@/words/line";
import { requestTime, requireHouse } from "../request";
import { AllDayCard } from "./AllDayCard";
import { Bell } from "./now/Bell";
import { Board } from "./board/Board";
import { Courses } from "./tickets/Courses";
import { LinePulse } from "./now/LinePulse";
import { lineView } from "./plan/lineView";
import { cardChips } from "./plan/lineState";
import { NowNext } from "./now/NowNext";
import { OvenOffer } from "./now/OvenOffer";
import { StationCard } from "./StationCard";
import styles from "./Line.module.css";
import { LINE_VIEWS } from "./subViews";
import { TicketBox } from "./tickets/TicketBox";
import { WorkList } from "./now/WorkList";

export const metadata: Metadata = { title: t("line") };

/** Nobody reads further; the board shows the rest. */
const SHOWN = 12;

/** A room has so many; what is named beside them is added. */
const USUAL_TABLES = Array.from({ length: 12 }, (_, at) => `t${at + 1}`);

type Props = { readonly searchParams: Promise<{ readonly t?: string }> };

export default async function LinePage({ searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { timeZone } = house;
  const typed = (await searchParams).t ?? "";
  const view = await lineView(db(), house, nowMs, formatFor(house.units, house.currency, house.decimalMark));
  const staff = listStaff(db()).map(({ name }) => name);
  const chips = cardChips(db(), todayIn(timeZone, nowMs), new Set(offNow(db()).map(({ cardId }) => cardId)));
  const named = view.courses.map(({ table }) => table);
  const tables = [...new Set([...USUAL_TABLES, ...named])];
  return (
    <>
      <SubNav views={LINE_VIEWS} here="/line" />
      <NowNext
        hands={view.hands.slice(0, 2)}
        called={view.courses.some(({ state }) => state === "called")}
        serverNowMs={nowMs}
        timeZone={timeZone}
      />
      <Bell courses={view.courses} serverNowMs={nowMs} />
      {view.problem || view.unplanned.length > 0 ? (
        <p className={`${page.stop} ${page.below}`} role="alert">
          {[view.problem, ...view.unplanned].flatMap((one) => (one ? [sentence(one)] : [])).join(" ")}
        </p>
      ) : null}
      <div className={`${page.wideLeft} ${styles.columns}`}>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>{t("theBoard")}</h2>
            <Board
              lanes={view.lanes}
              courses={view.courses}
              bottleneck={view.bottleneck}
              serverNowMs={nowMs}
              timeZone={timeZone}
            />
            {view.oven ? <OvenOffer oven={view.oven} /> : null}
            <WorkList
              running={view.rows.filter(({ begun }) => begun)}
              next={view.hands.slice(0, SHOWN)}
              more={Math.max(0, view.hands.length - SHOWN)}
              serverNowMs={nowMs}
              timeZone={timeZone}
            />
            {view.proof === null ? null : (
              <p className={page.sub} data-testid="proof">
                {t("everyMinuteIsTheStoves")} {view.proof} {t("movedTasks", { count: view.moved })}
              </p>
            )}
          </section>
          <StationCard hands={view.handsAtLine} station={view.station} out={view.out} />
        </div>
        <div className={page.stack}>
          <TicketBox key={typed} typed={typed} cards={chips} tables={tables} />
          <AllDayCard allDay={view.allDay} />
          <Courses courses={view.courses} staff={staff} serverNowMs={nowMs} timeZone={timeZone} />
        </div>
      </div>
      <LinePulse drawn={view.pulse} unplanned={view.problem !== null || view.unplanned.length > 0} />
    </>
  );
}
