import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { valueOf } from "@/core/shared";
import { db } from "@/db/connection";
import { listPeople } from "@/db/doors/people";
import { listTablets } from "@/db/doors/tablets";
import { checkLedger, entriesBetween, lastEntry } from "@/db/ledger";
import { addCheck, checksOf } from "@/db/house/checks";
import {
  changeRole,
  letATabletIn,
  letSomebodyGo,
  newPinFor,
  sayHostNames,
  shutATabletOut,
  takeSomebodyIn,
} from "../house/actions";
import { tickCheck } from "../book/checks/actions";
import { jar, request } from "../testkit/inTheHouse.testkit";
import { openTheHouse } from "../welcome/actions";
import { makeTheChef, openByPhrase, pairThisTablet, signIn, signOut, typeChefsPin } from "./actions";

const PHRASE = "seven grey seals asleep";
const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-doors-"));
beforeAll(() => {
  process.env["GAFFEL_DATA"] = folder;
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Browsers, each with what it carries. */
const browsers = new Map<string, Map<string, string>>();
let here = "";
function on(browser: string): void {
  if (here !== "") browsers.set(here, new Map(jar));
  jar.clear();
  for (const [name, value] of browsers.get(browser) ?? []) jar.set(name, value);
  here = browser;
}
let meant = 0;
const id = () => `door-act-${String(++meant).padStart(12, "0")}`;
const refusal = (code: string) => ({ ok: false, error: { code } });
const person = (name: string) => listPeople(db(), Date.now()).find((one) => one.name === name)!;
const value = <T>(answer: { readonly ok: boolean }): T => {
  expect(answer).toMatchObject({ ok: true });
  return (answer as { readonly value: T } & typeof answer).value;
};

// one evening at the doors of a house, told in order: each test stands on the one before
test("the first page opens the house, makes its chef, and lets this browser in", async () => {
  on("stove");
  const wanted = {
    name: "Skarv",
    timeZone: "Europe/Copenhagen",
    units: "metric",
    ruleSetId: "eu-853",
    cooks: ["Ylva", "Torben"],
    coldRoomC: 2,
    currency: "EUR",
    susceptibleGuests: false,
    decimalMark: "point",
  };
  expect(await openTheHouse({ ...wanted, pin: "1234", phrase: PHRASE })).toMatchObject({ ok: false });
  expect(value(await openTheHouse({ ...wanted, pin: "4718", phrase: PHRASE }))).toBe("Skarv");
  expect(person("Ylva")).toMatchObject({ role: "chef" });
  expect(listTablets(db())).toHaveLength(1);
  expect(await openTheHouse({ ...wanted, pin: "4718", phrase: PHRASE })).toMatchObject(
    refusal("thisHouseIsOpenAlready"),
  );
  expect(await makeTheChef({ name: "Mallory", pin: "5829", phrase: PHRASE })).toMatchObject(refusal("chefIsThere"));
});

test("nothing of what was typed stands in the file as it was typed", () => {
  const kept = JSON.stringify(listPeople(db(), Date.now()));
  expect(kept).not.toContain("4718");
  expect(JSON.stringify(entriesBetween(db(), 0, 4e12))).not.toMatch(/4718|seals asleep/);
});

test("another browser carries nothing and does nothing", async () => {
  on("pass");
  expect(await sayHostNames({ names: [] }, id())).toMatchObject({ ok: false });
  expect(await signIn({ personId: person("Ylva").id, pin: "4718" })).toMatchObject({ ok: false });
  expect(jar.size).toBe(0);
});

test("a tablet comes in by the code a chef has had shown, however it is typed, and the code is spent", async () => {
  on("stove");
  const code = value<string>(await letATabletIn({ name: "Pass", kind: "tablet" }, id()));
  on("pass");
  expect(await pairThisTablet({ code: "WRONG123" })).toMatchObject(refusal("wrong"));
  const typed = `${code.slice(0, 4).toLowerCase()} ${code.slice(4).toLowerCase()}`;
  expect(value(await pairThisTablet({ code: typed }))).toBe("Pass");
  on("stranger");
  expect(await pairThisTablet({ code })).toMatchObject({ ok: false });
  expect(jar.size).toBe(0);
});

test("somebody comes in with a PIN of their own and signs in with it, and with no other", async () => {
  on("stove");
  expect(await takeSomebodyIn({ name: "Maike", role: "cook", pin: "1111" }, id())).toMatchObject({ ok: false });
  const maike = value<string>(await takeSomebodyIn({ name: "Maike", role: "cook", pin: "6392" }, id()));
  expect(await takeSomebodyIn({ name: "maike", role: "cook", pin: "6392" }, id())).toMatchObject(
    refusal("nameIsTaken"),
  );
  on("pass");
  expect(await signIn({ personId: maike, pin: "6393" })).toMatchObject(refusal("wrong"));
  expect(value(await signIn({ personId: maike, pin: "6392" }))).toBe("Maike");
});

test("what a cook does stands under the cook's name; the chef's acts are not the cook's", async () => {
  on("pass");
  const check = { name: "Ice machine", list: "closing", byMin: 1400, doneBy: null } as const;
  const checkId = valueOf(addCheck(db(), check, { who: "Ylva", atMs: Date.now() }));
  const today = new Intl.DateTimeFormat("sv-SE", { timeZone: "Europe/Copenhagen" }).format(Date.now());
  await tickCheck({ checkId: checkId, wrong: null }, id());
  const done = checksOf(db(), { day: today, fromMs: 0, toMs: 4e12, nowMin: 0 }).find(
    ({ name }) => name === "Ice machine",
  );
  if (done?.done) expect(done.done.who).toBe("Maike");
  expect(await sayHostNames({ names: ["gaffel.local"] }, id())).toMatchObject(refusal("chefsPin"));
});

test("the chef's PIN, typed on the cook's tablet, binds the house under the chef's name", async () => {
  on("pass");
  expect(await typeChefsPin({ pin: "6392" })).toMatchObject(refusal("wrong"));
  expect(value(await typeChefsPin({ pin: "4718" }))).toBe("Ylva");
  value(await sayHostNames({ names: ["gaffel.local"] }, id()));
  expect(lastEntry(db(), "house-changed")).toMatchObject({ who: "Ylva", payload: { hostNames: ["gaffel.local"] } });
});

test("a new PIN ends the old one, a role what went with it, and the last chef cannot go", async () => {
  on("stove");
  const { id: maike } = person("Maike");
  value(await newPinFor({ personId: maike, pin: "8205" }, id()));
  value(await changeRole({ personId: maike, role: "inspector" }, id()));
  on("pass");
  expect(await signIn({ personId: maike, pin: "6392" })).toMatchObject({ ok: false });
  on("stove");
  expect(await letSomebodyGo({ personId: person("Ylva").id }, id())).toMatchObject(refusal("lastChef"));
  expect(await changeRole({ personId: person("Ylva").id, role: "cook" }, id())).toMatchObject(refusal("lastChef"));
  expect(await changeRole({ personId: "nobody", role: "cook" }, id())).toMatchObject(refusal("noSuchPerson"));
});

test("wrong ones make the next one wait, and the right one waits with them", async () => {
  on("stove");
  const { id: torben } = person("Torben");
  value(await newPinFor({ personId: torben, pin: "7316" }, id()));
  on("pass");
  let answer: Awaited<ReturnType<typeof signIn>> | null = null;
  for (let attempt = 0; attempt < 12; attempt++) {
    answer = await signIn({ personId: torben, pin: "7317" });
    if (!answer.ok && "code" in answer.error && answer.error.code === "wait") break;
  }
  expect(answer).toMatchObject(refusal("wait"));
  expect(await signIn({ personId: torben, pin: "7316" })).toMatchObject(refusal("wait"));
});

test("the pass phrase opens where PINs wait, and signs a chef in", async () => {
  on("office");
  expect(await openByPhrase({ phrase: "seven grey seals awake", tablet: "Office" })).toMatchObject(refusal("wrong"));
  expect(value(await openByPhrase({ phrase: PHRASE, tablet: "Office" }))).toBe("Ylva");
  expect(listTablets(db()).map(({ name }) => name)).toContain("Office");
});

test("who goes leaves the tablet let in; a tablet that is shut out is a stranger at once", async () => {
  on("office");
  value(await signOut({}));
  expect(await sayHostNames({ names: [] }, id())).toMatchObject({ ok: false });
  const office = listTablets(db()).find(({ name }) => name === "Office")!;
  on("stove");
  value(await shutATabletOut({ tabletId: office.id }, id()));
  expect(await shutATabletOut({ tabletId: office.id }, id())).toMatchObject(refusal("noSuchTablet"));
  on("office");
  expect(await signIn({ personId: person("Ylva").id, pin: "4718" })).toMatchObject({ ok: false });
});

test("from a page of another house none of these doors opens", async () => {
  on("stove");
  request.origin = "http://elsewhere.test";
  for (const act of [
    () => signIn({ personId: person("Ylva").id, pin: "4718" }),
    () => signOut({}),
    () => typeChefsPin({ pin: "4718" }),
    () => openByPhrase({ phrase: PHRASE, tablet: "Mine" }),
    () => pairThisTablet({ code: "ABCDEFGH" }),
    () => takeSomebodyIn({ name: "Mallory", role: "chef", pin: "5829" }, id()),
    () => letATabletIn({ name: "Mine", kind: "tablet" }, id()),
  ])
    expect(await act()).toMatchObject({ ok: false });
  request.origin = "http://house.test";
  expect(person("Mallory")).toBeUndefined();
  expect(checkLedger(db()).kind).toBe("whole");
});
