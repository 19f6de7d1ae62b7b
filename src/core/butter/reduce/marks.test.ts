import { boilsOver, marksOf, waterBackMl } from "./marks";
import { massOf, mixtureOf, NOTHING_IN_IT } from "./mixture";
import { USUAL_LIQUIDS } from "./data/liquids";
import { panLevelMm, reduce } from "./reduction";

const wine = mixtureOf({ ...USUAL_LIQUIDS.wine, volumeMl: 300 });

it("marks the half, and the syrup where half of what is left is dissolved", () => {
  const marks = marksOf(wine);
  expect(marks.map(({ what }) => what)).toEqual(["half", "coats", "syrup", "glaze"]);
  const syrup = marks.find(({ what }) => what === "syrup")!.ml;
  const found = reduce({ mixture: wine, toMl: syrup, pan: { diameterMm: 200 }, netPowerW: 900, startC: 20 });
  if (!found.ok) throw new Error(found.error.code);
  const { solidsG, fixedAcidG } = found.value.final;
  expect((solidsG + fixedAcidG) / massOf(found.value.final)).toBeCloseTo(0.5, 2);
  expect(marksOf({ ...NOTHING_IN_IT, waterG: 100 }).map(({ what }) => what)).toEqual(["half"]);
});

it("knows a litre in a 200 mm pan stands 32 mm deep, and wants a third of the rim free", () => {
  expect(panLevelMm(1000, 200)).toBeCloseTo(31.8, 1);
  expect([boilsOver(50, 65), boilsOver(40, 65)]).toEqual([true, false]);
  expect([waterBackMl(30, 45), waterBackMl(60, 45)]).toEqual([15, 0]);
});
