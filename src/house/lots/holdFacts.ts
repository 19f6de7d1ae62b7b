import type { Hold, PlaceReading, ThawWay } from "@/core/coldchain";
import { liveStorageOf } from "@/core/freshness";
import type { FreezePack } from "@/core/raw";
import { keepTagUntil, type ParasiteRuleId } from "@/core/safety";
import type { Species } from "@/core/species";
import { addDays, DAY_MS } from "@/core/units";
import { startOfDayMs } from "@/calendar/days";
import type { HouseRow } from "./rows";

/** What a hold was begun with; its readings stand in a table of their own. */
export type HoldFacts =
  | {
      readonly kind: "parasite";
      readonly ruleId: ParasiteRuleId;
      readonly stated: { readonly atMs: number; readonly celsius: number } | null;
      /** By the freezing planner. */
      readonly expected: { readonly atMs: number; readonly celsius: number } | null;
      /** The pack as it was stated to the planner. */
      readonly pack?: FreezePack;
    }
  | { readonly kind: "cure"; readonly plannedH: number; readonly note: string }
  | {
      readonly kind: "thaw";
      readonly plannedH: number;
      readonly vacuumPack: boolean;
      readonly packOpened: boolean;
      readonly way: ThawWay;
    }
  | { readonly kind: "tag"; readonly untilMs: number; readonly lastServedOn: string };

/** A hold as the core judges it, from what it was begun with and its readings in time order. */
export function holdOf(facts: HoldFacts, startedAtMs: number, readings: readonly PlaceReading[]): Hold {
  switch (facts.kind) {
    case "parasite":
      return {
        kind: "parasite",
        ruleId: facts.ruleId,
        startedAtMs,
        readings,
        stated: facts.stated,
        expected: facts.expected,
      };
    case "cure":
      return { kind: "cure", startedAtMs, plannedH: facts.plannedH };
    case "thaw":
      return {
        kind: "thaw",
        way: facts.way,
        startedAtMs,
        plannedH: facts.plannedH,
        vacuumPack: facts.vacuumPack,
        packOpened: facts.packOpened,
      };
    case "tag":
      return { kind: "tag", startedAtMs, untilMs: facts.untilMs };
  }
}

type Live = { readonly caughtAtMs: number | null; readonly receivedAtMs: number };

/** Live animals hold by themselves, to the cautious end of their days, counted from harvest where it counts and is known. */
export function liveHold({ caughtAtMs, receivedAtMs }: Live, species: Species): Hold {
  const { lifeDays, countsFrom, how } = liveStorageOf(species);
  const fromMs = countsFrom === "harvest" ? (caughtAtMs ?? receivedAtMs) : receivedAtMs;
  return { kind: "live", startedAtMs: receivedAtMs, untilMs: fromMs + lifeDays[0] * DAY_MS, how };
}

/** How long a tag is kept from the day the last of its lot went. */
export function tagFacts({ ruleSetId, timeZone }: HouseRow, lastServedOn: string): HoldFacts {
  const until = keepTagUntil(ruleSetId, lastServedOn);
  return { kind: "tag", lastServedOn, untilMs: startOfDayMs(addDays(until, 1), timeZone) };
}
