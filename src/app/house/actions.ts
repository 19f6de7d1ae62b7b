"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { endKey } from "@/db/doors/deviceKeys";
import { setHostNames } from "@/db/house/house";
import { t } from "@/words/doors";
import { refused, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { HostNames, KeyId } from "./schema";

/** Says by which names the house may be called, besides addresses and names of the local network. */
export const sayHostNames = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("sayHostNames", HostNames, input, intention, ({ names }, { stamp }) => {
    setHostNames(db(), [...new Set(names)], stamp.who, stamp.atMs);
    return ok(null);
  });

/** Ends the key of a device: it is turned away from now on. */
export const endTheKey = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("endTheKey", KeyId, input, intention, ({ keyId }, { stamp }) =>
    endKey(db(), keyId, stamp) ? ok(null) : err(refused("thatKeyHasEnded", t("thatKeyHasEnded"))),
  );
