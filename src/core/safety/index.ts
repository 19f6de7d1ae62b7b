export { judgeCook, longestAbove, type CookedAs, type CookVerdict } from "./cooking";
export { judgeCooling, type CoolingVerdict } from "./cooling";
export {
  combinedMadeOn,
  DATE_MARK,
  dateMarkLastDay,
  keepLetterUntil,
  keepTagUntil,
  TAG_RETENTION,
  type FrozenStretch,
} from "./dates";
export { COOLING_RULES, COOLING_RULE_IDS, type CoolingRuleId } from "./data/coolingRules";
export { LETHAL_FROM_C, ORGANISMS } from "./data/organisms";
export {
  PARASITE_RULES,
  parasiteRuleOf,
  type ParasiteOption,
  type ParasiteRule,
  type ParasiteRuleId,
} from "./data/parasiteRules";
export { RULE_SETS, RULE_SET_IDS, type RuleSetId } from "./data/ruleSets";
export {
  HOT_CHECK_MIN,
  hotHoldStatus,
  judgeHotHold,
  type HotHold,
  type HotHoldStatus,
  type HotHoldVerdict,
} from "./hotHold";
export { HISTAMINE_EXPOSURE, judgeHistamineExposure, type ExposureVerdict } from "./exposure";
export {
  judgeParasiteHold,
  optionWords,
  parasiteNeed,
  type ParasiteFacts,
  type ParasiteNeed,
  type ParasiteVerdict,
} from "./parasites";
export { lethality } from "./lethality";
export { judgeReceiving, type Arrival, type ReceivingVerdict } from "./receiving";
export type { LogPoint } from "./trace";
