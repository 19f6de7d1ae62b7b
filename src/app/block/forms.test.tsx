/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { breakdownsFor, expectedParts, startingSide, usualSideG } from "@/core/block";
import { findSpecies } from "@/core/species";
import { batchesOfLot } from "@/db/block/batches";
import { breakdownsSince } from "@/db/block/breakdowns";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { houseNowMs } from "@/db/houseClock";
import { childLots } from "@/db/lots/lots";
import { lotInHand, stockOnIce } from "@/db/lots/stock";
import { t } from "@/words/block";
import { button, clear, draw, field, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { ApartBench } from "./[lotId]/apart/ApartBench";
import { CutBench } from "./[lotId]/CutBench";
import { BoardCards } from "./boards/BoardCards";

inADemoHouse();
afterEach(clear);

const whole = () =>
  stockOnIce(db(), houseNowMs()).find(
    ({ row, species }) => row.remainingG > 900 && breakdownsFor(species, row.form).length > 0 && row.state !== "frozen",
  )!;
const sideOnIce = () =>
  stockOnIce(db(), houseNowMs()).find(
    ({ row }) => row.form === "side" && row.remainingG > 700 && row.state !== "frozen",
  )!;

function apart(lotId: string) {
  const { row, species } = lotInHand(db(), lotId, houseNowMs())!;
  const ways = breakdownsFor(species, row.form).map((way) => ({
    id: way.id,
    animal: way.animal,
    label: way.label,
    why: way.why,
    steps: [],
    parts: expectedParts(way, species, row.form),
    own: [],
  }));
  const places = listPlaces(db()).map(({ id, name }) => ({ id, name }));
  return {
    parts: ways[0]!.parts,
    leftG: row.remainingG,
    form: (
      <ApartBench
        lotId={lotId}
        leftG={row.remainingG}
        placeId={row.placeId}
        places={places}
        hasScale={false}
        ways={ways}
      />
    ),
  };
}

function cut(lotId: string) {
  const { row, species } = lotInHand(db(), lotId, houseNowMs())!;
  return (
    <CutBench
      lotId={lotId}
      leftG={row.remainingG}
      flesh={species.flesh}
      start={startingSide(species, usualSideG(species, row.form, row.remainingG))}
      usualPortionG={species.portion.massG}
      priceCentsPerKg={row.priceCentsPerKg}
      rawAllowed={false}
    />
  );
}

describe.each([
  ["metric", 800, "400", "g"],
  ["imperial", 800, "14.11", "oz"],
] as const)("an animal is broken down in a house that is %s", (units, wholeG, partText, unit) => {
  test("what was weighed stands in grams, its part is on ice, and the loss is the rest", async () => {
    const { row } = whole();
    const { parts, form } = apart(row.id);
    const [first] = parts.filter(({ use }) => use !== "waste");
    await draw(units, form);
    await type(t("onTheBlock"), units === "metric" ? String(wholeG) : (wholeG / 28.3495).toFixed(2));
    await type(`${first!.label}, ${unit}`, partText);
    await press(/^(Write it down|.*kept)/);
    const [newest] = breakdownsSince(db(), 0).toSorted((a, b) => b.atMs - a.atMs);
    expect(newest!.wholeG).toBeCloseTo(wholeG, -1);
    expect(newest!.parts).toMatchObject([{ partId: first!.id, massG: expect.closeTo(400, -1) }]);
    expect(childLots(db(), row.id).some(({ massG }) => Math.abs(massG - 400) < 2)).toBe(true);
  });
});

test("parts cannot weigh more than the whole: the house is not asked", async () => {
  const { row } = whole();
  const { parts, form } = apart(row.id);
  await draw("metric", form);
  await type(t("onTheBlock"), "500");
  await type(`${parts[0]!.label}, g`, "650");
  expect(said()).toMatch(/more than/);
  expect(
    [...document.querySelectorAll("button")].find(({ textContent }) => /^Write it down/.test(textContent))!.disabled,
  ).toBe(true);
});

describe.each(["metric", "imperial"] as const)("a side is cut in a house that is %s", (units) => {
  test("the portions that were drawn are the portions that were kept, in grams", async () => {
    const { row } = sideOnIce();
    const before = batchesOfLot(db(), row.id).length;
    await draw(units, cut(row.id));
    await type(t("portion"), units === "metric" ? "160" : "5.644");
    await press(/^Cut|^Keep|portions?$/i);
    const batches = batchesOfLot(db(), row.id);
    expect(batches).toHaveLength(before + 1);
    const made = batches.find(({ portionG }) => Math.abs(portionG - 160) < 1)!;
    expect(made.portions.length).toBeGreaterThan(0);
    for (const { massG, role } of made.portions)
      if (role === "portion") expect(Math.abs(massG - 160)).toBeLessThan(made.toleranceG + 1);
  });
});

test("a side is one side of two of a whole fish, and a cut one is itself; never more than is left, never under a portion", () => {
  const cod = findSpecies("cod")!;
  expect(usualSideG(cod, "side", 500)).toBe(500);
  expect(usualSideG(cod, "whole-gutted", 2000)).toBe(500);
  expect(usualSideG(cod, "side", 9000)).toBe(6 * cod.portion.massG + 60);
  expect(usualSideG(cod, "whole-gutted", 300)).toBe(cod.portion.massG);
});

test("a board that was washed is written down", async () => {
  const use = { use: "raw-fish", label: "Raw fish", colour: "blue", lay: [], washed: null } as const;
  await draw("metric", <BoardCards uses={[use]} />);
  await press(t("washed"));
  expect(said()).toMatch(new RegExp(t("washedAndWrittenDown")));
  expect(button(t("washed")).disabled).toBe(false);
  expect(() => field("no such field")).toThrow(/no field/);
});
