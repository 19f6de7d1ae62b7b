"use server";
import { revalidatePath } from "next/cache";
import { err, ok, type Result } from "@/core/shared";
import { addAdvice } from "@/db/advice";
import { db } from "@/db/connection";
import { listOwnSpecies, speciesOf } from "@/db/species";
import { readAdviceCsv } from "@/exchange/adviceCsv";
import type { RowProblem } from "@/exchange/deliveryCsv";
import { FOREIGN, invalidInput, refused, type ActionError } from "../../actionError";
import { cookAtStation, fromThisHouse } from "../../request";
import { AddAdvice, AdviceFile } from "./schema";

export async function enterAdvice(input: unknown): Promise<Result<null, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = AddAdvice.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  if (!speciesOf(db(), parsed.data.speciesId)) return err(refused("That fish is not in the table."));
  addAdvice(db(), [parsed.data], await cookAtStation(), Date.now());
  revalidatePath("/", "layout");
  return ok(null);
}

export type AdviceRead = { readonly added: number; readonly good: number; readonly problems: readonly RowProblem[] };

/** Takes a file of advice: all of it, or with `goodOnly` the rows that can be read. */
export async function importAdvice(input: unknown): Promise<Result<AdviceRead, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = AdviceFile.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { rows, problems } = readAdviceCsv(parsed.data.text, listOwnSpecies(db()));
  const take = rows.length > 0 && (problems.length === 0 || parsed.data.goodOnly);
  if (take) {
    addAdvice(db(), rows, await cookAtStation(), Date.now());
    revalidatePath("/", "layout");
  }
  return ok({ added: take ? rows.length : 0, good: rows.length, problems: problems.slice(0, 50) });
}
