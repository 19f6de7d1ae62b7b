import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { eq } from "drizzle-orm";
import type { CorrectiveAct } from "@/core/coldchain";
import { valueOf } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { openDatabase, type Db } from "../connection";
import { answerExcursion } from "./answerExcursion";
import { alarmsOf, lotsThrough, watchHouse, watchPlace } from "./excursions";
import { attachFile, filesOfLot, findFile, isAsKept } from "./files";
import { at, DAY, house, NOW, stamp, take, today } from "./coldHouse.testkit";
import { closeHold, findHold, openHolds, readHold, startHold } from "./holds";
import { checkLedger, entriesOfLot } from "../ledger";
import { findLot } from "./lots";
import { moveLot, openPack, splitLot, wasteLot } from "./movements";
import { addReadings, findPlace, historyOf, readingsSince, setPlace } from "../house/places";
import { oldFile } from "../releases/oldFile.testkit";
import { fish, lotStays } from "../schema/lots";
import { addOwnSpecies, listOwnSpecies } from "../house/species";
import { lotInHand, stockOnIce } from "./stock";
import { supplierRecord } from "./supplierRecord";
import { wasteSince } from "./waste";

describe("life from where a lot lay", () => {
  test("two days at 0, then a day at 4 °C: 3.96 ice days by the readings of both places", () => {
    const { db, room } = house();
    const facts = { name: "Drawer", kind: "drawer", setC: 4, minC: null, maxC: null, everyMin: 60 } as const;
    const drawer = valueOf(setPlace(db, null, facts, stamp(400))).id;
    const lot = take(db, room, 72);
    expect(moveLot(db, lot.id, drawer, DAY, stamp(24)).ok).toBe(true);
    expect(lotInHand(db, lot.id, NOW)!.life.usedIceDays).toBeCloseTo(2 + 1.96, 6);
  });
  test("into the freezer it stands still, out of it the days before still count and the thaw has an end", () => {
    const { db, room, freezer } = house();
    const lot = take(db, room, 240);
    moveLot(db, lot.id, freezer, "2026-05-03", stamp(216));
    const frozen = lotInHand(db, lot.id, NOW)!;
    expect(frozen.life).toMatchObject({ state: "frozen", daysLeft: null });
    expect(frozen.life.usedIceDays).toBeCloseTo(1, 6);
    moveLot(db, lot.id, room, DAY, stamp(0));
    const thawed = lotInHand(db, lot.id, NOW)!;
    expect(thawed.row).toMatchObject({ state: "thawed", thawedOn: DAY, onceFrozen: true });
    expect(thawed.life.usedIceDays).toBeCloseTo(1, 6);
    expect(thawed.life.legalEnd).toMatchObject({ kind: "thawed", atMs: Date.UTC(2026, 4, 14) });
  });
  test("a split keeps the chain: the grams, the age, the supplier", () => {
    const { db, room } = house();
    const lot = take(db, room, 96);
    const part = { massG: 2000, form: "fillet", placeId: room, note: "crudo" } as const;
    const split = splitLot(db, lot.id, part, DAY, stamp(0));
    if (!split.ok) throw new Error(split.error.kind);
    const [whole, child] = [lotInHand(db, lot.id, NOW)!, lotInHand(db, split.value.id, NOW)!];
    expect(whole.row.remainingG + child.row.remainingG).toBe(5000);
    expect(child.row).toMatchObject({ parentId: lot.id, code: `${lot.code}.1`, supplier: "Gråskjær Landing" });
    expect(child.life.startIceDays).toBeCloseTo((4 / 14) * 7.5, 6);
    expect(entriesOfLot(db, child.id)[0]).toMatchObject({ kind: "lot-split" });
    expect(splitLot(db, lot.id, { ...part, massG: 9000 }, DAY, stamp(0))).toMatchObject({
      ok: false,
      error: { kind: "moreThanLeft" },
    });
    splitLot(db, lot.id, { ...part, massG: 3000 }, DAY, stamp(0));
    expect(findLot(db, lot.id)).toMatchObject({ status: "finished", remainingG: 0 });
  });
  test("waste costs what it cost; the last gram takes the lot off the ice", () => {
    const { db, room } = house();
    const lot = take(db, room, 10);
    expect(wasteLot(db, lot.id, { massG: 1500, reason: "dropped" }, stamp(1))).toEqual({ ok: true, value: 1500 });
    wasteLot(db, lot.id, { massG: 3500, reason: "spoiled" }, stamp(0));
    expect(wasteSince(db, at(5)).map(({ reason, costCents }) => [reason, costCents])).toEqual([
      ["spoiled", 3500],
      ["dropped", 1500],
    ]);
    expect(stockOnIce(db, NOW)).toEqual([]);
    expect(db.select().from(lotStays).where(eq(lotStays.lotId, lot.id)).all()[0]!.toMs).toBe(at(0));
  });
  // thawed fish within two days (common practice): the freezer hid the days before
  test("what came defrosted is thawed from that day and ends by it; nobody's word is none", () => {
    const { db, room } = house();
    const defrosted = take(db, room, 10, { form: "fillet", provenance: { defrosted: true } });
    expect(lotInHand(db, defrosted.id, NOW)!.row).toMatchObject({ state: "thawed", thawedOn: DAY });
    expect(lotInHand(db, defrosted.id, NOW)!.life.legalEnd).toMatchObject({
      kind: "thawed",
      atMs: Date.UTC(2026, 4, 14),
    });
    const fresh = take(db, room, 10, { form: "fillet", provenance: { defrosted: false } });
    expect(lotInHand(db, fresh.id, NOW)!.row).toMatchObject({ state: "chilled", thawedOn: null });
  });
  test("what the pack gives once open ends it before the date mark does", () => {
    const { db, room } = house();
    const lot = take(db, room, 10, { speciesId: "brown-crab", form: "picked" });
    openPack(db, lot.id, { day: DAY, openDays: 3 }, stamp(1));
    expect(lotInHand(db, lot.id, NOW)!.life.legalEnd).toMatchObject({
      kind: "after-opening",
      atMs: Date.UTC(2026, 4, 15),
    });
  });
  test("an opened pack of picked crab has seven days, the opening day the first", () => {
    const { db, room } = house();
    const lot = take(db, room, 10, { speciesId: "brown-crab", form: "picked" });
    expect(openPack(db, lot.id, { day: DAY, openDays: null }, stamp(1)).ok).toBe(true);
    expect(openPack(db, lot.id, { day: DAY, openDays: null }, stamp(0)).ok).toBe(false);
    expect(lotInHand(db, lot.id, NOW)!.life.legalEnd).toMatchObject({ kind: "date-mark", atMs: Date.UTC(2026, 4, 19) });
  });
});

