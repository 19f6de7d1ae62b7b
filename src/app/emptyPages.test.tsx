import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { db } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { drawn, words } from "./testkit/drawnPage.testkit";

jest.mock("@/server/pool", () => jest.requireActual("./testkit/inTheHouse.testkit").pool);
jest.mock("next/navigation", () => jest.requireActual("./testkit/drawnPage.testkit").nextNavigation);
jest.mock("next/link", () => jest.requireActual("./testkit/drawnPage.testkit").nextLink);
jest.mock("next/dynamic", () => jest.requireActual("./testkit/drawnPage.testkit").nextDynamic);

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-empty-"));
beforeAll(() => {
  process.env["GAFFEL_DATA"] = folder;
  const facts = { name: "New house", timeZone: "Europe/Copenhagen", units: "metric", ruleSetId: "eu-853" } as const;
  openHouse(db(), { ...facts, cooks: ["Ylva"], coldRoomC: 2 }, Date.now());
});
afterAll(() => rmSync(folder, { recursive: true, force: true }));

/** Every page that can be reached before anything has come through the door. */
const PAGES = [
  "",
  "dock/",
  "dock/advice/",
  "dock/species/",
  "dock/suppliers/",
  "ice/",
  "ice/holds/",
  "ice/log/",
  "ice/places/",
  "ice/tomorrow/",
  "ice/waste/",
  "block/",
  "block/boards/",
  "block/order/",
  "block/yields/",
  "raw/",
  "raw/acid/",
  "butter/",
  "butter/kept/",
  "butter/goods/",
  "butter/shelf/",
  "butter/stock/",
  "cards/",
  "cards/briefing/",
  "cards/door/",
  "cards/prep/",
  "line/",
  "line/pass/",
  "line/close/",
  "line/after/",
  "stove/",
  "stove/chill/",
  "stove/live/",
  "stove/learned/",
  "book/",
  "book/plates/",
  "book/checks/",
  "book/recall/",
  "book/binder/",
  "handover/",
];

test.each(PAGES)(
  "a house on its first day: %s has its heading, says in words that there is nothing yet, and invents no figure",
  async (page) => {
    const html = await drawn("metric", page);
    expect(html.match(/<h1\b/g)).toHaveLength(1);
    const said = words(html);
    expect(said.length).toBeGreaterThan(60);
    expect(said).not.toMatch(/\bNaN\b|\bundefined\b|\bnull\b|\bInfinity\b|\[object /);
  },
);
