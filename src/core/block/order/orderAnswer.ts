import { sum } from "@/core/numeric";
import type { Form } from "@/core/freshness";
import { ok, type Result, type Said } from "@/core/shared";
import type { Species } from "@/core/species";
import type { Breakdown, Part, PartUse } from "../parts/anatomy";
import { portionCost, type PortionCost } from "../parts/cost";
import { expectedParts } from "../parts/expected";
import { planOrder, type Order, type OrderRequest } from "./order";
import { compareYields, spreadOf } from "../parts/yieldRecord";

/** One animal of this kind that the house broke down and weighed. */
export type WeighedAnimal = {
  readonly wholeG: number;
  readonly parts: readonly { readonly partId: string; readonly massG: number }[];
};

/** What of an animal is ready to cut, and how much that varies. */
export type ReadyShare = {
  readonly share: number;
  readonly spread: number;
  /** How many of the house's own weighings are in it. */
  readonly times: number;
  readonly source: string;
};

export type OrderQuestion = Pick<
  OrderRequest,
  "covers" | "walkIns" | "takeShare" | "bufferShare" | "portionG" | "toleranceG" | "daysToLastService"
> & {
  readonly species: Species;
  readonly form: Form;
  readonly way: Breakdown;
  /** What one weighs, g; null: bought by weight. */
  readonly animalG: number | null;
  readonly centsPerKg: number;
  /** Ready to cut on ice already, g. */
  readonly onIceG: number;
  readonly weighed: readonly WeighedAnimal[];
};

export type OrderAnswer = {
  readonly order: Order;
  readonly ready: ReadyShare;
  readonly buyG: number;
  readonly billCents: number;
  /** Null: nothing is to be bought. */
  readonly cost: PortionCost | null;
  readonly wasteG: number;
};

/** Squaring to even portions takes 5 % of the side (3-10; common practice, high). */
const SQUARING = 0.95;
/** What by-products give back, cents a kilo against the usual example (common practice, low). */
const CREDIT_CENTS_PER_KG: Partial<Record<PartUse, number>> = {
  stock: 80,
  cakes: 500,
  raw: 900,
  sauce: 400,
  grill: 250,
  crisp: 100,
};
/** Pieces a whole animal gives to portion: two sides, four fillets of a flatfish. */
const sidesOf = ({ animal, from }: Breakdown) => (animal === "flatfish" ? 4 : from.includes("whole-gutted") ? 2 : 1);

/** The figures of a way of breaking down, from the table or from what the house weighed. */
export function readyShare(way: Breakdown, parts: readonly Part[], weighed: readonly WeighedAnimal[]): ReadyShare {
  const main = parts.filter(({ use }) => use === "portions");
  const chosen = main.length > 0 ? main : parts.filter(({ use }) => use === "raw");
  const own = compareYields(
    parts,
    weighed.flatMap(({ parts: rows, wholeG }) => rows.map((row) => ({ ...row, wholeG }))),
  );
  const ownOf = (part: Part) => own.find(({ partId }) => partId === part.id);
  const cut = way.from.includes("whole-gutted") ? SQUARING : 1;
  // parts vary apart from each other
  const spreadPct = Math.hypot(...chosen.map((part) => ownOf(part)?.houseSpreadPct ?? spreadOf(part)));
  return {
    share: (cut * sum(chosen.map((part) => ownOf(part)?.housePct ?? part.pct[1]))) / 100,
    spread: (cut * spreadPct) / 100,
    times: Math.max(0, ...own.map(({ times }) => times)),
    source: chosen[0]?.source ?? "",
  };
}

/** What to order so that it is enough, what the bill is, what a portion of it costs and what is thrown away. Error: in the cook's words. */
export function answerOrder(question: OrderQuestion): Result<OrderAnswer, Said> {
  const { species, form, way, animalG, centsPerKg, onIceG, portionG, weighed, ...rest } = question;
  const parts = expectedParts(way, species, form);
  const ready = readyShare(way, parts, weighed);
  const planned = planOrder({
    ...rest,
    portionG,
    readyShare: ready.share,
    readySpread: ready.spread,
    animal: animalG === null ? null : { massG: animalG, sides: sidesOf(way) },
    onIceG,
    lifeDays: species.iceLifeDays,
  });
  if (!planned.ok) return planned;
  const order = planned.value;
  const buyG = order.animals && animalG !== null ? order.animals.sure * animalG : order.sureG;
  const billCents = (buyG / 1000) * centsPerKg;
  // what lies on ice was paid for already
  const paidFor = Math.max(1, Math.ceil((order.portions * portionG - onIceG) / portionG - 1e-9));
  const usedShare = sum(parts.filter(({ use }) => use !== "waste").map(({ pct }) => pct[1])) / 100;
  return ok({
    order,
    ready,
    buyG,
    billCents,
    cost: portionCost({
      billCents,
      readyG: buyG * ready.share,
      portions: paidFor,
      credits: parts.flatMap(({ use, pct }) =>
        use === "portions" ? [] : [{ massG: (buyG * pct[1]) / 100, centsPerKg: CREDIT_CENTS_PER_KG[use] ?? 0 }],
      ),
    }),
    wasteG: Math.max(0, buyG * (1 - usedShare)),
  });
}
