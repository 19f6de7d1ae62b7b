import fc from "fast-check";
import { cutLife } from "@/house/lots/stockLot";
import { addReadings, setPlace } from "../house/places";
import { valueOf } from "@/core/shared";
import { addDays, DAY_MS, HOUR_MS } from "@/core/units";
import { at, DAY, house, NOW, stamp, take } from "./coldHouse.testkit";
import { moveLot } from "./movements";
import { lotInHand, stockRoom } from "./stock";
import type { Db } from "../connection";

/** What was cut off a lot so many hours ago, and the lot itself, now. */
function cutOff(db: Db, lotId: string, hoursAgo: number, nowMs = NOW) {
  const whole = lotInHand(db, lotId, nowMs)!;
  return { whole: whole.life, piece: cutLife(stockRoom(db, [lotId], nowMs), whole, at(hoursAgo), nowMs) };
}

describe("the knife moves no date", () => {
  test("what is cut of a pack ends with the pack's use-by, however fresh the fish", () => {
    const { db, room } = house();
    const tomorrow = addDays(DAY, 1);
    const lot = take(db, room, 10, { form: "fillet", provenance: { useBy: tomorrow } });
    const { whole, piece } = cutOff(db, lot.id, 1);
    expect(piece.legalEnd).toEqual(whole.legalEnd);
    expect(piece.legalEnd).toMatchObject({ kind: "use-by", atMs: Date.parse(`${addDays(tomorrow, 1)}T00:00:00Z`) });
    expect(piece.cookDaysLeft).toBeLessThanOrEqual((piece.legalEnd!.atMs - NOW) / DAY_MS);
    const after = cutOff(db, lot.id, 1, piece.legalEnd!.atMs);
    expect([after.whole.use, after.piece.use]).toEqual(["over", "over"]);
  });

  // thawed fish within two days (common practice)
  test("what is cut of thawed fish has the thawed fish's two days", () => {
    const { db, room } = house();
    const lot = take(db, room, 10, { form: "fillet", provenance: { defrosted: true } });
    const { piece } = cutOff(db, lot.id, 1);
    expect(piece.legalEnd).toMatchObject({ kind: "thawed", atMs: Date.UTC(2026, 4, 14) });
    expect(piece.daysLeft).toBeLessThanOrEqual((Date.UTC(2026, 4, 14) - NOW) / DAY_MS);
  });

  test("where no label and no rule sets an end, spoilage alone does", () => {
    const { db, room } = house();
    const { piece } = cutOff(db, take(db, room, 10).id, 1);
    expect(piece.legalEnd).toBeNull();
    expect(piece.daysLeft).toBeGreaterThan(1);
  });

  test("the rest goes to the freezer: its pieces lie cut as before and go on ageing, by their label too", () => {
    const { db, room, freezer } = house();
    const lot = take(db, room, 30, { form: "fillet", provenance: { useBy: addDays(DAY, 2) } });
    const before = cutOff(db, lot.id, 20);
    valueOf(moveLot(db, lot.id, freezer, DAY, stamp(1)));
    const { whole, piece } = cutOff(db, lot.id, 20);
    expect([whole.state, whole.legalEnd, piece.state]).toEqual(["frozen", null, "chilled"]);
    expect(piece.legalEnd).toEqual(before.piece.legalEnd);
  });
});

describe("a piece and the fish it came off", () => {
  const forms = fc.constantFrom("whole-gutted" as const, "side" as const, "fillet" as const);
  const animals = fc.constantFrom("cod", "turbot", "mackerel", "ocean-trout", "hake");
  const hours = fc.integer({ min: 2, max: 96 });

  test("never has more days left than the fish whole", () => {
    fc.assert(
      fc.property(animals, forms, hours, fc.double({ min: 0, max: 1, noNaN: true }), (speciesId, form, age, share) => {
        const { db, room } = house();
        const { whole, piece } = cutOff(db, take(db, room, age, { speciesId, form }).id, age * share);
        expect(piece.daysLeft!).toBeLessThanOrEqual(whole.daysLeft! + 1e-6);
        expect(piece.cookDaysLeft!).toBeLessThanOrEqual(whole.cookDaysLeft! + 1e-6);
      }),
      { numRuns: 25 },
    );
  });

  test("a warm drawer never helps it, and the longer it lay there the less is left", () => {
    fc.assert(
      fc.property(animals, fc.double({ min: 1, max: 9, noNaN: true }), (speciesId, warmC) => {
        const { db } = house();
        const left = [0, warmC].map((celsius, number) => {
          const facts = {
            name: `Drawer ${number}`,
            kind: "drawer",
            setC: 0,
            minC: null,
            maxC: 12,
            everyMin: 60,
          } as const;
          const { id } = valueOf(setPlace(db, null, facts, stamp(60)));
          const lot = take(db, id, 48, { speciesId });
          const readings = Array.from({ length: 49 }, (_, hour) => ({ atMs: NOW - (48 - hour) * HOUR_MS, celsius }));
          addReadings(db, id, readings, "sensor", stamp(0));
          return [24, 0].map((ago) => cutOff(db, lot.id, 40, at(ago)).piece.leftIceDays);
        });
        const [[coldThen, coldNow], [warmThen, warmNow]] = left as [[number, number], [number, number]];
        expect(warmThen).toBeLessThan(coldThen);
        expect(warmNow).toBeLessThan(coldNow);
        expect([coldNow < coldThen, warmNow < warmThen]).toEqual([true, true]);
      }),
      { numRuns: 10 },
    );
  });
});
