/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import {
  drawSheet,
  governingMm,
  methodOf,
  METHODS,
  outcomeLabel,
  rankSheet,
  TARGET_DONENESS,
  targetCentreC,
  type SheetRequest,
} from "@/core/cooking";
import { RULE_SETS } from "@/core/safety";
import { fitting } from "@/core/cooking/methods/methods.testkit";
import { valueOf } from "@/core/shared";
import { findSpecies, type Species } from "@/core/species";
import { firstAsk } from "@/house/stove/firstAsk";
import { questionOf } from "@/house/stove/question";
import type { CookAskInput } from "@/house/stove/cookAsk";
import { clockText, durationText, formatFor } from "@/words/format/format";
import { inMetric, say } from "@/words/say";
import { t } from "@/words/stove-plan";
import { buttonCalled, clear, click, drawIn, HOUSE, houseOf, one, pressKey, said, typeInto } from "@/ui/drawn.testkit";
import type { HouseSettings } from "@/ui/hooks/HouseContext";
import { PlanBench } from "./PlanBench";

jest.mock("next/navigation", () => ({
  useRouter: () => ({ push: (to: string) => mockWent.push(to), refresh: () => undefined }),
}));
jest.mock("next/link", () => ({
  __esModule: true,
  default: ({ href, children }: { readonly href: string; readonly children: string }) => <a href={href}>{children}</a>,
}));
jest.mock("@/ui/charts/CookCurves", () => ({ __esModule: true, default: () => null }));
jest.mock("@/workers/client/useSheet", () => jest.requireActual("../../testkit/inThread.testkit").planWorker);
jest.mock("../actions", () => ({ beginCook: async (asked: unknown) => mockBegin(asked) }));
jest.mock("./actions", () => ({ keepWrittenSteps: async () => ({ ok: true, value: 7 }) }));

const mockWent: string[] = [];
const mockAsked: unknown[] = [];
let mockAnswer: object = { ok: true, value: "cook-1" };
const mockBegin = (asked: unknown) => {
  mockAsked.push(asked);
  return mockAnswer;
};
afterEach(async () => {
  mockWent.length = mockAsked.length = 0;
  mockAnswer = { ok: true, value: "cook-1" };
  await clear();
});

const char = findSpecies("arctic-char")!;
const PIECE_G = 160;
const SIZE_MM = 26;
const first = (species: Species): CookAskInput =>
  firstAsk(species, { form: "piece", shape: "slab", sizeMm: SIZE_MM, massG: PIECE_G }, 2);

type Asked = { readonly species?: Species; readonly house?: HouseSettings; readonly part?: Partial<CookAskInput> };

/** The bench for pieces of no lot, and what the core says of the same question. */
async function bench({ species = char, house = HOUSE, part = {} }: Asked = {}) {
  const ask = { ...first(species), ...part };
  await drawIn(
    house,
    <PlanBench source={{ kind: "none" }} species={species} first={ask} pieceG={PIECE_G} filmsByPan={{}} />,
  );
  return ask;
}
const questionFor = (ask: CookAskInput, species: Species = char, pieceG = PIECE_G): SheetRequest =>
  questionOf(
    {
      speciesId: species.id,
      composition: species.compositionPct,
      prepared: null,
      load: { pieceG, thicknessMm: ask.sizeMm, thinnestMm: ask.sizeMm, thickestMm: ask.sizeMm },
    },
    ask,
    { ruleSetId: "eu-853", own: [] },
  );
const planOf = (ask: CookAskInput, species: Species = char) => valueOf(drawSheet(questionFor(ask, species))).plan;
const settled = () => act(() => new Promise((resolve) => setTimeout(resolve, 220)));
const begin = () => buttonCalled(t("startTheCook"));
const radio = (name: RegExp) =>
  [...document.querySelectorAll<HTMLInputElement>("input[type=radio]")].find((input) =>
    name.test(input.closest("label")!.textContent),
  )!;

