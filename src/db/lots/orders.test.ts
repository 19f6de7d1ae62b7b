import { makeDemoHouse } from "@/demo/house";
import { openDatabase } from "../connection";
import { checkLedger, entriesBetween } from "../ledger";
import { lotsOnIce } from "./lots";
import { endOrder, expectedOn, noteOrder, ordersToCome, placeOrder, type NewOrder } from "./orders";

// a Tuesday
const NOW = Date.UTC(2026, 4, 12, 6);
const TODAY = "2026-05-12";
const stamp = { who: "Ylva", atMs: NOW };
const char: NewOrder = {
  supplier: "Kvitlomma Ponds",
  speciesId: "arctic-char",
  form: "whole-gutted",
  frozen: false,
  massG: 6000,
  priceCentsPerKg: 1410,
  day: TODAY,
  everyWeek: false,
};
const house = () => {
  const db = openDatabase(":memory:");
  const ids = (day: string) => expectedOn(db, day).map(({ id }) => id);
  return { db, ids };
};

test("an order of one day stands on its day alone; one of every week on its weekday from the first on, until it is ended", () => {
  const { db, ids } = house();
  const once = placeOrder(db, char, stamp);
  const weekly = placeOrder(db, { ...char, day: "2026-05-14", everyWeek: true }, stamp);
  expect(ids(TODAY)).toEqual([once]);
  expect(ids("2026-05-07")).toEqual([]);
  expect(ids("2026-05-14")).toEqual([weekly]);
  expect(ids("2026-05-21")).toEqual([weekly]);
  expect(ids("2026-05-20")).toEqual([]);
  expect(ordersToCome(db, "2026-05-13").map(({ id }) => id)).toEqual([weekly]);
  expect(endOrder(db, weekly, stamp)).toMatchObject({ ok: true });
  expect(ids("2026-05-21")).toEqual([]);
  expect(endOrder(db, weekly, stamp)).toMatchObject({ ok: false, error: { kind: "noOrder" } });
});

test("what came of an order is known once a day, by its lot or as nothing, and next week it is expected again", () => {
  const { db, ids } = house();
  makeDemoHouse(db, NOW);
  const [lot] = lotsOnIce(db);
  const before = new Set(ids(TODAY));
  const weekly = placeOrder(db, { ...char, everyWeek: true }, stamp);
  expect(noteOrder(db, weekly, TODAY, lot!.id, stamp)).toMatchObject({ ok: true });
  expect(noteOrder(db, weekly, TODAY, null, stamp)).toMatchObject({ ok: false, error: { kind: "knownAlready" } });
  expect(ids(TODAY).filter((id) => !before.has(id))).toEqual([]);
  expect(ids("2026-05-19")).toContain(weekly);
  expect(noteOrder(db, weekly, "2026-05-19", null, stamp)).toMatchObject({ ok: true });
  expect(noteOrder(db, "no-such-order", TODAY, null, stamp)).toMatchObject({ ok: false, error: { kind: "noOrder" } });
  // that it did not come is written down, that it came is the lot's own entry
  const kinds = entriesBetween(db, NOW, NOW + 1).map(({ kind }) => kind);
  expect(kinds.filter((kind) => kind === "order-missing")).toHaveLength(1);
  expect(checkLedger(db)).toMatchObject({ kind: "whole" });
});
