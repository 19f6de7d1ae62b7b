import type { ReactElement } from "react";
import { text as textOf } from "node:stream/consumers";
import { renderToPipeableStream } from "react-dom/server";
import { PassThrough } from "node:stream";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { listOwnSpecies } from "@/db/house/species";
import { batchesToCook } from "@/db/block/batches";
import { cardSpecs } from "@/db/cards/cardSpecs";
import { listPlaces } from "@/db/house/places";
import { lotsOnIce, lotsReceivedSince } from "@/db/lots/lots";
import { plates } from "@/db/schema/cards";
import { house as houseTable } from "@/db/schema/house";
import { saucesNow } from "@/db/butter/sauces";
import { cooksSince } from "@/db/stove/cooks";
import { HouseProvider } from "@/ui/hooks/HouseContext";
import { Messages } from "@/ui/layout/Messages";
import type { Units } from "@/words/format/format";
import { inADemoHouse } from "./inTheHouse.testkit";

jest.mock("next/headers", () => jest.requireActual("./inTheHouse.testkit").nextHeaders);
jest.mock("next/cache", () => jest.requireActual("./inTheHouse.testkit").nextCache);
jest.mock("next/server", () => jest.requireActual("./inTheHouse.testkit").nextServer);
jest.mock("@/server/pool", () => jest.requireActual("./inTheHouse.testkit").pool);
jest.mock("next/navigation", () => ({
  useRouter: () => ({
    push: () => undefined,
    refresh: () => undefined,
    replace: () => undefined,
    prefetch: () => undefined,
  }),
  usePathname: () => "/",
  useSearchParams: () => new URLSearchParams(),
  notFound: () => {
    throw new Error("not found");
  },
  redirect: (to: string) => {
    throw new Error(`redirected to ${to}`);
  },
}));
jest.mock("next/link", () => ({
  __esModule: true,
  default: ({ href, children, prefetch: _, ...rest }: { href: string; children: ReactElement; prefetch?: unknown }) => (
    <a href={href} {...rest}>
      {children}
    </a>
  ),
}));
jest.mock("next/dynamic", () => ({ __esModule: true, default: () => () => null }));

inADemoHouse();

type PageProps = { readonly params: Promise<object>; readonly searchParams: Promise<object> };
type Page = (props: PageProps) => ReactElement | Promise<ReactElement>;

/** The page as the server sends it to a house of these units. */
async function drawn(units: Units, path: string, params: object = {}, searchParams: object = {}): Promise<string> {
  db().update(houseTable).set({ units }).run();
  const { default: Drawn } = jest.requireActual<{ readonly default: Page }>(`./${path}page`);
  const house = { ...findHouse(db())!, ownSpecies: listOwnSpecies(db()) };
  const element = await Drawn({ params: Promise.resolve(params), searchParams: Promise.resolve(searchParams) });
  const out = new PassThrough();
  let failed: unknown = null;
  const { pipe } = renderToPipeableStream(
    <HouseProvider house={house}>
      <Messages>{element}</Messages>
    </HouseProvider>,
    {
      onAllReady: () => void pipe(out),
      onError: (problem) => {
        failed ??= problem;
      },
      onShellError: () => void out.end(),
    },
  );
  const html = await textOf(out);
  if (failed) throw failed;
  return html;
}

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

/** What is written for eyes: no marks, no styles, no scripts; a source stands as it is printed where it comes from. */
const words = (html: string) =>
  html
    .replace(/<(style|script|svg)\b.*?<\/\1>/gs, " ")
    .replace(/<(p|span)[^>]*data-source="true".*?(?=<\/(?:p|li|div|section)>)/gs, " ")
    .replace(/<[^>]+>/g, " ")
    .replace(/&#x27;/g, "'")
    .replace(/\s+/g, " ");

describe.each(Object.entries(PAGES))("%s", (path, at) => {
  test("says what it is about, in words and figures a cook can read", async () => {
    const html = await drawn("metric", path, ...at());
    expect(html.match(/<h1\b/g)).toHaveLength(1);
    expect(words(html)).not.toMatch(/\bNaN\b|\bundefined\b|\bInfinity\b|\[object |\{[a-z]+\}/i);
  });

  // the book keeps what was said as it was written down: in g, mm and °C
  const test_ = path.startsWith("book/") ? test.skip : test;
  test_("in an imperial house nothing is in grams or degrees Celsius", async () => {
    const html = await drawn("imperial", path, ...at());
    const said = words(html);
    expect(said.match(/[\d.] ?(?:°C|kg|g|mm)\b[^.]{0,30}/g) ?? []).toEqual([]);
  });
});