describe.each(["metric", "imperial"] as const)(
  "the plan that is shown is the core's, in a house that is %s",
  (units) => {
    const format = formatFor(units, null, "point");

    test("stages, window, chance, rule and where they come from", async () => {
      const ask = await bench({ house: houseOf(units) });
      const plan = planOf(ask);
      await settled();
      for (const { name, seconds } of plan.stages) {
        expect(said()).toContain(name);
        expect(said()).toContain(clockText(seconds));
      }
      expect(one("[data-testid=peak]").textContent).toBe(format.temperature(plan.peakC));
      expect(one("[data-testid=chance]").textContent).toContain(String(Math.round(plan.chance.inBand * 10)));
      expect(said()).toContain(say(plan.safety.asks, format));
      expect(said()).toContain(plan.safety.section.split(" (memory")[0]!);
      for (const warning of plan.warnings) expect(said()).toContain(say(warning, format));
      expect(said()).not.toMatch(/NaN|undefined/);
      // what a rule or a paper says stays in the unit it says it in; what the house says does not
      for (const cited of document.querySelectorAll("details, [data-source]")) cited.remove();
      expect(said()).not.toMatch(units === "metric" ? /\d °F/ : /\d °C/);
    });

    test("the ways are ranked as the core ranks them; all of them are one tap away", async () => {
      const ask = await bench({ house: houseOf(units) });
      const fits = valueOf(rankSheet(questionFor(ask)));
      const shown = () => [...document.querySelectorAll("[data-method]")].map((way) => way.getAttribute("data-method"));
      expect(shown()).toEqual(fits.slice(0, 3).map(({ methodId }) => methodId));
      await click(buttonCalled(t("allLength", { length: fits.length })));
      expect(shown()).toEqual(fits.map(({ methodId }) => methodId));
      for (const { methodId, heatS, reason, refusal } of fits) {
        const way = one(`[data-method="${methodId}"]`);
        expect(way.textContent).toContain(methodOf(methodId).label);
        expect(way.textContent).toContain(heatS === null ? t("notSo") : durationText(heatS));
        expect(way.textContent).toContain(say(reason, format));
        expect(way.hasAttribute("data-refused")).toBe(refusal !== null);
      }
      await click(buttonCalled(t("fewer")));
      expect(shown()).toHaveLength(3);
    });
  },
);

test("a list that was ranked anew under the thumb takes no tap for a moment, and then every one", async () => {
  const at = (sizeMm: number) => {
    const ranked = rankSheet(questionFor({ ...first(char), sizeMm }));
    return valueOf(ranked).map(({ methodId }) => methodId);
  };
  const sizeMm = [8, 12, 40, 60].find((size) => at(size).join() !== at(SIZE_MM).join())!;
  await bench();
  const thickness = [...document.querySelectorAll("input")].find((input) => Number(input.value) === SIZE_MM)!;
  await typeInto(thickness, String(sizeMm));
  const [, other] = [...document.querySelectorAll<HTMLElement>("[data-method]")].filter(
    (way) => way.getAttribute("aria-pressed") === "false",
  );
  await click(other!);
  expect(other!.getAttribute("aria-pressed")).toBe("false");
  await act(() => new Promise((resolve) => setTimeout(resolve, 320)));
  await click(other!);
  expect(one(`[data-method="${other!.dataset["method"]}"]`).getAttribute("aria-pressed")).toBe("true");
});

test("another way is planned with that way's own usual settings, and stands among the first while it is chosen", async () => {
  const ask = await bench();
  const fits = valueOf(rankSheet(questionFor(ask)));
  const last = fits.findLast(({ refusal }) => refusal === null)!.methodId;
  await click(buttonCalled(t("allLength", { length: fits.length })));
  await click(one(`[data-method="${last}"]`));
  await click(buttonCalled(t("fewer")));
  expect(one(`[data-method="${last}"]`).getAttribute("aria-pressed")).toBe("true");
  const plan = planOf({ ...ask, methodId: last, schoolId: undefined, kit: {} });
  await settled();
  for (const { name } of plan.stages) expect(said()).toContain(name);
});

const DIFFERING = METHODS.filter(({ schools }) => schools.length > 1).map((method) => [method.id, method] as const);

