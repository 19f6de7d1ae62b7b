/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { db } from "@/db/connection";
import { listPeople } from "@/db/doors/people";
import { listTablets } from "@/db/doors/tablets";
import { findHouse } from "@/db/house/house";
import { handovers } from "@/db/house/handovers";
import { houseNowMs } from "@/db/houseClock";
import { t } from "@/words/doors";
import { t as handover } from "@/words/handover";
import { button, clear, draw, formLaws, press, said, type } from "../testkit/atTheForm.testkit";
import { LeaveWord } from "../handover/LeaveWord";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { HostNamesCard } from "./HostNamesCard";
import { PeopleCard } from "./PeopleCard";
import { TabletsCard } from "./TabletsCard";

inADemoHouse();
afterEach(clear);

formLaws({
  "a word for who comes on": {
    form: () => <LeaveWord />,
    fill: [[handover("whatTheListDoesNotSay"), "Char of table seven goes without butter"]],
    press: handover("leaveIt"),
    says: new RegExp(handover("itIsLeft")),
  },
});

test("the words that were left wait as they were written", () => {
  expect(handovers(db(), houseNowMs()).waiting.map(({ note }) => note)).toContain(
    "Char of table seven goes without butter",
  );
});

test("a name the tablets may call the house by", async () => {
  await draw("metric", <HostNamesCard names={[]} />);
  await type(t("aName"), "gaffel.kitchen.example");
  await press(t("addIt"));
  expect(findHouse(db())!.hostNames).toEqual(["gaffel.kitchen.example"]);
  await draw("metric", <HostNamesCard names={["gaffel.kitchen.example"]} />);
  await type(t("aName"), "no name at all!");
  const add = button(t("addIt"));
  if (!add.disabled) await press(t("addIt"));
  expect(findHouse(db())!.hostNames).toEqual(["gaffel.kitchen.example"]);
});

test("a tablet is let in by a code of eight figures that is shown, and nothing stands open before it is typed", async () => {
  await draw("metric", <TabletsCard tablets={[]} nowMs={houseNowMs()} />);
  expect(button(t("letOneIn")).disabled).toBe(true);
  await type(t("newTabletsName"), "Pass");
  await press(t("letOneIn"));
  expect(said()).toMatch(/[\w]{4} [\w]{4}/);
  expect(listTablets(db())).toEqual([]);
});

test("somebody comes in by name with a first PIN; a PIN of two figures is none", async () => {
  const before = listPeople(db(), houseNowMs()).length;
  await draw("metric", <PeopleCard people={[]} />);
  await type(t("name"), "Sunniva");
  await type(t("firstPin"), "12");
  const takeIn = button(t("takeIn"));
  if (!takeIn.disabled) await press(t("takeIn"));
  expect(listPeople(db(), houseNowMs())).toHaveLength(before);
  await type(t("firstPin"), "4711");
  await press(t("takeIn"));
  expect(listPeople(db(), houseNowMs()).find(({ name }) => name === "Sunniva")).toMatchObject({
    role: "cook",
    pinHash: expect.stringMatching(/^(?!.*4711).{40,}$/),
  });
});
