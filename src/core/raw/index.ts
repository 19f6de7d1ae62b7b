export { rawAdvisory, type Advisory } from "./advisory";
export { followAirRecord, type AirRecord, type AirRecordRequest } from "./airRecord";
export { clearRaw, ruleWords, type Clearance } from "./clearance";
export type { Check, CheckId, HistoryFacts, FreezingFacts, RawFacts, ShellfishFacts } from "./facts";
export { FREEZERS, FREEZER_IDS, WRAPS, WRAP_IDS, type FreezePack, type FreezerId, type WrapId } from "./freezePack";
export {
  compareStacks,
  planFreezing,
  type FreezePlan,
  type FreezeRequest,
  type StackRow,
  type ThicknessRow,
} from "./packFreezing";
export { ROUND_H } from "./keptCold";
export { needWords, parasiteAnswer } from "./parasiteCheck";
export {
  dressedHoldMin,
  FIRST_COURSE_G,
  planBatch,
  planSlices,
  plateHoldMin,
  SLICE_MM,
  slicedBelowC,
  SLICING_S,
  USUAL_SHELL_G,
  WARM_PLATE_C,
} from "./plates";
export type { Risk } from "./risks";
export { majorArea } from "./waters";
