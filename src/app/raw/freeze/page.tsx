import type { Metadata } from "next";
import { parasiteRuleOf } from "@/core/safety";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { lotInHand, stockOnIce } from "@/db/lots/stock";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { RAW_VIEWS } from "../subViews";
import { FreezeBench } from "./FreezeBench";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/raw";

export const metadata: Metadata = { title: t("freezeItFirst") };

export default async function FreezePage({ searchParams }: { readonly searchParams: Promise<{ lot?: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const asked = (await searchParams).lot;
  const chosen = asked ? lotInHand(db(), asked, nowMs) : undefined;
  const lots = stockOnIce(db(), nowMs)
    .filter(({ byProduct, life, species }) => !byProduct && life.use !== "over" && species.rawUse !== "none")
    .map(({ id, title, row, life }) => ({
      id,
      title: `${title} ${row.code}`,
      speciesId: row.speciesId,
      startC: Math.round(life.placeC * 10) / 10,
      inFreezer: life.state === "frozen",
    }));
  return (
    <>
      <PageHead title={t("freezeItFirst")} asks={t("howLongThisPackTakesIn")} />
      <SubNav views={RAW_VIEWS} here="/raw/freeze" />
      <FreezeBench
        ruleId={parasiteRuleOf(house.ruleSetId)}
        lots={lots}
        serverNowMs={nowMs}
        chosenId={chosen && lots.some(({ id }) => id === chosen.id) ? chosen.id : null}
        freezers={listPlaces(db())
          .filter(({ kind }) => kind === "freezer")
          .map(({ id, name, setC }) => ({ id, name, setC }))}
      />
    </>
  );
}
