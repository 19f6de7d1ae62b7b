import type { Metadata } from "next";
import Link from "next/link";
import { todayIn } from "@/calendar/days";
import { shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { closeLines, CUT_DAYS } from "@/db/line/closing";
import { listSenders } from "@/db/line/senders";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/line";
import { requestTime, requireHouse } from "../../request";
import { LINE_VIEWS } from "../subViews";
import { CountLine } from "./CountLine";
import { SenderForm } from "./SenderForm";

export const metadata: Metadata = { title: t("atClose") };

export default async function ClosePage() {
  const nowMs = await requestTime();
  const { timeZone } = requireHouse();
  const lines = closeLines(db(), todayIn(timeZone, nowMs), nowMs - CUT_DAYS * DAY_MS);
  return (
    <>
      <SubNav views={LINE_VIEWS} here="/line/close" />
      <PageHead title={t("countWhatIsLeft")} asks={t("howManyAreThere")}>
        <Link href="/handover">{t("handOver")}</Link>
      </PageHead>
      <div className={page.wideLeft}>
        <section className={page.card}>
          {lines.length === 0 ? <Empty>{t("nothingIsCut")}</Empty> : null}
          <ul className={page.rows}>
            {lines.map(({ batchId, code, speciesId, booked, kept }) => {
              const species = speciesOf(db(), speciesId);
              return (
                <CountLine
                  key={`${batchId}${booked}`}
                  batchId={batchId}
                  name={`${species ? shortName(species) : speciesId} ${code}`}
                  booked={booked}
                  kept={kept}
                />
              );
            })}
          </ul>
        </section>
        <SenderForm senders={listSenders(db()).map(({ name }) => name)} />
      </div>
    </>
  );
}
