import fc from "fast-check";
import { HOUR_MS } from "@/core/units";
import { followAirRecord, type AirRecordRequest } from "./airRecord";
import type { FreezePack } from "./freezePack";
import { planFreezing } from "./packFreezing";
import { said } from "@/core/shared";

const composition = { water: 78, protein: 19, fat: 1.5, carbohydrate: 0, ash: 1.5 };
const pack: FreezePack = { shape: "slab", thicknessMm: 25, layers: 1, wrap: "bag", freezer: "blast", startC: 3 };
const hourly = (hours: number, celsius: (hour: number) => number) =>
  Array.from({ length: hours + 1 }, (_, hour) => ({ atMs: hour * HOUR_MS, celsius: celsius(hour) }));
const follow = (air: AirRecordRequest["air"], changed: Partial<AirRecordRequest> = {}) =>
  followAirRecord({ composition, pack, ruleId: "fda-2022", startedAtMs: 0, air, ...changed });
const followed = (...asked: Parameters<typeof follow>) => {
  const answer = follow(...asked);
  if (!answer.ok) throw new Error(answer.error.code);
  return answer.value;
};

describe("what the freezer's air says of a stated pack", () => {
  test("steady air is the freezing planner with the poorest air of its kind", () => {
    const plan = planFreezing({ ...pack, composition, airC: -30, ruleId: "eu-853" });
    if (!plan.ok) throw new Error(plan.error.code);
    const { reachedAtMs } = followed(
      hourly(30, () => -30),
      { ruleId: "eu-853" },
    );
    expect(Math.abs(reachedAtMs! / HOUR_MS - plan.value.spreadH.latest!)).toBeLessThan(0.3);
  });

  // FDA Food Code 2022, 3-402.11(A)(1); Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.2(a) (memory, high)
  test("seven days at -30 °C are enough by either rule, one day by one of them", () => {
    expect(followed(hourly(200, () => -30)).judged.met).toBe(true);
    expect(followed(hourly(40, () => -30)).judged.met).toBe(false);
    expect(
      followed(
        hourly(40, () => -30),
        { ruleId: "eu-853" },
      ).judged.met,
    ).toBe(true);
  });

  test("air of -19 °C never gets there, however long", () => {
    const record = followed(hourly(230, () => -19));
    expect(record.reachedAtMs).toBeNull();
    expect(record.judged.hoursCredited).toBe(0);
    expect(record.centreC).toBeGreaterThan(-19.5);
  });

  test("a hole in the record ends it: nothing after it counts", () => {
    const air = hourly(200, () => -30).filter(({ atMs }) => atMs <= 20 * HOUR_MS || atMs >= 25 * HOUR_MS);
    const record = followed(air);
    expect(record.brokenAtMs).toBe(20 * HOUR_MS);
    expect(record.followedToMs).toBe(20 * HOUR_MS);
    expect(record.judged.met).toBe(false);
    expect(follow([])).toEqual({ ok: false, error: said("raw.noRecordOfTheFreezer") });
    expect(follow([{ atMs: 5 * HOUR_MS, celsius: -30 }])).toEqual({
      ok: false,
      error: said("raw.noRecordOfTheFreezer"),
    });
  });

  test("a reading from before the pack went in is no time in the cold", () => {
    const air = hourly(30, () => -30);
    const early = { atMs: -3 * HOUR_MS, celsius: -30 };
    expect(followed([early, ...air])).toEqual(followed(air));
  });

  test("the cold begins with the first reading, not with the hold", () => {
    const air = hourly(30, () => -30);
    const late = followed(air, { startedAtMs: -1.5 * HOUR_MS, ruleId: "eu-853" });
    expect(late.reachedAtMs).toBe(followed(air, { ruleId: "eu-853" }).reachedAtMs);
  });

  test("warmer air never helps", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 30 }),
        fc.integer({ min: 1, max: 10 }),
        fc.integer({ min: 2, max: 15 }),
        (from, hours, kelvin) => {
          const cold = followed(
            hourly(36, () => -32),
            { ruleId: "eu-853" },
          );
          const warm = followed(
            hourly(36, (hour) => (hour >= from && hour < from + hours ? -32 + kelvin : -32)),
            { ruleId: "eu-853" },
          );
          expect(warm.judged.hoursCredited).toBeLessThanOrEqual(cold.judged.hoursCredited + 0.05);
          expect(warm.centreC).toBeGreaterThanOrEqual(cold.centreC - 0.05);
        },
      ),
      { numRuns: 8 },
    );
  });
});
