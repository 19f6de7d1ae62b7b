import { sum, sumOf } from "@/core/numeric";
import { massOfSpan, piecesAlong, SideCuts, SMEAR_G, type Piece, type PortionWish } from "./cutSide";
import { timeRatio } from "./panGroups";
import type { Preference, Span } from "./portioning";
import { cutShape, type CutShape } from "./shape";
import type { Side } from "./side";
import type { TrimUseId } from "./trim";

export type TailWay = "as-cut" | "fold" | "pair";

export type SidesRequest = PortionWish & {
  readonly sides: readonly Side[];
  /** Covers to serve; null: as many portions as there are. */
  readonly covers: number | null;
  readonly preference: Preference;
  /** Lean of the knife from upright; 0 is straight. */
  readonly leanDeg: number;
  readonly tails: TailWay;
  /** Where trim goes when it is fit for the best use. */
  readonly trimUse: TrimUseId;
};

export type PlannedPiece = Omit<Piece, "role"> & {
  readonly side: number;
  /** folded: a thin tail doubled under itself; paired: two tail ends laid head to tail and tied. */
  readonly role: "portion" | "folded" | "paired" | "trim";
  /** What the pan sees: doubled when folded, both when paired. */
  readonly cookThicknessMm: number;
  /** The other tail of a pair: its side. */
  readonly withSide?: number;
  readonly trimUse?: TrimUseId;
};

export type SidesPlan = {
  readonly pieces: readonly PlannedPiece[];
  readonly cutsMm: readonly (readonly number[])[];
  readonly portions: number;
  /** Portions short of the covers asked for. */
  readonly short: number;
  readonly trimG: number;
  readonly spreadG: number;
  readonly meanG: number;
};

type Option = { readonly spans: readonly Span[]; readonly deviation: number; readonly thicknesses: readonly number[] };

/** Everything one side can give: the best cuts for each count of portions. */
type SideOptions = { readonly shape: CutShape; readonly options: readonly Option[] };

type Settings = Omit<SidesRequest, "sides" | "covers" | "tails" | "trimUse">;

/** Best cuts of one side, for every count when `every`, else for the most portions alone. */
function sideOptions(side: Side, settings: Settings, every: boolean): SideOptions {
  const { portionG, leanDeg, preference } = settings;
  const shape = cutShape(side, leanDeg);
  const cuts = new SideCuts(shape, settings, preference);
  const options = Array.from({ length: cuts.most + 1 }, (_, count): Option => {
    if (!every && count < cuts.most) return { spans: [], deviation: Infinity, thicknesses: [] };
    const spans = cuts.spans(count);
    const deviation = sumOf(spans, (span) => (massOfSpan(shape, span) - portionG) ** 2);
    const thicknesses = spans.map(({ fromMm, toMm }) => shape.thicknessBetween(fromMm, toMm).maxMm);
    return { spans, deviation, thicknesses };
  });
  return { shape, options };
}

/**
 * Cuts for several sides at once: as many portions as there are covers (or as there can be), then least spread of weight about the portion,
 * then least spread of cooking time. How many each side gives is chosen by a dynamic programme over the sides, exact for these aims; a
 * general solver is not needed, for the choice is a chain: one count a side.
 */
export function planSides(request: SidesRequest, known?: readonly SideOptions[]): SidesPlan {
  const { sides, covers } = request;
  const all = known ?? sides.map((side) => sideOptions(side, request, covers !== null));
  const most = all.reduce((sum, { options }) => sum + options.length - 1, 0);
  const wanted = covers === null ? most : Math.min(covers, most);
  const counts = chooseCounts(all, wanted);
  const pieces = all.flatMap(({ shape, options }, side) =>
    piecesOf(shape, options[counts[side]!]!.spans, side, request),
  );
  return summarise(withTails(pieces, request), request);
}

/**
 * A planner that remembers: a side that has not changed keeps its cuts, so that only the one being dragged is worked out again. The same
 * plan as `planSides`.
 */
export function sidesPlanner(): (request: SidesRequest) => SidesPlan {
  let settings = "";
  let known = new WeakMap<Side, SideOptions>();
  return (request) => {
    const { portionG, toleranceG, minPieceMm, covers, preference, leanDeg } = request;
    const now = JSON.stringify([portionG, toleranceG, minPieceMm, covers !== null, preference, leanDeg]);
    if (now !== settings) known = new WeakMap();
    settings = now;
    const options = request.sides.map((side) => {
      const before = known.get(side) ?? sideOptions(side, request, covers !== null);
      known.set(side, before);
      return before;
    });
    return planSides(request, options);
  };
}

