"use server";
import { plainPiece, prepare } from "@/core/block";
import { loadOf } from "@/core/cooking";
import { err, type Result } from "@/core/shared";
import { findBatch, prepareBatch } from "@/db/block/batches";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { inWords, refused, refusedBy, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { NewPreparation } from "./schema";
import { t } from "@/words/block";

const NONE_RAW = refused("noRawPortionOfThisBatch", t("noRawPortionOfThisBatch"));

/** Reckons the preparation once more on the server and keeps it with the batch. */
export const keepPreparation = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("keepPreparation", NewPreparation, input, intention, ({ batchId, steps }, { stamp }) => {
    const batch = findBatch(db(), batchId);
    const species = batch && speciesOf(db(), batch.speciesId);
    const raw = batch?.portions.filter(({ cookId }) => cookId === null) ?? [];
    const load = loadOf(raw, raw.length);
    if (!batch || !species || !load) return err(NONE_RAW);
    const before = plainPiece(species, load.pieceG, load.thicknessMm);
    const prepared = prepare(species, before, steps);
    if (!prepared.ok) return err(refusedBy(prepared.error));
    return inWords(prepareBatch(db(), batchId, { steps, before, piece: prepared.value }, stamp), {
      noSuchBatch: NONE_RAW,
    });
  });
