import { findSpecies } from "@/core/species";
import { chanceOf, isAirFilm, shiftedFilms, UNSURE } from "./chance";
import { COEFFICIENTS, USUAL_FILMS, type FilmId } from "../model";
import { findTimes } from "./findTimes";
import { jobOf } from "./request";

const FILMS = Object.keys(COEFFICIENTS) as FilmId[];

const job = jobOf({
  species: findSpecies("cod")!,
  shape: { kind: "slab", thicknessMm: 28 },
  skin: true,
  startC: 8,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 52 },
  ruleSetId: "eu-853",
});
const found = findTimes(job);
if (!found.ok) throw new Error(found.error.message.code);
const { programme, seconds } = found.value;

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
  const chance = (judge: (peakC: number) => boolean, learned = false) =>
    chanceOf(programme, seconds, ({ peakC }) => judge(peakC), learned);
  const near = (peakC: number) => Math.abs(peakC - 52) < 3;
  expect(chance(near)).toEqual(chance(near));
  const { lowC, highC } = chance(near);
  expect(lowC).toBeLessThan(52);
  expect(highC).toBeGreaterThan(52);
  expect(chance(() => true).inBand).toBe(1);
  expect(chance(() => false).inBand).toBe(0);
  const learned = chance(near, true);
  expect(learned.highC - learned.lowC).toBeLessThan(highC - lowC);
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
  const { lowC, highC } = chanceOf(programme, seconds, () => true, false);
  // nine of ten of a normal spread lie within 3.29 standard deviations
  expect((highC - lowC) / (3.29 * sigmaK)).toBeGreaterThan(0.6);
  expect((highC - lowC) / (3.29 * sigmaK)).toBeLessThan(1.4);
});
