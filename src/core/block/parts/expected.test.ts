import { FORMS } from "@/core/freshness";
import { findSpecies, SPECIES } from "@/core/species";
import type { Part } from "./anatomy";
import { breakdownsFor, expectedParts } from "./expected";
import { compareYields } from "./yieldRecord";

const usual = (speciesId: string, form: Parameters<typeof breakdownsFor>[1], breakdownId?: string): readonly Part[] => {
  const species = findSpecies(speciesId)!;
  const ways = breakdownsFor(species, form);
  const way = breakdownId ? ways.find(({ id }) => id === breakdownId)! : ways[0]!;
  return expectedParts(way, species, form);
};
const pct = (parts: readonly Part[], id: string) => parts.find((part) => part.id === id)!.pct[1];

test.each([
  // Torry Advisory Note 17 and FAO Fisheries Technical Paper 309 (memory, high)
  { what: "cod, skin-on sides", parts: usual("cod", "whole-gutted"), id: "sides", grams: [6000, 3000, 240] },
  // Crapo, Paust and Babbitt 1993 (memory, medium)
  {
    what: "salmon, skinless",
    parts: usual("atlantic-salmon", "whole-gutted", "salmonid-skinless"),
    id: "sides",
    grams: [5000, 2850, 200],
  },
  // common practice (medium)
  {
    what: "turbot, four skinless fillets",
    parts: usual("turbot", "whole-gutted"),
    id: "fillets",
    grams: [4000, 1440, 200],
  },
  { what: "monkfish, to loins", parts: usual("monkfish", "whole-gutted"), id: "loins", grams: [8000, 2070, 300] },
  { what: "tuna loin, to blocks", parts: usual("yellowfin-tuna", "loin"), id: "blocks", grams: [4000, 2560, 200] },
  { what: "European lobster, tail", parts: usual("european-lobster", "live"), id: "tail", grams: [600, 84, 12] },
  { what: "king scallops for 10 covers", parts: usual("king-scallop", "live"), id: "muscles", grams: [6430, 900, 170] },
  {
    what: "mussels, cooked meat",
    parts: usual("mussel", "live", "mussel-meat"),
    id: "meats",
    grams: [10_000, 2500, 700],
  },
  { what: "octopus, cleaned", parts: usual("octopus", "raw-whole"), id: "octopus", grams: [8470, 7200, 900] },
])("$what: $grams", ({ parts, id, grams: [whole, expected, room] }) => {
  expect(Math.abs((whole! * pct(parts, id)) / 100 - expected!)).toBeLessThanOrEqual(room!);
});

test("squid cleaned skin-on: 3.0 kg whole gives 2.25 kg (Crapo et al. 1993, memory, medium)", () => {
  const parts = usual("squid", "raw-whole");
  const cleaned = ["tube", "wings", "tentacles", "strips"].reduce((sum, id) => sum + pct(parts, id), 0);
  expect(Math.abs(30 * cleaned - 2250)).toBeLessThan(150);
});

test("prawns head-on to peeled, 5.0 kg: 2.60 kg; tails: four fifths (Lynch 2012, memory, high)", () => {
  expect(Math.abs(50 * pct(usual("warm-water-prawn", "raw-whole"), "meat") - 2600)).toBeLessThan(200);
  expect(pct(usual("warm-water-prawn", "tails"), "meat")).toBe(80);
});

test("for every species and form: low ≤ usual ≤ high, never more than the whole, every kept part named, its form known", () => {
  let ways = 0;
  for (const species of SPECIES)
    for (const { id: form } of FORMS)
      for (const way of breakdownsFor(species, form)) {
        ways++;
        const parts = expectedParts(way, species, form);
        const sum = parts.reduce((total, part) => total + part.pct[1], 0);
        expect(sum).toBeLessThanOrEqual(100.001);
        expect(sum).toBeGreaterThan(60);
        expect(new Set(parts.map(({ id }) => id)).size).toBe(parts.length);
        for (const part of parts) {
          expect(part.pct[0]).toBeLessThanOrEqual(part.pct[1] + 1e-9);
          expect(part.pct[1]).toBeLessThanOrEqual(part.pct[2] + 1e-9);
          expect(part.source).toMatch(/\w/);
          expect(part.source).not.toMatch(/\[object|undefined/);
        }
        const kept = way.steps.flatMap(({ keep }) => keep);
        for (const { id } of way.parts) expect(kept).toContain(id);
      }
  expect(ways).toBeGreaterThan(120);
});

test("a headed fish gives no head; an ungutted one gives less of everything and its guts", () => {
  expect(usual("cod", "headed-gutted").some(({ id }) => id === "head" || id === "cheeks")).toBe(false);
  expect(pct(usual("cod", "headed-gutted"), "sides")).toBeGreaterThan(pct(usual("cod", "whole-gutted"), "sides"));
  expect(pct(usual("cod", "whole-ungutted"), "sides")).toBeCloseTo(
    0.85 * pct(usual("cod", "whole-gutted"), "sides"),
    6,
  );
  expect(pct(usual("cod", "whole-ungutted"), "guts")).toBeGreaterThan(5);
});

describe("expected against actual", () => {
  const expected: readonly Part[] = [
    { id: "sides", label: "Sides", pct: [46, 50, 54], use: "portions", form: "side", source: "test" },
  ];
  const fish = (...pcts: number[]) => pcts.map((one) => ({ partId: "sides", massG: one * 20, wholeG: 2000 }));

  test("mean by weight, spread, verdict", () => {
    const [read] = compareYields(expected, [
      { partId: "sides", massG: 900, wholeG: 2000 },
      { partId: "sides", massG: 400, wholeG: 1000 },
    ]);
    expect(read).toMatchObject({ times: 2, meanPct: expect.closeTo(43.333, 3), verdict: "low" });
    expect(read!.spreadPct).toBeCloseTo(Math.SQRT2 * 2.5, 6);
  });

  test("one fish moves the house's figure a little, ten make it nearly its own (normal prior and data, exact)", () => {
    const [one] = compareYields(expected, fish(44));
    // equal spreads: half way
    expect(one!.housePct).toBeCloseTo(47, 6);
    const [ten] = compareYields(expected, fish(43.5, 44.5, 44, 43.6, 44.4, 44, 43.8, 44.2, 44, 44));
    expect(Math.abs(ten!.housePct - 44)).toBeLessThan(0.1);
    expect(ten!.houseSpreadPct).toBeLessThan(one!.houseSpreadPct);
  });

  test("a part nobody expects is shown without a verdict; a part not weighed not at all", () => {
    expect(compareYields(expected, [{ partId: "roe", massG: 30, wholeG: 1000 }])).toMatchObject([
      { partId: "roe", verdict: "no figure", expectedPct: null },
    ]);
  });
});
