export { isAirFilm } from "./chance";
export { cutFace, type CutFace } from "./cutFace";
export { entryTimes } from "./entries";
export { findTimes, secondsOf, type PlanFailure } from "./findTimes";
export { measureOf } from "./goal";
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
export { bandOfEnd, planCook, type CookPlan, type PieceOutcome, type Sensitivity } from "./plan";
export { heatSecondsOf } from "./practiceFit";
export { Programme, type CookOutcome, type StageEnd } from "./programme";
export { loadOf, type PanLoad, type PanPiece } from "./panLoad";
export { rankMethods, waysAtSight, type MethodFit } from "./rank";
export { jobOf, type AskedGoal, type CookRequest, type Job } from "./request";
export { timeToReach } from "./search";
export { drawSheet, planSheet, rankSheet, requestOf, sheetRows, UNKNOWN, type Sheet, type SheetRequest } from "./sheet";
export { spotsOf, spotsOfMethod, type SpotKind, type StageSpot } from "./spots";
export { stagesOf, type CookStage } from "./stages";
export { sheetThicknesses, stageColumns, stationSheet, type SheetRow } from "./stationSheet";
