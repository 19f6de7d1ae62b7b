/** Order of the parts of a written date. */
export type DateOrder = "ymd" | "dmy" | "mdy";

/** A moment with its own zone, or a wall-clock time of the house. */
export type When =
  | { readonly kind: "moment"; readonly atMs: number }
  | { readonly kind: "local"; readonly day: string; readonly minutes: number; readonly seconds: number };

const twoDigits = (value: number) => String(value).padStart(2, "0");

function dayOf(text: string, order: DateOrder): { readonly day: string; readonly rest: string } | null {
  const parts = /^(\d{1,4})[-/.](\d{1,2})[-/.](\d{1,4})(.*)$/s.exec(text);
  if (!parts) return null;
  const [a, b, c] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  const [year, month, dayOfMonth] = order === "ymd" ? [a, b, c] : order === "dmy" ? [c, b, a] : [c, a, b];
  const full = year < 100 ? 2000 + year : year;
  const day = `${full}-${twoDigits(month)}-${twoDigits(dayOfMonth)}`;
  const real = new Date(`${day}T00:00:00Z`);
  if (Number.isNaN(real.getTime()) || real.toISOString().slice(0, 10) !== day) return null;
  return { day, rest: parts[4]! };
}

function clockOf(text: string): { readonly minutes: number; readonly seconds: number } | null {
  const parts = /^[T\s,]*(\d{1,2})[:.h](\d{2})(?:[:.](\d{2})(?:[.,]\d+)?)?\s*([ap]\.?m\.?)?\s*$/i.exec(text);
  if (!parts) return null;
  let hours = Number(parts[1]);
  const half = parts[4]?.toLowerCase()[0];
  if (half && (hours < 1 || hours > 12)) return null;
  if (half) hours = (hours % 12) + (half === "p" ? 12 : 0);
  const [minutes, seconds] = [Number(parts[2]), Number(parts[3] ?? 0)];
  return hours > 23 || minutes > 59 || seconds > 59 ? null : { minutes: hours * 60 + minutes, seconds };
}

/** Reads a date cell, with its time in the same cell or in one of its own. Unix seconds and milliseconds count as moments. */
export function readWhen(dateCell: string, timeCell: string | null, order: DateOrder): When | null {
  const text = dateCell.trim();
  if (/^\d{10}$/.test(text)) return { kind: "moment", atMs: Number(text) * 1000 };
  if (/^\d{13}$/.test(text)) return { kind: "moment", atMs: Number(text) };
  if (/T.*(Z|[+-]\d{2}:?\d{2})$/.test(text)) {
    const atMs = Date.parse(text);
    return Number.isFinite(atMs) ? { kind: "moment", atMs } : null;
  }
  const dated = dayOf(text, order);
  if (!dated) return null;
  const clock = clockOf(timeCell ?? dated.rest);
  return clock ? { kind: "local", day: dated.day, ...clock } : null;
}
