export {
  celsiusFromF,
  DAY_MS,
  daysBetween,
  fahrenheitDegreesFromK,
  fahrenheitFromC,
  gramFromOunce,
  HOUR_MS,
  MINUTE_MS,
  inchFromMm,
  GRAM_PER_POUND,
  kelvinFromC,
  mmFromInch,
  ounceFromG,
  fluidOunceFromMl,
  mlFromFluidOunce,
} from "./convert";
export { addDays, daysFromTo, type Day } from "./days";
