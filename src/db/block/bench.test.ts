import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { sql } from "drizzle-orm";
import { expectedParts, findBreakdown, USUAL_BOARDS, type PartUse } from "@/core/block";
import { findSpecies } from "@/core/species";
import { demoCopies } from "@/demo/demoCopies.testkit";
import { boardScheme, boardsSince, setBoard, washBoard } from "./boards";
import { breakDown, breakdownsSince } from "./breakdowns";
import { openDatabase, type Db } from "../connection";
import { readHold, startHold } from "../lots/holds";
import { checkLedger, entriesOfLot } from "../ledger";
import { childLots, findLot, lotsOnIce } from "../lots/lots";
import { moveLot, splitLot } from "../lots/movements";
import { oldFile } from "../releases/oldFile.testkit";
import { listPlaces } from "../house/places";
import { clearLot } from "../raw/rawLots";
import { noteOnLot } from "../raw/lotNotes";
import { platesOfLot, servePlates } from "../raw/plates";
import { findScale, listScales, noteWeight, setScale } from "./scales";
import { lotInHand, stockOnIce } from "../lots/stock";
import { english } from "@/words/english.testkit";

const NOW = Date.UTC(2026, 4, 12, 15);
const HOUR = 3_600_000;
const DAY = "2026-05-12";
const ylva = { who: "Ylva", atMs: NOW };
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-bench-"));
afterAll(() => rmSync(folder, { recursive: true }));

const demo = demoCopies(NOW);
const lotOf = (db: Db, speciesId: string, form: string) =>
  lotsOnIce(db).find((lot) => lot.speciesId === speciesId && lot.form === form && lot.parentId === null)!;
const cleared = (db: Db, lotId: string, atMs = NOW) => clearLot(db, lotInHand(db, lotId, atMs)!, "raw", atMs).clearance;

