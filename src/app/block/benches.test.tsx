/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import {
  answerOrder,
  breakdownsFor,
  panGroups,
  plainPiece,
  PREPARATION_LABELS,
  planSides,
  prepare,
  startingSide,
  usualStep,
  type PreparationStep,
  type SidesRequest,
} from "@/core/block";
import { valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { buttonCalled, clear, click, drawIn, HOUSE, houseOf, one, pressKey, said, typeInto } from "@/ui/drawn.testkit";
import { formatFor, hoursText } from "@/words/format/format";
import { inMetric, say } from "@/words/say";
import { t } from "@/words/block";
import { t as ui } from "@/words/ui";
import { CutBench } from "./[lotId]/CutBench";
import { OrderDesk } from "./order/OrderDesk";
import { usualOf } from "./order/OrderAsk";
import { PrepareBench } from "./prepare/[batchId]/PrepareBench";

jest.mock("./[lotId]/actions", () => ({ cutSides: async (asked: unknown) => mockAnswer("cut", asked) }));
jest.mock("./prepare/actions", () => ({ keepPreparation: async (asked: unknown) => mockAnswer("prepared", asked) }));

const mockAsked: { readonly what: string; readonly asked: unknown }[] = [];
const mockAnswer = (what: string, asked: unknown) => {
  mockAsked.push({ what, asked });
  return { ok: true, value: what === "cut" ? "batch-1" : null };
};
beforeEach(() => {
  mockAsked.length = 0;
  localStorage.clear();
});
afterEach(clear);

const UNITS = ["metric", "imperial"] as const;
const char = findSpecies("arctic-char")!;
const field = (label: string) =>
  [...document.querySelectorAll("label")].find(({ textContent }) => textContent.startsWith(label))!;
const inputOf = (label: string): HTMLInputElement => {
  const of = field(label);
  return of.querySelector("input") ?? (document.getElementById(of.htmlFor) as HTMLInputElement);
};
const choose = async (label: string) => {
  const option = [...document.querySelectorAll<HTMLElement>(".ant-segmented-item-label")].find(
    ({ textContent }) => textContent === label,
  )!;
  await click(option.closest("label")!.querySelector("input")!);
};
const settled = (ms = 60) => act(() => new Promise((resolve) => setTimeout(resolve, ms)));

describe("a side under the knife", () => {
  const SIDE = startingSide(char, 1100);
  const wish = (part: Partial<SidesRequest> = {}): SidesRequest => ({
    sides: [SIDE],
    portionG: char.portion.massG,
    toleranceG: 10,
    minPieceMm: 25,
    covers: null,
    preference: "even",
    leanDeg: 0,
    tails: "as-cut",
    trimUse: "cakes",
    ...part,
  });
  const bench = (leftG = 1100) => (
    <CutBench
      lotId="lot-1"
      leftG={leftG}
      flesh={char.flesh}
      start={SIDE}
      usualPortionG={char.portion.massG}
      priceCentsPerKg={2400}
      rawAllowed={false}
    />
  );
  const portions = () => one("[data-testid=portions]").textContent;

  test.each(UNITS)("portions, trim and what goes into the pan first are the planner's: %s", async (units) => {
    const format = formatFor(units, "DKK", "point");
    await drawIn(houseOf(units), bench());
    const plan = planSides(wish());
    expect(portions()).toContain(String(plan.portions));
    expect(said()).toContain(format.mass(plan.meanG));
    const kept = plan.pieces.filter(({ role }) => role !== "trim");
    const groups = panGroups(kept, ({ cookThicknessMm }) => cookThicknessMm);
    const told = [...document.querySelectorAll(`[aria-label="${t("intoThePan")}"] li`)].map(
      ({ textContent }) => textContent,
    );
    expect(told).toHaveLength(groups.length);
    for (const [at, group] of groups.entries()) expect(told[at]).toContain(`${group.pieces.length} ×`);
    expect(said()).not.toMatch(/NaN|undefined/);
  });

  test("a heavier portion, another knife, the centre first: each is planned anew", async () => {
    await drawIn(HOUSE, bench());
    await typeInto(inputOf(t("portion")), "210");
    expect(portions()).toContain(String(planSides(wish({ portionG: 210 })).portions));
    await choose(t("bias45"));
    expect(portions()).toContain(String(planSides(wish({ portionG: 210, leanDeg: 45 })).portions));
    await choose(t("theCentreFirst"));
    expect(portions()).toContain(
      String(planSides(wish({ portionG: 210, leanDeg: 45, preference: "centre" })).portions),
    );
  });

  test("fewer covers than it gives: so many portions, and the rest stays a side", async () => {
    await drawIn(HOUSE, bench());
    await typeInto(inputOf(t("coversEmptyForAll")), "2");
    expect(portions()).toContain("2");
    expect(one("[data-testid=rest]").textContent).toMatch(/\d+ g/);
    await typeInto(inputOf(t("coversEmptyForAll")), "60");
    const { short } = planSides(wish({ covers: 60 }));
    expect(said()).toContain(`${t("shortShortOf", { short })} 60`);
  });

  test("a station that is dragged moves the cuts, and what is cut is what was drawn", async () => {
    await drawIn(HOUSE, bench());
    const [, second] = [...document.querySelectorAll("g[role=slider]")];
    for (let press = 0; press < 3; press++) await pressKey(second!, "ArrowUp");
    await click(buttonCalled(t("cutItSo")));
    await settled();
    const [{ asked }] = mockAsked as unknown as [{ asked: SidesRequest & { readonly lotId: string } }];
    expect(asked.lotId).toBe("lot-1");
    expect(asked.sides[0]!.profile[1]!.thicknessMm).toBe(Math.round(SIDE.profile[1]!.thicknessMm + 3));
    expect(planSides(asked).portions).toBeGreaterThan(0);
  });

  test("another side is one more, of no more than is left, and can be taken away again", async () => {
    await drawIn(HOUSE, bench(1400));
    await click(buttonCalled(t("anotherSide")));
    expect(said()).toContain(t("sideIndex", { index: 2 }));
    expect(Number(inputOf(t("weight")).value)).toBeLessThanOrEqual(300);
    expect(buttonCalled(t("anotherSide")).disabled).toBe(true);
    await click(buttonCalled(t("takeThisOneAway")));
    expect(said()).not.toContain(t("sideIndex", { index: 2 }));
  });

  test("a portion the side cannot give says so, and nothing can be cut", async () => {
    await drawIn(HOUSE, bench());
    await typeInto(inputOf(t("portion")), "4000");
    expect(said()).toContain(t("noPortionOfThatSizeFits"));
    expect(buttonCalled(t("cutItSo")).disabled).toBe(true);
  });

  test("a bench left half done is there again, and can be begun anew", async () => {
    await drawIn(HOUSE, bench());
    await typeInto(inputOf(t("portion")), "190");
    await drawIn(HOUSE, bench());
    expect(inputOf(t("portion")).value).toBe("190");
    await click(buttonCalled(ui("startOver")));
    expect(inputOf(t("portion")).value).toBe(String(char.portion.massG));
  });
});

describe("what is done between the knife and the pan", () => {
  const [MASS_G, MM] = [160, 26];
  const bench = (steps: readonly PreparationStep[] = []) => (
    <PrepareBench batchId="batch-1" speciesId={char.id} massG={MASS_G} thicknessMm={MM} steps={steps} />
  );
  const KINDS = Object.keys(PREPARATION_LABELS) as PreparationStep["kind"][];
  const before = plainPiece(char, MASS_G, MM);
  const add = (kind: PreparationStep["kind"]) => {
    const group = one(`[aria-label="${t("addAStep")}"]`);
    const found = [...group.querySelectorAll("button")].find(
      ({ textContent }) => textContent === PREPARATION_LABELS[kind],
    );
    return click(found!);
  };

  test.each(KINDS)("%s: begins as it is usually done, and what comes to the pan is the core's", async (kind) => {
    for (const units of UNITS) {
      localStorage.clear();
      const format = formatFor(units, "DKK", "point");
      await drawIn(houseOf(units), bench());
      await add(kind);
      const made = prepare(char, before, [usualStep(kind, { massG: MASS_G, thicknessMm: MM })]);
      const words = one("[data-testid=prepared-piece]").textContent;
      if (!made.ok) {
        expect(words).toContain(say(made.error, format));
        continue;
      }
      expect(words).toContain(format.mass(made.value.massG));
      expect(words).toContain(format.length(made.value.thicknessMm, 1));
      expect(words).toContain(format.temperature(made.value.startC, 1));
      for (const note of made.value.notes) expect(words).toContain(say(note, format));
    }
  });

  test("steps are followed in their order, one can be taken out, and all of them go to the stove", async () => {
    await drawIn(HOUSE, bench());
    await add("brined");
    await add("dried");
    await add("tempered");
    await click(buttonCalled(t("takeItOut")));
    const steps = (["dried", "tempered"] as const).map((kind) => usualStep(kind, { massG: MASS_G, thicknessMm: MM }));
    const { notes } = valueOf(prepare(char, before, steps));
    for (const note of notes) expect(said()).toContain(inMetric(note));
    await click(buttonCalled(t("carryItToTheStove")));
    await settled();
    expect(mockAsked).toEqual([{ what: "prepared", asked: { batchId: "batch-1", steps } }]);
  });

  test("what was kept stands there when it is opened again", async () => {
    await drawIn(HOUSE, bench([{ kind: "brined", brinePct: 6, minutes: 35 }]));
    expect([inputOf(t("brine")).value, inputOf(t("minutes")).value]).toEqual(["6", "35"]);
    await typeInto(inputOf(t("minutes")), "0");
    expect(one("[data-testid=prepared-piece]").textContent).toContain("0.0 %");
    expect(hoursText(0)).toBe("0 min");
  });
});

describe.each(UNITS)("what to order, in a house that is %s", (units) => {
  const format = formatFor(units, "DKK", "point");
  const DAYS = ["2026-05-13", "2026-05-14"].map((day) => ({ day, noonMs: Date.parse(`${day}T12:00:00Z`) }));
  const desk = () => <OrderDesk onIce={{}} weighed={[]} wanted={null} suppliers={[]} orderDays={DAYS} />;
  const answer = (part: object = {}) => {
    const { form, portionG } = usualOf(char);
    return valueOf(
      answerOrder({
        species: char,
        form,
        way: breakdownsFor(char, form)[0]!,
        covers: 80,
        walkIns: 0,
        takeShare: 0.3,
        bufferShare: 0.1,
        portionG,
        toleranceG: 10,
        animalG: 1500,
        centsPerKg: 1450,
        daysToLastService: 2,
        onIceG: 0,
        weighed: [],
        ...part,
      }),
    );
  };

  test("is the core's for its covers; twice the covers are never less fish", async () => {
    await drawIn(houseOf(units), desk());
    await settled();
    expect(said()).toContain(format.mass(answer().buyG));
    await typeInto(inputOf(t("coversBooked")), "160");
    expect(said()).toContain(format.mass(answer({ covers: 160 }).buyG));
    expect(answer({ covers: 160 }).buyG).toBeGreaterThanOrEqual(answer().buyG);
    expect(said()).not.toMatch(/NaN|undefined/);
  });
});
