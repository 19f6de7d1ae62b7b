/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act } from "react";
import { findSpecies } from "@/core/species";
import { shiftDay, todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { listAdvice } from "@/db/house/advice";
import { houseNowMs } from "@/db/houseClock";
import { entriesBetween } from "@/db/ledger";
import { lotsReceivedSince } from "@/db/lots/lots";
import { writeDeliveryCsv } from "@/exchange/deliveryCsv";
import type { DeliveryDraft } from "@/exchange/draft";
import { t } from "@/words/dock";
import { untilAnswered, clear, draw, field, press, said } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import AdvicePage from "./advice/page";
import FilesPage from "./files/page";

inADemoHouse();
afterEach(clear);

const yesterday = () => shiftDay(todayIn("Europe/Copenhagen", houseNowMs()), -1);
const lot = (part: Partial<DeliveryDraft> = {}): DeliveryDraft => ({
  supplier: "Skarvholmen Quay",
  speciesId: "cod",
  form: "whole-gutted",
  frozen: false,
  production: "wild",
  area: "FAO 27.4.a",
  gear: "Longline",
  source: "Nattkrok",
  caughtOn: yesterday(),
  massG: 8400,
  statedMassG: 8500,
  pricePerKg: 9.5,
  receiptC: 1.2,
  grades: {},
  provenance: { supplierLot: "SQ-118", byCatch: false },
  ...part,
});
const fileOf = (...lots: readonly DeliveryDraft[]) => writeDeliveryCsv(lots, (id) => findSpecies(id)!.scientificName);

/** Gives the page's file button a file, as the device's own dialog does. */
async function give(text: string, name = "delivery.csv"): Promise<void> {
  const input = document.querySelector<HTMLInputElement>("input[type=file]")!;
  const file = new File([text], name);
  // jsdom's files cannot be read as text
  Object.assign(file, { text: async () => text });
  await act(async () => {
    Object.defineProperty(input, "files", { configurable: true, value: [file] });
    input.dispatchEvent(new Event("change", { bubbles: true }));
    await untilAnswered(300);
  });
}
const files = async (units: "metric" | "imperial" = "metric") => draw(units, await FilesPage());
const badRows = () => [...document.querySelectorAll("[data-testid=bad-rows] li")].map(({ textContent }) => textContent);
const came = () => lotsReceivedSince(db(), 0);

describe.each([
  ["metric", "8.4", "1.2"],
  ["imperial", "18.519", "34.16"],
] as const)("a delivery out of a file, at a desk that is %s", (units, weight, probe) => {
  test("stands on the desk with what the file says, in the units of the house, and is kept as it was weighed", async () => {
    await files(units);
    await give(fileOf(lot({ provenance: { supplierLot: `SQ-${units}`, byCatch: false } })));
    expect(field(t("supplier")).value).toBe("Skarvholmen Quay");
    const numbers = [...document.querySelectorAll<HTMLInputElement>("input[role=spinbutton]")].map(
      ({ value }) => value,
    );
    expect(numbers).toEqual(expect.arrayContaining([weight, probe]));
    // nothing is kept before somebody has looked at the fish
    expect(came().some(({ provenance }) => provenance.supplierLot === `SQ-${units}`)).toBe(false);
    await press(t("theRestAsCaught"));
    await press(t("putOnIceAndKeepThe"));
    const kept = came().find(({ provenance }) => provenance.supplierLot === `SQ-${units}`)!;
    expect(kept).toMatchObject({
      speciesId: "cod",
      supplier: "Skarvholmen Quay",
      source: "Nattkrok",
      verdict: "accept",
    });
    expect(kept.massG).toBeCloseTo(8400, 0);
    expect(kept.receiptC).toBeCloseTo(1.2, 2);
  });
});

test("rows that cannot be read are named by their line; the good ones wait for a word, and none is taken by itself", async () => {
  const lines = fileOf(lot(), lot({ speciesId: "ling" }), lot({ speciesId: "turbot", production: "farmed" })).split(
    "\n",
  );
  lines[2] = lines[2]!.replace(/^[^,]*,[^,]*/, "Skarvholmen Quay,Unknown fish");
  await files();
  const before = came().length;
  await give(lines.join("\n"));
  expect(said()).toContain(t("lengthOfLength2CannotBeRead", { length: 1, length2: 3 }));
  expect(badRows()).toEqual([expect.stringMatching(/^Line 3\b.*Unknown fish/)]);
  expect(document.querySelector("form")).toBeNull();
  await press(t("takeTheLengthGoodOnes", { length: 2 }));
  expect(document.querySelectorAll("form")).toHaveLength(1);
  await press(t("takeNone"));
  expect(document.querySelector("form")).toBeNull();
  expect(came()).toHaveLength(before);
});

test("several vans in one file are taken one after the other, each with its own lots", async () => {
  await files();
  await give(
    fileOf(lot({ supplier: "Quay A" }), lot({ supplier: "Quay B", speciesId: "ling" }), lot({ supplier: "Quay A" })),
  );
  expect(said()).toContain(t("severalVansInOneFile"));
  expect(field(t("supplier")).value).toBe("Quay A");
  await press("Quay B (1)");
  expect(field(t("supplier")).value).toBe("Quay B");
  await press("Quay A (2)");
  expect(field(t("supplier")).value).toBe("Quay A");
});

test.each([
  ["", t("theFileIsEmpty")],
  ["supplier,species,form,production,weight_kg,price_per_kg\n", t("theFileHoldsNoLots")],
  ["{ this is no document", /cannot be read|no document|Line 1/],
  ["a;b;c\n1;2;3", /the head lacks supplier, species, form/],
])("a file of %j says what is wrong with it", async (text, why) => {
  await files();
  await give(text);
  if (typeof why === "string") expect(said()).toContain(why);
  else expect(said()).toMatch(why);
  expect(document.querySelector("form")).toBeNull();
});

test("every column a file may have is explained beside the desk", async () => {
  await files();
  const columns = [...document.querySelectorAll("dt")].map(({ textContent }) => textContent);
  for (const column of fileOf(lot()).split("\n")[0]!.split(",")) expect(columns).toContain(column);
  for (const words of document.querySelectorAll("dd")) expect(words.textContent.trim()).not.toBe("");
});

describe("advice on the fish", () => {
  const advice = async () => draw("metric", await AdvicePage());
  const HEAD = "species,production,area,gear,body,rating,date";
  const heard = () => listAdvice(db()).filter(({ body }) => body === "Skarv Board");

  test("a whole file of it comes in at once, newest stands on the page with who said it and when", async () => {
    await advice();
    await give(
      `${HEAD}\nGadus morhua,wild,FAO 27.4.a,Longline,Skarv Board,good,2026-02-01\nLing,,,,Skarv Board,avoid,2026-02-01`,
    );
    expect(said()).toContain(t("cameInEntriesCameIn", { cameIn: 2 }));
    expect(heard()).toMatchObject([{ rating: "best" }, { rating: "avoid" }].map((one) => expect.objectContaining(one)));
    await advice();
    expect(said()).toContain("Skarv Board");
    const { payload } = entriesBetween(db(), 0, houseNowMs() + 1000).find(({ kind }) => kind === "advice-added")!;
    expect(JSON.stringify(payload)).toContain("2");
  });

  test("a file with bad rows waits for a word: the good rows alone, or none", async () => {
    const before = heard().length;
    await advice();
    await give(
      `${HEAD}\nCod,,,,Skarv Board,ok,2026-03-01\nCod,,,,Skarv Board,fine,2026-03-01\nNo such fish,,,,Skarv Board,ok,2026-03-01\nCod,,,,Skarv Board,ok,1.3.2026`,
    );
    expect(said()).toContain(t("lengthRowsCannotBeRead", { length: 3 }));
    expect(said()).toMatch(/Line 3\b.*“fine”.*Line 4\b.*“No such fish”.*Line 5\b.*“1\.3\.2026”/);
    expect(heard()).toHaveLength(before);
    await press(t("takeTheGoodGoodRows", { good: 1 }));
    expect(heard()).toHaveLength(before + 1);
    await give(`${HEAD}\nCod,,,,,ok,2026-03-01`);
    await press(t("takeNone"));
    expect(heard()).toHaveLength(before + 1);
  });

  test("the page begins with what is to be avoided", async () => {
    await advice();
    expect(document.querySelector("h1")!.textContent.toLowerCase()).toContain("ling");
  });
});
