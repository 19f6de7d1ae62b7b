import type { Metadata } from "next";
import page from "@/ui/page.module.css";
import { SubNav } from "@/ui/SubNav";
import { requireHouse, requestTime } from "../../request";
import { RAW_VIEWS } from "../subViews";
import { AcidCard } from "./AcidCard";
import { SmokeCard } from "./SmokeCard";

export const metadata: Metadata = { title: "Acid and smoke" };

export default async function AcidPage() {
  await requestTime();
  requireHouse();
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>Acid and cold smoke</h1>
          <p className={page.asks}>Both flavour and firm; neither cooks, neither kills parasites.</p>
        </div>
      </header>
      <SubNav views={RAW_VIEWS} here="/raw/acid" />
      <div className={page.split}>
        <AcidCard />
        <SmokeCard />
      </div>
    </>
  );
}
