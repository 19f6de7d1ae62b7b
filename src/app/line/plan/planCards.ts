import { lotsFor, modified, type CardSpec, type CardWorld, type Modified } from "@/core/cards";
import type { CookPlan, SheetRequest } from "@/core/cooking";
import type { Said } from "@/core/shared";
import { cutOf } from "@/db/cards/cutOf";
import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { modifierOf } from "@/house/cards/modifierOf";
import { workOut } from "@/server/pool";
import { stovePlan } from "../../cards/stovePlan";

export type Served = Pick<Modified, "card" | "dish" | "cannot"> & { readonly changes: readonly Said[] };

/** A card with everything a guest asked of it, one after the other. What cannot be done stops it. */
export function servedAs(card: CardSpec, wishes: readonly string[], world: CardWorld): Served | null {
  return wishes.reduce<Served | null>((now, wish) => {
    const modifier = modifierOf(wish);
    if (!modifier || now?.cannot) return now;
    const next = modified(now?.card ?? card, modifier, world);
    return { ...next, changes: [...(now?.changes ?? []), ...next.changes] };
  }, null);
}

export type LinePlanned = {
  readonly plan: CookPlan | null;
  readonly why: Said | null;
  readonly question: SheetRequest | null;
};

/** Plans that are or were worked out: the same question has the same answer. */
const known = new Map<string, Promise<LinePlanned>>();
const MOST_KNOWN = 300;

/** The piece as it lies there: the thickness the knife left, where a batch is cut. */
export function asCut(card: CardSpec, world: CardWorld): CardSpec {
  const lot = lotsFor(card, world.lots)[0];
  const cut = lot && cutOf(db(), lot.id);
  return cut ? { ...card, piece: { ...card.piece, thicknessMm: Math.round(cut.thicknessMm) } } : card;
}

/** What the stove plans for so many pieces of a card, at another heat of the oven where one is said; the same question is worked out once. */
export async function lineStovePlan(
  card: CardSpec,
  world: CardWorld,
  house: House,
  pieces: number,
  ovenC?: number,
): Promise<LinePlanned> {
  if (card.piece.methodId === null) return { plan: null, why: null, question: null };
  const lot = lotsFor(card, world.lots)[0];
  const key = JSON.stringify([card.piece, lot?.species.id ?? null, pieces, house.ruleSetId, ovenC ?? null]);
  const before = known.get(key);
  if (before) return before;
  if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value!);
  const asked =
    ovenC === undefined
      ? stovePlan(card, world, house, pieces)
      : lineStovePlan(card, world, house, pieces).then((usual) => atHeat(usual, pieces, ovenC));
  known.set(key, asked);
  const planned = await asked;
  // no thread was free: the next who asks tries again
  if (!planned.plan && !planned.why) known.delete(key);
  return planned;
}

async function atHeat({ question: usual }: LinePlanned, pieces: number, ovenC: number): Promise<LinePlanned> {
  if (!usual) return { plan: null, why: null, question: null };
  const question = { ...usual, kit: { ...usual.kit, ovenC } };
  const worked = await workOut("house", "plan", { ...question, pieces });
  if (!worked.ok) return { plan: null, why: null, question };
  return worked.value.ok
    ? { plan: worked.value.value, why: null, question }
    : { plan: null, why: worked.value.error, question };
}
