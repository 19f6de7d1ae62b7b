"use server";
import { assertNever, err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { addPapers, noteOnLot, type LotPapers as Papers } from "@/db/raw/lotNotes";
import { servePlates, type PlatesError } from "@/db/raw/plates";
import { inWords, refused, type ActionError } from "../../actionError";
import { houseAction } from "../../houseAction";
import { LotNote, LotPapers, NewPlates } from "./schema";
import { t } from "@/words/raw";
import { inMetric } from "@/words/say";

const NOT_ON_ICE = refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"));

export const noteLot = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("noteLot", LotNote, input, intention, ({ lotId, ...note }, { stamp }) =>
    inWords(noteOnLot(db(), lotId, note, stamp), { notOnIce: NOT_ON_ICE }),
  );

/** Notes papers on a lot that came after it. */
export const notePapers = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("notePapers", LotPapers, input, intention, ({ lotId, papers }, { stamp }) =>
    // what was not said is left out, so that it stays "not said"
    inWords(addPapers(db(), lotId, JSON.parse(JSON.stringify(papers)) as Papers, stamp), { notOnIce: NOT_ON_ICE }),
  );

function platesProblem(error: PlatesError): ActionError {
  switch (error.kind) {
    case "notOnIce":
      return NOT_ON_ICE;
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
    return done.ok ? ok(inMetric(done.value.headline)) : err(platesProblem(done.error));
  });
