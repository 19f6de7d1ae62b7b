import { readFileSync } from "node:fs";
import path from "node:path";
import Ajv from "ajv";
import addFormats from "ajv-formats";
import fc from "fast-check";
import ICAL from "ical.js";
import { findSpecies, SPECIES } from "@/core/species";
import { readAdviceCsv } from "./adviceCsv";
import Papa from "papaparse";
import { toCsv, parseCsv } from "./csv";
import { DELIVERY_COLUMNS, readDeliveryCsv, writeDeliveryCsv } from "./deliveryCsv";
import type { DeliveryDraft } from "./draft";
import { readEpcis, writeEpcis } from "./epcis";
import { chainEvents } from "./epcisChain";
import { writeCalendar } from "./holdCalendar";
import { readLoggerFile } from "./loggerFile";
import { english } from "@/words/english.testkit";

const NOW = Date.UTC(2026, 4, 12, 15);
const ZONE = "Europe/Oslo";
const draft: DeliveryDraft = {
  supplier: "Gråskjær Landing",
  speciesId: "cod",
  form: "whole-gutted",
  frozen: false,
  production: "wild",
  area: "FAO 27.4.a, Skarv Bank",
  gear: "Longline",
  source: "Nattkrok",
  caughtOn: "2026-05-10",
  massG: 11800,
  statedMassG: 12000,
  pricePerKg: 9.9,
  receiptC: 1.5,
  grades: { skin: 1, eye: 0 },
  provenance: { subArea: "27.4.a", landingPlace: "Skarvholmen", supplierLot: "L-77", byCatch: false, defrosted: false },
};
const nameOf = (id: string) => findSpecies(id)!.scientificName;

describe("a delivery as CSV", () => {
  test("what is written reads back the same", () => {
    expect(readDeliveryCsv(writeDeliveryCsv([draft], nameOf))).toEqual({ drafts: [draft], problems: [] });
  });
  test("no paper of a lot is lost on the way through a file, a no as well as a yes", () => {
    const papers = {
      rearing: "net-pen",
      feedStatement: false,
      freezingStatement: true,
      skein: "removed-and-rinsed",
      dealerListed: false,
      waterClass: "B",
      catchDocument: "C-18",
      wholeKg: 11.5,
      deaths: { dead: 3, counted: 120 },
    } as const;
    const wanted = { ...draft, provenance: papers };
    expect(readDeliveryCsv(writeDeliveryCsv([wanted], nameOf)).drafts).toEqual([wanted]);
  });
  test("round trip over species, weights and awkward words", () => {
    const word = fc
      .string({ minLength: 1, maxLength: 20, unit: "grapheme" })
      .map((text) => text.trim())
      .filter((text) => text !== "");
    fc.assert(
      fc.property(
        fc.constantFrom(
          ...SPECIES.filter(
            ({ scientificName }) => SPECIES.filter((other) => other.scientificName === scientificName).length === 1,
          ),
        ),
        word,
        word,
        fc.integer({ min: 10, max: 2_000_000 }),
        ({ id }, supplier, area, massG) => {
          const wanted = { ...draft, speciesId: id, supplier, area, massG, statedMassG: null };
          expect(readDeliveryCsv(writeDeliveryCsv([wanted], nameOf)).drafts).toEqual([wanted]);
        },
      ),
      { seed: 8, numRuns: 300 },
    );
  });
  const head = "supplier;species;form;production;weight_kg;price_per_kg;caught_on";
  test("semicolons, decimal commas, day-first dates", () => {
    const { drafts, problems } = readDeliveryCsv(`${head}\nTwo Terns;röding;side;farmed;2,5;17,20;09.05.2026\n`);
    expect(problems).toEqual([]);
    expect(drafts).toMatchObject([{ speciesId: "arctic-char", massG: 2500, pricePerKg: 17.2, caughtOn: "2026-05-09" }]);
  });
  test.each([
    { row: "A;kraken;side;wild;2;3;", reason: /nothing is called “kraken”/ },
    { row: "A;haddock;side;caught;2;3;", reason: /say wild or farmed/ },
    { row: "A;haddock;slab;wild;2;3;", reason: /form: “slab”/ },
    { row: "A;haddock;side;wild;two;3;", reason: /weight_kg: “two” is no number/ },
    { row: "A;haddock;side;wild;-2;3;", reason: /outside/ },
    { row: "A;haddock;side;wild;2;3;31.02.2026", reason: /no day/ },
    { row: ";haddock;side;wild;2;3;", reason: /supplier: is missing/ },
  ])("bad row $row is named by its line, the good one stands", ({ row, reason }) => {
    const { drafts, problems } = readDeliveryCsv(`${head}\n${row}\nB;haddock;fillet;wild;1;8;\n`);
    expect(drafts).toHaveLength(1);
    expect(problems).toMatchObject([{ line: 2, reason: expect.stringMatching(reason) }]);
  });
  test("one name for several fish is asked about, not guessed", () => {
    const { problems } = readDeliveryCsv(`${head}\nA;regnbågslax;side;farmed;2;3;\n`);
    expect(problems[0]!.reason).toMatch(/may be .* or .*scientific name/);
  });
  test("a head without its columns says which", () => {
    expect(readDeliveryCsv("a,b\n1,2").problems[0]!.reason).toMatch(/supplier, species/);
    expect(DELIVERY_COLUMNS).toContain("tag_certificate");
  });
  test("any text is survived", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        const { drafts, problems } = readDeliveryCsv(`${head}\n${text}`);
        expect(drafts.length + problems.length).toBeLessThan(320);
        expect(() => readEpcis(text)).not.toThrow();
        expect(() => readLoggerFile(text, ZONE, NOW)).not.toThrow();
        expect(() => readAdviceCsv(text)).not.toThrow();
      }),
      { seed: 4, numRuns: 200 },
    );
  });
});

