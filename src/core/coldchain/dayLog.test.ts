import { HOUR_MS } from "@/core/units";
import { dayLog } from "./dayLog";

test("a day in lines of two hours: lowest and highest, what was out, and where nobody read", () => {
  const at = (hours: number, celsius: number) => ({ atMs: hours * HOUR_MS, celsius });
  const readings = [at(-1, 9), at(0, 1.5), at(1.9, 3), at(2, 5.2), at(23.9, 2), at(24, 9)];
  const { lines, day } = dayLog(readings, { fromMs: 0, toMs: 24 * HOUR_MS }, { minC: null, maxC: 4 });
  expect(lines).toHaveLength(12);
  expect(lines[0]!.cell).toEqual({ lowC: 1.5, highC: 3, readings: 2, out: false });
  expect(lines[1]!.cell).toMatchObject({ highC: 5.2, out: true });
  expect(lines[2]!.cell).toBeNull();
  expect(day).toEqual({ lowC: 1.5, highC: 5.2, readings: 4, out: true });
  // the day the clocks go back has 25 hours
  expect(dayLog([], { fromMs: 0, toMs: 25 * HOUR_MS }, { minC: null, maxC: 4 }).lines).toHaveLength(13);
});
