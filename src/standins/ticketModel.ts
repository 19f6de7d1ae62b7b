import { clamp } from "@/core/numeric";
/** What a till says over the open interface. */
export type TillMessage =
  | {
      readonly kind: "order";
      readonly id: string;
      readonly table: string;
      readonly courses: readonly (readonly { readonly card: string; readonly count: number }[])[];
    }
  | { readonly kind: "away"; readonly table: string };
export type TillEvent = { readonly atS: number; readonly message: TillMessage };

export type Menu = { readonly first: readonly string[]; readonly main: readonly string[] };

/** The cards of the demo house by when they are eaten. */
export const DEMO_MENU: Menu = {
  first: ["crudo", "tartare", "herring", "tartlet"],
  main: ["char", "turbot", "cod", "mussels", "plaice"],
};

/** A service of two and a half hours; tables come in two waves (common practice). */
const SERVICE_S = 150 * 60;
const WAVES = [
  { atS: 25 * 60, wideS: 18 * 60, share: 0.55 },
  { atS: 95 * 60, wideS: 20 * 60, share: 0.45 },
] as const;
const FIRST_AWAY_S = { least: 4 * 60, most: 9 * 60 } as const;
const NEXT_AWAY_S = { least: 20 * 60, most: 25 * 60 } as const;

/** The same numbers for the same seed (mulberry32, Tommy Ettinger, public domain). */
function numbers(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

/** A Saturday of so many covers: what the till sends and when, s from the first minute of service. */
export function saturday(covers: number, seed: number, { first, main }: Menu = DEMO_MENU): readonly TillEvent[] {
  const next = numbers(seed);
  const between = ({ least, most }: { readonly least: number; readonly most: number }) =>
    least + next() * (most - least);
  const pick = (cards: readonly string[]) => cards[Math.floor(next() * cards.length)]!;
  const dishes = (cards: readonly string[], people: number) => {
    const counts = new Map<string, number>();
    for (let guest = 0; guest < people; guest++) {
      const card = pick(cards);
      counts.set(card, (counts.get(card) ?? 0) + 1);
    }
    return [...counts].map(([card, count]) => ({ card, count }));
  };
  const events: TillEvent[] = [];
  let left = covers;
  for (let number = 1; left > 0; number++) {
    const people = Math.min(left, 1 + Math.floor(next() * 4) + (next() < 0.2 ? 2 : 0));
    left -= people;
    const wave = next() < WAVES[0].share ? WAVES[0] : WAVES[1];
    const orderS = clamp(wave.atS + (next() + next() - 1) * wave.wideS, 0, SERVICE_S);
    const table = `t${number}`;
    const firsts = next() < 0.7 ? [dishes(first, people)] : [];
    const courses = [...firsts, dishes(main, people)];
    events.push({ atS: orderS, message: { kind: "order", id: `${seed}-${number}`, table, courses } });
    let awayS = orderS + between(FIRST_AWAY_S);
    for (const _ of courses) {
      events.push({ atS: awayS, message: { kind: "away", table } });
      awayS += between(NEXT_AWAY_S);
    }
  }
  return events.sort((a, b) => a.atS - b.atS);
}
