"use server";
import type { SheetRequest } from "@/core/cooking";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import type { Species } from "@/core/species";
import { findBatch } from "@/db/block/batches";
import { db } from "@/db/connection";
import type { CountedPieces } from "@/db/block/countBatch";
import { listOwnSpecies, speciesOf } from "@/db/house/species";
import { findLot } from "@/db/lots/lots";
import { startCook, startCounted, startLoose } from "@/db/stove/cooks";
import { loadOfBatch, questionOf } from "@/house/stove/question";
import { planToKeep, type StoredPlan } from "@/house/stove/storedPlan";
import { tellCooks } from "@/server/cookNews";
import { workOut } from "@/server/pool";
import { refused, type ActionError } from "../actionError";
import { plannedAction, type Acting } from "../houseAction";
import { answered } from "../poolWords";
import { filmsOfPan } from "./films";
import { StartCook, type StartCookInput } from "./schema";
import { t } from "@/words/stove";

/** A house whose guests are young, old, pregnant or ill cooks nothing under its rule. */
function underCooked(ruleSetId: RuleSetId): ActionError {
  const { because, source } = RULE_SETS[ruleSetId].susceptible;
  return refused("notUnderTheCookingRuleIn", t("notUnderTheCookingRuleIn", { because, source }));
}

/** What a cook takes its pieces from, with the question of its plan. */
type From =
  | { readonly kind: "batch"; readonly batchId: string; readonly question: SheetRequest }
  | { readonly kind: "lot"; readonly counted: CountedPieces; readonly question: SheetRequest }
  | { readonly kind: "none"; readonly question: SheetRequest };
type Planned = { readonly from: From; readonly plan: StoredPlan; readonly panName: string | null };

function fromOf({ source, ask }: StartCookInput, { house }: Acting): Result<From, ActionError> {
  const settings = { ruleSetId: house.ruleSetId, own: listOwnSpecies(db()), ...filmsOfPan(db(), ask.panId) };
  if (source.kind === "batch") {
    const batch = findBatch(db(), source.batchId);
    const species = batch ? speciesOf(db(), batch.speciesId) : undefined;
    if (!batch || !species) return err(refused("thisBatchIsNotInThe", t("thisBatchIsNotInThe")));
    const free = batch.portions.filter(({ cookId }) => cookId === null);
    const prepared = batch.prepared ?? null;
    const load = loadOfBatch(free, ask.pieces, prepared);
    if (!load) return err(refused("everyPortionOfThisBatchHas", t("everyPortionOfThisBatchHas")));
    const piece = { speciesId: species.id, composition: species.compositionPct, prepared, load };
    return ok({ kind: "batch", batchId: batch.id, question: questionOf(piece, ask, settings) });
  }
  if (source.kind === "none") {
    const species = speciesOf(db(), source.speciesId);
    if (!species) return err(refused("thatFishIsNotInThe", t("thatFishIsNotInThe")));
    return ok({ kind: "none", question: questionOf(counted(species, source.pieceG, ask), ask, settings) });
  }
  const lot = findLot(db(), source.lotId);
  const species = lot ? speciesOf(db(), lot.speciesId) : undefined;
  if (!lot || !species) return err(refused("thisLotIsNotInThe", t("thisLotIsNotInThe")));
  const { pieceG } = source;
  const pieces = { lotId: lot.id, count: ask.pieces, pieceG, sizeMm: ask.sizeMm, shape: ask.shape };
  return ok({ kind: "lot", counted: pieces, question: questionOf(counted(species, pieceG, ask), ask, settings) });
}

/** Pieces that go to the heat as they are, all of one size. */
const counted = ({ id, compositionPct }: Species, pieceG: number, { sizeMm }: StartCookInput["ask"]) => ({
  speciesId: id,
  composition: compositionPct,
  prepared: null,
  load: { pieceG, thicknessMm: sizeMm, thinnestMm: sizeMm, thickestMm: sizeMm },
});

function start({ from, plan, panName }: Planned, { stamp }: Acting): Result<string, ActionError> {
  if (from.kind === "none") return ok(startLoose(db(), plan, panName, stamp));
  const started =
    from.kind === "batch"
      ? startCook(db(), from.batchId, plan, stamp, panName)
      : startCounted(db(), from.counted, plan, stamp, panName);
  if (started.ok) return started;
  const { error } = started;
  switch (error.kind) {
    case "tooFewPortions":
      return err(refused("onlyLeftPortionsOfThisBatch", t("onlyLeftPortionsOfThisBatch", { left: error.left })));
    case "moreThanLeft":
      return err(
        refused(
          "onlyLeftSuchPiecesAreLeft",
          t("onlyLeftSuchPiecesAreLeft", { left: Math.floor(error.leftG / plan.pieceG) }),
        ),
      );
    default:
      return err(refused("thisLotIsNotOnThe", t("thisLotIsNotOnThe")));
  }
}

/** Plans once more in a thread of the server, keeps the plan with the cook and starts its clock; answers with the cook's id. */
export async function beginCook(input: unknown, intention: unknown): Promise<Result<string, ActionError>> {
  const begun = await plannedAction(
    "beginCook",
    StartCook,
    input,
    intention,
    async (wanted, acting): Promise<Result<Planned, ActionError>> => {
      const from = fromOf(wanted, acting);
      if (!from.ok) return from;
      const { question } = from.value;
      const planned = answered(await workOut("house", "plan", question));
      if (!planned.ok) return planned;
      if (acting.house.susceptibleGuests && !planned.value.safety.reached)
        return err(underCooked(acting.house.ruleSetId));
      return ok({
        from: from.value,
        plan: planToKeep(question, planned.value),
        panName: wanted.panName === "" ? null : wanted.panName,
      });
    },
    start,
  );
  // other tablets draw it; its events are asked for there
  if (begun.ok) tellCooks({ cookId: begun.value, events: [] });
  return begun;
}
