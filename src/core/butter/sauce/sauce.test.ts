import { findIngredient, INGREDIENTS } from "../shelf/data/ingredients";
import { afterWaiting, lossGPerMin, waitThrough } from "../mount/bain";
import { massOf } from "../reduce/mixture";
import { mountedSauce } from "../mount/mounted";
import { pouredGrams } from "../shelf/pour";
import { rescuesFor, withMore } from "../mount/rescue";
import { simmeredAlcoholLeftPct } from "../reduce/retention";
import { milderAcidG, planSauce, type SauceSpec } from "./sauce";

const BLANC: SauceSpec = {
  name: "Beurre blanc",
  covers: 4,
  goesWith: ["turbot"],
  base: [
    { ingredientId: "white-wine", massG: 148 },
    { ingredientId: "wine-vinegar", massG: 151 },
  ],
  reduceToMl: 45,
  mount: [{ ingredientId: "butter", massG: 150 }],
  servedC: 55,
  strained: true,
  baseKeepsDays: 3,
};
const SMALL = { pan: { diameterMm: 200 }, netPowerW: 900, startC: 20 };
const WIDE = { pan: { diameterMm: 280 }, netPowerW: 1850, startC: 20 };
const plan = (covers: number, stove = SMALL, spec = BLANC) => {
  const found = planSauce(spec, covers, stove);
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};
const minutesOf = ({ batch: { reduction } }: ReturnType<typeof plan>) => reduction!.secondsReducing / 60;

it("makes the sauce for four: about 196 g, 49 g a cover, 1.9 : 1, sharp, and holds (common practice)", () => {
  const { batch, batches } = plan(4);
  expect(batches).toEqual([4]);
  expect(Math.abs(batch.sauce.massG - 196)).toBeLessThan(3);
  expect(batch.sauce.fatToWater).toBeCloseTo(1.93, 1);
  expect(batch.sauce.because.map(({ code }) => code)).toContain("butter.sharp");
  expect(batch.sauce.state).toBe("holds");
});

it("offers the vinegar that brings a sharp sauce to one per cent, and nothing where it is not sharp", () => {
  const milder = milderAcidG(BLANC, SMALL)!;
  const base = BLANC.base.map((one) => (one.ingredientId === "wine-vinegar" ? { ...one, massG: milder.milderG } : one));
  const { sauce } = plan(4, SMALL, { ...BLANC, base }).batch;
  expect((100 * sauce.acidG) / sauce.massG).toBeCloseTo(1, 2);
  expect(milderAcidG({ ...BLANC, base }, SMALL)).toBeNull();
});

it("makes twenty covers in two batches, each base about 26 min in the small pan and 12 in the wide one", () => {
  expect(plan(20).batches).toEqual([10, 10]);
  expect(Math.abs(minutesOf(plan(20)) - 26)).toBeLessThan(1.5);
  expect(Math.abs(minutesOf(plan(20, WIDE)) - 12)).toBeLessThan(1);
});

it("keeps 20 to 25 ml back in 50 g of strained shallot; left in, nothing is lost (common practice)", () => {
  const spec = { ...BLANC, base: [...BLANC.base, { ingredientId: "shallot", massG: 50 }] };
  const strained = plan(4, SMALL, spec).batch;
  expect(massOf(plan(4).batch.base) - massOf(strained.base)).toBeGreaterThan(20);
  expect(massOf(plan(4).batch.base) - massOf(strained.base)).toBeLessThan(26);
  expect(plan(4, SMALL, { ...spec, strained: false }).batch.strainedG).toBe(0);
});

describe("a bain through the service", () => {
  const { question } = plan(4).batch;
  const open = { surfaceMm: 200, lid: false };

  it("gives off 1 to 2 kg a square metre an hour at 55 °C without a lid (common practice, low)", () => {
    const kgPerM2H = (lossGPerMin(55, open) * 60) / 1000 / (Math.PI * 0.1 ** 2);
    expect(kgPerM2H).toBeGreaterThan(1);
    expect(kgPerM2H).toBeLessThan(2);
  });

  it("drifts to splitting within 90 minutes; with a lid it holds", () => {
    const { holdsUntilMin, course } = waitThrough(question, open, 90);
    expect(holdsUntilMin).toBeGreaterThan(40);
    expect(course.at(-1)!.state).toBe("greasy");
    expect(waitThrough(question, { ...open, lid: true }, 90).holdsUntilMin).toBeNull();
  });

  it("is brought back by the grams of water it lost, more or less", () => {
    const split = afterWaiting(question, open, 90);
    const [rescue] = rescuesFor(split);
    expect(rescue).toMatchObject({ add: "water" });
    if (rescue && "add" in rescue) expect(mountedSauce(withMore(split, rescue.add, rescue.massG)).state).toBe("holds");
  });
});

test("every row of the shelf adds up, and a pour weighs what was poured", () => {
  for (const { id, waterPct, fatPct, saltPct, acidPct } of INGREDIENTS) {
    expect({ id, whole: waterPct + fatPct + saltPct + acidPct <= 100.01 }).toEqual({ id, whole: true });
    expect({ id, massG: massOf(pouredGrams({ ingredientId: id, massG: 100 })) }).toEqual({
      id,
      massG: expect.closeTo(100, 6) as number,
    });
  }
  expect(new Set(INGREDIENTS.map(({ id }) => id)).size).toBe(INGREDIENTS.length);
  // salted butter stays under what the trade sells as salted, and over the law's fat (memory, medium)
  expect(findIngredient("salted-butter")!.fatPct).toBeGreaterThanOrEqual(80);
});

test("a simmered dish keeps alcohol as the published table has it: 40 % after 15 min, 5 % after two and a half hours", () => {
  // Augustin and others 1992 (memory, high)
  expect([15, 30, 60, 90, 120, 150].map(simmeredAlcoholLeftPct)).toEqual([40, 35, 25, 20, 10, 5]);
});
