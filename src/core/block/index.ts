export { planCuts, summariseCuts, type CutPlan, type CutRequest } from "./cuts/cutPlan";
export { type Piece } from "./cuts/cutSide";
export { checkSide, SideShape, type Side, type Station } from "./cuts/side";
export { startingSide, usualSideG, withLength, withStations } from "./cuts/startingSide";
export { TRIM_USES, TRIM_USE_IDS, type TrimUseId } from "./cuts/trim";
export {
  allocateBill,
  edibleCost,
  edibleShare,
  portionCost,
  skinOnShare,
  type EdibleCost,
  type PortionCost,
} from "./parts/cost";
export { PART_USES, PART_USE_IDS, type AnimalId, type Breakdown, type Part, type PartUse } from "./parts/anatomy";
export { breakdownsFor, expectedParts, findBreakdown, usualLossPct } from "./parts/expected";
export { compareYields, spreadOf, type PartYield, type WeighedPart } from "./parts/yieldRecord";
export { chanceByWeight, planOrder, type Order, type OrderRequest } from "./order/order";
export { answerOrder, type OrderAnswer, type WeighedAnimal } from "./order/orderAnswer";
export { panGroups, type PanGroup } from "./cuts/panGroups";
export {
  planSides,
  sidesPlanner,
  type PlannedPiece,
  type SidesPlan,
  type SidesRequest,
  type TailWay,
} from "./cuts/sidesPlan";
export { isRest, restOf } from "./cuts/rest";
export { type Preference } from "./cuts/portioning";
export { planCrust, planRounds, rollUp } from "./pieces/rounds";
export { COUNT_GRADES, dealPlates, PEELED_SHARE, planCount, sizeOfCount, type PlateSchool } from "./pieces/counting";
export {
  airDryMin,
  DRYING_AIR,
  FILM_G_PER_M2,
  CHILL_OFF_C,
  LONGEST_TEMPER_MIN,
  plainPiece,
  PREPARATION_LABELS,
  prepare,
  temperAfter,
  temperTime,
  USUAL_ROOM_C,
  type DryingAir,
  type PreparationStep,
  type PreparedPiece,
} from "./pieces/prepared";
export { usualStep } from "./pieces/usualStep";
export { preparedLoad, type Preparation } from "./pieces/preparedLoad";
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
} from "./pieces/boards";
