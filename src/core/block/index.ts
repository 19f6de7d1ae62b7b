export { planCuts, summariseCuts, type CutPlan, type CutRequest, type Piece } from "./cutPlan";
export { checkSide, SideShape, type Side, type Station } from "./side";
export { startingSide, withLength, withStations } from "./startingSide";
export { TRIM_USES, TRIM_USE_IDS, type TrimUseId } from "./trim";
export { edibleCost, edibleShare, type EdibleCost } from "./cost";
