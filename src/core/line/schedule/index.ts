export { clashSaid } from "./clashSaid";
export { mendOf, waitingPlan, type Mend, type Mended } from "./mend";
export type {
  After,
  Clash,
  Need,
  Placed,
  Resource,
  Schedule,
  ScheduleAnswer,
  ScheduleProblem,
  Serve,
  Task,
} from "./problem";
export { better, solveSchedule, type Clock, type SolveOptions } from "./solve";
export type { MixedIntegerSolver } from "./timeIndexed";
