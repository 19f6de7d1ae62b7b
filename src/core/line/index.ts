export { centsAtRiskPerDay, planCovers, type CoversNeed, type CoversPlan, type PlannableLot } from "./covers";
export { firstToUse, nextAction, type HoldInHand, type LotInHand, type NextAction, type WarmPlace } from "./nextAction";
