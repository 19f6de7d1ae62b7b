import { POTS, SIMMER_MIN } from "@/core/butter";
import { todayIn } from "@/calendar/days";
import type { RuleSetId } from "@/core/safety";
import { assert } from "@/core/shared";
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
import { BOUGHT_GOOD, DEMO_SAUCES, GOODS_CENTS_PER_KG, SHELF_WORK, TONIGHT } from "./data/sauces";
import type { Timed } from "./timed";

const WIDE = { panMm: 280, netPowerW: 1850 } as const;
const SMALL = { panMm: 200, netPowerW: 900 } as const;

/** Sauces of the demo house: specs, goods and their prices, tonight's covers, last night's bain poured away, and one about to split. */
export function sauceWork(db: Db, placeId: string, ruleSetId: RuleSetId, timeZone: string, nowMs: number): Timed[] {
  const stamp = (atMs: number) => ({
    who: "Torben",
    atMs,
    requestId: `demo-sauce-${atMs}`,
    dayStamp: dayStamp(atMs, timeZone),
  });
  const sauce = (specId: string): KeptSauce => {
    const found = findSauce(db, specId);
    assert(found !== undefined, `the demo house makes ${specId}`);
    return found;
  };
  const base = (specId: string, covers: number, atMs: number) => {
    const made = makeBase(db, sauce(specId), { covers, ...(covers > 8 ? WIDE : SMALL), placeId }, stamp(atMs));
    assert(made.ok, `the base of ${specId} is made`);
    return made.value.id;
  };
  const mount = (specId: string, covers: number, baseLotId: string, lid: boolean, atMs: number) => {
    const facts = {
      covers,
      ...SMALL,
      servedC: DEMO_SAUCES[specId]!.servedC,
      surfaceMm: 200,
      lid,
      baseLotId,
      ruleSetId,
    };
    const mounted = mountSauce(db, sauce(specId), facts, stamp(atMs));
    assert(mounted.ok, `${specId} is mounted`);
    return mounted.value.id;
  };
  /** What came off the block within the hour goes into the pot. */
  const pot = (atMs: number): string => {
    const bones = bonesOnIce(db, atMs).filter(
      ({ lot, whyNot }) => whyNot === null && lot.row.receivedAtMs > atMs - HOUR_MS,
    );
    const ask = { pot: POTS[0]!, waterMl: 1300, aromaticsG: 150, netPowerW: 2200, simmerMin: SIMMER_MIN.usual };
    const started = startStock(db, { ...ask, bones: bones.map(({ lot }) => lot.row.id) }, stamp(atMs));
    assert(started.ok, "the bones of the hour go into the pot");
    return started.value;
  };
  const begunMs = nowMs - 10 * DAY_MS;
  const lastNightMs = nowMs - DAY_MS;
  return [
    {
      atMs: begunMs,
      run: () => {
        for (const [specId, spec] of Object.entries(DEMO_SAUCES)) keepSauceSpec(db, specId, spec, stamp(begunMs));
        for (const [id, centsPerKg] of Object.entries(GOODS_CENTS_PER_KG)) priceGood(db, id, centsPerKg);
        const kept = keepGood(db, BOUGHT_GOOD, 1640, stamp(begunMs));
        assert(kept.ok, "the bought butter is kept");
        for (const [cardId, card] of Object.entries(DEMO_CARDS)) keepCard(db, cardId, card, stamp(begunMs));
        setCardMoney(db, { vatPct: 25, extraCents: 40, targetPct: 30 }, "Torben", begunMs);
      },
    },
    ...SHELF_WORK.map(({ hoursAgo, taken, ...made }) => ({
      atMs: nowMs - hoursAgo * HOUR_MS,
      run: () => {
        const atMs = nowMs - hoursAgo * HOUR_MS;
        const lot = makePreparation(db, { ...made, placeId, ruleSetId }, stamp(atMs));
        assert(lot.ok, `${made.preparationId} is made`);
        if (taken > 0) takePortions(db, lot.value.id, taken * 20, stamp(atMs + HOUR_MS));
        if (taken > 0) setPar(db, made.preparationId, 2);
      },
    })),
    { atMs: nowMs - 30 * HOUR_MS, run: () => noteStrip(db, "fryer", 21.5, stamp(nowMs - 30 * HOUR_MS)) },
    {
      // the first pot of the day: strained, chilled and drawn from
      atMs: nowMs - 3.9 * HOUR_MS,
      run: () => {
        const strained = { yieldMl: 1100, iceG: 1600, stirred: true, placeId, ruleSetId };
        const made = finishStock(db, pot(nowMs - 3.9 * HOUR_MS), strained, stamp(nowMs - 3.2 * HOUR_MS));
        assert(made.ok, "the first pot is strained");
        for (const [minutes, celsius] of [
          [50, 19],
          [100, 8],
        ] as const)
          readPot(db, made.value.id, celsius, ruleSetId, stamp(nowMs - 3.2 * HOUR_MS + minutes * MINUTE_MS));
      },
    },
    {
      atMs: nowMs - 9 * MINUTE_MS,
      run: () => {
        const parts = [
          { ingredientId: "whey", ml: 890 },
          { ingredientId: "lemon-juice", ml: 68 },
        ];
        const asked = { name: "Whey for the dill butter, 14", specId: null, covers: 14, parts, toMl: 245, panG: 1450 };
        const on = startReduction(db, { ...asked, ...WIDE }, stamp(nowMs - 9 * MINUTE_MS));
        assert(on.ok, "the whey is on");
      },
    },
    {
      atMs: nowMs - 5 * MINUTE_MS,
      run: () => {
        const parts = [
          { ingredientId: "orange-juice", ml: 1000 },
          { ingredientId: "lemon-juice", ml: 116 },
        ];
        const asked = { name: "Orange and lemon, base for 16", specId: null, covers: 16, parts, toMl: 280, panG: null };
        const on = startReduction(db, { ...asked, ...WIDE }, stamp(nowMs - 5 * MINUTE_MS));
        assert(on.ok, "the oranges are on");
      },
    },
    {
      atMs: lastNightMs,
      run: () => {
        const lotId = mount("beurre-blanc", 8, base("beurre-blanc", 20, lastNightMs), true, lastNightMs + 1);
        const close = { massG: 140, reason: "poured away at close" };
        endSauce(db, lotId, close, { who: "Torben", atMs: lastNightMs + 100 * MINUTE_MS });
      },
    },
    {
      atMs: nowMs - 3 * HOUR_MS,
      run: () => {
        const day = todayIn(timeZone, nowMs);
        for (const wanted of TONIGHT) setCovers(db, { ...wanted, day }, "Maike", nowMs - 3 * HOUR_MS);
        for (const [cardId, covers] of Object.entries(BOOKED_TONIGHT))
          bookCard(db, day, cardId, covers, { who: "Maike", atMs: nowMs - 3 * HOUR_MS });
      },
    },
    {
      atMs: nowMs - 2 * HOUR_MS,
      run: () => {
        const kept = base("beurre-blanc", 6, nowMs - 2 * HOUR_MS);
        base("cider-mussel", 8, nowMs - 2 * HOUR_MS + MINUTE_MS);
        mount("beurre-blanc", 6, kept, false, nowMs - 111 * MINUTE_MS);
      },
    },
  ];
}
