import { sumOf } from "@/core/numeric";
import {
  bindingOf,
  findPreparation,
  ingredientOf,
  labelStates,
  mountedSauce,
  planSauce,
  SERVICE_MIN,
  waitThrough,
  type MountedQuestion,
  type SauceSpec,
} from "@/core/butter";
import type { AllergenId } from "@/core/safety";
import { said, type Said } from "@/core/shared";
import type { CardSpec } from "./card";
import type { Component } from "./components";
import { dishOf, type Dish } from "./dish";
import type { CardWorld } from "./world";

export type Modifier =
  | { readonly kind: "free-of"; readonly allergen: AllergenId }
  | { readonly kind: "sauce-apart" }
  | { readonly kind: "half" }
  | { readonly kind: "child" }
  | { readonly kind: "cooked-through" }
  | { readonly kind: "without"; readonly what: string };

export type Modified = {
  readonly card: CardSpec;
  readonly dish: Dish;
  /** What changes for the hands, in order. */
  readonly changes: readonly Said[];
  /** It cannot be done: the dish is not served so. */
  readonly cannot: Said | null;
};

/** A child's plate is about this share (common practice, low). */
const CHILD_SHARE = 0.6;
/** Oil that stands in for so much butter: its fat (82 to 100). */
const OIL_FOR_BUTTER = 0.82;

/** A card changed for a guest: everything is worked out again, nothing is only noted. */
export function modified(card: CardSpec, modifier: Modifier, world: CardWorld): Modified {
  switch (modifier.kind) {
    case "free-of":
      return freeOf(card, modifier.allergen, world);
    case "sauce-apart":
      return done(card.sauce ? { ...card, sauce: { ...card.sauce, apart: true } } : card, world, [
        said("cards.sauceIsApart"),
      ]);
    case "half":
      return done(scaled(card, 0.5), world, [said("cards.halfPlate")]);
    case "child":
      return done(scaled(card, CHILD_SHARE), world, [said("cards.childPlate")]);
    case "cooked-through":
      return card.piece.use === "raw"
        ? { ...done(card, world, []), cannot: said("cards.rawIsNotCooked") }
        : done({ ...card, piece: { ...card.piece, underCooked: false } }, world, [said("cards.cookedThrough")]);
    case "without":
      return done(without(card, modifier.what), world, [
        said("cards.without", { what: nameOf(card, modifier.what, world) }),
      ]);
  }
}

const nameOf = ({ sauce }: CardSpec, what: string, world: CardWorld): string =>
  (what === "sauce" && sauce ? world.sauceOf(sauce.specId)?.name : undefined) ??
  findPreparation(what)?.label.toLowerCase() ??
  world.shelf.get(what)?.label.toLowerCase() ??
  what;

const done = (card: CardSpec, world: CardWorld, changes: readonly Said[]): Modified => ({
  card,
  dish: dishOf(card, world),
  changes,
  cannot: null,
});

const scaled = (card: CardSpec, share: number): CardSpec => ({
  ...card,
  piece: { ...card.piece, massG: card.piece.massG * share },
  sauce: card.sauce && { ...card.sauce, share: card.sauce.share * share },
  garnishes: card.garnishes.map((one) => ({ ...one, massG: one.massG * share })),
  finish: card.finish.map((one) => ({ ...one, massG: one.massG * share })),
});

const without = (card: CardSpec, what: string): CardSpec => ({
  ...card,
  sauce: what === "sauce" ? null : card.sauce,
  garnishes: card.garnishes.filter(({ preparationId }) => preparationId !== what),
  finish: card.finish.filter(({ ingredientId }) => ingredientId !== what),
});

/** Water for a base that cannot be made: less of it than it came to, for nothing in it thickens. */
const STANDS_IN = 0.6;

/** Oil in place of butter and cream. */
function sauceWithout(spec: SauceSpec, allergen: AllergenId, world: CardWorld): SauceSpec {
  const brings = (ingredientId: string) => labelStates(ingredientOf(ingredientId, world.shelf))[allergen] !== "free";
  const keep = spec.mount.filter(({ ingredientId }) => !brings(ingredientId));
  const fatG = sumOf(
    spec.mount.filter(
      ({ ingredientId }) => brings(ingredientId) && ingredientOf(ingredientId, world.shelf).mountsAs === "butter",
    ),
    ({ massG }) => massG * OIL_FOR_BUTTER,
  );
  const base = spec.base.filter(({ ingredientId }) => !brings(ingredientId));
  // a base that lost its liquid is not reduced: water stands in for what it came to
  const lost = base.length < spec.base.length;
  const waterG = spec.reduceToMl ?? sumOf(spec.base, ({ massG }) => massG);
  return {
    ...spec,
    base: lost ? [...base, { ingredientId: "water", massG: waterG * STANDS_IN }] : base,
    reduceToMl: lost ? null : spec.reduceToMl,
    mount: fatG > 0 ? [...keep, { ingredientId: "grapeseed-oil", massG: fatG }] : keep,
    baseKeepsDays: 0,
  };
}

type SwappedSauce = Pick<CardSpec, "sauce"> & Pick<CardWorld, "sauceOf"> & { readonly change: Said };

