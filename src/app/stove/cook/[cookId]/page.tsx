import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { findBatch } from "@/db/block/batches";
import { listProbes, readingsOf } from "@/db/stove/probes";
import { requireHouse, requestTime } from "../../../request";
import { cookTitle } from "../../clockOf";
import { LiveBench } from "./LiveBench";
import { t } from "@/words/stove";

export const metadata: Metadata = { title: t("liveCook") };

export default async function CookPage({ params }: { readonly params: Promise<{ cookId: string }> }) {
  const nowMs = await requestTime();
  requireHouse();
  const cook = findCook(db(), (await params).cookId);
  if (!cook) notFound();
  return (
    <LiveBench
      cookId={cook.id}
      lotId={cook.lotId}
      title={cookTitle(cook)}
      batchCode={cook.batchCode}
      plan={cook.plan}
      events={cook.events}
      readings={readingsOf(db(), cook.id)}
      probes={listProbes(db()).map(({ id, name, cookId }) => ({ id, name, cookId }))}
      piecesMm={
        cook.batchId === null
          ? Array.from({ length: cook.pieces }, () => cook.plan.thicknessMm)
          : (findBatch(db(), cook.batchId)?.portions ?? [])
              .filter(({ cookId }) => cookId === cook.id)
              .map(({ maxThicknessMm, cookThicknessMm }) => cookThicknessMm ?? maxThicknessMm)
      }
      serverNowMs={nowMs}
    />
  );
}
