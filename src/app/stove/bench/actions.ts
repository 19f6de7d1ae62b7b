"use server";
import { z } from "zod";
import { METHODS } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { keepSteps } from "@/db/stove/writtenSteps";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { t } from "@/words/stove-plan";

const Steps = z.strictObject({
  speciesId: z.string().min(1),
  methodId: z.enum(METHODS.map(({ id }) => id)),
  steps: z.array(z.string().trim().min(1).max(400)).min(1).max(10),
});

/** Keeps the written steps of a dish cooked in two goes, as they were shown. */
export const keepWrittenSteps = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("keepWrittenSteps", Steps, input, intention, (steps, { stamp }) =>
    speciesOf(db(), steps.speciesId)
      ? ok(keepSteps(db(), steps, stamp))
      : err(refused("thatFishIsNotInThe", t("thatFishIsNotInThe"))),
  );
