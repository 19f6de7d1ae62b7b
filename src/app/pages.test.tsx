import { batchesToCook } from "@/db/block/batches";
import { saucesNow } from "@/db/butter/sauces";
import { cardSpecs } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { lotsOnIce, lotsReceivedSince } from "@/db/lots/lots";
import { plates } from "@/db/schema/cards";
import { cooksSince } from "@/db/stove/cooks";
import { drawn, words } from "./testkit/drawnPage.testkit";
import { inADemoHouse } from "./testkit/inTheHouse.testkit";

jest.mock("@/server/pool", () => jest.requireActual("./testkit/inTheHouse.testkit").pool);
jest.mock("next/navigation", () => jest.requireActual("./testkit/drawnPage.testkit").nextNavigation);
jest.mock("next/link", () => jest.requireActual("./testkit/drawnPage.testkit").nextLink);
jest.mock("next/dynamic", () => jest.requireActual("./testkit/drawnPage.testkit").nextDynamic);

inADemoHouse();

const lotId = () => lotsOnIce(db()).find(({ form, remainingG }) => form === "side" && remainingG > 300)!.id;
const PAGES: Readonly<Record<string, () => readonly [params?: object, searchParams?: object]>> = {
  "": () => [],
  "dock/": () => [],
  "dock/advice/": () => [],
  "dock/species/": () => [],
  "dock/suppliers/": () => [],
  "dock/slip/[lotId]/": () => [{ lotId: lotsReceivedSince(db(), 0).find(({ verdict }) => verdict === "refuse")!.id }],
  "ice/": () => [],
  "ice/holds/": () => [],
  "ice/places/": () => [],
  "ice/tomorrow/": () => [],
  "ice/waste/": () => [],
  "ice/[lotId]/": () => [{ lotId: lotId() }],
  "ice/places/[placeId]/": () => [{ placeId: listPlaces(db())[0]!.id }],
  "block/": () => [],
  "block/boards/": () => [],
  "block/order/": () => [],
  "block/yields/": () => [],
  "block/[lotId]/": () => [{ lotId: lotId() }],
  "raw/": () => [],
  "raw/acid/": () => [],
  "raw/[lotId]/": () => [{ lotId: lotId() }],
  "butter/": () => [],
  "butter/kept/": () => [],
  "butter/goods/": () => [],
  "butter/shelf/": () => [],
  "butter/stock/": () => [],
  "butter/sauce/[specId]/": () => [{ specId: "beurre-blanc" }],
  "butter/label/[lotId]/": () => [{ lotId: saucesNow(db())[0]!.lot.id }],
  "cards/": () => [],
  "cards/briefing/": () => [],
  "cards/door/": () => [],
  "cards/prep/": () => [],
  "cards/[cardId]/": () => [{ cardId: cardSpecs(db())[0]!.cardId }],
  "line/": () => [],
  "line/pass/": () => [],
  "line/close/": () => [],
  "line/after/": () => [],
  "stove/": () => [],
  "stove/chill/": () => [],
  "stove/live/": () => [],
  "stove/learned/": () => [],
  "stove/[batchId]/": () => [{ batchId: batchesToCook(db(), 0)[0]!.id }],
  "stove/cook/[cookId]/": () => [{ cookId: cooksSince(db(), 0, 1)[0]!.id }],
  "book/": () => [],
  "book/plates/": () => [],
  "book/checks/": () => [],
  "book/recall/": () => [{}, { q: "T-70" }],
  "book/binder/": () => [],
  "book/lot/[lotId]/": () => [{ lotId: lotId() }],
  "book/plate/[plateId]/": () => [{ plateId: db().select().from(plates).get()!.id }],
  "handover/": () => [],
};

describe.each(Object.entries(PAGES))("%s", (path, at) => {
  test("says what it is about, in words and figures a cook can read", async () => {
    const html = await drawn("metric", path, ...at());
    expect(html.match(/<h1\b/g)).toHaveLength(1);
    expect(words(html)).not.toMatch(/\bNaN\b|\bundefined\b|\bInfinity\b|\[object |\{[a-z]+\}/i);
  });

  test("every button says what it does, every field what it is for, and no two things bear one id", async () => {
    const html = await drawn("metric", path, ...at());
    const labelled = new Set([...html.matchAll(/<label\b[^>]*\bfor="([^"]+)"/g)].map(([, id]) => id));
    const labels = html.match(/<label\b.*?<\/label>/gs) ?? [];
    const hasName = (whole: string, attributes: string) =>
      /aria-label(ledby)?="[^"]+"|title="[^"]+"|type="(hidden|file)"/.test(attributes) ||
      labelled.has(/\bid="([^"]+)"/.exec(attributes)?.[1]) ||
      labels.some((label) => label.includes(whole) && words(label).trim() !== "");
    const unnamed = [...html.matchAll(/<button\b([^>]*)>(.*?)<\/button>/gs)].filter(
      ([whole, attributes = "", inside = ""]) =>
        !hasName(whole, attributes) && words(inside).trim() === "" && !/aria-label="[^"]+"/.test(inside),
    );
    const bare = [...html.matchAll(/<(?:input|textarea)\b([^>]*)>/g)].filter(
      ([whole, attributes = ""]) => !hasName(whole, attributes),
    );
    expect([...unnamed, ...bare].map(([whole]) => whole.slice(0, 160))).toEqual([]);
    // the library gives every list the same id while it is tried
    const ids = [...html.matchAll(/\sid="([^"]+)"/g)].map(([, id]) => id!).filter((id) => id !== "test-id");
    expect(ids.filter((id, index) => ids.indexOf(id) !== index)).toEqual([]);
  });
});

// the book keeps what was said as it was written down: in g, mm and °C
test.each(Object.entries(PAGES).filter(([path]) => !path.startsWith("book/")))(
  "%s: in an imperial house nothing is in grams or degrees Celsius",
  async (path, at) => {
    const html = await drawn("imperial", path, ...at());
    const said = words(html);
    expect(said.match(/[\d.] ?(?:°C|kg|g|mm)\b[^.]{0,30}/g) ?? []).toEqual([]);
  },
);
