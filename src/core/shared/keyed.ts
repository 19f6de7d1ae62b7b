import { TABLE_TEXTS, type TableTexts } from "./tableTexts";

type Table = { readonly name: string; readonly rows: unknown; readonly fields: readonly string[] };

const tables: Table[] = [];

/**
 * A data table whose texts have keys. `fields`: which fields of its rows are texts; every other string is an id or a source and stays as
 * it is. A row is named by its `id`, by its key, or by its place where it has neither.
 */
export function keyed<Rows>(
  name: string,
  rows: Rows,
  fields: readonly string[],
  texts: TableTexts = TABLE_TEXTS,
): Rows {
  tables.push({ name, rows, fields });
  return Object.keys(texts).length === 0
    ? rows
    : (withTexts(rows, name, new Set(fields), (key, text) => texts[key] ?? text) as Rows);
}

const later: (() => Readonly<Record<string, string>>)[] = [];

/** Texts that only stand in what a table builds: `textFor` says them by key, and this names them all to who translates. */
export function keyedLater(texts: () => Readonly<Record<string, string>>): void {
  later.push(texts);
}

export const textFor = (key: string, text: string): string => TABLE_TEXTS[key] ?? text;

/** Every text of every table loaded so far, by key. */
export function tableTexts(): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  for (const { name, rows, fields } of tables) {
    withTexts(rows, name, new Set(fields), (key, text) => {
      found.set(key, text);
      return text;
    });
  }
  for (const texts of later) for (const [key, text] of Object.entries(texts())) found.set(key, text);
  return found;
}

/** `fields` empty: a table of plain texts by id. */
function withTexts(
  value: unknown,
  path: string,
  fields: ReadonlySet<string>,
  take: (key: string, text: string) => string,
  isText = fields.size === 0,
): unknown {
  if (typeof value === "string") return isText ? take(path, value) : value;
  if (Array.isArray(value)) {
    return value.map((one, index) => withTexts(one, `${path}.${idOf(one) ?? index}`, fields, take, isText));
  }
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(
    Object.entries(value).map(([field, one]) => [
      field,
      withTexts(one, `${path}.${field}`, fields, take, fields.size === 0 || fields.has(field)),
    ]),
  );
}

const idOf = (row: unknown): string | undefined =>
  typeof row === "object" && row !== null && "id" in row ? String(row.id) : undefined;
