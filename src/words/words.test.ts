import { parse, TYPE, type MessageFormatElement } from "@formatjs/icu-messageformat-parser";
import { readdirSync } from "node:fs";
import { createElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";
import { tableTexts } from "@/core/shared";
import { SPECIES } from "@/core/species";
import { bareStrings, codesNamed, keysUsed, saidCalls } from "./testkit";
import { translator } from "./translator";

const filesOf = (folder: string) =>
  readdirSync(folder)
    .filter((file) => file.endsWith(".ts"))
    .map((file) => file.replace(/\.ts$/, ""));
const VIEWS = filesOf("src/words/en");
const ROOMS = filesOf("src/words/en/core");
const CATALOGUES = [...VIEWS, ...ROOMS.map((room) => `core/${room}`)];

async function messagesOf(view: string): Promise<Readonly<Record<string, string>>> {
  const [messages] = Object.values((await import(`./en/${view}`)) as Record<string, Record<string, string>>);
  return messages!;
}

test.each(CATALOGUES)("%s: every message is one a translator's tool reads (ICU MessageFormat)", async (view) => {
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

/** Names of the values a message asks for. */
function namesIn(elements: readonly MessageFormatElement[]): Set<string> {
  const names = new Set<string>();
  for (const element of elements) {
    if (element.type !== TYPE.literal && element.type !== TYPE.pound) names.add(element.value);
    if (element.type === TYPE.plural || element.type === TYPE.select)
      for (const { value } of Object.values(element.options)) namesIn(value).forEach((name) => names.add(name));
    if (element.type === TYPE.tag) namesIn(element.children).forEach((name) => names.add(name));
  }
  return names;
}

test("what the core says has its message with just its values, and no message of the core is unused", async () => {
  const messages = new Map<string, string>();
  for (const room of ROOMS)
    for (const [key, text] of Object.entries(await messagesOf(`core/${room}`))) messages.set(`${room}.${key}`, text);
  const calls = saidCalls();
  const wrong = calls.filter(({ code, names }) => {
    const message = messages.get(code);
    return (
      message === undefined ||
      (names !== null && names.toSorted().join() !== [...namesIn(parse(message))].sort().join())
    );
  });
  expect(wrong).toEqual([]);
  const named = new Set([...calls.map(({ code }) => code), ...codesNamed()]);
  expect([...messages.keys()].filter((code) => !named.has(code))).toEqual([]);
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

test("the texts of the data tables have keys of their own, made of ids and fields", async () => {
  await Promise.all(
    ["species", "freshness", "coldchain", "cure", "block", "cooking", "raw", "safety", "trace"].map(
      (room) => import(`../core/${room}`),
    ),
  );
  const texts = tableTexts();
  expect(texts.size).toBeGreaterThan(900);
  expect([...texts.keys()].filter((key) => !/^[\w-]+(\.[\w-]+)+$/.test(key))).toEqual([]);
  expect([...texts.keys()].filter((key) => key.startsWith("stages.")).length).toBeGreaterThan(100);
  expect(texts.get("species.cod.kitchenNote")).toBe(SPECIES.find(({ id }) => id === "cod")!.kitchenNote);
});
