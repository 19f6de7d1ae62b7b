import { celsiusFromF } from "@/core/units";
import { err, ok, type Result, inCelsius, said, type Said } from "@/core/shared";

export type TracePoint = { readonly timeS: number; readonly celsius: number };

const MOST_POINTS = 4000;
/** No cook is longer, s: a braise through a night and a morning is half of it. */
export const LONGEST_TRACE_S = 86_400;
const CLOCK = /^(?:(\d{1,3}):)?(\d{1,3}):(\d{1,2}(?:[.,]\d+)?)$/;

const numberOf = (cell: string): number => (cell.trim() === "" ? NaN : Number(cell.trim().replace(",", ".")));

function secondsOf(cell: string): number {
  const clock = CLOCK.exec(cell.trim());
  if (clock) return Number(clock[1] ?? 0) * 3600 + Number(clock[2]) * 60 + numberOf(clock[3]!);
  return numberOf(cell);
}

/**
 * A temperature trace out of the rows of a file: time in seconds, m:ss or h:mm:ss (minutes where the head says so), then °C, or °F where
 * the head says so. Times count from the first row. Error: in the cook's words, with the line.
 */
export function readTrace(rows: readonly (readonly string[])[]): Result<readonly TracePoint[], Said> {
  const filled = rows.flatMap((cells, index) =>
    cells.some((cell) => cell.trim() !== "") ? [{ cells, line: index + 1 }] : [],
  );
  const [head] = filled;
  if (!head) return err(said("plan.theFileIsEmpty"));
  const headed = Number.isNaN(secondsOf(head.cells[0] ?? ""));
  const words = headed ? head.cells.map((cell) => cell.toLowerCase()) : [];
  const perUnitS = /min/.test(words[0] ?? "") ? 60 : 1;
  const fahrenheit = /°?f\b|fahr/.test(words[1] ?? "");
  const points: TracePoint[] = [];
  for (const { cells, line } of headed ? filled.slice(1) : filled) {
    const [time, reading] = [secondsOf(cells[0] ?? ""), numberOf(cells[1] ?? "")];
    if (Number.isNaN(time) || Number.isNaN(reading)) return err(said("plan.lineLineIsNotATime", { line }));
    const timeS = /:/.test(cells[0]!) ? time : time * perUnitS;
    const celsius = fahrenheit ? celsiusFromF(reading) : reading;
    if (celsius < -60 || celsius > 150)
      return err(said("plan.lineLineCelsiusIsNoTemperature", { line, celsius: inCelsius(celsius, 0) }));
    if (!Number.isFinite(timeS) || Math.abs(timeS - (points[0]?.timeS ?? timeS)) > LONGEST_TRACE_S)
      return err(said("plan.lineLineIsTooLate", { line, hours: LONGEST_TRACE_S / 3600 }));
    const before = points.at(-1);
    if (before && timeS < before.timeS) return err(said("plan.lineLineGoesBackInTime", { line }));
    points.push({ timeS, celsius });
  }
  if (points.length < 2) return err(said("plan.aTraceNeedsTwoReadingsAt"));
  if (points.length > MOST_POINTS)
    return err(said("plan.moreThanMostpointsReadingsThinThe", { mostpoints: MOST_POINTS }));
  const startS = points[0]!.timeS;
  return ok(points.map(({ timeS, celsius }) => ({ timeS: timeS - startS, celsius })));
}
