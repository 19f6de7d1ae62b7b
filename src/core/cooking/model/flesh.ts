import { clamp, interpolate } from "@/core/numeric";
import type { DonenessGroup } from "@/core/species";

/**
 * State of the flesh in every cell: how far each protein has set, by first-order kinetics dX/dt = (1 - X) ln10 / D with
 * D = D_ref 10^((T_ref - T)/z), kept as its exposure in decades; collagen of cephalopods by its softening time; water lost.
 */
export type Kinetics = {
  readonly referenceC: number;
  readonly dReferenceS: number;
  readonly zK: number;
  readonly source: string;
};

export const KINETICS = {
  myosin: {
    referenceC: 45,
    dReferenceS: 360,
    zK: 6,
    source:
      "fitted to the peak of cold-water fish myosin at 40-47 °C (Hastings 1985; Skipnes et al. 2008; memory, low)",
  },
  flakeCollagen: {
    referenceC: 45,
    dReferenceS: 180,
    zK: 4.5,
    source: "fitted to shrinkage at 30-45 °C and flakes parting near 50-55 °C (Ofstad 1993; McGee 2004; memory, low)",
  },
  sarcoplasmic: {
    referenceC: 60,
    dReferenceS: 300,
    zK: 7,
    source: "fitted to the peaks at 55-67 °C (Skipnes et al. 2008; memory, low)",
  },
  actin: {
    referenceC: 70,
    dReferenceS: 900,
    zK: 7,
    source: "fitted to the peak at 72-78 °C (Hastings 1985; Skipnes et al. 2008; memory, low)",
  },
} as const satisfies Record<string, Kinetics>;

/** Decimal setting time at `pointC`, s. */
export const decimalS = ({ referenceC, dReferenceS, zK }: Kinetics, pointC: number): number =>
  dReferenceS * 10 ** ((referenceC - pointC) / zK);

/** Minutes at which octopus and squid are tender: 60 min at 92 °C, tenfold per 21.5 K, 75-98 °C (common practice, low). */
export const TENDER = { referenceC: 92, minutes: 60, zK: 21.5, fromC: 55 } as const;

/** Cook loss a layer tends to, % of its weight (common practice, low), and how fast it gets there. */
const LOSS_PCT = [
  [20, 0],
  [40, 1.5],
  [45, 3],
  [55, 8],
  [65, 15],
  [75, 21],
  [85, 25],
  [100, 28],
] as const;
const LOSS_TIME_S = 150;

export const finalLossPct = (pointC: number): number => interpolate(LOSS_PCT, pointC);

const LOSS_REACHED_C = LOSS_PCT.map(([pointC, pct]) => [pct, pointC] as const);

/** The temperature at which a layer would tend to lose `pct`. */
export const temperatureOfLoss = (pct: number): number => interpolate(LOSS_REACHED_C, pct);

/** Rates are read from tables of this step: an exponential a cell and protein would cost more than the conduction. */
const TABLE_STEP_K = 0.25;
const TABLE_TOP_C = 150;
const table = (rate: (pointC: number) => number): Float64Array =>
  Float64Array.from({ length: TABLE_TOP_C / TABLE_STEP_K + 2 }, (_, index) => rate(index * TABLE_STEP_K));
const decadesPerS = (kinetics: Kinetics) => table((pointC) => (pointC < 20 ? 0 : 1 / decimalS(kinetics, pointC)));

const RATES = {
  myosin: decadesPerS(KINETICS.myosin),
  flakeCollagen: decadesPerS(KINETICS.flakeCollagen),
  sarcoplasmic: decadesPerS(KINETICS.sarcoplasmic),
  actin: decadesPerS(KINETICS.actin),
  tender: table((pointC) =>
    pointC < TENDER.fromC ? 0 : 10 ** ((Math.min(pointC, 100) - TENDER.referenceC) / TENDER.zK) / (TENDER.minutes * 60),
  ),
  loss: table(finalLossPct),
};

