import { clamp } from "@/core/numeric";
import { FLESH_DIFFUSIVITY_M2_PER_S, nextStepS } from "@/core/heat";
import { bodyOf, type Body } from "./body";
import { STATION, type Films } from "./station";
import { dryShare, Flesh, OPAQUE_DECADES, setShare } from "./flesh";
import { facesM2, governingMm, waterKgPerM3, type StovePiece } from "./piece";
import { filmOf, newFilm, type FaceNow, type Touch } from "./touch";
import { vesselAfter, type Vessel, type VesselHeat } from "./vessel";

/** What a stage does to the piece, whoever ends it. */
export type Surroundings = {
  /** The face that lies down. */
  readonly down: 0 | 1;
  readonly under: Touch;
  readonly over: Touch;
  readonly around: Touch;
  readonly vessel: Vessel | null;
  readonly heat: VesselHeat;
};

export type CookSetup = {
  readonly piece: StovePiece;
  readonly films: Films;
  /** Pieces in the vessel together. */
  readonly pieces: number;
  /** Follow every cell of the flesh, not the centre alone. */
  readonly wholeFlesh: boolean;
};

/** One moment of a cook, for drawing and for the log. Arrays run from the first face to the second, or from rim to rim. */
export type Snapshot = {
  readonly timeS: number;
  /** Index of the stage. */
  readonly stage: number;
  readonly centreC: number;
  readonly coldestC: number;
  /** Outermost temperature of the first and the second face (round: around), on the far side of its crust. */
  readonly firstC: number;
  readonly secondC: number;
  readonly vesselC: number | null;
  readonly layersC: readonly number[];
  readonly layersOpaque: readonly number[];
  readonly layersDry: readonly number[];
};

const FIRST_STEP_S = 0.4;
const STEP_GROWTH = 0.15;
/** Longest step as a share of the time heat takes to the middle, and never past `LONGEST_STEP_S`. */
const STEP_SHARE = 0.012;
const LONGEST_STEP_S = 30;
/** While ice melts a step may not outrun the front: three seconds move the times found by less than half a thousandth against one. */
const FROZEN_STEP_S = 3;
/** Once it has melted, the longest step of a piece that came frozen; against the other it moves the times found by three thousandths. */
const MELTED_STEP_S = 8;
/** From here on no ice is left in any salted or fresh flesh, °C. */
const MELTED_C = 1;
const LAYERS = 24;

/** How freely a browned and oiled face evaporates against open flesh (estimate). */
const CLOSED_WET_SHARE = 0.4;
/**
 * A crust of this thickness has closed its face: oil and dry crumb keep the water in, mm (estimate). It closes over it by degrees: were it
 * a switch, two seconds more would end a whole degree warmer and nothing between could be asked for.
 */
const CLOSED_CRUST_MM = 0.1;
/** Of the water the air takes from a face, the flesh below makes good this share; the rest dries the layer (estimate). */
const SUPPLIED_SHARE = 0.6;
/** A layer so thick, mm, halves what the face still gives to the air (estimate). */
const DRY_LAYER_MM = 0.4;

/** Browning of a dry face: seconds at 160 °C, tenfold per 30 K (non-enzymatic browning, z 20-33 K; memory, low). */
export const BROWNING = { referenceC: 160, zK: 30, fromC: 115, brownS: 45 } as const;

const openShareOf = (crustMm: number): number => clamp(1 - crustMm / CLOSED_CRUST_MM, 0, 1);
const wetShareOf = (crustMm: number, dryMm: number): number =>
  (CLOSED_WET_SHARE + (1 - CLOSED_WET_SHARE) * openShareOf(crustMm)) / (1 + dryMm / DRY_LAYER_MM);

type Drying = { kind: "drying"; hWPerM2K: number; ambientC: number; crustM2KPerW: number; boilingC: number };
const drying = (): Drying => ({
  kind: "drying",
  hWPerM2K: 0,
  ambientC: 0,
  crustM2KPerW: 0,
  boilingC: STATION.boilingC,
});

