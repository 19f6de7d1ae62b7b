import type { Metadata } from "next";
import { isFinfish } from "@/core/species";
import { db } from "@/db/connection";
import { parasitesOf } from "@/db/raw/rawLots";
import { stockOnIce } from "@/db/lots/stock";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { RAW_VIEWS } from "../subViews";
import { AcidCard } from "./AcidCard";
import { SmokeCard } from "./SmokeCard";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/raw";

export const metadata: Metadata = { title: t("acidAndSmoke") };

export default async function AcidPage() {
  const nowMs = await requestTime();
  requireHouse();
  const lots = stockOnIce(db(), nowMs)
    .filter(({ species, byProduct }) => isFinfish(species.group) && !byProduct)
    .map((lot) => {
      const { check } = parasitesOf(db(), lot, nowMs);
      return { id: lot.id, title: `${lot.title}, ${lot.row.code}`, cleared: check.state === "met", why: check.text };
    });
  return (
    <>
      <PageHead title={t("acidAndColdSmoke")} asks={t("bothFlavourAndFirmNeitherCooks")} />
      <SubNav views={RAW_VIEWS} here="/raw/acid" />
      <div className={page.split}>
        <AcidCard />
        <SmokeCard lots={lots} />
      </div>
    </>
  );
}