describe("breaking down", () => {
  const parts = (
    db: Db,
    lotId: string,
    wayId: string,
    shares: Readonly<Record<string, number>>,
    wholeG: number,
    uses: Readonly<Record<string, PartUse>> = {},
  ) => {
    const lot = findLot(db, lotId)!;
    return expectedParts(findBreakdown(wayId)!, findSpecies(lot.speciesId)!, lot.form)
      .filter(({ id }) => shares[id] !== undefined)
      .map((part) => ({
        part,
        massG: shares[part.id]! * wholeG,
        use: uses[part.id] ?? part.use,
        placeId: lot.placeId!,
      }));
  };

  test("a turbot becomes fillets, head, frame: lots with their use, life and share of the bill; no gram and no cent appears", () => {
    const db = demo();
    const lot = lotOf(db, "turbot", "whole-gutted");
    const wholeG = 3000;
    const weighed = parts(db, lot.id, "flat-fillets", { fillets: 0.35, head: 0.18, frame: 0.27, skin: 0.06 }, wholeG, {
      skin: "waste",
    });
    const done = breakDown(db, { lotId: lot.id, wayId: "flat-fillets", wholeG, parts: weighed }, DAY, ylva);
    if (!done.ok) throw new Error(done.error.kind);
    expect(done.value.lossG).toBeCloseTo(0.14 * wholeG, 6);
    const children = childLots(db, lot.id).filter(({ receivedAtMs }) => receivedAtMs === NOW);
    expect(children.map(({ partLabel, partUse, form }) => [partLabel, partUse, form])).toEqual([
      ["Four fillets, skinless", "portions", "fillet"],
      ["Head, gills out", "stock", "by-product"],
      ["Frame", "stock", "by-product"],
    ]);
    expect(findLot(db, lot.id)!.remainingG).toBeCloseTo(lot.remainingG - wholeG, 6);
    const bill = children.reduce((sum, child) => sum + (child.massG / 1000) * child.priceCentsPerKg, 0);
    // prices a kilo are whole cents: half a cent a kilo and part is the most that rounding takes
    expect(Math.abs(bill - (wholeG / 1000) * lot.priceCentsPerKg)).toBeLessThan(3);
    expect(children[0]!.priceCentsPerKg).toBeGreaterThan(2 * lot.priceCentsPerKg);
    const stock = stockOnIce(db, NOW);
    const fillets = stock.find(({ id }) => id === children[0]!.id)!;
    expect(fillets.life.daysLeft).toBeLessThan(stock.find(({ id }) => id === lot.id)!.life.daysLeft!);
    expect(fillets).toMatchObject({ byProduct: false, cuttable: true, title: expect.stringContaining("four fillets") });
    expect(stock.find(({ id }) => id === children[1]!.id)).toMatchObject({ byProduct: true, cuttable: false });
    expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({ kind: "lot-broken-down" });
    expect(checkLedger(db).kind).toBe("whole");
    expect(breakdownsSince(db, NOW - 1)[0]).toMatchObject({ wholeG, supplier: lot.supplier, who: "Ylva" });
  });

  test("refusals leave nothing behind: parts heavier than the whole, more than there is, frozen, unknown place", () => {
    const db = demo();
    const lot = lotOf(db, "turbot", "whole-gutted");
    const before = checkLedger(db);
    const weighed = parts(db, lot.id, "flat-fillets", { fillets: 0.6, frame: 0.5 }, 1000);
    const trying = (part: Partial<Parameters<typeof breakDown>[1]>) => {
      const done = breakDown(
        db,
        { lotId: lot.id, wayId: "flat-fillets", wholeG: 1000, parts: weighed, ...part },
        DAY,
        ylva,
      );
      return done.ok ? "done" : done.error.kind;
    };
    expect(trying({})).toBe("moreThanWhole");
    expect(trying({ wholeG: 99_000 })).toBe("moreThanLeft");
    expect(trying({ parts: [] })).toBe("nothing");
    expect(trying({ parts: weighed.slice(0, 1).map((one) => ({ ...one, placeId: "nowhere" })) })).toBe("noSuchPlace");
    expect(trying({ lotId: lotsOnIce(db).find(({ state }) => state === "frozen")!.id })).toBe("frozen");
    expect(childLots(db, lot.id)).toEqual(childLots(db, lot.id).filter(({ receivedAtMs }) => receivedAtMs < NOW));
    expect(checkLedger(db)).toEqual(before);
  });

  test("a live lobster: its meat starts its days at the knife and carries a date mark", () => {
    const db = demo();
    const lot = lotOf(db, "european-lobster", "live");
    const weighed = parts(db, lot.id, "lobster-cooked", { tail: 0.14, claws: 0.09, body: 0.57 }, 1200);
    const done = breakDown(db, { lotId: lot.id, wayId: "lobster-cooked", wholeG: 1200, parts: weighed }, DAY, ylva);
    if (!done.ok) throw new Error(done.error.kind);
    const tail = lotInHand(db, done.value.children[0]!.id, NOW)!;
    expect(tail.row).toMatchObject({ state: "chilled", form: "picked", openedOn: DAY, inheritedIceDays: 0 });
    expect(tail.life.legalEnd?.kind).toBe("date-mark");
  });
});

