import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";

/** Where every text is from the catalogue. */
const SPOKEN = ["src/app", "src/ui", "src/words/told"];
/** Attributes that are read out or shown; the others are settings. */
const SHOWN =
  /^(label|title|placeholder|aria-label|alt|description|asks|caption|extra|okText|cancelText|ariaLabelForHandle|empty|hint|text|note)$/;
const LETTERS = /\p{L}{2}/u;

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: "utf8" })
    .map((name) => join(folder, name))
    .filter((name) => /\.tsx?$/.test(name) && !/\.test\.tsx?$|testkit\.ts$/.test(name));

const parsed = (file: string) =>
  ts.createSourceFile(
    file,
    readFileSync(file, "utf8"),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith("x") ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );

function walk(node: ts.Node, visit: (node: ts.Node) => void) {
  visit(node);
  node.forEachChild((child) => walk(child, visit));
}

/** Texts a screen would show that are not from the catalogue, as "file: text". */
export function bareStrings(): string[] {
  const found: string[] = [];
  for (const file of SPOKEN.flatMap(filesIn)) {
    walk(parsed(file), (node) => {
      const text = bareText(node);
      if (text !== null && LETTERS.test(text)) found.push(`${file}: ${text.trim()}`);
    });
  }
  return found;
}

function bareText(node: ts.Node): string | null {
  if (ts.isJsxText(node)) return inCode(node) ? null : node.text;
  if (!ts.isStringLiteralLike(node)) return null;
  const { parent } = node;
  if (ts.isJsxAttribute(parent)) return SHOWN.test(parent.name.getText()) ? node.text : null;
  return shownBy(parent) ? node.text : null;
}

/** Commands and addresses are typed as they stand, in every language. */
const inCode = (node: ts.Node) =>
  ts.isJsxElement(node.parent) && node.parent.openingElement.tagName.getText() === "code";

/** Whether what stands here is put on the screen as it is: `{cond ? "text" : …}` between tags or in a shown attribute. */
function shownBy(node: ts.Node): boolean {
  if (ts.isConditionalExpression(node) || ts.isParenthesizedExpression(node)) return shownBy(node.parent);
  if (!ts.isJsxExpression(node)) return false;
  return ts.isJsxAttribute(node.parent) ? SHOWN.test(node.parent.name.getText()) : true;
}

/** Keys each view's `t` and `t.rich` are called with, over the whole program. */
export function keysUsed(): ReadonlyMap<string, ReadonlySet<string>> {
  const used = new Map<string, Set<string>>();
  for (const file of filesIn("src")) {
    const source = parsed(file);
    const view = viewOf(source);
    if (view === null) continue;
    const keys = used.get(view) ?? new Set<string>();
    used.set(view, keys);
    walk(source, (node) => {
      if (!ts.isCallExpression(node) || !/^t(\.rich)?$/.test(node.expression.getText(source))) return;
      const [key] = node.arguments;
      if (key) walk(key, (part) => ts.isStringLiteralLike(part) && keys.add(part.text));
    });
  }
  return used;
}

/** Every `said(code, values)` of the program with the names of its values; null: they are not written out there. */
export function saidCalls(): readonly { readonly code: string; readonly names: readonly string[] | null }[] {
  const calls: { code: string; names: readonly string[] | null }[] = [];
  for (const file of filesIn("src")) {
    walk(parsed(file), (node) => {
      if (!ts.isCallExpression(node) || node.expression.getText() !== "said") return;
      const [code, values] = node.arguments;
      if (!code || !ts.isStringLiteralLike(code)) return;
      const names = !values
        ? []
        : ts.isObjectLiteralExpression(values)
          ? values.properties.map(({ name }) => name!.getText())
          : null;
      calls.push({ code: code.text, names });
    });
  }
  return calls;
}

/** Codes kept in a table and said from there. */
export function codesNamed(): ReadonlySet<string> {
  const codes = new Set<string>();
  for (const file of filesIn("src/core"))
    walk(parsed(file), (node) => ts.isStringLiteralLike(node) && /^\w+\.\w+$/.test(node.text) && codes.add(node.text));
  return codes;
}

function viewOf(source: ts.SourceFile): string | null {
  for (const statement of source.statements) {
    if (!ts.isImportDeclaration(statement) || !ts.isStringLiteral(statement.moduleSpecifier)) continue;
    if (!/^import \{ t \}/.test(statement.getText(source))) continue;
    const view = /^@\/words\/([\w-]+)$/.exec(statement.moduleSpecifier.text)?.[1];
    if (view) return view;
  }
  return null;
}
