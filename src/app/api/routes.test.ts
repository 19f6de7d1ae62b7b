import Ajv2020 from "ajv/dist/2020";
import addFormats from "ajv-formats";
import ICAL from "ical.js";
import Papa from "papaparse";
import { unzipSync } from "fflate";
import { readFileSync } from "node:fs";
import { db } from "@/db/connection";
import { newKey } from "@/db/doors/deviceKeys";
import { listPlaces, readingsSince } from "@/db/house/places";
import { houseNowMs } from "@/db/houseClock";
import { listScales, setScale } from "@/db/block/scales";
import { cardSpecs } from "@/db/cards/cardSpecs";
import { setSender } from "@/db/line/senders";
import { ticketsSince } from "@/db/line/tickets";
import { attachFile } from "@/db/lots/files";
import { lotsOnIce } from "@/db/lots/lots";
import { attachments } from "@/db/schema/lots";
import { fileUnder } from "@/db/connection";
import { setProbe } from "@/db/stove/probes";
import { keepSheet, listSheets } from "@/db/stove/stationSheets";
import { codQuestion } from "@/core/cooking/plan/question.testkit";
import { readLoggerFile } from "@/exchange/loggerFile";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { POST as tickets } from "./tickets/route";
import { GET as probesNow } from "./probes/route";
import { GET as scalesNow } from "./scales/route";
import { POST as weigh } from "./scales/[scaleId]/route";
import { POST as sense } from "./places/[placeId]/readings/route";
import { POST as probed } from "./probes/[probeId]/readings/route";
import { GET as holds } from "./holds.ics/route";
import { GET as prep } from "./prep.ics/route";
import { GET as line } from "./line/route";
import { GET as paper } from "./files/[fileId]/route";
import { POST as core } from "./core/[verb]/route";
import { GET as cardFile } from "./export/card.json/route";
import { GET as cardsCsv } from "./export/cards.csv/route";
import { GET as cardsJsonld } from "./export/cards.jsonld/route";
import { GET as deliveriesCsv } from "./export/deliveries.csv/route";
import { GET as epcis } from "./export/epcis.jsonld/route";
import { GET as houseJson } from "./export/house.json/route";
import { GET as readingsCsv } from "./export/readings.csv/route";
import { GET as recipe } from "./export/recipe.jsonld/route";
import { GET as sheetCsv } from "./export/station-sheet.csv/route";
import { GET as tablesZip } from "./export/tables.zip/route";

jest.mock("@/server/pool", () => jest.requireActual("../testkit/inTheHouse.testkit").pool);

inADemoHouse();

