export { lifeOnIceDays, readFreshness, type FreshnessReading, type Grades } from "./inspection";
export { iceDaysPerDay, lifeSegments, lotLife, traceOf, type LifeSegment, type LotLife } from "./life";
export { FORMS, isCut, schemeFor, type Attribute, type Form, type Grade, type Scheme } from "./scheme";
export { daysLeftAt, iceDaysUsed, INITIAL_FREEZING_C, spoilageRate, type TemperaturePoint } from "./spoilage";
export { judgeAtDoor, type DoorJudgement, type DoorVerdict, type Reason } from "./verdict";
