import { Conduction } from "./conduction";
import { INSULATED, newFaceFlux, type Face, type FaceFlux } from "./face";
import { gridFor, type Grid } from "./grid";
import { enthalpyAt, type Material } from "./material";

export type PuckFaces = { readonly bottom: Face; readonly top: Face; readonly side: Face };

/** What the stove needs of a short cylinder; `QuickPuck` is one too. */
export type PuckBody = {
  readonly radial: Grid;
  readonly axial: Grid;
  /** Ring within layer: layer × rings + ring. */
  readonly temperatureC: Float64Array;
  /** Mean over each face in the last step. */
  readonly bottom: FaceFlux;
  readonly top: FaceFlux;
  readonly side: FaceFlux;
  step(stepS: number, faces: PuckFaces): void;
  centreC(): number;
};

/**
 * A short cylinder in two dimensions: rings from the axis out, layers from bottom to top. Heat along the radius and along the height is
 * stepped in turn, half, whole, half (Strang 1968), each line by the same scheme as a long cylinder or a slab: second order, no energy
 * lost, and exact in the splitting where properties do not change. One line of each direction is kept and loaded in turn.
 */
export class PuckConduction implements PuckBody {
  readonly temperatureC: Float64Array;
  readonly bottom: FaceFlux = newFaceFlux();
  readonly top: FaceFlux = newFaceFlux();
  readonly side: FaceFlux = newFaceFlux();
  readonly #across: Conduction;
  readonly #upward: Conduction;
  readonly #rings: number;
  readonly #layers: number;
  heatTakenUpJ = 0;
  /** Surfaces at the middle of each face. */
  bottomC: number;
  topC: number;
  sideC: number;
  #coldestC: number;
  #acrossFirst = false;

  constructor(
    diameterMm: number,
    heightMm: number,
    readonly material: Material,
    startC: number,
    rings = 23,
    layers = 41,
    /** Largest Newton correction, K, of a `Conduction` line that counts as solved; said for a search, which then also takes turns. */
    readonly toleranceK?: number,
  ) {
    const radial = gridFor({ kind: "cylinder", diameterMm }, rings);
    const axial = gridFor({ kind: "slab", thicknessMm: heightMm }, layers);
    this.#across = new Conduction(radial, material, startC, toleranceK);
    this.#upward = new Conduction(axial, material, startC, toleranceK);
    this.#rings = radial.cells;
    this.#layers = axial.cells;
    this.temperatureC = new Float64Array(radial.cells * axial.cells).fill(startC);
    this.bottomC = this.topC = this.sideC = this.#coldestC = startC;
    for (const face of [this.bottom, this.top, this.side]) face.surfaceC = startC;
  }

  get radial(): Grid {
    return this.#radial;
  }
  get axial(): Grid {
    return this.#axial;
  }