test.each(DIFFERING)("%s: every school may be chosen, says why, and is planned as it says", async (_, method) => {
  const { species, shape, skin, startC, goal } = fitting(method);
  const asked = { methodId: method.id, schoolId: undefined, kit: {}, shape: shape.kind, sizeMm: governingMm(shape) };
  const ask = await bench({ species, part: { ...asked, skin, startC, goal, pieces: 1 } as Partial<CookAskInput> });
  const setting = () => one("[data-testid=setting]").textContent;
  for (const { id, label, why } of method.schools) {
    const school = [...document.querySelectorAll<HTMLInputElement>("input[name=school]")].find(
      ({ value }) => value === id,
    )!;
    expect(school.closest("label")!.textContent).toContain(label);
    await click(school);
    expect(setting()).toContain(inMetric(why));
    for (const knob of method.knobs) expect(setting()).toContain(knob.label);
    await settled();
    const sheet = drawSheet(questionFor({ ...ask, schoolId: id }, species));
    if (!sheet.ok) {
      expect(said()).toContain(inMetric(sheet.error));
      continue;
    }
    for (const { seconds } of sheet.value.plan.stages) expect(said()).toContain(clockText(seconds));
  }
});

describe("what it is cooked to", () => {
  test.each(TARGET_DONENESS)("%s is the centre this fish has it at", async (id) => {
    const ask = await bench();
    const targetC = targetCentreC(char.donenessGroup, id);
    await click(radio(new RegExp(`^${outcomeLabel(id, char.donenessGroup)} ·`)));
    await settled();
    const plan = planOf({ ...ask, goal: { kind: "doneness", targetC } });
    expect(one("[data-testid=peak]").textContent).toBe(HOUSE_FORMAT.temperature(plan.peakC));
  });

  test("the rule in force is planned until the rule is met", async () => {
    await bench();
    await click(radio(new RegExp(t("byTheRuleInForce"))));
    await settled();
    expect(said()).toContain(t("meetsTheCookingRule"));
    expect(one("h1").textContent).toContain(t("byTheRuleInForce2"));
  });

  test("a centre of one's own is typed; nonsense stays in its field and nothing is begun", async () => {
    const ask = await bench();
    const field = [...document.querySelectorAll("label")].find((label) => label.textContent.startsWith(t("centre")))!;
    const input = field.querySelector("input")!;
    await typeInto(input, "47.5");
    await settled();
    const plan = planOf({ ...ask, goal: { kind: "centre", targetC: 47.5 } });
    expect(one("[data-testid=peak]").textContent).toBe(HOUSE_FORMAT.temperature(plan.peakC));
    await typeInto(input, "470");
    await click(begin());
    expect(mockAsked).toEqual([]);
    expect(document.activeElement).toBe(input);
  });
});

const HOUSE_FORMAT = formatFor("metric", null, "point");

describe("a house whose guests are young, old, pregnant or ill", () => {
  test("may not begin what is under its rule, is told whose words that are, and has one tap to the rule", async () => {
    await bench({ house: { ...HOUSE, susceptibleGuests: true } });
    const { because, source } = RULE_SETS["eu-853"].susceptible;
    expect(said()).toContain(because);
    expect(said()).toContain(source);
    expect(begin().disabled).toBe(true);
    await click(buttonCalled(t("planItByTheRule")));
    await settled();
    expect(begin().disabled).toBe(false);
    expect(document.querySelector("[data-testid=barred]")).toBeNull();
  });
});

describe("the piece", () => {
  test("a calliper that is moved plans again; more pieces are asked for as typed", async () => {
    const ask = await bench();
    const before = one("[data-testid=peak]").closest("div")!.textContent;
    await pressKey(one("g[role=slider]"), "PageUp");
    await settled();
    const plan = planOf({ ...ask, sizeMm: SIZE_MM + 5 });
    expect(said()).toContain(clockText(plan.stages[0]!.seconds));
    expect(one("[data-testid=peak]").closest("div")!.textContent).not.toBe(before);
    const pieces = [...document.querySelectorAll("label")].find((label) => label.textContent === t("pieces"))!;
    await typeInto(document.getElementById(pieces.htmlFor) as HTMLInputElement, "4");
    await click(begin());
    expect(mockAsked).toMatchObject([{ ask: { pieces: 4, sizeMm: SIZE_MM + 5 } }]);
  });

  test("what cannot be cooked so says why and what to change, and the times nearest to it", async () => {
    await bench({ part: { methodId: "skin-then-oven", sizeMm: 8 } });
    await settled();
    const plan = planOf({ ...first(char), methodId: "skin-then-oven", sizeMm: 8 });
    expect(plan.refusal).not.toBeNull();
    const words = one("[data-testid=refused]").textContent;
    expect(words).toContain(inMetric(plan.refusal!.why));
    for (const change of plan.refusal!.change) expect(words).toContain(inMetric(change));
  });
});

