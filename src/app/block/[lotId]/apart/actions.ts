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

function inWords(error: BreakdownError): ActionError {
  switch (error.kind) {
    case "notOnIce":
      return refused("This lot is not on ice any more.");
    case "frozen":
      return refused("It is frozen: thaw it first.");
    case "moreThanLeft":
      return refused(`Only ${Math.round(error.leftG)} g of this lot are left: weigh what is on the block again.`);
    case "moreThanWhole":
      return refused(`The parts weigh ${Math.round(error.overG)} g more than the whole: weigh again.`);
    case "nothing":
      return refused("Weigh at least one part.");
    case "noSuchPlace":
      return refused("Say where each part goes.");
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
    if (!lot || !species || !way) return err(refused("This lot or this way of breaking down is not known."));
    const known = expectedParts(way, species, lot.form);
    const weighed = parts.flatMap(({ partId, ...rest }) => {
      const part = known.find(({ id }) => id === partId);
      return part ? [{ part, ...rest }] : [];
    });
    const done = breakDown(db(), { lotId, wayId, wholeG, parts: weighed }, today, stamp);
    return done.ok ? ok(done.value.children.map(({ code }) => code)) : err(inWords(done.error));
  });
