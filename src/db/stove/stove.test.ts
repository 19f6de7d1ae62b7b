import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { eq, sql } from "drizzle-orm";
import { fitCooks, liveCook, planSheet, type SheetRequest } from "@/core/cooking";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { ok } from "@/core/shared";
import { openDatabase, type Db } from "../connection";
import { findBatch } from "../block/batches";
import {
  addCookEvent,
  cooksSince,
  findCook,
  openCooks,
  startCook,
  startCounted,
  startLoose,
  type NewEvent,
} from "./cooks";
import { checkLedger, entriesBetween } from "../ledger";
import { plates } from "../schema/cards";
import { cooks, portions } from "../schema/cooks";
import { waste } from "../schema/lots";
import { findLot, lotsOnIce } from "../lots/lots";
import { oldFile } from "../releases/oldFile.testkit";
import { refit } from "./refits";
import { addTrace, findProbe, listProbes, noteProbe, placeProbe, readingsOf, setProbe } from "./probes";
import { fitOfPan, keepFit, resetFit } from "./stationFits";
import { findSheet, keepSheet, listSheets } from "./stationSheets";
import { planToKeep } from "@/house/stove/storedPlan";
import { readForm, writeForm } from "@/house/stored/form";
import { PLAN } from "@/house/stored/planForm";

const NOW = Date.UTC(2026, 4, 12, 15);
const who = { who: "Ylva", atMs: NOW };

const demo = demoCopies(NOW);

const question: SheetRequest = {
  speciesId: "king-scallop",
  methodId: "scallop-sear",
  kit: {},
  shape: { kind: "puck", diameterMm: 36, heightMm: 18 },
  thinnestMm: 18,
  thickestMm: 18,
  skin: false,
  startC: 12,
  panId: "iron-26",
  goal: { kind: "centre", targetC: 45 },
  pieces: 6,
  pieceG: 20,
  ruleSetId: "eu-853",
};
const planned = () => {
  const found = planSheet(question);
  if (!found.ok) throw new Error(found.error.code);
  return planToKeep(question, found.value);
};

function scallopsInThePan(db: Db) {
  const lot = lotsOnIce(db).find(({ speciesId }) => speciesId === "king-scallop")!;
  const counted = { lotId: lot.id, count: 6, pieceG: 20, sizeMm: 18, shape: "puck" } as const;
  const stamp = { ...who, requestId: "counted-0000000001" };
  return { lot, start: () => startCounted(db, counted, planned(), stamp), counted, stamp };
}

test("pieces counted out of a lot: lighter by them, a batch of them, one cook however often it is asked", () => {
  const db = demo();
  const { lot, start } = scallopsInThePan(db);
  const first = start();
  const again = start();
  if (!first.ok) throw new Error("they are there");
  expect(again).toEqual(first);
  expect(findLot(db, lot.id)!.remainingG).toBeCloseTo(lot.remainingG - 120, 6);
  const cook = findCook(db, first.value)!;
  expect(cook.plan.methodId).toBe("scallop-sear");
  expect(cook.pieces).toBe(6);
  const kinds = entriesBetween(db, NOW, NOW + 1).map(({ kind }) => kind);
  expect(kinds).toEqual(expect.arrayContaining(["pieces-counted", "cook-started"]));
});

test("more pieces than are left: nothing is taken and nothing is started", () => {
  const db = demo();
  const { lot, counted, stamp } = scallopsInThePan(db);
  const open = openCooks(db).length;
  const asked = startCounted(db, { ...counted, count: 5000 }, planned(), stamp);
  expect(asked).toMatchObject({ ok: false, error: { kind: "moreThanLeft" } });
  expect(findLot(db, lot.id)!.remainingG).toBe(lot.remainingG);
  expect(openCooks(db)).toHaveLength(open);
});

