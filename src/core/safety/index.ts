export { judgeCook, longestAbove, type CookVerdict } from "./cooking";
export { RULE_SETS, RULE_SET_IDS, type RuleSetId } from "./data/ruleSets";
export { judgeReceiving, type ReceivingVerdict } from "./receiving";
