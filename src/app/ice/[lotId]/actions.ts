"use server";
import { revalidatePath } from "next/cache";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { finishLot } from "@/db/lots";
import { FOREIGN, invalidInput, refused, type ActionError } from "../../actionError";
import { cookAtStation, fromThisHouse } from "../../request";
import { TakeOff } from "./schema";

export async function takeOffIce(input: unknown): Promise<Result<null, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = TakeOff.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { lotId, reason } = parsed.data;
  if (!finishLot(db(), lotId, reason, await cookAtStation(), Date.now()))
    return err(refused("This lot is not on ice any more."));
  revalidatePath("/", "layout");
  return ok(null);
}
