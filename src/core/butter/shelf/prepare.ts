import { sumOf } from "@/core/numeric";
import { DATE_MARK, type RuleSetId } from "@/core/safety";
import { inCelsius, said, type Said } from "@/core/shared";
import { PREPARATION_COVERS, type Preparation, type ShelfHazard } from "./data/preparations";
import { massOf, mixed } from "../reduce/mixture";
import { pouredGrams, type Portion } from "./pour";
import { scaleLine, type ScaledLine } from "./scale";
import { COMMON_SHELF, ingredientOf, type Shelf } from "./shelf";

/** Spores that make botulinum do not grow colder than about this within the days (codes of several countries; memory, high). */
const COLD_C = 5;
/** Strong flavours: their lines grow slower than the covers. */
const STRONG = ["garlic", "lemon-zest"];

export type Prepared = {
  readonly lines: readonly (ScaledLine & { readonly ingredientId: string })[];
  readonly madeG: number;
  /** Whole portions it gives; null: it is not portioned. */
  readonly portions: number | null;
};

/** A preparation for so many covers: each line by its own rule. */
export function prepare(preparation: Preparation, covers: number, shelf: Shelf = COMMON_SHELF): Prepared {
  const lines = preparation.lines.map(({ ingredientId, massG }) => {
    const rule = ingredientId === "salt" ? "salt" : STRONG.includes(ingredientId) ? "strong" : "straight";
    const name = ingredientOf(ingredientId, shelf).label;
    return { ingredientId, ...scaleLine({ name, massG, rule }, PREPARATION_COVERS, covers) };
  });
  const madeG = sumOf(lines, ({ massG }) => massG) * preparation.yieldShare;
  const { portionG } = preparation;
  return { lines, madeG, portions: portionG === null ? null : Math.floor(madeG / portionG) };
}

/** Days a preparation keeps, cold or frozen; a date mark of the rule set shortens what can be eaten as it is. */
export function keepsDays(preparation: Preparation, ruleSetId: RuleSetId, frozen: boolean): number {
  if (frozen) return preparation.frozenDays ?? 0;
  // the day it is made is the first of a date mark
  return ruleSetId === "fda-2022" ? Math.min(preparation.fridgeDays, DATE_MARK.days - 1) : preparation.fridgeDays;
}

const HAZARD_WORDS: Readonly<Record<ShelfHazard, string>> = {
  botulism: "butter.hazardBotulism",
  "bacillus-cereus": "butter.hazardRice",
  egg: "butter.hazardEgg",
};

/** What can hurt someone while it lies, and its clock. */
export const hazardOf = (preparation: Preparation, ruleSetId: RuleSetId): Said | null =>
  preparation.hazard === null
    ? null
    : said(HAZARD_WORDS[preparation.hazard], {
        days: keepsDays(preparation, ruleSetId, false),
        ...(preparation.hazard === "botulism" ? { cold: inCelsius(COLD_C) } : {}),
      });

export type Pickle = { readonly acidPct: number; readonly saltPct: number; readonly keeps: boolean };
/** Of its water, evened out: under this it is for the day (about pH 4; common practice, low). */
const PICKLE = { acidPct: 1, saltPct: 0.8 };

/** Acid and salt of a pickle once its vegetable and its brine have evened out. */
export function pickleOf(portions: readonly Portion[], shelf: Shelf = COMMON_SHELF): Pickle {
  const all = mixed(portions.map((one) => pouredGrams(one, shelf)));
  const massG = massOf(all);
  const acidPct = massG > 0 ? (100 * (all.aceticG + all.fixedAcidG)) / massG : 0;
  const saltPct = massG > 0 ? (100 * all.saltG) / massG : 0;
  return { acidPct, saltPct, keeps: acidPct >= PICKLE.acidPct && saltPct >= PICKLE.saltPct };
}

/** Ice that takes blanched greens from the boil to cold, g (heat of fusion 333.6 J/g; computed). */
export const iceForBlanchedG = (massG: number): number => (massG * 3.9 * 90) / 333.6;
