export {
  alarmState,
  answersIt,
  lifeCents,
  lossOf,
  worstFirst,
  type AlarmState,
  type CorrectiveAct,
  type CorrectiveKind,
  type ExcursionLoss,
} from "./correctiveAct";
export { findExcursions, missedReadings, type Excursion, type Gap, type Limits } from "./excursions";
export { dayLog, type LogCell } from "./dayLog";
export { TemperatureHistory, type PlaceReading } from "./history";
export {
  HOLD_LABELS,
  RUNNING_WATER_H,
  type ThawWay,
  holdSection,
  holdStatus,
  type Hold,
  type HoldKind,
  type HoldStatus,
  type ParasiteHold,
} from "./holds";
export { readLoggerRows, type LoggerRead, type RowProblem } from "./loggerRows";
export { probeReadsTrue, probeState, type ProbeCheck, type ProbeState } from "./probeCheck";
export { PLACE_KINDS, placeLimits, type PlaceKind } from "./places";
export { excursionEffect, frozenSince, logOverStays, usedOverStays, type ExcursionEffect, type Stay } from "./stays";
export { readWhen, type DateOrder, type When } from "./when";
