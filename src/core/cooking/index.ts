export {
  DONENESS_LABELS,
  TARGET_DONENESS,
  USUAL_DONENESS,
  type DonenessId,
  type TargetDoneness,
} from "./data/doneness";
export { COEFFICIENTS, PANS, PAN_IDS, STATION, type Pan, type PanId } from "./data/station";
export { bandAt, bandsOf, targetCentreC, type Band } from "./doneness";
export { liveCook, refuseEvent, type CookEvent, type CookStatus, type LiveCook } from "./live";
export { planCook, setupOf, type CookPlan, type CookRequest, type PieceOutcome, type PlanFailure } from "./plan";
export { probeChoicesC } from "./probeChoices";
export { OPAQUE_SHARE } from "./protein";
export type { Phase, Snapshot } from "./skinCrisp";
export { drawSheet, loadOf, planSheet, type PanLoad, type PanPiece, type Sheet, type SheetRequest } from "./sheet";
export type { CookStage } from "./stages";
export { traceCook, type CookTimes } from "./times";
