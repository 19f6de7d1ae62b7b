import { said, type Said } from "@/core/shared";
import {
  mountedSauce,
  RATIO,
  USUAL_ADDITIONS,
  type AdditionKind,
  type Addition,
  type Mounted,
  type MountedQuestion,
  type Rescue,
  type SauceState,
} from "./mounted";

/** Fat to water a rescue aims at, the roomier one first: a sauce just over the line is back over it with the next spoon. */
const AIMS: Readonly<Record<"greasy" | "thin", readonly number[]>> = {
  greasy: [5, RATIO.greasy],
  thin: [2, RATIO.thin],
};
/** Below the warmest that holds, K. */
const ROOM_K = 3;

/** What is worth adding, best first, and why: water is at hand and changes nothing else, cream also binds. */
const ADDED: Partial<Readonly<Record<SauceState, { readonly kinds: readonly AdditionKind[]; readonly why: Said }>>> = {
  greasy: { kinds: ["water", "cream", "stock"], why: said("butter.addWater") },
  thin: { kinds: ["butter", "clarified-butter", "oil"], why: said("butter.addFat") },
  "too-hot": { kinds: ["cream"], why: said("butter.addToBind") },
};

/** Ways out of what is wrong with a sauce, best first; each, done and asked again, holds. None for what cannot be undone. */
export function rescuesFor(question: MountedQuestion, found: Mounted = mountedSauce(question)): readonly Rescue[] {
  const heat = warmed(question, found);
  const usesOil = question.add.some(({ kind }) => kind === "oil");
  const added = ADDED[found.state];
  const additions = (added?.kinds ?? [])
    .filter((kind) => kind !== "oil" || usesOil)
    .flatMap((kind) => {
      const massG = enough(question, found, kind);
      return massG === null ? [] : [{ add: kind, massG, why: added!.why }];
    });
  return [...heat, ...additions];
}

function warmed(question: MountedQuestion, { state, holdC }: Mounted): readonly Rescue[] {
  if (state !== "too-hot" && state !== "sets") return [];
  const bringToC = holdC.to - ROOM_K;
  if (mountedSauce({ ...question, servedC: bringToC }).state !== "holds") return [];
  return [{ bringToC, why: state === "sets" ? said("butter.warmGently") : said("butter.offTheHeat") }];
}

/** The least grams of an addition that make the sauce hold, aimed a little inside the line; null where no amount does. */
function enough(question: MountedQuestion, found: Mounted, kind: AdditionKind): number | null {
  const fits = (massG: number) => massG > 0 && mountedSauce(withMore(question, kind, massG)).state === "holds";
  return wanted(question, found, kind).map(rounded(found.massG)).find(fits) ?? null;
}

export const withMore = (question: MountedQuestion, kind: AdditionKind, massG: number): MountedQuestion => {
  const more: Addition = { kind, massG, ...USUAL_ADDITIONS[kind] };
  return { ...question, add: [...question.add, more] };
};

function wanted({ add }: MountedQuestion, { state, fatG, waterG }: Mounted, kind: AdditionKind): readonly number[] {
  if (state === "too-hot") {
    const of = (...kinds: readonly AdditionKind[]) =>
      add.reduce((sum, one) => (kinds.includes(one.kind) ? sum + one.massG : sum), 0);
    return [0.1 * of("butter", "clarified-butter") - of("cream", "creme-fraiche")].map((massG) => Math.max(massG, 1));
  }
  if (state !== "greasy" && state !== "thin") return [];
  const { fatPct, waterPct } = USUAL_ADDITIONS[kind];
  // (fat + x f) / (water + x w) = aim
  return AIMS[state].map((aim) => (100 * (fatG - aim * waterG)) / (aim * waterPct - fatPct));
}

/** Whole grams in a kitchen's sauce, tenths in a taster's. */
const rounded = (sauceG: number) => (massG: number) => {
  const stepG = sauceG >= 50 ? 1 : 0.1;
  return Math.ceil(massG / stepG - 1e-9) * stepG;
};
