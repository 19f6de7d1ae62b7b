export { rawAdvisory, type Advisory } from "./advisory";
export { followAirRecord, type AirRecord, type AirRecordRequest } from "./airRecord";
export { clearRaw, ruleWords, type Clearance } from "./clearance";
export type { Check, CheckId, HistoryFacts, HoldFacts, RawFacts, ShellfishFacts } from "./facts";
export {
  compareStacks,
  FREEZERS,
  FREEZER_IDS,
  planFreezing,
  WRAPS,
  WRAP_IDS,
  type FreezePack,
  type FreezePlan,
  type FreezeRequest,
  type FreezerId,
  type StackRow,
  type ThicknessRow,
  type WrapId,
} from "./packFreezing";
export { ROUND_H } from "./keptCold";
export { needWords, parasiteAnswer } from "./parasiteCheck";
export { dressedHoldMin, planBatch, planSlices, plateHoldMin, SLICE_MM } from "./plates";
export type { Risk } from "./risks";
export { majorArea } from "./waters";
