import type { Metadata } from "next";
import { boughtGoods } from "@/db/butter/goods";
import { listBurners } from "@/db/butter/spots";
import { pacesOf } from "@/db/butter/reductions";
import { db } from "@/db/connection";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { FireRows } from "../FireRows";
import { onTheFire } from "../onTheFire";
import { ReduceBench } from "./ReduceBench";

export const metadata: Metadata = { title: t("reduce") };

export default async function ReducePage() {
  const nowMs = await requestTime();
  requireHouse();
  return (
    <>
      <PageHead title={t("howLongToReduceIt")} asks={t("inThisPanOnThisBurner")} />
      <SubNav views={BUTTER_VIEWS} here="/butter/reduce" />
      <div className={page.stack}>
        <FireRows {...onTheFire(db())} serverNowMs={nowMs} />
        <ReduceBench
          burners={listBurners(db())}
          own={boughtGoods(db()).map(({ good }) => good)}
          paces={pacesOf(db())}
        />
      </div>
    </>
  );
}
