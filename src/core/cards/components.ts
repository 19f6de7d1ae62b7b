import { sumOf } from "@/core/numeric";
import {
  addedGrams,
  findPreparation,
  goodsStates,
  ingredientOf,
  planSauce,
  prepare,
  simmeredAlcoholLeftPct,
  type Portion,
  type SauceSpec,
  type Shelf,
} from "@/core/butter";
import { methodOf, spotsOfMethod, type SpotKind } from "@/core/cooking";
import { allergenStates, allergensTogether, type Allergens } from "@/core/larder";
import type { AllergenId } from "@/core/safety";
import { allergenOf, type Species } from "@/core/species";
import type { CardSpec } from "./card";
import { COOKING_MEDIA, IN_THE_FRYER } from "./data/media";
import type { CardLot, CardWorld } from "./world";

export type ComponentRole = "piece" | "medium" | "sauce" | "garnish" | "finish";

/** Where a figure comes from: it opens to it. */
export type Origin =
  | { readonly kind: "lot"; readonly lotId: string; readonly code: string }
  | { readonly kind: "species"; readonly speciesId: string }
  | { readonly kind: "method"; readonly methodId: string }
  | { readonly kind: "sauce"; readonly specId: string }
  | { readonly kind: "preparation"; readonly preparationId: string }
  | { readonly kind: "good"; readonly ingredientId: string };

export type Component = {
  readonly role: ComponentRole;
  readonly label: string;
  readonly massG: number;
  readonly allergens: Allergens;
  /** Cents a cover; null: something in it has no price. */
  readonly cents: number | null;
  readonly fatG: number;
  readonly proteinG: number;
  readonly sugarG: number;
  readonly saltG: number;
  readonly alcoholG: number;
  readonly from: Origin;
  /** What is made ahead: its minutes, the minutes of hands in them, and whether it can wait; absent: it is cooked or laid to order. */
  readonly work?: { readonly leadMin: number; readonly handsMin: number; readonly waits: boolean };
  /** What goes in for it where trim, straining or steam take a part, g; absent: what goes in is what is served. */
  readonly takesG?: number;
  /** Stocks drawn for it, g as they are poured. */
  readonly draws?: readonly { readonly ingredientId: string; readonly label: string; readonly massG: number }[];
  /** The spots of the station it holds while it is made to order; absent: none. */
  readonly spots?: readonly ComponentSpot[];
  /** Whose hands; absent: whoever is on. */
  readonly who?: string;
};
export type ComponentSpot = SpotKind | "bain";

const SAUCE_STOVE = { pan: { diameterMm: 240 }, netPowerW: 1850, startC: 20 } as const;

/** What can serve the piece now, what must go first, first. */
export const lotsFor = ({ piece }: CardSpec, lots: readonly CardLot[]): readonly CardLot[] =>
  lots
    .filter(
      ({ species, frozen, rawCleared, over, edibleG }) =>
        piece.speciesIds.includes(species.id) &&
        edibleG > 0 &&
        !frozen &&
        !over &&
        (piece.use === "cook" || rawCleared),
    )
    .sort((a, b) => (a.cookDaysLeft ?? Infinity) - (b.cookDaysLeft ?? Infinity));

/** Grams of a lot that pieces of this card come out of: of the whole where they are served on the bone or in the shell, with the skin where that is eaten crisp. */
export const usableG = ({ piece }: CardSpec, { grossG, edibleG, skinOnG }: CardLot): number =>
  piece.boneIn ? grossG : piece.crispSkin ? skinOnG : edibleG;

/** Whole pieces of a card that come out of these lots, each out of one. */
export const piecesThere = (card: CardSpec, lots: readonly CardLot[]): number =>
  sumOf(lotsFor(card, lots), (lot) => Math.floor(usableG(card, lot) / card.piece.massG + 1e-9));

/** Every part of a dish for one cover, joined from the lots, plans and labels they come from. What is not known of one stays not known. */
export function componentsOf(card: CardSpec, world: CardWorld): readonly Component[] {
  return [
    pieceOf(card, world),
    ...mediaOf(card, world),
    ...sauceOf(card, world),
    ...garnishesOf(card, world),
    ...card.finish.map((portion) => goodOf(portion, "finish", world)),
  ].map((one) => withHands(one, card));
}

function withHands(component: Component, { hands = [] }: CardSpec): Component {
  const { role, from } = component;
  const part = from.kind === "preparation" ? from.preparationId : role === "medium" ? "piece" : role;
  const who = hands.find((one) => one.part === part)?.who;
  return who === undefined ? component : { ...component, who };
}

/** The spots of the station a piece holds, each once, in the order of its stages. */
function spotsOfPiece({ methodId }: CardSpec["piece"]): readonly SpotKind[] {
  const stages = methodId === null ? [] : spotsOfMethod(methodId);
  return [...new Set(stages.flatMap(({ spot }) => spot ?? []))];
}

