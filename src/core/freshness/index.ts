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
export {
  FORMS,
  formLabel,
  formsFor,
  isCut,
  isReadyToEat,
  schemeFor,
  usualForm,
  type Attribute,
  type Form,
  type Grade,
  type Scheme,
} from "./scheme";
export { daysLeftAt, iceDaysUsed, INITIAL_FREEZING_C, spoilageRate, type TemperaturePoint } from "./spoilage";
export {
  arrivalOf,
  usualStateOf,
  deathGrade,
  judgeAtDoor,
  type DoorJudgement,
  type DoorVerdict,
  type Reason,
} from "./verdict";
