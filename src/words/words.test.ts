import { parse } from "@formatjs/icu-messageformat-parser";
import { readdirSync } from "node:fs";
import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { bareStrings, keysUsed } from "./testkit";
import { translator } from "./translator";

const VIEWS = readdirSync("src/words/en").map((file) => file.replace(/\.ts$/, ""));

async function messagesOf(view: string): Promise<Readonly<Record<string, string>>> {
  const [messages] = Object.values((await import(`./en/${view}`)) as Record<string, Record<string, string>>);
  return messages!;
}

test.each(VIEWS)("%s: every message is one a translator's tool reads (ICU MessageFormat)", async (view) => {
  for (const message of Object.values(await messagesOf(view))) expect(() => parse(message)).not.toThrow();
});

test("no key is missing and none is unused", async () => {
  const used = keysUsed();
  expect([...used.keys()].sort()).toEqual([...VIEWS].sort());
  for (const view of VIEWS)
    expect({ view, keys: Object.keys(await messagesOf(view)).sort() }).toEqual({
      view,
      keys: [...used.get(view)!].sort(),
    });
});

test("no screen shows a text that is not from the catalogue", () => {
  expect(bareStrings()).toEqual([]);
});

test("values, plurals and marked parts", () => {
  const t = translator({
    lots: "{count, plural, one {# lot} other {# lots}} on ice",
    depth: "<b>{depth}</b> white from each face",
    percent: "50 % isn't all",
  });
  expect([t("lots", { count: 1 }), t("lots", { count: 12 }), t("percent")]).toEqual([
    "1 lot on ice",
    "12 lots on ice",
    "50 % isn't all",
  ]);
  const marked = t.rich("depth", { depth: "2 mm", b: (words) => createElement("b", null, words) });
  expect(renderToStaticMarkup(marked)).toBe("<b>2 mm</b> white from each face");
});
