import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { loadOf } from "@/core/cooking";
import { inSentence, shortName } from "@/core/species";
import { findBatch } from "@/db/block/batches";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { formatFor } from "@/ui/format/format";
import { requireHouse, requestTime } from "../../../request";
import { PrepareBench } from "./PrepareBench";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Prepare" };

export default async function PreparePage({ params }: { readonly params: Promise<{ batchId: string }> }) {
  await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency);
  const batch = findBatch(db(), (await params).batchId);
  const species = batch && speciesOf(db(), batch.speciesId);
  if (!batch || !species) notFound();
  const raw = batch.portions.filter(({ cookId }) => cookId === null);
  const load = loadOf(raw, raw.length);
  return (
    <>
      <PageHead
        title={
          <>
            Prepare the {inSentence(shortName(species))} <span className="figure muted">{batch.code}</span>
          </>
        }
        asks={
          load
            ? `${raw.length} × ${format.mass(load.pieceG)}, ${format.length(load.thicknessMm)} thick. What you do here goes along to the stove: shape, salt, and how cold it is.`
            : "Every portion of this batch has been cooked."
        }
      >
        <Link href={`/stove/${batch.id}`}>To the stove</Link>
      </PageHead>
      {load ? (
        <PrepareBench
          batchId={batch.id}
          speciesId={species.id}
          massG={load.pieceG}
          thicknessMm={load.thicknessMm}
          steps={batch.prepared?.steps ?? []}
        />
      ) : null}
    </>
  );
}