describe("readings", () => {
  test("a moment has one reading: the first; sent again it changes nothing", () => {
    const { db, room } = house();
    const some = [1, 2, 3].map((hour) => ({ atMs: at(hour), celsius: hour }));
    expect(addReadings(db, room, some, "sensor", null)).toEqual({ added: 3, known: 0 });
    expect(
      addReadings(
        db,
        room,
        [...some.map((one) => ({ ...one, celsius: 9 })), { atMs: at(0), celsius: 4 }],
        "file",
        stamp(0),
      ),
    ).toEqual({ added: 1, known: 3 });
    expect(readingsSince(db, room, at(5)).map(({ celsius }) => celsius)).toEqual([3, 2, 1, 4]);
  });
  test("the kept history says the same as one read anew, however readings come in", () => {
    const { db, room } = house();
    const lot = take(db, room, 48);
    const used = () => lotInHand(db, lot.id, NOW)!.life.usedIceDays;
    const anew = () => {
      const place = findPlace(db, room)!;
      return historyOf(Object.create(db) as Db, place, at(48)).iceDays("temperate", at(48), NOW);
    };
    for (const [hour, celsius] of [
      [40, 2],
      [30, 6],
      [35, 1],
      [10, 3],
      [47, 8],
    ] as const) {
      addReadings(db, room, [{ atMs: at(hour), celsius }], "typed", stamp(hour));
      expect(used()).toBeCloseTo(anew(), 9);
    }
  });
});

