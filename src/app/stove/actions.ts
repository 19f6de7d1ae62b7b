"use server";
import { revalidatePath } from "next/cache";
import { PAN_IDS, planSheet, readTrace, type CookEvent, type PanId } from "@/core/cooking";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { findBatch } from "@/db/block/batches";
import { db } from "@/db/connection";
import { addCookEvent, findCook, startCook, startCounted, type NewEvent } from "@/db/stove/cooks";
import { findHouse } from "@/db/house/house";
import { findLot } from "@/db/lots/lots";
import { addTrace, placeProbe, setProbe } from "@/db/stove/probes";
import { listOwnSpecies, speciesOf } from "@/db/house/species";
import { keepFit, resetFit } from "@/db/stove/stationFits";
import { keepSheet } from "@/db/stove/stationSheets";
import { planToKeep } from "@/house/storedPlan";
import { parseCsv } from "@/exchange/csv";
import { FOREIGN, invalidInput, refused, type ActionError } from "../actionError";
import { cookAtStation, fromThisHouse } from "../request";
import { filmsOfPan } from "./films";
import { learnFrom } from "./learnFrom";
import { loadOfBatch, questionOf } from "@/house/question";
import { CookTap, KeepSheet, StartCook, type CookTapInput } from "./schema";

const NO_HOUSE = "This house has not been opened yet.";

/** A house whose guests are young, old, pregnant or ill cooks nothing under its rule. */
function underCooked(ruleSetId: RuleSetId): ActionError {
  const { because, source } = RULE_SETS[ruleSetId].susceptible;
  return refused(`Not under the cooking rule in this house: ${because} (${source}). Plan it by the rule in force.`);
}

/** Plans once more on the server, keeps the plan with the cook and starts its clock; answers with the cook's id. */
export async function beginCook(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = StartCook.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { requestId, source, ask } = parsed.data;
  const house = findHouse(db());
  if (!house) return err(refused(NO_HOUSE));
  const stamp = { who: await cookAtStation(), atMs: Date.now(), requestId };
  const settings = { ruleSetId: house.ruleSetId, own: listOwnSpecies(db()), ...filmsOfPan(db(), ask.panId) };
  if (source.kind === "batch") {
    const batch = findBatch(db(), source.batchId);
    const species = batch ? speciesOf(db(), batch.speciesId) : undefined;
    if (!batch || !species) return err(refused("This batch is not in the house."));
    const free = batch.portions.filter(({ cookId }) => cookId === null);
    const load = loadOfBatch(free, ask.pieces, batch.prepared ?? null);
    if (!load) return err(refused("Every portion of this batch has been cooked."));
    const piece = {
      speciesId: species.id,
      composition: species.compositionPct,
      prepared: batch.prepared ?? null,
      load,
    };
    const question = questionOf(piece, ask, settings);
    const planned = planSheet(question);
    if (!planned.ok) return err(refused(planned.error));
    if (house.susceptibleGuests && !planned.value.safety.reached) return err(underCooked(house.ruleSetId));
    const started = startCook(db(), batch.id, planToKeep(question, planned.value), stamp);
    if (!started.ok) {
      const left = started.error.kind === "tooFewPortions" ? started.error.left : 0;
      return err(refused(`Only ${left} portions of this batch are left.`));
    }
    revalidatePath("/", "layout");
    return ok(started.value);
  }
  const lot = findLot(db(), source.lotId);
  const species = lot ? speciesOf(db(), lot.speciesId) : undefined;
  if (!lot || !species) return err(refused("This lot is not in the house."));
  const { pieceG } = source;
  const load = { pieceG, thicknessMm: ask.sizeMm, thinnestMm: ask.sizeMm, thickestMm: ask.sizeMm };
  const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
  const question = questionOf(piece, ask, settings);
  const planned = planSheet(question);
  if (!planned.ok) return err(refused(planned.error));
  if (house.susceptibleGuests && !planned.value.safety.reached) return err(underCooked(house.ruleSetId));
  const counted = { lotId: lot.id, count: ask.pieces, pieceG, sizeMm: ask.sizeMm, shape: ask.shape };
  const started = startCounted(db(), counted, planToKeep(question, planned.value), stamp);
  if (!started.ok) {
    const { error } = started;
    return err(
      refused(
        error.kind === "moreThanLeft"
          ? `Only ${Math.floor(error.leftG / pieceG)} such pieces are left of this lot.`
          : "This lot is not on the ice any more.",
      ),
    );
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

/** One tap at the stove; answers with all events of the cook as the server has them, and draws no page anew (`useOutbox` says why). */
export async function tapCook(input: unknown): Promise<Result<readonly CookEvent[], ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = CookTap.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const { cookId, requestId } = parsed.data;
  const stamp = { who: await cookAtStation(), atMs: Date.now(), requestId };
  const added = addCookEvent(db(), cookId, eventOf(parsed.data), stamp);
  if (!added.ok)
    return err(refused(added.error.kind === "refused" ? added.error.message : "This cook is not in the house."));
  return ok(added.value.events);
}

/** Keeps a station sheet as it was computed; answers with its id. */
export async function keepStationSheet(input: unknown): Promise<Result<string, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  const parsed = KeepSheet.safeParse(input);
  if (!parsed.success) return err(invalidInput(parsed.error));
  const house = findHouse(db());
  const { speciesId, pieceG, ask, rows } = parsed.data;
  const species = speciesOf(db(), speciesId);
  if (!house || !species) return err(refused("That fish is not in the table."));
  const load = { pieceG, thicknessMm: ask.sizeMm, thinnestMm: ask.sizeMm, thickestMm: ask.sizeMm };
  const piece = { speciesId, composition: species.compositionPct, prepared: null, load };
  const question = questionOf(piece, ask, { ruleSetId: house.ruleSetId, ...filmsOfPan(db(), ask.panId) });
  const id = keepSheet(db(), question, rows, { who: await cookAtStation(), atMs: Date.now() });
  revalidatePath("/stove/sheets");
  return ok(id);
}

