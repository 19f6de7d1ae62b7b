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
export { ingredientOf, pouredGrams, scaledPortion, type Portion } from "./pour";
export { afterWaiting, lossGPerMin, waitThrough, type Waiting, type WaitingPoint } from "./bain";
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