test("an excursion: found, its lots named with what they lost, answered once for all of them", () => {
  const { db, room } = house();
  const mackerel = take(db, room, 30, { speciesId: "mackerel", form: "whole-ungutted" });
  const cod = take(db, room, 30);
  const later = take(db, room, 2);
  const warm = Array.from({ length: 31 }, (_, index) => ({
    atMs: at(30 - index),
    celsius: index > 10 && index < 20 ? 12 : 1,
  }));
  addReadings(db, room, warm, "sensor", null);
  const place = findPlace(db, room)!;
  const { excursions } = watchPlace(db, place, "fda-2022", at(40), NOW);
  expect(excursions).toHaveLength(1);
  const touched = lotsThrough(db, room, excursions[0]!, NOW);
  expect(touched.map(({ lot }) => lot.id).sort()).toEqual([mackerel.id, cod.id].sort());
  expect(touched.find(({ lot }) => lot.id === mackerel.id)!.effect.histamine).toMatchObject({ ok: false, limitH: 8 });
  expect(touched.every(({ effect }) => effect.lostIceDays > 0.5)).toBe(true);
  expect(touched.map(({ lot }) => lot.id)[0]).toBe(mackerel.id);
  const words = { words: "door seal torn", wasteReason: "warm spell" };
  const thrown = answerExcursion(db, place, excursions[0]!, { act: { kind: "thrown" }, ...words }, today);
  expect(thrown).toMatchObject({ ok: true, value: { thrown: [mackerel.code], moved: [] } });
  expect([findLot(db, mackerel.id)!.status, findLot(db, cod.id)!.status]).toEqual(["finished", "on-ice"]);
  expect(answerExcursion(db, place, excursions[0]!, { act: { kind: "thrown" }, ...words }, today)).toMatchObject({
    ok: false,
    error: { kind: "nothingOverTheRule" },
  });
  expect(watchPlace(db, findPlace(db, room)!, "fda-2022", at(40), NOW).excursions[0]!.answers).toHaveLength(1);
  expect(entriesOfLot(db, cod.id).map(({ kind }) => kind)).toContain("excursion-answered");
  expect(entriesOfLot(db, later.id).map(({ kind }) => kind)).not.toContain("excursion-answered");
  expect(checkLedger(db).kind).toBe("whole");
});

test("an alarm ends when the place is back inside and it was answered: not by words, not by time", () => {
  const { db, room, freezer } = house();
  const cod = take(db, room, 60);
  const hours = (from: number, to: number, celsius: number) =>
    addReadings(
      db,
      room,
      Array.from({ length: from - to }, (_, index) => ({ atMs: at(from - index), celsius })),
      "sensor",
      null,
    );
  hours(60, 50, 1);
  hours(50, 20, 9);
  const states = (nowMs = NOW) =>
    alarmsOf(db, watchHouse(db, "eu-853", nowMs), nowMs).map(({ excursion }) => excursion.state);
  const spell = () => watchPlace(db, findPlace(db, room)!, "eu-853", at(30), NOW).excursions[0]!;
  expect(states()).toEqual(["out"]);
  // it is looked at from its beginning, however short the span asked for
  expect(spell().fromMs).toBeLessThan(at(49));
  const answer = (act: CorrectiveAct) =>
    answerExcursion(db, findPlace(db, room)!, spell(), { act, words: "shut it", wasteReason: "warm" }, today);
  // a fish probed too warm is a finding, no answer
  expect(answer({ kind: "probed", warmestC: 7 }).ok).toBe(true);
  expect(states()).toEqual(["out"]);
  expect(answer({ kind: "said" }).ok).toBe(true);
  expect(states()).toEqual(["stillOut"]);
  expect(answer({ kind: "moved", toPlaceId: room })).toMatchObject({ ok: false, error: { kind: "noSuchPlace" } });
  expect(answer({ kind: "moved", toPlaceId: freezer })).toMatchObject({ ok: true, value: { moved: [cod.code] } });
  expect(findLot(db, cod.id)).toMatchObject({ placeId: freezer, state: "frozen" });
  expect(answer({ kind: "moved", toPlaceId: freezer })).toMatchObject({ ok: false, error: { kind: "nothingThere" } });
  hours(20, 1, 1);
  expect(states()).toEqual([]);
  // one that nobody answered is an alarm days after
  hours(1, 0, 9);
  addReadings(
    db,
    room,
    [
      { atMs: at(0.4), celsius: 1 },
      { atMs: at(-48), celsius: 1 },
    ],
    "sensor",
    null,
  );
  expect(states(at(-49))).toEqual(["unanswered"]);
});

