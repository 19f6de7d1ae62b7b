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

export const metadata: Metadata = { title: "Species" };

export default async function SpeciesPage() {
  await requestTime();
  requireHouse();
  const own = listOwnSpecies(db());
  return (
    <>
      <PageHead
        title={<>{SPECIES.length + own.length} species by every name they are sold under</>}
        asks="One name can mean several fish: then it says which. Figures are recalled from the named handbooks and marked so."
      />
      <SubNav views={DOCK_VIEWS} here="/dock/species" />
      <div className={page.stack}>
        <section className={page.card}>
          <SpeciesTable />
        </section>
        <section className={page.card}>
          <h2>One of your own</h2>
          <AddSpeciesForm />
        </section>
      </div>
    </>
  );
}