test("a probe's readings go to the cook it is in, while that cook is open", () => {
  const db = demo();
  const started = scallopsInThePan(db).start();
  if (!started.ok) throw new Error("they are there");
  const probe = setProbe(db, "Probe 1", who);
  expect(noteProbe(db, probe.id, 21.5, NOW + 1000)).toEqual(ok({ cookId: null }));
  expect(placeProbe(db, probe.id, "nowhere").ok).toBe(false);
  expect(placeProbe(db, probe.id, started.value).ok).toBe(true);
  expect(noteProbe(db, probe.id, 22.5, NOW + 2000)).toEqual(ok({ cookId: started.value }));
  // sent again it counts once; one that comes late joins the cook and is not what the probe reads now
  expect(noteProbe(db, probe.id, 22.5, NOW + 2000)).toEqual(ok({ cookId: started.value }));
  expect(noteProbe(db, probe.id, 22, NOW + 1500)).toEqual(ok({ cookId: started.value }));
  expect(findProbe(db, probe.id)).toMatchObject({ celsius: 22.5, atMs: NOW + 2000 });
  // what it read in another piece an hour before is no reading of this cook
  expect(noteProbe(db, probe.id, 90, NOW - 3_600_000)).toEqual(ok({ cookId: null }));
  // a time no cook has, kept by the first houses, does not reach the page
  addTrace(db, started.value, [{ atMs: NOW + 1e14, celsius: 50 }]);
  expect(readingsOf(db, started.value)).toEqual([
    { atMs: NOW + 1500, celsius: 22 },
    { atMs: NOW + 2000, celsius: 22.5 },
  ]);
  addCookEvent(db, started.value, { kind: "abandoned", amount: null }, { ...who, requestId: "abandoned-00000001" });
  expect(noteProbe(db, probe.id, 23, NOW + 3000)).toEqual(ok({ cookId: null }));
  expect(findProbe(db, probe.id)).toMatchObject({ celsius: 23 });
  const renewed = setProbe(db, "Probe 1", who);
  expect(renewed.id).toBe(probe.id);
  expect(renewed.key).not.toBe(probe.key);
  expect(listProbes(db).filter(({ name }) => name === "Probe 1")).toHaveLength(1);
});

test("taps taken back: a start gives its pieces back, a finish its plates, a cancelled cook its waste; each is an entry", () => {
  const db = demo();
  const { start, lot } = scallopsInThePan(db);
  let asked = 0;
  const tap = (cookId: string, event: NewEvent, afterS: number) =>
    addCookEvent(db, cookId, event, {
      who: "Ylva",
      atMs: NOW + afterS * 1000,
      requestId: `tap-${String(++asked).padStart(14, "0")}`,
    });
  const ofCook = (id: string) => ({
    taken: db.select().from(portions).where(eq(portions.cookId, id)).all().length,
    plates: db.select().from(plates).where(eq(plates.cookId, id)).all().length,
    waste: db.select().from(waste).where(eq(waste.lotId, lot.id)).all().length,
    open: findCook(db, id)!.open,
  });
  const started = start();
  if (!started.ok) throw new Error("they are there");
  const id = started.value;
  const wasted = ofCook(id).waste;
  expect(tap(id, { kind: "abandoned", amount: null, became: "waste" }, 5).ok).toBe(true);
  expect(ofCook(id)).toMatchObject({ taken: 6, waste: wasted + 6, open: false });
  expect(tap(id, { kind: "undone", amount: null }, 9).ok).toBe(true);
  expect(ofCook(id)).toMatchObject({ taken: 6, waste: wasted, open: true });
  // one undo is not two
  expect(tap(id, { kind: "undone", amount: null }, 10)).toMatchObject({ ok: false, error: { kind: "refused" } });
  const stages = findCook(db, id)!.plan.answer.stages.length;
  for (let stage = 0; stage < stages; stage++) tap(id, { kind: "advanced", amount: null, stage }, 60 + stage);
  expect(ofCook(id)).toMatchObject({ plates: 6, open: false });
  expect(tap(id, { kind: "undone", amount: null, stage: stages }, 60 + stages + 3).ok).toBe(true);
  expect(ofCook(id)).toMatchObject({ plates: 0, open: true });
  expect(tap(id, { kind: "advanced", amount: null }, 90).ok).toBe(true);
  expect(tap(id, { kind: "undone", amount: null }, 120).ok).toBe(false);
  expect(ofCook(id)).toMatchObject({ plates: 6, open: false });

  const batch = findCook(db, id)!.batchId!;
  const free = () => findBatch(db, batch)!.portions.filter(({ cookId }) => cookId === null).length;
  db.update(portions).set({ cookId: null }).where(eq(portions.cookId, id)).run();
  const again = startCook(db, batch, planned(), { who: "Ylva", atMs: NOW + 200_000, requestId: "mistaken-start-001" });
  if (!again.ok) throw new Error("they are free");
  expect(free()).toBe(0);
  expect(tap(again.value, { kind: "undone", amount: null }, 204).ok).toBe(true);
  expect(free()).toBe(6);
  expect(tap(again.value, { kind: "advanced", amount: null }, 206)).toMatchObject({ ok: false });
  expect(entriesBetween(db, NOW, NOW + 300_000).filter(({ kind }) => kind === "tap-undone")).toHaveLength(3);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a piece without a lot is cooked live by its name and its pan's; nothing is counted of it and the book says no lot", () => {
  const db = demo();
  const before = db.select().from(plates).all().length;
  const id = startLoose(db, planned(), "left front", { ...who, requestId: "loose-00000000001" });
  expect(startLoose(db, planned(), "left front", { ...who, requestId: "loose-00000000001" })).toBe(id);
  expect(findCook(db, id)).toMatchObject({
    batchId: null,
    lotId: null,
    batchCode: null,
    speciesId: "king-scallop",
    panName: "left front",
    open: true,
  });
  expect(openCooks(db).map((cook) => cook.id)).toContain(id);
  const stages = findCook(db, id)!.plan.answer.stages.length;
  for (let stage = 0; stage < stages; stage++)
    addCookEvent(
      db,
      id,
      { kind: "advanced", amount: null, stage },
      { who: "Ylva", atMs: NOW + 60_000 * (stage + 1), requestId: `loose-advanced-${stage}` },
    );
  expect(findCook(db, id)!.open).toBe(false);
  expect(db.select().from(plates).all()).toHaveLength(before);
  const entries = entriesBetween(db, NOW, NOW + 3_600_000).filter(({ cookId }) => cookId === id);
  expect(entries.map(({ kind, lotId }) => [kind, lotId]).toSorted()).toEqual([
    ["cook-finished", null],
    ["cook-started", null],
  ]);
  expect(checkLedger(db).kind).toBe("whole");
});

