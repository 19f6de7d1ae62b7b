"use server";
import { err, ok, type Result } from "@/core/shared";
import { endReduction, noteReduction, startReduction } from "@/db/butter/reductions";
import { db } from "@/db/connection";
import { formatFor } from "@/words/format/format";
import { bySaid, type ActionError } from "../actionError";
import { houseAction } from "../houseAction";
import { EndReduction, NoteReduction, StartReduction } from "./schema";

/** A reduction goes on the fire: answers with its id. */
export const putReductionOn = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("putReductionOn", StartReduction, input, intention, (asked, { house, stamp }) => {
    const started = startReduction(db(), { ...asked, specId: null, covers: 1 }, stamp);
    return started.ok ? started : err(bySaid(started.error, formatFor(house.units, house.currency, house.decimalMark)));
  });

/** What was seen of its pan: the clock follows it. */
export const seePan = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("seePan", NoteReduction, input, intention, ({ id, seen }, { house, stamp }) => {
    const noted = noteReduction(db(), id, seen, stamp);
    return noted.ok ? noted : err(bySaid(noted.error, formatFor(house.units, house.currency, house.decimalMark)));
  });

/** It comes off: its minutes teach the pan unless it was given up. */
export const takeReductionOff = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("takeReductionOff", EndReduction, input, intention, ({ id, as }, { house, stamp }) => {
    const ended = endReduction(db(), id, as, stamp);
    return ended.ok ? ok(null) : err(bySaid(ended.error, formatFor(house.units, house.currency, house.decimalMark)));
  });