const at = (path: string) => new Request(`http://house.test/api/${path}`);
const sent = (path: string, body: unknown, headers: Readonly<Record<string, string>> = {}) =>
  new Request(`http://house.test/api/${path}`, {
    method: "POST",
    headers: { "content-type": "application/json", ...headers },
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
const bearer = (key: string) => ({ authorization: `Bearer ${key}` });
const stamp = () => ({ who: "Ylva", atMs: houseNowMs() });
const cardId = () => cardSpecs(db())[0]!.cardId;

describe("files the house gives away", () => {
  const sheet = () => {
    if (listSheets(db()).length === 0) keepSheet(db(), codQuestion(), [], stamp());
    return listSheets(db())[0]!.id;
  };
  const FILES: Readonly<Record<string, readonly [get: () => Response | Promise<Response>, type: RegExp]>> = {
    "holds.ics": [holds, /^text\/calendar/],
    "prep.ics": [prep, /^text\/calendar/],
    "card.json": [() => cardFile(at(`export/card.json?card=${cardId()}`)), /json/],
    "cards.csv": [cardsCsv, /^text\/csv/],
    "cards.jsonld": [cardsJsonld, /^application\/ld\+json/],
    "deliveries.csv": [deliveriesCsv, /^text\/csv/],
    "epcis.jsonld": [epcis, /^application\/ld\+json/],
    "house.json": [houseJson, /^application\/json/],
    "readings.csv": [() => readingsCsv(at(`export/readings.csv?place=${listPlaces(db())[0]!.id}`)), /^text\/csv/],
    "recipe.jsonld": [() => recipe(at(`export/recipe.jsonld?card=${cardId()}`)), /^application\/ld\+json/],
    "station-sheet.csv": [() => sheetCsv(at(`export/station-sheet.csv?sheet=${sheet()}`)), /^text\/csv/],
    "tables.zip": [tablesZip, /zip/],
  };

  test.each(Object.entries(FILES))(
    "%s says what it is, is whole, and is kept by nobody on the way",
    async (_, [get, type]) => {
      const answer = await get();
      expect(answer.status).toBe(200);
      expect(answer.headers.get("content-type")).toMatch(type);
      expect(answer.headers.get("cache-control") ?? "no-store").toMatch(/no-store|private/);
      expect((await answer.arrayBuffer()).byteLength).toBeGreaterThan(20);
    },
  );

  test.each([
    ["card.json", () => cardFile(at("export/card.json?card=none")), "card"],
    ["recipe.jsonld", () => recipe(at("export/recipe.jsonld")), "card"],
    ["readings.csv", () => readingsCsv(at("export/readings.csv?place=none")), "place"],
    ["station-sheet.csv", () => sheetCsv(at("export/station-sheet.csv?sheet=none")), "sheet"],
  ] as const)("%s of what is not there: 404, and which key it was", async (_, get, path) => {
    const answer = get();
    expect(answer.status).toBe(404);
    expect(await answer.json()).toEqual({ error: { path, message: expect.stringMatching(/\w{3}/) } });
  });

  // RFC 5545, read by a reference library
  test.each([
    ["holds", holds],
    ["prep", prep],
  ])("the calendar of %s is one that others read: every entry has its id, its moment and its words", async (_, get) => {
    const calendar = new ICAL.Component(ICAL.parse(await get().text()) as unknown[]);
    const events = calendar.getAllSubcomponents("vevent").map((event) => new ICAL.Event(event));
    expect(events.length).toBeGreaterThan(0);
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    for (const { summary, startDate } of events) {
      expect(summary.length).toBeGreaterThan(3);
      expect(startDate.toJSDate().getTime()).toBeGreaterThan(Date.UTC(2020, 0, 1));
    }
  });

  test("readings go out and come back in as they were", async () => {
    const place = listPlaces(db()).find(({ id }) => readingsSince(db(), id, 0).length > 10)!;
    const text = await readingsCsv(at(`export/readings.csv?place=${place.id}`)).text();
    const read = readLoggerFile(text, "Europe/Copenhagen", houseNowMs());
    if (!read.ok) throw new Error(read.error.code);
    const kept = readingsSince(db(), place.id, houseNowMs() - 30 * 86_400_000);
    expect(read.value.readings.map(({ celsius }) => celsius)).toEqual(kept.map(({ celsius }) => celsius));
  });

  test("every card stands in the list, its name as it is on the pass", async () => {
    const { data } = Papa.parse<Record<string, string>>((await cardsCsv().text()).replace(/^\uFEFF/, ""), {
      header: true,
      skipEmptyLines: true,
    });
    expect(data).toHaveLength(cardSpecs(db()).length);
    const names = cardSpecs(db()).map(({ spec }) => spec.name);
    expect(Object.values(data[0]!).some((cell) => names.includes(cell))).toBe(true);
  });

  test("a zip of every table: each opens, and none is twice there", async () => {
    const files = unzipSync(new Uint8Array(await (await tablesZip()).arrayBuffer()));
    expect(Object.keys(files).length).toBeGreaterThan(20);
    for (const name of Object.keys(files)) expect(name).toMatch(/^[a-z_-]+\.csv$/);
  });

  test("the house as one file is what its published schema says, and keeps its secrets", async () => {
    const text = await houseJson().text();
    const ajv = new Ajv2020({ strict: false });
    addFormats(ajv);
    const valid = ajv.compile(JSON.parse(readFileSync("docs/archive.schema.json", "utf8")) as object);
    expect([valid(JSON.parse(text)), valid.errors]).toEqual([true, null]);
    expect(text).not.toMatch(/pin_hash|key_hash|phrase_hash/);
  });
});

describe("what devices send", () => {
  const place = () => listPlaces(db()).find(({ kind }) => kind === "cold-room")!;
  const readings = (celsius: number, agoMs = 0) => ({
    readings: [{ at: new Date(houseNowMs() - agoMs).toISOString(), celsius }],
  });
  const DEVICES = {
    sensor: () => {
      const { id } = place();
      const key = newKey(db(), "sensor", id, stamp());
      const send = (body: unknown, with_: string, of = id) =>
        sense(sent(`places/${of}/readings`, body, bearer(with_)), { params: Promise.resolve({ placeId: of }) });
      return { key, send, good: readings(1.4), bad: { readings: [] }, hot: readings(500) };
    },
    scale: () => {
      const { id, key } = setScale(db(), "Block scale", stamp());
      const send = (body: unknown, with_: string, of = id) =>
        weigh(sent(`scales/${of}`, body, bearer(with_)), { params: Promise.resolve({ scaleId: of }) });
      return {
        key,
        send,
        good: { mass_g: 482.5, stable: true },
        bad: { mass_g: "482" },
        hot: { mass_g: 1e9, stable: true },
      };
    },
    probe: () => {
      const { id, key } = setProbe(db(), "Pass probe", stamp());
      const send = (body: unknown, with_: string, of = id) =>
        probed(sent(`probes/${of}/readings`, body, bearer(with_)), { params: Promise.resolve({ probeId: of }) });
      return { key, send, good: { celsius: 41.3 }, bad: { celsius: null }, hot: { celsius: 4000 } };
    },
  };

  test.each(Object.entries(DEVICES))(
    "a %s: its key opens, no other does, and what cannot be meant is not kept",
    async (_, make) => {
      const { key, send, good, bad, hot } = make();
      expect((await send(good, key)).status).toBe(201);
      for (const wrong of ["", "none", `${key}x`]) {
        const answer = await send(good, wrong);
        expect(answer.status).toBe(401);
        expect(await answer.json()).toMatchObject({ error: { path: "authorization" } });
      }
      expect((await send(good, key, "another")).status).toBe(401);
      for (const fault of [bad, hot, "{", "null", [], { ...good, more: 1 }]) {
        const answer = await send(fault, key);
        expect(answer.status).toBe(422);
        expect(await answer.json()).toEqual({
          error: { path: expect.any(String), message: expect.stringMatching(/\w/) },
        });
      }
    },
  );

  test("the key of one kind opens no other", async () => {
    const [scale, probe] = [DEVICES.scale(), DEVICES.probe()];
    expect((await scale.send(scale.good, probe.key)).status).toBe(401);
    expect((await probe.send(probe.good, scale.key)).status).toBe(401);
  });

  test("a reading sent twice counts once; one from the future is refused and nothing of its document is kept", async () => {
    const { key, send } = DEVICES.sensor();
    const one = readings(2.2, 90_000);
    expect(await (await send(one, key)).json()).toEqual({ added: 1, known: 0 });
    expect(await (await send(one, key)).json()).toEqual({ added: 0, known: 1 });
    const before = readingsSince(db(), place().id, 0).length;
    const ahead = { readings: [readings(2, 30_000).readings[0]!, readings(2, -3_600_000).readings[0]!] };
    const answer = await send(ahead, key);
    expect(answer.status).toBe(422);
    expect(await answer.json()).toMatchObject({ error: { path: "readings.1.at" } });
    expect(readingsSince(db(), place().id, 0)).toHaveLength(before);
  });

  test("a probe's reading of yesterday is no cook's", async () => {
    const { key, send } = DEVICES.probe();
    const old = { celsius: 40, at: new Date(houseNowMs() - 25 * 3_600_000).toISOString() };
    expect((await send(old, key)).status).toBe(422);
  });

  test("what lies on the scale and what the probes read is told without its keys", async () => {
    const { key } = DEVICES.scale();
    const told = await (await scalesNow()).text();
    const { scales } = JSON.parse(told) as { readonly scales: readonly { readonly name: string }[] };
    expect(scales.map(({ name }) => name)).toEqual(listScales(db()).map(({ name }) => name));
    expect(told).not.toContain(key);
    expect((await (await probesNow()).text()).toLowerCase()).not.toMatch(/key|hash/);
  });
});

describe("tickets of a till", () => {
  const till = () => setSender(db(), "Till", stamp()).key;
  const send = (key: string, body: unknown) => tickets(sent("tickets", body, bearer(key)));
  const order = (id: string, table: string) => ({
    kind: "order",
    id,
    table,
    courses: [[{ card: cardId(), count: 2 }], [{ card: cardId(), count: 1 }]],
  });

  test("an order is one ticket however often it is sent, and a call goes to its next course", async () => {
    const key = till();
    const first = (await (await send(key, order("4711", "t41"))).json()) as { readonly ticket: string };
    const again = (await (await send(key, order("4711", "t41"))).json()) as { readonly ticket: string };
    expect(again.ticket).toBe(first.ticket);
    expect(ticketsSince(db(), 0).filter(({ table }) => table === "t41")).toHaveLength(1);
    for (const course of [1, 2]) {
      const called = await send(key, { kind: "away", table: "t41" });
      expect(called.status).toBe(201);
      expect(await called.json()).toEqual({ ticket: first.ticket, course });
    }
    expect((await send(key, { kind: "away", table: "t41" })).status).toBe(409);
  });

  test.each([
    ["a card that is not there", { kind: "order", id: "1", table: "t1", courses: [[{ card: "none", count: 1 }]] }, 422],
    ["a table nobody sits at", { kind: "away", table: "t99" }, 409],
    [
      "an allergy that is none",
      { kind: "order", id: "2", table: "t1", courses: [[{ card: "x", count: 1, allergies: ["glass"] }]] },
      422,
    ],
    ["no course", { kind: "order", id: "3", table: "t1", courses: [] }, 422],
    ["a table with a script in it", { kind: "away", table: "<b>" }, 422],
  ])("%s is refused and opens nothing", async (_, body, status) => {
    const before = ticketsSince(db(), 0).length;
    const answer = await send(till(), body);
    expect(answer.status).toBe(status);
    expect(await answer.json()).toMatchObject({ error: { message: expect.stringMatching(/\w{3}/) } });
    expect(ticketsSince(db(), 0)).toHaveLength(before);
  });

  test("the pulse of the line stands still while nothing is done, and moves with a ticket", async () => {
    const pulse = async () => ((await (await line()).json()) as { readonly pulse: string }).pulse;
    const before = await pulse();
    expect(await pulse()).toBe(before);
    await send(till(), order("4712", "t42"));
    expect(await pulse()).not.toBe(before);
  });
});

describe("papers of a lot", () => {
  const PDF = Buffer.from("%PDF-1.4\n1 0 obj\n<<>>\nendobj\ntrailer\n<<>>\n%%EOF\n");
  const lotId = () => lotsOnIce(db())[0]!.id;
  const look = (id: string) => paper(at(`files/${id}`), { params: Promise.resolve({ fileId: id }) });

  test("what was kept is what comes back, byte for byte, under a name that is only a name", async () => {
    const id = attachFile(db(), lotId(), { name: "<landing>/1.pdf", mime: "application/pdf", bytes: PDF }, stamp());
    const answer = await look(id);
    expect(answer.headers.get("content-type")).toBe("application/pdf");
    expect(answer.headers.get("content-disposition")).toMatch(/^inline; filename\*=UTF-8''[\w.%-]+$/);
    expect(Buffer.from(await answer.arrayBuffer())).toEqual(PDF);
  });

  test("a paper whose bytes were changed in the file is not shown as if it were the one that was kept", async () => {
    const id = attachFile(db(), lotId(), { name: "a.pdf", mime: "application/pdf", bytes: PDF }, stamp());
    expect((await look(id)).status).toBe(200);
    fileUnder(db()).pragma("ignore_check_constraints = on");
    db()
      .update(attachments)
      .set({ bytes: Buffer.from("%PDF-1.4 another") })
      .run();
    expect((await look(id)).status).toBe(409);
    expect((await look("none")).status).toBe(404);
  });
});

describe("the core over HTTP", () => {
  const ask = (verb: string, body: unknown, headers: Readonly<Record<string, string>> = {}) =>
    core(sent(`core/${verb}`, body, { host: "house.test", ...headers }), { params: Promise.resolve({ verb }) });

  test("a verb that is none says which there are", async () => {
    const answer = await ask("fry", {});
    expect(answer.status).toBe(404);
    expect(await answer.json()).toEqual({
      error: { path: "verb", message: expect.stringMatching(/fry.*cook.*clear|fry.*clear.*cook/s) },
    });
  });

  test.each([
    ["no JSON", "{", 422],
    ["a key nobody knows", { species: "cod", colour: "red" }, 422],
    ["a fish nobody knows", { species: "kraken" }, 422],
  ])("%s is told by its path", async (_, body, status) => {
    const answer = await ask("cook", body);
    expect(answer.status).toBe(status);
    expect(await answer.json()).toMatchObject({ error: { path: expect.any(String), message: expect.any(String) } });
  });

  test("a page of another house is turned away; a device, which names none, is not", async () => {
    expect((await ask("cook", { species: "cod" }, { origin: "http://elsewhere.test" })).status).toBe(403);
    const answer = await ask("cook", { species: "cod" });
    expect(answer.status).toBe(200);
    expect(await answer.json()).toMatchObject({ method: expect.any(String), stages: expect.any(Array) });
  });
});
