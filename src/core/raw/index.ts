export { rawAdvisory, type Advisory } from "./advisory";
export { clearRaw, ruleWords, type Check, type Clearance, type HistoryFacts, type RawFacts } from "./clearance";
export {
  compareStacks,
  FREEZERS,
  FREEZER_IDS,
  planFreezing,
  WRAPS,
  WRAP_IDS,
  type FreezePlan,
  type FreezeRequest,
  type FreezerId,
  type StackRow,
  type ThicknessRow,
  type WrapId,
} from "./packFreezing";
export { dressedHoldMin, planBatch, planSlices, plateHoldMin, SLICE_MM } from "./plates";
export { type ShellfishFacts } from "./shellfish";
