import { ok, refuse, valueOf } from "@/core/shared";
import { isKind } from "@/core/trace";
import { scryptSync } from "node:crypto";
import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { openDatabase } from "../connection";
import { openHouse } from "../house/house";
import { entriesBetween } from "../ledger";
import { oldFile } from "../releases/oldFile.testkit";
import {
  hasChef,
  isLocked,
  isOnShift,
  letGo,
  listPeople,
  makeChef,
  noteSignIn,
  phraseHash,
  setPin,
  setRole,
  takeIn,
} from "./people";
import { isSecret, slowHash } from "./slowHash";
import { codeOf, letIn, listTablets, newPairing, pairByCode, shutOut, tabletSeen } from "./tablets";

const NOW = Date.UTC(2026, 4, 12, 17);
const HOUR = 3_600_000;
const stamp = { who: "Ylva", atMs: NOW };
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-people-"));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

function house() {
  const db = openDatabase(":memory:");
  openHouse(
    db,
    { name: "Test", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Ylva", "Una"], coldRoomC: 1 },
    NOW,
  );
  return db;
}
const idOf = (db: ReturnType<typeof house>, name: string) => listPeople(db, NOW).find((one) => one.name === name)!.id;

test("a PIN is kept as scrypt with a salt of its own, and only the right one opens", async () => {
  const [kept, again] = [await slowHash("4711"), await slowHash("4711")];
  expect(kept).not.toBe(again);
  const [, N, r, p, salt, hash] = kept.split("$");
  // the reference: Node's own scrypt (OpenSSL), asked directly
  const wanted = scryptSync("4711", Buffer.from(salt!, "base64url"), 32, { N: +N!, r: +r!, p: +p!, maxmem: 2 ** 27 });
  expect(hash).toBe(wanted.toString("base64url"));
  expect([await isSecret("4711", kept), await isSecret("4712", kept), await isSecret("4711", null)]).toEqual([
    true,
    false,
    false,
  ]);
});

test("the first chef is made once and locks the house; the last one can neither leave nor become a cook", () => {
  const db = house();
  expect([hasChef(db), isLocked(db)]).toEqual([false, false]);
  const chef = valueOf(makeChef(db, { name: "Ylva", pinHash: "hash", phrase: "phrase" }, stamp));
  expect([chef.role, hasChef(db), isLocked(db)]).toEqual(["chef", true, true]);
  expect(makeChef(db, { name: "Una", pinHash: "hash", phrase: "other" }, stamp)).toEqual(refuse("chefAlready"));
  expect([letGo(db, chef.id, stamp), setRole(db, chef.id, "cook", stamp)]).toEqual([
    refuse("lastChef"),
    refuse("lastChef"),
  ]);
  expect(setRole(db, idOf(db, "Una"), "chef", stamp).ok).toBe(true);
  expect(letGo(db, chef.id, stamp).ok).toBe(true);
  expect(listPeople(db, NOW).map(({ name }) => name)).toEqual(["Una"]);
});

test("whoever works here becomes the chef by the name as it is said; a house that has its chef keeps its phrase", () => {
  const db = house();
  const una = idOf(db, "Una");
  const chef = valueOf(makeChef(db, { name: "uNA", pinHash: "hash", phrase: "first" }, stamp));
  expect(chef).toMatchObject({ id: una, name: "Una", role: "chef", pinHash: "hash" });
  expect(listPeople(db, NOW).filter(({ role }) => role === "chef")).toHaveLength(1);
  expect(makeChef(db, { name: "Mallory", pinHash: "other", phrase: "second" }, stamp)).toEqual(refuse("chefAlready"));
  expect([phraseHash(db), listPeople(db, NOW).some(({ name }) => name === "Mallory")]).toEqual(["first", false]);
});

test("the name alone is enough for a shift after the PIN; a new PIN ends that; an inspector is here for a day", () => {
  const db = house();
  const una = idOf(db, "Una");
  noteSignIn(db, una, NOW);
  const person = () => listPeople(db, NOW).find(({ id }) => id === una)!;
  expect([0, 15.9, 16.1].map((hours) => isOnShift(person(), NOW + hours * HOUR))).toEqual([true, true, false]);
  setPin(db, una, "hash", stamp);
  expect(isOnShift(person(), NOW)).toBe(false);
  const inspector = takeIn(db, { name: "Inspector Holm", role: "inspector", pinHash: "hash" }, stamp);
  expect(inspector.ok && inspector.value.untilMs).toBe(NOW + 24 * HOUR);
  const names = (atMs: number) => listPeople(db, atMs).map(({ name }) => name);
  expect(names(NOW + 23 * HOUR)).toContain("Inspector Holm");
  expect(names(NOW + 25 * HOUR)).not.toContain("Inspector Holm");
  expect(takeIn(db, { name: "Una", role: "cook", pinHash: null }, stamp)).toEqual(refuse("nameIsTaken"));
});

test("a code lets one tablet in, once, for ten minutes, however it is typed; what was shut out is not let in again", () => {
  const db = house();
  const code = newPairing(db, { name: "Pass", kind: "screen" }, stamp);
  expect(code).toMatch(/^[A-Z0-9]{8}$/);
  expect(pairByCode(db, "AAAAAAAA", NOW)).toBeNull();
  const tablet = pairByCode(db, ` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `, NOW + 60_000)!;
  expect(tablet).toMatchObject({ name: "Pass", kind: "screen", pairedBy: "Ylva" });
  expect(pairByCode(db, code, NOW + 60_000)).toBeNull();
  const late = newPairing(db, { name: "Late", kind: "tablet" }, stamp);
  expect(pairByCode(db, late, NOW + 11 * 60_000)).toBeNull();
  const second = letIn(db, { name: "Stove", kind: "tablet" }, stamp);
  expect(listTablets(db).map(({ name }) => name)).toEqual(["Stove", "Pass"].sort(() => 1));
  expect(tabletSeen(db, second.id, NOW)).toMatchObject({ name: "Stove" });
  expect([shutOut(db, second.id, stamp), shutOut(db, second.id, stamp), tabletSeen(db, second.id, NOW)]).toEqual([
    ok(null),
    refuse("noSuchTablet"),
    null,
  ]);
  const told = entriesBetween(db, 0, NOW + HOUR).filter(isKind("tablet-set"));
  expect(told.map(({ payload }) => payload.change)).toEqual(["ended", "paired", "paired"]);
  expect(codeOf("kr4m 7dpx")).toBe("KR4M7DPX");
});

test("a house of the version before opens without locks, its cooks as cooks", () => {
  const file = path.join(folder, "old.sqlite");
  const old = oldFile(file, 20);
  old.exec(
    `insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Old', 'UTC', 'metric', 'eu-853', 1);
     insert into staff (id, name) values ('a', 'Una')`,
  );
  old.close();
  const db = openDatabase(file);
  expect(listPeople(db, NOW)).toMatchObject([{ name: "Una", role: "cook", pinHash: null, leftAtMs: null }]);
  expect(isLocked(db)).toBe(false);
});