/** What a piece brings out of one lot, or of its kind where none lies there. */
function pieceStates(species: Species | undefined, lot: CardLot | null, met: readonly AllergenId[]): Allergens {
  const own = species ? allergenOf(species.group) : null;
  return allergenStates((id) => {
    if (id === own || lot?.brings.includes(id)) return "contains";
    if (met.includes(id)) return "may";
    // a species that is not in the table is not known to be free of anything, nor is treated shrimp nobody has seen
    return species === undefined || (id === "sulphites" && species.group === "crustacean" && !lot) ? "unknown" : "free";
  });
}

function pieceOf(card: CardSpec, world: CardWorld): Component {
  const { piece } = card;
  const lots = lotsFor(card, world.lots);
  const lot = lots[0];
  const species = lot?.species ?? world.speciesOf(piece.speciesIds[0] ?? "");
  const fried = piece.methodId !== null && IN_THE_FRYER.includes(piece.methodId) ? world.inFryer : [];
  // any lot that can serve it may be the one on the plate: all of them are said
  const allergens = allergensTogether(
    lots.length > 0
      ? lots.map((one) => pieceStates(one.species, one, [...fried, ...one.touched[piece.use]]))
      : piece.speciesIds.map((id) => pieceStates(world.speciesOf(id), null, fried)),
  );
  const flesh = species?.compositionPct ?? { protein: 0, fat: 0, carbohydrate: 0 };
  // what is eaten of a piece on the bone or in the shell
  const eatenG = piece.massG * (piece.boneIn && lot ? lot.edibleG / lot.grossG : 1);
  const share = (pct: number) => (eatenG * pct) / 100;
  return {
    role: "piece",
    label: species?.name ?? piece.speciesIds.join(", "),
    massG: piece.massG,
    allergens,
    cents: lot ? (lot.remainingCents * piece.massG) / usableG(card, lot) : null,
    fatG: share(flesh.fat),
    proteinG: share(flesh.protein),
    sugarG: share(flesh.carbohydrate),
    saltG: share(0.2),
    alcoholG: 0,
    // a whole animal gives less than it weighs; bones and shells served with it are on the plate
    ...(lot && !piece.boneIn && usableG(card, lot) < lot.grossG
      ? { takesG: (piece.massG * lot.grossG) / usableG(card, lot) }
      : {}),
    spots: spotsOfPiece(piece),
    from: lot
      ? { kind: "lot", lotId: lot.id, code: lot.code }
      : { kind: "species", speciesId: piece.speciesIds[0] ?? "" },
  };
}

/** What the way of cooking brings. A good it uses that has no row still has its allergens: the method names them. */
function mediaOf({ piece }: CardSpec, world: CardWorld): readonly Component[] {
  if (piece.methodId === null) return [];
  const media = COOKING_MEDIA[piece.methodId] ?? [];
  const { brings, label } = methodOf(piece.methodId);
  const rows = media
    .map((portion) => goodOf(asBought(portion, world), "medium", world))
    // wine in the pan simmers with the piece
    .map((row) => ({ ...row, alcoholG: (row.alcoholG * simmeredAlcoholLeftPct(SIMMERS_MIN)) / 100 }));
  const missing = brings.filter((id) => !rows.some(({ allergens }) => allergens[id] === "contains"));
  if (missing.length === 0) return rows;
  const states = allergenStates((id) => (missing.includes(id) ? "contains" : "free"));
  const from: Origin = { kind: "method", methodId: piece.methodId };
  return [...rows, { ...NOTHING, role: "medium", label, allergens: states, cents: null, from }];
}

/** Minutes a piece and its wine are in the pan (common practice). */
const SIMMERS_MIN = 5;

const NOTHING = { massG: 0, fatG: 0, proteinG: 0, sugarG: 0, saltG: 0, alcoholG: 0 } as const;

/** A sauce is worked out once however many cards serve it: specs and shelves are immutable. */
const planned = new WeakMap<Shelf, WeakMap<SauceSpec, ReturnType<typeof planSauce>>>();
function planOf(spec: SauceSpec, shelf: Shelf): ReturnType<typeof planSauce> {
  const ofShelf = planned.get(shelf) ?? new WeakMap<SauceSpec, ReturnType<typeof planSauce>>();
  planned.set(shelf, ofShelf);
  const known = ofShelf.get(spec) ?? planSauce(spec, spec.covers, SAUCE_STOVE, shelf);
  ofShelf.set(spec, known);
  return known;
}

