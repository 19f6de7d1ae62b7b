"use server";
import { z } from "zod";
import { ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { placeProbe, setProbe } from "@/db/stove/probes";
import { inWords, refused, type ActionError } from "../../actionError";
import { houseAction, secretAction } from "../../houseAction";
import { t } from "@/words/stove";

const NewProbe = z.strictObject({ name: z.string().trim().min(1, t("giveTheProbeAName")).max(40) });
const ProbeMove = z.strictObject({ probeId: z.string().min(1), cookId: z.string().min(1).nullable() });

/** Adds a probe or renews its key; the key is told this once. */
export const addProbe = async (
  input: unknown,
  intention: unknown,
): Promise<Result<{ readonly id: string; readonly key: string }, ActionError>> =>
  secretAction("addProbe", NewProbe, input, intention, ({ name }, { stamp }) => {
    const { id, key } = setProbe(db(), name, stamp);
    return ok({ id, key });
  });

const NOT_THERE = refused("thatProbeOrCookIsNot", t("thatProbeOrCookIsNot"));

/** Puts a probe into a cook or takes it out. */
export const moveProbe = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("moveProbe", ProbeMove, input, intention, ({ probeId, cookId }) =>
    inWords(placeProbe(db(), probeId, cookId), { noSuchProbe: NOT_THERE, noSuchCook: NOT_THERE }),
  );