test("a cell that a spreadsheet would run is written as text", () => {
  const risky = ["=1+1", "-cmd", "-2+3+cmd|' /C calc'!A0", "+1-1", "@SUM(A1)", "\t=1", "-4,5,6"];
  for (const cell of risky) expect(Papa.parse<string[]>(toCsv([[cell]])).data[0]![0]).toBe(`'${cell}`);
  const numbers = ["-4.5", "+3", "-4,5", "12"];
  for (const cell of numbers) expect(Papa.parse<string[]>(toCsv([[cell]])).data[0]![0]).toBe(cell);
  // and comes back as it was
  expect(parseCsv(toCsv([["head", ...risky, "'quoted'"]]))).toEqual([["head", ...risky, "'quoted'"]]);
});

describe("EPCIS 2.0", () => {
  const received = { ...draft, code: "0512-1", receivedAtMs: NOW, houseName: "Skarvholmen Quay" };
  const document = writeEpcis(
    [received, { ...received, code: "0512-2", speciesId: "mussel", production: "farmed", form: "live" }],
    [],
    NOW,
  );
  const schema = JSON.parse(readFileSync(path.join(__dirname, "testkit/epcis-2.0.schema.json"), "utf8")) as object;
  const ajv = new Ajv({ strict: false, allErrors: true });
  addFormats(ajv);
  const valid = ajv.compile(schema);
  test("holds to the published JSON schema (GS1 EPCIS 2.0, kept beside this test under its Apache 2.0 licence)", () => {
    expect(valid(document) ? [] : valid.errors).toEqual([]);
    expect(valid({ ...document, epcisBody: { eventList: [{ type: "ObjectEvent" }] } })).toBe(false);
  });
  test("carries the usual key data elements", () => {
    const text = JSON.stringify(document);
    for (const element of [
      "Gadus morhua",
      "COD",
      "Nattkrok",
      "27.4.a",
      "Longline",
      "2026-05-10",
      "MARINE_FISHERY",
      "AQUACULTURE",
      "NOT_PREVIOUSLY_FROZEN",
      "Skarvholmen",
      "L-77",
      "receiving",
    ]) {
      expect(text).toContain(element);
    }
  });
  test("what is written reads back the same", () => {
    expect(readEpcis(JSON.stringify(document))).toMatchObject({
      problems: [],
      drafts: [draft, { speciesId: "mussel", production: "farmed" }],
    });
    expect(readEpcis(JSON.stringify(document)).drafts[0]).toEqual(draft);
    const frozen = writeEpcis([{ ...received, frozen: true }], [], NOW);
    expect(readEpcis(JSON.stringify(frozen)).drafts[0]).toEqual({ ...draft, frozen: true });
  });
  test("somebody else's document: by code, in grams, without what only Gaffel writes", () => {
    const foreign = {
      type: "EPCISDocument",
      epcisBody: {
        eventList: [
          {
            type: "ObjectEvent",
            eventTime: "2026-05-09T08:00:00Z",
            quantityList: [{ epcClass: "urn:epc:class:lgtin:4012345.012345.998877", quantity: 2500, uom: "GRM" }],
            ilmd: { "cbvmda:speciesForFisheryStatisticsPurposesCode": "TUR", "cbvmda:lotNumber": "998877" },
          },
          { type: "ObjectEvent", quantityList: [{ epcClass: "urn:x:1", quantity: 1 }], ilmd: {} },
          { type: "ObjectEvent" },
        ],
      },
    };
    const { drafts, problems } = readEpcis(JSON.stringify(foreign));
    expect(drafts).toMatchObject([
      { speciesId: "turbot", massG: 2500, caughtOn: "2026-05-09", provenance: { supplierLot: "998877" } },
    ]);
    expect(problems.map(({ line }) => line).sort()).toEqual([2, 3]);
  });
  const amount = (code: string, massG = 100) => ({ code, massG });
  const chain = chainEvents({
    makes: [
      {
        id: "split:x",
        kind: "stock",
        atMs: NOW,
        inputs: [amount("0512-1"), amount("0512-2")],
        outputs: [amount("0512-3", 900)],
      },
    ],
    plates: [
      {
        id: "plate",
        atMs: NOW,
        dish: "Cod",
        parts: [
          { ...amount("0512-1"), certain: true },
          { ...amount("0512-3"), certain: false },
        ],
      },
    ],
  });
  test("from the door to the plate: transformations and plates hold to the schema too, and bring nothing to a door that reads them", () => {
    const whole = writeEpcis([received], [], NOW, chain);
    expect(valid(whole) ? [] : valid.errors).toEqual([]);
    expect(whole.epcisBody.eventList.map((event) => (event as { type: string }).type)).toEqual([
      "ObjectEvent",
      "ObjectEvent",
      "TransformationEvent",
      "ObjectEvent",
    ]);
    expect(readEpcis(JSON.stringify(whole))).toEqual({ problems: [], drafts: [draft] });
  });
  test("after the examples of the standard (EPCIS 2.0, 9.6 and 9.7; memory, medium): boxes and things with numbers of their own are no lots of fish", () => {
    const event = { eventTime: "2026-05-09T08:00:00.000+02:00", eventTimeZoneOffset: "+02:00", action: "OBSERVE" };
    const others = {
      "@context": ["https://ref.gs1.org/standards/epcis/2.0.0/epcis-context.jsonld"],
      type: "EPCISDocument",
      schemaVersion: "2.0",
      creationDate: "2026-05-10T11:30:47.0Z",
      epcisBody: {
        eventList: [
          { ...event, type: "ObjectEvent", epcList: ["urn:epc:id:sgtin:0614141.107346.2017"], bizStep: "shipping" },
          {
            ...event,
            type: "AggregationEvent",
            parentID: "urn:epc:id:sscc:0614141.1234567890",
            childQuantityList: [{ epcClass: "urn:epc:idpat:sgtin:4012345.098765.*", quantity: 10 }],
          },
          {
            ...event,
            type: "ObjectEvent",
            bizStep: "receiving",
            quantityList: [{ epcClass: "urn:epc:class:lgtin:4012345.012345.A1", quantity: 12.5, uom: "KGM" }],
            sourceList: [{ type: "possessing_party", source: "urn:epc:id:pgln:4012345.00225" }],
            ilmd: { "cbvmda:speciesForFisheryStatisticsPurposesName": "Gadus morhua" },
          },
        ],
      },
    };
    const { drafts, problems } = readEpcis(JSON.stringify(others));
    expect(drafts).toMatchObject([{ speciesId: "cod", massG: 12_500 }]);
    expect(problems).toEqual([{ line: 1, reason: expect.stringMatching(/names no lot/) }]);
  });
  test.each(["", "{", "[]", '{"type":"Other"}'])("%s is no document, and says so", (text) => {
    expect(readEpcis(text).problems).toHaveLength(1);
  });
});