export type FaceState = FaceNow & { crustMm: number; dryMm: number; hottestC: number; brownS: number };

/**
 * One piece on its way: the flesh conducts, a face on metal, fat or under a glow dries into a crust behind a front pinned at the boiling
 * point, the vessel gives its heat and sags, the flesh sets and loses water. Faces keep their number when the piece is turned.
 */
export class CookRun {
  timeS = 0;
  stageIndex = -1;
  vesselC: number | null = null;
  lowestVesselC = Infinity;
  hottestCentreC: number;
  readonly faces: readonly [FaceState, FaceState, FaceState];
  readonly flesh: Flesh;
  readonly body: Body;
  #around: Surroundings | null = null;
  #sinceChangeS = 0;
  readonly #areasM2: readonly [number, number, number];
  readonly #waterKgPerM3: number;
  readonly #longestStepS: number;
  #melted: boolean;
  readonly #solved: readonly [Drying, Drying, Drying] = [drying(), drying(), drying()];
  readonly #films = [newFilm(), newFilm(), newFilm()] as const;

  constructor(
    readonly setup: CookSetup,
    body: Body = bodyOf(setup.piece),
  ) {
    const { piece } = setup;
    this.body = body;
    this.flesh = new Flesh(body.temperatureC.length);
    const face = (): FaceState => ({
      surfaceC: piece.startC,
      wetShare: wetShareOf(piece.coatMm, 0),
      openShare: openShareOf(piece.coatMm),
      crustMm: piece.coatMm,
      dryMm: 0,
      hottestC: piece.startC,
      brownS: 0,
    });
    this.faces = [face(), face(), face()];
    this.hottestCentreC = piece.startC;
    this.#areasM2 = facesM2(piece);
    this.#waterKgPerM3 = waterKgPerM3(piece.composition);
    const half = governingMm(piece.shape) / 2000;
    const share = (STEP_SHARE * half * half) / FLESH_DIFFUSIVITY_M2_PER_S;
    this.#longestStepS = clamp(share, 2, piece.startC < 0 ? MELTED_STEP_S : LONGEST_STEP_S);
    this.#melted = piece.startC >= 0;
  }

  /** An independent copy, so that a search can go on from here again and again. */
  fork(setup: CookSetup = this.setup): CookRun {
    const copy = new CookRun(setup, this.body.fork());
    copy.timeS = this.timeS;
    copy.stageIndex = this.stageIndex;
    copy.vesselC = this.vesselC;
    copy.lowestVesselC = this.lowestVesselC;
    copy.hottestCentreC = this.hottestCentreC;
    for (const index of [0, 1, 2] as const) Object.assign(copy.faces[index], this.faces[index]);
    copy.flesh.copyFrom(this.flesh);
    copy.#around = this.#around;
    copy.#sinceChangeS = this.#sinceChangeS;
    copy.#melted = this.#melted;
    return copy;
  }

