"use server";
import { err, ok, type Result } from "@/core/shared";
import { addAdvice } from "@/db/house/advice";
import { db } from "@/db/connection";
import { listOwnSpecies, speciesOf } from "@/db/house/species";
import { readAdviceCsv } from "@/exchange/adviceCsv";
import type { RowProblem } from "@/exchange/deliveryCsv";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { AddAdvice, AdviceFile } from "./schema";
import { t } from "@/words/dock";

export const enterAdvice = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("enterAdvice", AddAdvice, input, intention, (entry, { stamp }) => {
    if (!speciesOf(db(), entry.speciesId)) return err(refused("thatFishIsNotInThe2", t("thatFishIsNotInThe2")));
    addAdvice(db(), [entry], stamp.who, stamp.atMs);
    return ok(null);
  });

export type AdviceRead = { readonly added: number; readonly good: number; readonly problems: readonly RowProblem[] };

/** Takes a file of advice: all of it, or with `goodOnly` the rows that can be read. */
export const importAdvice = async (input: unknown, intention: unknown): Promise<Result<AdviceRead, ActionError>> =>
  houseAction("importAdvice", AdviceFile, input, intention, ({ text, goodOnly }, { stamp }) => {
    const { rows, problems } = readAdviceCsv(text, listOwnSpecies(db()));
    const take = rows.length > 0 && (problems.length === 0 || goodOnly);
    if (take) addAdvice(db(), rows, stamp.who, stamp.atMs);
    return ok({ added: take ? rows.length : 0, good: rows.length, problems: problems.slice(0, 50) });
  });
