import { sumOf } from "@/core/numeric";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { fileUnder, type Db } from "../connection";
import { closeHold, openHolds, readHold, startHold } from "../lots/holds";
import { checkLedger, entriesBetween, lastEntry } from "../ledger";
import { findLot, lotsOnIce } from "../lots/lots";
import { stockOnIce } from "../lots/stock";
import { plateParts, plates } from "../schema/cards";
import { makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";
import { checkState } from "../seals/check";
import { addPapers, noteOnLot, notesOf } from "./lotNotes";
import { platesOfLot, platesSince, servePlates } from "./plates";
import { clearLot } from "./rawLots";

const NOW = Date.UTC(2026, 4, 12, 15);
const ylva = { who: "Ylva", atMs: NOW };

const house = demoCopies(NOW);
let db: Db;
beforeEach(() => {
  db = house();
});

const written = () => entriesBetween(db, 0, NOW + 1e9).length;
/** Every lot with how it stands to being served raw. */
const judged = () => stockOnIce(db, NOW).map((lot) => ({ lot, clearance: clearLot(db, lot, "raw", NOW).clearance }));
const cleared = () =>
  judged().find(({ lot, clearance }) => clearance.answer === "yes" && lot.row.remainingG > 400)!.lot;
const barred = () => judged().find(({ lot, clearance }) => clearance.answer !== "yes" && lot.row.remainingG > 400)!.lot;
const wanted = (lotId: string, covers = 3) =>
  ({ lotId, dish: "raw", covers, gramsPerCover: 60, usedG: covers * 60 + 20 }) as const;

test("plates of a lot that is clear: grams, cents, plates, make and record all say the same", () => {
  const { row } = cleared();
  const served = servePlates(db, wanted(row.id), ylva);
  expect(served.ok).toBe(true);
  const after = findLot(db, row.id)!;
  expect(after.remainingG).toBeCloseTo(row.remainingG - 200, 6);
  const [kept] = platesOfLot(db, row.id);
  expect(kept).toMatchObject({ covers: 3, gramsPerCover: 60, usedG: 200, who: "Ylva", code: row.code });
  // the make carries what left the lot, and what became of it
  const make = db
    .select()
    .from(makes)
    .all()
    .find(({ id }) => id === kept!.id)!;
  expect(make).toMatchObject({ kind: "raw-plates", facts: { dish: "raw", covers: 3 } });
  const of = <T extends { readonly makeId: string }>(rows: readonly T[]) =>
    rows.filter(({ makeId }) => makeId === make.id);
  const inputs = of(db.select().from(makeInputs).all());
  const outputs = of(db.select().from(makeOutputs).all());
  const losses = of(db.select().from(makeLosses).all());
  expect(sumOf(inputs, ({ massG }) => massG)).toBeCloseTo(
    sumOf([...outputs, ...losses], ({ massG }) => massG),
    6,
  );
  expect(sumOf(inputs, ({ cents }) => cents)).toBe(row.remainingCents - after.remainingCents);
  // each guest's plate names the lot for certain
  const went = db
    .select()
    .from(plates)
    .all()
    .filter(({ makeId }) => makeId === make.id);
  expect(went).toHaveLength(3);
  for (const { id } of went)
    expect(
      db
        .select()
        .from(plateParts)
        .all()
        .filter(({ plateId }) => plateId === id),
    ).toMatchObject([{ lotId: row.id, massG: 60, certainty: "certain" }]);
  expect(lastEntry(db, "plates-served")!.payload).toMatchObject({ code: row.code, covers: 3, leftG: after.remainingG });
  expect(checkLedger(db).kind).toBe("whole");
  expect(checkState(fileUnder(db)).kind).toBe("whole");
});

test("a lot that is not clear is served to nobody, whoever asks, and nothing is written", () => {
  const { row } = barred();
  const before = written();
  expect(servePlates(db, wanted(row.id), ylva)).toMatchObject({ ok: false, error: { kind: "notCleared" } });
  expect([written(), findLot(db, row.id)!.remainingG]).toEqual([before, row.remainingG]);
});

test("never more than is left, and to the last gram the lot is closed", () => {
  const { row } = cleared();
  expect(servePlates(db, { ...wanted(row.id), usedG: row.remainingG + 5 }, ylva)).toMatchObject({
    ok: false,
    error: { kind: "moreThanLeft", leftG: row.remainingG },
  });
  const all = { lotId: row.id, dish: "raw", covers: 1, gramsPerCover: row.remainingG, usedG: row.remainingG } as const;
  expect(servePlates(db, all, ylva).ok).toBe(true);
  expect(findLot(db, row.id)).toMatchObject({ remainingG: 0, remainingCents: 0, status: "finished" });
  expect(servePlates(db, wanted(row.id), ylva)).toMatchObject({ ok: false, error: { kind: "notOnIce" } });
});

test("what is cleared now may not be later: it is judged at the moment it is served", () => {
  const { row } = cleared();
  const much = { who: "Ylva", atMs: NOW + 20 * 86_400_000 };
  expect(servePlates(db, wanted(row.id), much)).toMatchObject({ ok: false, error: { kind: "notCleared" } });
});

test("plates since a moment are those since then, the newest first, with the lot they are of", () => {
  const { row } = cleared();
  for (const minutes of [1, 2]) servePlates(db, wanted(row.id, 1), { who: "Maike", atMs: NOW + minutes * 60_000 });
  const since = platesSince(db, NOW + 30_000);
  expect(since.map(({ atMs }) => atMs)).toEqual([NOW + 120_000, NOW + 60_000]);
  expect(since.every(({ code, speciesId }) => code === row.code && speciesId === row.speciesId)).toBe(true);
});

test("of each kind the newest note counts, and all of them stand in the book", () => {
  const { id } = lotsOnIce(db)[0]!;
  for (const [minutes, celsius] of [
    [1, 3.5],
    [2, 2.5],
  ] as const)
    noteOnLot(db, id, { kind: "probed", amount: celsius, outOf: null }, { who: "Ylva", atMs: NOW + minutes * 60_000 });
  expect(notesOf(db, id).probed).toEqual({ atMs: NOW + 120_000, amount: 2.5, outOf: null });
  const told = entriesBetween(db, NOW, NOW + 1e9).filter(({ kind, lotId }) => kind === "lot-noted" && lotId === id);
  expect(told.map(({ payload }) => (payload as { readonly amount: number }).amount)).toEqual([2.5, 3.5]);
});

test("papers that come later add to what is known and take nothing back", () => {
  const lot = lotsOnIce(db).find(({ provenance }) => provenance.supplierLot !== undefined)!;
  const before = lot.provenance;
  expect(addPapers(db, lot.id, { freezingStatement: true }, ylva).ok).toBe(true);
  expect(findLot(db, lot.id)!.provenance).toEqual({ ...before, freezingStatement: true });
});

test("a lot that is gone, or never was, takes neither note nor paper", () => {
  const gone = findLot(db, cleared().row.id)!;
  servePlates(
    db,
    { lotId: gone.id, dish: "raw", covers: 1, gramsPerCover: gone.remainingG, usedG: gone.remainingG },
    ylva,
  );
  const before = written();
  for (const id of [gone.id, "no-such-lot"]) {
    expect(noteOnLot(db, id, { kind: "probed", amount: 1, outOf: null }, ylva).ok).toBe(false);
    expect(addPapers(db, id, { freezingStatement: true }, ylva).ok).toBe(false);
  }
  expect(written()).toBe(before);
});

test("a freezing hold clears a wild fish only once its readings have stood for what the rule asks", () => {
  const wild = judged().find(
    ({ lot, clearance }) =>
      clearance.checks.some(({ id, state }) => id === "parasites" && state !== "met") && lot.row.production === "wild",
  )!.lot;
  const startMs = NOW - 40 * 3_600_000;
  const hold = startHold(
    db,
    wild.row.id,
    { kind: "parasite", ruleId: "eu-853", stated: null, expected: null },
    { who: "Ylva", atMs: startMs },
  );
  const parasites = () =>
    clearLot(
      db,
      stockOnIce(db, NOW).find(({ row }) => row.id === wild.row.id)!,
      "raw",
      NOW,
    ).clearance.checks.find(({ id }) => id === "parasites")!.state;
  expect(parasites()).not.toBe("met");
  for (let hour = 0; hour <= 40; hour += 4)
    readHold(
      db,
      hold,
      { atMs: startMs + hour * 3_600_000, celsius: -24 },
      { who: "Ylva", atMs: startMs + hour * 3_600_000 },
    );
  expect(openHolds(db, NOW).find(({ id }) => id === hold)!.status.state).toBe("done");
  closeHold(db, hold, ylva);
  expect(parasites()).toBe("met");
});
