/** Marks of the framework that stand for one plain value: nothing, a day, a number JSON does not have, a dollar sign. */
const PLAIN_MARK = /^\$(\$|undefined$|NaN$|-?Infinity$|-0$|D\d{4}-|n-?\d)/;
/** The same object as another one of the same document: "$0:1:lots". */
const SAME = /^\$0((?::[^:]*)*)$/;

/** Whether a path of a document leads anywhere in it. */
function leads(document: unknown, steps: readonly string[]): boolean {
  let at: unknown = document;
  for (const step of steps) {
    if (typeof at !== "object" || at === null || !Object.hasOwn(at, step)) return false;
    at = (at as Record<string, unknown>)[step];
  }
  return true;
}

function isPlain(value: unknown, document: unknown): boolean {
  if (typeof value === "string") {
    if (!value.startsWith("$") || PLAIN_MARK.test(value)) return true;
    const same = SAME.exec(value);
    return same !== null && leads(document, same[1]!.split(":").slice(1));
  }
  return typeof value !== "object" || value === null || Object.values(value).every((one) => isPlain(one, document));
}

/**
 * Whether what was sent to an action is what a page of this house sends: one JSON list of plain values. What the framework cannot take
 * apart it answers as a fault of its own; here it is told apart before.
 */
export function isActionBody(contentType: string | null, text: string): boolean {
  if (!(contentType ?? "").startsWith("text/plain")) return false;
  try {
    const document: unknown = JSON.parse(text);
    return Array.isArray(document) && isPlain(document, document);
  } catch {
    // no JSON, or deeper than anything a page sends
    return false;
  }
}
