import { assertNever, type Quantity } from "@/core/shared";
import {
  celsiusFromF,
  fahrenheitDegreesFromK,
  fahrenheitFromC,
  fluidOunceFromMl,
  gramFromOunce,
  inchFromMm,
  mlFromFluidOunce,
  mmFromInch,
  ounceFromG,
} from "@/core/units";
import { inchText } from "./inches";
import type { DecimalMark } from "./typedNumber";
import { t } from "@/words/ui";

export type Units = "metric" | "imperial";

const plain = (value: number, digits: number) => {
  const text = value.toFixed(digits);
  return Number(text) === 0 ? text.replace("-", "") : text;
};
type Fixed = typeof plain;
const withComma: Fixed = (value, digits) => plain(value, digits).replace(".", ",");

/** As many digits as the metric figure had for a temperature; fractions of an inch; ounces and pounds to a tenth; time and bare figures are the same everywhere. */
function imperial(unit: Quantity["unit"], value: number, digits: number, fixed: Fixed): string {
  switch (unit) {
    case "°C":
      return `${fixed(fahrenheitFromC(value), digits)} °F`;
    case "K":
      return `${fixed(fahrenheitDegreesFromK(value), digits)} °F`;
    case "mm":
      return t("lengthIn", { length: inchText(inchFromMm(value)) });
    case "g":
      return t("ouncesOz", { ounces: fixed(ounceFromG(value), 1) });
    case "kg":
      return t("ouncesLb", { ounces: fixed(ounceFromG(value * 1000) / 16, 1) });
    case "ml":
      return t("ouncesFlOz", { ounces: fixed(fluidOunceFromMl(value), 1) });
    case "h":
      return hoursText(value);
    case "1":
      return fixed(value, digits);
    default:
      return assertNever(unit);
  }
}

/** Every figure on a screen goes through here; rounding happens once, at display. */
export type Format = ReturnType<typeof formatFor>;

/** `currency`: ISO 4217; without one no price is shown. `mark`: what the house writes between whole and parts. */
export function formatFor(units: Units, currency: string | null = null, mark: DecimalMark = null) {
  const metric = units === "metric";
  const fixed = mark === "comma" ? withComma : plain;
  return {
    units,
    /** A bare figure: a percentage, a ratio, a factor. */
    number: (value: number, digits: number) => fixed(value, digits),
    degree: metric ? "°C" : "°F",
    lengthUnit: metric ? "mm" : "in",
    massUnit: metric ? "g" : "oz",
    volumeUnit: metric ? "ml" : "fl oz",
    /** What prices are in; null: the house has not said, and a price is a dash. */
    currency,
    money: (cents: number) => (currency === null ? "–" : moneyText(cents, currency, mark)),
    temperature: (pointC: number, digits = 0) =>
      metric ? `${fixed(pointC, digits)} °C` : `${fixed(fahrenheitFromC(pointC), digits)} °F`,
    difference: (differenceK: number, digits = 0) =>
      metric ? `${fixed(differenceK, digits)} °C` : `${fixed(fahrenheitDegreesFromK(differenceK), digits)} °F`,
    mass: (massG: number) => {
      if (!metric) {
        const ounces = ounceFromG(massG);
        return ounces >= 32
          ? t("ouncesLb", { ounces: fixed(ounces / 16, 2) })
          : t("ouncesOz", { ounces: fixed(ounces, 1) });
      }
      return massG >= 1000 ? t("massKg", { mass: fixed(massG / 1000, 2) }) : `${fixed(massG, 0)} g`;
    },
    /** Salt and the like: a tenth of a gram counts. */
    pinch: (massG: number) =>
      metric ? `${fixed(massG, 1)} g` : t("ouncesOz", { ounces: fixed(ounceFromG(massG), 2) }),
    volume: (ml: number) =>
      metric
        ? ml >= 1000
          ? t("volumeL", { volume: fixed(ml / 1000, 2) })
          : t("volumeMl", { volume: fixed(ml, 0) })
        : t("ouncesFlOz", { ounces: fixed(fluidOunceFromMl(ml), 1) }),
    length: (lengthMm: number, digits = 0) =>
      metric
        ? t("lengthMm", { length: fixed(lengthMm, digits) })
        : t("lengthIn", { length: inchText(inchFromMm(lengthMm)) }),
    /** A quantity as the core answers it. */
    quantity: ({ unit, value, digits }: Quantity) =>
      metric && unit !== "h" && unit !== "1"
        ? `${fixed(value, digits)} ${unit === "K" ? "°C" : unit}`
        : imperial(unit, value, digits, fixed),
    // for inputs: the house's number out of the core's and back
    toTemperature: (pointC: number) => (metric ? pointC : fahrenheitFromC(pointC)),
    fromTemperature: (shown: number) => (metric ? shown : celsiusFromF(shown)),
    toMass: (massG: number) => (metric ? massG : ounceFromG(massG)),
    fromMass: (shown: number) => (metric ? shown : gramFromOunce(shown)),
    toVolume: (ml: number) => (metric ? ml : fluidOunceFromMl(ml)),
    fromVolume: (shown: number) => (metric ? shown : mlFromFluidOunce(shown)),
    bigMassUnit: metric ? "kg" : "lb",
    toBigMass: (massG: number) => (metric ? massG / 1000 : ounceFromG(massG) / 16),
    fromBigMass: (shown: number) => (metric ? shown * 1000 : gramFromOunce(shown * 16)),
    toLength: (lengthMm: number) => (metric ? lengthMm : inchFromMm(lengthMm)),
    fromLength: (shown: number) => (metric ? shown : mmFromInch(shown)),
  };
}

