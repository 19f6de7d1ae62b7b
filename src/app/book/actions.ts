"use server";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { correctEntry } from "@/db/ledger";
import { refused, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { t } from "@/words/book";

const Correction = z.strictObject({
  seq: z.number().int().positive(),
  note: z.string().trim().min(3, t("sayWhatIsTrueInstead")).max(500),
});

/** Adds what is true instead of an entry; the entry itself stands. */
export const correct = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("correct", Correction, input, intention, ({ seq, note }, { stamp: { who, atMs } }) => {
    const added = correctEntry(db(), seq, note, who, atMs);
    if (!added.ok) return err(refused("thereIsNoEntryOfThat", t("thereIsNoEntryOfThat")));
    return ok(added.value.seq);
  });
