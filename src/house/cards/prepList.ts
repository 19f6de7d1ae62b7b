import { findPreparation, PREPARATION_COVERS, prepare, type SauceSpec, type Shelf } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { sauceNeed } from "../butter/tonight";

type Wanted = {
  readonly name: string;
  /** Of the sauce; of a preparation the covers of its own recipe that give what is missing. */
  readonly covers: number;
  readonly needG: number;
  readonly haveG: number;
  readonly minutes: number;
  /** Minutes of the day by which it is begun. */
  readonly beginMin: number;
  readonly done: boolean;
  /** It cannot wait: it is made when its plate is called, not in the afternoon. */
  readonly atService: boolean;
};

export type PrepRow =
  | (Wanted & { readonly kind: "base"; readonly specId: string })
  | (Wanted & { readonly kind: "preparation"; readonly preparationId: string });

export type PrepAsk = {
  readonly cards: readonly { readonly spec: CardSpec; readonly covers: number }[];
  readonly sauces: ReadonlyMap<string, SauceSpec>;
  readonly baseHaveG: ReadonlyMap<string, number>;
  readonly shelfHaveG: ReadonlyMap<string, number>;
  /** Preparations that are down to where the house asks for more. */
  readonly low: readonly string[];
  /** Minutes of the day service begins. */
  readonly serviceMin: number;
};

/** Everything stands so long before service. */
const READY_BEFORE_MIN = 30;

/** What has to be made for the covers of a day, what is there counted, what must be begun first leads. */
export function prepList(
  { cards, sauces, baseHaveG, shelfHaveG, low, serviceMin }: PrepAsk,
  shelf: Shelf,
): readonly PrepRow[] {
  const readyMin = serviceMin - READY_BEFORE_MIN;
  const coversOfSauces = new Map<string, number>();
  const gramsOf = new Map<string, number>();
  const canWait = new Set<string>(low);
  // a card nobody booked wants nothing: a garnish of it is not one that ran low
  for (const { spec, covers } of cards.filter((card) => card.covers > 0)) {
    if (spec.sauce) coversOfSauces.set(spec.sauce.specId, (coversOfSauces.get(spec.sauce.specId) ?? 0) + covers);
    for (const { preparationId, massG, waits } of spec.garnishes) {
      gramsOf.set(preparationId, (gramsOf.get(preparationId) ?? 0) + massG * covers);
      if (waits) canWait.add(preparationId);
    }
  }
  const bases = [...coversOfSauces].flatMap(([specId, covers]): readonly PrepRow[] => {
    const spec = sauces.get(specId);
    if (!spec || spec.base.length === 0 || covers === 0) return [];
    const haveG = baseHaveG.get(specId) ?? 0;
    const { name, baseMin, baseNeedG } = sauceNeed(specId, spec, covers, haveG, shelf);
    const minutes = baseMin ?? 0;
    const done = haveG >= baseNeedG - 1;
    const row = { name, covers, needG: baseNeedG, haveG, minutes, beginMin: readyMin - minutes, done };
    return [{ ...row, kind: "base", specId, atService: false }];
  });
  for (const id of low) if (!gramsOf.has(id)) gramsOf.set(id, 0);
  const preparations = [...gramsOf].flatMap(([preparationId, wantedG]): readonly PrepRow[] => {
    const preparation = findPreparation(preparationId);
    if (!preparation) return [];
    const haveG = shelfHaveG.get(preparationId) ?? 0;
    const eachG = prepare(preparation, PREPARATION_COVERS, shelf).madeG / PREPARATION_COVERS;
    // what ran low is filled up with one whole recipe
    const needG = wantedG > 0 ? wantedG : haveG + eachG * PREPARATION_COVERS;
    const covers = Math.max(1, Math.ceil((needG - haveG) / eachG));
    const { label: name, totalMin: minutes } = preparation;
    const atService = !canWait.has(preparationId);
    // what cannot wait is not made ahead: it is never there, and begins with its plate
    const done = !atService && haveG >= needG - 1;
    const beginMin = atService ? serviceMin : readyMin - minutes;
    return [{ kind: "preparation", preparationId, name, covers, needG, haveG, minutes, beginMin, done, atService }];
  });
  return [...bases, ...preparations].sort(
    (a, b) => Number(a.done) - Number(b.done) || Number(a.atService) - Number(b.atService) || a.beginMin - b.beginMin,
  );
}
