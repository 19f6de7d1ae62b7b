import { sumOf } from "@/core/numeric";
import { leastSure } from "@/core/trace";
import { makeDemoHouse } from "@/demo/house";
import { plateGroups, recallCount } from "@/house/book/recall";
import { openDatabase } from "../connection";
import { listPlaces } from "../house/places";
import { splitLot } from "../lots/movements";
import { findLot, lotsOnIce } from "../lots/lots";
import { plates } from "../schema/cards";
import { fish, suppliers } from "../schema/lots";
import { lots, packs } from "../schema/larder";
import { flowsFrom, flowsInto, rootsOf } from "./flows";
import { tracePlate } from "./plateTrace";
import { platesBetween } from "./platesBetween";
import { recall } from "./recall";
import { lotsNamed } from "./search";

const NOW = Date.UTC(2026, 4, 12, 15);
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);

const lotIds = () =>
  db
    .select({ id: lots.id })
    .from(lots)
    .all()
    .map(({ id }) => id);
const plateIds = () =>
  db
    .select({ id: plates.id })
    .from(plates)
    .all()
    .map(({ id }) => id);
const idsNamed = (text: string) => lotsNamed(db, text)!.lots.map(({ id }) => id);
const RANK = { certain: 1, possible: 0 } as const;

test("backwards and forwards are one way: every lot a plate goes back to finds that plate again", () => {
  const found = new Map(lotIds().map((id) => [id, recall(db, [id], NOW)]));
  for (const id of plateIds()) {
    const trace = tracePlate(db, id)!;
    for (const { certainty, steps } of trace.parts)
      for (const step of steps) {
        const plate = found.get(step.lotId)!.plates.find((one) => one.id === id);
        expect([step.code, id, plate?.written]).toEqual([step.code, id, true]);
        // what is certain backwards is certain forwards
        if (leastSure(certainty, step.certainty) === "certain") expect(plate!.certainty).toBe("certain");
      }
  }
});

test("and the other way: no plate is called back through a lot that its own trace does not name", () => {
  for (const id of lotIds().filter((_, at) => at % 3 === 0))
    for (const plate of recall(db, [id], NOW).plates.filter(({ written }) => written)) {
      const named = tracePlate(db, plate.id)!.parts.flatMap(({ steps }) => steps.map(({ lotId }) => lotId));
      expect(named).toContain(id);
    }
});

test("what flows into a lot is what flowed out of the others, with the same certainty", () => {
  const ids = lotIds();
  const key = (flow: ReturnType<typeof flowsFrom>[number]) =>
    JSON.stringify([flow.fromId, flow.toId, flow.makeId, flow.certainty]);
  expect(flowsInto(db, ids).map(key).sort()).toEqual(flowsFrom(db, ids).map(key).sort());
});

test("of several lots together every plate of each is called, none of them less surely", () => {
  const ids = lotIds();
  for (let at = 0; at + 1 < ids.length; at += 7) {
    const [one, other] = [ids[at]!, ids[at + 1]!];
    const together = new Map(recall(db, [one, other], NOW).plates.map((plate) => [plate.id, plate]));
    for (const plate of [one, other].flatMap((id) => recall(db, [id], NOW).plates)) {
      const called = together.get(plate.id);
      expect(called).toBeDefined();
      expect(RANK[called!.certainty]).toBeGreaterThanOrEqual(RANK[plate.certainty]);
    }
  }
});

test("a lot that is recalled is among what is recalled, certainly, and what lies there is what the house has of it", () => {
  for (const id of lotIds()) {
    const found = recall(db, [id], NOW);
    const self = found.lots.find((lot) => lot.id === id)!;
    expect(self).toMatchObject({ certainty: "certain", by: null });
    expect(new Set(found.lots.map((lot) => lot.id)).size).toBe(found.lots.length);
    expect(new Set(found.plates.map((plate) => plate.id)).size).toBe(found.plates.length);
    const row = db
      .select()
      .from(lots)
      .all()
      .find((lot) => lot.id === id)!;
    expect(self.leftG).toBeCloseTo(row.status === "on-ice" ? row.remainingG : 0, 6);
  }
});

test("counted and grouped, plates and pieces are as many as there are", () => {
  for (const id of lotIds()) {
    const found = recall(db, [id], NOW);
    const count = recallCount(found);
    expect(count.certain + count.possible).toBe(found.plates.length);
    expect(count.leftG).toBeCloseTo(
      sumOf(found.lots, ({ leftG }) => leftG),
      6,
    );
    expect(
      plateGroups(found.plates)
        .flatMap(({ ids }) => ids)
        .sort(),
    ).toEqual(found.plates.map((plate) => plate.id).sort());
  }
});

test("a part that is split off goes back to its whole, and the whole's supplier is called for it", () => {
  const whole = lotsOnIce(db).find(({ remainingG, form }) => remainingG > 600 && form === "side")!;
  const placeId = listPlaces(db)[0]!.id;
  const split = splitLot(db, whole.id, { massG: 300, form: "side", placeId, note: "" }, "2026-05-12", {
    who: "Ylva",
    atMs: NOW,
  });
  if (!split.ok) throw new Error("the side is split");
  const part = split.value.id;
  expect(rootsOf(db, [part]).get(part)).toBe(rootsOf(db, [whole.id]).get(whole.id));
  const found = recall(db, [whole.id], NOW);
  expect(found.lots.find(({ id }) => id === part)).toMatchObject({ certainty: "certain", leftG: 300 });
  expect(found.suppliers.map(({ name }) => name)).toContain(findLot(db, whole.id)!.supplier);
});

test("every number a paper can bear finds its lots: house code, supplier's lot, boat, supplier, pack", () => {
  for (const { id, code } of db
    .select()
    .from(lots)
    .all()
    .filter((_, at) => at % 5 === 0))
    expect(idsNamed(` ${code.toUpperCase()} `)).toContain(id);
  for (const { lotId, source, provenance } of db
    .select()
    .from(fish)
    .all()
    .filter((_, at) => at % 5 === 0)) {
    if (source.trim() !== "") expect(lotsNamed(db, source)).not.toBeNull();
    // what came off a lot is found through the lot
    if (provenance.supplierLot && findLot(db, lotId)!.parentId === null)
      expect(idsNamed(provenance.supplierLot)).toContain(lotId);
  }
  for (const { name } of db.select().from(suppliers).all()) expect(lotsNamed(db, name)).not.toBeNull();
  for (const { lotId, supplierLot } of db.select().from(packs).all()) expect(idsNamed(supplierLot)).toContain(lotId);
  for (const nothing of ["", "   ", "no such number", "%", "'; drop table lots"])
    expect(lotsNamed(db, nothing)).toBeNull();
});

test("plates between two moments are those that went then, and of the whole time all of them", () => {
  const all = platesBetween(db, 0, NOW + 1e9);
  expect(all).toHaveLength(plateIds().length);
  const middleMs = NOW - 6 * 3_600_000;
  expect(platesBetween(db, 0, middleMs).length + platesBetween(db, middleMs, NOW + 1e9).length).toBe(all.length);
});

test("of a plate that is none there is no trace", () => {
  expect(tracePlate(db, "no-such-plate")).toBeUndefined();
  expect(recall(db, [], NOW)).toMatchObject({ lots: [], plates: [], pieces: [], suppliers: [] });
});
