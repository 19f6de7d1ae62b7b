import { todayIn } from "@/calendar/days";
import { dishOf } from "@/core/cards";
import { POTS, SIMMER_MIN } from "@/core/butter";
import type { RuleSetId } from "@/core/safety";
import { assert, valueOf } from "@/core/shared";
import { DAY_MS, HOUR_MS, MINUTE_MS } from "@/core/units";
import { readPot } from "@/db/butter/cooling";
import { receivePack } from "@/db/butter/packs";
import { makeBase, mountSauce, endSauce } from "@/db/butter/sauces";
import { findSauce } from "@/db/butter/specs";
import { bonesOnIce, finishStock, startStock } from "@/db/butter/stocks";
import { findCard } from "@/db/cards/cardSpecs";
import { cardWorld } from "@/db/cards/world";
import type { Db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { courseGone } from "@/db/line/gone";
import { callCourse, findTicket, openTicket } from "@/db/line/tickets";
import { setPhone } from "@/db/lots/suppliers";
import { dayStamp } from "@/words/format/format";
import type { Timed } from "./timed";

const PAN = { panMm: 240, netPowerW: 1850 } as const;

/** Tables of two evenings: hours ago, who was booked, and what went. */
const TABLES = [
  { hoursAgo: 54.6, table: "t22", guest: "Solvang", cardId: "cod", covers: 2 },
  { hoursAgo: 54.2, table: "t25", guest: "Brekke", cardId: "cod", covers: 3 },
  { hoursAgo: 31.4, table: "t24", guest: "Lindtner", cardId: "cod", covers: 4 },
] as const;

/** Numbers nobody has. */
const PHONES = [
  ["Gråskjær Landing", "+00 555 01 41"],
  ["Two Terns Fish", "+00 555 01 42"],
  ["Tangvik Dairy", "+00 555 01 43"],
] as const;

/** Evenings of the demo house as a recall finds them: one pot of the bones of three boats, the sauces of it, and the tables they went to. */
export function serviceWork(db: Db, placeId: string, ruleSetId: RuleSetId, timeZone: string, nowMs: number): Timed[] {
  const stamp = (atMs: number) => ({
    who: "Torben",
    atMs,
    requestId: `demo-service-${atMs}`,
    dayStamp: dayStamp(atMs, timeZone),
  });
  const ago = (hours: number) => Math.round(nowMs - hours * HOUR_MS);
  const sauce = () => findSauce(db, "oyster-cream")!;
  let base = "";
  let mounted = "";
  const mount = (hours: number) => {
    const facts = { covers: 6, ...PAN, servedC: 56, surfaceMm: 200, lid: true, baseLotId: base, ruleSetId };
    const done = mountSauce(db, sauce(), facts, stamp(ago(hours)));
    assert(done.ok, "the cream is mounted");
    mounted = done.value.id;
  };
  const close = (hours: number) =>
    void endSauce(db, mounted, { massG: 40, reason: "poured away at close" }, { who: "Torben", atMs: ago(hours) });
  const at = (hours: number, run: () => void): Timed => ({ atMs: ago(hours), run });
  return [
    at(74, () => {
      for (const [name, phone] of PHONES) valueOf(setPhone(db, name, phone, stamp(ago(74))));
    }),
    at(76, () => {
      const pack = {
        ingredientId: "butter",
        massG: 5000,
        cents: 4900,
        supplier: "Tangvik Dairy",
        supplierLot: "B-4471",
      };
      receivePack(db, { ...pack, useByMs: ago(76) + 40 * DAY_MS, placeId }, stamp(ago(76)));
    }),
    at(72.4, () => {
      const bones = bonesOnIce(db, ago(72.4)).filter(({ whyNot }) => whyNot === null);
      const ask = { pot: POTS[0]!, waterMl: 1500, aromaticsG: 150, netPowerW: 2200, simmerMin: SIMMER_MIN.usual };
      const started = startStock(db, { ...ask, bones: bones.map(({ lot }) => lot.row.id) }, stamp(ago(72.4)));
      assert(started.ok, "the bones of three boats go into one pot");
      const strained = { yieldMl: 1300, iceG: 1800, stirred: true, placeId, ruleSetId };
      const made = finishStock(db, started.value, strained, stamp(ago(71.7)));
      assert(made.ok, "the pot is strained");
      valueOf(readPot(db, made.value.id, 17, ruleSetId, stamp(ago(71.7) + 60 * MINUTE_MS)));
      valueOf(readPot(db, made.value.id, 6, ruleSetId, stamp(ago(71.7) + 120 * MINUTE_MS)));
    }),
    at(70, () => {
      const done = makeBase(db, sauce(), { covers: 14, ...PAN, placeId }, stamp(ago(70)));
      assert(done.ok, "the base of the cream is made");
      base = done.value.id;
    }),
    at(55, () => mount(55)),
    at(53.9, () => close(53.9)),
    at(32, () => mount(32)),
    at(30.9, () => close(30.9)),
    ...TABLES.map((one) => at(one.hoursAgo, () => serveTable(db, one, timeZone, stamp(ago(one.hoursAgo))))),
  ];
}

function serveTable(
  db: Db,
  { table, guest, cardId, covers }: (typeof TABLES)[number],
  timeZone: string,
  stamp: { readonly who: string; readonly atMs: number },
): void {
  const { atMs } = stamp;
  const before = { ...stamp, atMs: atMs - 40 * MINUTE_MS };
  const dish = { cardId, count: covers, wishes: [], allergies: [] };
  const wanted = { day: todayIn(timeZone, atMs), table, guest, courses: [[dish]], source: "typed" } as const;
  const { ticketId, course } = openTicket(db, wanted, before, atMs - 6 * HOUR_MS);
  const called = callCourse(db, ticketId, course, { wantedAtMs: null, promisedAtMs: atMs + MINUTE_MS }, before);
  assert(called.ok, "the table of the demo is called");
  const card = findCard(db, cardId)!;
  const house = findHouse(db)!;
  const line = findTicket(db, ticketId)!.courses[0]!.lines[0]!;
  const served = {
    hash: card.hash,
    cardId,
    card: card.spec,
    dish: dishOf(card.spec, cardWorld(db, house, atMs, new Set())),
    covers,
    lineId: line.id,
    wishes: [],
  };
  assert(courseGone(db, ticketId, course, [served], house.ruleSetId, stamp).ok, "the table of the demo is served");
}
