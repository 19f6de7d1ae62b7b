import type { Metadata } from "next";
import { heldFrom, liveCook } from "@/core/cooking";
import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { openHotHolds } from "@/db/stove/hotHolds";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import { speciesName } from "../clockOf";
import { STOVE_VIEWS } from "../subViews";
import { HoldBench, type FromCook } from "./HoldBench";
import { HotHolds } from "./HotHolds";
import { t } from "@/words/stove";

export const metadata: Metadata = { title: t("holdItHot") };

type Search = { readonly searchParams: Promise<{ readonly cook?: string | string[] }> };

export default async function HoldPage({ searchParams }: Search) {
  const nowMs = await requestTime();
  const { ruleSetId } = requireHouse();
  const { cook: cookId } = await searchParams;
  const cook = typeof cookId === "string" ? findCook(db(), cookId) : undefined;
  const stageSeconds = cook?.plan.answer.stages.map(({ seconds }) => seconds) ?? [];
  const from: FromCook | null = cook
    ? {
        cookId: cook.id,
        title: `${speciesName(cook.speciesId)} ×${cook.pieces}`,
        speciesId: cook.speciesId,
        shape: cook.plan.shape,
        pieceG: cook.plan.pieceG,
        ...heldFrom(cook.plan.answer, liveCook(stageSeconds, cook.events, nowMs), nowMs),
      }
    : null;
  const holds = openHotHolds(db())
    .filter(({ lotId }) => lotId === null)
    .map(({ id, title, place, ...hold }) => ({ id, title, place, ...hold }));
  return (
    <HoldBench
      key={from?.cookId ?? "any"}
      from={from}
      ruleSetId={ruleSetId}
      nav={<SubNav views={STOVE_VIEWS} here="/stove/hold" />}
      held={holds.length > 0 ? <HotHolds holds={holds} serverNowMs={nowMs} /> : null}
    />
  );
}
