import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { eq, sql } from "drizzle-orm";
import fc from "fast-check";
import { expectedParts, findBreakdown } from "@/core/block";
import { findSpecies } from "@/core/species";
import { makeDemoHouse } from "@/demo/house";
import { countBatch } from "../block/countBatch";
import { breakDown, breakdownsSince } from "../block/breakdowns";
import { openDatabase, type Db } from "../connection";
import { entriesAbout } from "../ledger";
import { listPlaces } from "../house/places";
import { findLot, lotsOnIce } from "../lots/lots";
import { splitLot, wasteLot } from "../lots/movements";
import { oldFile } from "../releases/oldFile.testkit";
import { cookPieces, plateParts, plates } from "../schema/cards";
import { lots, makeInputs, makeLosses, makeOutputs, makes } from "../schema/larder";

const NOW = Date.UTC(2026, 4, 12, 15);

describe("a file of the release before", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-model-"));
  afterAll(() => rmSync(folder, { recursive: true }));
  const LOT = `insert into lots (id, code, supplier_id, received_at_ms, received_by, species_id, form, production, area, gear, source, mass_g, remaining_g,
    price_cents_per_kg, receipt_c, grades, verdict, reasons, implied_ice_days, status, place_id, parent_id, part_label, part_use) values`;
  const lot = (
    id: string,
    form: string,
    [massG, leftG, price]: readonly number[],
    parent: string | null,
    label: string | null,
    atMs = 5,
  ) =>
    `('${id}', '${id}', 's', ${atMs}, 'A', 'cod', '${form}', 'wild', 'x', 'y', 'z', ${massG}, ${leftG}, ${price}, 1, '{}', 'accept', '[]', 1, 'on-ice', 'p',
      ${parent ? `'${parent}'` : "null"}, ${label ? `'${label}'` : "null"}, null)`;

  function upgraded(): Db {
    const file = path.join(folder, "gaffel.sqlite");
    const old = oldFile(file, 10);
    old.exec(`
      insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Old Quay', 'UTC', 'metric', 'eu-853', 1);
      insert into places (id, name, set_c) values ('p', 'Cold', 2);
      insert into suppliers values ('s', 'Landing');
      ${LOT} ${[
        lot("whole", "whole-gutted", [5000, 900, 900], null, null),
        lot("side", "side", [2000, 1500, 1800], "whole", "Sides, skin on", 20),
        lot("frame", "by-product", [800, 800, 0], "whole", "Frame", 20),
        lot("trim", "by-product", [100, 100, 1800], "side", "Trim", 30),
        lot("apart", "whole-gutted", [600, 600, 900], "whole", null, 40),
      ].join(",")};
      insert into breakdowns values ('b', 'whole', 20, 'A', 'round-skin-on', 'whole-gutted', 'cod', 's', 3500, 100);
      insert into breakdown_parts (breakdown_id, part_id, label, mass_g, use, child_id) values
        ('b', 'sides', 'Sides, skin on', 2000, 'portions', 'side'), ('b', 'head', 'Head', 600, 'waste', null), ('b', 'frame', 'Frame', 800, 'stock', 'frame');
      insert into batches (id, code, lot_id, cut_at_ms, cut_by, side, portion_g, tolerance_g, trim_g, trim_use)
        values ('c', 'side/A', 'side', 30, 'A', '{"lengthMm":1,"massG":400,"profile":[]}', 150, 10, 100, 'cakes');
      insert into portions (batch_id, position, from_mm, to_mm, mass_g, mean_thickness_mm, max_thickness_mm) values ('c', 0, 0, 1, 150, 20, 20), ('c', 1, 0, 1, 150, 20, 20);
      insert into plates values ('r', 'apart', 50, 'A', 'raw', 2, 60, 150, 'rule', 'record');
      insert into cooks values ('k', 'c', 55, 'A', 1, '{}', 0), ('left', 'c', 56, 'A', 1, '{}', 0);
      update portions set cook_id = 'k' where position = 0;
      update portions set cook_id = 'left' where position = 1;
      insert into cook_events (cook_id, at_ms, kind, who, request_id) values ('k', 55, 'started', 'A', 'q1'), ('k', 90, 'advanced', 'A', 'q2'),
        ('left', 56, 'started', 'A', 'q3'), ('left', 57, 'abandoned', 'A', 'q4');
      insert into holds values ('h', 'apart', 'cure', 60, 'A', '{}', null, null);
      insert into ledger (at_ms, who, kind, lot_id, batch_id, payload, prev_hash, hash) values (30, 'A', 'batch-cut', 'side', 'c', '{}', '0', 'h');
    `);
    old.close();
    return openDatabase(file);
  }
  let db: Db;
  beforeAll(() => {
    db = upgraded();
  });

  it("keeps every lot with its code, its fish and its cents", () => {
    expect(lotsOnIce(db).map(({ id }) => id)).toEqual(["whole", "side", "frame", "trim", "apart"]);
    expect(findLot(db, "side")).toMatchObject({
      code: "side",
      speciesId: "cod",
      itemId: "part:cod:side:Sides, skin on",
      priceCentsPerKg: 1800,
      totalCents: 3600,
      remainingCents: 2700,
      supplier: "Landing",
    });
  });

  it("turns finished cooks and raw plates into plates, one a serving, and pieces in a pan into pieces of its cook", () => {
    expect(db.select().from(cookPieces).all()).toMatchObject([
      { cookId: "k", massG: 150 },
      { cookId: "left", massG: 150 },
    ]);
    const served = db.select().from(plates).all();
    expect(served.map(({ cookId, makeId, atMs, state }) => ({ cookId, makeId, atMs, state }))).toEqual([
      { cookId: "k", makeId: null, atMs: 90, state: "gone" },
      { cookId: null, makeId: "r", atMs: 50, state: "gone" },
      { cookId: null, makeId: "r", atMs: 50, state: "gone" },
    ]);
    const parts = db.select().from(plateParts).all();
    expect(parts.map(({ lotId, massG }) => ({ lotId, massG }))).toEqual([
      { lotId: "side", massG: 150 },
      { lotId: "apart", massG: 60 },
      { lotId: "apart", massG: 60 },
    ]);
  });

  it("turns breakdowns, cuts, splits, raw plates and cures into makes, one each", () => {
    const kinds = db
      .select()
      .from(makes)
      .all()
      .map(({ id, kind }) => [id, kind]);
    expect(kinds).toEqual([
      ["b", "breakdown"],
      ["c", "cut"],
      ["split:apart", "split"],
      ["r", "raw-plates"],
      ["cure:h", "cure"],
    ]);
    expect(breakdownsSince(db, 0)).toMatchObject([
      {
        lotId: "whole",
        wayId: "round-skin-on",
        supplier: "Landing",
        wholeG: 3500,
        lossG: 100,
        parts: [{ childId: "side" }, { childId: "frame" }, { use: "waste", massG: 600, childId: null }],
      },
    ]);
  });

  it("loses no gram of them, and finds entries by what they are about", () => {
    for (const { id } of db
      .select()
      .from(makes)
      .where(sql`kind <> 'cure'`)
      .all())
      expect(balanceG(db, id)).toBeCloseTo(0, 6);
    expect(entriesAbout(db, { kind: "batch", id: "c" })).toEqual(entriesAbout(db, { kind: "lot", id: "side" }));
    expect(() => db.run(sql.raw("delete from ledger_subjects"))).toThrow();
  });
});

