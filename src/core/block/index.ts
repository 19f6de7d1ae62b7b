export { planCuts, summariseCuts, type CutPlan, type CutRequest, type Piece } from "./cutPlan";
export { checkSide, SideShape, type Side, type Station } from "./side";
export { startingSide, withLength, withStations } from "./startingSide";
export { TRIM_USES, TRIM_USE_IDS, type TrimUseId } from "./trim";
export { allocateBill, edibleCost, edibleShare, portionCost, type EdibleCost, type PortionCost } from "./cost";
export { PART_USES, PART_USE_IDS, type AnimalId, type Breakdown, type Part, type PartUse } from "./anatomy";
export { breakdownsFor, expectedParts, findBreakdown } from "./expected";
export { compareYields, spreadOf, type PartYield, type WeighedPart } from "./yieldRecord";
export { chanceByWeight, planOrder, type Order, type OrderRequest } from "./order";
export { answerOrder, type OrderAnswer, type WeighedAnimal } from "./orderAnswer";
export { panGroups, type PanGroup } from "./panGroups";
export {
  planSides,
  sidesPlanner,
  type PlannedPiece,
  type SidesPlan,
  type SidesRequest,
  type TailWay,
} from "./sidesPlan";
export { type Preference } from "./portioning";
export { planCrust, planRounds, rollUp } from "./rounds";
export { COUNT_GRADES, dealPlates, planCount, sizeOfCount, type PlateSchool } from "./counting";
export {
  airDryMin,
  DRYING_AIR,
  FILM_G_PER_M2,
  LONGEST_TEMPER_MIN,
  plainPiece,
  PREPARATION_LABELS,
  prepare,
  preparedLoad,
  temperAfter,
  temperTime,
  type DryingAir,
  type Preparation,
  type PreparationStep,
  type PreparedPiece,
} from "./prepared";
export {
  boardAllergen,
  boardUseFor,
  BOARD_COLOUR_IDS,
  BOARD_USES,
  BOARD_USE_IDS,
  crossContacts,
  USUAL_BOARDS,
  type BoardColour,
  type BoardScheme,
  type BoardUse,
  type BoardWash,
  type BoardWork,
  type CrossContact,
} from "./boards";
