import type { Metadata } from "next";
import { db } from "@/db/connection";
import { listKeys } from "@/db/doors/deviceKeys";
import { isLocked, listPeople } from "@/db/doors/people";
import { listTablets } from "@/db/doors/tablets";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/doors";
import { cookAtStation, requestTime, requireHouse } from "../request";
import { FindIt } from "./FindIt";
import { HostNamesCard } from "./HostNamesCard";
import { KeysCard } from "./KeysCard";
import { MakeChef } from "./MakeChef";
import { PeopleCard } from "./PeopleCard";
import { TakeAlong } from "./TakeAlong";
import { TabletsCard } from "./TabletsCard";

export const metadata: Metadata = { title: t("theHouse") };

/** The doors of the house: who may come in, how it is found, what it is called, what may send to it. */
export default async function HousePage() {
  const nowMs = await requestTime();
  const { hostNames, demo } = requireHouse();
  const people = listPeople(db(), nowMs).map(({ id, name, role, pinHash }) => ({
    id,
    name,
    role,
    hasPin: pinHash !== null,
  }));
  return (
    <>
      <PageHead title={t("theHouse")} asks={t("whoMayComeIn")} />
      {demo || isLocked(db()) ? null : <MakeChef who={await cookAtStation()} />}
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <PeopleCard people={people} />
          <TabletsCard tablets={listTablets(db())} nowMs={nowMs} />
          <KeysCard keys={listKeys(db())} nowMs={nowMs} />
        </div>
        <div className={page.stack}>
          <FindIt />
          <HostNamesCard names={hostNames} />
          <TakeAlong />
        </div>
      </div>
    </>
  );
}