test("splitting never sets the histamine clock back, before or after the warm spell", () => {
  const { db, room } = house();
  const mackerel = take(db, room, 30, { speciesId: "mackerel", form: "whole-ungutted" });
  const warm = Array.from({ length: 31 }, (_, index) => ({
    atMs: at(30 - index),
    celsius: index > 4 && index < 20 ? 9 : 1,
  }));
  addReadings(db, room, warm, "sensor", null);
  const part = { massG: 500, form: "fillet", placeId: room, note: "" } as const;
  const during = splitLot(db, mackerel.id, part, DAY, stamp(14));
  const after = splitLot(db, mackerel.id, part, DAY, stamp(2));
  if (!during.ok || !after.ok) throw new Error("not split");
  const [spell] = watchPlace(db, findPlace(db, room)!, "fda-2022", at(40), NOW).excursions;
  const touched = lotsThrough(db, room, spell!, NOW);
  const hours = [mackerel.id, during.value.id, after.value.id].map(
    (id) => touched.find(({ lot }) => lot.id === id)!.effect.histamine!.hoursAbove,
  );
  expect(hours[1]).toBeCloseTo(hours[0]!, 6);
  expect(hours[2]).toBeCloseTo(hours[0]!, 6);
  expect(hours[0]).toBeGreaterThan(8);
});

test("a freezing hold from first reading to the record that proves it", () => {
  const { db, freezer } = house();
  const lot = take(db, freezer, 200);
  const id = startHold(db, lot.id, { kind: "parasite", ruleId: "fda-2022", stated: null, expected: null }, stamp(190));
  expect(findHold(db, id, NOW)!.status.state).toBe("stopped");
  const read = (hoursAgo: number, celsius: number) =>
    readHold(db, id, { atMs: at(hoursAgo), celsius }, stamp(hoursAgo));
  read(180, -20.5);
  expect(findHold(db, id, at(170))!.status).toMatchObject({ state: "running", endsMs: at(12) });
  expect(read(181, -20)).toMatchObject({ ok: false, error: { kind: "laterReadingIsThere" } });
  for (let hoursAgo = 168; hoursAgo >= 24; hoursAgo -= 12) read(hoursAgo, -21);
  expect(findHold(db, id, at(12))!.status.state).toBe("due");
  read(12, -21);
  expect(closeHold(db, id, stamp(0))).toEqual({ ok: true, value: "met: met by -20 °C for 168 h" });
  expect(openHolds(db, NOW)).toEqual([]);
  expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({ kind: "hold-closed", payload: { met: true } });
});

test("a freezer the lot left before the hold began proves nothing for it, nor does what it read after the hold's end", () => {
  const { db, room, freezer } = house();
  const readings = [300, 250, 200, 150, 100, 50, 1].map((hoursAgo) => ({ atMs: at(hoursAgo), celsius: -36 }));
  addReadings(db, freezer, readings, "sensor", null);
  const lot = take(db, freezer, 310);
  moveLot(db, lot.id, room, "2026-05-05", stamp(170));
  const facts = { kind: "parasite", ruleId: "fda-2022", stated: null, expected: null } as const;
  const id = startHold(db, lot.id, facts, stamp(160));
  expect(findHold(db, id, NOW)!.hold).toMatchObject({ freezer: [], away: [{ fromMs: at(160), toMs: null }] });
  moveLot(db, lot.id, freezer, "2026-05-06", stamp(140));
  closeHold(db, id, stamp(60));
  const { hold } = findHold(db, id, NOW)!;
  expect(hold).toMatchObject({ away: [{ fromMs: at(160), toMs: at(140) }] });
  // what it read before the lot came is the air it came into
  expect(hold.kind === "parasite" && hold.freezer?.map(({ atMs }) => atMs)).toEqual([at(140), at(100)]);
});

