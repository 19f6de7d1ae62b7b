import { wetBulbC } from "@/core/matter";
import { findSpecies } from "@/core/species";
import { heldFrom, holdHot, keepsMin, SERVED_FROM_C, type HoldQuestion, type HoldWayId } from "./hotHold";
import { said } from "@/core/shared";

const cod = findSpecies("cod")!;
const question: HoldQuestion = {
  group: cod.donenessGroup,
  composition: cod.compositionPct,
  shape: { kind: "slab", thicknessMm: 30 },
  pieceG: 170,
  fromC: 62,
  holdC: 65,
  ruleSetId: "fda-2022",
  usedMin: 0,
};
const heldIn = (id: HoldWayId, part: Partial<HoldQuestion> = {}) =>
  holdHot({ ...question, ...part }).find(({ way }) => way.id === id)!;
const at = ({ trace }: ReturnType<typeof heldIn>, minutes: number) => trace[minutes]!;

test("in a liquid it comes to the liquid's temperature; the centre never passes it", () => {
  const held = heldIn("liquid");
  expect(at(held, 240)[2]).toBeCloseTo(65, 0);
  for (const [, , centreC] of held.trace) expect(centreC).toBeLessThanOrEqual(65 + 0.01);
});

test("wet flesh in dry air settles near the wet bulb of the cabinet, far under its setting", () => {
  // psychrometry: air at 80 °C with the dew point of a kitchen has its wet bulb near 33 °C; radiation from the walls lifts the face
  const held = heldIn("dry", { holdC: 80 });
  expect(at(held, 240)[2]).toBeLessThan(60);
  expect(at(held, 240)[2]).toBeGreaterThan(wetBulbC(80, 0.04));
  expect(held.hotUntilMin).not.toBeNull();
  expect(at(heldIn("moist", { holdC: 80 }), 240)[2]).toBeGreaterThan(at(held, 240)[2] + 5);
});

test("on the pass it falls below hot holding within minutes, the thin piece before the thick one", () => {
  const thin = heldIn("pass", { shape: { kind: "slab", thicknessMm: 12 } });
  const thick = heldIn("pass", { shape: { kind: "slab", thicknessMm: 45 } });
  expect(thin.hotUntilMin!).toBeLessThanOrEqual(thick.hotUntilMin!);
  const cool = ({ trace }: typeof thin) => trace.findIndex(([, , centreC]) => centreC < SERVED_FROM_C);
  expect(cool(thin)).toBeLessThan(cool(thick) / 2);
  expect(thin).toMatchObject({ ends: "cold", asCookedMin: cool(thin) });
});

test("fish cooked under the line is out by the clock in every way, minutes before counted in", () => {
  for (const { outAfterMin, hotUntilMin } of holdHot({ ...question, fromC: 52, usedMin: 30 })) {
    expect(hotUntilMin).toBe(0);
    expect(outAfterMin).toBeCloseTo(210, 6);
  }
});

test("what is held hot enough goes on cooking: a flaking piece is done in warm butter before it is out", () => {
  const held = heldIn("liquid", { fromC: 53 });
  expect(held.ends).toBe("done");
  expect(held.asCookedMin!).toBeLessThan(heldIn("moist", { fromC: 53 }).asCookedMin!);
});

test("the ways come by how long they keep both the dish and the rule", () => {
  const kept = holdHot(question).map(keepsMin);
  expect(kept).toEqual([...kept].sort((a, b) => b - a));
});

test("drying is counted: open on a plate loses more than a moist cabinet", () => {
  expect(heldIn("lamp").lossIn30Pct).toBeGreaterThan(heldIn("moist").lossIn30Pct);
});

test("what a cook brings along: a reading of its last stage or the plan, never one from the middle of the cook", () => {
  const stage = {
    id: "s",
    name: "S",
    seconds: 60,
    face: "none",
    do: said("shared.nothing"),
    cue: said("shared.nothing"),
    heat: true,
    probeC: 50,
  } as const;
  const plan = { stages: [stage, stage, stage], peakC: 55, restPeakC: 54, dangerMin: 6 };
  const read = (stageIndex: number, centreC: number) => ({ atMs: 0, centreC, stageIndex });
  const ended = { endedAtMs: 0, probes: [read(0, 26)] };
  expect(heldFrom(plan, ended, 0)).toEqual({ fromC: 54, usedMin: 6 });
  expect(heldFrom(plan, { ...ended, probes: [read(0, 26), read(2, 52.5)] }, 0).fromC).toBe(52.5);
  // a quarter of an hour on the pass since
  expect(heldFrom(plan, ended, 15 * 60_000).usedMin).toBeCloseTo(21, 9);
  // plans of the first houses did not say what the rest reaches
  expect(heldFrom({ stages: plan.stages, peakC: 55 }, ended, 0)).toEqual({ fromC: 55, usedMin: 0 });
});
