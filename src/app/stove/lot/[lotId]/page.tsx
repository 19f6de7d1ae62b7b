import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { db } from "@/db/connection";
import { findLot } from "@/db/lots";
import { lotInHand } from "@/db/stock";
import { requireHouse, requestTime } from "../../../request";
import { PlanBench } from "../../bench/PlanBench";
import { filmsByPan } from "../../films";
import { AT_THE_PAN_C, countedPiece, firstAsk } from "../../firstAsk";

export const metadata: Metadata = { title: "Stove" };

/** Pieces counted out of a lot as they are: scallops, tails, arms, shells, whole fish. */
export default async function LotPlanPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  requireHouse();
  const stock = lotInHand(db(), (await params).lotId, nowMs);
  const lot = findLot(db(), (await params).lotId);
  if (!stock || !lot) notFound();
  const { species } = stock;
  const { sizeMm, massG } = countedPiece(species);
  const first = firstAsk(species, {
    shape: species.portion.shape,
    sizeMm,
    massG,
    startC: lot.state === "frozen" ? -18 : AT_THE_PAN_C,
    pieces: Math.max(1, Math.floor(lot.remainingG / massG)),
  });
  return (
    <PlanBench
      source={{ kind: "lot", lotId: lot.id, code: lot.code, leftG: lot.remainingG }}
      speciesId={species.id}
      first={first}
      pieceG={massG}
      filmsByPan={filmsByPan(db())}
    />
  );
}