/** Grams in less grams out and lost. */
function balanceG(db: Db, makeId: string): number {
  const sum = (rows: readonly { readonly massG: number }[]) => rows.reduce((total, { massG }) => total + massG, 0);
  return (
    sum(db.select().from(makeInputs).where(eq(makeInputs.makeId, makeId)).all()) -
    sum(db.select().from(makeOutputs).where(eq(makeOutputs.makeId, makeId)).all()) -
    sum(db.select().from(makeLosses).where(eq(makeLosses.makeId, makeId)).all())
  );
}

test("whatever is done to a lot, every make balances to the gram and to the cent, and no lot is worth more than it cost", () => {
  const db = openDatabase(":memory:");
  makeDemoHouse(db, NOW);
  const placeId = listPlaces(db)[0]!.id;
  const before = db.select().from(makes).all().length;
  const command = fc.record({
    act: fc.constantFrom("split", "waste", "count", "apart"),
    pick: fc.nat(),
    share: fc.double({ min: 0.05, max: 1, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(command, { minLength: 1, maxLength: 6 }), (commands) => {
      for (const [index, { act, pick, share }] of commands.entries()) {
        const stamp = { who: "Ylva", atMs: NOW + index };
        const stock = lotsOnIce(db).filter(({ remainingG }) => remainingG > 50);
        if (stock.length === 0) return;
        const lot = stock[pick % stock.length]!;
        const massG = lot.remainingG * share;
        if (act === "split") splitLot(db, lot.id, { massG, form: lot.form, placeId, note: "" }, "2026-05-12", stamp);
        if (act === "waste") wasteLot(db, lot.id, { massG, reason: "dropped" }, stamp);
        if (act === "count")
          countBatch(db, { lotId: lot.id, count: 2, pieceG: massG / 2, sizeMm: 20, shape: "puck" }, stamp);
        if (act === "apart") {
          const ways = expectedParts(findBreakdown("round-skin-on")!, findSpecies("cod")!, "whole-gutted");
          const parts = ways.map((part) => ({ part, massG: massG * 0.1, use: part.use, placeId }));
          breakDown(db, { lotId: lot.id, wayId: "round-skin-on", wholeG: massG, parts }, "2026-05-12", stamp);
        }
      }
    }),
    { numRuns: 25 },
  );
  const all = db.select().from(makes).all();
  expect(all.length).toBeGreaterThan(before + 20);
  for (const { id, kind } of all.filter(({ kind }) => kind !== "cure")) {
    expect({ kind, off: Math.abs(balanceG(db, id)) < 0.01 }).toEqual({ kind, off: true });
    const cents = (rows: readonly { readonly cents: number }[]) => rows.reduce((sum, row) => sum + row.cents, 0);
    expect(cents(db.select().from(makeOutputs).where(eq(makeOutputs.makeId, id)).all())).toBeLessThanOrEqual(
      cents(db.select().from(makeInputs).where(eq(makeInputs.makeId, id)).all()),
    );
  }
  for (const { totalCents, remainingCents, massG, remainingG } of db.select().from(lots).all()) {
    expect(remainingCents).toBeLessThanOrEqual(totalCents);
    expect(remainingG).toBeLessThanOrEqual(massG);
  }
});