test("cooks of the version before stay with their batch when a cook may have none", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-loose-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 17);
  old.pragma("foreign_keys = OFF");
  old
    .prepare(
      "insert into cooks (id, batch_id, started_at_ms, started_by, pieces, plan, open) values (?, ?, 1, 'A', 2, ?, 0)",
    )
    .run("c", "b", JSON.stringify(planned()));
  old.exec(`
    insert into items (id, kind, name, facts) values ('i', 'part', 'cod', '{}');
    insert into lots (id, code, item_id, received_at_ms, received_by, mass_g, remaining_g, total_cents, remaining_cents, status)
      values ('l', '1-1', 'i', 1, 'A', 1, 0, 0, 0, 'finished');
    insert into batches (id, code, lot_id, cut_at_ms, cut_by, side, portion_g, tolerance_g, trim_g, trim_use)
      values ('b', '1-1/A', 'l', 1, 'A', '{}', 160, 10, 0, 'waste');
    insert into cook_events (cook_id, at_ms, kind, who, request_id) values ('c', 1, 'started', 'A', 'r-0000000000000001');
  `);
  old.close();
  const db = openDatabase(file);
  expect(db.select().from(cooks).all()).toEqual([
    expect.objectContaining({ id: "c", batchId: "b", speciesId: null, panName: null, pieces: 2 }),
  ]);
  rmSync(folder, { recursive: true });
});

test("what the model makes of what was done: into the clock once, not for what is over, and in the book at the end", () => {
  const db = demo();
  const started = scallopsInThePan(db).start();
  if (!started.ok) throw new Error("they are there");
  const id = started.value;
  const found = { changeS: -25, peakC: 51.5, meets: false };
  const stamp = (afterS: number, key: string) => ({ atMs: NOW + afterS * 1000, requestId: key.padEnd(20, "0") });
  const tap = (afterS: number, stage: number) =>
    addCookEvent(
      db,
      id,
      { kind: "advanced", amount: null, stage },
      { who: "Ylva", ...stamp(afterS, `step-${stage}-`) },
    );
  tap(90, 0);
  expect(refit(db, id, { ...found, eventCount: 1 }, stamp(91, "late-")).ok).toBe(false);
  expect(refit(db, id, { ...found, eventCount: 2 }, stamp(91, "first-")).ok).toBe(true);
  expect(refit(db, id, { ...found, eventCount: 4 }, stamp(92, "first-")).ok).toBe(false);
  const { events, plan } = findCook(db, id)!;
  const live = liveCook(
    plan.answer.stages.map(({ seconds }) => seconds),
    events,
    NOW + 95_000,
  );
  expect(live).toMatchObject({ refitS: -25, foreseen: { peakC: 51.5, meets: false } });
  for (let stage = 1; stage < plan.answer.stages.length; stage++) tap(100 + stage, stage);
  const eventCount = findCook(db, id)!.events.length;
  expect(refit(db, id, { ...found, eventCount }, stamp(200, "last-")).ok).toBe(true);
  const [entry] = entriesBetween(db, NOW, NOW + 300_000).filter(({ kind }) => kind === "cook-modelled");
  expect(entry?.payload).toMatchObject({ peakC: 51.5, meets: false, plannedPeakC: plan.answer.peakC });
  expect(checkLedger(db).kind).toBe("whole");
});