test("the calendar of holds reads back in a second library's eyes", () => {
  const text = writeCalendar(
    [{ id: "h1", title: "Cure: Ocean trout", atMs: NOW, text: "take it out, rinse" }],
    "Skarvholmen Quay",
    NOW,
  );
  expect(text).toMatch(/\r\n/);
  const event = new ICAL.Component(ICAL.parse(text)).getFirstSubcomponent("vevent")!;
  expect(event.getFirstPropertyValue("summary")).toBe("Cure: Ocean trout");
  expect((event.getFirstPropertyValue("dtstart") as InstanceType<typeof ICAL.Time>).toJSDate().getTime()).toBe(NOW);
});

describe("logger files", () => {
  const read = (text: string) => {
    const found = readLoggerFile(text, ZONE, NOW);
    if (!found.ok) throw new Error(found.error.code);
    return found.value;
  };
  const first = Date.UTC(2026, 4, 1, 10);
  test.each([
    {
      dialect: "ISO, comma, °C",
      text: "time,celsius\n2026-05-01T10:00:00Z,1.5\n2026-05-01T10:10:00Z,1.6\n",
      unit: "C",
    },
    {
      dialect: "day first, semicolon, decimal comma",
      text: "Datum;Temp °C\n01.05.2026 12:00;1,5\n01.05.2026 12:10;1,6\n",
      unit: "C",
    },
    {
      dialect: "month first, °F, twelve-hour clock",
      text: "Date,Time,Temperature (°F)\n05/01/2026,12:00 PM,34.7\n05/13/2025,12:10 AM,34.9\n",
      unit: "F",
    },
    {
      dialect: "row number, tab, date and time apart",
      text: "#\tDate\tTime\tCh1\n1\t2026-05-01\t12:00:00\t1.5\n2\t2026-05-01\t12:10:00\t1.5\n3\t2026-05-01\t12:20:00\t1.4\n",
      unit: "C",
    },
    { dialect: "Unix seconds, no head", text: `${first / 1000},1.5\n${first / 1000 + 600},1.6\n`, unit: "C" },
    { dialect: "unit in the cell", text: "when,value\n2026-05-01 12:00,1.5 °C\n2026-05-01 12:10,1.6 °C\n", unit: "C" },
  ])("$dialect", ({ text, unit }) => {
    const { readings, problems, unit: found } = read(text);
    expect(found).toBe(unit);
    expect(problems).toEqual([]);
    const there = readings.find(({ atMs }) => atMs === first);
    expect(there?.celsius).toBeCloseTo(1.5, 3);
  });
  test("twice, out of order, bad and ahead: each counted or named by its line", () => {
    const { readings, problems, duplicates, outOfOrder } = read(
      "time,temp\n2026-05-01 12:10,1.6\n2026-05-01 12:00,1.5\n2026-05-01 12:00,1.5\n2026-05-01 12:20,warm\nnever,1\n2027-01-01 00:00,1\n2026-05-01 12:30,450\n",
    );
    expect(readings.map(({ celsius }) => celsius)).toEqual([1.5, 1.6]);
    expect({ duplicates, outOfOrder }).toEqual({ duplicates: 1, outOfOrder: 2 });
    expect(problems.map(({ line }) => line)).toEqual([5, 6, 7, 8]);
  });
  test("a day of the spring change is read by the house's clock", () => {
    const { readings } = read("time,temp\n2026-03-29 01:30,1\n2026-03-29 03:30,2\n");
    expect(readings[1]!.atMs - readings[0]!.atMs).toBe(3_600_000);
  });
  test("what the house writes reads back", () => {
    const rows = Array.from({ length: 50 }, (_, index) => [
      new Date(first + index * 600_000).toISOString(),
      String(index / 10),
    ]);
    expect(read(toCsv([["time", "celsius"], ...rows])).readings).toHaveLength(50);
  });
  test.each(["", "a,b\n1,2", "time,temp\n"])("nothing usable in %j is said, not thrown", (text) => {
    expect(readLoggerFile(text, ZONE, NOW).ok).toBe(false);
  });
});

