import { findSpecies } from "@/core/species";
import { drawSheet, loadOf, planSheet, rankSheet, requestOf, sheetRows, type SheetRequest } from "../plan";
import { codQuestion } from "../plan/question.testkit";
import { estimateSheet } from "./estimateSheet";
import { english } from "@/words/english.testkit";

const question = codQuestion();
function drawn(part: Partial<SheetRequest> = {}) {
  const found = drawSheet({ ...question, ...part });
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
}

test("what is drawn is what is planned and kept, stage by stage", () => {
  const { plan, trace, stageNames, cutFace } = drawn();
  const kept = planSheet(question);
  if (!kept.ok) throw new Error(kept.error.code);
  expect(plan).toEqual(kept.value);
  expect(stageNames).toHaveLength(plan.stageSeconds.length);
  // from the moment it goes in to a minute past serving
  expect(trace[0]!.timeS).toBe(0);
  expect(trace.at(-1)!.timeS).toBeCloseTo(plan.serveS + 60, 3);
  for (const [index, { timeS }] of trace.entries())
    if (index > 0) expect(timeS).toBeGreaterThan(trace[index - 1]!.timeS);
  const warmest = Math.max(...trace.map(({ centreC }) => centreC));
  expect(Math.abs(warmest - plan.peakC)).toBeLessThan(0.3);
  expect(cutFace.rows * cutFace.columns).toBe(cutFace.opaque.length);
});

test("the drawing of a long cook is no longer than of a short one", () => {
  const octopus = findSpecies("octopus")!;
  const { trace, plan } = drawn({
    speciesId: octopus.id,
    methodId: "simmer-char",
    shape: { kind: "cylinder", diameterMm: 40 },
    skin: false,
  });
  expect(plan.serveS).toBeGreaterThan(2400);
  expect(trace.length).toBeLessThan(160);
});

test("a fish nobody knows is said, in every question; one the house has added is known", () => {
  const unknown = { ...question, speciesId: "kraken" };
  const words = /not in the table/;
  expect(requestOf(unknown)).toBeNull();
  for (const answer of [
    drawSheet(unknown),
    planSheet(unknown),
    rankSheet(unknown),
    sheetRows(unknown, [20]),
    estimateSheet({ sheet: unknown, plannedS: [], taken: [0], readings: [] }),
  ])
    expect(english(answer)).toMatchObject({ ok: false, error: expect.stringMatching(words) as string });
  const own = { ...findSpecies("cod")!, id: "kraken" };
  expect(requestOf({ ...unknown, own: [own] })?.species.id).toBe("kraken");
});

test("the stove's answers go through plain data and back unharmed, as the worker sends them", () => {
  const { plan, trace } = drawn();
  expect(JSON.parse(JSON.stringify(trace))).toEqual(trace);
  expect(JSON.parse(JSON.stringify(plan))).toEqual(plan);
});

test("ways of a question are the ways of its request; lines of a sheet come one at a time", () => {
  const ranked = rankSheet(question);
  if (!ranked.ok) throw new Error(ranked.error.code);
  expect(new Set(ranked.value.map(({ methodId }) => methodId)).size).toBe(ranked.value.length);
  expect(ranked.value.some(({ methodId }) => methodId === question.methodId)).toBe(true);
  const rows = sheetRows(question, [18, 24, 30]);
  if (!rows.ok) throw new Error(rows.error.code);
  expect(rows.value.next().value).toMatchObject({ thicknessMm: 18 });
  expect([...rows.value].map(({ thicknessMm }) => thicknessMm)).toEqual([24, 30]);
});

test("a pan load: the thickest go in first, folded ones as the pan sees them", () => {
  const pieces = [
    { massG: 100, maxThicknessMm: 20 },
    { massG: 120, maxThicknessMm: 30 },
    { massG: 110, maxThicknessMm: 12, cookThicknessMm: 24 },
  ];
  expect(loadOf(pieces, 2)).toEqual({ pieceG: 115, thicknessMm: 27, thinnestMm: 24, thickestMm: 30 });
  expect(loadOf(pieces, 9)?.thinnestMm).toBe(20);
  expect(loadOf([], 3)).toBeNull();
});
