import type { Metadata } from "next";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { listAdvice } from "@/db/house/advice";
import { listPlaces } from "@/db/house/places";
import { listSuppliers, lotsReceivedSince } from "@/db/lots/lots";
import { usualFigures } from "@/db/lots/usualFigures";
import { usualPlaces } from "@/db/lots/usualPlaces";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { DockDesk } from "./DockDesk";
import { DoorLog } from "./DoorLog";
import { expectedToday } from "./expected/expectedToday";
import { DOCK_VIEWS } from "./subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/dock";

export const metadata: Metadata = { title: t("dock") };

export default async function DockPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const recent = lotsReceivedSince(db(), nowMs - 4 * DAY_MS);
  return (
    <>
      <PageHead title={t("isItGoodMayIKeep")} asks={t("nameItLookSmellPressThe")} />
      <SubNav views={DOCK_VIEWS} here="/dock" />
      <DockDesk
        expected={expectedToday(house, nowMs)}
        suppliers={listSuppliers(db())}
        places={listPlaces(db())}
        advice={listAdvice(db())}
        serverNowMs={nowMs}
        usualPlaces={usualPlaces(db())}
        usualFigures={usualFigures(db())}
      />
      <DoorLog lots={recent} house={house} />
    </>
  );
}
