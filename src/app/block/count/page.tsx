import type { Metadata } from "next";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { BLOCK_VIEWS } from "../subViews";
import { CountCards } from "./CountCards";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("byCountAndShape") };

export default async function CountPage() {
  await requestTime();
  requireHouse();
  return (
    <>
      <PageHead title={t("byCountAndShape")} asks={t("scallopsOntoEvenPlatesPrawnsBy")} />
      <SubNav views={BLOCK_VIEWS} here="/block/count" />
      <CountCards />
    </>
  );
}
