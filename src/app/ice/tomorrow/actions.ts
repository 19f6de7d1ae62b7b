"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { setCovers } from "@/db/house/covers";
import { speciesOf } from "@/db/house/species";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { SetCovers } from "./schema";
import { t } from "@/words/ice";

/** Sets the covers of a day for one species and use. */
export const planTheCovers = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("planTheCovers", SetCovers, input, intention, (wanted, { stamp }) => {
    if (!speciesOf(db(), wanted.speciesId)) return err(refused("thatFishIsNotInThe", t("thatFishIsNotInThe")));
    setCovers(db(), wanted, stamp.who, stamp.atMs);
    return ok(null);
  });