test("advice: good rows in, bad rows by line", () => {
  const { rows, problems } = readAdviceCsv(
    "species,production,area,gear,body,rating,date\nTorsk,wild,27.4.a,Longline,Skerry Advice Board,best,2026-03-02\ncod,,,,Board,fine,2026-03-02\n",
  );
  expect(rows).toMatchObject([{ speciesId: "cod", production: "wild", rating: "best" }]);
  expect(problems).toMatchObject([{ line: 3, reason: expect.stringMatching(/best, acceptable or avoid/) }]);
});

// clocks go back on 25 October 2026 at 03:00 and forward on 29 March at 02:00 (IANA time zone database, Europe/Stockholm)
describe("a logger on the night the clocks change", () => {
  const NIGHT = "Europe/Stockholm";
  const read = (rows: readonly string[], nowMs = Date.UTC(2026, 11, 1)) => {
    const found = readLoggerFile(
      `time,celsius\n${rows.map((time, index) => `${time},${index / 10}`).join("\n")}\n`,
      NIGHT,
      nowMs,
    );
    if (!found.ok) throw new Error(found.error.code);
    return found.value;
  };
  const autumn = ["01:30", "02:00", "02:30", "02:00", "02:30", "03:00"].map((time) => `2026-10-25 ${time}`);

  test("the hour that comes twice is read twice, forwards and backwards", () => {
    for (const rows of [autumn, autumn.toReversed()]) {
      const { readings, duplicates } = read(rows);
      expect(duplicates).toBe(0);
      expect(readings.map(({ atMs }) => (atMs - readings[0]!.atMs) / 60_000)).toEqual([0, 30, 60, 90, 120, 150]);
    }
  });

  test("a row twice in that hour is still a row twice", () => {
    const { readings, duplicates } = read([autumn[0]!, autumn[1]!, autumn[1]!, autumn[2]!]);
    expect([readings.length, duplicates]).toEqual([3, 1]);
  });

  test("a time that was left out in spring is named, the others stand", () => {
    const { readings, problems } = read(["2026-03-29 01:30", "2026-03-29 02:30", "2026-03-29 03:30"]);
    expect(readings).toHaveLength(2);
    expect(english(problems)).toEqual([
      { line: 3, text: expect.any(String), reason: expect.stringMatching(/clocks went forward/) },
    ]);
    expect((readings[1]!.atMs - readings[0]!.atMs) / 60_000).toBe(60);
  });
});
