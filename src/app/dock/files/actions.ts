"use server";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { readDeliveryCsv, type DeliveryRead } from "@/exchange/deliveryCsv";
import { readEpcis } from "@/exchange/epcis";
import { refused, type ActionError } from "../../actionError";
import { houseQuestion } from "../../houseAction";
import { t } from "@/words/dock";

const DeliveryFile = z.strictObject({
  text: z.string().min(1, t("theFileIsEmpty")).max(5_000_000, t("over5MbSplitTheFile")),
});

/** Reads a delivery file, CSV or EPCIS; nothing is kept before somebody has looked at the fish. */
export async function readDeliveryFile(input: unknown): Promise<Result<DeliveryRead, ActionError>> {
  return houseQuestion("readDeliveryFile", DeliveryFile, input, ({ text }) => {
    const own = listOwnSpecies(db());
    const read = /^\s*[[{]/.test(text) ? readEpcis(text, own) : readDeliveryCsv(text, own);
    if (read.drafts.length === 0 && read.problems.length === 0)
      return err(refused("theFileHoldsNoLots", t("theFileHoldsNoLots")));
    return ok(read);
  });
}
