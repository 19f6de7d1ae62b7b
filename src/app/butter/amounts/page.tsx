import type { Metadata } from "next";
import { boughtGoods } from "@/db/butter/goods";
import { sauceSpecs } from "@/db/butter/specs";
import { db } from "@/db/connection";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/shelf";
import { requestTime, requireHouse } from "../../request";
import { BUTTER_VIEWS } from "../subViews";
import { ColdCard } from "./ColdCard";
import { LiquorCard } from "./LiquorCard";
import { RiceCard } from "./RiceCard";
import { SaltCard } from "./SaltCard";
import { ScaleCard } from "./ScaleCard";
import { SlurryCard } from "./SlurryCard";

export const metadata: Metadata = { title: t("amounts") };

export default async function AmountsPage() {
  await requestTime();
  requireHouse();
  const own = boughtGoods(db()).map(({ good }) => good);
  const sauces = sauceSpecs(db()).map(({ specId, spec }) => ({ specId, spec }));
  return (
    <>
      <PageHead title={t("saltByPartAndHowMuch")} asks={t("everythingSaltyIsCounted")} />
      <SubNav views={BUTTER_VIEWS} here="/butter/amounts" />
      <div className={page.stack}>
        <SaltCard own={own} sauces={sauces} />
        <ScaleCard own={own} sauces={sauces} />
        <div className={page.split}>
          <LiquorCard />
          <RiceCard />
          <SlurryCard />
          <ColdCard />
        </div>
      </div>
    </>
  );
}