/** Adds a probe or renews its key; the key is told this once. */
export async function addProbe(
  name: unknown,
): Promise<Result<{ readonly id: string; readonly key: string }, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  if (typeof name !== "string" || name.trim() === "" || name.length > 40) return err(refused("Give the probe a name."));
  const probe = setProbe(db(), name.trim(), { who: await cookAtStation(), atMs: Date.now() });
  revalidatePath("/stove", "layout");
  return ok({ id: probe.id, key: probe.deviceKey });
}

/** Puts a probe into a cook or takes it out (`null`). */
export async function moveProbe(probeId: unknown, cookId: unknown): Promise<Result<null, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  if (typeof probeId !== "string" || !(cookId === null || typeof cookId === "string"))
    return err(refused("That probe is not in the house."));
  if (!placeProbe(db(), probeId, cookId)) return err(refused("That probe or cook is not in the house."));
  revalidatePath("/stove", "layout");
  return ok(null);
}

const LARGEST_TRACE = 400_000;

/** Readings of a finished or running cook out of a file: seconds, minutes or times against °C or °F. Answers how many came in. */
export async function importTrace(cookId: unknown, text: unknown): Promise<Result<number, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  if (typeof cookId !== "string" || typeof text !== "string") return err(refused("Choose a cook and a file."));
  if (text.length > LARGEST_TRACE) return err(refused("That file is too long for one cook."));
  const cook = findCook(db(), cookId);
  if (!cook) return err(refused("That cook is not in the house."));
  const read = readTrace(parseCsv(text));
  if (!read.ok) return err(refused(read.error));
  addTrace(
    db(),
    cookId,
    read.value.map(({ timeS, celsius }) => ({ atMs: cook.startedAtMs + timeS * 1000, celsius })),
  );
  revalidatePath("/stove", "layout");
  return ok(read.value.length);
}

const isPan = (id: unknown): id is PanId => PAN_IDS.some((known) => known === id);

/** Learns a pan's coefficients from the probed cooks chosen, or sets them back to the book's. */
export async function learnPan(panId: unknown, cookIds: unknown): Promise<Result<null, ActionError>> {
  if (!(await fromThisHouse())) return err(FOREIGN);
  if (!isPan(panId) || !Array.isArray(cookIds) || !cookIds.every((id) => typeof id === "string"))
    return err(refused("Choose a pan and the cooks to learn from."));
  const stamp = { who: await cookAtStation(), atMs: Date.now() };
  if (cookIds.length === 0) resetFit(db(), panId, stamp);
  else {
    const learned = learnFrom(db(), cookIds);
    if (!learned) return err(refused("None of these cooks was probed."));
    keepFit(db(), panId, learned.fit, learned.cooks, stamp);
  }
  revalidatePath("/stove", "layout");
  return ok(null);
}
