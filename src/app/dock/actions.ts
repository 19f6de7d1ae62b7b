"use server";
import { z } from "zod";
import { judgeAtDoor, schemeFor, type DoorVerdict } from "@/core/freshness";
import type { RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { daysBetween } from "@/core/units";
import { todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { lastLotsOf, receiveDelivery, type JudgedLot } from "@/db/lots/lots";
import { endOrder, noteOrder, placeOrder, type OrderError } from "@/db/lots/orders";
import { listPlaces } from "@/db/house/places";
import { speciesOf } from "@/db/house/species";
import { dayStamp } from "@/words/format/format";
import { stillWords } from "./lot/stillWords";
import { refused, type ActionError } from "../actionError";
import { houseAction, houseQuestion } from "../houseAction";
import { NewDelivery, OneOrder, PlaceOrder, type NewLotInput } from "./schema";
import { t } from "@/words/dock";

export type Received = { readonly lotId: string; readonly code: string; readonly verdict: DoorVerdict };

function judge(lot: NewLotInput, ruleSetId: RuleSetId, nowMs: number): Result<JudgedLot, string> {
  const species = speciesOf(db(), lot.speciesId);
  if (!species) return err(t("thatFishIsNotInThe"));
  if (!listPlaces(db()).some(({ id }) => id === lot.placeId)) return err(t("chooseWhereItGoes"));
  const { caughtOn, pricePerKg, provenance, orderId: _order, ...facts } = lot;
  const caughtAtMs = caughtOn === null ? null : Date.parse(`${caughtOn}T12:00:00Z`);
  if (caughtAtMs !== null && caughtAtMs > nowMs + 12 * 3_600_000) return err(t("theCatchDateLiesAheadOf"));
  const known = schemeFor(species, facts.form, facts.frozen).attributes.map(({ id }) => id);
  const grades = Object.fromEntries(Object.entries(facts.grades).filter(([id]) => known.includes(id)));
  const judgement = judgeAtDoor({
    species,
    form: facts.form,
    frozen: facts.frozen,
    deaths: provenance.deaths ?? null,
    grades,
    receiptC: facts.receiptC,
    daysSinceCatch: caughtAtMs === null ? null : Math.max(0, daysBetween(caughtAtMs, nowMs)),
    ruleSetId,
  });
  if (!judgement.complete && judgement.verdict !== "refuse")
    return err(t("oneLookIsNoInspectionStill", { stillToLookAt: stillWords(judgement.stillToLookAt) }));
  const priceCentsPerKg = Math.round(pricePerKg * 100);
  return ok({ lot: { ...facts, grades, caughtAtMs, priceCentsPerKg, provenance: withoutGaps(provenance) }, judgement });
}

/** Leaves out what was left open, so that "not said" and "said: nothing" stay apart. */
const withoutGaps = (provenance: NewLotInput["provenance"]) =>
  Object.fromEntries(
    Object.entries(provenance).filter(([, value]) => value !== undefined),
  ) as JudgedLot["lot"]["provenance"];

/** Judges every lot of a delivery once more on the server, and keeps all of them with their verdicts, refused or not. */
export const keepDelivery = async (
  input: unknown,
  intention: unknown,
): Promise<Result<readonly Received[], ActionError>> =>
  houseAction("keepDelivery", NewDelivery, input, intention, ({ supplier, lots }, { house, stamp }) => {
    const judged: JudgedLot[] = [];
    for (const [index, lot] of lots.entries()) {
      const answer = judge(lot, house.ruleSetId, stamp.atMs);
      if (!answer.ok)
        return err(
          refused(
            "lot",
            lots.length === 1 ? answer.error : t("lotIndexError", { index: index + 1, error: answer.error }),
          ),
        );
      judged.push(answer.value);
    }
    const kept = receiveDelivery(db(), supplier, judged, {
      ...stamp,
      dayStamp: dayStamp(stamp.atMs, house.timeZone),
      day: todayIn(house.timeZone, stamp.atMs),
    });
    const today = todayIn(house.timeZone, stamp.atMs);
    for (const [index, { orderId }] of lots.entries())
      // an order that was noted on another tablet meanwhile stays as it was noted; what came is received all the same
      if (orderId !== null) noteOrder(db(), orderId, today, kept[index]!.id, stamp);
    return ok(kept.map(({ id, code, verdict }) => ({ lotId: id, code, verdict })));
  });

export const orderIt = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("orderIt", PlaceOrder, input, intention, ({ pricePerKg, ...order }, { stamp, today }) => {
    if (!speciesOf(db(), order.speciesId)) return err(refused("thatFishIsNotInThe", t("thatFishIsNotInThe")));
    if (order.day < today) return err(refused("thatDayIsOver", t("thatDayIsOver")));
    const priceCentsPerKg = pricePerKg === null ? null : Math.round(pricePerKg * 100);
    placeOrder(db(), { ...order, priceCentsPerKg }, stamp);
    return ok(null);
  });

const ORDER_ERRORS: Readonly<Record<OrderError["kind"], ActionError>> = {
  noOrder: refused("noOrder", t("noOrder")),
  knownAlready: refused("knownAlready", t("knownAlready")),
};
const orderAnswer = (done: Result<null, OrderError>): Result<null, ActionError> =>
  done.ok ? done : err(ORDER_ERRORS[done.error.kind]);

/** The van came without it. */
export const didNotCome = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("didNotCome", OneOrder, input, intention, ({ orderId }, { stamp, today }) =>
    orderAnswer(noteOrder(db(), orderId, today, null, stamp)),
  );

export const stopOrder = async (input: unknown, intention: unknown): Promise<Result<null, ActionError>> =>
  houseAction("stopOrder", OneOrder, input, intention, ({ orderId }, { stamp }) =>
    orderAnswer(endOrder(db(), orderId, stamp)),
  );

export type LastLot = Pick<
  NewLotInput,
  "production" | "area" | "gear" | "source" | "form" | "speciesId" | "frozen" | "pricePerKg"
> & { readonly subArea?: string; readonly landingPlace?: string };

/** What the last delivery of this supplier held, to start the next one from. */
export async function lastDeliveryOf(supplier: unknown): Promise<readonly LastLot[]> {
  const found = await houseQuestion("lastDeliveryOf", z.string(), supplier, (name) =>
    ok(lastLotsOf(db(), name.trim()).map(asLast)),
  );
  return found.ok ? found.value : [];
}

function asLast(lot: ReturnType<typeof lastLotsOf>[number]): LastLot {
  const { production, area, gear, source, form, speciesId, state, priceCentsPerKg, provenance } = lot;
  const { subArea, landingPlace } = provenance;
  return {
    production,
    area,
    gear,
    source,
    form,
    speciesId,
    frozen: state === "frozen",
    pricePerKg: priceCentsPerKg / 100,
    ...(subArea ? { subArea } : {}),
    ...(landingPlace ? { landingPlace } : {}),
  };
}
