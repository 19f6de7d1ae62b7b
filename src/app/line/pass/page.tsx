import type { Metadata } from "next";
import { db } from "@/db/connection";
import { listStaff } from "@/db/house/house";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/line";
import { requestTime, requireHouse } from "../../request";
import { Bell } from "../now/Bell";
import { LinePulse } from "../now/LinePulse";
import { lineView } from "../plan/lineView";
import { LINE_VIEWS } from "../subViews";
import styles from "../Line.module.css";
import { PassTable } from "./PassTable";

export const metadata: Metadata = { title: t("atThePass") };

export default async function PassPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const view = await lineView(db(), house, nowMs, formatFor(house.units, house.currency, house.decimalMark));
  const staff = listStaff(db()).map(({ name }) => name);
  const called = view.courses.filter(({ state }) => state === "called");
  return (
    <>
      <SubNav views={LINE_VIEWS} here="/line/pass" />
      <PageHead title={t("comingUp")} asks={called.length === 0 ? t("nothingComesUp") : ""} />
      <Bell courses={view.courses} serverNowMs={nowMs} />
      {called.length === 0 ? <Empty>{t("nothingComesUp")}</Empty> : null}
      <div className={styles.passTables}>
        {called.map((course) => (
          <PassTable
            key={`${course.ticketId}${course.course}`}
            course={course}
            staff={staff}
            serverNowMs={nowMs}
            timeZone={house.timeZone}
          />
        ))}
      </div>
      <LinePulse drawn={view.pulse} />
    </>
  );
}
