import type { Metadata } from "next";
import Link from "next/link";
import { methodOf } from "@/core/cooking";
import { db } from "@/db/connection";
import { listSheets } from "@/db/stove/stationSheets";
import { dayText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { speciesName } from "../clockOf";
import { filmsByPan } from "../films";
import { STOVE_VIEWS } from "../subViews";
import { SheetBench } from "./SheetBench";
import { t } from "@/words/stove-plan";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("stationSheets") };

export default async function SheetsPage() {
  await requestTime();
  const house = requireHouse();
  const kept = listSheets(db());
  return (
    <SheetBench
      filmsByPan={filmsByPan(db())}
      nav={<SubNav views={STOVE_VIEWS} here="/stove/sheets" />}
      kept={
        <section className={page.card}>
          <h2>{t("kept")}</h2>
          {kept.length === 0 ? (
            <Empty>{t("noSheetIsKeptYet")}</Empty>
          ) : (
            <ul className={page.rows}>
              {kept.map(({ id, question, atMs, who }) => (
                <li key={id}>
                  <Link href={`/stove/sheets/${id}`} className={page.row}>
                    <span className={page.grow}>
                      <span className={page.title}>{speciesName(question.speciesId)}</span>
                      <br />
                      <span className={page.sub}>{methodOf(question.methodId).label}</span>
                    </span>
                    <span className={page.sub}>
                      {dayText(atMs, house.timeZone)}, {who}
                    </span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
        </section>
      }
    />
  );
}
