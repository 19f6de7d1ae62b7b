import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { isFinfish } from "@/core/species";
import { findBatch } from "@/db/block/batches";
import { saucesFor } from "@/db/butter/specs";
import { db } from "@/db/connection";
import { parasitesOf } from "@/db/raw/rawLots";
import { speciesOf } from "@/db/house/species";
import { lotInHand } from "@/db/lots/stock";
import { requireHouse, requestTime } from "../../request";
import { PlanBench } from "../bench/PlanBench";
import { filmsByPan } from "../films";
import { firstInThread } from "../firstInThread";
import { loadOfBatch } from "@/house/stove/question";
import { t } from "@/words/stove-plan";

export const metadata: Metadata = { title: t("stove") };

export default async function PlanPage({ params }: { readonly params: Promise<{ batchId: string }> }) {
  const nowMs = await requestTime();
  requireHouse();
  const batch = findBatch(db(), (await params).batchId);
  if (!batch) notFound();
  const species = speciesOf(db(), batch.speciesId);
  if (!species) notFound();
  const pieces = batch.portions
    .filter(({ cookId }) => cookId === null)
    .map(({ massG, maxThicknessMm, cookThicknessMm }) => ({ massG, maxThicknessMm, cookThicknessMm }));
  const prepared = batch.prepared ? { before: batch.prepared.before, piece: batch.prepared.piece } : null;
  const load = loadOfBatch(pieces, 1, prepared);
  if (!load) redirect(`/book/lot/${batch.lotId}`);
  const shape = prepared?.piece.shape ?? batch.pieceShape ?? "slab";
  const first = await firstInThread(
    species,
    {
      // what Block cut is flesh, or a round of it; a tail stays what it was counted as
      ...(isFinfish(species.group) ? { form: "piece" as const } : {}),
      shape,
      sizeMm: load.thicknessMm,
      massG: load.pieceG,
      ...(prepared ? { startC: Math.round(prepared.piece.startC * 10) / 10 } : {}),
    },
    pieces.length,
  );
  const lot = lotInHand(db(), batch.lotId, nowMs);
  const parasites = lot ? parasitesOf(db(), lot, nowMs) : null;
  return (
    <PlanBench
      source={{ kind: "batch", batchId: batch.id, code: batch.code, pieces, prepared }}
      species={species}
      first={first}
      pieceG={load.pieceG}
      filmsByPan={filmsByPan(db())}
      sauces={saucesFor(db(), species.id)}
      parasites={parasites ? { met: parasites.check.state === "met", text: parasites.check.text } : null}
    />
  );
}
