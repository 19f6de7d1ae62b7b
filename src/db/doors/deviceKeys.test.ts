import { mkdtempSync, rmSync, statSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { createHash } from "node:crypto";
import Database from "better-sqlite3";
import { valueOf } from "@/core/shared";
import { setScale } from "../block/scales";
import { openDatabase } from "../connection";
import { listPlaces, setSensor } from "../house/places";
import { openHouse } from "../house/house";
import { entriesBetween } from "../ledger";
import { setSender } from "../line/senders";
import { oldFile } from "../releases/oldFile.testkit";
import { setProbe } from "../stove/probes";
import { endKey, hasKey, keyHashOf, listKeys, subjectOfKey } from "./deviceKeys";

const NOW = Date.UTC(2026, 4, 12, 17);
const stamp = { who: "Ylva", atMs: NOW };
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-keys-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function house() {
  const db = openDatabase(":memory:");
  openHouse(
    db,
    { name: "Test", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Ylva"], coldRoomC: 1 },
    NOW,
  );
  return db;
}

test("a key opens what it is of and nothing else; a new one ends the old; nothing of it lies in the file", () => {
  const db = house();
  const [place] = listPlaces(db);
  const sensor = valueOf(setSensor(db, place!.id, stamp));
  const scale = setScale(db, "Bench", stamp);
  expect(subjectOfKey(db, "sensor", sensor, NOW)).toBe(place!.id);
  expect(subjectOfKey(db, "scale", sensor, NOW)).toBeNull();
  expect(subjectOfKey(db, "scale", scale.key, NOW)).toBe(scale.id);
  expect(subjectOfKey(db, "sensor", "", NOW)).toBeNull();
  const renewed = valueOf(setSensor(db, place!.id, stamp));
  expect(subjectOfKey(db, "sensor", sensor, NOW)).toBeNull();
  expect(subjectOfKey(db, "sensor", renewed, NOW)).toBe(place!.id);
  const all = JSON.stringify([listKeys(db), entriesBetween(db, 0, NOW + 1)]);
  for (const key of [sensor, renewed, scale.key]) expect(all).not.toContain(key);
});

test("every kind is listed with its name and when it was last seen; an ended one is turned away and stands in the book", () => {
  const db = house();
  setScale(db, "Bench", stamp);
  const probe = setProbe(db, "Probe 1", stamp);
  setSender(db, "Till", stamp);
  subjectOfKey(db, "probe", probe.key, NOW + 5);
  expect(listKeys(db).map(({ kind, name, lastSeenMs }) => [kind, name, lastSeenMs])).toEqual([
    ["scale", "Bench", null],
    ["probe", "Probe 1", NOW + 5],
    ["tickets", "Till", null],
  ]);
  const of = listKeys(db).find(({ kind }) => kind === "probe")!;
  expect(endKey(db, of.id, stamp).ok).toBe(true);
  expect(endKey(db, of.id, stamp).ok).toBe(false);
  expect(hasKey(db, "probe", probe.id)).toBe(false);
  expect(subjectOfKey(db, "probe", probe.key, NOW)).toBeNull();
  expect(entriesBetween(db, 0, NOW + 1)[0]).toMatchObject({
    kind: "key-ended",
    payload: { device: "probe", name: "Probe 1" },
  });
});

test("what is kept is SHA-256 (FIPS 180-4, the digest of the empty text)", () => {
  expect(keyHashOf("")).toBe("e3b0c44298fc1c149afbf4c8996fb92427ae41e4649b934ca495991b7852b855");
});

test("keys of the version before go on working, and lie in plain text nowhere in the file; only we may read it", () => {
  const file = path.join(folder, "old.sqlite");
  const old = oldFile(file, 19);
  old.exec(
    `insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Old', 'UTC', 'metric', 'eu-853', 1);
     insert into places (id, name, set_c, device_key) values ('p', 'Cold room', 1, 'sensor-key-in-the-clear'), ('q', 'Drawer', 2, null);
     insert into probes (id, name, device_key) values ('f', 'Files', 'nobodys'), ('s', 'Probe 1', 'probe-key-in-the-clear');
     insert into intentions (id, action, at_ms, answer) values ('i', 'addProbe', 1, '{"value":{"key":"probe-key-in-the-clear"}}')`,
  );
  old.close();
  const db = openDatabase(file);
  expect(subjectOfKey(db, "sensor", "sensor-key-in-the-clear", 5)).toBe("p");
  expect(subjectOfKey(db, "probe", "probe-key-in-the-clear", 5)).toBe("s");
  expect(listKeys(db).map(({ name, madeAtMs }) => [name, madeAtMs])).toEqual([
    ["Cold room", 1],
    ["Probe 1", 1],
  ]);
  const second = new Database(file);
  second.pragma("wal_checkpoint(TRUNCATE)");
  const bytes = second.serialize().toString("latin1");
  second.close();
  expect(bytes).not.toContain("in-the-clear");
  expect(bytes).toContain(createHash("sha256").update("sensor-key-in-the-clear").digest("hex"));
  expect(statSync(file).mode & 0o077).toBe(0);
});
