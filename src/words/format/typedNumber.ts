/** What a house writes between whole and parts: 1.5 or 1,5. Null: it has not said. */
export type DecimalMark = "point" | "comma" | null;

export type Typed =
  | { readonly kind: "number"; readonly value: number }
  | { readonly kind: "empty" }
  /** "1,200": a thousand and more, or a little more than one. */
  | { readonly kind: "unclear"; readonly options: readonly [number, number] }
  | { readonly kind: "none" };

const NONE: Typed = { kind: "none" };
const number = (text: string): Typed => {
  const value = Number(text);
  return text === "" || !Number.isFinite(value) ? NONE : { kind: "number", value };
};

/**
 * A number as hands type it: comma and point both part the whole from its parts, blanks and marks between thousands are passed over. One
 * mark with exactly three figures behind it could be either: it is asked back unless the house's own mark settles it.
 */
export function readTyped(typed: string, mark: DecimalMark): Typed {
  const text = typed.replace(/[\s\u00a0\u202f'’]/g, "").replace(/^[−–]/, "-");
  if (text === "" || text === "-") return { kind: "empty" };
  if (!/^-?[\d.,]+$/.test(text)) return NONE;
  const marks = [...text.matchAll(/[.,]/g)].map(({ 0: one, index }) => ({ one, index }));
  const [first, second] = marks;
  if (!first) return number(text);
  const last = marks.at(-1)!;
  const parts = (at: number) => number(`${text.slice(0, at).replace(/[.,]/g, "")}.${text.slice(at + 1)}`);
  if (!second) {
    const [whole, behind] = [text.slice(0, first.index).replace("-", ""), text.slice(first.index + 1)];
    const thousands = /^[1-9]\d{0,2}$/.test(whole) && behind.length === 3;
    if (!thousands) return parts(first.index);
    const [little, large] = [Number(`${text.slice(0, first.index)}.${behind}`), Number(text.replace(/[.,]/g, ""))];
    if (mark === null) return { kind: "unclear", options: [little, large] };
    return { kind: "number", value: (mark === "comma") === (first.one === ",") ? little : large };
  }
  // all the same: they part thousands; two kinds: the last one parts the whole from its parts
  const same = marks.every(({ one }) => one === first.one);
  const grouped = (whole: string) => /^-?\d{1,3}([.,]\d{3})+$/.test(whole);
  if (same) return grouped(text) ? number(text.replace(/[.,]/g, "")) : NONE;
  const before = text.slice(0, last.index);
  const oneKind = new Set(marks.slice(0, -1).map(({ one }) => one)).size === 1;
  return oneKind && marks.at(-2)!.one !== last.one && grouped(before) ? parts(last.index) : NONE;
}

/** A number as the house writes it, no more digits than it has. */
export const numberText = (value: number, mark: DecimalMark): string =>
  mark === "comma" ? String(value).replace(".", ",") : String(value);
