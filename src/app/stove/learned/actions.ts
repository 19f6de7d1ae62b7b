"use server";
import { z } from "zod";
import { PAN_IDS, readTrace, type PanId } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { findCook } from "@/db/stove/cooks";
import { addTrace, readingsOf } from "@/db/stove/probes";
import { listOwnSpecies } from "@/db/house/species";
import { keepFit, resetFit } from "@/db/stove/stationFits";
import { parseCsv } from "@/exchange/csv";
import { refused, refusedBy, type ActionError } from "../../actionError";
import { workOut } from "@/server/pool";
import type { Tasks } from "@/server/tasks";
import { houseAction, plannedAction } from "../../houseAction";
import { POOL_WORDS } from "../../poolWords";
import { t } from "@/words/stove-plan";

const Trace = z.strictObject({
  cookId: z.string(t("chooseACook")).min(1, t("chooseACook")),
  text: z.string().min(1, t("chooseAFile2")).max(400_000, t("thatFileIsTooLongFor")),
});
const Lesson = z.strictObject({ panId: z.enum(PAN_IDS), cookIds: z.array(z.string().min(1)).max(200) });

/** Readings of a finished or running cook out of a file: seconds, minutes or times against °C or °F. Answers how many came in. */
export const importTrace = async (input: unknown, intention: unknown): Promise<Result<number, ActionError>> =>
  houseAction("importTrace", Trace, input, intention, ({ cookId, text }) => {
    const cook = findCook(db(), cookId);
    if (!cook) return err(refused("thatCookIsNotInThe", t("thatCookIsNotInThe")));
    const read = readTrace(parseCsv(text));
    if (!read.ok) return err(refusedBy(read.error));
    const readings = read.value.map(({ timeS, celsius }) => ({ atMs: cook.startedAtMs + timeS * 1000, celsius }));
    addTrace(db(), cookId, readings);
    return ok(readings.length);
  });

type Learned = { readonly panId: PanId; readonly lesson: Tasks["fit"]["answer"] };

/** Learns a pan's coefficients from the probed cooks chosen, or with none sets them back to the book's. */
export const learnPan = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  plannedAction(
    "learnPan",
    Lesson,
    input,
    intention,
    async ({ panId, cookIds }): Promise<Result<Learned, ActionError>> => {
      if (cookIds.length === 0) return ok({ panId, lesson: null });
      const cooks = cookIds.flatMap((id) => {
        const cook = findCook(db(), id);
        return cook ? [{ plan: cook.plan, events: cook.events, streamed: readingsOf(db(), id) }] : [];
      });
      const worked = await workOut("house", "fit", { cooks, own: listOwnSpecies(db()) });
      if (!worked.ok) return err(refused(worked.error, POOL_WORDS[worked.error]));
      return worked.value
        ? ok({ panId, lesson: worked.value })
        : err(refused("noneOfTheseCooksWasProbed", t("noneOfTheseCooksWasProbed")));
    },
    ({ panId, lesson }, { stamp }) => {
      if (lesson) keepFit(db(), panId, lesson.fit, lesson.cooks, stamp);
      else resetFit(db(), panId, stamp);
      return ok(null);
    },
  );
