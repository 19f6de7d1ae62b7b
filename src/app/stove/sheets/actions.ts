"use server";
import { sheetThicknesses } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { db } from "@/db/connection";
import { listOwnSpecies, speciesOf } from "@/db/house/species";
import { keepSheet } from "@/db/stove/stationSheets";
import { questionOf } from "@/house/stove/question";
import { workOut } from "@/server/pool";
import { refused, type ActionError } from "../../actionError";
import { plannedAction } from "../../houseAction";
import { answered } from "../../poolWords";
import { filmsOfPan } from "../films";
import { KeepSheet } from "../schema";
import { t } from "@/words/stove-plan";

/** Works a station sheet out once more in a thread of the server and keeps that; answers with its id. */
export const keepStationSheet = async (input: unknown, intention: unknown): Promise<Result<string, ActionError>> =>
  plannedAction(
    "keepStationSheet",
    KeepSheet,
    input,
    intention,
    async ({ speciesId, pieceG, ask, range }, { house }) => {
      const species = speciesOf(db(), speciesId);
      if (!species) return err(refused("thatFishIsNotInThe", t("thatFishIsNotInThe")));
      const load = { pieceG, thicknessMm: ask.sizeMm, thinnestMm: ask.sizeMm, thickestMm: ask.sizeMm };
      const piece = { speciesId, composition: species.compositionPct, prepared: null, load };
      const settings = { ruleSetId: house.ruleSetId, own: listOwnSpecies(db()), ...filmsOfPan(db(), ask.panId) };
      const question = questionOf(piece, ask, settings);
      const rows = answered(await workOut("house", "sheet", { question, thicknesses: sheetThicknesses(range) }));
      return rows.ok ? ok({ question, rows: rows.value }) : rows;
    },
    ({ question, rows }, { stamp }) => ok(keepSheet(db(), question, rows, stamp)),
  );
