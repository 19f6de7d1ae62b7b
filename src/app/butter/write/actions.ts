"use server";
import { randomUUID } from "node:crypto";
import { planSauce } from "@/core/butter";
import { err, ok, type Result } from "@/core/shared";
import { shelfOf } from "@/db/butter/goods";
import { findSauce, keepSauceSpec } from "@/db/butter/specs";
import { db } from "@/db/connection";
import { stoveOf } from "@/house/stove/panBody";
import { usualStove } from "@/house/butter/tonight";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/shelf";
import { bySaid, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { KeepSauce } from "./schema";

/** A sauce is written down as it is made from now on: answers with its id. What was made before keeps what it was made by. */
export const keepSauce = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("keepSauce", KeepSauce, input, intention, ({ specId, ...spec }, { house, stamp }) => {
    if (specId !== null && !findSauce(db(), specId)) return err(refused("thatSauceIsGone", t("thatSauceIsGone")));
    const plan = planSauce(spec, spec.covers, stoveOf(usualStove(spec.covers)), shelfOf(db()));
    if (!plan.ok) return err(bySaid(plan.error, formatFor(house.units, house.currency, house.decimalMark)));
    const id = specId ?? randomUUID();
    keepSauceSpec(db(), id, spec, stamp);
    return ok(id);
  });
