import { renderToStaticMarkup } from "react-dom/server";
import { inCelsius, said } from "@/core/shared";
import type { HandoverItem, LowItem, ProbeFirst } from "@/house/handover";
import { formatFor } from "@/words/format/format";
import { words } from "../testkit/drawnPage.testkit";
import { ItemCard } from "./ItemCard";
import { lowText, probeText, titleOf, whatOf } from "./itemWords";

jest.mock("next/link", () => jest.requireActual("../testkit/drawnPage.testkit").nextLink);

const METRIC = formatFor("metric", "EUR", null);
const IMPERIAL = formatFor("imperial", "USD", null);
const ZONE = "Europe/Oslo";
const NOW = Date.UTC(2026, 4, 12, 17);
const about = { key: "k", title: "Char ×2", dueAtMs: NOW, href: "/stove" } as const;

const ITEMS: readonly (readonly [HandoverItem, string, string])[] = [
  [{ ...about, kind: "cook", next: "Rest", paused: false }, "Rest the char ×2", "on the stove"],
  [{ ...about, kind: "cook", next: null, paused: true }, "Serve the char ×2", "clock stopped"],
  [{ ...about, kind: "reduction", title: "Cider" }, "Cider", "reduction on the fire"],
  [{ ...about, kind: "pot", title: "L-12, L-14" }, "Pot of stock", "stock on the fire, from L-12, L-14"],
  [{ ...about, kind: "sauce", title: "Oyster cream" }, "Oyster cream", "mounted, in the bain"],
  [{ ...about, kind: "hot", title: "Crab bisque", place: "pass lamp" }, "Crab bisque", "held hot, pass lamp"],
  [{ ...about, kind: "cooling", readings: 0 }, "Char ×2", "cooling, nobody has read it yet: read it by"],
  [{ ...about, kind: "cooling", readings: 2 }, "Char ×2", "cooling, 2 readings: read it by"],
  [{ ...about, kind: "table", title: "t22", called: true }, "t22", "called away"],
  [{ ...about, kind: "table", title: "t22", called: false }, "t22", "on hold"],
  [{ ...about, kind: "gap", title: "Fish fridge" }, "Fish fridge", "no reading in time"],
  [{ ...about, kind: "over", title: "Cod C-3" }, "Cod C-3", "over: throw it away"],
  [{ ...about, kind: "live", title: "Mussels M-1" }, "Mussels M-1", "past its days alive: look through it"],
  [{ ...about, kind: "oil", title: "Fryer" }, "Fryer", "change the oil"],
  [{ ...about, kind: "prep", title: "Dill oil", beginMin: 16 * 60 + 5 }, "Dill oil", "to be begun by 16:05"],
  [{ ...about, kind: "count", pieces: 1 }, "Char ×2", "count what is left, 1 piece by the book"],
];

test.each(ITEMS.map((one) => [`${one[1]}: ${one[2]}`, ...one] as const))("%s", (_, item, title, what) => {
  expect(titleOf(item)).toBe(title);
  expect(whatOf(item, METRIC)).toBe(what);
});

test("degrees and grams are those of the house", () => {
  const alarm: HandoverItem = { ...about, kind: "alarm", celsius: 9 };
  expect([METRIC, IMPERIAL].map((format) => whatOf(alarm, format))).toEqual([
    "went to 9.0 °C; say what was done",
    "went to 48.2 °F; say what was done",
  ]);
  const needs = said("coldchain.probeTheCentreOrSayWhen", { hold: inCelsius(-20) });
  expect(whatOf({ ...about, kind: "hold", needs }, METRIC)).toMatch(/-20 °C|−20 °C/);
  expect(whatOf({ ...about, kind: "hold", needs }, IMPERIAL)).toMatch(/[-−]4 °F/);
  const low: LowItem = { kind: "mass", leftG: 454, key: "k", title: "Butter", href: "/butter" };
  expect([METRIC, IMPERIAL].map((format) => lowText(low, format))).toEqual(["454 g left", "16.0 oz left"]);
});

test.each([
  [{ kind: "portions", left: 1, par: 6 }, "1 portion left, ask for more under 6"],
  [{ kind: "short", plates: 2 }, "2 booked plates without fish"],
  [{ kind: "few", left: 0 }, "none left beside what is booked"],
] as const)("what runs low, %#", (low, words) => {
  expect(lowText({ ...low, key: "k", title: "Cod", href: "/cards" }, METRIC)).toBe(words);
});

test.each<readonly [ProbeFirst, RegExp]>([
  [{ name: "Stove probe", state: "never", last: null }, /^Stove probe was never checked in ice\. Do it before/],
  [{ name: "", state: "never", last: null }, /^No probe was checked in ice\./],
  [
    { name: "Stove probe", state: "off", last: { day: "2026-05-11", celsius: 2.4 } },
    /^Stove probe read 2\.4 °C in melting ice on .*11.*\. Set it right or throw it out\.$/,
  ],
  [
    { name: "", state: "old", last: { day: "2026-05-01", celsius: 0.1 } },
    /^The probe was last checked on .*1.*\. Hold it/,
  ],
])("the probe to check, %#", (probe, words) => {
  expect(probeText(probe, METRIC, ZONE)).toMatch(words);
});

describe("the list", () => {
  const list = (items: readonly HandoverItem[], owed: boolean) =>
    words(
      renderToStaticMarkup(
        <ItemCard
          title="List"
          empty="Nothing."
          items={items}
          owed={owed}
          format={METRIC}
          nowMs={NOW}
          timeZone={ZONE}
        />,
      ).replaceAll("<li", "<li>|"),
    )
      .split("|")
      .map((row) => row.replace(/^[^>]*>/, "").trim())
      .slice(1);

  test("says since when a thing is owed, and now where it falls due this moment", () => {
    const items: readonly HandoverItem[] = [
      { ...about, kind: "over", title: "Cod C-3" },
      { ...about, kind: "over", key: "l", title: "Cod C-2", dueAtMs: NOW - 3_600_000 },
      { ...about, kind: "gap", key: "m", title: "Fish fridge", dueAtMs: null },
    ];
    expect(list(items, true)).toEqual([
      expect.stringMatching(/^Cod C-3.*now$/),
      expect.stringMatching(/^Cod C-2.*since .*18:00$/),
      expect.stringMatching(/^Fish fridge.*in time$/),
    ]);
  });

  test("says when hands are needed for what runs, and once only when a thing is to be begun", () => {
    const items: readonly HandoverItem[] = [
      { ...about, kind: "cook", next: "Rest", paused: false, dueAtMs: NOW + 120_000 },
      { ...about, kind: "prep", key: "p", title: "Dill oil", beginMin: 16 * 60, dueAtMs: NOW + 600_000 },
    ];
    expect(list(items, false)).toEqual([
      expect.stringMatching(/^Rest the char ×2.*19:02$/),
      expect.stringMatching(/^Dill oil.*16:00$/),
    ]);
  });

  test("has a word for itself when there is nothing", () => {
    const empty = <ItemCard title="List" empty="Nothing." items={[]} format={METRIC} nowMs={NOW} timeZone={ZONE} />;
    expect(words(renderToStaticMarkup(empty)).trim()).toBe("List Nothing.");
  });
});
