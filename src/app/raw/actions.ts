"use server";
import { ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { setSusceptibleGuests } from "@/db/house/house";
import type { ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { Guests } from "./schema";

export const sayGuests = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayGuests", Guests, input, intention, ({ susceptibleGuests }, { stamp }) => {
    setSusceptibleGuests(db(), susceptibleGuests, stamp.who, stamp.atMs);
    return ok(null);
  });
