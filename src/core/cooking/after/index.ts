export { chillAfterCooking, type Chilled, type Chilling, type ChillQuestion } from "./chill";
export {
  heldFrom,
  HOLD_WAY_IDS,
  HOLD_WAYS,
  holdHot,
  keepsMin,
  PLATE_MM,
  SERVED_FROM_C,
  USUAL_HOLD_C,
  type Holding,
  type HoldQuestion,
} from "./hotHold";
