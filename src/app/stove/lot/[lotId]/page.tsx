import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { usualPiece } from "@/core/cooking";
import { db } from "@/db/connection";
import { findLot } from "@/db/lots/lots";
import { parasitesOf } from "@/db/raw/rawLots";
import { lotInHand } from "@/db/lots/stock";
import { requireHouse, requestTime } from "../../../request";
import { PlanBench } from "../../bench/PlanBench";
import { filmsByPan } from "../../films";
import { firstInThread } from "../../firstInThread";
import { t } from "@/words/stove-plan";

export const metadata: Metadata = { title: t("stove") };

/** Pieces counted out of a lot as they are: scallops, tails, arms, shells, whole fish. */
export default async function LotPlanPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  requireHouse();
  const stock = lotInHand(db(), (await params).lotId, nowMs);
  const lot = findLot(db(), (await params).lotId);
  if (!stock || !lot) notFound();
  const { species } = stock;
  const { massG } = usualPiece(species);
  const first = await firstInThread(
    species,
    lot.state === "frozen" ? { startC: -18 } : {},
    Math.max(1, Math.floor(lot.remainingG / massG)),
  );
  const parasites = parasitesOf(db(), stock, nowMs);
  return (
    <PlanBench
      source={{ kind: "lot", lotId: lot.id, code: lot.code, leftG: lot.remainingG }}
      species={species}
      first={first}
      pieceG={massG}
      filmsByPan={filmsByPan(db())}
      parasites={{ met: parasites.check.state === "met", text: parasites.check.text }}
    />
  );
}
