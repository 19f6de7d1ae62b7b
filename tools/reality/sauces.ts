import {
  judgePot,
  planSauce,
  planStock,
  POTS,
  simmeredAlcoholLeftPct,
  waitThrough,
  type SauceSpec,
} from "@/core/butter";
import type { RealityLine } from "./cases";

const BLANC: SauceSpec = {
  name: "Beurre blanc",
  covers: 4,
  goesWith: [],
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
const RING = { pan: { diameterMm: 200 }, netPowerW: 900, startC: 20 };

const NEAR = 0.25;

/** Held against a customary range: inside it, within a quarter of it, or out. */
function line(
  what: string,
  custom: string,
  value: number,
  [low, high]: readonly [number, number],
  found: string,
  note = "",
): RealityLine {
  const agrees = value >= low && value <= high;
  const near = value >= low * (1 - NEAR) && value <= high * (1 + NEAR);
  return { what, custom, found, verdict: agrees ? "agrees" : near ? "near" : "misses", note };
}

const one = (value: number) => value.toFixed(1);

/** Sauces, reductions and stock against what cooks say. */
export const sauceLines = (): readonly RealityLine[] => {
  const { first, last } = blancLines();
  return [...first, ...stockLines(), ...last];
};

/** A beurre blanc; what is left of its vinegar's acid stands last on the page. */
function blancLines(): { readonly first: readonly RealityLine[]; readonly last: readonly RealityLine[] } {
  const plan = planSauce(BLANC, 4, RING);
  if (!plan.ok) return { first: [], last: [] };
  const { batch } = plan.value;
  const { secondsToBoil, secondsReducing, final, course } = batch.reduction!;
  const minutes = (secondsToBoil + secondsReducing) / 60;
  const each = batch.sauce.massG / 4;
  const acidPct = (100 * batch.sauce.acidG) / batch.sauce.massG;
  const open = waitThrough(batch.question, { surfaceMm: 200, lid: false }, 180).holdsUntilMin ?? 180;
  const third = course.find(({ mixture }) => mixture.waterG < course[0]!.mixture.waterG / 3)!;
  const alcohol = (100 * third.mixture.ethanolG) / course[0]!.mixture.ethanolG;
  const first = [
    line(
      "Beurre blanc base, 150 ml wine and 150 ml vinegar to 45 ml, 20 cm pan at 0.9 kW",
      "10 to 12 min",
      minutes,
      [10, 12],
      `${one(minutes)} min`,
    ),
    line(
      "150 g of butter on it, four covers",
      "45 to 55 g a cover, holds",
      each,
      [45, 55],
      `${Math.round(each)} g a cover, ${batch.sauce.state}`,
    ),
    line(
      "Its acid",
      "common practice uses it; about 1 % is liked",
      acidPct,
      [0.8, 1.2],
      `${one(acidPct)} %`,
      "the custom is sharp: it is said, with the vinegar that would bring it to 1 %; the model is not bent",
    ),
    line(
      "The same in an open 20 cm bain at 55 °C",
      "mounted at 18:45, split by half past eight: 60 to 105 min",
      open,
      [60, 105],
      `${open} min`,
    ),
    line(
      "Wine and vinegar reduced to a third",
      "nearly all the alcohol gone: under 2 %",
      alcohol,
      [0, 2],
      `${alcohol.toFixed(2)} % left`,
    ),
  ];
  const last = [
    line(
      "Its acid in what is left of the base",
      "a quarter of the vinegar's acid",
      (100 * final.aceticG) / course[0]!.mixture.aceticG,
      [20, 30],
      `${Math.round((100 * final.aceticG) / course[0]!.mixture.aceticG)} %`,
    ),
  ];
  return { first, last };
}

/** A covered stew, a pot of stock and its ice. */
function stockLines(): readonly RealityLine[] {
  const pot = planStock({
    bonesG: 1000,
    waterMl: 1300,
    aromaticsG: 150,
    pot: POTS[0]!,
    netPowerW: 2200,
    simmerMin: 22,
  });
  const bath = { massG: 1100, fromC: 85, diameterMm: 200, stirred: true, iceG: 0, bathWaterG: 500 };
  const iceG = judgePot(bath, "eu-852").iceNeededG ?? Infinity;
  return [
    line(
      "A stew of 30 min with wine, covered",
      "a third of the alcohol left",
      simmeredAlcoholLeftPct(30),
      [30, 40],
      `${simmeredAlcoholLeftPct(30)} %`,
      "the published table itself",
    ),
    line(
      "A kilo of white-fish bones, 1.3 l of water, 22 min",
      "75 to 85 % of the water",
      (100 * pot.yieldMl) / 1300,
      [75, 85],
      `${Math.round((100 * pot.yieldMl) / 1300)} %, simmers in ${one(pot.toSimmerMin)} min`,
    ),
    line(
      "1.1 l of stock into an ice bath, stirred",
      "about a kilo of ice a kilo",
      iceG / 1100,
      [0.8, 1.2],
      `${one(iceG / 1000)} kg`,
    ),
  ];
}