/** Counts per side that add up to `wanted` with the least deviation, then the least spread of time about the thickest piece. */
function chooseCounts(all: readonly SideOptions[], wanted: number): readonly number[] {
  const reference = Math.max(1, ...all.flatMap(({ options }) => options.at(-1)!.thicknesses));
  const costOf = ({ deviation, thicknesses }: Option) =>
    deviation + 1e-3 * sumOf(thicknesses, (one) => (1 - timeRatio(one, reference)) ** 2);
  let best = new Float64Array(wanted + 1).fill(Infinity);
  best[0] = 0;
  const chosen: Int16Array[] = [];
  for (const { options } of all) {
    const next = new Float64Array(wanted + 1).fill(Infinity);
    const pick = new Int16Array(wanted + 1).fill(-1);
    for (const [count, option] of options.entries()) {
      const cost = costOf(option);
      for (let have = 0; have + count <= wanted; have++) {
        const total = best[have]! + cost;
        if (total < next[have + count]!) {
          next[have + count] = total;
          pick[have + count] = count;
        }
      }
    }
    chosen.push(pick);
    best = next;
  }
  const counts: number[] = [];
  let left = wanted;
  for (let side = all.length - 1; side >= 0; side--) {
    const count = Math.max(0, chosen[side]![left]!);
    counts.unshift(count);
    left -= count;
  }
  return counts;
}

const piecesOf = (
  shape: CutShape,
  spans: readonly Span[],
  side: number,
  { trimUse }: SidesRequest,
): readonly PlannedPiece[] =>
  piecesAlong(shape, spans).map((piece) => ({
    ...piece,
    side,
    cookThicknessMm: piece.maxThicknessMm,
    ...(piece.role === "trim" ? { trimUse } : {}),
  }));

/** A portion this much thinner than the thickest is folded under itself (common practice, low). */
const FOLD_BELOW = 0.6;

function withTails(pieces: readonly PlannedPiece[], request: SidesRequest): readonly PlannedPiece[] {
  if (request.tails === "fold") {
    const thickest = Math.max(...pieces.filter(({ role }) => role === "portion").map((one) => one.maxThicknessMm));
    return pieces.map((one) =>
      one.role === "portion" && one.meanThicknessMm < FOLD_BELOW * thickest
        ? { ...one, role: "folded", cookThicknessMm: 2 * one.meanThicknessMm }
        : one,
    );
  }
  return request.tails === "pair" ? paired(pieces, request) : pieces;
}

/**
 * Tail ends of different sides, two and two, each pair one more portion: the lightest that still makes a portion with the heaviest left
 * (two pointers, the most pairs there can be). What is over the portion stays trim, so that no gram is lost.
 */
function paired(
  pieces: readonly PlannedPiece[],
  { portionG, toleranceG, covers }: SidesRequest,
): readonly PlannedPiece[] {
  const ends = pieces
    .filter((one) => one.role === "trim" && one.toMm >= lastMm(pieces, one.side) - 1e-6)
    .sort((a, b) => a.massG - b.massG);
  const portions = pieces.filter(({ role }) => role !== "trim").length;
  let room = covers === null ? Infinity : Math.max(0, covers - portions);
  const joined = new Map<PlannedPiece, readonly PlannedPiece[]>();
  let [light, heavy] = [0, ends.length - 1];
  while (light < heavy && room > 0) {
    const [one, other] = [ends[light]!, ends[heavy]!];
    const sumG = one.massG + other.massG;
    if (sumG < portionG - toleranceG) {
      light++;
      continue;
    }
    const massG = Math.min(sumG, portionG + toleranceG);
    const pair: PlannedPiece = {
      ...other,
      role: "paired",
      massG,
      withSide: one.side,
      cookThicknessMm: one.meanThicknessMm + other.meanThicknessMm,
    };
    const { trimUse: _used, ...tied } = pair;
    const over = sumG - massG;
    joined.set(other, over > SMEAR_G ? [tied, { ...one, massG: over }] : [tied]);
    joined.set(one, []);
    light++;
    heavy--;
    room--;
  }
  return pieces.flatMap((one) => joined.get(one) ?? [one]);
}

const lastMm = (pieces: readonly PlannedPiece[], side: number) =>
  Math.max(...pieces.filter((one) => one.side === side).map(({ toMm }) => toMm));

function summarise(pieces: readonly PlannedPiece[], { sides, covers }: SidesRequest): SidesPlan {
  const portions = pieces.filter(({ role }) => role !== "trim");
  const masses = portions.map(({ massG }) => massG);
  const cutsMm = sides.map((_, side) =>
    pieces.filter((one) => one.side === side && one.fromMm > 1e-9).map(({ fromMm }) => fromMm),
  );
  return {
    pieces,
    cutsMm,
    portions: portions.length,
    short: covers === null ? 0 : Math.max(0, covers - portions.length),
    trimG: sumOf(
      pieces.filter(({ role }) => role === "trim"),
      ({ massG }) => massG,
    ),
    spreadG: masses.length === 0 ? 0 : Math.max(...masses) - Math.min(...masses),
    meanG: masses.length === 0 ? 0 : sum(masses) / masses.length,
  };
}
