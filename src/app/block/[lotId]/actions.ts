"use server";
import { checkSide, planSides } from "@/core/block";
import { assertNever, err, ok, type Result } from "@/core/shared";
import { cutBatch, type CutError } from "@/db/block/cutBatch";
import { db } from "@/db/connection";
import { refused, refusedBy, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { NewCut } from "./schema";
import { t } from "@/words/block";

function inWords(error: CutError): ActionError {
  switch (error.kind) {
    case "lotNotOnIce":
      return refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"));
    case "moreThanLeft":
      return refused("theSidesWeighMoreThanIs", t("theSidesWeighMoreThanIs", { left: Math.round(error.leftG) }));
    case "noPortions":
      return refused("noPortionOfThatSizeFits", t("noPortionOfThatSizeFits"));
    default:
      return assertNever(error);
  }
}

/** Plans the cut again on the server and keeps it as a batch; answers with the batch's id. */
export const cutSides = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("cutSides", NewCut, input, intention, ({ lotId, ...ask }, { stamp, today }) => {
    const wrong = ask.sides.map(checkSide).find((one) => one !== null);
    if (wrong) return err(refusedBy(wrong.message));
    const cut = cutBatch(db(), { ...ask, lotId, plan: planSides(ask) }, { ...stamp, day: today });
    return cut.ok ? ok(cut.value.id) : err(inWords(cut.error));
  });
