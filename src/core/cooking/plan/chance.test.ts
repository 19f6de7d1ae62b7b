import { normalQuantile } from "@/core/numeric";
import { findSpecies } from "@/core/species";
import { chanceOf, isAirFilm, shiftedFilms, UNSURE, type Trial } from "./chance";
import { COEFFICIENTS, USUAL_FILMS, type FilmId } from "../model";
import { findTimes } from "./findTimes";
import { jobOf, type CookRequest } from "./request";

const FILMS = Object.keys(COEFFICIENTS) as FilmId[];

const cod: CookRequest = {
  species: findSpecies("cod")!,
  shape: { kind: "slab", thicknessMm: 28 },
  skin: true,
  startC: 8,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 52 },
  ruleSetId: "eu-853",
};
function timesOf(request: CookRequest) {
  const found = findTimes(jobOf(request));
  if (!found.ok) throw new Error(found.error.message.code);
  return found.value;
}
const { job, programme, seconds } = timesOf(cod);

function chanceAt(request: CookRequest, inBand: (trial: Trial) => boolean, learned = false) {
  const { programme: cook, seconds: times } = timesOf(request);
  return chanceOf({ programme: cook, seconds: times, learned }, inBand, cook.outcome(times));
}

test.each(FILMS)("%s: two standard deviations either way are about the ends of its published range", (id) => {
  const { value, low, high } = COEFFICIENTS[id];
  const at = (z: number) => shiftedFilms(USUAL_FILMS, z, z)[id];
  // the range is kept as a ratio: four standard deviations of its logarithm from end to end
  expect(at(2) / at(-2)).toBeCloseTo(high / low, 9);
  expect(at(0)).toBe(value);
});

test("vessel and air move apart from each other, each kind together", () => {
  const moved = shiftedFilms(USUAL_FILMS, 1, 0);
  for (const id of FILMS)
    if (isAirFilm(id)) expect(moved[id]).toBe(USUAL_FILMS[id]);
    else expect(moved[id]).toBeGreaterThan(USUAL_FILMS[id]);
});

test("what was learned here is known better", () => {
  const spread = (learned: boolean) => {
    const at = (z: number) => shiftedFilms(USUAL_FILMS, z, z, learned).panSkin;
    return at(2) / at(-2);
  };
  expect(spread(true)).toBeLessThan(spread(false));
  expect(spread(true)).toBeGreaterThan(1);
});

test("the same question has the same answer; the plan lies between the ends; all or none land where the judge says so", () => {
  const chance = (judge: (peakC: number) => boolean) => chanceAt(cod, ({ peakC }) => judge(peakC));
  const near = (peakC: number) => Math.abs(peakC - 52) < 3;
  expect(chance(near)).toEqual(chance(near));
  const { lowC, highC } = chance(near);
  expect(lowC).toBeLessThan(52);
  expect(highC).toBeGreaterThan(52);
  expect(chance(() => true).inBand).toBe(1);
  expect(chance(() => false).inBand).toBe(0);
});

test("what was learned here narrows the spread where the coefficients make it: under a glow", () => {
  const spreadK = (learned: boolean) => {
    const { lowC, highC } = chanceAt({ ...cod, methodId: "broil" }, () => true, learned);
    return highC - lowC;
  };
  expect(spreadK(true)).toBeLessThan(0.9 * spreadK(false));
});

// the plain way, nothing left out: every trial is cooked, drawn by multiples of irrational numbers (Weyl 1916)
test.each<[string, Partial<CookRequest>]>([
  ["a slab on skin", {}],
  ["a slab off the ice, which is not frozen for being read a little wrong", { startC: 0.5 }],
  ["a slab in deep fat", { methodId: "deep-fry" }],
  ["a slab under a glow", { methodId: "broil" }],
  ["from frozen", { startC: -18 }],
  [
    "from frozen, with ice left in the middle of some when they leave the heat",
    { startC: -18, methodId: "butter-poach" },
  ],
])("read off the response between nine cooks it is what cooking every trial says: %s", (_, change) => {
  const { job: of, programme: cook, seconds: times } = timesOf({ ...cod, ...change });
  const { piece, films } = of.setup;
  const sigmaMm = Math.hypot(UNSURE.thicknessMm, UNSURE.thicknessShare * 28);
  const count = 250;
  const trials = Array.from({ length: count }, (__, index) => {
    const normal = (prime: number) => normalQuantile(((index + 1) * Math.sqrt(prime)) % 1);
    const shape = { kind: "slab", thicknessMm: 28 + sigmaMm * normal(2) } as const;
    const read = piece.startC + UNSURE.startK * normal(3);
    const startC = piece.startC < -1.1 ? read : Math.max(-1.1, read);
    const setup = { ...of.setup, films: shiftedFilms(films, normal(5), normal(7)), piece: { ...piece, shape, startC } };
    return cook.outcome(times, setup).peakC;
  }).sort((a, b) => a - b);
  const near = (peakC: number) => Math.abs(peakC - 52) < 3;
  const { lowC, highC, inBand } = chanceAt({ ...cod, ...change }, ({ peakC }) => near(peakC));
  expect(Math.abs(inBand - trials.filter(near).length / count)).toBeLessThan(0.06);
  const spreadK = trials[Math.round(0.95 * count)]! - trials[Math.round(0.05 * count)]!;
  expect(Math.abs(lowC - trials[Math.round(0.05 * count)]!)).toBeLessThan(0.1 * spreadK);
  expect(Math.abs(highC - trials[Math.round(0.95 * count)]!)).toBeLessThan(0.1 * spreadK);
});

test("the spread of centres is of the size its causes make: thickness, start and coefficients one by one", () => {
  const centreWith = (change: Partial<typeof job.setup>) =>
    programme.outcome(seconds, { ...job.setup, ...change }).peakC;
  const { piece } = job.setup;
  const sigmaMm = Math.hypot(UNSURE.thicknessMm, UNSURE.thicknessShare * 28);
  const half = (high: number, low: number) => Math.abs(high - low) / 2;
  const withMm = (mm: number) => centreWith({ piece: { ...piece, shape: { kind: "slab", thicknessMm: 28 + mm } } });
  const withStart = (kelvin: number) => centreWith({ piece: { ...piece, startC: 8 + kelvin } });
  const withFilms = (vesselZ: number, airZ: number) =>
    centreWith({ films: shiftedFilms(job.setup.films, vesselZ, airZ) });
  // independent causes add up as squares (first order)
  const sigmaK = Math.hypot(
    half(withMm(sigmaMm), withMm(-sigmaMm)),
    half(withStart(UNSURE.startK), withStart(-UNSURE.startK)),
    half(withFilms(1, 0), withFilms(-1, 0)),
    half(withFilms(0, 1), withFilms(0, -1)),
  );
  const { lowC, highC } = chanceAt(cod, () => true);
  // nine of ten of a normal spread lie within 3.29 standard deviations
  expect((highC - lowC) / (3.29 * sigmaK)).toBeGreaterThan(0.6);
  expect((highC - lowC) / (3.29 * sigmaK)).toBeLessThan(1.4);
});
