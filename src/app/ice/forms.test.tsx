/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { db } from "@/db/connection";
import { setServiceMin } from "@/db/house/house";
import { listPlaces, readingsSince } from "@/db/house/places";
import { lastChecks, lastProbeCheck } from "@/db/house/probeChecks";
import { houseNowMs } from "@/db/houseClock";
import { openHolds, startHold } from "@/db/lots/holds";
import { findLot, lotsOnIce } from "@/db/lots/lots";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/ice";
import { chooseIn, clear, draw, formLaws, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { HoldLine } from "./[lotId]/HoldLine";
import { MoveWork } from "./[lotId]/MoveWork";
import { NewHold } from "./[lotId]/NewHold";
import { ReadingPad } from "./places/[placeId]/ReadingPad";
import { PlaceForm } from "./places/PlaceForm";
import { ProbeCheck } from "./places/ProbeCheck";
import { CoversForm } from "./tomorrow/CoversForm";
import TomorrowPage from "./tomorrow/page";

inADemoHouse();
afterEach(clear);

const place = (kind: string) => listPlaces(db()).find((one) => one.kind === kind)!;
const lot = () => lotsOnIce(db()).find(({ form, remainingG }) => form === "side" && remainingG > 500)!;
const degree = (units: "metric" | "imperial") => formatFor(units, "EUR", "point").degree;

/** Labels that carry the degree of the house. */
const inDegrees = (
  key: "itReadsDegree" | "inMeltingIceDegree" | "setToDegree" | "centreNowDegree",
  metric: string,
  imperial: string,
) =>
  [
    [t(key, { degree: degree("metric") }), metric],
    [t(key, { degree: degree("imperial") }), imperial],
  ] as const;

describe.each([
  ["metric", 0],
  ["imperial", 1],
] as const)("temperatures in a %s house", (units, at) => {
  test("what the thermometer of the cold room reads is kept in °C", async () => {
    const { id } = place("cold-room");
    const [label, text] = inDegrees("itReadsDegree", "1.5", "34.7")[at];
    await draw(units, <ReadingPad placeId={id} aroundC={1} />);
    await type(label, text);
    await press(t("noteIt"));
    expect(readingsSince(db(), id, 0).at(-1)!.celsius).toBeCloseTo(1.5, 2);
  });

  test("a probe in melting ice", async () => {
    const [label, text] = inDegrees("inMeltingIceDegree", "0.4", "32.7")[at];
    await draw(units, <ProbeCheck says="" />);
    await type(t("whichProbe"), "the thin one");
    await type(label, text);
    await press(t("noteTheCheck"));
    expect(said()).toMatch(/reads true/);
    expect(lastProbeCheck(db())!.celsius).toBeCloseTo(0.4, 1);
    expect([...lastChecks(db(), houseNowMs()).keys()]).toContain("the thin one");
  });

  test("a place of its own", async () => {
    const [label, text] = inDegrees("setToDegree", "2", "35.6")[at];
    await draw(units, <PlaceForm />);
    await type(t("name2"), `Drawer ${units}`);
    await type(label, text);
    await press(/^(Add|Set|Keep)/);
    expect(listPlaces(db()).find(({ name }) => name === `Drawer ${units}`)!.setC).toBeCloseTo(2, 2);
  });

  test("the centre of a lot in its freezing hold", async () => {
    const stamp = { who: "Ylva", atMs: houseNowMs() - 3_600_000 };
    const id = startHold(db(), lot().id, { kind: "parasite", ruleId: "eu-853", stated: null, expected: null }, stamp);
    const held = openHolds(db(), houseNowMs()).find((one) => one.id === id)!;
    const [label, text] = inDegrees("centreNowDegree", "-21", "-5.8")[at];
    await draw(units, <HoldLine held={held} />);
    await type(label, text);
    await press(t("noteTheCentre"));
    const after = openHolds(db(), houseNowMs()).find((one) => one.id === id)!;
    expect(after.hold).toMatchObject({ kind: "parasite", readings: [{ celsius: expect.closeTo(-21, 1) }] });
  });
});

test.each([
  ["out of the freezer, its hold not met", "cold-room", true, true],
  ["into the freezer, its hold not met", "freezer", true, false],
  ["out of the freezer, nothing held", "cold-room", false, false],
] as const)("a lot goes %s: it is said what that does to the hold", async (_, kind, freezing, warned) => {
  const { id, form, remainingG, priceCentsPerKg } = lot();
  const facts = { lotId: id, group: "salmonid", form, leftG: remainingG, priceCentsPerKg, canOpen: false } as const;
  const places = listPlaces(db());
  await draw("metric", <MoveWork {...facts} placeId={null} places={places} freezing={freezing} />);
  await chooseIn(".ant-select", place(kind).name);
  expect(said().includes(t("itLeavesItsFreezingHold"))).toBe(warned);
  await press(t("moveIt"));
  expect(findLot(db(), id)!.placeId).toBe(place(kind).id);
});

formLaws({
  "a lot goes to be frozen": {
    form: () => <NewHold lotId={lot().id} kinds={["parasite"]} onDone={() => undefined} />,
    press: t("begin"),
    says: /./,
  },
  "a lot goes to thaw": {
    form: () => <NewHold lotId={lot().id} kinds={["thaw"]} onDone={() => undefined} />,
    fill: [[t("hours"), "18"]],
    press: t("begin"),
    says: /./,
    same: { plannedH: 18 },
  },
  "a lot goes into cure": {
    form: () => <NewHold lotId={lot().id} kinds={["cure"]} onDone={() => undefined} />,
    fill: [
      [t("hours"), "30"],
      [t("recipe"), "40 g salt a kilo"],
    ],
    press: t("begin"),
    says: /./,
    same: { plannedH: 30 },
  },
});

test("tomorrow is reckoned to the hour at which this house begins its service", async () => {
  for (const [serviceMin, time] of [
    [1080, "18:00"],
    [1230, "20:30"],
  ] as const) {
    setServiceMin(db(), serviceMin, "Ylva", houseNowMs());
    await draw("metric", await TomorrowPage());
    expect(said()).toContain(`service from ${time}`);
  }
});

test("covers of tomorrow are planned by the species that is shown", async () => {
  await draw("metric", <CoversForm day="2030-01-02" />);
  await type(t("covers"), "24");
  await press(t("countOnIt"));
  expect(said()).not.toMatch(/not|problem/i);
});

test("a lot that is gone is not held", async () => {
  await draw("metric", <NewHold lotId="no-such-lot" kinds={["parasite"]} onDone={() => undefined} />);
  await press(t("begin"));
  expect(said()).toMatch(/not in the house|not on ice|no such/i);
  expect(findLot(db(), "no-such-lot")).toBeUndefined();
});
