import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { db } from "@/db/connection";
import { findCook } from "@/db/cooks";
import { requireHouse, requestTime } from "../../../request";
import { speciesName } from "../../clockOf";
import { LiveBench } from "./LiveBench";

export const metadata: Metadata = { title: "Live cook" };

export default async function CookPage({ params }: { readonly params: Promise<{ cookId: string }> }) {
  const nowMs = await requestTime();
  requireHouse();
  const cook = findCook(db(), (await params).cookId);
  if (!cook) notFound();
  return (
    <LiveBench
      cookId={cook.id}
      lotId={cook.lotId}
      title={`${speciesName(cook.speciesId)} ×${cook.pieces}`}
      batchCode={cook.batchCode}
      plan={cook.plan}
      events={cook.events}
      serverNowMs={nowMs}
    />
  );
}
