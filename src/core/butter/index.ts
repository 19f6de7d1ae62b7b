export { LIQUID_KINDS, USUAL_LIQUIDS, type LiquidKind } from "./reduce/data/liquids";
export { massOf, mixed, mixtureOf, volumeMl, type Mixture, type Poured } from "./reduce/mixture";
export { panLevelMm, reduce, type Reduction, type ReduceQuestion } from "./reduce/reduction";
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
} from "./mount/mounted";
export { rescuesFor } from "./mount/rescue";
export { saltSum, type SaltedPart, type SaltSum } from "./salt";
export { batchesOf, SCALE_RULES, scaleLine, type ScaledLine, type ScaleLine, type ScaleRule } from "./shelf/scale";
export { ETHANOL_G_PER_ML } from "./reduce/data/ethanolWater";
export { findIngredient, INGREDIENTS, type Ingredient } from "./shelf/data/ingredients";
export { addedGrams, pouredGrams, scaledPortion, type Portion } from "./shelf/pour";
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
} from "./shelf/shelf";
export { afterWaiting, lossGPerMin, SERVICE_MIN, waitThrough, type Waiting, type WaitingPoint } from "./mount/bain";
export {
  LIKED_ACID_PCT,
  milderAcidG,
  planSauce,
  type SauceBatch,
  type SaucePlan,
  type SauceSpec,
  type Stove,
} from "./sauce/sauce";
export { simmeredAlcoholLeftPct } from "./reduce/retention";
export { boilsOver, marksOf, waterBackMl, type Mark } from "./reduce/marks";
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
export { bindingOf, SPHERES, type Binding } from "./sauce/binding";
export { BUTTER_SCHOOLS, HEAT_SCHOOLS, mountingOf, type Mounting } from "./mount/mounting";
export { compareSchools, schoolsOf, type SchoolAnswer } from "./sauce/schools";
export { slurryOf, STARCHES, type Body, type Slurry, type StarchId } from "./sauce/starch";
export { ricePlan, type Rice } from "./shelf/rice";
export { dishSalt, SALT_BANDS, type DishPart, type DishSalt, type SaltRole } from "./dishSalt";
export {
  learnedPace,
  reductionClock,
  type PanNote,
  type ReducedBefore,
  type ReductionClock,
} from "./reduce/liveReduction";
export { coldEmulsion, type ColdEmulsion, type EggSchool } from "./sauce/coldEmulsion";
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
export { findPreparation, PREPARATION_COVERS, PREPARATIONS, type Preparation } from "./shelf/data/preparations";
export { hazardOf, iceForBlanchedG, keepsDays, pickleOf, prepare, type Prepared } from "./shelf/prepare";
export { FAMILIES, type Family } from "./sauce/data/families";
