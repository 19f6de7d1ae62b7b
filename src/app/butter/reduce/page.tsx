import type { Metadata } from "next";
import { listBurners } from "@/db/butter/spots";
import { db } from "@/db/connection";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { ReduceBench } from "./ReduceBench";

export const metadata: Metadata = { title: t("reduce") };

export default async function ReducePage() {
  await requestTime();
  requireHouse();
  return (
    <>
      <PageHead title={t("howLongToReduceIt")} asks={t("inThisPanOnThisBurner")} />
      <SubNav views={BUTTER_VIEWS} here="/butter/reduce" />
      <ReduceBench burners={listBurners(db())} />
    </>
  );
}
