export { LIQUID_KINDS, USUAL_LIQUIDS, type LiquidKind } from "./data/liquids";
export { massOf, mixed, mixtureOf, volumeMl, type Mixture, type Poured } from "./mixture";
export { panLevelMm, reduce, type Reduction, type ReduceQuestion } from "./reduction";
export {
  ADDITION_KINDS,
  mountedSauce,
  USUAL_ADDITIONS,
  type Addition,
  type AdditionKind,
  type Base,
  type Mounted,
  type MountedQuestion,
  type Rescue,
  type SauceState,
} from "./mounted";
export { rescuesFor } from "./rescue";
export { saltSum, type SaltedPart, type SaltSum } from "./salt";
export { batchesOf, SCALE_RULES, scaleLine, type ScaledLine, type ScaleLine, type ScaleRule } from "./scale";
export { ETHANOL_G_PER_ML } from "./data/ethanolWater";
export { findIngredient, INGREDIENTS, type Ingredient } from "./data/ingredients";
export { addedGrams, pouredGrams, scaledPortion, type Portion } from "./pour";
export {
  COMMON_SHELF,
  goodFromLabel,
  goodsStates,
  ingredientOf,
  labelStates,
  OVER_THE_WHOLE_PCT,
  shelfWith,
  type GoodLabel,
  type Shelf,
} from "./shelf";
export { afterWaiting, lossGPerMin, SERVICE_MIN, waitThrough, type Waiting, type WaitingPoint } from "./bain";
export {
  LIKED_ACID_PCT,
  milderAcidG,
  planSauce,
  type SauceBatch,
  type SaucePlan,
  type SauceSpec,
  type Stove,
} from "./sauce";
export { simmeredAlcoholLeftPct } from "./retention";
export { boilsOver, marksOf, waterBackMl, type Mark } from "./marks";
export {
  judgePot,
  LIQUOR_SAUCE_MOST_PCT,
  liquorCapMl,
  planStock,
  potClock,
  POTS,
  SIMMER_MIN,
  stockBalance,
  waterToCoverMl,
  type Draw,
  type IceBath,
  type Pot,
  type PotClock,
  type PotCooling,
  type StockAsk,
  type StockPlan,
} from "./broth";
export { bindingOf, SPHERES, type Binding } from "./binding";
export { BUTTER_SCHOOLS, HEAT_SCHOOLS, mountingOf, type Mounting } from "./mounting";
export { compareSchools, schoolsOf, type SchoolAnswer } from "./schools";
export { slurryOf, STARCHES, type Body, type Slurry, type StarchId } from "./starch";
export { ricePlan, type Rice } from "./rice";
export { dishSalt, SALT_BANDS, type DishPart, type DishSalt, type SaltRole } from "./dishSalt";
export { learnedPace, reductionClock, type PanNote, type ReducedBefore, type ReductionClock } from "./liveReduction";
export { coldEmulsion, type ColdEmulsion, type EggSchool } from "./coldEmulsion";
export {
  fatsFor,
  GARLIC_BITTER_C,
  GARLIC_SCHOOLS,
  judgeOil,
  POLAR,
  STRIP_EVERY_H,
  stripDue,
  type FatHeat,
  type OilVerdict,
} from "./oilHeat";
export { findPreparation, PREPARATION_COVERS, PREPARATIONS, type Preparation } from "./data/preparations";
export { hazardOf, iceForBlanchedG, keepsDays, pickleOf, prepare, type Prepared } from "./prepare";
export { FAMILIES, type Family } from "./data/families";
