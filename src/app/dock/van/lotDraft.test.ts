import { edibleCost } from "@/core/block";
import { schemeFor } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { formatFor } from "@/words/format/format";
import { emptyDraft, inputOf, lackOf, readDraft, withSpecies, type LotDraft } from "./lotDraft";
import { NewLotInput } from "../schema";

const NOW = Date.UTC(2026, 4, 12, 12);
const metric = formatFor("metric");
const about = { ruleSetId: "eu-853", nowMs: NOW, format: metric, advice: [] } as const;
const char = findSpecies("arctic-char")!;

const whole = (part: Partial<LotDraft> = {}): LotDraft => ({
  ...withSpecies(emptyDraft("room"), char),
  production: "farmed",
  area: "Kvitlomma",
  gear: "Land tank",
  source: "Tank 4",
  caughtOn: "2026-05-11",
  mass: 6,
  pricePerKg: 14,
  receipt: 1.5,
  grades: Object.fromEntries(
    schemeFor(findSpecies("arctic-char")!, "whole-gutted").attributes.map(({ id }) => [id, 0 as const]),
  ),
  ...part,
});

const judged = (draft: LotDraft) => (draft.speciesId ? readDraft(draft, char, about).judgement : null);

test.each([
  { part: { speciesId: null }, lack: /Which fish/ },
  { part: { mass: null }, lack: /weigh/ },
  { part: { pricePerKg: null }, lack: /kilo cost/ },
  { part: { receipt: null }, lack: /Probe it/ },
  { part: { area: " " }, lack: /caught or reared/ },
  { part: { gear: "" }, lack: /How was it/ },
  { part: { source: "" }, lack: /boat or farm/ },
  { part: { placeId: null }, lack: /Where does it go/ },
  { part: { grades: {} }, lack: /Still to look at: gill, smell/ },
])("without $part it asks $lack", ({ part, lack }) => {
  expect(lackOf(whole(part), judged(whole(part)))?.words).toMatch(lack);
});

test("nothing lacks in a whole draft, and the server takes what it sends", () => {
  const draft = whole({ statedMass: 6.2, provenance: { supplierLot: "A1" } });
  expect(lackOf(draft, judged(draft))).toBeNull();
  const sent = NewLotInput.parse(inputOf(draft, metric));
  expect(sent).toMatchObject({ massG: 6000, statedMassG: 6200, receiptC: 1.5, provenance: { supplierLot: "A1" } });
});

test("an imperial house types pounds and °F, the core gets grams and °C", () => {
  const imperial = formatFor("imperial");
  const sent = NewLotInput.parse(inputOf(whole({ mass: 10, receipt: 35 }), imperial));
  expect(sent.massG).toBeCloseTo(4535.9, 1);
  expect(sent.receiptC).toBeCloseTo(1.667, 3);
});

test("a species brings its usual form and drops grades that belonged to another check", () => {
  const crab = findSpecies("brown-crab")!;
  expect(withSpecies(whole(), crab)).toMatchObject({ speciesId: "brown-crab", form: "live", grades: {} });
  expect(withSpecies(whole(), findSpecies("snow-crab")!)).toMatchObject({ form: "cooked", frozen: true });
  expect(withSpecies(emptyDraft(null), findSpecies("atlantic-salmon")!).production).toBe("farmed");
});

test("what the desk says of a draft: verdict, cost, papers, short weight", () => {
  const read = readDraft(whole({ statedMass: 6.3 }), char, about);
  expect(read.judgement.verdict).toBe("accept");
  expect(read.cost).toEqual(edibleCost(char, "whole-gutted", 1400));
  expect(read.papers.missing.map(({ id }) => id)).toContain("supplierLot");
  expect(read.shortPct).toBeCloseTo(4.76, 2);
  expect(readDraft(whole({ statedMass: 6.05 }), char, about).shortPct).toBeNull();
  expect(readDraft(whole({ pricePerKg: null }), char, about).cost).toBeNull();
});

test("a catch date too long ago refuses, a death count of a tenth and more refuses", () => {
  expect(readDraft(whole({ caughtOn: "2026-04-20" }), char, about).judgement.verdict).toBe("refuse");
  const mussel = findSpecies("mussel")!;
  const lively = { ...withSpecies(whole(), mussel), grades: { closing: 0, smell: 0 } as const };
  const dead = { ...lively, caughtOn: "2026-05-11", provenance: { deaths: { dead: 12, counted: 100 } } };
  expect(readDraft(dead, mussel, about).judgement.verdict).toBe("refuse");
});

test("advice of the house stands beside the lot it fits", () => {
  const entry = {
    id: 1,
    speciesId: "arctic-char",
    production: null,
    area: "",
    gear: "Land tank",
    body: "Board",
    rating: "best",
    issuedOn: "2026-01-01",
    addedAtMs: 0,
  } as const;
  expect(readDraft(whole(), char, { ...about, advice: [entry] }).advice).toBe(entry);
  expect(readDraft(whole({ gear: "Net pen" }), char, { ...about, advice: [entry] }).advice).toBeNull();
});

describe("what the server refuses", () => {
  const good = inputOf(whole(), metric) as Record<string, unknown>;
  test.each([
    { what: "an unknown key", part: { lid: 1 }, message: /lid/ },
    { what: "no weight", part: { massG: 0 }, message: /weigh/ },
    { what: "two tonnes and more", part: { massG: 3e6 }, message: /two tonnes/ },
    { what: "a probe gone mad", part: { receiptC: 400 }, message: /probe/ },
    { what: "a date that is none", part: { caughtOn: "yesterday" }, message: /2026-03-31/ },
    { what: "more dead than counted", part: { provenance: { deaths: { dead: 5, counted: 2 } } }, message: /More dead/ },
    { what: "a form that does not exist", part: { form: "cube" }, message: /./ },
  ])("$what", ({ part, message }) => {
    const parsed = NewLotInput.safeParse({ ...good, ...part });
    expect(parsed.success).toBe(false);
    expect(parsed.error!.issues.map((issue) => issue.message).join()).toMatch(message);
  });
});
