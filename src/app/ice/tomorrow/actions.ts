"use server";
import { revalidatePath } from "next/cache";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { setCovers } from "@/db/covers";
import { speciesOf } from "@/db/species";
import { FOREIGN, invalidInput, refused, type ActionError } from "../../actionError";
import { cookAtStation, fromThisHouse } from "../../request";
import { SetCovers } from "./schema";

/** Sets the covers of a day for one species and use. */
export async function planTheCovers(input: unknown): Promise<Result<null, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = SetCovers.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  if (!speciesOf(db(), parsed.data.speciesId)) return err(refused("That fish is not in the table."));
  setCovers(db(), parsed.data, await cookAtStation(), Date.now());
  revalidatePath("/", "layout");
  return ok(null);
}
