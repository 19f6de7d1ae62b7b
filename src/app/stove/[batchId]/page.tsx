import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { connection } from "next/server";
import { targetCentreC, USUAL_DONENESS } from "@/core/cooking";
import { findBatch } from "@/db/batches";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/species";
import { requireHouse } from "../../request";
import { PlanBench } from "./PlanBench";

export const metadata: Metadata = { title: "Stove" };

export default async function PlanPage({ params }: { readonly params: Promise<{ batchId: string }> }) {
  await connection();
  requireHouse();
  const batch = findBatch(db(), (await params).batchId);
  if (!batch) notFound();
  const species = speciesOf(db(), batch.speciesId);
  if (!species) notFound();
  const raw = batch.portions.filter(({ cookId }) => cookId === null);
  if (raw.length === 0) redirect(`/book/lot/${batch.lotId}`);
  return (
    <PlanBench
      batchId={batch.id}
      batchCode={batch.code}
      speciesId={species.id}
      pieces={raw.map(({ massG, maxThicknessMm, cookThicknessMm }) => ({ massG, maxThicknessMm, cookThicknessMm }))}
      prepared={batch.prepared ? { before: batch.prepared.before, piece: batch.prepared.piece } : null}
      usualTargetC={targetCentreC(species.donenessGroup, USUAL_DONENESS[species.donenessGroup])}
    />
  );
}
