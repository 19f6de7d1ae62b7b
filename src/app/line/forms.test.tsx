/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { listSenders } from "@/db/line/senders";
import { stationOf } from "@/db/butter/spots";
import { t } from "@/words/line";
import { clear, draw, formLaws, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { SenderForm } from "./close/SenderForm";
import { StationCard } from "./StationCard";

inADemoHouse();
afterEach(clear);

const station = () => <StationCard hands={2} station={stationOf(db()) as never} out={[]} />;
const called = (label: string) => document.querySelector<HTMLButtonElement>(`[aria-label="${label}"]`)!;

formLaws({
  "who may send tickets": {
    form: () => <SenderForm senders={[]} />,
    fill: [[t("senderName"), "Till of the bar"]],
    press: t("newKey"),
    says: /[\w-]{20,}/,
  },
});

test("the key of a till is shown once and works in the house alone", async () => {
  expect(listSenders(db()).map(({ name }) => name)).toContain("Till of the bar");
  await draw("metric", <SenderForm senders={["Till of the bar"]} />);
  expect(said()).not.toMatch(/[\w-]{24,}/);
});

test("one more hand, one fewer burner, and one that is out", async () => {
  await draw("metric", station());
  const more = called(`${t("oneMoreOf")}: ${t("handsAtTheLine")}`);
  expect(more.disabled).toBe(false);
  more.setAttribute("data-name", "more");
  more.textContent = "one more hand";
  await press("one more hand");
  expect(findHouse(db())!.lineHands).toBe(3);
  expect(said()).toMatch(new RegExp(t("isSaid")));
});

test("a till without a name gets no key", async () => {
  const before = listSenders(db()).length;
  await draw("metric", <SenderForm senders={[]} />);
  await type(t("senderName"), "   ");
  const button = [...document.querySelectorAll("button")].find(({ textContent }) => textContent === t("newKey"))!;
  if (!button.disabled) await press(t("newKey"));
  expect(listSenders(db())).toHaveLength(before);
});
