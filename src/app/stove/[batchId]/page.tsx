import type { Metadata } from "next";
import { notFound, redirect } from "next/navigation";
import { connection } from "next/server";
import { findBatch } from "@/db/batches";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/species";
import { requireHouse } from "../../request";
import { PlanBench } from "../bench/PlanBench";
import { filmsByPan } from "../films";
import { AT_THE_PAN_C, firstAsk } from "../firstAsk";
import { loadOfBatch } from "../question";

export const metadata: Metadata = { title: "Stove" };

export default async function PlanPage({ params }: { readonly params: Promise<{ batchId: string }> }) {
  await connection();
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
  const first = firstAsk(species, {
    shape: prepared?.piece.shape ?? batch.pieceShape ?? "slab",
    sizeMm: load.thicknessMm,
    massG: load.pieceG,
    startC: prepared ? Math.round(prepared.piece.startC * 10) / 10 : AT_THE_PAN_C,
    pieces: pieces.length,
  });
  return (
    <PlanBench
      source={{ kind: "batch", batchId: batch.id, code: batch.code, pieces, prepared }}
      speciesId={species.id}
      first={first}
      pieceG={load.pieceG}
      filmsByPan={filmsByPan(db())}
    />
  );
}
