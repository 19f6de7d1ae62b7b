"use server";
import { revalidatePath } from "next/cache";
import { checkSide, planCuts } from "@/core/block";
import { assertNever, err, ok, type Result } from "@/core/shared";
import { cutBatch, type CutError } from "@/db/batches";
import { db } from "@/db/connection";
import { FOREIGN, invalidInput, refused, type ActionError } from "../../actionError";
import { cookAtStation, fromThisHouse } from "../../request";
import { NewCut } from "./schema";

function inWords(error: CutError): ActionError {
  switch (error.kind) {
    case "lotNotOnIce":
      return refused("This lot is not on ice any more.");
    case "moreThanLeft":
      return refused(`The side weighs more than is left of the lot (${Math.round(error.leftG)} g): weigh it again.`);
    case "noPortions":
      return refused("No portion of that size fits this side: a smaller portion, or more tolerance.");
    default:
      return assertNever(error);
  }
}

/** Plans the cut again on the server and keeps it as a batch; answers with the batch's id. */
export async function cutSide(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = NewCut.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { lotId, side, portionG, toleranceG, minPieceMm, trimUse } = parsed.data;
  const wrong = checkSide(side);
  if (wrong) return err(refused(wrong.message));
  const plan = planCuts({ side, portionG, toleranceG, minPieceMm });
  const cut = cutBatch(db(), { lotId, side, portionG, toleranceG, plan, trimUse }, await cookAtStation(), Date.now());
  if (!cut.ok) return err(inWords(cut.error));
  revalidatePath("/", "layout");
  return ok(cut.value.id);
}
