export { LIQUID_KINDS, USUAL_LIQUIDS, type LiquidKind } from "./data/liquids";
export { massOf, mixed, mixtureOf, volumeMl, type Mixture, type Poured } from "./mixture";
export { reduce, type Reduction, type ReduceQuestion } from "./reduction";
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
