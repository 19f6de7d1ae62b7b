import { Conduction, gridFor, nextStepS, type Material } from "@/core/heat";
import { STATION, type Pan } from "./data/station";
import { evaporationWPerM2 } from "./evaporation";
import { OPAQUE_SHARE, setProteins } from "./protein";

/** Everything about the piece and the station that a skin-crisp cook depends on. */
export type SkinCrispSetup = {
  readonly material: Material;
  /** Water in the flesh, kg/m³: what must leave before a layer is crust. */
  readonly waterKgPerM3: number;
  readonly thicknessMm: number;
  readonly skin: boolean;
  readonly startC: number;
  readonly panC: number;
  readonly ovenC: number;
  readonly pan: Pan;
  /** Face of all pieces lying in the pan together. */
  readonly contactM2: number;
  readonly contacts: Contacts;
};

/** Coefficients of the station, W/m²K: what is least certain about a plan. */
export type Contacts = {
  readonly panSide: number;
  readonly turnedSide: number;
  readonly oven: number;
  readonly stillAir: number;
};

export type Phase = "pan" | "oven" | "rest";

/** One moment of a cook, for drawing and for the log. Arrays run from the skin side up. */
export type Snapshot = {
  readonly timeS: number;
  readonly phase: Phase;
  readonly centreC: number;
  readonly coldestC: number;
  readonly skinC: number;
  readonly fleshC: number;
  readonly panC: number;
  readonly layersC: readonly number[];
  readonly layersOpaque: readonly number[];
};

const CELLS = 31;
const FIRST_STEP_S = 0.25;
const STEP_GROWTH = 0.12;
const LONGEST_STEP_S = 8;
const LAYERS = 24;

/** How freely a face evaporates: open flesh wholly, a browned and oiled one in part (estimate). */
const WET_SHARE = { openFlesh: 1, crust: 0.4 } as const;

/** Still air and evaporation together as one coefficient on the room, from the surface of the step before. */
function stillAirWPerM2K(dryWPerM2K: number, surfaceC: number, wetShare: number): number {
  const aboveRoomK = Math.max(surfaceC - STATION.kitchenC, 1);
  return dryWPerM2K + evaporationWPerM2(surfaceC, wetShare) / aboveRoomK;
}

/**
 * A fish in a pan: the flesh conducts, the face on the metal dries into a crust behind a front pinned at the boiling point, the pan
 * gives its heat and sags, the burner makes up what it can. Skin side is the first face throughout; after the turn the flesh side lies
 * on the pan and the skin faces the oven.
 */
