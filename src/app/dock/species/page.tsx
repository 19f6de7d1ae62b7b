import type { Metadata } from "next";
import { SPECIES } from "@/core/species";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { DOCK_VIEWS } from "../subViews";
import { AddSpeciesForm } from "./AddSpeciesForm";
import { SpeciesTable } from "./SpeciesTable";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/dock";

export const metadata: Metadata = { title: t("species") };

export default async function SpeciesPage() {
  await requestTime();
  requireHouse();
  const own = listOwnSpecies(db());
  return (
    <>
      <PageHead
        title={<>{t("lengthSpeciesByEveryNameThey", { length: SPECIES.length + own.length })}</>}
        asks={t("oneNameCanMeanSeveralFish")}
      />
      <SubNav views={DOCK_VIEWS} here="/dock/species" />
      <div className={page.stack}>
        <section className={page.card}>
          <SpeciesTable />
        </section>
        <section className={page.card}>
          <h2>{t("oneOfYourOwn")}</h2>
          <AddSpeciesForm />
        </section>
      </div>
    </>
  );
}
