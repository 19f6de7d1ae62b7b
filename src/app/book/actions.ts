"use server";
import { revalidatePath } from "next/cache";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { correctEntry } from "@/db/ledger";
import { FOREIGN, invalidInput, refused, type ActionError } from "../actionError";
import { cookAtStation, fromThisHouse } from "../request";

const Correction = z.strictObject({
  seq: z.number().int().positive(),
  note: z.string().trim().min(3, "Say what is true instead.").max(500),
});

export async function correct(input: unknown): Promise<Result<number, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = Correction.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const added = correctEntry(db(), parsed.data.seq, parsed.data.note, await cookAtStation(), Date.now());
  if (!added) return err(refused("There is no entry of that number."));
  revalidatePath("/book");
  return ok(added.seq);
}
