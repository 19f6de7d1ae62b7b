"use server";
import { assertNever, err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { addPapers, noteOnLot, type LotPapers as Papers } from "@/db/raw/lotNotes";
import { servePlates, type PlatesError } from "@/db/raw/plates";
import { refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { LotNote, LotPapers, NewPlates } from "./schema";
import { t } from "@/words/raw";
import { inMetric } from "@/words/say";

export const noteLot = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("noteLot", LotNote, input, intention, ({ lotId, ...note }, { stamp }) =>
    noteOnLot(db(), lotId, note, stamp) ? ok(null) : err(refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"))),
  );

/** Notes papers on a lot that came after it. */
export const notePapers = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("notePapers", LotPapers, input, intention, ({ lotId, papers }, { stamp }) =>
    // what was not said is left out, so that it stays "not said"
    addPapers(db(), lotId, JSON.parse(JSON.stringify(papers)) as Papers, stamp)
      ? ok(null)
      : err(refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"))),
  );

function inWords(error: PlatesError): ActionError {
  switch (error.kind) {
    case "notOnIce":
      return refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"));
    case "notCleared":
      return refused(error.why.code, `${inMetric(error.why)}.`);
    case "moreThanLeft":
      return refused("onlyLeftGAreLeftFewer", t("onlyLeftGAreLeftFewer", { left: Math.round(error.leftG) }));
    default:
      return assertNever(error);
  }
}

/** Judges the lot once more and writes the plates down with what cleared them. */
export const serveRaw = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  houseAction("serveRaw", NewPlates, input, intention, (wanted, { stamp }) => {
    const done = servePlates(db(), wanted, stamp);
    return done.ok ? ok(inMetric(done.value.headline)) : err(inWords(done.error));
  });
