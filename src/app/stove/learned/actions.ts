"use server";
import { z } from "zod";
import { PAN_IDS, readTrace } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { addTrace } from "@/db/stove/probes";
import { keepFit, resetFit } from "@/db/stove/stationFits";
import { parseCsv } from "@/exchange/csv";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { learnFrom } from "../learnFrom";

const Trace = z.strictObject({
  cookId: z.string("Choose a cook.").min(1, "Choose a cook."),
  text: z.string().min(1, "Choose a file.").max(400_000, "That file is too long for one cook."),
});
const Lesson = z.strictObject({ panId: z.enum(PAN_IDS), cookIds: z.array(z.string().min(1)).max(200) });

/** Readings of a finished or running cook out of a file: seconds, minutes or times against °C or °F. Answers how many came in. */
export const importTrace = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("importTrace", Trace, input, intention, ({ cookId, text }) => {
    const cook = findCook(db(), cookId);
    if (!cook) return err(refused("That cook is not in the house."));
    const read = readTrace(parseCsv(text));
    if (!read.ok) return err(refused(read.error));
    const readings = read.value.map(({ timeS, celsius }) => ({ atMs: cook.startedAtMs + timeS * 1000, celsius }));
    addTrace(db(), cookId, readings);
    return ok(readings.length);
  });

/** Learns a pan's coefficients from the probed cooks chosen, or with none sets them back to the book's. */
export const learnPan = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("learnPan", Lesson, input, intention, ({ panId, cookIds }, { stamp }) => {
    if (cookIds.length === 0) {
      resetFit(db(), panId, stamp);
      return ok(null);
    }
    const learned = learnFrom(db(), cookIds);
    if (!learned) return err(refused("None of these cooks was probed."));
    keepFit(db(), panId, learned.fit, learned.cooks, stamp);
    return ok(null);
  });
