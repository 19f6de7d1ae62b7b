import { LEDGER_LABELS, type LedgerEntry, type LedgerKind } from "@/core/trace";
import { openDatabase } from "@/db/connection";
import { entriesBetween } from "@/db/ledger";
import { makeDemoHouse } from "@/demo/house";
import { formatFor } from "@/words/format/format";
import { lineOf } from "./lineOf";

// also what no release wrote: a book is read whatever it says
const entry = (kind: LedgerKind, payload: Record<string, unknown>) =>
  ({
    seq: 1,
    atMs: 0,
    who: "Ylva",
    kind,
    lotId: null,
    batchId: null,
    cookId: null,
    correctsSeq: 7,
    payload,
    prevHash: "",
    hash: "abc",
  }) as LedgerEntry;

test.each([
  {
    kind: "lot-moved",
    payload: { code: "1-1", from: "Room", to: "Freezer", state: "frozen", was: "chilled" },
    line: "1-1 from Room to Freezer, now frozen",
  },
  {
    kind: "lot-moved",
    payload: { code: "1-1", to: "Room", state: "chilled", was: "chilled" },
    line: "1-1 from nowhere to Room",
  },
  {
    kind: "lot-split",
    payload: { code: "1-1", child: "1-1.1", massG: 800, place: "Drawer", note: "crudo" },
    line: "1-1.1 taken from 1-1, 800 g to Drawer: crudo",
  },
  {
    kind: "lot-wasted",
    payload: { code: "1-1", massG: 350, reason: "dropped", costCents: 412 },
    line: "1-1: 350 g thrown away, dropped, 4.12 lost",
  },
  { kind: "hold-read", payload: { code: "1-1", celsius: -21.5 }, line: "1-1: centre -21.5 °C" },
  { kind: "reading-typed", payload: { place: "Room", celsius: 1 }, line: "Room at 1.0 °C" },
  {
    kind: "excursion-answered",
    payload: { place: "Room", extremeC: 7.5, action: "shut the door", lots: ["1-1"] },
    line: "Room reached 7.5 °C: shut the door (1-1)",
  },
  {
    kind: "lot-broken-down",
    payload: {
      code: "1-1",
      wholeG: 2000,
      lossG: 40,
      parts: [
        { part: "Sides", massG: 1000 },
        { part: "Frame", massG: 960 },
      ],
    },
    line: "1-1: 2.00 kg apart into sides 1.00 kg, frame 960 g; 40 g lost",
  },
  {
    kind: "batch-prepared",
    payload: { code: "1-1/A", notes: [], startC: 9.25 },
    line: "1-1/A: as cut, 9.3 °C at the pan",
  },
  {
    kind: "recall-run",
    payload: { asked: "T-70", real: false, certain: 6, possible: 0, leftG: 3160, tookMs: 384 },
    line: "drill of T-70: 6 plates certain, 0 possible, 3.16 kg still here, found in 0.4 s",
  },
  { kind: "board-set", payload: { use: "raw-fish", colour: "blue" }, line: "blue for raw fish" },
  { kind: "board-washed", payload: { colour: "blue" }, line: "blue board washed" },
  { kind: "scale-set", payload: { name: "Bench", renewed: true }, line: "Bench, new key" },
  {
    kind: "lot-noted",
    payload: { code: "1-1", note: "tapped", amount: 2, outOf: 50 },
    line: "1-1: 2 of 50 dead at the tap",
  },
  {
    kind: "lot-noted",
    payload: { code: "1-1", note: "water", amount: 14 },
    line: "1-1: water 14.0 °C at harvest, says the dealer",
  },
  { kind: "lot-noted", payload: { code: "1-1", note: "roe", amount: 0 }, line: "1-1: bare muscle, roe off" },
  { kind: "lot-noted", payload: { code: "1-1", note: "probed", amount: 2.1 }, line: "1-1: fish probed at 2.1 °C" },
  {
    kind: "plates-served",
    payload: { code: "1-1", covers: 8, gramsPerCover: 70, dish: "raw", rule: "R 1", record: "the log" },
    line: "1-1: 8 plates of 70 g, raw; R 1, record: the log",
  },
  {
    kind: "pieces-counted",
    payload: { code: "1-1/A", count: 6, pieceG: 33, sizeMm: 25 },
    line: "1-1/A: 6 pieces of 33 g, 25 mm",
  },
  { kind: "probe-set", payload: { name: "Probe 1", renewed: false }, line: "Probe 1, added" },
  {
    kind: "station-learned",
    payload: { panId: "iron-26", vesselFactor: 0.874, airFactor: 1.1, cooks: 2, readings: 9 },
    line: "Cast iron, 26 cm: contact ×0.87, oven and air ×1.10, from 9 readings of 2 cooks",
  },
  { kind: "station-reset", payload: { panId: "iron-26" }, line: "Cast iron, 26 cm: back to the book's coefficients" },
  {
    kind: "lot-split",
    payload: { code: "1-1", child: "1-1.2", massG: 159, note: "Frame, to scrape" },
    line: "1-1.2 taken from 1-1, 159 g: Frame, to scrape",
  },
  {
    kind: "cook-started",
    payload: { batch: "1-1/A", pieces: 4, method: "butter-poach", targetC: 50 },
    line: "1-1/A: 4 pieces, butter-poached, centre to 50.0 °C",
  },
  {
    kind: "cook-started",
    payload: { batch: "1-1/A", pieces: 2, method: "simmer-char", targetC: null },
    line: "1-1/A: 2 pieces, simmered, cooled in its water, then charred",
  },
  {
    kind: "cook-finished",
    payload: { pieces: 4, plannedPeakC: 52, probedC: [51.4], meetsRule: false },
    line: "4 served, planned 52.0 °C, probed 51.4 °C; plan under the rule, advisory",
  },
  {
    kind: "hot-hold-started",
    payload: { title: "Cod ×4", fromC: 63, place: "Moist cabinet" },
    line: "Cod ×4 at 63.0 °C: moist cabinet",
  },
  { kind: "hot-hold-read", payload: { title: "Cod ×4", celsius: 58.2 }, line: "Cod ×4 reads 58.2 °C" },
  {
    kind: "hot-hold-ended",
    payload: { title: "Cod ×4", as: "thrown-away", minutes: 75, belowMin: 12 },
    line: "Cod ×4 thrown away after 75 min, 12 of them under hot holding",
  },
  { kind: "correction", payload: { note: "weighed again" }, line: "to entry 7: weighed again" },
] as const)("$kind: $line", ({ kind, payload, line }) => {
  expect(lineOf(entry(kind, payload), formatFor("metric"))).toMatchObject({ text: line, what: LEDGER_LABELS[kind] });
});