  get #radial(): Grid {
    return this.#across.grid;
  }
  get #axial(): Grid {
    return this.#upward.grid;
  }

  step(stepS: number, faces: PuckFaces): void {
    this.#coldestC = Infinity;
    if (this.toleranceK !== undefined) {
      // turn and turn about: the same order over two steps, at half the lines
      this.#acrossFirst = !this.#acrossFirst;
      if (this.#acrossFirst) this.#radially(stepS, faces.side);
      this.#axially(stepS, faces.bottom, faces.top);
      if (!this.#acrossFirst) this.#radially(stepS, faces.side);
      return;
    }
    this.#radially(stepS / 2, faces.side);
    this.#axially(stepS, faces.bottom, faces.top);
    this.#radially(stepS / 2, faces.side);
  }

  #radially(stepS: number, side: Face): void {
    const line = this.#across;
    const middle = (this.#layers - 1) / 2;
    clear(this.side);
    for (let layer = 0; layer < this.#layers; layer++) {
      const start = layer * this.#rings;
      for (let ring = 0; ring < this.#rings; ring++) line.temperatureC[ring] = this.temperatureC[start + ring]!;
      line.invalidate();
      const before = line.heatTakenUpJ;
      line.step(stepS, INSULATED, side);
      // per metre of height and radian: times the height of the layer and 2π
      this.heatTakenUpJ += 2 * Math.PI * (line.heatTakenUpJ - before) * this.#axial.volumeM3[layer]!;
      this.temperatureC.set(line.temperatureC, start);
      addShare(this.side, line.outer, this.#axial.volumeM3[layer]! / this.#axial.faceM[this.#layers]!);
      if (layer === middle) this.sideC = line.outer.surfaceC;
      this.#coldestC = Math.min(this.#coldestC, line.outer.surfaceC);
    }
  }

  #axially(stepS: number, bottom: Face, top: Face): void {
    const line = this.#upward;
    const discM2 = this.#radial.faceM[this.#rings]! ** 2 / 2;
    clear(this.bottom);
    clear(this.top);
    for (let ring = 0; ring < this.#rings; ring++) {
      for (let layer = 0; layer < this.#layers; layer++)
        line.temperatureC[layer] = this.temperatureC[layer * this.#rings + ring]!;
      line.invalidate();
      const before = line.heatTakenUpJ;
      line.step(stepS, bottom, top);
      this.heatTakenUpJ += 2 * Math.PI * (line.heatTakenUpJ - before) * this.#radial.volumeM3[ring]!;
      for (let layer = 0; layer < this.#layers; layer++)
        this.temperatureC[layer * this.#rings + ring] = line.temperatureC[layer]!;
      addShare(this.bottom, line.inner, this.#radial.volumeM3[ring]! / discM2);
      addShare(this.top, line.outer, this.#radial.volumeM3[ring]! / discM2);
      if (ring === 0) {
        this.bottomC = line.inner.surfaceC;
        this.topC = line.outer.surfaceC;
      }
      this.#coldestC = Math.min(this.#coldestC, line.inner.surfaceC, line.outer.surfaceC);
    }
  }

  centreC(): number {
    return axisCentreC(this.temperatureC, this.#radial, this.#layers);
  }

  coldestC(): number {
    const start = Math.min(this.#coldestC, this.centreC());
    return this.temperatureC.reduce((coldest, here) => Math.min(coldest, here), start);
  }

  #overVolume(read: (pointC: number) => number): number {
    let sum = 0;
    for (let layer = 0; layer < this.#layers; layer++)
      for (let ring = 0; ring < this.#rings; ring++)
        sum +=
          this.#axial.volumeM3[layer]! *
          this.#radial.volumeM3[ring]! *
          read(this.temperatureC[layer * this.#rings + ring]!);
    return sum;
  }

  meanC(): number {
    return this.#overVolume((pointC) => pointC) / this.#overVolume(() => 1);
  }

  /** Heat content of the whole puck, J above the first entry of the material's table. */
  enthalpyJ(): number {
    return 2 * Math.PI * this.#overVolume((pointC) => enthalpyAt(this.material, pointC));
  }
}

/** On the axis at half height: a parabola through the two innermost rings. */
export function axisCentreC(temperatureC: Float64Array, { centreM, cells }: Grid, layers: number): number {
  const at = ((layers - 1) / 2) * cells;
  const [near, far] = [centreM[0]! ** 2, centreM[1]! ** 2];
  const [inner, outer] = [temperatureC[at]!, temperatureC[at + 1]!];
  return inner - ((outer - inner) * near) / (far - near);
}

export function clear(face: FaceFlux): void {
  face.fluxWPerM2 = 0;
  face.excessWPerM2 = 0;
  face.surfaceC = 0;
}

export function addShare(mean: FaceFlux, part: FaceFlux, share: number): void {
  mean.fluxWPerM2 += share * part.fluxWPerM2;
  mean.excessWPerM2 += share * part.excessWPerM2;
  mean.surfaceC += share * part.surfaceC;
}
