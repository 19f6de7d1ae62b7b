"use server";
import { z } from "zod";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { appendEntry } from "@/db/ledger";
import { setPhone } from "@/db/lots/suppliers";
import { recallCount } from "@/house/book/recall";
import { t } from "@/words/trace";
import { inWords, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { findRecall } from "./findRecall";

const Asked = z.strictObject({
  asked: z.string().trim().min(1, t("typeWhatIsRecalled")).max(120),
  whole: z.boolean(),
  real: z.boolean(),
});

/** Finds everything that became of a lot and writes down that it was looked for, how long it took and what was found. Answers with the milliseconds. */
export const runRecall = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("runRecall", Asked, input, intention, ({ asked, whole, real }, { stamp: { who, atMs } }) => {
    const began = performance.now();
    const found = findRecall(db(), asked, whole, atMs);
    const tookMs = Math.round(performance.now() - began);
    if (!found) return err(refused("nothingIsCalledSo", t("nothingIsCalledSo", { asked })));
    const payload = { asked, real, by: found.by, codes: found.codes, ...recallCount(found.recall), tookMs };
    appendEntry(db(), { atMs, who, kind: "recall-run", payload });
    return ok(tookMs);
  });

const Phone = z.strictObject({ name: z.string().trim().min(1).max(120), phone: z.string().trim().max(40) });

/** Writes down the telephone of a supplier. */
export const sayPhone = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayPhone", Phone, input, intention, ({ name, phone }, { stamp }) =>
    inWords(setPhone(db(), name, phone, stamp), {
      noSuchSupplier: refused("thereIsNoSupplier", t("thereIsNoSupplier")),
    }),
  );
