export { daysFromQualityIndex, PUBLISHED_SCHEMES, slopePerDay, type PublishedScheme } from "./data/publishedSchemes";
export type { LiveStorage } from "./data/liveStorage";
export { lifeOnIceDays, liveStorageOf, readFreshness, type FreshnessReading, type Grades } from "./inspection";
export {
  goneAfterCut,
  iceDaysPerDay,
  lifeSegments,
  lotLife,
  type LegalEnd,
  type LifeSegment,
  type LotLife,
  type LotState,
} from "./life";
export { legalEnds, type LegalFacts } from "./legalEnds";
export type { Attribute, Grade, Scheme } from "./attribute";
export { FORMS, formLabel, formsFor, isCut, isReadyToEat, schemeFor, usualForm, decidingSigns } from "./scheme";
export {
  daysLeftAt,
  iceDaysUsed,
  INITIAL_FREEZING_C,
  lifeDaysUsed,
  lifeRate,
  spoilageRate,
  type TemperaturePoint,
} from "./spoilage";
export {
  arrivalOf,
  usualStateOf,
  deathGrade,
  judgeAtDoor,
  RAW_DEAD_SHARE,
  type DoorJudgement,
  type DoorVerdict,
  type Reason,
  type ReasonCode,
  type StillToLookAt,
} from "./verdict";
export type { Form } from "@/core/species";
