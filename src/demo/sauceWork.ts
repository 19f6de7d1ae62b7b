import { POTS, SIMMER_MIN } from "@/core/butter";
import { todayIn } from "@/calendar/days";
import type { RuleSetId } from "@/core/safety";
import { assert, valueOf } from "@/core/shared";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "@/core/units";
import { keepGood } from "@/db/butter/goods";
import { noteStrip } from "@/db/butter/oil";
import { makePreparation, setPar, takePortions } from "@/db/butter/preparations";
import { startReduction } from "@/db/butter/reductions";
import { bookCard } from "@/db/cards/bookings";
import { keepCard } from "@/db/cards/cardSpecs";
import { setCardMoney } from "@/db/house/house";
import { readPot } from "@/db/butter/cooling";
import { endSauce, makeBase, mountSauce, priceGood } from "@/db/butter/sauces";
import { bonesOnIce, finishStock, startStock } from "@/db/butter/stocks";
import { findSauce, keepSauceSpec, type KeptSauce } from "@/db/butter/specs";
import type { Db } from "@/db/connection";
import { setCovers } from "@/db/house/covers";
import { dayStamp } from "@/words/format/format";
import { BOOKED_TONIGHT, DEMO_CARDS } from "./data/cards";
import { BOUGHT_GOOD, DEMO_SAUCES, GOODS_CENTS_PER_KG, REDUCING, SHELF_WORK, TONIGHT } from "./data/sauces";
import type { Timed } from "./timed";

const WIDE = { panMm: 280, netPowerW: 1850 } as const;
const SMALL = { panMm: 200, netPowerW: 900 } as const;

type Kitchen = {
  readonly db: Db;
  readonly placeId: string;
  readonly ruleSetId: RuleSetId;
  readonly timeZone: string;
  readonly nowMs: number;
};

const stampAt = ({ timeZone }: Kitchen, atMs: number) => ({
  who: "Torben",
  atMs,
  requestId: `demo-sauce-${atMs}`,
  dayStamp: dayStamp(atMs, timeZone),
});

/** One step of the day: what is done at a moment that is so many milliseconds gone. */
const step = (kitchen: Kitchen, agoMs: number, run: (atMs: number) => void): Timed => {
  const atMs = kitchen.nowMs - agoMs;
  return { atMs, run: () => run(atMs) };
};

function sauceOf({ db }: Kitchen, specId: string): KeptSauce {
  const found = findSauce(db, specId);
  assert(found !== undefined, `the demo house makes ${specId}`);
  return found;
}

function base(kitchen: Kitchen, specId: string, covers: number, atMs: number): string {
  const facts = { covers, ...(covers > 8 ? WIDE : SMALL), placeId: kitchen.placeId };
  const made = makeBase(kitchen.db, sauceOf(kitchen, specId), facts, stampAt(kitchen, atMs));
  assert(made.ok, `the base of ${specId} is made`);
  return made.value.id;
}

type Mount = { readonly specId: string; readonly covers: number; readonly baseLotId: string; readonly lid: boolean };

function mount(kitchen: Kitchen, { specId, ...wanted }: Mount, atMs: number): string {
  const { servedC } = DEMO_SAUCES[specId]!;
  const facts = { ...wanted, ...SMALL, servedC, surfaceMm: 200, ruleSetId: kitchen.ruleSetId };
  const mounted = mountSauce(kitchen.db, sauceOf(kitchen, specId), facts, stampAt(kitchen, atMs));
  assert(mounted.ok, `${specId} is mounted`);
  return mounted.value.id;
}

/** What came off the block within the hour goes into the pot. */
function pot(kitchen: Kitchen, atMs: number): string {
  const bones = bonesOnIce(kitchen.db, atMs).filter(
    ({ lot, whyNot }) => whyNot === null && lot.row.receivedAtMs > atMs - HOUR_MS,
  );
  const ask = { pot: POTS[0]!, waterMl: 1300, aromaticsG: 150, netPowerW: 2200, simmerMin: SIMMER_MIN.usual };
  const started = startStock(kitchen.db, { ...ask, bones: bones.map(({ lot }) => lot.row.id) }, stampAt(kitchen, atMs));
  assert(started.ok, "the bones of the hour go into the pot");
  return started.value;
}