export class Flesh {
  /** Exposure of each protein in decades: the unset share is 10^-x. */
  readonly myosin: Float64Array;
  readonly flakeCollagen: Float64Array;
  readonly sarcoplasmic: Float64Array;
  readonly actin: Float64Array;
  /** 1: tender. */
  readonly tender: Float64Array;
  readonly lossPct: Float64Array;

  constructor(readonly cells: number) {
    this.myosin = new Float64Array(cells);
    this.flakeCollagen = new Float64Array(cells);
    this.sarcoplasmic = new Float64Array(cells);
    this.actin = new Float64Array(cells);
    this.tender = new Float64Array(cells);
    this.lossPct = new Float64Array(cells);
  }

  copyFrom(other: Flesh): void {
    this.myosin.set(other.myosin);
    this.flakeCollagen.set(other.flakeCollagen);
    this.sarcoplasmic.set(other.sarcoplasmic);
    this.actin.set(other.actin);
    this.tender.set(other.tender);
    this.lossPct.set(other.lossPct);
  }

  /** What one cell has become, as its doneness is read. */
  layer(cell: number): { readonly myosin: number; readonly flakeCollagen: number; readonly lossPct: number } {
    return {
      myosin: this.myosin[cell]!,
      flakeCollagen: this.flakeCollagen[cell]!,
      lossPct: this.lossPct[cell]!,
    };
  }

  /** Only what a search asks for: the state of one cell. */
  advanceCell(cell: number, pointC: number, stepS: number): void {
    if (pointC < 20) return;
    const index = (Math.min(pointC, TABLE_TOP_C) / TABLE_STEP_K + 0.5) | 0;
    this.myosin[cell] = this.myosin[cell]! + stepS * RATES.myosin[index]!;
    this.flakeCollagen[cell] = this.flakeCollagen[cell]! + stepS * RATES.flakeCollagen[index]!;
    const missing = RATES.loss[index]! - this.lossPct[cell]!;
    if (missing > 0) this.lossPct[cell] = this.lossPct[cell]! + (1 - Math.exp(-stepS / LOSS_TIME_S)) * missing;
  }

  advance(temperatureC: Float64Array, stepS: number): void {
    const relax = 1 - Math.exp(-stepS / LOSS_TIME_S);
    const { myosin, flakeCollagen, sarcoplasmic, actin, tender, lossPct } = this;
    for (let cell = 0; cell < this.cells; cell++) {
      const pointC = temperatureC[cell]!;
      if (pointC < 20) continue;
      const index = (Math.min(pointC, TABLE_TOP_C) / TABLE_STEP_K + 0.5) | 0;
      myosin[cell] = myosin[cell]! + stepS * RATES.myosin[index]!;
      flakeCollagen[cell] = flakeCollagen[cell]! + stepS * RATES.flakeCollagen[index]!;
      sarcoplasmic[cell] = sarcoplasmic[cell]! + stepS * RATES.sarcoplasmic[index]!;
      actin[cell] = actin[cell]! + stepS * RATES.actin[index]!;
      tender[cell] = tender[cell]! + stepS * RATES.tender[index]!;
      const missing = RATES.loss[index]! - lossPct[cell]!;
      if (missing > 0) lossPct[cell] = lossPct[cell]! + relax * missing;
    }
  }
}

export const setShare = (decades: number): number => 1 - 10 ** -decades;

/** How dry a layer looks, 0 to 1: from where it is done to where it has nothing left to give (estimate). */
export const dryShare = (lossPct: number, group: DonenessGroup): number =>
  // what a cephalopod loses its dissolved collagen makes up for in the mouth
  group === "octopus" || group === "squid" ? 0 : clamp((lossPct - 8) / 16, 0, 1);

/** Flesh reads as opaque when half its myosin has set. */
export const OPAQUE_SHARE = 0.5;
export const OPAQUE_DECADES = Math.log10(2);
