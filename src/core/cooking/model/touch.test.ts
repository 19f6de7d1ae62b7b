import { STEFAN_BOLTZMANN } from "@/core/heat";
import { saturationPa, wetBulbC } from "@/core/matter";
import { USUAL_FILMS } from "./station";
import { filmOf, newFilm, type FaceNow, type Touch } from "./touch";

const SEALED: FaceNow = { surfaceC: 60, wetShare: 0, openShare: 0 };
const film = (touch: Touch, face: FaceNow = SEALED, vesselC = 180, sinceS = 0) => {
  const out = newFilm();
  filmOf(touch, face, USUAL_FILMS, vesselC, sinceS, out);
  return out;
};
const fluxOf = (touch: Touch, face: FaceNow) => {
  const { hWPerM2K, ambientC } = film(touch, face);
  return hWPerM2K * (ambientC - face.surfaceC);
};

test("on the metal: the contact and the metal's temperature, all of it on the vessel", () => {
  expect(film({ on: "vessel", film: "panSkin" })).toMatchObject({
    hWPerM2K: USUAL_FILMS.panSkin,
    ambientC: 180,
    vesselShare: 1,
  });
});

test("a mixed face has the conductances' sum and their mean temperature; only its part draws on the vessel", () => {
  const mixed = film({
    on: "mix",
    of: [
      [0.3, { on: "vessel", film: "panFlesh" }],
      [0.7, { on: "air", film: "ovenDry", airC: 100, kind: "oven" }],
    ],
  });
  const [metal, air] = [0.3 * USUAL_FILMS.panFlesh, 0.7 * USUAL_FILMS.ovenDry];
  expect(mixed.hWPerM2K).toBeCloseTo(metal + air, 9);
  expect(mixed.ambientC).toBeCloseTo((metal * 180 + air * 100) / (metal + air), 9);
  expect(mixed.vesselFilm).toBeCloseTo(metal, 9);
});

test("a glow gives what Stefan and Boltzmann's law says, and more the more of it is seen", () => {
  const face: FaceNow = { surfaceC: 70, wetShare: 0, openShare: 0 };
  const at = (view: number) => fluxOf({ on: "glow", sourceC: 700, view, airC: 70 }, face);
  // emissivity 0.9; the air as warm as the face gives nothing
  expect(at(0.3)).toBeCloseTo(0.9 * 0.3 * STEFAN_BOLTZMANN * (973.15 ** 4 - 343.15 ** 4), 6);
  expect(at(0.6)).toBeCloseTo(2 * at(0.3), 6);
});

test("a wet face in dry air loses heat until it is at its wet bulb (Lewis relation)", () => {
  const wet = (surfaceC: number): FaceNow => ({ surfaceC, wetShare: 1, openShare: 1 });
  // moving air carries all of the coefficient: 15 of 25 W/m²K in the oven, so the balance lies above the bare wet bulb
  const oven = (surfaceC: number) => fluxOf({ on: "air", film: "ovenDry", airC: 120, kind: "oven" }, wet(surfaceC));
  let [low, high] = [20, 100];
  for (let halving = 0; halving < 40; halving++) {
    const middle = (low + high) / 2;
    if (oven(middle) > 0) low = middle;
    else high = middle;
  }
  // an oven the food has moistened: dew point 60 °C
  const bulb = wetBulbC(120, saturationPa(60) / saturationPa(120));
  expect(low).toBeGreaterThan(bulb);
  expect(low).toBeLessThan(bulb + 8);
});

test("steam that has to fill the parcel comes up in its time and stays", () => {
  const at = (sinceS: number) =>
    film({ on: "steam", film: "parcel", toC: 100, rampS: 120 }, SEALED, 0, sinceS).ambientC;
  expect(at(0)).toBeCloseTo(25, 9);
  expect(at(60)).toBeCloseTo(62.5, 9);
  expect(at(120)).toBeCloseTo(100, 9);
  expect(at(600)).toBeCloseTo(100, 9);
});

test("fat spooned over a face brings its heat for its share of the time", () => {
  const { ambientC, hWPerM2K } = film({ on: "baste", fatC: 140, share: 0.5 });
  expect(hWPerM2K).toBeGreaterThan(0.5 * USUAL_FILMS.baste);
  expect(ambientC).toBeLessThan(140);
  expect(ambientC).toBeGreaterThan(60);
});

test("a closed face gives and takes nothing, and divides by no zero", () => {
  const closed = film({ on: "nothing" });
  expect(closed.hWPerM2K * (closed.ambientC - SEALED.surfaceC)).toBe(0);
  expect(closed.hWPerM2K).toBeGreaterThan(0);
});