describe("clearance from the records of the house", () => {
  test("the demo's frozen and thawed mackerel may go raw by its hold, until its raw life ends; a part of it too", () => {
    const db = demo();
    const lot = lotOf(db, "mackerel", "side");
    const answer = cleared(db, lot.id);
    expect(english(answer)).toMatchObject({ answer: "yes", record: expect.stringContaining("freezing log") });
    expect(answer.untilMs!).toBeGreaterThan(NOW);
    const part = splitLot(db, lot.id, { massG: 500, form: "fillet", placeId: lot.placeId!, note: "crudo" }, DAY, ylva);
    if (!part.ok) throw new Error(part.error.kind);
    expect(cleared(db, part.value.id, NOW + 1000).answer).toBe("yes");
  });

  test("a hold met under one rule is judged anew under another: 24 h at -20 °C is no seven days", () => {
    const db = demo();
    const lot = lotOf(db, "mackerel", "side");
    expect(cleared(db, lot.id).rule.section).toBe("D.2(a)");
    db.run(sql.raw("update house set rule_set_id = 'fda-2022'"));
    const judged = cleared(db, lot.id);
    expect(judged.answer).not.toBe("yes");
    expect(judged.checks.find(({ id }) => id === "parasites")).toMatchObject({ state: "missing" });
  });

  test("a part cut off before the hold was met is not cleared by it", () => {
    const db = demo();
    const whole = lotOf(db, "mackerel", "whole-ungutted");
    const part = splitLot(
      db,
      whole.id,
      { massG: 800, form: "whole-gutted", placeId: whole.placeId!, note: "" },
      DAY,
      ylva,
    );
    if (!part.ok) throw new Error(part.error.kind);
    const blast = listPlaces(db).find(({ name }) => name === "Blast freezer")!;
    expect(moveLot(db, whole.id, blast.id, DAY, ylva).ok).toBe(true);
    const hold = startHold(db, whole.id, { kind: "parasite", ruleId: "eu-853", stated: null, expected: null }, ylva);
    readHold(db, hold, { atMs: NOW + HOUR, celsius: -21 }, { ...ylva, atMs: NOW + HOUR });
    for (const hours of [12, 24, 30])
      readHold(db, hold, { atMs: NOW + hours * HOUR, celsius: -30 }, { ...ylva, atMs: NOW + hours * HOUR });
    expect(cleared(db, whole.id, NOW + 31 * HOUR).checks.find(({ id }) => id === "parasites")).toMatchObject({
      state: "met",
    });
    expect(cleared(db, part.value.id, NOW + 31 * HOUR).checks.find(({ id }) => id === "parasites")).toMatchObject({
      state: "missing",
    });
  });

  test("farmed char is exempt by its letter; wild bass is not cleared and no plate of it can be served", () => {
    const db = demo();
    expect(english(cleared(db, lotOf(db, "arctic-char", "whole-gutted").id))).toMatchObject({
      answer: "yes",
      exemption: expect.stringContaining("D.3(d)"),
    });
    const bass = lotOf(db, "sea-bass", "whole-ungutted");
    const plates = { lotId: bass.id, dish: "raw", covers: 4, gramsPerCover: 70, usedG: 300 } as const;
    expect(servePlates(db, plates, ylva)).toMatchObject({
      ok: false,
      error: { kind: "notCleared", why: { code: "raw.notYetText" } },
    });
    expect(findLot(db, bass.id)!.remainingG).toBe(bass.remainingG);
    expect(platesOfLot(db, bass.id)).toEqual([]);
  });

  test("plates take their grams off the lot and write down rule, record and advice", () => {
    const db = demo();
    const lot = lotOf(db, "mackerel", "side");
    const plates = { lotId: lot.id, dish: "raw", covers: 8, gramsPerCover: 70, usedG: 610 } as const;
    expect(servePlates(db, plates, ylva).ok).toBe(true);
    expect(findLot(db, lot.id)!.remainingG).toBeCloseTo(lot.remainingG - 610, 6);
    expect(platesOfLot(db, lot.id)[0]).toMatchObject({ covers: 8, rule: expect.stringContaining("853/2004") });
    expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({
      kind: "plates-served",
      payload: { record: expect.any(String), advisory: expect.any(String) },
    });
    expect(servePlates(db, { ...plates, usedG: 90_000 }, ylva)).toMatchObject({ error: { kind: "moreThanLeft" } });
  });

  test("hours without a reading stop it until the fish is probed; a probe does not help a fish that forms histamine", () => {
    const db = demo();
    const later = NOW + 9 * HOUR;
    const char = lotOf(db, "arctic-char", "whole-gutted");
    expect(cleared(db, char.id, later).checks.find(({ id }) => id === "kept-cold")).toMatchObject({ state: "missing" });
    expect(noteOnLot(db, char.id, { kind: "probed", amount: 1.9, outOf: null }, { ...ylva, atMs: later }).ok).toBe(
      true,
    );
    expect(cleared(db, char.id, later + 1000).checks.find(({ id }) => id === "kept-cold")).toMatchObject({
      state: "met",
    });
    const mackerel = lotOf(db, "mackerel", "side");
    noteOnLot(db, mackerel.id, { kind: "probed", amount: 1.9, outOf: null }, { ...ylva, atMs: later });
    expect(cleared(db, mackerel.id, later + 1000).checks.find(({ id }) => id === "histamine")).toMatchObject({
      state: "missing",
    });
  });

  test("scallops in the shell: tapped again and found dead, they are not raw any more", () => {
    const db = demo();
    const lot = lotOf(db, "king-scallop", "live");
    noteOnLot(db, lot.id, { kind: "water", amount: 9, outOf: null }, ylva);
    expect(cleared(db, lot.id).answer).toBe("yes");
    noteOnLot(db, lot.id, { kind: "tapped", amount: 8, outOf: 40 }, ylva);
    expect(cleared(db, lot.id)).toMatchObject({ answer: "no" });
  });
});

