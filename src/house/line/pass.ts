import {
  allergenLines,
  coversLeft,
  dishOf,
  lotsFor,
  usableG,
  type AllergenLine,
  type CardSpec,
  type CardWorld,
  type Dish,
} from "@/core/cards";

export type PassCard = {
  readonly cardId: string;
  readonly spec: CardSpec;
  readonly booked: number;
  /** Plates of it that went today. */
  readonly served: number;
  /** Of those, plates whose piece nobody took off the ice yet: it still lies there by the book, and is not to be sold again. */
  readonly loose: number;
  /** Asked for on tickets that stand, of which no piece left the ice yet. */
  readonly asked: number;
  readonly off: { readonly who: string; readonly reason: string } | null;
};

export type Tile = {
  readonly cardId: string;
  readonly name: string;
  readonly special: boolean;
  /** Covers it can still give beside what is booked. */
  readonly left: number;
  /** Booked and still to come. */
  readonly toCome: number;
  readonly served: number;
  /** Of what is booked that nothing on ice can serve. */
  readonly short: number;
  readonly off: PassCard["off"];
  /** The lot that goes first: where it is from and its days. */
  readonly from: { readonly code: string; readonly source: string; readonly daysLeft: number | null } | null;
  /** That lot runs out of days: sell this first. */
  readonly sellFirst: boolean;
  readonly allergens: readonly AllergenLine[];
  readonly dish: Dish;
};

/** A lot with less than this is pushed. */
const SELL_FIRST_DAYS = 1.5;

/** The cards of the day as the ice can serve them now, as one joint answer over all of them. */
export function passOf(cards: readonly PassCard[], world: CardWorld): readonly Tile[] {
  // what stands on tickets is part of what was booked, until it is more
  const toCome = ({ booked, served, asked }: PassCard) => Math.max(0, booked - served, asked);
  const demands = cards.map((card) => {
    const lots = lotsFor(card.spec, world.lots);
    // what is served on the bone takes of the flesh what it has of it
    const share = lots[0] ? lots[0].edibleG / usableG(card.spec, lots[0]) : 1;
    return {
      cardId: card.cardId,
      massG: card.spec.piece.massG * share,
      lotIds: lots.map(({ id }) => id),
      // what is struck off takes nothing from the others
      reserved: (card.off ? 0 : toCome(card)) + card.loose,
    };
  });
  const left = new Map(coversLeft(demands, world.lots).map((one) => [one.cardId, one]));
  return cards.map((card) => {
    const first = lotsFor(card.spec, world.lots)[0];
    const dish = dishOf(card.spec, world);
    const { covers = 0, short = 0 } = left.get(card.cardId) ?? {};
    const daysLeft = first?.cookDaysLeft ?? null;
    return {
      cardId: card.cardId,
      name: card.spec.name,
      special: card.spec.onlyOn !== null,
      left: card.off ? 0 : covers,
      toCome: toCome(card),
      served: card.served,
      short,
      off: card.off,
      from: first ? { code: first.code, source: first.source, daysLeft } : null,
      sellFirst: !card.off && daysLeft !== null && daysLeft <= SELL_FIRST_DAYS && covers > 0,
      allergens: allergenLines(dish.allergens, world.ruleSetId),
      dish,
    };
  });
}