test("a lot that left the freezer for a night in the middle of its hold is not cleared by the cold on both sides of it", () => {
  const { db, room, freezer } = house();
  const readings = Array.from({ length: 300 }, (_, hour) => ({ atMs: at(hour), celsius: -24 })).reverse();
  addReadings(db, freezer, readings, "sensor", null);
  const lot = take(db, freezer, 250);
  const facts = {
    kind: "parasite",
    ruleId: "fda-2022",
    stated: { atMs: at(240), celsius: -21 },
    expected: null,
  } as const;
  const id = startHold(db, lot.id, facts, stamp(240));
  readHold(db, id, { atMs: at(239), celsius: -21 }, stamp(239));
  expect(findHold(db, id, at(60))!.status.state).toBe("done");
  moveLot(db, lot.id, room, "2026-05-08", stamp(100));
  moveLot(db, lot.id, freezer, "2026-05-08", stamp(91));
  expect(findHold(db, id, at(60))!.status).toMatchObject({
    state: "stopped",
    needs: { code: "coldchain.itMayHaveWarmedProbeIt" },
  });
  readHold(db, id, { atMs: at(60), celsius: -22 }, stamp(60));
  expect(findHold(db, id, at(50))!.status.state).toBe("running");
  expect(findHold(db, id, at(20))!.status.state).toBe("done");
});

test("cold that is stated from before the hold was begun does not reach over a night outside the freezer", () => {
  const { db, room, freezer } = house();
  const lot = take(db, freezer, 60);
  moveLot(db, lot.id, room, "2026-05-10", stamp(46));
  moveLot(db, lot.id, freezer, "2026-05-11", stamp(40));
  const stated = { atMs: at(50), celsius: -36 };
  const id = startHold(db, lot.id, { kind: "parasite", ruleId: "fda-2022", stated, expected: null }, stamp(39));
  readHold(db, id, { atMs: at(39), celsius: -36 }, stamp(39));
  readHold(db, id, { atMs: at(30), celsius: -36 }, stamp(30));
  // from the statement on it would be 20 hours at -35 °C, of which 15 are asked
  expect(findHold(db, id, at(30))!.status.state).toBe("running");
});

test("a hold broken off is not called met", () => {
  const { db, freezer } = house();
  const lot = take(db, freezer, 50);
  const id = startHold(
    db,
    lot.id,
    { kind: "parasite", ruleId: "fda-2022", stated: { atMs: at(40), celsius: -21 }, expected: null },
    stamp(40),
  );
  const closed = closeHold(db, id, stamp(0));
  expect(closed.ok && closed.value).toMatch(/^broken off/);
  expect(closeHold(db, id, stamp(0)).ok).toBe(false);
});

test("papers are kept byte for byte, their hash in the ledger", () => {
  const { db, room } = house();
  const lot = take(db, room, 1);
  const bytes = Buffer.from("%PDF-1.7 letter");
  const id = attachFile(db, lot.id, { name: "feed.pdf", mime: "application/pdf", bytes }, stamp(0));
  expect(findFile(db, id)!.bytes.equals(bytes)).toBe(true);
  expect(filesOfLot(db, lot.id)).toMatchObject([{ name: "feed.pdf" }]);
  expect(entriesOfLot(db, lot.id).at(-1)).toMatchObject({
    kind: "file-attached",
    payload: { sha256: expect.stringMatching(/^[0-9a-f]{64}$/) },
  });
  // sent again because the answer was slow
  expect(isAsKept(db, findFile(db, id)!)).toBe(true);
  // other bytes, with a hash that fits them, are still not what the sealed entry says
  expect(isAsKept(db, { lotId: lot.id, bytes: Buffer.concat([bytes, Buffer.from("x")]) })).toBe(false);
  expect(attachFile(db, lot.id, { name: "feed again.pdf", mime: "application/pdf", bytes }, stamp(1))).toBe(id);
  expect(filesOfLot(db, lot.id)).toHaveLength(1);
});

