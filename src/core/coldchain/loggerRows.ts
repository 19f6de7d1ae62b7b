import { err, ok, type Result, inCelsius, said, type Said } from "@/core/shared";
import { celsiusFromF } from "@/core/units";
import type { PlaceReading } from "./history";
import { readWhen, type DateOrder } from "./when";

export type RowProblem = { readonly line: number; readonly text: string; readonly reason: Said };

export type LoggerRead = {
  /** In time order, one a moment. */
  readonly readings: readonly PlaceReading[];
  readonly problems: readonly RowProblem[];
  readonly unit: "C" | "F";
  readonly dateOrder: DateOrder;
  readonly duplicates: number;
  readonly outOfOrder: number;
};

export type LoggerOptions = {
  /** The moments a wall clock of the house showed this, in time order: two in the hour that comes twice, none in one left out. */
  readonly momentsOf: (local: {
    readonly day: string;
    readonly minutes: number;
    readonly seconds: number;
  }) => readonly number[];
  readonly nowMs: number;
  /** Told from time to time how far the reading is, 0 to 1. */
  readonly onShare?: (share: number) => void;
};

/** So many rows between two words of how far it is. */
const TOLD_EVERY = 5000;

const TEMPERATURE_HEAD = /temp|°|celsius|fahrenheit|^t$|deg|value|kanal|ch\s*1/i;
const TIME_HEAD = /time|date|zeit|datum|tid|heure|fecha|timestamp/i;
/** A cold store never reads this warm; a column that does is in °F. */
const SURELY_F = 60;
const RANGE_C = [-90, 120] as const;

/** "4,5" and "4.5", with or without the unit behind it. */
function readNumber(cell: string): number | null {
  const text = cell
    .trim()
    .replace(/\s*°?\s*[CF]$/i, "")
    .replace(",", ".");
  return /^[-+−]?\d+(\.\d+)?$/.test(text) ? Number(text.replace("−", "-")) : null;
}

/** Which columns hold the time (one, or date and time apart) and the temperature. */
function columnsOf(rows: readonly (readonly string[])[]) {
  const head = rows[0] ?? [];
  const hasHead = head.some((cell) => TEMPERATURE_HEAD.test(cell) || TIME_HEAD.test(cell));
  const body = hasHead ? rows.slice(1) : rows;
  const sample = body.slice(0, 40);
  const width = Math.max(0, ...sample.map((row) => row.length));
  const share = (test: (cell: string) => boolean, column: number) =>
    sample.filter((row) => test(row[column] ?? "")).length / Math.max(1, sample.length);
  const columns = Array.from({ length: width }, (_, column) => column);
  const looksDated = (cell: string) => /\d{1,4}[-/.]\d{1,2}[-/.]\d{1,4}/.test(cell) || /^\d{10,13}$/.test(cell.trim());
  const looksTimed = (cell: string) => /^\s*\d{1,2}:\d{2}(:\d{2})?\s*([ap]m)?\s*$/i.test(cell);
  const dateColumn = columns.find((column) => share(looksDated, column) > 0.5) ?? -1;
  const timeColumn = columns.find((column) => column !== dateColumn && share(looksTimed, column) > 0.5) ?? -1;
  const numeric = columns.filter(
    (column) =>
      column !== dateColumn && column !== timeColumn && share((cell) => readNumber(cell) !== null, column) > 0.5,
  );
  const named = hasHead ? numeric.find((column) => TEMPERATURE_HEAD.test(head[column] ?? "")) : undefined;
  // a plain count of rows is no temperature
  const counts = (column: number) =>
    sample.every((row, index) => index === 0 || Number(row[column]) === Number(sample[index - 1]![column]) + 1);
  const temperatureColumn = named ?? numeric.find((column) => sample.length < 3 || !counts(column)) ?? -1;
  return { head, hasHead, dateColumn, timeColumn, temperatureColumn };
}

/** Day-first unless a row proves otherwise: a month above 12 can only be a day. */
function dateOrderOf(cells: readonly string[]): DateOrder {
  for (const cell of cells) {
    const parts = /^\s*(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})/.exec(cell);
    if (!parts) continue;
    if (parts[1]!.length === 4) return "ymd";
    if (Number(parts[1]) > 12) return "dmy";
    if (Number(parts[2]) > 12) return "mdy";
  }
  return "dmy";
}

type Columns = { readonly dateColumn: number; readonly timeColumn: number; readonly dateOrder: DateOrder };

/**
 * Chooses among the moments of a wall-clock time by the row before: going forward the first that does not lie before it, going back the
 * last that does not lie after it. So the hour that comes twice in autumn is read twice and not half of it thrown away.
 */
function momentAfter(
  momentsOf: LoggerOptions["momentsOf"],
  body: readonly (readonly string[])[],
  { dateColumn, timeColumn, dateOrder }: Columns,
): (moments: readonly number[]) => number | undefined {
  const read = (row: readonly string[] | undefined) => {
    const when = row && readWhen(row[dateColumn] ?? "", timeColumn < 0 ? null : (row[timeColumn] ?? ""), dateOrder);
    return when ? (when.kind === "moment" ? when.atMs : momentsOf(when)[0]) : undefined;
  };
  const backward = (read(body[0]) ?? 0) > (read(body.at(-1)) ?? Infinity);
  let lastMs: number | undefined;
  return (moments) => {
    const fits = (atMs: number) => lastMs === undefined || (backward ? atMs <= lastMs : atMs >= lastMs);
    const chosen = (backward ? moments.findLast(fits) : moments.find(fits)) ?? moments[0];
    if (chosen !== undefined) lastMs = chosen;
    return chosen;
  };
}

