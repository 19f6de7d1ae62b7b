import type { Timed } from "./timed";
import { todayIn } from "@/calendar/days";
import { expectedParts, findBreakdown } from "@/core/block";
import { assert, valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { HOUR_MS } from "@/core/units";
import { washBoard } from "@/db/block/boards";
import { breakDown } from "@/db/block/breakdowns";
import type { Db } from "@/db/connection";
import { closeHold, readHold, startHold } from "@/db/lots/holds";
import { findLot, finishLot } from "@/db/lots/lots";
import { moveLot } from "@/db/lots/movements";
import { servePlates } from "@/db/raw/plates";
import { setScale } from "@/db/block/scales";
import { DELIVERIES } from "./data/deliveries";
import type { DemoPlace } from "./places";

const TIME_ZONE = "Europe/Oslo";

/** An animal taken apart: which delivery, when after it came, how, and by how many points its parts were off the usual. */
type DemoBreakdown = {
  readonly delivery: number;
  readonly hoursAfter: number;
  readonly wayId: string;
  readonly wholeG: number;
  /** Points of a per cent off the usual yield of the first part; the others follow the table. */
  readonly off: number;
  readonly who: string;
  /** Its parts lie on ice still: all of them, or only what a stock is made of. */
  readonly kept?: true | "bones";
};

const BREAKDOWNS: readonly DemoBreakdown[] = [
  { delivery: 0, hoursAfter: 5, wayId: "flat-fillets", wholeG: 6200, off: 0.8, who: "Torben" },
  { delivery: 1, hoursAfter: 6, wayId: "salmonid-skin-on", wholeG: 1620, off: 1.1, who: "Ylva" },
  { delivery: 1, hoursAfter: 7, wayId: "salmonid-skin-on", wholeG: 1540, off: -0.6, who: "Maike" },
  { delivery: 3, hoursAfter: 5, wayId: "round-skin-on", wholeG: 3100, off: -4.9, who: "Maike" },
  { delivery: 4, hoursAfter: 4, wayId: "flat-fillets", wholeG: 2300, off: -1.2, who: "Torben" },
  { delivery: 7, hoursAfter: 6, wayId: "flat-fillets", wholeG: 1900, off: 0.4, who: "Ylva" },
  { delivery: 7, hoursAfter: 71.4, wayId: "flat-fillets", wholeG: 1700, off: 0.5, who: "Ylva", kept: "bones" },
  { delivery: 8, hoursAfter: 47.3, wayId: "flat-fillets", wholeG: 2100, off: -0.4, who: "Maike", kept: "bones" },
  { delivery: 11, hoursAfter: 1.4, wayId: "round-skin-on", wholeG: 2400, off: -2.2, who: "Ylva", kept: "bones" },
  { delivery: 13, hoursAfter: 8, wayId: "salmonid-skin-on", wholeG: 1710, off: 0.7, who: "Ylva" },
  { delivery: 11, hoursAfter: 29, wayId: "round-skin-on", wholeG: 2800, off: -3.8, who: "Maike", kept: true },
  { delivery: 13, hoursAfter: 27, wayId: "salmonid-skinless", wholeG: 1680, off: 0.3, who: "Ylva", kept: true },
  { delivery: 11, hoursAfter: 69.6, wayId: "round-skin-on", wholeG: 2700, off: -2.5, who: "Maike", kept: "bones" },
];

/** A scale reads whole grams. */
const onScale = (massG: number) => Math.max(1, Math.round(massG));

function takeApart(db: Db, lotId: string, one: DemoBreakdown, atMs: number): void {
  const lot = findLot(db, lotId)!;
  const species = findSpecies(lot.speciesId)!;
  const way = findBreakdown(one.wayId)!;
  const parts = expectedParts(way, species, lot.form).map((part, index) => {
    const pct = index === 0 ? part.pct[1] + one.off : part.pct[1] - one.off / 12;
    return { part, massG: onScale((one.wholeG * pct) / 100), use: part.use, placeId: lot.placeId! };
  });
  const day = todayIn(TIME_ZONE, atMs);
  const done = breakDown(db, { lotId, wayId: one.wayId, wholeG: one.wholeG, parts }, day, { who: one.who, atMs });
  assert(done.ok, `demo breakdown of ${lot.code} failed`);
  if (one.kept === true) return;
  const used = done.value.children.filter((child) => one.kept !== "bones" || child.partUse !== "stock");
  for (const child of used) valueOf(finishLot(db, child.id, "used up", one.who, one.kept ? atMs : atMs + 7 * HOUR_MS));
}

/** Work at the block and at the raw station: animals taken apart and weighed, a freezing hold met, thawed and served raw. */
export function benchWork(
  db: Db,
  lotIds: readonly string[],
  places: Readonly<Record<DemoPlace, string>>,
  nowMs: number,
  arrivalMs: (delivery: number) => number,
): readonly Timed[] {
  const crudo = DELIVERIES.findIndex(({ speciesId, form }) => speciesId === "mackerel" && form === "side");
  const lot = () => lotIds[crudo]!;
  const cameMs = arrivalMs(crudo);
  const day = (atMs: number) => todayIn(TIME_ZONE, atMs);
  let hold = "";
  const at = (atMs: number, who: string, run: (stamp: { who: string; atMs: number }) => unknown): Timed => ({
    atMs,
    run: () => void run({ who, atMs }),
  });
  const after = (hours: number) => cameMs + hours * HOUR_MS;
  const ago = (hours: number) => nowMs - hours * HOUR_MS;
  return [
    ...BREAKDOWNS.map((one): Timed => {
      const atMs = arrivalMs(one.delivery) + one.hoursAfter * HOUR_MS;
      return { atMs, run: () => takeApart(db, lotIds[one.delivery]!, one, atMs) };
    }),
    at(after(1), "Torben", (stamp) => moveLot(db, lot(), places.blast, day(stamp.atMs), stamp)),
    at(after(1.1), "Torben", (stamp) => {
      const expected = { atMs: Math.round(after(3)), celsius: -20 };
      hold = startHold(db, lot(), { kind: "parasite", ruleId: "eu-853", stated: null, expected }, stamp);
    }),
    at(after(3.2), "Torben", (stamp) => readHold(db, hold, { atMs: stamp.atMs, celsius: -22.5 }, stamp)),
    at(after(29), "Ylva", (stamp) => readHold(db, hold, { atMs: stamp.atMs, celsius: -33.5 }, stamp)),
    at(after(29.1), "Ylva", (stamp) => closeHold(db, hold, stamp)),
    at(ago(15), "Ylva", (stamp) => moveLot(db, lot(), places.cold, day(stamp.atMs), stamp)),
    at(ago(6), "Maike", (stamp) => washBoard(db, "blue", stamp)),
    at(ago(2.2), "Ylva", (stamp) => washBoard(db, "blue", stamp)),
    at(ago(2.1), "Ylva", (stamp) => washBoard(db, "white", stamp)),
    at(ago(2.5), "Ylva", (stamp) => {
      const plates = { lotId: lot(), dish: "raw", covers: 6, gramsPerCover: 68, usedG: 440 } as const;
      const served = servePlates(db, plates, stamp);
      assert(served.ok, "the demo crudo is cleared");
    }),
    at(ago(13 * 24), "Torben", (stamp) => setScale(db, "Block scale", stamp)),
  ];
}
