/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { todayIn } from "@/calendar/days";
import { answersIt } from "@/core/coldchain";
import { judgeAtDoor, schemeFor } from "@/core/freshness";
import { valueOf } from "@/core/shared";
import { findSpecies } from "@/core/species";
import { HOUR_MS, MINUTE_MS } from "@/core/units";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { addReadings, listPlaces, setPlace } from "@/db/house/places";
import { lotsThrough, watchPlace } from "@/db/lots/excursions";
import { findLot, lotsIn, receiveDelivery } from "@/db/lots/lots";
import { formatFor, type Units } from "@/words/format/format";
import { t } from "@/words/ice";
import { button, chooseIn, clear, draw, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import PlacePage from "./places/[placeId]/page";

inADemoHouse();
afterEach(clear);

const NOW = Date.now();
const WILD = {
  production: "wild",
  area: "FAO 27.4.a",
  gear: "Longline",
  source: "Nattkrok",
  caughtAtMs: null,
  massG: 2000,
  statedMassG: null,
  priceCentsPerKg: 1000,
  provenance: {},
} as const;

/** A drawer of its own in which it has been 12 °C for so many hours; a cod and a mackerel lie in it. */
function warmDrawer(name: string, hours: number) {
  const stamp = { who: "Anu", atMs: NOW - (hours + 1) * HOUR_MS };
  const facts = { name, kind: "drawer", setC: 1, minC: null, maxC: 3, everyMin: 15 } as const;
  const place = valueOf(setPlace(db(), null, facts, stamp));
  const day = todayIn(findHouse(db())!.timeZone, stamp.atMs);
  const lies = (speciesId: string) => {
    const species = findSpecies(speciesId)!;
    const { attributes } = schemeFor(species, "whole-gutted", false);
    const grades = Object.fromEntries(attributes.map(({ id }) => [id, 0 as const]));
    const seen = { form: "whole-gutted", frozen: false, receiptC: 1, grades } as const;
    const judgement = judgeAtDoor({ ...seen, species, daysSinceCatch: null, ruleSetId: "eu-853" });
    const lot = { ...seen, ...WILD, speciesId, placeId: place.id };
    const dayStamp = day.slice(5).replace("-", "");
    return receiveDelivery(db(), "Two Terns Fish", [{ lot, judgement }], { ...stamp, day, dayStamp })[0]!;
  };
  const lots = [lies("cod"), lies("mackerel")] as const;
  const readings = Array.from({ length: (hours + 1) * 4 }, (_, quarter) => {
    const atMs = stamp.atMs + quarter * 15 * MINUTE_MS;
    return { atMs, celsius: atMs < NOW - hours * HOUR_MS ? 1 : 12 };
  });
  addReadings(db(), place.id, readings, "file", { ...stamp, atMs: NOW });
  return { place, lots };
}
const watched = (placeId: string) => {
  const { ruleSetId } = findHouse(db())!;
  const place = listPlaces(db()).find(({ id }) => id === placeId)!;
  const [excursion, ...others] = watchPlace(db(), place, ruleSetId, NOW - 24 * HOUR_MS, Date.now()).excursions;
  expect(others).toEqual([]);
  return excursion!;
};
const look = async (placeId: string, units: Units = "metric") =>
  draw(units, await PlacePage({ params: Promise.resolve({ placeId }), searchParams: Promise.resolve({ days: "1" }) }));
const offered = () =>
  [...document.querySelectorAll<HTMLButtonElement>("[role=group] button[aria-pressed]")].map((one) => one.textContent);

/** Chosen from the list of places. */
const choose = (name: string) => chooseIn("[role=group] .ant-select", name);

test("three hours at 12 °C: nothing is over the rule yet, so nothing is thrown away; a warm probe is written and answers nothing", async () => {
  const { place } = warmDrawer("Drawer by the door", 3);
  await look(place.id);
  expect(offered()).toEqual([t("moveWhatLiesThere"), t("closedAndProbed"), t("somethingElse")]);
  await press(t("closedAndProbed"));
  expect(button(t("noteTheProbing")).disabled).toBe(true);
  await type(t("warmestFishDegree", { degree: "°C" }), "7.5");
  const { limitC } = watched(place.id);
  const format = formatFor("metric", "EUR", "point");
  expect(said()).toContain(t("notColdEnoughMoveOrThrow", { limit: format.temperature(limitC, 1) }));
  await press(t("noteTheProbing"));
  expect(said()).toContain(t("writtenDownButNotColdEnough"));
  const { answers, state, ...excursion } = watched(place.id);
  expect(answers.map(({ kind, readingC }) => [kind, readingC])).toEqual([["probed", 7.5]]);
  expect([answers.some((one) => answersIt(one, excursion)), state]).toEqual([false, "out"]);
});

test("a cold fish answers it, in an imperial house too; the alarm goes on while it is still warm there", async () => {
  const { place } = warmDrawer("Drawer of the larder", 2);
  await look(place.id, "imperial");
  await press(t("closedAndProbed"));
  await type(t("warmestFishDegree", { degree: "°F" }), "34");
  await press(t("noteTheProbing"));
  expect(said()).toContain(t("inTheBookWithEveryLot"));
  const { answers, state } = watched(place.id);
  expect(answers[0]!.readingC).toBeCloseTo((34 - 32) / 1.8, 6);
  expect(state).toBe("stillOut");
});

test("words alone are taken once there are some, and stand in the book as they were typed", async () => {
  const { place } = warmDrawer("Drawer of the pass", 2);
  await look(place.id);
  await press(t("somethingElse"));
  expect(button(t("writeItDown")).disabled).toBe(true);
  await type(t("inYourWords"), "the hinge is bent, taped shut");
  await press(t("writeItDown"));
  expect(watched(place.id).answers.map(({ kind, action }) => [kind, action])).toEqual([
    ["said", "the hinge is bent, taped shut"],
  ]);
});

test("what lies there goes where it was sent, and where it would freeze that is said before", async () => {
  const { place, lots } = warmDrawer("Drawer of the stove", 2);
  const freezer = listPlaces(db()).find(({ kind }) => kind === "freezer")!;
  const cold = listPlaces(db()).find(({ kind }) => kind === "cold-room")!;
  await look(place.id);
  await press(t("moveWhatLiesThere"));
  expect(button(t("moveLotsTo", { count: 2, to: t("anotherPlace2") })).disabled).toBe(true);
  await choose(freezer.name);
  expect(said()).toContain(t("lotsFreezeThere", { count: 2, to: freezer.name }));
  await choose(cold.name);
  expect(said()).not.toContain(t("lotsFreezeThere", { count: 2, to: cold.name }));
  await press(t("moveLotsTo", { count: 2, to: cold.name }));
  expect(said()).toContain(t("movedCodes", { count: 2, to: cold.name }));
  expect(lotsIn(db(), place.id)).toEqual([]);
  expect(lots.map(({ id }) => findLot(db(), id)!.placeId)).toEqual([cold.id, cold.id]);
});

test("nine hours of it: the mackerel is over the histamine rule and is offered to be thrown away, the cod is not", async () => {
  // FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022, ch. 7: hours above 4.4 °C of a fish that forms histamine (memory, high)
  const { place, lots } = warmDrawer("Drawer nobody read", 9);
  const [cod, mackerel] = lots;
  const touched = lotsThrough(db(), place.id, watched(place.id), NOW);
  expect(touched.filter(({ overHistamine }) => overHistamine).map(({ lot }) => lot.id)).toEqual([mackerel.id]);
  expect(touched.map(({ lot }) => lot.id).toSorted()).toEqual([cod.id, mackerel.id].toSorted());
  await look(place.id);
  expect(offered()[0]).toBe(t("throwAwayWhatIsOver"));
  await press(t("throwAwayWhatIsOver"));
  // held down, not tapped: a tap throws nothing away
  await press(t("throwAwayLots", { count: 1 }));
  expect(findLot(db(), mackerel.id)!.remainingG).toBeGreaterThan(0);
});
