/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { lotsOnIce } from "@/db/lots/lots";
import { notesOf } from "@/db/raw/lotNotes";
import { t } from "@/words/raw";
import { formatFor } from "@/words/format/format";
import { button, clear, draw, formLaws, press, said, type } from "../atTheForm.testkit";
import { inADemoHouse } from "../inTheHouse.testkit";
import { HalfShell } from "./[lotId]/HalfShell";
import { Remedy } from "./[lotId]/Remedy";
import { GuestsSwitch } from "./GuestsSwitch";

jest.mock("next/headers", () => jest.requireActual("../inTheHouse.testkit").nextHeaders);
jest.mock("next/cache", () => jest.requireActual("../inTheHouse.testkit").nextCache);
jest.mock("next/server", () => jest.requireActual("../inTheHouse.testkit").nextServer);
jest.mock("next/navigation", () => jest.requireActual("../atTheForm.testkit").nextNavigation);
jest.mock("next/link", () => jest.requireActual("../atTheForm.testkit").nextLink);
jest.mock("next/dynamic", () => jest.requireActual("../atTheForm.testkit").nextDynamic);

inADemoHouse();
afterEach(clear);

const lot = (speciesId: string) => lotsOnIce(db()).find((one) => one.speciesId === speciesId)!;
const anyLot = () => lotsOnIce(db())[0]!;
const FACTS = {
  ruleSetId: "eu-853",
  production: "farmed",
  roe: false,
  scallop: false,
  canFreeze: true,
  lacking: [],
} as const;
const remedy = (id: Parameters<typeof Remedy>[0]["id"], more: object = {}) => (
  <Remedy id={id} lotId={anyLot().id} {...FACTS} {...more} />
);
const degree = (units: "metric" | "imperial") => ({ degree: formatFor(units, null, "point").degree });

formLaws({
  "shellfish are tapped, and the dead are counted": {
    form: () => remedy("alive"),
    fill: [
      [t("tapped"), "24"],
      [t("dead"), "1"],
    ],
    press: t("noteTheTaps"),
    says: new RegExp(t("noted")),
  },
  "roe is on": { form: () => remedy("tag", { scallop: true }), press: t("roeOn"), says: new RegExp(t("notedRoeOn")) },
  "the muscle is bare": {
    form: () => remedy("tag", { scallop: true }),
    press: t("bareMuscleNoTagAsked"),
    says: new RegExp(t("notedBareMuscle")),
  },
  "the supplier's word that it was frozen": {
    form: () => remedy("parasites"),
    press: t("freezingStatementOnFile"),
    says: new RegExp(t("notedTheSuppliersFreezingStatement")),
  },
});

describe.each(["metric", "imperial"] as const)("a probe in a %s house", (units) => {
  test.each([
    ["kept-cold", "fishProbedDegree", "noteTheProbe"],
    ["vibrio", "waterAtHarvestDegree", "noteTheWater"],
  ] as const)("%s is kept in °C", async (check, label, name) => {
    await draw(units, remedy(check));
    await type(t(label, degree(units)), units === "metric" ? "3.5" : "38.3");
    await press(t(name));
    expect(said()).toMatch(new RegExp(t("noted")));
    const notes = Object.values(notesOf(db(), anyLot().id));
    expect(JSON.stringify(notes)).toMatch(/3\.(5|49|50)/);
  });
});

test("nothing is served before it meets the rule, nor more than there is", async () => {
  const facts = { lotId: anyLot().id, opensOnPlate: true };
  await draw("metric", <HalfShell {...facts} leftG={50_000} cleared={false} />);
  expect(button(t("notBeforeItMeetsTheRule")).disabled).toBe(true);
  await draw("metric", <HalfShell {...facts} leftG={100} cleared />);
  expect(button(/Serve/).disabled).toBe(true);
  await draw("metric", <HalfShell {...facts} leftG={50_000} cleared opensOnPlate={false} />);
  expect(document.querySelector("button")).toBeNull();
});

test("a lot the house does not find clear is not served, whatever the page thought", async () => {
  const { id } = lot("cod");
  await draw("metric", <HalfShell lotId={id} leftG={50_000} cleared opensOnPlate />);
  await press(/Serve/);
  expect(said()).toMatch(/not|rule|raw/i);
});

test("whom the house serves is said with one switch, and taken back with it", async () => {
  for (const susceptible of [false, true]) {
    await draw("metric", <GuestsSwitch susceptible={susceptible} because="" source="" />);
    await press("");
    expect(findHouse(db())!.susceptibleGuests).toBe(!susceptible);
  }
});
