"use server";
import { revalidatePath } from "next/cache";
import { preparedLoad } from "@/core/block";
import { loadOf, planSheet, type CookEvent } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { findBatch } from "@/db/batches";
import { db } from "@/db/connection";
import { addCookEvent, startCook, type NewEvent } from "@/db/cooks";
import { findHouse } from "@/db/house";
import { listOwnSpecies } from "@/db/species";
import { FOREIGN, invalidInput, refused, type ActionError } from "../actionError";
import { cookAtStation, fromThisHouse } from "../request";
import { CookTap, StartCook, type CookTapInput } from "./schema";

/** Plans once more on the server, keeps the plan with the cook and starts its clock; answers with the cook's id. */
export async function beginCook(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = StartCook.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { requestId, batchId, ...question } = parsed.data;
  const house = findHouse(db());
  const batch = findBatch(db(), batchId);
  if (!house || !batch) return err(refused("This batch is not in the house."));
  const load = loadOf(
    batch.portions.filter(({ cookId }) => cookId === null),
    question.pieces,
  );
  if (!load) return err(refused("Every portion of this batch has been cooked."));
  const { prepared } = batch;
  const sheet = {
    ...question,
    ...(prepared ? preparedLoad(load, prepared) : load),
    ...(prepared ? { composition: prepared.piece.composition, stuffed: prepared.piece.stuffed } : {}),
    thicknessMm: question.thicknessMm,
    speciesId: batch.speciesId,
    ruleSetId: house.ruleSetId,
    own: listOwnSpecies(db()),
  };
  const planned = planSheet(sheet);
  if (!planned.ok) return err(refused(planned.error));
  const {
    thinnestMm: _thin,
    thickestMm: _thick,
    ruleSetId: _rule,
    own: _own,
    composition: _composition,
    stuffed: _stuffed,
    ...kept
  } = sheet;
  const stamp = { who: await cookAtStation(), atMs: Date.now(), requestId };
  const started = startCook(db(), batchId, { ...kept, answer: planned.value }, stamp);
  if (!started.ok) {
    const left = started.error.kind === "tooFewPortions" ? started.error.left : 0;
    return err(refused(`Only ${left} portions of this batch are left.`));
  }
  revalidatePath("/", "layout");
  return ok(started.value);
}

function eventOf(tap: CookTapInput): NewEvent {
  switch (tap.kind) {
    case "extended":
      return { kind: tap.kind, amount: tap.seconds };
    case "probed":
      return { kind: tap.kind, amount: tap.centreC };
    default:
      return { kind: tap.kind, amount: null };
  }
}

/** One tap at the stove; answers with all events of the cook as the server has them. */
export async function tapCook(input: unknown): Promise<Result<readonly CookEvent[], ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = CookTap.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { cookId, requestId } = parsed.data;
  const stamp = { who: await cookAtStation(), atMs: Date.now(), requestId };
  const added = addCookEvent(db(), cookId, eventOf(parsed.data), stamp);
  if (!added.ok)
    return err(refused(added.error.kind === "refused" ? added.error.message : "This cook is not in the house."));
  revalidatePath("/", "layout");
  return ok(added.value.events);
}
