export { centsAtRiskPerDay, planCovers, type CoversNeed, type CoversPlan, type PlannableLot } from "./covers";
export { firstToUse, nextAction, type HoldInHand, type LotInHand, type NextAction, type WarmPlace } from "./nextAction";
export {
  clashSaid,
  solveSchedule,
  type Clash,
  type Mend,
  type MixedIntegerSolver,
  type Schedule,
  type ScheduleAnswer,
  type ScheduleProblem,
} from "./schedule";
export {
  chanceInTime,
  chanceOfRun,
  guessOf,
  keptSeconds,
  movedTasks,
  ovensMeet,
  priceOf,
  replan,
  sharePans,
  USUAL_SPREAD,
  type CourseTimes,
  type Guess,
  type Pan,
  type PanPart,
  type PanReason,
  type Replanned,
  type Run,
  type WantedPieces,
} from "./service";
