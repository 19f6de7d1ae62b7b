import type { Metadata } from "next";
import { db } from "@/db/connection";
import { listKeys } from "@/db/doors/deviceKeys";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import { requestTime, requireHouse } from "../request";
import { FindIt } from "./FindIt";
import { HostNamesCard } from "./HostNamesCard";
import { KeysCard } from "./KeysCard";

export const metadata: Metadata = { title: t("theHouse") };

/** The doors of the house: how it is found, what it is called, what may send to it. */
export default async function HousePage() {
  const nowMs = await requestTime();
  const { hostNames } = requireHouse();
  return (
    <>
      <PageHead title={t("theHouse")} asks={t("whoMayComeIn")} />
      <div className={page.wideLeft}>
        <KeysCard keys={listKeys(db())} nowMs={nowMs} />
        <div className={page.stack}>
          <FindIt />
          <HostNamesCard names={hostNames} />
        </div>
      </div>
    </>
  );
}
