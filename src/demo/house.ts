import { shiftDay, todayIn } from "@/calendar/days";
import { planSides, startingSide, type TrimUseId } from "@/core/block";
import { loadOf, planSheet, targetCentreC, USUAL_DONENESS, type SheetRequest } from "@/core/cooking";
import { judgeAtDoor, schemeFor } from "@/core/freshness";
import { assert, valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import type { Provenance } from "@/core/trace";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { findBatch } from "@/db/block/batches";
import { cutBatch } from "@/db/block/cutBatch";
import type { Db } from "@/db/connection";
import { addCookEvent, startCook } from "@/db/stove/cooks";
import { addAdvice } from "@/db/house/advice";
import { setCovers } from "@/db/house/covers";
import { answerExcursion } from "@/db/lots/answerExcursion";
import { watchPlace } from "@/db/lots/excursions";
import { findHouse, openHouse } from "@/db/house/house";
import { findPlace } from "@/db/house/places";
import { placeOrder } from "@/db/lots/orders";
import { ORDERS } from "./data/orders";
import { childLots, findLot, finishLot, receiveDelivery, type JudgedLot } from "@/db/lots/lots";
import { wasteLot } from "@/db/lots/movements";
import { addOwnSpecies } from "@/db/house/species";
import { dayStamp } from "@/words/format/format";
import { benchWork } from "./benchWork";
import { DELIVERIES, type DemoDelivery } from "./data/deliveries";
import { makePlaces, type DemoPlace } from "./places";
import { planToKeep } from "@/house/stove/storedPlan";
import { sauceWork } from "./sauceWork";
import { serviceWork } from "./serviceWork";
import { shelfLife } from "./shelfLife";
import type { Timed } from "./timed";
import { ADVICE, TOMORROW, TUSK } from "./data/tables";

const TIME_ZONE = "Europe/Oslo";
const RULE_SET = "eu-853";
const COLD_ROOM_C = 1.5;
const HISTORY_DAYS = 15;

/** A cut of the demo: which delivery (by place in the list), how long after it came, and what was cooked of it. */
type DemoCut = {
  readonly delivery: number;
  readonly hoursAfter: number;
  readonly sideG: number;
  readonly trimUse: TrimUseId;
  readonly who: string;
  readonly cooks: readonly {
    readonly hoursAfterCut: number;
    readonly pieces: number;
    readonly probeOffK: number;
    readonly who: string;
  }[];
};

const CUTS: readonly DemoCut[] = [
  {
    delivery: 0,
    hoursAfter: 26,
    sideG: 2900,
    trimUse: "tartare",
    who: "Torben",
    cooks: [
      { hoursAfterCut: 7, pieces: 4, probeOffK: 1, who: "Ylva" },
      { hoursAfterCut: 8, pieces: 4, probeOffK: -1, who: "Ylva" },
    ],
  },
  {
    delivery: 1,
    hoursAfter: 4,
    sideG: 1100,
    trimUse: "tartare",
    who: "Ylva",
    cooks: [{ hoursAfterCut: 8, pieces: 3, probeOffK: 0, who: "Maike" }],
  },
  {
    delivery: 3,
    hoursAfter: 24,
    sideG: 1500,
    trimUse: "cakes",
    who: "Maike",
    cooks: [
      { hoursAfterCut: 6, pieces: 4, probeOffK: 2, who: "Torben" },
      { hoursAfterCut: 7, pieces: 4, probeOffK: 0, who: "Torben" },
    ],
  },
  {
    delivery: 5,
    hoursAfter: 50,
    sideG: 1300,
    trimUse: "stock",
    who: "Ylva",
    cooks: [{ hoursAfterCut: 5, pieces: 4, probeOffK: -2, who: "Maike" }],
  },
  {
    delivery: 11,
    hoursAfter: 30,
    sideG: 1480,
    trimUse: "cakes",
    who: "Torben",
    cooks: [{ hoursAfterCut: 12, pieces: 4, probeOffK: 1, who: "Ylva" }],
  },
  {
    delivery: 13,
    hoursAfter: 22,
    sideG: 1060,
    trimUse: "tartare",
    who: "Ylva",
    cooks: [{ hoursAfterCut: 1.5, pieces: 2, probeOffK: 1, who: "Ylva" }],
  },
  { delivery: 11, hoursAfter: 66, sideG: 1320, trimUse: "cakes", who: "Maike", cooks: [] },
];

/** Makes the demo house in an empty database: two weeks of work up to `nowMs`, the same every time but for the date. */
export function makeDemoHouse(db: Db, nowMs: number): void {
  assert(findHouse(db) === undefined, "the demo house needs an empty database");
  openHouse(
    db,
    {
      name: "Skarvholmen Quay",
      timeZone: TIME_ZONE,
      units: "metric",
      currency: "EUR",
      ruleSetId: RULE_SET,
      cooks: ["Ylva", "Torben", "Maike"],
      coldRoomC: COLD_ROOM_C,
      demo: true,
    },
    nowMs - HISTORY_DAYS * DAY_MS,
  );
  const places = makePlaces(db, HISTORY_DAYS, nowMs, "Ylva");
  const lotIds: string[] = [];
  const timed: Timed[] = [];
  valueOf(addOwnSpecies(db, TUSK, "Ylva", nowMs - HISTORY_DAYS * DAY_MS));
  addAdvice(db, ADVICE, "Ylva", nowMs - HISTORY_DAYS * DAY_MS);
  for (const van of vans()) {
    const atMs = arrival(DELIVERIES[van[0]!]!, nowMs);
    const run = () => takeIn(db, van, places, atMs).forEach((id, place) => (lotIds[van[place]!] = id));
    timed.push({ atMs, run });
  }
  for (const [index, delivery] of DELIVERIES.entries()) {
    const atMs = arrival(delivery, nowMs);
    if (delivery.finished) {
      const { finished, who } = delivery;
      const overMs = atMs + (finished === "spoiled" ? 5.8 : 3.1) * DAY_MS;
      const run = () => {
        const lotId = lotIds[index]!;
        if (finished === "used up") valueOf(finishLot(db, lotId, finished, who, overMs));
        else wasteLot(db, lotId, { massG: findLot(db, lotId)!.remainingG, reason: finished }, { who, atMs: overMs });
      };
      timed.push({ atMs: overMs, run });
    }
  }
  for (const [index, cut] of CUTS.entries()) addCut(db, timed, lotIds, cut, index, nowMs);
  timed.push(...shelfLife(db, lotIds, places, nowMs));
  timed.push(...benchWork(db, lotIds, places, nowMs, (index) => arrival(DELIVERIES[index]!, nowMs)));
  timed.push(...serviceWork(db, places.cold, RULE_SET, TIME_ZONE, nowMs));
  timed.push(...sauceWork(db, places.cold, RULE_SET, TIME_ZONE, nowMs));
  timed.push({ atMs: nowMs - 49 * HOUR_MS, run: () => answerDoor(db, places.cold, nowMs) });
  timed.push({ atMs: nowMs - 2 * HOUR_MS, run: () => planTomorrow(db, nowMs) });
  timed.push({ atMs: nowMs - 20 * HOUR_MS, run: () => orderFish(db, nowMs) });
  for (const { run } of timed.sort((a, b) => a.atMs - b.atMs)) run();
}

const arrival = ({ daysAgo, hoursAgo = 4 }: DemoDelivery, nowMs: number) =>
  nowMs - daysAgo * DAY_MS - hoursAgo * HOUR_MS;

/** Deliveries that came in one van, by their place in the list. */
function vans(): readonly (readonly number[])[] {
  const byVan = new Map<string, number[]>();
  for (const [index, { supplier, daysAgo, hoursAgo }] of DELIVERIES.entries()) {
    const key = `${supplier}/${daysAgo}/${hoursAgo}`;
    byVan.set(key, [...(byVan.get(key) ?? []), index]);
  }
  return [...byVan.values()];
}

function judged(delivery: DemoDelivery, placeId: string, atMs: number): JudgedLot {
  const { speciesId, form, production, area, gear, source, massG, receiptC, frozen = false } = delivery;
  const species = findSpecies(speciesId)!;
  const attributes = schemeFor(species, form, frozen).attributes;
  const grades = Object.fromEntries(attributes.map(({ id }) => [id, delivery.but?.[id] ?? delivery.grade]));
  const daysSinceCatch = delivery.caughtDaysBefore;
  const caughtAtMs = Math.round(atMs - daysSinceCatch * DAY_MS);
  const provenance = withTagDate(delivery.provenance ?? {}, todayIn(TIME_ZONE, caughtAtMs));
  const deaths = provenance.deaths ?? null;
  const judgement = judgeAtDoor({
    species,
    form,
    frozen,
    grades,
    deaths,
    receiptC,
    daysSinceCatch,
    ruleSetId: RULE_SET,
  });
  const facts = { speciesId, form, frozen, production, area, gear, source, caughtAtMs, massG, receiptC, grades };
  const statedMassG = delivery.statedG ?? null;
  const priceCentsPerKg = Math.round(delivery.price * 100);
  return { lot: { ...facts, statedMassG, priceCentsPerKg, provenance, placeId }, judgement };
}

function takeIn(db: Db, van: readonly number[], places: Readonly<Record<DemoPlace, string>>, atMs: number): string[] {
  const { supplier, who } = DELIVERIES[van[0]!]!;
  const lots = van.map((index) => judged(DELIVERIES[index]!, places[DELIVERIES[index]!.place ?? "cold"], atMs));
  return receiveDelivery(db, supplier, lots, {
    atMs,
    who,
    dayStamp: dayStamp(atMs, TIME_ZONE),
    day: todayIn(TIME_ZONE, atMs),
  }).map(({ id }) => id);
}

const withTagDate = (provenance: Provenance, harvestedOn: string): Provenance =>
  provenance.tag ? { ...provenance, tag: { ...provenance.tag, harvestedOn } } : provenance;

/** What was done when the cold room stood open. */
function answerDoor(db: Db, placeId: string, nowMs: number): void {
  const place = findPlace(db, placeId)!;
  const { excursions } = watchPlace(db, place, RULE_SET, nowMs - 3 * DAY_MS, nowMs);
  const door = excursions[0];
  assert(door !== undefined, "the demo cold room stood open once");
  const atMs = nowMs - 49 * HOUR_MS;
  const act = { kind: "probed", warmestC: 3.6 } as const;
  const words = "door had not latched, boxes re-iced";
  answerExcursion(
    db,
    place,
    door,
    { act, words, wasteReason: "" },
    { who: "Torben", atMs, day: todayIn(TIME_ZONE, atMs) },
  );
}

function planTomorrow(db: Db, nowMs: number): void {
  const day = shiftDay(todayIn(TIME_ZONE, nowMs), 1);
  for (const wanted of TOMORROW) setCovers(db, { ...wanted, day }, "Maike", nowMs - 2 * HOUR_MS);
}

function orderFish(db: Db, nowMs: number): void {
  const today = todayIn(TIME_ZONE, nowMs);
  for (const { inDays, ...order } of ORDERS)
    placeOrder(db, { ...order, day: shiftDay(today, inDays) }, { who: "Ylva", atMs: nowMs - 20 * HOUR_MS });
}

function addCut(db: Db, timed: Timed[], lotIds: readonly string[], cut: DemoCut, index: number, nowMs: number): void {
  const delivery = DELIVERIES[cut.delivery]!;
  const species = findSpecies(delivery.speciesId)!;
  const cutMs = arrival(delivery, nowMs) + cut.hoursAfter * HOUR_MS;
  let batchId = "";
  timed.push({
    atMs: cutMs,
    run: () => {
      const side = startingSide(species, cut.sideG);
      const ask = {
        sides: [side],
        portionG: species.portion.massG,
        toleranceG: 10,
        minPieceMm: 25,
        covers: null,
        preference: "even",
        leanDeg: 0,
        tails: "as-cut",
        trimUse: cut.trimUse,
      } as const;
      const done = cutBatch(
        db,
        { ...ask, lotId: lotIds[cut.delivery]!, plan: planSides(ask) },
        { who: cut.who, atMs: cutMs, day: todayIn(TIME_ZONE, cutMs) },
      );
      assert(done.ok, `demo cut ${index} failed`);
      batchId = done.value.id;
    },
  });
  const trimUsedMs = cutMs + 20 * HOUR_MS;
  if (trimUsedMs < nowMs)
    timed.push({
      atMs: trimUsedMs,
      run: () =>
        childLots(db, lotIds[cut.delivery]!)
          .filter(({ status, partLabel }) => status === "on-ice" && partLabel === "Trim")
          .forEach(({ id }) => valueOf(finishLot(db, id, "used up", cut.who, trimUsedMs))),
    });
  for (const [number, wanted] of cut.cooks.entries()) {
    const atMs = cutMs + wanted.hoursAfterCut * HOUR_MS;
    timed.push({ atMs, run: () => cookOff(db, batchId, species.id, wanted, `demo-${index}-${number}`, atMs) });
  }
}

function cookOff(
  db: Db,
  batchId: string,
  speciesId: string,
  wanted: DemoCut["cooks"][number],
  key: string,
  atMs: number,
): void {
  const species = findSpecies(speciesId)!;
  const raw = findBatch(db, batchId)!.portions.filter(({ cookId }) => cookId === null);
  const load = loadOf(raw, wanted.pieces)!;
  const targetC = targetCentreC(species.donenessGroup, USUAL_DONENESS[species.donenessGroup]);
  const { thicknessMm, ...sizes } = load;
  const question: SheetRequest = {
    ...sizes,
    speciesId,
    methodId: "skin-then-oven",
    kit: { panC: 200, ovenC: 180 },
    shape: { kind: "slab", thicknessMm },
    skin: true,
    startC: 8,
    panId: "steel-26",
    goal: { kind: "doneness", targetC },
    pieces: wanted.pieces,
    ruleSetId: RULE_SET,
  };
  const planned = planSheet(question);
  assert(planned.ok, "the demo cook has a plan");
  const plan = planToKeep(question, planned.value);
  const started = startCook(db, batchId, plan, { who: wanted.who, atMs, requestId: `${key}-start` });
  assert(started.ok, "the demo cook starts");
  let clockMs = atMs;
  const tap = (kind: "advanced" | "probed", amount: number | null, name: string) => {
    const done = addCookEvent(
      db,
      started.value,
      { kind, amount },
      { who: wanted.who, atMs: Math.round(clockMs), requestId: `${key}-${name}` },
    );
    assert(done.ok, `demo tap ${name} failed`);
  };
  for (const [index, stage] of planned.value.stages.entries()) {
    clockMs += stage.seconds * 1000 + 3000;
    if (index === planned.value.stages.length - 1)
      tap("probed", Math.round(planned.value.peakC + wanted.probeOffK), "probe");
    tap("advanced", null, `stage-${index}`);
  }
}
