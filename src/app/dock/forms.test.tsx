/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { findSpecies } from "@/core/species";
import { shiftDay, todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { listAdvice } from "@/db/house/advice";
import { findHouse } from "@/db/house/house";
import { listPlaces } from "@/db/house/places";
import { houseNowMs } from "@/db/houseClock";
import { lotsReceivedSince } from "@/db/lots/lots";
import { expectedOn, placeOrder } from "@/db/lots/orders";
import { t } from "@/words/dock";
import { clear, draw, press, pressEither, said } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { DeliveryDesk } from "./DeliveryDesk";
import { ExpectedCard } from "./expected/ExpectedCard";
import { expectedToday } from "./expected/expectedToday";
import { emptyDraft, withSpecies, type LotDraft } from "./van/lotDraft";

inADemoHouse();
afterEach(clear);

const home = () => listPlaces(db()).find(({ kind }) => kind === "cold-room")!.id;
/** A lot as it is written down at the tailgate, in the units of the house. */
const cod = (part: Partial<LotDraft> = {}): LotDraft => ({
  ...withSpecies(emptyDraft(home()), findSpecies("cod")!),
  area: "FAO 27.4.a",
  gear: "Longline",
  source: "Rype",
  caughtOn: shiftDay(todayIn("Europe/Copenhagen", houseNowMs()), -1),
  pricePerKg: 12,
  mass: 2,
  receipt: 1,
  ...part,
});
const desk = (lots: readonly LotDraft[], supplier = "File Quay") => (
  <DeliveryDesk
    suppliers={[supplier]}
    places={listPlaces(db())}
    advice={listAdvice(db())}
    serverNowMs={houseNowMs()}
    usualPlaces={{}}
    usualFigures={{}}
    drafts={{ supplier, lots }}
  />
);
const newest = () => lotsReceivedSince(db(), 0).toSorted((a, b) => b.receivedAtMs - a.receivedAtMs)[0]!;

test.each([
  ["metric", { mass: 2, receipt: 1 }],
  ["imperial", { mass: 4.409, receipt: 33.8 }],
] as const)("two kilos of cod at one degree, at a desk that is %s", async (units, part) => {
  await draw(units, desk([cod(part)]));
  await press(t("theRestAsCaught"));
  await press(t("putOnIceAndKeepThe"));
  const lot = newest();
  expect(lot).toMatchObject({ speciesId: "cod", supplier: "File Quay", verdict: "accept", priceCentsPerKg: 1200 });
  expect(lot.massG).toBeCloseTo(2000, -1);
  expect(lot.receiptC).toBeCloseTo(1, 1);
});

test("a fish that came too warm is refused by the button, and kept on record", async () => {
  await draw("metric", desk([cod({ receipt: 14 })]));
  await press(t("theRestAsCaught"));
  await press(t("refuseAndKeepTheRecord"));
  expect(newest()).toMatchObject({ verdict: "refuse", status: "refused", receiptC: 14 });
});

test.each([
  ["without a weight", { mass: null }, /weigh/i, "weight"],
  ["without its temperature", { receipt: null }, /probe|temperature|still/i, "probe"],
  ["without a price", { pricePerKg: null }, /price/i, "price"],
  ["without an area", { area: "" }, /area/i, "area"],
  ["without its gear", { gear: " " }, /caught/i, "gear"],
  ["without its boat", { source: " " }, /boat|farm/i, "source"],
  ["nobody looked at", {}, /still to look at/i, "signs"],
])("a lot %s is not taken, and the desk says what is missing and goes there", async (_, part, why, at) => {
  const before = lotsReceivedSince(db(), 0).length;
  await draw("metric", desk([cod(part)]));
  if (at !== "signs") await press(t("theRestAsCaught"));
  await pressEither([t("putOnIceAndKeepThe"), t("refuseAndKeepTheRecord"), t("notJudgedYet")]);
  expect(said()).toMatch(why);
  expect(lotsReceivedSince(db(), 0)).toHaveLength(before);
  expect(document.activeElement?.tagName).toBe("INPUT");
  expect(document.activeElement?.closest("[data-answers]")?.getAttribute("data-answers")).toBe(at);
});

test("a van nobody brought is not taken", async () => {
  const before = lotsReceivedSince(db(), 0).length;
  await draw("metric", desk([cod()], ""));
  await press(t("theRestAsCaught"));
  await press(t("putOnIceAndKeepThe"));
  expect(said()).toMatch(new RegExp(t("whoBroughtIt").slice(0, 10)));
  expect(lotsReceivedSince(db(), 0)).toHaveLength(before);
});

test("of a van the lot that lacks something comes to the front, at what it lacks", async () => {
  await draw("metric", desk([cod({ key: "a" }), cod({ key: "b", source: "" })]));
  await press(t("theRestAsCaught"));
  await press(/^Atlantic cod$/);
  await press(t("theRestAsCaught"));
  await press(t("putAllIcedOnIce", { iced: 2 }));
  expect(document.activeElement?.closest("[data-answers]")?.getAttribute("data-answers")).toBe("source");
  expect(said()).toMatch(new RegExp(t("lotLackingLacks", { lacking: 2, lacks: t("whichBoatOrFarm") }).slice(0, 20)));
});

test("two lots of one van are one delivery, each with its code", async () => {
  const before = lotsReceivedSince(db(), 0).length;
  await draw("metric", desk([cod({ key: "a", mass: 3 }), cod({ key: "b", mass: 4 })]));
  await press(t("theRestAsCaught"));
  await press(/^Atlantic cod$/);
  await press(t("theRestAsCaught"));
  await press(t("putAllIcedOnIce", { iced: 2 }));
  const came = lotsReceivedSince(db(), 0)
    .toSorted((a, b) => b.receivedAtMs - a.receivedAtMs)
    .slice(0, 2);
  expect(lotsReceivedSince(db(), 0)).toHaveLength(before + 2);
  expect(new Set(came.map(({ deliveryId }) => deliveryId)).size).toBe(1);
  expect(new Set(came.map(({ code }) => code)).size).toBe(2);
  expect(came.map(({ massG }) => massG).sort()).toEqual([3000, 4000]);
});

test("what was ordered and did not come is noted, and stands at the door no more", async () => {
  const house = findHouse(db())!;
  const day = todayIn(house.timeZone, houseNowMs());
  const order = {
    supplier: "Nordpol",
    speciesId: "ling",
    form: "side",
    frozen: false,
    massG: 4000,
    priceCentsPerKg: null,
    day,
    everyWeek: false,
  } as const;
  const id = placeOrder(db(), order, { who: "Ylva", atMs: houseNowMs() });
  const expected = expectedToday(house, houseNowMs()).filter((one) => one.id === id);
  expect(expected).toHaveLength(1);
  await draw("metric", <ExpectedCard expected={expected} onCame={() => undefined} />);
  await press(t("didNotCome"));
  await press(/.*hold|.*again|Hold/i);
  expect(said()).toMatch(new RegExp(t("itIsNoted")));
  expect(expectedOn(db(), day).some((one) => one.id === id)).toBe(false);
});