/** Specs, goods and prices the house began with. */
const specsAndPrices = (kitchen: Kitchen): Timed =>
  step(kitchen, 10 * DAY_MS, (atMs) => {
    const { db } = kitchen;
    const stamp = stampAt(kitchen, atMs);
    for (const [specId, spec] of Object.entries(DEMO_SAUCES)) keepSauceSpec(db, specId, spec, stamp);
    for (const [id, centsPerKg] of Object.entries(GOODS_CENTS_PER_KG)) priceGood(db, id, centsPerKg);
    const kept = keepGood(db, BOUGHT_GOOD, 1640, stamp);
    assert(kept.ok, "the bought butter is kept");
    for (const [cardId, card] of Object.entries(DEMO_CARDS)) keepCard(db, cardId, card, stamp);
    setCardMoney(db, { vatPct: 25, extraCents: 40, targetPct: 30 }, "Torben", atMs);
  });

const shelfWork = (kitchen: Kitchen): readonly Timed[] =>
  SHELF_WORK.map(({ hoursAgo, taken, ...made }) =>
    step(kitchen, hoursAgo * HOUR_MS, (atMs) => {
      const { db, placeId, ruleSetId } = kitchen;
      const lot = makePreparation(db, { ...made, placeId, ruleSetId }, stampAt(kitchen, atMs));
      assert(lot.ok, `${made.preparationId} is made`);
      if (taken > 0) takePortions(db, lot.value.id, taken * 20, stampAt(kitchen, atMs + HOUR_MS));
      if (taken > 0) setPar(db, made.preparationId, 2);
    }),
  );

/** The first pot of the day: strained, chilled and drawn from. */
const firstPot = (kitchen: Kitchen): Timed =>
  step(kitchen, 3.9 * HOUR_MS, (atMs) => {
    const { db, placeId, ruleSetId } = kitchen;
    const strainedMs = atMs + 0.7 * HOUR_MS;
    const strained = { yieldMl: 1100, iceG: 1600, stirred: true, placeId, ruleSetId };
    const made = finishStock(db, pot(kitchen, atMs), strained, stampAt(kitchen, strainedMs));
    assert(made.ok, "the first pot is strained");
    for (const [minutes, celsius] of [
      [50, 19],
      [100, 8],
    ] as const)
      valueOf(readPot(db, made.value.id, celsius, ruleSetId, stampAt(kitchen, strainedMs + minutes * MINUTE_MS)));
  });

/** Two pans that reduce now. */
const onTheFire = (kitchen: Kitchen): readonly Timed[] =>
  REDUCING.map(({ minutesAgo, ...asked }) =>
    step(kitchen, minutesAgo * MINUTE_MS, (atMs) => {
      const on = startReduction(kitchen.db, { ...asked, specId: null, ...WIDE }, stampAt(kitchen, atMs));
      assert(on.ok, `${asked.name} is on`);
    }),
  );

/** Sauces of the demo house: specs, goods and their prices, tonight's covers, last night's bain poured away, and one about to split. */
export function sauceWork(db: Db, placeId: string, ruleSetId: RuleSetId, timeZone: string, nowMs: number): Timed[] {
  const kitchen = { db, placeId, ruleSetId, timeZone, nowMs };
  return [
    specsAndPrices(kitchen),
    ...shelfWork(kitchen),
    step(kitchen, 30 * HOUR_MS, (atMs) => valueOf(noteStrip(db, "fryer", 21.5, stampAt(kitchen, atMs)))),
    firstPot(kitchen),
    ...onTheFire(kitchen),
    step(kitchen, DAY_MS, (atMs) => {
      const baseLotId = base(kitchen, "beurre-blanc", 20, atMs);
      const lotId = mount(kitchen, { specId: "beurre-blanc", covers: 8, baseLotId, lid: true }, atMs + 1);
      const close = { massG: 140, reason: "poured away at close" };
      endSauce(db, lotId, close, { who: "Torben", atMs: atMs + 100 * MINUTE_MS });
    }),
    step(kitchen, 3 * HOUR_MS, (atMs) => {
      const day = todayIn(timeZone, nowMs);
      for (const wanted of TONIGHT) setCovers(db, { ...wanted, day }, "Maike", atMs);
      for (const [cardId, covers] of Object.entries(BOOKED_TONIGHT))
        valueOf(bookCard(db, day, cardId, covers, { who: "Maike", atMs }));
    }),
    step(kitchen, 2 * HOUR_MS, (atMs) => {
      const baseLotId = base(kitchen, "beurre-blanc", 6, atMs);
      base(kitchen, "cider-mussel", 8, atMs + MINUTE_MS);
      mount(kitchen, { specId: "beurre-blanc", covers: 6, baseLotId, lid: false }, atMs + 9 * MINUTE_MS);
    }),
  ];
}