test("a trace from a file comes in once", () => {
  const db = demo();
  const [cook] = cooksSince(db, 0, 5);
  const trace = [0, 30, 60].map((second) => ({ atMs: cook!.startedAtMs + second * 1000, celsius: 10 + second / 3 }));
  addTrace(db, cook!.id, trace);
  addTrace(db, cook!.id, trace);
  expect(readingsOf(db, cook!.id)).toEqual(trace);
});

test("what a pan taught stands until it is set back; every step is in the book", () => {
  const db = demo();
  expect(fitOfPan(db, "iron-26")).toBeNull();
  const fit = { ...fitCooks([], ["vessel", "air"]), estimate: { vessel: -0.12, air: 0.05, thickness: 0, start: 0 } };
  keepFit(db, "iron-26", fit, 2, who);
  expect(fitOfPan(db, "iron-26")).toMatchObject({ vessel: -0.12, cooks: 2, reset: false });
  expect(fitOfPan(db, "steel-26")).toBeNull();
  resetFit(db, "iron-26", who);
  expect(fitOfPan(db, "iron-26")).toBeNull();
  const kinds = entriesBetween(db, NOW, NOW + 1).map(({ kind }) => kind);
  expect(kinds).toEqual(expect.arrayContaining(["station-learned", "station-reset"]));
});

test("a station sheet is kept as it was worked out", () => {
  const db = demo();
  const rows = [
    {
      thicknessMm: 18,
      stages: [{ name: "First side", seconds: 90 }],
      pullC: 30,
      peakC: 45,
      earlyS: 5,
      lateS: 8,
      band: "medium",
      refusal: null,
    },
  ] as const;
  const id = keepSheet(db, question, rows, who);
  expect(findSheet(db, id)).toMatchObject({ question: { methodId: "scallop-sear" }, rows });
  expect(listSheets(db)).toHaveLength(1);
});

test("a plan of the first houses reads as skin-crisp with an oven finish", () => {
  const { answer } = planned();
  const { methodId: _method, pullS: _pull, serveS: _serve, stageSeconds: _seconds, ...old } = answer;
  const row = {
    speciesId: "cod",
    thicknessMm: 24,
    skin: true,
    startC: 8,
    panC: 200,
    ovenC: 180,
    panId: "steel-26",
    targetC: 53,
    pieces: 3,
    pieceG: 160,
    answer: { ...old, times: { panS: 200, ovenS: 150 } },
  } as const;
  const plan = readForm(PLAN, JSON.stringify(row));
  expect(plan).toMatchObject({
    methodId: "skin-then-oven",
    kit: { panC: 200, ovenC: 180 },
    shape: { kind: "slab", thicknessMm: 24 },
    goal: { kind: "centre", targetC: 53 },
    answer: { pullS: 350, stageSeconds: [200, 150, old.restS] },
  });
  expect(readForm(PLAN, writeForm(PLAN, plan))).toEqual(plan);
});

test("a file of the release before is brought up to date with its batches kept and its tables there", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-stove-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 5);
  old.exec(`
    insert into suppliers values ('s', 'Landing');
    insert into lots (id, code, supplier_id, received_at_ms, received_by, species_id, form, production, area, gear, source, mass_g,
      remaining_g, price_cents_per_kg, receipt_c, grades, verdict, reasons, implied_ice_days, status)
      values ('l', '1-1', 's', 1, 'A', 'cod', 'side', 'wild', 'x', 'y', 'z', 1, 0, 900, 1, '{}', 'accept', '[]', 1, 'finished');
  `);
  old
    .prepare(
      `insert into batches (id, code, lot_id, cut_at_ms, cut_by, side, portion_g, tolerance_g, trim_g, trim_use)
       values ('b', '1-1/A', 'l', 1, 'A', '{"lengthMm":1,"massG":1,"profile":[]}', 160, 10, 0, 'waste')`,
    )
    .run();
  old.close();
  const db = openDatabase(file);
  expect(db.get(sql.raw("select code, piece_shape from batches"))).toEqual({
    code: "1-1/A",
    piece_shape: null,
  });
  expect(listProbes(db)).toEqual([]);
  expect(listSheets(db)).toEqual([]);
  rmSync(folder, { recursive: true });
});
