import type { Said } from "@/core/shared";
import { inMetric } from "./say";

/** An answer with everything it says in words. */
export type English<T> = T extends Said
  ? string
  : T extends (...args: never[]) => unknown
    ? T
    : T extends object
      ? { [Key in keyof T]: English<T[Key]> }
      : T;

const isSaid = (value: object): value is Said =>
  "code" in value &&
  typeof value.code === "string" &&
  /^[a-z]+\.\w+$/i.test(value.code) &&
  Object.keys(value).every((key) => key === "code" || key === "values");

/** What the core answers, as a cook reads it in a metric house: for tests that read the words. */
export function english<T>(answer: T): English<T> {
  if (typeof answer !== "object" || answer === null) return answer as English<T>;
  if (isSaid(answer)) return inMetric(answer) as English<T>;
  if (Array.isArray(answer)) return answer.map(english) as English<T>;
  return Object.fromEntries(Object.entries(answer).map(([key, value]) => [key, english(value)])) as English<T>;
}
