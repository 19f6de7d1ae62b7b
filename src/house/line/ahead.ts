import { clamp } from "@/core/numeric";
import { usableG, type CardLot, type CardSpec } from "@/core/cards";
import { planCure } from "@/core/cure";
import { ingredientOf, type SauceSpec, type Shelf } from "@/core/butter";
import { cureRequest, firstCure } from "../raw/cureAsk";

/** What has to be set going days before the plates it is for. */
export type Ahead =
  | {
      readonly kind: "thaw";
      readonly code: string;
      readonly title: string;
      readonly massG: number;
      readonly daysBefore: number;
    }
  | { readonly kind: "stock"; readonly name: string; readonly massG: number; readonly daysBefore: number }
  | { readonly kind: "cook"; readonly name: string; readonly covers: number; readonly daysBefore: number }
  | {
      readonly kind: "cure";
      readonly name: string;
      readonly massG: number;
      /** In the salt, and at rest until it is even, h: by the usual cure of a piece so thick. */
      readonly cureH: number;
      readonly restH: number;
      readonly daysBefore: number;
    };

/** Frozen fish thaws in the cold for two days; a stock is made the day before, it chills overnight; so is what braises and cools in its liquid (common practice). */
const DAYS_BEFORE = { thaw: 2, stock: 1, cook: 1 } as const;
export const LOOKS_AHEAD_DAYS = 3;

const COOKED_AHEAD: readonly (string | null)[] = ["braise"];

export type AheadAsk = {
  readonly cards: readonly { readonly spec: CardSpec; readonly covers: number }[];
  readonly lots: readonly CardLot[];
  readonly sauces: ReadonlyMap<string, SauceSpec>;
  /** Grams of each good there is of the house's own making: its stocks. */
  readonly madeG: ReadonlyMap<string, number>;
  /** Lots that lie in cure, or came out of it. */
  readonly curedLotIds: ReadonlySet<string>;
  /** Days from now until the plates are wanted. */
  readonly inDays: number;
};

/** Whether a lot still serves so many days from now. */
const lasts = ({ cookDaysLeft, over }: CardLot, inDays: number): boolean =>
  !over && (cookDaysLeft === null || cookDaysLeft > inDays);

/** What to set going today for the plates of a day to come, by what lies there: nothing is asked for that is there already. */
export function aheadOf({ cards, lots, sauces, madeG, curedLotIds, inDays }: AheadAsk, shelf: Shelf): readonly Ahead[] {
  const wanted = cards.filter(({ covers }) => covers > 0);
  const rows: Ahead[] = [];
  if (inDays === DAYS_BEFORE.thaw) rows.push(...thawsOf(wanted, lots));
  rows.push(...curesOf(wanted, lots, curedLotIds).filter(({ daysBefore }) => daysBefore === inDays));
  if (inDays === DAYS_BEFORE.stock) {
    const needG = new Map<string, number>();
    for (const { spec, covers } of wanted) {
      const sauce = spec.sauce && sauces.get(spec.sauce.specId);
      for (const { ingredientId, massG } of sauce?.base ?? [])
        if (ingredientOf(ingredientId, shelf).mountsAs === "stock")
          needG.set(
            ingredientId,
            (needG.get(ingredientId) ?? 0) + (massG * spec.sauce!.share * covers) / sauce!.covers,
          );
    }
    for (const [ingredientId, grams] of needG) {
      const massG = grams - (madeG.get(ingredientId) ?? 0);
      if (massG > 1)
        rows.push({
          kind: "stock",
          name: ingredientOf(ingredientId, shelf).label,
          massG,
          daysBefore: DAYS_BEFORE.stock,
        });
    }
    for (const { spec, covers } of wanted)
      if (COOKED_AHEAD.includes(spec.piece.methodId))
        rows.push({ kind: "cook", name: spec.name, covers, daysBefore: DAYS_BEFORE.cook });
  }
  return rows;
}

/** Frozen fish to take out where what lies chilled does not last or does not do; what thaws for one card is not there for the next. */
function thawsOf(cards: AheadAsk["cards"], lots: readonly CardLot[]): readonly Ahead[] {
  const leftG = new Map(lots.map(({ id, edibleG }) => [id, edibleG]));
  const thawG = new Map<string, number>();
  for (const { spec, covers } of cards) {
    const { piece } = spec;
    let openG = piece.massG * covers;
    const take = (lot: CardLot) => {
      const share = lot.edibleG / usableG(spec, lot);
      const taken = Math.min(openG * share, leftG.get(lot.id) ?? 0);
      leftG.set(lot.id, (leftG.get(lot.id) ?? 0) - taken);
      openG -= taken / share;
      return taken;
    };
    const serves = lots.filter(({ species }) => piece.speciesIds.includes(species.id));
    for (const lot of serves.filter((one) => !one.frozen && lasts(one, DAYS_BEFORE.thaw))) take(lot);
    for (const lot of serves.filter(({ frozen, over }) => frozen && !over)) {
      if (openG <= 1) break;
      const taken = take(lot);
      if (taken > 0) thawG.set(lot.id, (thawG.get(lot.id) ?? 0) + taken);
    }
  }
  return lots.flatMap((lot): readonly Ahead[] => {
    const massG = thawG.get(lot.id);
    return massG === undefined
      ? []
      : [{ kind: "thaw", code: lot.code, title: lot.title, massG, daysBefore: DAYS_BEFORE.thaw }];
  });
}

/** What still has to go into the salt: the pieces wanted less what lies in cure already. */
function curesOf(
  cards: AheadAsk["cards"],
  lots: readonly CardLot[],
  curedLotIds: ReadonlySet<string>,
): readonly Extract<Ahead, { readonly kind: "cure" }>[] {
  const curedG = new Map<string, number>();
  for (const { id, species, edibleG, over } of lots)
    if (curedLotIds.has(id) && !over) curedG.set(species.id, (curedG.get(species.id) ?? 0) + edibleG);
  return cards.flatMap(({ spec: { name, piece }, covers }) => {
    if (piece.cured !== true) return [];
    let massG = piece.massG * covers;
    for (const id of piece.speciesIds) {
      const taken = Math.min(massG, curedG.get(id) ?? 0);
      curedG.set(id, (curedG.get(id) ?? 0) - taken);
      massG -= taken;
    }
    const species = lots.find((lot) => piece.speciesIds.includes(lot.species.id))?.species;
    if (massG < 1 || !species) return [];
    const plan = planCure(cureRequest({ ...firstCure(piece.thicknessMm), speciesId: species.id, massG }, species));
    if (!plan.ok) return [];
    const { stopH: cureH, restH } = plan.value;
    const daysBefore = clamp(Math.ceil((cureH + restH) / 24), 1, LOOKS_AHEAD_DAYS);
    return [{ kind: "cure" as const, name, massG, cureH, restH, daysBefore }];
  });
}
