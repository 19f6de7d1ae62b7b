/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { listPlaces } from "@/db/house/places";
import { houseNowMs } from "@/db/houseClock";
import { openHolds } from "@/db/lots/holds";
import { lotsOnIce } from "@/db/lots/lots";
import { stockOnIce } from "@/db/lots/stock";
import { notesOf } from "@/db/raw/lotNotes";
import { t } from "@/words/raw";
import { formatFor } from "@/words/format/format";
import { button, clear, draw, formLaws, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { HalfShell } from "./[lotId]/HalfShell";
import { Remedy } from "./[lotId]/Remedy";
import { CureBench } from "./cure/CureBench";
import { FreezeBench } from "./freeze/FreezeBench";
import { GuestsSwitch } from "./GuestsSwitch";

jest.mock("@/workers/client/useRaw", () => jest.requireActual("../testkit/inThread.testkit").rawWorker);

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

const stock = () =>
  stockOnIce(db(), houseNowMs()).filter(({ row, species }) => row.form === "side" && species.rawUse !== "none");

describe.each([
  ["metric", "1500", "32", "-30"],
  ["imperial", "52.911", "1.2598", "-22"],
] as const)("a cure and a freezing begun in a house that is %s", (units, massText, thickText, airText) => {
  test("a cure on paper is worked out in the units of the house, and nothing is begun without a lot", async () => {
    const [one] = stock();
    const { row, title } = one!;
    const lots = [{ id: row.id, title, speciesId: row.speciesId, massG: row.remainingG, thicknessMm: 28 }];
    await draw(units, <CureBench lots={lots} />);
    await type(t("weight"), massText);
    await type(t("thick"), thickText);
    expect(said()).toMatch(units === "metric" ? /\d g\b/ : /\d oz\b/);
    expect([...document.querySelectorAll("button")].map(({ textContent }) => textContent)).not.toContain(
      t("layItInBeginTheHold"),
    );
  });

  test("a freezing hold begins with the pack that was typed, and expects the core when the plan says", async () => {
    const lot = stock().find(({ life }) => life.state !== "frozen")!;
    const freezer = listPlaces(db()).find(({ kind }) => kind === "freezer")!;
    const lots = [{ id: lot.row.id, title: lot.title, speciesId: lot.row.speciesId, startC: 2, inFreezer: false }];
    const before = openHolds(db(), houseNowMs()).length;
    await draw(
      units,
      <FreezeBench
        ruleId="eu-853"
        lots={lots}
        chosenId={lot.row.id}
        serverNowMs={houseNowMs()}
        freezers={[{ id: freezer.id, name: freezer.name, setC: freezer.setC }]}
      />,
    );
    await type(t("air"), airText);
    await press(t("itGoesInNowBeginThe"));
    const holds = openHolds(db(), houseNowMs());
    expect(holds).toHaveLength(before + 1);
    const begun = holds.find(({ lot: of, pack }) => of.id === lot.row.id && pack !== null)!;
    expect(begun.pack!.startC).toBeCloseTo(2, 0);
    expect(begun.hold).toMatchObject({ kind: "parasite", ruleId: "eu-853", readings: [] });
    // what is expected is not proven: nothing is met before somebody probes it
    expect(begun.status.state).not.toBe("done");
  });
});
