import { STEFAN_BOLTZMANN } from "@/core/heat";
import { kelvinFromC } from "@/core/units";
import { STATION, type FilmId, type Films } from "./station";
import { evaporationKgPerM2, type AirKind } from "./evaporation";

/** What lies against one face of a piece during a stage. */
export type Touch =
  | { readonly on: "nothing" }
  /** The metal, liquid or fat of the vessel. */
  | { readonly on: "vessel"; readonly film: FilmId }
  | { readonly on: "air"; readonly film: FilmId; readonly airC: number; readonly kind: AirKind }
  /** Fat at `fatC` spooned over the face for a share of the time, air for the rest. */
  | { readonly on: "baste"; readonly fatC: number; readonly share: number }
  /** A glowing source that fills `view` of what the face sees, and the air before it. */
  | {
      readonly on: "glow";
      readonly sourceC: number;
      readonly view: number;
      readonly airC: number;
      readonly kind?: AirKind;
    }
  /** Vapour that reaches `toC` within `rampS`. */
  | { readonly on: "steam"; readonly film: FilmId; readonly toC: number; readonly rampS: number }
  | { readonly on: "mix"; readonly of: readonly (readonly [share: number, touch: Touch])[] };

const EMISSIVITY = 0.9;
const RAMP_FROM_C = 25;

/** The state of the face that what lies against it depends on. */
export type FaceNow = {
  surfaceC: number;
  wetShare: number;
  /** How much of it is still open flesh: 1 bare, 0 where a crust or a coat has closed over it. */
  openShare: number;
};

/** Sum of what touches a face: one coefficient, one ambient; evaporation linearised about the surface of the step before. */
export type Film = {
  hWPerM2K: number;
  ambientC: number;
  vesselShare: number;
  vesselFilm: number;
  evaporatedKgPerM2S: number;
};

export const newFilm = (): Film => ({ hWPerM2K: 0, ambientC: 0, vesselShare: 0, vesselFilm: 0, evaporatedKgPerM2S: 0 });

/** Never nothing: a closed face still has a number to divide by. */
const LEAST_H = 1e-6;

export function filmOf(
  touch: Touch,
  face: FaceNow,
  films: Films,
  vesselC: number,
  sinceStageS: number,
  out: Film,
): void {
  out.hWPerM2K = 0;
  out.ambientC = 0;
  out.vesselShare = 0;
  out.vesselFilm = 0;
  out.evaporatedKgPerM2S = 0;
  add(touch, 1, face, films, vesselC, sinceStageS, out);
  if (out.hWPerM2K < LEAST_H) {
    out.hWPerM2K = LEAST_H;
    out.ambientC = face.surfaceC;
  } else out.ambientC /= out.hWPerM2K;
}

function add(
  touch: Touch,
  share: number,
  face: FaceNow,
  films: Films,
  vesselC: number,
  sinceStageS: number,
  out: Film,
): void {
  switch (touch.on) {
    case "nothing":
      return;
    case "vessel": {
      const h = share * films[touch.film];
      out.hWPerM2K += h;
      out.ambientC += h * vesselC;
      out.vesselShare += share;
      out.vesselFilm += h;
      return;
    }
    case "air": {
      const h = share * films[touch.film];
      out.hWPerM2K += h;
      out.ambientC += h * touch.airC;
      // a closed face in the oven is dry; out of it the steam behind it still finds its way
      evaporate(touch.kind, touch.airC, touch.kind === "oven" ? share * face.openShare : share, face, out);
      return;
    }
    case "baste": {
      const h = share * touch.share * films.baste;
      out.hWPerM2K += h;
      out.ambientC += h * touch.fatC;
      const air: Touch = { on: "air", film: "stillAir", airC: STATION.kitchenC, kind: "still" };
      add(air, share * (1 - touch.share), face, films, vesselC, sinceStageS, out);
      return;
    }
    case "glow": {
      const surfaceK = kelvinFromC(face.surfaceC);
      const strength = share * EMISSIVITY * touch.view * STEFAN_BOLTZMANN;
      const flux = strength * (kelvinFromC(touch.sourceC) ** 4 - surfaceK ** 4);
      const slope = 4 * strength * surfaceK ** 3;
      const h = share * films.broilerAir;
      out.hWPerM2K += slope + h;
      out.ambientC += slope * face.surfaceC + flux + h * touch.airC;
      evaporate(touch.kind ?? "oven", touch.airC, share * face.openShare, face, out);
      return;
    }
    case "steam": {
      const h = share * films[touch.film];
      const risen = touch.rampS > 0 ? Math.min(1, sinceStageS / touch.rampS) : 1;
      out.hWPerM2K += h;
      out.ambientC += h * (RAMP_FROM_C + risen * (touch.toC - RAMP_FROM_C));
      return;
    }
    case "mix":
      for (const [part, inner] of touch.of) add(inner, share * part, face, films, vesselC, sinceStageS, out);
  }
}

/** Adds the latent heat a wet face gives to the air: its value and slope at the present surface. */
function evaporate(kind: AirKind, airC: number, share: number, face: FaceNow, out: Film): void {
  if (share === 0) return;
  const surfaceC = Math.min(face.surfaceC, STATION.boilingC);
  const here = share * evaporationKgPerM2(surfaceC, face.wetShare, kind, airC);
  const warmer = share * evaporationKgPerM2(surfaceC + 0.5, face.wetShare, kind, airC);
  const latent = STATION.latentJPerKg;
  const slope = Math.max(0, ((warmer - here) / 0.5) * latent);
  out.hWPerM2K += slope;
  out.ambientC += slope * surfaceC - here * latent;
  out.evaporatedKgPerM2S += here;
}
