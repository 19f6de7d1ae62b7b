import type { Timed } from "./timed";
import { todayIn, startOfDayMs } from "@/calendar/days";
import { keepTagUntil } from "@/core/safety";
import { assert, valueOf } from "@/core/shared";
import { addDays, DAY_MS, HOUR_MS } from "@/core/units";
import type { Db } from "@/db/connection";
import { readHold, startHold } from "@/db/lots/holds";
import { moveLot, openPack, splitLot, wasteLot } from "@/db/lots/movements";
import { DELIVERIES } from "./data/deliveries";
import type { DemoPlace } from "./places";

const TIME_ZONE = "Europe/Oslo";

const at = (speciesId: string, form: string): number => {
  const index = DELIVERIES.findLastIndex((one) => one.speciesId === speciesId && one.form === form);
  assert(index >= 0, `no demo delivery of ${speciesId}`);
  return index;
};

/** What happened to lots after the door: freezing against parasites, a cure, a thaw, tags, waste. */
export function shelfLife(
  db: Db,
  lotIds: readonly string[],
  places: Readonly<Record<DemoPlace, string>>,
  nowMs: number,
): readonly Timed[] {
  const ago = (hours: number) => nowMs - hours * HOUR_MS;
  const lot = (speciesId: string, form: string) => lotIds[at(speciesId, form)]!;
  const day = (atMs: number) => todayIn(TIME_ZONE, atMs);
  const step = (hoursAgo: number, who: string, run: (stamp: { who: string; atMs: number }) => unknown): Timed => ({
    atMs: ago(hoursAgo),
    run: () => void run({ who, atMs: ago(hoursAgo) }),
  });
  let freezing = "";
  const usedMussels = DELIVERIES.findIndex(({ speciesId }) => speciesId === "mussel");
  return [
    step(22, "Ylva", (stamp) => moveLot(db, lot("sockeye-salmon", "side"), places.blast, day(stamp.atMs), stamp)),
    step(21.9, "Ylva", (stamp) => {
      freezing = startHold(
        db,
        lot("sockeye-salmon", "side"),
        { kind: "parasite", ruleId: "eu-853", stated: null, expected: null },
        stamp,
      );
    }),
    step(19, "Torben", (stamp) => readHold(db, freezing, { atMs: stamp.atMs, celsius: -9.5 }, stamp)),
    step(16, "Torben", (stamp) => readHold(db, freezing, { atMs: stamp.atMs, celsius: -21.5 }, stamp)),
    step(3, "Ylva", (stamp) => readHold(db, freezing, { atMs: stamp.atMs, celsius: -33 }, stamp)),
    step(14, "Maike", (stamp) => {
      const part = { massG: 1200, form: "side", placeId: places.drawer, note: "cured trout" } as const;
      const split = splitLot(db, lot("ocean-trout", "side"), part, day(stamp.atMs), stamp);
      assert(split.ok, "the demo trout is split");
      startHold(db, split.value.id, { kind: "cure", plannedH: 30, note: "40 g salt, 20 g sugar, dill a kilo" }, stamp);
    }),
    step(9, "Torben", (stamp) => {
      const part = { massG: 2000, form: "cleaned", placeId: places.cold, note: "to braise" } as const;
      const split = splitLot(db, lot("octopus", "cleaned"), part, day(stamp.atMs), stamp);
      assert(split.ok, "the demo octopus is split");
      startHold(
        db,
        split.value.id,
        { kind: "thaw", plannedH: 24, vacuumPack: true, packOpened: true, way: "refrigerator" },
        stamp,
      );
    }),
    step(30, "Maike", (stamp) =>
      valueOf(openPack(db, lot("brown-crab", "picked"), { day: day(stamp.atMs), openDays: 3 }, stamp)),
    ),
    step(5.5 * 24, "Ylva", (stamp) => {
      const lastServedOn = day(stamp.atMs);
      const untilMs = startOfDayMs(addDays(keepTagUntil("eu-853", lastServedOn), 1), TIME_ZONE);
      startHold(db, lotIds[usedMussels]!, { kind: "tag", untilMs, lastServedOn }, stamp);
    }),
    step(20, "Torben", (stamp) =>
      wasteLot(db, lot("herring", "whole-ungutted"), { massG: 350, reason: "warm spell" }, stamp),
    ),
  ].filter(({ atMs }) => atMs > nowMs - 15 * DAY_MS);
}
