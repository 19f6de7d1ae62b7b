import { kelvinFromC } from "@/core/units";
import { assertNever } from "@/core/shared";

/** What touches one face of a piece. Fluxes are W/m², positive into the piece. */
export type Face =
  | { readonly kind: "insulated" }
  | { readonly kind: "fixed"; readonly surfaceC: number }
  | { readonly kind: "convection"; readonly hWPerM2K: number; readonly ambientC: number }
  | {
      readonly kind: "radiation";
      readonly emissivity: number;
      readonly sourceC: number;
      readonly hWPerM2K: number;
      readonly ambientC: number;
    }
  /**
   * A wet face that must dry before it can pass `boilingC`. The heat comes through the film `hWPerM2K` and through a
   * dry layer of `crustM2KPerW`; what the flesh cannot carry away at the boiling point evaporates (`excessWPerM2`).
   */
  | {
      readonly kind: "drying";
      readonly hWPerM2K: number;
      readonly ambientC: number;
      readonly crustM2KPerW: number;
      readonly boilingC: number;
    };

export const INSULATED: Face = { kind: "insulated" };

/** Stefan-Boltzmann constant, W/m²K⁴ (CODATA 2018: exact in the 2019 SI to the digits shown). */
export const STEFAN_BOLTZMANN = 5.670374419e-8;

/** Answer of `solveFace`; one object is reused through the time loop so that nothing is allocated in it. */
export type FaceFlux = { fluxWPerM2: number; slopeWPerM2K: number; surfaceC: number; excessWPerM2: number };

/** Whether water leaves the face as steam: it stands at the boiling point. */
export const boils = ({ excessWPerM2 }: FaceFlux): boolean => excessWPerM2 > 0;

export const newFaceFlux = (): FaceFlux => ({ fluxWPerM2: 0, slopeWPerM2K: 0, surfaceC: 0, excessWPerM2: 0 });

/**
 * Heat through the face when the first cell, `conductanceWPerM2K` away from it, is at `cellC`.
 * Writes the flux, its slope by `cellC`, the temperature of the (wet) surface and the flux spent on evaporation.
 */
export function solveFace(
  face: Face,
  cellC: number,
  conductanceWPerM2K: number,
  out: FaceFlux,
  /** Takes a drying face as boiling or not, whatever its temperature says now: for a solver that knows how the step will end. */
  boiling?: boolean,
): void {
  out.excessWPerM2 = 0;
  switch (face.kind) {
    case "insulated":
      out.fluxWPerM2 = 0;
      out.slopeWPerM2K = 0;
      out.surfaceC = cellC;
      return;
    case "fixed":
      fixSurface(face.surfaceC, cellC, conductanceWPerM2K, out);
      return;
    case "convection":
      throughFilm(face.hWPerM2K, face.ambientC, cellC, conductanceWPerM2K, out);
      return;
    case "radiation":
      radiate(face, cellC, conductanceWPerM2K, out);
      return;
    case "drying": {
      const film = 1 / (1 / face.hWPerM2K + face.crustM2KPerW);
      throughFilm(film, face.ambientC, cellC, conductanceWPerM2K, out);
      if (boiling ?? out.surfaceC > face.boilingC) {
        fixSurface(face.boilingC, cellC, conductanceWPerM2K, out);
        out.excessWPerM2 = film * (face.ambientC - face.boilingC) - out.fluxWPerM2;
      }
      return;
    }
    default:
      assertNever(face);
  }
}

function fixSurface(surfaceC: number, cellC: number, conductance: number, out: FaceFlux): void {
  out.fluxWPerM2 = conductance * (surfaceC - cellC);
  out.slopeWPerM2K = -conductance;
  out.surfaceC = surfaceC;
}

function throughFilm(film: number, ambientC: number, cellC: number, conductance: number, out: FaceFlux): void {
  const series = (film * conductance) / (film + conductance);
  out.fluxWPerM2 = series * (ambientC - cellC);
  out.slopeWPerM2K = -series;
  out.surfaceC = cellC + out.fluxWPerM2 / conductance;
}

function radiate(face: Extract<Face, { kind: "radiation" }>, cellC: number, conductance: number, out: FaceFlux): void {
  const sourceK4 = kelvinFromC(face.sourceC) ** 4;
  // Newton from the hotter end: the balance is convex in the surface temperature, so it cannot overshoot into nonsense.
  let surfaceC = Math.max(cellC, Math.min(face.sourceC, cellC + 200));
  let slope = 0;
  for (let iteration = 0; iteration < 40; iteration++) {
    const surfaceK = kelvinFromC(surfaceC);
    const incoming =
      face.emissivity * STEFAN_BOLTZMANN * (sourceK4 - surfaceK ** 4) + face.hWPerM2K * (face.ambientC - surfaceC);
    slope = -4 * face.emissivity * STEFAN_BOLTZMANN * surfaceK ** 3 - face.hWPerM2K;
    const change = (incoming - conductance * (surfaceC - cellC)) / (conductance - slope);
    surfaceC += change;
    if (Math.abs(change) < 1e-10) break;
  }
  out.surfaceC = surfaceC;
  out.fluxWPerM2 = conductance * (surfaceC - cellC);
  out.slopeWPerM2K = (conductance * slope) / (conductance - slope);
}
