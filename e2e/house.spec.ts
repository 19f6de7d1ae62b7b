import AxeBuilder from "@axe-core/playwright";
import { expect, test } from "@playwright/test";
import { stockOnIce } from "@/db/lots/stock";
import { lifeText } from "@/words/format/format";
import { complaintsOf, houseDb } from "./house";

const VIEWS = [
  ["/", "/book", "/stove", "/dock", "/dock/suppliers", "/dock/species", "/dock/advice", "/dock/files"],
  ["/book/plates", "/book/recall?q=Nattkrok", "/book/binder", "/book/checks"],
  ["/ice", "/ice/places", "/ice/log", "/ice/holds", "/ice/tomorrow", "/ice/waste"],
  ["/block", "/block/order", "/block/count", "/block/yields", "/block/boards"],
  ["/raw", "/raw/freeze", "/raw/cure", "/raw/acid"],
  ["/butter", "/butter/sauce/beurre-blanc", "/butter/reduce", "/butter/stock", "/butter/kept"],
  ["/cards", "/cards/char", "/cards/prep", "/cards/briefing", "/cards/door", "/cards/write"],
  ["/line", "/line/pass", "/line/close", "/line/after", "/handover", "/house"],
  ["/butter/shelf", "/butter/amounts", "/butter/goods", "/butter/write"],
  ["/stove/live", "/stove/sheets", "/stove/learned", "/stove/chill", "/stove/hold", "/stove/try?species=king-scallop"],
] as const;

// several views to a test: the browser keeps what it has loaded
for (const paths of VIEWS) {
  test(`${paths.join(" ")}: no accessibility fault of WCAG 2.2 AA, nothing on the console`, async ({ page }) => {
    test.setTimeout(40_000 * paths.length);
    const complaints = complaintsOf(page);
    for (const path of paths) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
      const { violations } = await new AxeBuilder({ page })
        .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
        .analyze();
      expect(
        violations.map(({ id, nodes }) => `${path} ${id}: ${nodes.map(({ target }) => target.join(" ")).join(" | ")}`),
      ).toEqual([]);
      expect(complaints).toEqual([]);
    }
  });
}

test("the inner pages hold to the same", async ({ page }) => {
  test.setTimeout(240_000);
  const complaints = complaintsOf(page);
  for (const [from, prefix] of [
    ["/ice", "/ice/"],
    ["/ice/places", "/ice/places/"],
    ["/block", "/block/"],
    ["/block", "/block/prepare/"],
    ["/raw", "/raw/"],
    ["/stove", "/stove/"],
  ] as const) {
    await page.goto(from);
    const links =
      {
        "/ice/": "main a[data-lot]",
        "/block/": "main a[data-lot]",
        "/raw/": "main a[data-raw]",
        "/stove/": "main a[data-batch]",
      }[prefix as string] ?? `main a[href^="${prefix}"]`;
    const href = await page.locator(links).first().getAttribute("href");
    await page.goto(href!);
    await page.getByRole("heading", { level: 1 }).waitFor();
    if (prefix === "/stove/") await page.getByTestId("pan-time").waitFor();
    const { violations } = await new AxeBuilder({ page }).withTags(["wcag2a", "wcag2aa", "wcag22aa"]).analyze();
    expect(
      violations.map(({ id, nodes }) => `${prefix} ${id}: ${nodes.map(({ target }) => target.join(" ")).join(" | ")}`),
    ).toEqual([]);
  }
  expect(complaints).toEqual([]);
});

test("Ice shows every lot in the order to use them, with the life the core computes", async ({ page }) => {
  await page.goto("/ice");
  // bones, shells and trim stand in a list of their own
  const stock = stockOnIce(houseDb(), Date.now()).filter(({ byProduct }) => !byProduct);
  expect(stock.length).toBeGreaterThan(5);
  const rows = page.locator("[data-lot]");
  await expect(rows).toHaveCount(stock.length);
  expect(await rows.evaluateAll((all) => all.map((row) => row.getAttribute("data-lot")))).toEqual(
    stock.map(({ row }) => row.code),
  );
  const shown = await page.getByTestId("days-left").allInnerTexts();
  expect(shown).toEqual(stock.map(({ life }) => lifeText(life.daysLeft)));
});

test("finding a lot narrows the ice, and says so when nothing fits", async ({ page }) => {
  await page.goto("/ice?find=plaice");
  await expect(page.locator("[data-lot]")).toHaveCount(1);
  await page.goto("/ice?find=narwhal");
  await expect(page.getByText(/No lot on ice by/)).toBeVisible();
});

test("a correction is added after the entry and the chain stays whole", async ({ page }) => {
  await page.goto("/book?day=" + new Date(Date.now() - 3 * 86_400_000).toISOString().slice(0, 10));
  const entry = page.getByTestId("entries").locator("li").first();
  await entry.locator("summary").click();
  await entry.getByRole("button", { name: /^Correct entry/ }).click();
  await page.getByLabel("What is true instead").fill("The probe read 8.9, not 9.2.");
  await page.getByRole("button", { name: "Add the correction" }).click();
  await page.goto("/book");
  await expect(page.getByTestId("entries").getByText(/The probe read 8.9, not 9.2/)).toBeVisible();
  await expect(page.getByTestId("chain")).toContainText("none is missing at the end");
});

test("core over HTTP: same JSON, problems as 422, foreign pages turned away, headers strict", async ({ request }) => {
  const trace = [
    [0, 0],
    [48, 0],
    [48, 4],
    [72, 4],
    [72, 8],
    [84, 8],
  ];
  const good = await request.post("/api/core/clock", {
    data: { model: "temperate", shelf_life_on_ice_days: 14, trace },
  });
  expect(good.status()).toBe(200);
  expect((await good.json()).ice_days_used).toBeCloseTo(5.58, 6);
  const bad = await request.post("/api/core/clock", { data: { model: "arctic", shelf_life_on_ice_days: 14, trace } });
  expect(bad.status()).toBe(422);
  expect((await bad.json()).error.path).toBe("model");
  expect((await request.post("/api/core/dance", { data: {} })).status()).toBe(404);
  const foreign = await request.post("/api/core/clock", { data: {}, headers: { origin: "http://elsewhere.example" } });
  expect(foreign.status()).toBe(403);
  const page = await request.get("/");
  expect(page.headers()["content-security-policy"]).toContain("frame-ancestors 'none'");
  expect(page.headers()["x-content-type-options"]).toBe("nosniff");
  expect(page.headers()["x-powered-by"]).toBeUndefined();
});

test("a page that is not there says so in the house's words", async ({ page }) => {
  const answer = await page.goto("/nowhere");
  expect(answer?.status()).toBe(404);
  await expect(page.getByRole("heading", { name: "Not found" })).toBeVisible();
  await page.goto("/ice/no-such-lot");
  await expect(page.getByRole("heading", { name: "Not found" })).toBeVisible();
});
