// Pictures of the main views from a running demo house: node scripts/screenshots.mjs [folder] [only]
import { mkdirSync } from "node:fs";
import { chromium } from "@playwright/test";

const [folder = "docs/screenshots", only] = process.argv.slice(2);
const base = `http://localhost:${process.env.PORT ?? 4310}`;
mkdirSync(folder, { recursive: true });

const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-sync",
  ],
});

const SIZES = { wide: { width: 1280, height: 800 }, tablet: { width: 834, height: 1112 } };

const VIEWS = {
  today: async (page) => page.goto(`${base}/`),
  dock: async (page) => {
    await page.goto(`${base}/dock`);
    await page.getByLabel("Fish", { exact: true }).fill("röding");
    await page.locator(".ant-select-item-option").first().click();
    await page.getByLabel(/Probe at the door/).fill("1.6");
    await page.getByRole("button", { name: "The rest as caught" }).click();
    await page.locator("fieldset").nth(1).locator("label").nth(1).click();
  },
  suppliers: async (page) => {
    await page.goto(`${base}/dock/suppliers`);
    await page.locator(".recharts-scatter").first().waitFor();
  },
  species: async (page) => page.goto(`${base}/dock/species`),
  advice: async (page) => page.goto(`${base}/dock/advice`),
  files: async (page) => page.goto(`${base}/dock/files`),
  ice: async (page) => page.goto(`${base}/ice`),
  places: async (page) => page.goto(`${base}/ice/places`),
  place: async (page) => {
    await page.goto(`${base}/ice/places`);
    await page.goto(base + (await page.locator('[data-place="Pass drawer"]').getAttribute("href")));
    await page.locator(".recharts-line").first().waitFor();
  },
  holds: async (page) => page.goto(`${base}/ice/holds`),
  tomorrow: async (page) => page.goto(`${base}/ice/tomorrow`),
  waste: async (page) => page.goto(`${base}/ice/waste`),
  lot: async (page) => {
    await page.goto(`${base}/ice`);
    await page.goto(base + (await page.locator("[data-lot]").first().getAttribute("href")));
  },
  block: async (page) => {
    await page.goto(`${base}/ice`);
    await page.goto(
      base + (await page.locator("a[data-lot]").filter({ hasText: "Ocean trout" }).last().getAttribute("href")),
    );
    await page.getByRole("link", { name: "Cut it at Block" }).click();
    await page.getByRole("button", { name: "Another side" }).click();
    await page.getByTestId("portions").waitFor();
  },
  apart: async (page) => {
    await page.goto(`${base}/block`);
    await page.goto(
      base + (await page.locator("main a[data-lot]").filter({ hasText: "Turbot" }).first().getAttribute("href")),
    );
    await page.getByLabel(/^Four fillets, skinless, /).fill("3420");
    await page.getByLabel(/^Head, gills out, /).fill("1650");
    await page.getByLabel(/^Frame, /).fill("2310");
  },
  order: async (page) => page.goto(`${base}/block/order`),
  count: async (page) => page.goto(`${base}/block/count`),
  yields: async (page) => page.goto(`${base}/block/yields`),
  boards: async (page) => page.goto(`${base}/block/boards`),
  raw: async (page) => page.goto(`${base}/raw`),
  clear: async (page) => {
    await page.goto(`${base}/raw`);
    await page.goto(base + (await page.locator("a[data-raw]").first().getAttribute("href")));
  },
  freeze: async (page) => {
    await page.goto(`${base}/raw/freeze`);
    await page.locator(".recharts-line").first().waitFor();
  },
  cure: async (page) => {
    await page.goto(`${base}/raw/cure`);
    await page.locator(".recharts-line").first().waitFor();
  },
  acid: async (page) => page.goto(`${base}/raw/acid`),
  bench: async (page) => page.goto(`${base}/block`),
  prepare: async (page) => {
    await page.goto(`${base}/block`);
    await page.goto(base + (await page.locator('main a[href^="/block/prepare/"]').first().getAttribute("href")));
    await page.getByRole("button", { name: "Brined" }).click();
    await page.getByRole("button", { name: "Tempered" }).click();
  },
  pieces: async (page) => page.goto(`${base}/stove`),
  scallop: async (page) => {
    await page.goto(`${base}/stove/try?species=king-scallop`);
    await page.getByTestId("first-time").waitFor();
    await page.locator("[data-method]").first().waitFor();
  },
  sheets: async (page) => {
    await page.goto(`${base}/stove/sheets`);
    await page.getByRole("button", { name: "Keep it" }).and(page.locator(":enabled")).waitFor();
    await page.getByRole("button", { name: "Keep it" }).click();
    await page.waitForURL(/sheets\/[0-9a-f-]{30}/);
  },
  pans: async (page) => page.goto(`${base}/stove/live`),
  learned: async (page) => page.goto(`${base}/stove/learned`),
  stove: async (page) => {
    await page.goto(`${base}/stove`);
    await page.goto(
      base + (await page.locator("main a[data-batch]").filter({ hasText: "cod" }).first().getAttribute("href")),
    );
    await page.getByTestId("pan-time").waitFor();
    await page.locator(".recharts-line").first().waitFor();
  },
  cook: async (page) => {
    await VIEWS.stove(page);
    await page.getByRole("button", { name: "Start the cook" }).click();
    await page.waitForURL(/\/stove\/cook\//);
    await page.waitForTimeout(2500);
  },
  cards: async (page) => {
    await page.goto(`${base}/cards`);
    await page.getByTestId("pass").waitFor();
  },
  line: async (page) => {
    await page.goto(`${base}/line`);
    for (const text of ["2 char 1 turbot t7 in 40", "3 char t4 away", "1 char no milk t9", "2 crudo then 2 cod t2"]) {
      await page.getByLabel("Tickets").fill(text);
      await page.getByLabel("Tickets").press("Enter");
      await page.waitForFunction(() => document.querySelector("textarea").value === "");
    }
    await page.getByTestId("board").waitFor();
    await page.getByTestId("now").getByRole("button").click();
    await page.locator('[data-begun="true"]').first().waitFor();
    // the words that were said fade first
    await page.waitForTimeout(12_000);
    await page.evaluate(() => window.scrollTo(0, 0));
  },
  sauce: async (page) => page.goto(`${base}/butter/sauce/beurre-blanc?covers=6`),
  butter: async (page) => page.goto(`${base}/butter`),
  stock: async (page) => page.goto(`${base}/butter/stock`),
  book: async (page) => page.goto(`${base}/book`),
  trace: async (page) => {
    await page.goto(`${base}/stove`);
    await page.goto(`${base}/ice?find=char`);
    const lot = await page.locator("[data-lot]").first().getAttribute("href");
    await page.goto(`${base}/book/lot/${lot.split("/").at(-1)}`);
  },
};

/** The views a tablet shows most; the others are pictured wide only. */
const TABLET = new Set(["today", "dock", "ice", "block", "raw"]);

/** Its lot stands for the view on a wide screen. */
const TABLET_ONLY = new Set(["raw"]);

/** Pictured only when asked for by name: the README shows the main views. */
const BY_NAME = new Set([
  "sheets",
  "lot",
  "holds",
  "trace",
  "order",
  "count",
  "yields",
  "boards",
  "acid",
  "freeze",
  "bench",
  "prepare",
  "species",
  "advice",
  "files",
  "places",
  "tomorrow",
  "waste",
  "pieces",
  "scallop",
  "pans",
  "learned",
  "suppliers",
  "butter",
  "stock",
]);

for (const [name, open] of Object.entries(VIEWS)) {
  if (only ? !only.split(",").includes(name) : BY_NAME.has(name)) continue;
  for (const [size, viewport] of Object.entries(SIZES)) {
    if (size === "tablet" && !TABLET.has(name) && !only) continue;
    if (size === "wide" && TABLET_ONLY.has(name) && !only) continue;
    const page = await browser.newPage({ viewport, locale: "en-GB" });
    page.on("console", (line) => ["error", "warning"].includes(line.type()) && console.log(`${name}: ${line.text()}`));
    page.on("pageerror", (error) => console.log(`${name}: ${error.message}`));
    await open(page);
    await page.waitForTimeout(700);
    await page.screenshot({ path: `${folder}/${name}-${size}.png`, fullPage: process.env.FULL === "1" });
    await page.close();
  }
}
await browser.close();
