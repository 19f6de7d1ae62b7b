/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import type { ComponentProps } from "react";
import { db } from "@/db/connection";
import { bookedOn, offNow } from "@/db/cards/bookings";
import { cardSpecs, findCard } from "@/db/cards/cardSpecs";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { todayIn } from "@/calendar/days";
import { DEMO_CARDS } from "@/demo/data/cards";
import { t } from "@/words/cards";
import { button, clear, draw, formLaws, press, said, type, went } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { passNow } from "./cardData";
import { TileCard } from "./TileCard";
import { MoneyForm } from "./write/MoneyForm";
import { WriteCard } from "./write/WriteCard";

inADemoHouse();
afterEach(clear);

const today = () => todayIn(findHouse(db())!.timeZone, houseNowMs());
const FISH = [{ id: "cod", name: "Atlantic cod", donenessGroup: "white-flake" as const }];
const [FIRST_ID, FIRST] = Object.entries(DEMO_CARDS)[0]!;
const write = (part: Partial<ComponentProps<typeof WriteCard>> = {}) => (
  <WriteCard cardId={null} first={FIRST} today={today()} sauces={[]} own={[]} fish={FISH} {...part} />
);
const tile = () => {
  const { dish: _dish, ...rest } = passNow(db(), findHouse(db())!, houseNowMs()).tiles.find(({ off }) => !off)!;
  return rest;
};

formLaws({
  "what money asks": {
    form: () => <MoneyForm money={{ vatPct: 25, extraCents: 40, targetPct: 30 }} />,
    fill: [
      [t("taxInThePrice"), "12"],
      [t("extrasACover"), "0.55"],
    ],
    press: t("set"),
    says: new RegExp(t("moneyIsSaid")),
    silent: true,
  },
  "a card of the house": {
    form: () => write(),
    fill: [
      [t("nameOfTheDish"), "Cod of the trial"],
      [t("onePiece"), "180", "6.349"],
      [t("thickness"), "28", "1.1024"],
      [t("priceToTheGuest"), "29"],
    ],
    press: t("keepTheCard"),
    says: /Cod of the trial/,
  },
});

test("the card that was kept is what was written, in g and mm, and the cook stands on it", async () => {
  const kept = cardSpecs(db()).filter(({ spec }) => spec.name === "Cod of the trial");
  expect(kept.length).toBeGreaterThan(0);
  for (const { spec } of kept) {
    expect(spec.piece.massG).toBeCloseTo(180, 0);
    expect(spec.piece.thicknessMm).toBeCloseTo(28, 0);
    expect(spec.priceCents).toBe(2900);
  }
  await draw("metric", write());
  await type(t("nameOfTheDish"), "Another cod");
  await press(t("keepTheCard"));
  expect(went.at(-1)).toMatch(/^\/cards\/[\w-]+$/);
});

test("a card without a name is not kept", async () => {
  await draw("metric", write());
  await type(t("nameOfTheDish"), "  ");
  expect(button(t("keepTheCard")).disabled).toBe(true);
});

test("a new version stands beside the old one: plates that went keep theirs", async () => {
  const before = findCard(db(), FIRST_ID)!;
  await draw("metric", write({ cardId: FIRST_ID }));
  await type(t("secondsToPlate"), "75");
  await press(t("fromNowOn"));
  const after = findCard(db(), FIRST_ID)!;
  expect(after.hash).not.toBe(before.hash);
  expect(after.spec).toEqual({ ...before.spec, plateSeconds: 75 });
});

test("a dish is booked, struck off with a reason, and put back on", async () => {
  const { cardId, name } = tile();
  await draw("metric", <TileCard tile={tile()} />);
  await press(t("bookIt"));
  await type(t("coversToday"), "17");
  await press(t("set"));
  expect(bookedOn(db(), today()).find(({ card }) => card === cardId || card === name)?.covers).toBe(17);
  await draw("metric", <TileCard tile={tile()} />);
  await press(t("strikeOff"));
  expect(button(t("strikeItOff")).disabled).toBe(true);
  await type(t("whyIsItOff"), "no char");
  await press(t("strikeItOff"));
  expect(offNow(db())).toMatchObject([{ cardId, reason: "no char" }]);
  const off = passNow(db(), findHouse(db())!, houseNowMs()).tiles.find((one) => one.cardId === cardId)!;
  await draw("metric", <TileCard tile={off} />);
  await press(t("putItBackOn"));
  expect(offNow(db())).toEqual([]);
  expect(said()).toMatch(/back on/i);
});