describe("the start", () => {
  test("goes to the cook the house began, with what stood on the tablet and where its pan stands", async () => {
    const ask = await bench();
    await typeInto(one<HTMLInputElement>(`[aria-label="${t("whereItsPanStands")}"]`), "left front");
    await click(begin());
    await settled();
    expect(mockWent).toEqual(["/stove/cook/cook-1"]);
    expect(mockAsked).toEqual([
      { source: { kind: "none", speciesId: char.id, pieceG: PIECE_G }, ask, panName: "left front" },
    ]);
  });

  test("a refusal of the house is said where it was asked, and nothing is left half done", async () => {
    mockAnswer = { ok: false, error: { kind: "refused", code: "x", message: "Only 1 portion of this batch is left." } };
    await bench();
    await click(begin());
    await settled();
    expect(said()).toContain("Only 1 portion of this batch is left.");
    expect(mockWent).toEqual([]);
    mockAnswer = { ok: true, value: "cook-2" };
    await click(begin());
    await settled();
    expect(mockWent).toEqual(["/stove/cook/cook-2"]);
    expect(said()).not.toContain("Only 1 portion");
  });
});

describe("a plan kept beside another", () => {
  test("is compared line by line, and what differs is marked", async () => {
    const ask = await bench();
    await click(buttonCalled(t("keepBeside")));
    await settled();
    const cells = () =>
      [...document.querySelectorAll("[data-testid=side-by-side] tbody tr")].map((row) => {
        const [before, after] = [...row.querySelectorAll("td")];
        return { before: before!.textContent, after: after!.textContent, differs: after!.hasAttribute("data-differs") };
      });
    expect(cells().length).toBeGreaterThan(7);
    expect(cells().every(({ before, after, differs }) => before === after && !differs)).toBe(true);
    await pressKey(one("g[role=slider]"), "PageUp");
    await settled();
    for (const { before, after, differs } of cells()) expect(differs).toBe(before !== after);
    expect(cells().some(({ differs }) => differs)).toBe(true);
    const [kept, now] = [planOf(ask), planOf({ ...ask, sizeMm: ask.sizeMm + 5 })];
    const words = one("[data-testid=side-by-side]").textContent;
    for (const plan of [kept, now]) expect(words).toContain(durationText(plan.serveS));
    await click(buttonCalled(t("dropTheKeptOne")));
    expect(document.querySelector("[data-testid=side-by-side]")).toBeNull();
  });
});

test("what was killed is reckoned for each organism the plan names", async () => {
  const ask = await bench();
  await settled();
  const list = [...document.querySelectorAll("select")].find((select) =>
    [...select.options].some(({ value }) => value === planOf(ask).lethality[0]!.organism),
  )!;
  for (const { organism, logReduction, source } of planOf(ask).lethality) {
    await act(async () => {
      list.value = organism;
      list.dispatchEvent(new Event("change", { bubbles: true }));
    });
    const words = list.closest("p")!.textContent;
    expect(words).toContain(Math.min(99, logReduction).toFixed(1));
    expect(words.replace(/\s+/g, " ")).toContain(source.split(" (memory")[0]!);
  }
});

test("part-cooked now and finished later: the steps the rule wants, kept in the book with this plan's own minutes", async () => {
  const ask = await bench();
  await settled();
  const steps = one("[data-testid=two-goes]");
  expect(steps.querySelectorAll("ol li").length).toBe(5);
  expect(steps.textContent).toContain(durationText(planOf(ask).pullS));
  await click(buttonCalled(t("keepTheseStepsInTheBook")));
  await settled();
  expect(said()).toContain(t("inTheBookEntrySeq", { seq: 7 }));
});