function sauceOf({ sauce }: CardSpec, world: CardWorld): readonly Component[] {
  if (!sauce) return [];
  const from: Origin = { kind: "sauce", specId: sauce.specId };
  const spec = world.sauceOf(sauce.specId);
  const plan = spec && planOf(spec, world.shelf);
  if (!spec || !plan?.ok) {
    // a sauce that cannot be read is not known to be free of anything
    return [
      { ...NOTHING, role: "sauce", label: sauce.specId, allergens: allergenStates(() => "unknown"), cents: null, from },
    ];
  }
  const { batch } = plan.value;
  const portions = [...spec.base, ...spec.mount].map((one) => ({ ...one, massG: one.massG / spec.covers }));
  const made = world.madeSauces.get(sauce.specId);
  const each = (grams: number) => (grams * sauce.share) / batch.covers;
  const of = (field: "proteinPct" | "sugarPct") =>
    sumOf(portions, (one) => (one.massG * ingredientOf(one.ingredientId, world.shelf)[field]) / 100);
  return [
    {
      role: "sauce",
      label: spec.name,
      massG: each(batch.sauce.massG),
      allergens: allergensTogether([statesOf(portions, world), ...(made?.allergens ? [made.allergens] : [])]),
      cents: scaledCents(portions, world, sauce.share),
      fatG: each(batch.sauce.fatG),
      proteinG: of("proteinPct") * sauce.share,
      sugarG: of("sugarPct") * sauce.share,
      saltG: each(batch.sauce.saltG),
      alcoholG: each(batch.sauce.alcoholG),
      takesG: sumOf(portions, (one) => one.massG) * sauce.share,
      draws: spec.base
        .map((one) => ({ ...one, row: ingredientOf(one.ingredientId, world.shelf) }))
        .filter(({ row }) => row.mountsAs === "stock")
        .map(({ ingredientId, massG, row }) => ({
          ingredientId,
          label: row.label,
          massG: (massG * sauce.share) / spec.covers,
        })),
      spots: ["burner", "bain"],
      from,
    },
  ];
}

function garnishesOf({ garnishes }: CardSpec, world: CardWorld): readonly Component[] {
  return garnishes.map(({ preparationId, massG, waits }) => {
    const from: Origin = { kind: "preparation", preparationId };
    const preparation = findPreparation(preparationId);
    if (!preparation) {
      return {
        ...NOTHING,
        role: "garnish",
        label: preparationId,
        allergens: allergenStates(() => "unknown"),
        cents: null,
        from,
      };
    }
    const { lines, madeG } = prepare(preparation, 10, world.shelf);
    const portions = lines.map((line) =>
      asBought({ ingredientId: line.ingredientId, massG: (line.massG * massG) / madeG }, world),
    );
    const made = world.madePreparations.get(preparationId);
    const goods = portions.map((portion) => goodOf(portion, "garnish", world));
    const sum = (field: "fatG" | "proteinG" | "sugarG" | "saltG" | "alcoholG") => sumOf(goods, (one) => one[field]);
    return {
      role: "garnish",
      label: preparation.label,
      massG,
      allergens: allergensTogether([statesOf(portions, world), ...(made?.allergens ? [made.allergens] : [])]),
      cents: made ? (made.centsPerKg * massG) / 1000 : scaledCents(portions, world, 1),
      fatG: sum("fatG"),
      proteinG: sum("proteinG"),
      sugarG: sum("sugarG"),
      saltG: sum("saltG"),
      alcoholG: sum("alcoholG"),
      takesG: sumOf(portions, (one) => one.massG),
      from,
      work: { leadMin: preparation.totalMin, handsMin: preparation.handsMin, waits },
    };
  });
}

/** What the house really cooks with where a recipe of ours names a common good. */
const asBought = (portion: Portion, { standIns }: CardWorld): Portion => ({
  ...portion,
  ingredientId: standIns.get(portion.ingredientId) ?? portion.ingredientId,
});

function goodOf(portion: Portion, role: ComponentRole, world: CardWorld): Component {
  const row = world.shelf.get(portion.ingredientId);
  const from: Origin = { kind: "good", ingredientId: portion.ingredientId };
  if (!row) {
    const label = portion.ingredientId;
    return {
      ...NOTHING,
      role,
      label,
      massG: portion.massG,
      allergens: allergenStates(() => "unknown"),
      cents: null,
      from,
    };
  }
  const { fatPct, saltPct } = addedGrams(portion, world.shelf);
  const share = (pct: number) => (portion.massG * pct) / 100;
  return {
    role,
    label: row.label,
    massG: portion.massG,
    allergens: statesOf([portion], world),
    cents: scaledCents([portion], world, 1),
    fatG: share(fatPct),
    proteinG: share(row.proteinPct),
    sugarG: share(row.sugarPct),
    saltG: share(saltPct),
    alcoholG: share((row.abvPct * 0.789) / row.gPerMl),
    from,
  };
}

/** What goods bring: the house's own lots say it where it has them, else their labels. */
const statesOf = (portions: readonly Portion[], { madeGoods, shelf }: CardWorld): Allergens =>
  allergensTogether(
    portions.map((portion) => madeGoods.get(portion.ingredientId)?.allergens ?? goodsStates([portion], shelf)),
  );

const FREE_OF_CHARGE = ["water"];

/** Null where a good has no price: a cost that is not whole is not said as one. */
function scaledCents(portions: readonly Portion[], world: CardWorld, share: number): number | null {
  let cents = 0;
  for (const { ingredientId, massG } of portions) {
    if (FREE_OF_CHARGE.includes(ingredientId)) continue;
    const perKg = world.madeGoods.get(ingredientId)?.centsPerKg ?? world.goodsCents.get(ingredientId);
    if (perKg === undefined) return null;
    cents += (perKg * massG * share) / 1000;
  }
  return cents;
}