test("a supplier's record: what stayed, what went back, how fresh, how short", () => {
  const { db, room } = house();
  take(db, room, 30, { statedMassG: 5000, massG: 4800 });
  take(db, room, 20, {}, 1);
  take(db, room, 10, {}, 3);
  const record = supplierRecord(db, "Gråskjær Landing");
  expect(record).toMatchObject({ lots: 3, accepted: 1, cookOnly: 1, refused: 1 });
  expect(record.shortPct).toBeCloseTo(4, 9);
  expect(record.arrivals.map(({ verdict }) => verdict)).toEqual(["accept", "cook-only", "refuse"]);
});

test("a species of the house can be received and lives like its facts", () => {
  const { db, room } = house();
  const tusk = {
    id: "own-tusk",
    name: "Tusk",
    scientificName: "Brosme brosme",
    marketNames: [],
    likeId: "ling",
    iceLifeDays: 9,
    skinlessPct: 45,
    histamineFormer: "no",
    rawUse: "none",
  } as const;
  expect(addOwnSpecies(db, tusk, "Ylva", NOW).ok).toBe(true);
  expect(addOwnSpecies(db, tusk, "Ylva", NOW).ok).toBe(false);
  const lot = take(db, room, 24);
  db.update(fish).set({ speciesId: "own-tusk" }).where(eq(fish.lotId, lot.id)).run();
  expect(listOwnSpecies(db)).toHaveLength(1);
  expect(lotInHand(db, lot.id, NOW)!.life.lifeDays).toBe(9);
});

test("a file of the release before is brought up to date: stays are filled in, double readings go, nothing else is lost", () => {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-db-"));
  const file = path.join(folder, "gaffel.sqlite");
  const old = oldFile(file, 2);
  old.exec(`
    insert into house values (1, 'Old Quay', 'UTC', 'metric', 'eu-853', 1);
    insert into places (id, name, set_c) values ('p', 'Cold', 2);
    insert into suppliers values ('s', 'Landing');
    insert into place_readings (place_id, at_ms, celsius) values ('p', 10, 1), ('p', 10, 2), ('p', 20, 3);
    insert into lots (id, code, supplier_id, received_at_ms, received_by, species_id, form, production, area, gear, source, mass_g,
      remaining_g, price_cents_per_kg, receipt_c, grades, verdict, reasons, implied_ice_days, status, place_id)
      values ('a', '0101-1', 's', 5, 'A', 'cod', 'side', 'wild', 'x', 'y', 'z', 1000, 1000, 900, 1, '{}', 'accept', '[]', 1, 'on-ice', 'p'),
             ('b', '0101-2', 's', 6, 'A', 'cod', 'side', 'wild', 'x', 'y', 'z', 1000, 0, 900, 1, '{}', 'accept', '[]', 1, 'finished', 'p');
    insert into ledger (at_ms, who, kind, lot_id, payload, prev_hash, hash) values (99, 'A', 'lot-finished', 'b', '{}', '0', 'h');
  `);
  old.close();
  const db = openDatabase(file);
  expect(
    db.select({ lotId: lotStays.lotId, fromMs: lotStays.fromMs, toMs: lotStays.toMs }).from(lotStays).all(),
  ).toEqual([
    { lotId: "a", fromMs: 5, toMs: null },
    { lotId: "b", fromMs: 6, toMs: 99 },
  ]);
  expect(readingsSince(db, "p", 0)).toEqual([
    { atMs: 10, celsius: 2 },
    { atMs: 20, celsius: 3 },
  ]);
  expect(lotInHand(db, "a", DAY_MS)).toMatchObject({ row: { state: "chilled", provenance: {}, onceFrozen: false } });
  rmSync(folder, { recursive: true });
});
