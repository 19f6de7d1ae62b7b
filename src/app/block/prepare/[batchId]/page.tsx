import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { loadOf } from "@/core/cooking";
import { inSentence, shortName } from "@/core/species";
import { findBatch } from "@/db/block/batches";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { formatFor } from "@/words/format/format";
import { requireHouse, requestTime } from "../../../request";
import { PrepareBench } from "./PrepareBench";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/block";

export const metadata: Metadata = { title: t("prepare2") };

export default async function PreparePage({ params }: { readonly params: Promise<{ batchId: string }> }) {
  await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
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
            {t.rich("prepareTheSpeciesCode", {
              species: inSentence(shortName(species)),
              code: batch.code,
              span: (words) => <span className="figure muted">{words}</span>,
            })}
          </>
        }
        asks={
          load
            ? t("lengthPieceThicknessThickWhatYou", {
                length: raw.length,
                piece: format.mass(load.pieceG),
                thickness: format.length(load.thicknessMm),
              })
            : t("everyPortionOfThisBatchHas")
        }
      >
        <Link href={`/stove/${batch.id}`}>{t("toTheStove")}</Link>
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
