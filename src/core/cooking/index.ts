export {
  DONENESS_LABELS,
  TARGET_DONENESS,
  USUAL_DONENESS,
  type DonenessId,
  type TargetDoneness,
} from "./data/doneness";
export { OUTCOME_LABELS, outcomeLabel, type OutcomeId } from "./data/outcomes";
export {
  COEFFICIENTS,
  PANS,
  PAN_IDS,
  STATION,
  USUAL_FILMS,
  type FilmId,
  type Films,
  type Pan,
  type PanId,
} from "./data/station";
export { bandAt, bandsOf, readsLikeC, stateAt, targetCentreC, type Band } from "./doneness";
export { KINETICS, OPAQUE_SHARE, TENDER } from "./flesh";
export type { LiveEstimate } from "./estimate";
export {
  centresAt,
  fitCooks,
  learnedFilms,
  meanOffK,
  shifted as shiftedSetup,
  type Estimate,
  type Fit,
  type MeasuredCook,
  type Reading,
} from "./fit";
export { secondsOf as findTimesOf } from "./findTimes";
export { liveCook, refuseEvent, stageSecondsAt, type CookEvent, type CookStatus, type LiveCook } from "./live";
export {
  COOK_FORMS,
  kitOf,
  METHODS,
  METHOD_IDS,
  methodOf,
  type CookForm,
  type Knob,
  type KnobId,
  type Method,
  type MethodId,
} from "./methods";
export { governingMm, resized, shapeFor, type PieceShape } from "./piece";
export { jobOf, type AskedGoal, type CookRequest, type Job } from "./request";
export { chillAfterCooking, type ChillQuestion, type Chilled, type Chilling } from "./chill";
export {
  heldFrom,
  holdHot,
  keepsMin,
  SERVED_FROM_C,
  HOLD_WAYS,
  HOLD_WAY_IDS,
  USUAL_HOLD_C,
  type Holding,
  type HoldQuestion,
} from "./hotHold";
export { entryTimes } from "./entries";
export type { PlanFailure } from "./findTimes";
export { planCook, type CookPlan, type PieceOutcome, type Sensitivity } from "./plan";
export { rankMethods, type MethodFit } from "./rank";
export {
  cookFormsOf,
  openingOf,
  TEMPERED_C,
  USUAL_RIM_MM,
  usualGoal,
  usualPiece,
  usualSchool,
  type Opening,
  type UsualPiece,
} from "./opening";
export { isWay, usualCookForm, waysFor } from "./ways";
export { sheetThicknesses, stageColumns, type SheetRow } from "./stationSheet";
export { realityDocument } from "./realityDocument";
export { readTrace } from "./traceRows";
export { probeChoicesC } from "./probeChoices";
export type { Snapshot } from "./cookRun";
export type { CutFace } from "./cutFace";
export {
  drawSheet,
  estimateSheet,
  loadOf,
  planSheet,
  rankSheet,
  requestOf,
  sheetRows,
  type LiveQuestion,
  type PanLoad,
  type PanPiece,
  type Sheet,
  type SheetRequest,
} from "./sheet";
export type { CookStage } from "./stages";
