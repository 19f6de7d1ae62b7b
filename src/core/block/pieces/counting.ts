import { GRAM_PER_POUND } from "@/core/units";
import { sum } from "@/core/numeric";
import { keyed } from "@/core/shared";

/** Headless shell-on prawns to peeled and deveined (Lynch, The Book of Yields; memory, high). */
export const PEELED_SHARE = 0.8;

/** Grades by count per pound and what they are used for (arithmetic from the grade name; uses common practice). */
export const COUNT_GRADES = keyed(
  "counts",
  {
    shrimp: [
      { label: "U/10", few: 0, many: 10, use: "grill, one or two on a plate" },
      { label: "16/20", few: 16, many: 20, use: "main, five or six" },
      { label: "21/25", few: 21, many: 25, use: "main, seven or eight; first course, four or five" },
      { label: "26/30", few: 26, many: 30, use: "pasta, butter poach" },
      { label: "31/40", few: 31, many: 40, use: "salad, rice, cakes" },
    ],
    scallop: [
      { label: "U/10", few: 0, many: 10, use: "two or three a first course" },
      { label: "10/20", few: 10, many: 20, use: "three a first course" },
      { label: "20/30", few: 20, many: 30, use: "five or six" },
      { label: "30/40", few: 30, many: 40, use: "parcels, gratins" },
    ],
  } as const,
  ["use"],
);

const LB_PER_KG = 2.2046226;

export type CountSize = { readonly piecesPerKg: number; readonly eachG: number };

/** Pieces a kilo and grams each from pieces a pound. */
export const sizeOfCount = (perPound: number): CountSize => ({
  piecesPerKg: perPound * LB_PER_KG,
  eachG: GRAM_PER_POUND / perPound,
});

export type CountRequest = {
  /** Weight of the pack and what of it is ice. */
  readonly packG: number;
  readonly glazeShare: number;
  readonly perPound: number;
  /** Peeled of shell-on; 1 when bought peeled. */
  readonly peeledShare: number;
  readonly perCover: number;
};

export type CountPlan = CountSize & {
  readonly netG: number;
  readonly pieces: number;
  readonly peeledEachG: number;
  readonly covers: number;
  readonly gramsPerCover: number;
};

/** A pack by count: net of glaze, pieces, peeled weight, covers (arithmetic). */
export function planCount({ packG, glazeShare, perPound, peeledShare, perCover }: CountRequest): CountPlan {
  const size = sizeOfCount(perPound);
  const netG = packG * (1 - glazeShare);
  const pieces = Math.floor(netG / size.eachG + 1e-9);
  const peeledEachG = size.eachG * peeledShare;
  return {
    ...size,
    netG,
    pieces,
    peeledEachG,
    covers: Math.floor(pieces / perCover),
    gramsPerCover: perCover * peeledEachG,
  };
}

export type PlateSchool = "same-weight" | "same-size";

export type Plates = {
  readonly plates: readonly (readonly number[])[];
  readonly leftOver: readonly number[];
  /** Heaviest less lightest plate. */
  readonly spreadG: number;
  /** Worst difference of size within a plate. */
  readonly unevenG: number;
};

const SWAP_ROUNDS = 60;

/**
 * Scallops onto even plates. `same-size` sorts by weight and takes neighbours together, which is the least difference within plates there
 * is: one plate, one time in the pan. `same-weight` deals them out heaviest to the lightest plate and then swaps pairs while that narrows
 * the spread: every guest gets the same; it ends where no single swap helps, which need not be the very best.
 */
export function dealPlates(weightsG: readonly number[], perPlate: number, school: PlateSchool): Plates {
  const sorted = [...weightsG].sort((a, b) => b - a);
  const count = Math.floor(sorted.length / perPlate);
  if (count === 0) return { plates: [], leftOver: sorted, spreadG: 0, unevenG: 0 };
  const { used, leftOver } = mostAlike(sorted, count * perPlate);
  const plates =
    school === "same-size"
      ? Array.from({ length: count }, (_, index) => used.slice(index * perPlate, (index + 1) * perPlate))
      : swapped(dealt(used, count, perPlate));
  const sums = plates.map(sum);
  return {
    plates,
    leftOver,
    spreadG: Math.max(...sums) - Math.min(...sums),
    unevenG: Math.max(...plates.map((plate) => Math.max(...plate) - Math.min(...plate))),
  };
}

/** The run of sorted neighbours with the least range; the odd ones out stay over. */
function mostAlike(sorted: readonly number[], wanted: number) {
  let from = 0;
  for (let start = 0; start + wanted <= sorted.length; start++)
    if (sorted[start]! - sorted[start + wanted - 1]! < sorted[from]! - sorted[from + wanted - 1]! - 1e-12) from = start;
  return {
    used: sorted.slice(from, from + wanted),
    leftOver: [...sorted.slice(0, from), ...sorted.slice(from + wanted)],
  };
}

function dealt(used: readonly number[], count: number, perPlate: number): number[][] {
  const plates: number[][] = Array.from({ length: count }, () => []);
  for (const one of used) {
    const open = plates.filter((plate) => plate.length < perPlate);
    open.sort((a, b) => sum(a) - sum(b))[0]!.push(one);
  }
  return plates;
}

function swapped(plates: number[][]): number[][] {
  for (let round = 0; round < SWAP_ROUNDS; round++) {
    const order = [...plates].sort((a, b) => sum(a) - sum(b));
    const [light, heavy] = [order[0]!, order.at(-1)!];
    const gap = sum(heavy) - sum(light);
    let best = { gain: 1e-9, from: -1, to: -1, plate: light };
    // the heaviest against every other plate: the swap that brings the two closest
    for (const other of order.slice(0, -1))
      for (const [from, one] of heavy.entries())
        for (const [to, two] of other.entries()) {
          const before = Math.abs(sum(heavy) - sum(other));
          const after = Math.abs(sum(heavy) - sum(other) - 2 * (one - two));
          const gain = before - after;
          if (one > two && gain > best.gain) best = { gain, from, to, plate: other };
        }
    if (best.from < 0 || gap < 1e-9) break;
    const moved = heavy[best.from]!;
    heavy[best.from] = best.plate[best.to]!;
    best.plate[best.to] = moved;
  }
  return plates;
}
