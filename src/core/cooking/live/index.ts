export { OFF_PLAN_K, WORTH_A_CHANGE_S, type LiveEstimate } from "./estimate";
export { estimateSheet, type LiveQuestion } from "./estimateSheet";
export {
  centresAt,
  fitCooks,
  learnedFilms,
  meanOffK,
  shifted,
  type Estimate,
  type Fit,
  type MeasuredCook,
  type Reading,
} from "./fit";
export {
  liveCook,
  refuseEvent,
  stageSecondsAt,
  standing,
  tapToUndo,
  UNDO_TAKEN_MS,
  type CookEvent,
  type CookStatus,
  type LiveCook,
} from "./live";
export { probeChoicesC } from "./probeChoices";
export { clashes, ONE_MOMENT_S, type DueAct } from "./clashes";
export { LONGEST_TRACE_S, readTrace } from "./traceRows";