/** The sauce bound with something that is free of the allergen; where that does not hold together, none. */
function swapSauce(sauce: NonNullable<CardSpec["sauce"]>, allergen: AllergenId, world: CardWorld): SwappedSauce {
  const spec = world.sauceOf(sauce.specId);
  const swapped = spec && sauceWithout(spec, allergen, world);
  const isFree = ({ ingredientId }: { readonly ingredientId: string }) =>
    labelStates(ingredientOf(ingredientId, world.shelf))[allergen] === "free";
  const plan =
    swapped && swapped.mount.length > 0 && [...swapped.base, ...swapped.mount].every(isFree)
      ? planSauce(swapped, swapped.covers, STOVE, world.shelf)
      : null;
  if (!swapped || !plan?.ok)
    return { sauce: null, sauceOf: world.sauceOf, change: said("cards.noSauceForIt", { sauce: spec?.name ?? "" }) };
  const { bound } = bindingOf([...swapped.base, ...swapped.mount], world.shelf);
  const holdMin = bound === "not" ? 0 : holdsMin(plan.value.batch.question);
  const before = planSauce(spec, spec.covers, STOVE, world.shelf);
  const wasMin = before.ok ? holdsMin(before.value.batch.question) : 0;
  const state = holdMin === 0 ? "unbound" : holdMin < wasMin ? "shorter" : "holds";
  return {
    sauce,
    sauceOf: (wanted) => (wanted === sauce.specId ? swapped : world.sauceOf(wanted)),
    change: said("cards.oilForButter", { sauce: spec.name, state, minutes: holdMin, was: wasMin }),
  };
}

/** The card without the garnishes and the finish that have it. */
function leaveOff(card: CardSpec, bad: readonly Component[]): Pick<CardSpec, "garnishes" | "finish"> {
  return {
    garnishes: card.garnishes.filter(
      ({ preparationId }) =>
        !bad.some(({ from }) => from.kind === "preparation" && from.preparationId === preparationId),
    ),
    finish: card.finish.filter(
      ({ ingredientId }) =>
        !bad.some(({ role, from }) => role === "finish" && from.kind === "good" && from.ingredientId === ingredientId),
    ),
  };
}

/** The dish without an allergen: baste, sauce, garnishes and finish each looked at and worked out again; what cannot lose it is said. */
function freeOf(card: CardSpec, allergen: AllergenId, world: CardWorld): Modified {
  const before = dishOf(card, world);
  const cannot = (why: Said): Modified => ({ card, dish: before, changes: [], cannot: why });
  const bad = before.components.filter(({ allergens }) => allergens[allergen] !== "free");
  if (bad.length === 0) return { card, dish: before, changes: [], cannot: null };
  const piece = bad.find(({ role }) => role === "piece");
  if (piece) return cannot(said("cards.thePieceHasIt", { what: piece.label, allergen }));
  const changes: Said[] = [];
  let { sauce } = card;
  let { sauceOf } = world;
  if (sauce && bad.some(({ role }) => role === "sauce")) {
    const swapped = swapSauce(sauce, allergen, world);
    ({ sauce, sauceOf } = swapped);
    changes.push(swapped.change);
  }
  const medium = bad.filter(({ role }) => role === "medium");
  let { methodId } = card.piece;
  if (medium.length > 0) {
    changes.push(said("cards.mediumSwap", { what: medium.map(({ label }) => label.toLowerCase()).join(", ") }));
    methodId = OIL_INSTEAD[methodId ?? ""] ?? null;
    if (methodId === null) return cannot(said("cards.theMethodHasIt", { allergen }));
  }
  for (const one of bad.filter(({ role }) => role === "garnish" || role === "finish"))
    changes.push(said("cards.leftOff", { what: one.label }));
  const swappedCard = {
    ...card,
    sauce,
    ...leaveOff(card, bad),
    // the school and the middle belong to the way it had
    piece: methodId === card.piece.methodId ? card.piece : { ...card.piece, methodId, schoolId: undefined },
  };
  // it is no longer the sauce that stands in the bain
  const madeSauces = new Map(
    [...world.madeSauces].filter(([specId]) => sauceOf === world.sauceOf || specId !== card.sauce?.specId),
  );
  const dish = dishOf(swappedCard, { ...world, sauceOf, madeSauces });
  const still = dish.components.find(({ allergens }) => allergens[allergen] !== "free");
  return still
    ? cannot(said("cards.stillHasIt", { what: still.label, allergen }))
    : { card: swappedCard, dish, changes, cannot: null };
}

/** A small pan in the bain, open, for as long as a service lasts (common practice). */
const BAIN = { surfaceMm: 140, lid: false } as const;

/** Minutes a mounted sauce holds in the bain before its own water runs out. */
function holdsMin(question: MountedQuestion): number {
  if (mountedSauce(question).state !== "holds") return 0;
  return waitThrough(question, BAIN, SERVICE_MIN).holdsUntilMin ?? SERVICE_MIN;
}

const STOVE = { pan: { diameterMm: 240 }, netPowerW: 1850, startC: 20 } as const;

/** The way of cooking that does the same without butter or flour. */
const OIL_INSTEAD: Readonly<Record<string, NonNullable<CardSpec["piece"]["methodId"]>>> = {
  "skin-turned": "skin-then-oven",
  "skin-unturned": "skin-then-oven",
  meuniere: "plain-grill",
  "floured-grill": "plain-grill",
  "scallop-sear": "plancha",
  langoustine: "plancha",
  "butter-poach": "oil-confit",
  "butter-warm": "oil-confit",
  "stock-butter": "steam",
  "shallow-poach": "steam",
};
