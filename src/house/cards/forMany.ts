import { sumOf } from "@/core/numeric";
import { planSauce, type SauceSpec } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { PANS, spotsOfMethod, type PanId, type SpotKind } from "@/core/cooking";
import { pieceMm } from "./plateDrawing";
import { stoveOf } from "../stove/panBody";
import { usualStove } from "../butter/tonight";

/** Pieces share a pan or a tray up to two thirds of its base (common practice, high). */
const BASE_SHARE = 2 / 3;
/** The pan for many. */
export const PAN_FOR_MANY: PanId = "steel-30";
const PAN_MM = PANS.find(({ id }) => id === PAN_FOR_MANY)!.diameterMm;
/** A full tray, mm (GN 1/1, EN 631-1; memory, high). */
const TRAY_MM = [530, 325] as const;
/** Whole or in their shells they fill a third of a pot; the fryer takes a tenth of its oil, g a litre (common practice, medium). */
const POT = { litres: 8, gPerLitre: 330 } as const;
const FRYER = { litres: 8, gPerLitre: 100 } as const;
/** Trays an oven takes that nobody described; pans side by side on one (common practice). */
const RACKS_OF_AN_OVEN = 2;
const PANS_ON_A_RACK = 2;

/** What the station has of each. */
export type Station = {
  readonly burners: number;
  readonly ovens: number;
  readonly racks: number;
  readonly salamanders: number;
  readonly fryers: number;
};
export const USUAL_STATION: Station = { burners: 4, ovens: 1, racks: 0, salamanders: 1, fryers: 1 };

export type LoadKind = "pan" | "pot" | "tray" | "fryer" | "bath";
export type Load = {
  readonly kind: LoadKind;
  readonly spot: SpotKind;
  readonly count: number;
  readonly eachHolds: number;
  /** The station takes so many at once: how often it is filled. */
  readonly rounds: number;
};

export type ForMany = {
  readonly loads: readonly Load[];
  readonly panMm: number;
  readonly batches: number;
  readonly base: { readonly seconds: number; readonly panMm: number } | null;
  readonly garnishG: number;
  readonly plateMin: number;
};

const KIND_OF: Readonly<Record<string, LoadKind>> = { pot: "pot", bath: "bath", fryer: "fryer", plate: "tray" };

function eachHolds(kind: LoadKind, { piece }: CardSpec): number {
  const [lengthMm, widthMm] = pieceMm(piece.massG, piece.thicknessMm, null);
  const fits = {
    pan: (BASE_SHARE * Math.PI * (PAN_MM / 2) ** 2) / (lengthMm * widthMm),
    tray: (BASE_SHARE * TRAY_MM[0] * TRAY_MM[1]) / (lengthMm * widthMm),
    pot: (POT.litres * POT.gPerLitre) / piece.massG,
    bath: (POT.litres * POT.gPerLitre) / piece.massG,
    fryer: (FRYER.litres * FRYER.gPerLitre) / piece.massG,
  }[kind];
  return Math.max(1, Math.floor(fits));
}

/** Pieces of a card that share what they first lie in; raw ones all lie on their plates. */
export function piecesIn(card: CardSpec): number {
  const [first] = loadsOf(card, 1, USUAL_STATION);
  return first?.eachHolds ?? 1;
}

function atOnce(spot: SpotKind, kind: LoadKind, { burners, ovens, racks }: Station, sauce: boolean): number {
  // the sauce has a burner of its own
  if (spot === "burner") return Math.max(1, burners - (sauce ? 1 : 0));
  if (spot === "oven") return Math.max(1, racks || ovens * RACKS_OF_AN_OVEN) * (kind === "pan" ? PANS_ON_A_RACK : 1);
  return 1;
}

/** Pans, pots, trays and loads of the fryer for so many covers, and how often the station is filled with them. */
function loadsOf(card: CardSpec, covers: number, station: Station): readonly Load[] {
  const { methodId } = card.piece;
  if (methodId === null) return [];
  const seen = new Set<string>();
  return spotsOfMethod(methodId).flatMap(({ spot, vesselId }): readonly Load[] => {
    if (spot === null) return [];
    const kind = vesselId === null ? (spot === "burner" ? "pot" : "tray") : (KIND_OF[vesselId] ?? "pan");
    if (seen.has(`${kind}:${spot}`)) return [];
    seen.add(`${kind}:${spot}`);
    const holds = eachHolds(kind, card);
    const count = Math.ceil(covers / holds);
    const rounds = Math.ceil(count / atOnce(spot, kind, station, card.sauce !== null));
    return [{ kind, spot, count, eachHolds: holds, rounds }];
  });
}

/** What so many covers take: what the fish lies in, batches of sauce, its base in the pan that fits, plating. */
export function forMany(card: CardSpec, sauce: SauceSpec | null, covers: number, station: Station): ForMany {
  const stove = usualStove(covers);
  const plan = sauce && planSauce(sauce, covers, stoveOf(stove));
  const batch = plan?.ok ? plan.value.batch : null;
  return {
    loads: loadsOf(card, covers, station),
    panMm: PAN_MM,
    batches: plan?.ok ? plan.value.batches.length : 0,
    base: batch?.reduction
      ? { seconds: batch.reduction.secondsToBoil + batch.reduction.secondsReducing, panMm: stove.panMm }
      : null,
    garnishG: sumOf(card.garnishes, ({ massG }) => massG) * covers,
    plateMin: (card.plateSeconds * covers) / 60,
  };
}