test("every entry of the demo house says something, and none of it is undefined", () => {
  const db = openDatabase(":memory:");
  const nowMs = Date.UTC(2026, 4, 12, 15);
  makeDemoHouse(db, nowMs);
  const seen = new Set<LedgerKind>();
  for (const found of entriesBetween(db, 0, nowMs + 1)) {
    seen.add(found.kind);
    const { text } = lineOf(found, formatFor("metric"));
    expect(text.length).toBeGreaterThan(5);
    expect(text).not.toMatch(/undefined|NaN|\[object/);
    // nothing left out in the middle of a sentence
    expect(text).not.toMatch(/ [:;,]|: $|\s{2}|, ,|\(\)/);
  }
  expect(seen.size).toBeGreaterThan(15);
});

test("a house in ounces, Fahrenheit and commas reads its book in them; what was sealed stays as it was", () => {
  const imperial = formatFor("imperial", "USD", null);
  const lot = entry("lot-wasted", { code: "1-1", massG: 350, reason: "dropped", costCents: 412 });
  expect(lineOf(lot, imperial).text).toMatch(/^1-1: 12\.3 oz thrown away/);
  expect(lineOf(entry("reading-typed", { place: "Room", celsius: 1 }), imperial).text).toBe("Room at 33.8 °F");
  expect(
    lineOf(entry("reading-typed", { place: "Room", celsius: 1.5 }), formatFor("metric", "EUR", "comma")).text,
  ).toBe("Room at 1,5 °C");
});

test.each(Object.keys(LEDGER_LABELS) as LedgerKind[])(
  "of %s, with nothing that an earlier release may not have said, no figure is made up",
  (kind) => {
    const { text } = lineOf(entry(kind, {}), formatFor("metric"));
    expect(text).not.toMatch(/NaN|undefined|null|\[object|Invalid/);
  },
);
