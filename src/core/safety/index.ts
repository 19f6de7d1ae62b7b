export { cookingRulesOf, judgeCook, longestAbove, type CookedAs, type CookVerdict } from "./cooking";
export { DANGER_ZONE_C } from "./dangerZone";
export { partCooking, type PartCooking } from "./partCooking";
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
export { ALLERGEN_IDS, ALLERGEN_LISTS, type AllergenId, type AllergenList } from "./data/allergens";
export { PRACTICES, practiceOf, practiceSource, type Practice, type PracticeId } from "./data/practices";
export { FOOD_CODE, HAZARDS_GUIDE } from "./data/editions";
export { COOLING_RULES, COOLING_RULE_IDS, coolingRuleOf, type CoolingRuleId } from "./data/coolingRules";
export { LETHAL_FROM_C, ORGANISMS } from "./data/organisms";
export {
  PARASITE_RULES,
  parasiteRuleOf,
  type FarmedCondition,
  type ParasiteOption,
  type ParasiteRule,
  type ParasiteRuleId,
} from "./data/parasiteRules";
export {
  RULE_SETS,
  RULE_SET_IDS,
  THAWED_C,
  type CookingRules,
  type DoorLimit,
  type RuleSet,
  type RuleSetId,
} from "./data/ruleSets";
export {
  HOT_CHECK_MIN,
  hotHoldStatus,
  judgeHotHold,
  type HotHold,
  type HotHoldStatus,
  type HotHoldVerdict,
} from "./hotHold";
export {
  HISTAMINE_EXPOSURE,
  HISTAMINE_GAP_H,
  judgeHistamineExposure,
  ONBOARD_UNKNOWN,
  type ExposureVerdict,
  type FrozenSince,
} from "./exposure";
export {
  HOLD_GAP_H,
  isBareAdductor,
  judgeParasiteHold,
  optionWords,
  parasiteNeed,
  type ParasiteFacts,
  type ParasiteNeed,
  type ParasiteRemedy,
  type ParasiteVerdict,
  type Rearing,
} from "./parasites";
export { ROUNDING_K } from "./rounding";
export { cite, citedPlace, type Ruling } from "./ruling";
export { RULINGS } from "./data/rulings";
export { rulesDocument } from "./rulesDocument";
export { lethality } from "./lethality";
export { judgeReceiving, type Arrival, type ReceivingVerdict } from "./receiving";
export { spellsAbove, timeAbove, widestStep, type LogPoint } from "./trace";
