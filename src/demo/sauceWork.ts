import { todayIn } from "@/calendar/days";
import type { RuleSetId } from "@/core/safety";
import { assert } from "@/core/shared";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "@/core/units";
import { endSauce, makeBase, mountSauce, priceGood } from "@/db/butter/sauces";
import { findSauce, keepSauceSpec, type KeptSauce } from "@/db/butter/specs";
import type { Db } from "@/db/connection";
import { setCovers } from "@/db/house/covers";
import { dayStamp } from "@/words/format/format";
import { DEMO_SAUCES, GOODS_CENTS_PER_KG, TONIGHT } from "./data/sauces";
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
  const begunMs = nowMs - 10 * DAY_MS;
  const lastNightMs = nowMs - DAY_MS;
  return [
    {
      atMs: begunMs,
      run: () => {
        for (const [specId, spec] of Object.entries(DEMO_SAUCES)) keepSauceSpec(db, specId, spec, stamp(begunMs));
        for (const [id, centsPerKg] of Object.entries(GOODS_CENTS_PER_KG)) priceGood(db, id, centsPerKg);
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
      },
    },
    {
      atMs: nowMs - 2 * HOUR_MS,
      run: () => {
        const kept = base("beurre-blanc", 6, nowMs - 2 * HOUR_MS);
        base("oyster-cream", 18, nowMs - 2 * HOUR_MS + MINUTE_MS);
        mount("beurre-blanc", 6, kept, false, nowMs - 111 * MINUTE_MS);
      },
    },
  ];
}