/** Time owed to a stage: whole seconds, rounded up against ourselves; past the end it counts over with a plus. */
export function clockText(remainingS: number): string {
  const over = remainingS < 0;
  const seconds = over ? Math.floor(-remainingS) : Math.ceil(remainingS);
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
  return over ? `+${text}` : text;
}

/** Nobody keeps a plan to the second: to five of them below ten minutes, to half a minute below an hour. */
const roundedS = (seconds: number): number => {
  const step = seconds < 600 ? 5 : 30;
  return seconds > 0 && seconds < step ? Math.ceil(seconds) : Math.round(seconds / step) * step;
};

/**
 * A length of time, everywhere but on a running clock: its two largest units in words. To five seconds below ten minutes, to half a
 * minute below an hour, to a minute below two days, to an hour above.
 */
export function durationText(seconds: number): string {
  const whole = roundedS(seconds);
  if (whole >= 2 * DAY_S) {
    const hours = Math.round(seconds / 3600);
    return twoUnits(Math.floor(hours / 24), "d", hours % 24, "h");
  }
  if (whole >= 3600) {
    const minutes = Math.round(seconds / 60);
    return twoUnits(Math.floor(minutes / 60), "h", minutes % 60, "min");
  }
  return twoUnits(Math.floor(whole / 60), "min", whole % 60, "s");
}

const DAY_S = 86_400;

function twoUnits(large: number, unit: string, small: number, smallUnit: string): string {
  if (large === 0) return `${small} ${smallUnit}`;
  return small === 0 ? `${large} ${unit}` : `${large} ${unit} ${small} ${smallUnit}`;
}

/** The same of hours; nobody reads seconds in them. */
export function hoursText(hours: number): string {
  const minutes = Math.round(hours * 60);
  return minutes === 0 ? t("minutesMin", { minutes: "0" }) : durationText(minutes * 60);
}

/** Life left, credited down: hours in the last two days, else days to a half. */
export function lifeText(days: number | null): string {
  if (days === null) return t("standsStill");
  if (days <= 0) return t("over");
  if (days < 2) return `${Math.max(1, Math.floor(days * 24))} h`;
  const halves = Math.floor(days * 2);
  return `${Math.floor(halves / 2)}${halves % 2 === 1 ? "½" : ""} d`;
}

const currencies = new Map<string, Intl.NumberFormat>();

/** Hundredths of a currency as a price. */
function moneyText(cents: number, currency: string, mark: DecimalMark): string {
  const locale = mark === "comma" ? "de" : "en";
  const key = `${currency} ${locale}`;
  const known =
    currencies.get(key) ??
    new Intl.NumberFormat(locale, { style: "currency", currency, currencyDisplay: "narrowSymbol" });
  currencies.set(key, known);
  return known.format(cents / 100);
}
export const percentText = (share: number): string => `${plain(share * 100, 0)} %`;

const formatters = new Map<string, Intl.DateTimeFormat>();

/** Making a formatter costs far more than using it; one is kept for each shape and zone. */
function formatter(shape: "day" | "weekday" | "time" | "stamp", timeZone: string): Intl.DateTimeFormat {
  const key = `${shape} ${timeZone}`;
  const known = formatters.get(key);
  if (known) return known;
  const options = {
    weekday: { weekday: "long" },
    day: { weekday: "short", day: "numeric", month: "short" },
    time: { hour: "2-digit", minute: "2-digit", hourCycle: "h23" },
    stamp: { month: "2-digit", day: "2-digit" },
  } as const satisfies Record<string, Intl.DateTimeFormatOptions>;
  const made = new Intl.DateTimeFormat("en-GB", { timeZone, ...options[shape] });
  formatters.set(key, made);
  return made;
}

export const dayText = (atMs: number, timeZone: string): string => formatter("day", timeZone).format(atMs);

/** A day of the calendar, YYYY-MM-DD, as every day is written here; what is none stays as it is. */
export function calendarDayText(day: string): string {
  const noonMs = Date.parse(`${day}T12:00:00Z`);
  return Number.isNaN(noonMs) ? day : dayText(noonMs, "UTC");
}

export const weekdayText = (atMs: number, timeZone: string): string => formatter("weekday", timeZone).format(atMs);

export const timeText = (atMs: number, timeZone: string): string => formatter("time", timeZone).format(atMs);

/** A moment: its time alone where it is of the same day, else with its day. */
export function momentText(atMs: number, nowMs: number, timeZone: string): string {
  const [day, time] = [dayText(atMs, timeZone), timeText(atMs, timeZone)];
  return day === dayText(nowMs, timeZone) ? time : `${day} ${time}`;
}

/** MMDD in the house's zone: the start of a lot code. */
export function dayStamp(atMs: number, timeZone: string): string {
  const parts = formatter("stamp", timeZone).formatToParts(atMs);
  const part = (type: string) => parts.find((entry) => entry.type === type)?.value ?? "00";
  return `${part("month")}${part("day")}`;
}
