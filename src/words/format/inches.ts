/** Below so many inches a kitchen ruler is read to a thirty-second, above to a sixteenth. */
const FINE_BELOW_IN = 0.25;

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));

/** Inches as a ruler shows them: "7/8", "1 1/4", "2"; the parts a ruler has, no decimals. */
export function inchText(inch: number): string {
  const parts = Math.abs(inch) < FINE_BELOW_IN ? 32 : 16;
  const count = Math.round(Math.abs(inch) * parts);
  const [whole, rest] = [Math.floor(count / parts), count % parts];
  const by = divisor(rest, parts);
  const fraction = rest === 0 ? "" : `${rest / by}/${parts / by}`;
  const text = [whole > 0 || fraction === "" ? String(whole) : "", fraction].filter(Boolean).join(" ");
  return inch < 0 && count > 0 ? `-${text}` : text;
}

/** What a hand types for inches: "7/8", "1 1/8", "1-1/8", "0.875" or "0,875"; NaN where it is no length yet. */
export function inchesFrom(typed: string): number {
  const text = typed
    .trim()
    .replace(",", ".")
    .replace(/["”]|in\.?$/g, "")
    .trim();
  const parts = /^(?:(\d+(?:\.\d+)?)(?:[ -]+|$))?(?:(\d+)\/(\d+))?$/.exec(text);
  if (!parts || text === "") return NaN;
  const [, whole, over, under] = parts;
  if (under !== undefined && Number(under) === 0) return NaN;
  return Number(whole ?? 0) + (over === undefined ? 0 : Number(over) / Number(under));
}