test("boards: the house's colours stand; work of the day is on them until they are washed", () => {
  const db = demo();
  expect(boardScheme(db)).toEqual(USUAL_BOARDS);
  setBoard(db, "raw-shellfish", "red", ylva);
  expect(boardScheme(db)["raw-shellfish"]).toBe("red");
  const { work } = boardsSince(db, NOW - 24 * HOUR, []);
  expect(work.some(({ allergen, colour }) => allergen === "fish" && colour === "blue")).toBe(true);
  washBoard(db, "blue", ylva);
  expect(boardsSince(db, NOW - HOUR, []).washes[0]).toMatchObject({ colour: "blue" });
});

test("a scale keeps its newest weight; a new key ends the old", () => {
  const db = demo();
  const scale = listScales(db)[0]!;
  noteWeight(db, scale.id, 482, true, NOW);
  noteWeight(db, scale.id, 0, true, NOW + 1);
  expect(findScale(db, scale.id)).toMatchObject({ massG: 0, stable: true });
  const [first, second] = [setScale(db, scale.name, ylva), setScale(db, scale.name, ylva)];
  expect([first.id, second.id]).toEqual([scale.id, scale.id]);
  expect(second.key).not.toBe(first.key);
});

test("a file of the version before keeps its batches and portions, and takes the new tables", () => {
  const file = path.join(folder, "old.sqlite");
  const old = oldFile(file, 4);
  for (const statement of [
    "insert into suppliers values ('s', 'Two Terns')",
    `insert into lots (id, code, supplier_id, received_at_ms, received_by, species_id, form, production, area, gear, source, mass_g, remaining_g,
      price_cents_per_kg, receipt_c, grades, verdict, reasons, implied_ice_days, status, state, once_frozen, provenance)
      values ('l', '0512-1', 's', 1, 'Ylva', 'cod', 'whole-gutted', 'wild', '', '', '', 3000, 2000, 900, 1.2, '{}', 'accept', '[]', 1, 'on-ice', 'chilled', 0, '{}')`,
    `insert into batches (id, code, lot_id, cut_at_ms, cut_by, side, portion_g, tolerance_g, trim_g, trim_use)
      values ('b', '0512-1/A', 'l', 2, 'Ylva', '{"lengthMm":400,"massG":900,"profile":[]}', 150, 10, 30, 'cakes')`,
    "insert into portions (batch_id, position, from_mm, to_mm, mass_g, mean_thickness_mm, max_thickness_mm) values ('b', 0, 0, 90, 150, 24, 27)",
  ])
    old.exec(statement);
  old.close();
  const db = openDatabase(file);
  expect(findLot(db, "l")).toMatchObject({ code: "0512-1", partLabel: null, partUse: null });
  expect(db.all(sql.raw("select role, side_index, cook_thickness_mm from portions"))).toEqual([
    { role: "portion", side_index: 0, cook_thickness_mm: null },
  ]);
  expect(db.all(sql.raw("select lean_deg, sides, prepared from batches"))).toEqual([
    { lean_deg: 0, sides: null, prepared: null },
  ]);
  expect(breakdownsSince(db, 0)).toEqual([]);
});
