"use server";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { addCheck, endCheck, markCheck, type CheckProblem } from "@/db/house/checks";
import type { NewCheck as Check } from "@/house/checks";
import { t } from "@/words/trace";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { Mark, NewCheck, OneCheck, Usual } from "./schema";

type Answer<T> = Promise<Result<T, ActionError>>;

const said = <T>(done: Result<T, CheckProblem>): Result<T, ActionError> =>
  done.ok ? done : err(refused(done.error.kind, t("checkProblem", { kind: done.error.kind })));

/** Another thing the house looks at every day. */
export const addACheck = async (input: unknown, intention: unknown): Answer<string> =>
  houseAction("addACheck", NewCheck, input, intention, (check, { stamp }) =>
    said(addCheck(db(), { ...check, doneBy: null }, stamp)),
  );

/** It is looked at no more. */
export const endACheck = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("endACheck", OneCheck, input, intention, ({ id }, { stamp }) => said(endCheck(db(), id, stamp)));

/** Somebody looked: all was well, or what was not and what was done. */
export const tickCheck = async (input: unknown, intention: unknown): Answer<string> =>
  houseAction("tickCheck", Mark, input, intention, ({ id, wrong }, { stamp, today }) =>
    said(markCheck(db(), id, today, wrong, stamp)),
  );

/** What most kitchens look at; what other work writes down already is done by that work. */
const USUAL: readonly Check[] = [
  { name: t("usualCold"), list: "opening", byMin: 600, doneBy: null },
  { name: t("usualProbe"), list: "opening", byMin: 630, doneBy: "probe-checked" },
  { name: t("usualBoards"), list: "closing", byMin: 1410, doneBy: "board-washed" },
  { name: t("usualOil"), list: "closing", byMin: 1410, doneBy: "oil-tested" },
  { name: t("usualFloor"), list: "closing", byMin: 1425, doneBy: null },
];

/** Begins with the usual ones; answers with how many are new. */
export const takeUsualChecks = async (input: unknown, intention: unknown): Answer<number> =>
  houseAction("takeUsualChecks", Usual, input, intention, (_, { stamp }) => {
    const added = USUAL.filter((check) => addCheck(db(), check, stamp).ok).length;
    return added > 0 ? ok(added) : err(refused("sameName", t("checkProblem", { kind: "sameName" })));
  });