/** In what unit the column is: as it says itself, or as its middle value can only be. */
function unitOf(head: string, cells: readonly string[], values: readonly (number | null)[]): "C" | "F" {
  const marked = `${head} ${cells.slice(0, 5).join(" ")}`;
  if (/°\s*F|fahrenheit|deg\s*F|\(F\)|\bF\b|_f\b/i.test(marked)) return "F";
  if (/°\s*C|celsius|deg\s*C|\(C\)|\bC\b|_c\b/i.test(marked)) return "C";
  const known = values.filter((value): value is number => value !== null).sort((a, b) => a - b);
  const median = known[Math.floor(known.length / 2)] ?? 0;
  return median > 25 && median < SURELY_F + 20 ? "F" : "C";
}

type ReadRow = (row: readonly string[], value: number | null) => Result<PlaceReading, Said>;

/** Reads one row after the other; the moment of a row may hang on the one before. */
function rowReader(
  body: readonly (readonly string[])[],
  columns: Columns,
  unit: "C" | "F",
  options: LoggerOptions,
): ReadRow {
  const { dateColumn, timeColumn, dateOrder } = columns;
  const { momentsOf, nowMs } = options;
  const next = momentAfter(momentsOf, body, columns);
  return (row, value) => {
    const when = readWhen(row[dateColumn] ?? "", timeColumn < 0 ? null : (row[timeColumn] ?? ""), dateOrder);
    if (!when) return err(said("coldchain.theTimeCannotBeRead"));
    if (value === null) return err(said("coldchain.theTemperatureIsNoNumber"));
    const celsius = Math.round((unit === "F" ? celsiusFromF(value) : value) * 1000) / 1000;
    if (celsius < RANGE_C[0] || celsius > RANGE_C[1])
      return err(said("coldchain.celsiusIsNoColdStoreCheck", { celsius: inCelsius(celsius, 1) }));
    const atMs = when.kind === "moment" ? when.atMs : next(momentsOf(when));
    if (atMs === undefined) return err(said("coldchain.theClocksWentForwardOverThis"));
    return atMs > nowMs + 60_000 ? err(said("coldchain.liesAheadOfNow")) : ok({ atMs, celsius });
  };
}

/**
 * Reads the rows of a logger's table, whatever its dialect: head or none, one time column or two, °C or °F, day first or month first,
 * rows out of order, rows twice. A row that cannot be read is reported by its line and the others still stand.
 */
export function readLoggerRows(rows: readonly (readonly string[])[], options: LoggerOptions): Result<LoggerRead, Said> {
  const { head, hasHead, dateColumn, timeColumn, temperatureColumn } = columnsOf(rows);
  if (dateColumn < 0) return err(said("coldchain.noColumnOfDatesWasFound"));
  if (temperatureColumn < 0) return err(said("coldchain.noColumnOfTemperaturesWasFound"));
  const firstLine = hasHead ? 2 : 1;
  const body = hasHead ? rows.slice(1) : rows;
  const dateOrder = dateOrderOf(body.map((row) => row[dateColumn] ?? ""));
  const cells = body.map((row) => row[temperatureColumn] ?? "");
  const values = cells.map(readNumber);
  const unit = unitOf(head[temperatureColumn] ?? "", cells, values);
  const read = rowReader(body, { dateColumn, timeColumn, dateOrder }, unit, options);
  const problems: RowProblem[] = [];
  const byTime = new Map<number, number>();
  let [duplicates, outOfOrder, latestMs] = [0, 0, -Infinity];
  for (const [index, row] of body.entries()) {
    if (index % TOLD_EVERY === 0) options.onShare?.(index / body.length);
    if (row.every((cell) => cell.trim() === "")) continue;
    const reading = read(row, values[index] ?? null);
    if (!reading.ok) {
      problems.push({ line: index + firstLine, text: row.join(" | ").slice(0, 120), reason: reading.error });
      continue;
    }
    const { atMs, celsius } = reading.value;
    if (byTime.has(atMs)) duplicates++;
    else byTime.set(atMs, celsius);
    if (atMs < latestMs) outOfOrder++;
    latestMs = Math.max(latestMs, atMs);
  }
  if (byTime.size === 0) return err(nothingRead(problems));
  const readings = [...byTime].map(([atMs, celsius]) => ({ atMs, celsius })).sort((a, b) => a.atMs - b.atMs);
  return ok({ readings, problems, unit, dateOrder, duplicates, outOfOrder });
}

const nothingRead = ([first]: readonly RowProblem[]): Said =>
  first
    ? said("coldchain.noRowCouldBeReadLine", { line: first.line, reason: first.reason })
    : said("coldchain.theFileHoldsNoRows");
