"use server";
import { expectedParts, findBreakdown } from "@/core/block";
import { assertNever, err, ok, type Result } from "@/core/shared";
import { breakDown, type BreakdownError } from "@/db/block/breakdowns";
import { db } from "@/db/connection";
import { findLot } from "@/db/lots/lots";
import { speciesOf } from "@/db/house/species";
import { refused, type ActionError } from "../../../actionError";
import { houseAction } from "../../../houseAction";
import { NewApart } from "./schema";
import { t } from "@/words/block";

function inWords(error: BreakdownError): ActionError {
  switch (error.kind) {
    case "notOnIce":
      return refused("thisLotIsNotOnIce", t("thisLotIsNotOnIce"));
    case "frozen":
      return refused("itIsFrozenThawItFirst", t("itIsFrozenThawItFirst"));
    case "moreThanLeft":
      return refused("onlyLeftGOfThisLot", t("onlyLeftGOfThisLot", { left: Math.round(error.leftG) }));
    case "moreThanWhole":
      return refused("thePartsWeighOverGMore", t("thePartsWeighOverGMore", { over: Math.round(error.overG) }));
    case "nothing":
      return refused("weighAtLeastOnePart", t("weighAtLeastOnePart"));
    case "noSuchPlace":
      return refused("sayWhereEachPartGoes", t("sayWhereEachPartGoes"));
    default:
      return assertNever(error);
  }
}

/** Writes a breakdown down; answers with the codes of the lots that came of it. */
export const takeApart = async (input: unknown, intention: unknown): Promise<Result<readonly string[], ActionError>> =>
  houseAction("takeApart", NewApart, input, intention, ({ lotId, wayId, wholeG, parts }, { stamp, today }) => {
    const lot = findLot(db(), lotId);
    const species = lot && speciesOf(db(), lot.speciesId);
    const way = findBreakdown(wayId);
    if (!lot || !species || !way) return err(refused("thisLotOrThisWayOf", t("thisLotOrThisWayOf")));
    const known = expectedParts(way, species, lot.form);
    const weighed = parts.flatMap(({ partId, ...rest }) => {
      const part = known.find(({ id }) => id === partId);
      return part ? [{ part, ...rest }] : [];
    });
    const done = breakDown(db(), { lotId, wayId, wholeG, parts: weighed }, today, stamp);
    return done.ok ? ok(done.value.children.map(({ code }) => code)) : err(inWords(done.error));
  });