export class SkinCrispCook {
  timeS = 0;
  phase: Phase = "pan";
  panC: number;
  skinCrustMm = 0;
  fleshCrustMm = 0;
  /** Outermost temperature of each side, on the far side of its crust. */
  skinC: number;
  fleshC: number;
  lowestPanC: number;
  readonly body: Conduction;
  readonly #unset: Float64Array;
  #sinceChangeS = 0;
  readonly #skinFace = {
    kind: "drying" as const,
    hWPerM2K: 0,
    ambientC: 0,
    crustM2KPerW: 0,
    boilingC: STATION.boilingC,
  };
  readonly #fleshFace = {
    kind: "drying" as const,
    hWPerM2K: 0,
    ambientC: 0,
    crustM2KPerW: 0,
    boilingC: STATION.boilingC,
  };

  constructor(readonly setup: SkinCrispSetup) {
    const grid = gridFor({ kind: "slab", thicknessMm: setup.thicknessMm }, CELLS, 0.7);
    this.body = new Conduction(grid, setup.material, setup.startC, 0.05);
    this.#unset = new Float64Array(grid.cells).fill(1);
    this.panC = setup.panC;
    this.lowestPanC = setup.panC;
    this.skinC = setup.startC;
    this.fleshC = setup.startC;
  }

  /** An independent copy, so that a search can go on from here again and again. */
  fork(): SkinCrispCook {
    const copy = new SkinCrispCook(this.setup);
    copy.timeS = this.timeS;
    copy.phase = this.phase;
    copy.panC = this.panC;
    copy.lowestPanC = this.lowestPanC;
    copy.skinCrustMm = this.skinCrustMm;
    copy.fleshCrustMm = this.fleshCrustMm;
    copy.skinC = this.skinC;
    copy.fleshC = this.fleshC;
    copy.#sinceChangeS = this.#sinceChangeS;
    copy.body.temperatureC.set(this.body.temperatureC);
    copy.#unset.set(this.#unset);
    return copy;
  }

  enter(phase: Phase): void {
    this.phase = phase;
    this.#sinceChangeS = 0;
  }

  /** Runs on for `seconds` in the present phase; `each` is called after every step and may end it early by returning true. */
  run(seconds: number, each?: (cook: SkinCrispCook) => boolean): void {
    const endS = this.timeS + seconds;
    while (this.timeS < endS - 1e-9) {
      const leftS = endS - this.timeS;
      const stepS = Math.min(nextStepS(this.#sinceChangeS, leftS, STEP_GROWTH, FIRST_STEP_S), LONGEST_STEP_S);
      this.#step(stepS);
      if (each?.(this)) return;
    }
  }

  #step(stepS: number): void {
    this.#setFaces();
    const { body } = this;
    body.step(stepS, this.#skinFace, this.#fleshFace);
    setProteins(this.#unset, body.temperatureC, stepS);
    const perMm = (stepS / (this.setup.waterKgPerM3 * STATION.latentJPerKg)) * 1000;
    this.skinCrustMm += perMm * body.inner.excessWPerM2;
    this.fleshCrustMm += perMm * body.outer.excessWPerM2;
    const skinFluxW = body.inner.fluxWPerM2 + body.inner.excessWPerM2;
    const fleshFluxW = body.outer.fluxWPerM2 + body.outer.excessWPerM2;
    this.skinC = this.#skinFace.ambientC - skinFluxW / this.#skinFace.hWPerM2K;
    this.fleshC = this.#fleshFace.ambientC - fleshFluxW / this.#fleshFace.hWPerM2K;
    if (this.phase !== "rest") this.#stepPan(stepS, this.phase === "pan" ? skinFluxW : fleshFluxW);
    this.timeS += stepS;
    this.#sinceChangeS += stepS;
  }

  #setFaces(): void {
    const { setup } = this;
    const crust = (mm: number) => mm / 1000 / STATION.crustConductivityWPerMK;
    const [skin, flesh] = [this.#skinFace, this.#fleshFace];
    skin.crustM2KPerW = crust(this.skinCrustMm);
    flesh.crustM2KPerW = crust(this.fleshCrustMm);
    switch (this.phase) {
      case "pan":
        skin.hWPerM2K = setup.contacts.panSide;
        skin.ambientC = this.panC;
        flesh.hWPerM2K = stillAirWPerM2K(setup.contacts.stillAir, this.fleshC, WET_SHARE.openFlesh);
        flesh.ambientC = STATION.kitchenC;
        return;
      case "oven":
        skin.hWPerM2K = setup.contacts.oven;
        skin.ambientC = setup.ovenC;
        flesh.hWPerM2K = setup.contacts.turnedSide;
        flesh.ambientC = this.panC;
        return;
      case "rest":
        skin.hWPerM2K = stillAirWPerM2K(setup.contacts.stillAir, this.skinC, WET_SHARE.crust);
        skin.ambientC = STATION.kitchenC;
        flesh.hWPerM2K = stillAirWPerM2K(setup.contacts.stillAir, this.fleshC, WET_SHARE.crust);
        flesh.ambientC = STATION.kitchenC;
    }
  }

  /** Pan balance over the step: burner (held at the wanted temperature as far as its power goes), losses or oven air, and the fish. */
  #stepPan(stepS: number, fishFluxWPerM2: number): void {
    const { pan, panC: wantedC, contactM2, ovenC, contacts } = this.setup;
    const baseM2 = (Math.PI / 4) * (pan.diameterMm / 1000) ** 2;
    const fishW = fishFluxWPerM2 * contactM2;
    if (this.phase === "oven") {
      const exchange = 2 * baseM2 * contacts.oven;
      this.panC += (stepS * (exchange * (ovenC - this.panC) - fishW)) / (pan.heatCapacityJPerK + stepS * exchange);
      return;
    }
    const lossW = baseM2 * STATION.panLossWPerM2K * (this.panC - STATION.kitchenC);
    const needW = lossW + fishW + (pan.heatCapacityJPerK * (wantedC - this.panC)) / Math.max(stepS, 20);
    const burnerW = Math.min(STATION.burnerToPanW, Math.max(0, needW));
    this.panC += (stepS * (burnerW - lossW - fishW)) / pan.heatCapacityJPerK;
    this.lowestPanC = Math.min(this.lowestPanC, this.panC);
  }

  get centreC(): number {
    return this.body.centreC();
  }

  /** Coldest flesh, leaving out the outermost tenth on each side, which cools first in the rest. */
  get coldestC(): number {
    const { centreM, cells } = this.body.grid;
    const thicknessM = this.setup.thicknessMm / 1000;
    let coldest = Infinity;
    for (let cell = 0; cell < cells; cell++) {
      const depth = centreM[cell]! / thicknessM;
      if (depth > 0.1 && depth < 0.9) coldest = Math.min(coldest, this.body.temperatureC[cell]!);
    }
    return coldest;
  }

  /** How far the opaque line has climbed from the skin, mm; straight between cell centres. */
  get opaqueLineMm(): number {
    const { centreM, cells } = this.body.grid;
    for (let cell = 0; cell < cells; cell++) {
      const here = 1 - this.#unset[cell]!;
      if (here >= OPAQUE_SHARE) continue;
      if (cell === 0) return (centreM[0]! * 1000 * here) / OPAQUE_SHARE;
      const before = 1 - this.#unset[cell - 1]!;
      const part = (before - OPAQUE_SHARE) / (before - here);
      return (centreM[cell - 1]! + part * (centreM[cell]! - centreM[cell - 1]!)) * 1000;
    }
    return this.setup.thicknessMm;
  }

  snapshot(): Snapshot {
    const { centreM } = this.body.grid;
    const span = this.setup.thicknessMm / 1000;
    const layersC: number[] = [];
    const layersOpaque: number[] = [];
    const last = centreM.length - 1;
    let above = 0;
    for (let layer = 0; layer < LAYERS; layer++) {
      const wantedM = ((layer + 0.5) / LAYERS) * span;
      while (above < last && centreM[above]! < wantedM) above++;
      const below = Math.max(0, above - 1);
      const gapM = centreM[above]! - centreM[below]!;
      const part = gapM === 0 ? 0 : Math.min(1, Math.max(0, (wantedM - centreM[below]!) / gapM));
      const between = (values: Float64Array) => values[below]! + part * (values[above]! - values[below]!);
      layersC.push(between(this.body.temperatureC));
      layersOpaque.push(1 - between(this.#unset));
    }
    const { timeS, phase, centreC, coldestC, skinC, fleshC, panC } = this;
    return { timeS, phase, centreC, coldestC, skinC, fleshC, panC, layersC, layersOpaque };
  }
}