  enter(around: Surroundings): void {
    const { vessel } = around;
    if (vessel && this.#around?.vessel?.id !== vessel.id) this.vesselC = vessel.startC;
    if (!vessel) this.vesselC = null;
    this.#around = around;
    this.stageIndex += 1;
    this.#sinceChangeS = 0;
  }

  /** Runs on for `seconds` in the present stage; `each` is called after every step and may end it early by returning true. */
  run(seconds: number, each?: (cook: CookRun) => boolean): void {
    const endS = this.timeS + seconds;
    while (this.timeS < endS - 1e-9) {
      const wanted = nextStepS(this.#sinceChangeS, endS - this.timeS, STEP_GROWTH, FIRST_STEP_S);
      this.#melted ||= this.body.temperatureC.every((cellC) => cellC >= MELTED_C);
      this.#step(Math.min(wanted, this.#melted ? this.#longestStepS : Math.min(FROZEN_STEP_S, this.#longestStepS)));
      if (each?.(this)) return;
    }
  }

  #step(stepS: number): void {
    const around = this.#around!;
    const { temperatureC, centreCell } = this.body;
    if (this.#areasM2[0] > 0) {
      this.#setFace(0, around.down === 0 ? around.under : around.over);
      this.#setFace(1, around.down === 0 ? around.over : around.under);
    }
    if (this.#areasM2[2] > 0) this.#setFace(2, around.around);
    this.body.step(stepS, this.#solved);
    if (this.setup.wholeFlesh) this.flesh.advance(temperatureC, stepS);
    else this.flesh.advanceCell(centreCell, temperatureC[centreCell]!, stepS);
    let fishW = 0;
    let fishWPerK = 0;
    for (let index = 0; index < 3; index++) {
      const areaM2 = this.#areasM2[index]!;
      if (areaM2 === 0) continue;
      this.#settleFace(index, stepS);
      const film = this.#films[index]!;
      if (film.vesselShare === 0 || this.vesselC === null) continue;
      const { fluxWPerM2, excessWPerM2 } = this.body.flux[index]!;
      // of a mixed face only the part on the vessel draws on it
      const part = film.vesselFilm / film.hWPerM2K;
      fishW += areaM2 * (fluxWPerM2 + excessWPerM2) * part;
      fishWPerK += areaM2 * film.vesselFilm;
    }
    if (around.vessel && this.vesselC !== null) {
      const { pieces } = this.setup;
      this.vesselC = vesselAfter(around.vessel, this.vesselC, around.heat, fishW * pieces, fishWPerK * pieces, stepS);
      if (around.heat.by === "burner") this.lowestVesselC = Math.min(this.lowestVesselC, this.vesselC);
    }
    this.hottestCentreC = Math.max(this.hottestCentreC, this.body.centreC());
    this.timeS += stepS;
    this.#sinceChangeS += stepS;
  }

  #setFace(index: number, touch: Touch): void {
    const face = this.faces[index]!;
    const film = this.#films[index]!;
    const solved = this.#solved[index]!;
    face.openShare = openShareOf(face.crustMm);
    face.wetShare = wetShareOf(face.crustMm, face.dryMm);
    filmOf(touch, face, this.setup.films, this.vesselC ?? STATION.kitchenC, this.#sinceChangeS, film);
    solved.hWPerM2K = film.hWPerM2K;
    solved.ambientC = film.ambientC;
    solved.crustM2KPerW = face.crustMm / 1000 / STATION.crustConductivityWPerMK;
  }

  /** After a step: what dried, how hot the outside became, how brown it is. */
  #settleFace(index: number, stepS: number): void {
    const face = this.faces[index]!;
    const film = this.#films[index]!;
    const flux = this.body.flux[index]!;
    face.crustMm += (1000 * stepS * flux.excessWPerM2) / (this.#waterKgPerM3 * STATION.latentJPerKg);
    face.dryMm += (1000 * stepS * (1 - SUPPLIED_SHARE) * film.evaporatedKgPerM2S) / this.#waterKgPerM3;
    face.surfaceC = film.ambientC - (flux.fluxWPerM2 + flux.excessWPerM2) / film.hWPerM2K;
    face.hottestC = Math.max(face.hottestC, face.surfaceC);
    if (face.surfaceC > BROWNING.fromC)
      face.brownS += stepS * 10 ** ((face.surfaceC - BROWNING.referenceC) / BROWNING.zK);
  }

  /** What the flesh would come to if it lost nothing more: its mean by volume, ice left aside. */
  get meanC(): number {
    const { temperatureC, share } = this.body;
    let mean = 0;
    for (let cell = 0; cell < temperatureC.length; cell++) mean += share[cell]! * temperatureC[cell]!;
    return mean;
  }

  get centreC(): number {
    return this.body.centreC();
  }

  /** Coldest flesh, leaving out the outermost tenth, which cools first in the rest. */
  get coldestC(): number {
    let coldest = Infinity;
    for (const cell of this.body.inner) coldest = Math.min(coldest, this.body.temperatureC[cell]!);
    return coldest;
  }

  /** How far the opaque line has climbed from the first face (round: from the rim), as a share of the whole way through. */
  get opaqueShare(): number {
    const { column, place } = this.body;
    return this.#setDepth(column, place) ?? 1;
  }

  /** Depth of set flesh, mm, from the shallower of two faces, or from the rim of a round piece; half the size when it is set through. */
  get rimMm(): number {
    const { column, place, centreCell } = this.body;
    const depths = [this.#setDepth(column, place)];
    if (column.at(-1) !== centreCell)
      depths.push(
        this.#setDepth(
          column.toReversed(),
          place.toReversed().map((at) => 1 - at),
        ),
      );
    const shallower = Math.min(0.5, ...depths.map((depth) => depth ?? 0.5));
    return shallower * governingMm(this.setup.piece.shape);
  }

  /** How far in from the first of these cells the flesh has set; null where it has all of the way. */
  #setDepth(cells: readonly number[], at: readonly number[]): number | null {
    const { myosin } = this.flesh;
    for (const [index, cell] of cells.entries()) {
      const here = myosin[cell]!;
      if (here >= OPAQUE_DECADES) continue;
      if (index === 0) return (at[0]! * here) / OPAQUE_DECADES;
      const before = myosin[cells[index - 1]!]!;
      const part = (before - OPAQUE_DECADES) / (before - here);
      return at[index - 1]! + part * (at[index]! - at[index - 1]!);
    }
    return null;
  }

  get waterLossPct(): number {
    const { lossPct } = this.flesh;
    return this.body.share.reduce((sum, share, cell) => sum + share * lossPct[cell]!, 0);
  }

  /** Water the faces of one piece have given to the air, g. */
  get evaporatedG(): number {
    const driedM = (face: FaceState) => face.dryMm / 1000 / (1 - SUPPLIED_SHARE);
    return this.faces.reduce(
      (sum, face, index) => sum + 1000 * this.#waterKgPerM3 * driedM(face) * this.#areasM2[index]!,
      0,
    );
  }

  snapshot(): Snapshot {
    const { column, place, temperatureC, centreCell } = this.body;
    const { myosin, lossPct } = this.flesh;
    const round = column.at(-1) === centreCell;
    const layersC: number[] = [];
    const layersOpaque: number[] = [];
    const layersDry: number[] = [];
    let above = 0;
    for (let layer = 0; layer < LAYERS; layer++) {
      const across = (layer + 0.5) / LAYERS;
      const wanted = round && across > 0.5 ? 1 - across : across;
      if (round && across > 0.5) while (above > 0 && place[above - 1]! >= wanted) above--;
      else while (above < place.length - 1 && place[above]! < wanted) above++;
      const below = Math.max(0, above - 1);
      const gap = place[above]! - place[below]!;
      const part = gap === 0 ? 0 : clamp((wanted - place[below]!) / gap, 0, 1);
      const between = (values: Float64Array) =>
        values[column[below]!]! + part * (values[column[above]!]! - values[column[below]!]!);
      layersC.push(between(temperatureC));
      layersOpaque.push(setShare(between(myosin)));
      layersDry.push(dryShare(between(lossPct), this.setup.piece.group));
    }
    const [first, second, rim] = this.faces;
    const side = this.#areasM2[0] === 0;
    return {
      timeS: this.timeS,
      stage: Math.max(0, this.stageIndex),
      centreC: this.centreC,
      coldestC: this.coldestC,
      firstC: side ? rim.surfaceC : first.surfaceC,
      secondC: side ? rim.surfaceC : second.surfaceC,
      vesselC: this.vesselC,
      layersC,
      layersOpaque,
      layersDry,
    };
  }
}
