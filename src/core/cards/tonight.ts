import { greatestThatDoes, sumOf } from "@/core/numeric";
import { groupBy } from "@/core/shared";

/** A card's wish for pieces: so many grams each, out of any of these lots. */
export type Demand = {
  readonly cardId: string;
  readonly massG: number;
  readonly lotIds: readonly string[];
  readonly reserved: number;
};
export type Supply = { readonly id: string; readonly edibleG: number };

export type Left = {
  readonly cardId: string;
  /** Covers it can still give while every reservation of every card is kept. */
  readonly covers: number;
  /** Of its own reservations that no lot can serve. */
  readonly short: number;
};

/** Ways that are tried before a number counts as too many: what is promised was found, never hoped for. Shared lots are few, so this is hardly met. */
const MOST_TRIES = 1_000;

/**
 * Covers every card can give as one joint answer: cards that share a lot share its grams, whole pieces come out of one lot, and what is
 * reserved is served first.
 */
export function coversLeft(demands: readonly Demand[], supplies: readonly Supply[]): readonly Left[] {
  const gramsOf = new Map(supplies.map(({ id, edibleG }) => [id, edibleG]));
  const answers = together(demands).flatMap((group) => {
    const kept = serve(
      group,
      group.map(({ reserved }) => reserved),
      gramsOf,
    );
    return group.map((demand, index): Left => {
      const short = demand.reserved - kept[index]!;
      if (short > 0) return { cardId: demand.cardId, covers: 0, short };
      return { cardId: demand.cardId, covers: mostMore(group, index, kept, gramsOf), short: 0 };
    });
  });
  const byCard = new Map(answers.map((left) => [left.cardId, left]));
  return demands.map(({ cardId }) => byCard.get(cardId)!);
}

/** Cards that share lots, by and through each other. */
function together(demands: readonly Demand[]): readonly (readonly Demand[])[] {
  const root = demands.map((_, index) => index);
  const find = (index: number): number => (root[index] === index ? index : find(root[index]!));
  const firstWith = new Map<string, number>();
  for (const [index, { lotIds }] of demands.entries()) {
    for (const lotId of lotIds) {
      const other = firstWith.get(lotId);
      if (other === undefined) firstWith.set(lotId, index);
      else root[find(index)] = find(other);
    }
  }
  return [
    ...groupBy(
      demands.map((demand, index) => ({ demand, root: find(index) })),
      ({ root: at }) => String(at),
    ).values(),
  ].map((rows) => rows.map(({ demand }) => demand));
}

/** As many of what is wanted as can be served, card after card in their order. */
function serve(
  group: readonly Demand[],
  wanted: readonly number[],
  gramsOf: ReadonlyMap<string, number>,
): readonly number[] {
  const given = wanted.map(() => 0);
  for (const index of group.keys()) {
    const isServed = (count: number) => feasible(group, given.with(index, count), gramsOf);
    given[index] = greatestThatDoes(isServed, [0, wanted[index]!]);
  }
  return given;
}

function mostMore(
  group: readonly Demand[],
  index: number,
  kept: readonly number[],
  gramsOf: ReadonlyMap<string, number>,
): number {
  const { massG, lotIds } = group[index]!;
  const most = sumOf(lotIds, (id) => Math.floor((gramsOf.get(id) ?? 0) / massG + 1e-9));
  const isServed = (more: number) => feasible(group, kept.with(index, kept[index]! + more), gramsOf);
  return greatestThatDoes(isServed, [0, Math.max(0, most - kept[index]!)]);
}

/** Whether so many whole pieces of each card come out of their lots. The largest pieces with the fewest lots are placed first. */
function feasible(group: readonly Demand[], wanted: readonly number[], gramsOf: ReadonlyMap<string, number>): boolean {
  const order = [...group.keys()].sort(
    (a, b) => group[a]!.lotIds.length - group[b]!.lotIds.length || group[b]!.massG - group[a]!.massG,
  );
  const shared = new Set(group.flatMap((demand) => demand.lotIds));
  const hasG = sumOf([...shared], (id) => gramsOf.get(id) ?? 0);
  const needG = group.reduce((sum, { massG }, index) => sum + massG * wanted[index]!, 0);
  if (needG > hasG + 1e-6) return false;
  const left = new Map([...shared].map((id) => [id, gramsOf.get(id) ?? 0]));
  let tries = 0;
  const place = (at: number, lotAt: number, open: number): boolean => {
    if (++tries > MOST_TRIES) return false;
    const index = order[at];
    if (index === undefined) return true;
    const { massG, lotIds } = group[index]!;
    if (open === 0) return place(at + 1, 0, wanted[order[at + 1] ?? -1] ?? 0);
    const lotId = lotIds[lotAt];
    if (lotId === undefined) return false;
    const room = sumOf(lotIds.slice(lotAt), (id) => Math.floor((left.get(id) ?? 0) / massG + 1e-9));
    if (room < open) return false;
    const has = left.get(lotId) ?? 0;
    const fits = Math.min(open, Math.floor(has / massG + 1e-9));
    for (let taken = fits; taken >= 0; taken--) {
      left.set(lotId, has - taken * massG);
      if (place(at, lotAt + 1, open - taken)) return true;
    }
    left.set(lotId, has);
    return false;
  };
  return place(0, 0, wanted[order[0] ?? -1] ?? 0);
}
