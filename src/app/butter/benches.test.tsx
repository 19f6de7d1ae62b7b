/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import { coldEmulsion, compareSchools, planSauce, rescuesFor, shelfWith, slurryOf, STARCHES } from "@/core/butter";
import { valueOf } from "@/core/shared";
import { boughtGoods } from "@/db/butter/goods";
import { sauceSpecs } from "@/db/butter/specs";
import { db } from "@/db/connection";
import { FIRST_REDUCTION, reduced } from "@/house/butter/reduceBench";
import { soMounted, waitingSauce, type BenchAsk } from "@/house/butter/sauceBench";
import { scaledSauce } from "@/house/butter/scaledSauce";
import { usualStove } from "@/house/butter/tonight";
import { t } from "@/words/butter";
import { durationText, formatFor, type Units } from "@/words/format/format";
import { inMetric, say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t as shelfWords } from "@/words/shelf";
import { clear, draw, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import AmountsPage from "./amounts/page";
import { STATE_WORDS } from "./labels";
import { ReduceBench } from "./reduce/ReduceBench";
import SaucePage from "./sauce/[specId]/page";

jest.mock("next/dynamic", () => ({ __esModule: true, default: () => () => null }));

inADemoHouse();
afterEach(clear);

const UNITS = ["metric", "imperial"] as const;
const WAIT_MIN = 150;
const part = (id: string) => document.querySelector(`[data-testid="${id}"]`)?.textContent ?? "";
const own = () => boughtGoods(db()).map(({ good }) => good);

const lookAt = async (specId: string, units: Units, covers?: number) =>
  draw(
    units,
    await SaucePage({
      params: Promise.resolve({ specId }),
      searchParams: Promise.resolve(covers === undefined ? {} : { covers: String(covers) }),
    }),
  );
/** The same bench as the core has it: what stands there before anything is turned. */
function asked(specId: string, covers?: number): BenchAsk {
  const { spec } = sauceSpecs(db()).find((one) => one.specId === specId)!;
  const many = covers ?? spec.covers;
  return { ...usualStove(many), covers: many, spec, surfaceMm: 160, lid: true, rescue: null };
}
function mounted(ask: BenchAsk, minute = 0) {
  const plan = valueOf(planSauce(ask.spec, ask.covers, soMounted(ask), shelfWith(own())));
  return { plan, ...waitingSauce(plan.batch, ask, minute, WAIT_MIN) };
}

describe.each(UNITS)("every sauce of the house at its bench, in a house that is %s", (units) => {
  const format = formatFor(units, "EUR", "point");

  test("says whether it holds and why, how much each cover gets, its fat to water, and how long it waits", async () => {
    for (const { specId } of sauceSpecs(db())) {
      await lookAt(specId, units);
      const { plan, sauce, holdsUntilMin } = mounted(asked(specId));
      const { batch } = plan;
      expect(part("state")).toBe(STATE_WORDS[sauce.state]);
      expect(part("each")).toBe(t("eachCover", { mass: format.mass(batch.sauce.massG / batch.covers) }));
      expect(part("ratio")).toBe(sauce.fatToWater === null ? "–" : `${format.number(sauce.fatToWater, 1)} : 1`);
      for (const why of sauce.because) expect(said()).toContain(sentence(say(why, format)));
      expect(said()).toContain(
        holdsUntilMin === null
          ? t("waitsHoldsThrough", { time: durationText(WAIT_MIN * 60) })
          : t("waitsSplitsAfter", { time: durationText(holdsUntilMin * 60) }),
      );
      if (batch.reduction)
        expect(part("minutes")).toBe(durationText(batch.reduction.secondsToBoil + batch.reduction.secondsReducing));
      expect(said()).not.toMatch(/NaN|undefined/);
    }
  });

  test("covers that are asked for in the address stand in the field; more than a pan takes are batches", async () => {
    const { specId } = sauceSpecs(db())[0]!;
    await lookAt(specId, units, 120);
    const { batches } = mounted(asked(specId, 120)).plan;
    expect(batches.reduce((sum, one) => sum + one, 0)).toBe(120);
    expect(batches.length).toBeGreaterThan(1);
    expect(said()).toContain(t("batchesOf", { batches: batches.length, covers: batches.join(" + ") }));
    await lookAt(specId, units, 9999);
    expect(said()).not.toContain("9999");
  });
});

describe("what is turned at the bench", () => {
  const butterSauce = () => sauceSpecs(db()).find(({ spec }) => spec.mount.length > 0 && spec.reduceToMl !== null)!;

  test("kept too cold or too warm it says so, and the first way out brings it back", async () => {
    const { specId, spec } = butterSauce();
    await lookAt(specId, "metric");
    await type(`${t("keptAt")}`, "78");
    const warm = { ...asked(specId), spec: { ...spec, servedC: 78 } };
    const { sauce, question } = mounted(warm);
    expect(part("state")).toBe(STATE_WORDS[sauce.state]);
    expect(sauce.state).not.toBe("holds");
    const rescues = rescuesFor(question, sauce);
    expect(document.querySelectorAll('[data-testid="rescue"] li')).toHaveLength(rescues.length);
    for (const { why } of rescues) expect(part("rescue")).toContain(inMetric(why));
    await press(t("showMe"));
    expect(part("state")).toBe(STATE_WORDS[mounted({ ...warm, rescue: rescues[0]! }).sauce.state]);
    await press(t("asItWas"));
    expect(part("state")).toBe(STATE_WORDS[sauce.state]);
  });

  test("more covers are the same sauce for each", async () => {
    const { specId, spec } = butterSauce();
    await lookAt(specId, "metric");
    const one = part("each");
    await type(t("covers"), String(spec.covers * 2));
    expect(Number.parseFloat(/[\d.]+/.exec(part("each"))![0])).toBeCloseTo(
      Number.parseFloat(/[\d.]+/.exec(one)![0]),
      -1,
    );
  });

  test("other good cooks make it otherwise: side by side, each with whether it holds", async () => {
    const { specId } = butterSauce();
    await lookAt(specId, "metric");
    const folded = [...document.querySelectorAll("details")].find((one) =>
      one.textContent.includes(t("schoolsSideBySide")),
    )!;
    await act(async () => {
      folded.open = true;
      folded.dispatchEvent(new Event("toggle"));
      await new Promise((resolve) => setTimeout(resolve, 50));
    });
    const ask = asked(specId);
    const schools = valueOf(compareSchools(ask.spec, ask.covers, soMounted(ask), ask, WAIT_MIN, shelfWith(own())));
    const rows = [...folded.querySelectorAll("tbody tr")].map(({ textContent }) => textContent);
    expect(rows).toHaveLength(schools.length);
    for (const [at, { sauce, mounting }] of schools.entries()) {
      expect(rows[at]).toContain(STATE_WORDS[sauce.state]);
      expect(rows[at]).toContain(durationText(mounting.minutes * 60));
    }
  });
});

describe.each(UNITS)("a reduction, in a house that is %s", (units) => {
  const format = formatFor(units, null, "point");
  const ask = FIRST_REDUCTION;
  const bench = () => <ReduceBench burners={[]} own={[]} paces={[]} />;

  test("its minutes, what boils away and what is left are the core's", async () => {
    await draw(units, bench());
    const { reduction, rows, coveredAlcoholPct } = valueOf(reduced(ask, shelfWith([])));
    const wholeS = reduction.secondsToBoil + reduction.secondsReducing;
    expect(part("minutes")).toBe(durationText(wholeS));
    expect(part("reduction")).toContain(format.mass(reduction.evaporatedG));
    const { alcoholPct } = rows.at(-1)!;
    expect(part("reduction")).toContain(`${format.number(alcoholPct, alcoholPct < 1 ? 2 : 0)} %`);
    expect(part("covered")).toBe(
      t("coveredInstead", { time: durationText(wholeS), pct: Math.round(coveredAlcoholPct) }),
    );
  });

  test("a pan that was seen to be slower takes longer, and the model's own time stands beside it", async () => {
    await draw(
      units,
      <ReduceBench burners={[]} own={[]} paces={[{ panMm: 200, netPowerW: 900, pace: 0.8 } as never]} />,
    );
    const { reduction } = valueOf(reduced(ask, shelfWith([])));
    const wholeS = reduction.secondsToBoil + reduction.secondsReducing;
    expect(part("minutes")).toBe(durationText(wholeS / 0.8));
    expect(part("learned")).toBe(t("thisPanWasSeen", { model: durationText(wholeS) }));
  });

  test("gone too far: so much water brings it back, and none where it did not go too far", async () => {
    await draw(units, bench());
    expect(part("back")).toBe(t("notTooFar"));
    await type(t("itWentDownTo"), units === "metric" ? "30" : "1");
    expect(part("back")).toMatch(units === "metric" ? /15 ml/ : /0\.5 fl oz/);
    await type(t("itWentDownTo"), units === "metric" ? "60" : "2");
    expect(part("back")).toBe(t("notTooFar"));
  });
});

test("less to boil away never takes longer", () => {
  const seconds = (toMl: number) => {
    const { reduction } = valueOf(reduced({ ...FIRST_REDUCTION, toMl }, shelfWith([])));
    return reduction.secondsToBoil + reduction.secondsReducing;
  };
  const times = [30, 45, 80, 120, 200, 290].map(seconds);
  expect(times).toEqual([...times].sort((a, b) => b - a));
});

describe.each(UNITS)("amounts, in a house that is %s", (units) => {
  const format = formatFor(units, "EUR", "point");
  const look = async () => draw(units, await AmountsPage());

  test("a slurry is the core's for its liquid and its starch", async () => {
    await look();
    const words = ({ starchG, waterG }: ReturnType<typeof slurryOf>) =>
      shelfWords("starchInWater", { starch: format.mass(starchG), water: format.mass(waterG) });
    expect(part("starch")).toBe(words(slurryOf(500, "coats", "maize-starch", 0.3)));
    await type(shelfWords("liquid"), units === "metric" ? "1000" : "35.274");
    expect(part("starch")).toBe(words(slurryOf(1000, "coats", "maize-starch", 0.3)));
    const { starch } = slurryOf(1000, "coats", "maize-starch", 0.3);
    expect(part("slurry")).toContain(format.temperature(starch.gelsC[0]));
    expect(STARCHES.length).toBeGreaterThan(1);
  });

  test("a cold emulsion with more oil than its water carries breaks, and says what brings it back", async () => {
    await look();
    const before = coldEmulsion({ oilG: 300, yolkG: 36, waterG: 40, acidG: 2, egg: "pasteurised" });
    const state = { holds: "coldHoldsWord", breaks: "coldBreaksWord", loose: "coldLooseWord" } as const;
    expect(part("cold")).toContain(shelfWords(state[before.state]));
    await type(shelfWords("oil"), units === "metric" ? "3000" : "105.822");
    const after = coldEmulsion({ oilG: 3000, yolkG: 36, waterG: 40, acidG: 2, egg: "pasteurised" });
    expect(after.state).toBe("breaks");
    expect(part("cold")).toContain(shelfWords("coldBreaksWord"));
  });

  test("a sauce of the house for two hundred: each line by its rule, batches, ladles and the pan", async () => {
    await look();
    await type(t("covers"), "200");
    const { spec } = sauceSpecs(db())[0]!;
    const { batches, gPerCover, ladles, lines } = scaledSauce(spec, 200, shelfWith(own()))!;
    expect(part("scaled")).toContain(format.mass(gPerCover));
    expect(part("scaled")).toContain(format.number(ladles, 1));
    expect(part("scaled")).toContain(String(batches));
    expect(document.querySelectorAll('[data-testid="scale"] tbody tr').length).toBeGreaterThanOrEqual(lines.length);
  });

  test("salt by part: fish, sauce and garnish each with their band and what to do", async () => {
    await look();
    const rows = [...document.querySelectorAll('[data-testid="parts"] tbody tr')].map(({ textContent }) => textContent);
    expect(rows.length).toBeGreaterThanOrEqual(2);
    for (const row of rows) expect(row).toMatch(/\d+\.\d\d %/);
    expect(said()).not.toMatch(/NaN|undefined/);
  });
});
