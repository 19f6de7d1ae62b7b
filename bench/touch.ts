import { mkdirSync } from "node:fs";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import { openDatabase } from "@/db/connection";
import { makeDemoHouse } from "@/demo/house";
import { add } from "./measure";
import { served } from "./pages";

/** A tablet of some years has about a quarter of this processor. */
const SLOWED = 4;
const PAINT_MS = 100;
const COLD_MS = 2000;

type Tap = { readonly what: string; readonly path: string; readonly tap: (page: Page) => Promise<void> };

const TAPS: readonly Tap[] = [
  {
    what: "another way to cook, at the Stove",
    path: "/stove/try",
    tap: async (page) => page.locator("[data-method]").nth(1).tap(),
  },
  {
    what: "an expected lot is here, at the Dock",
    path: "/dock",
    tap: async (page) => page.getByRole("button", { name: "It is here" }).first().tap(),
  },
  {
    what: "an entry opened, in the Book",
    path: "/book",
    tap: async (page) => page.getByTestId("entries").locator("summary").first().tap(),
  },
  {
    what: "a dish tapped into a ticket, at the Line",
    path: "/line",
    tap: async (page) =>
      page
        .getByRole("button", { name: /^One more/ })
        .first()
        .tap(),
  },
];

/** What a finger feels with the processor slowed: from the tap to the next paint, and the first page opened cold. */
export async function touchBench(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true });
  makeDemoHouse(openDatabase(path.join(folder, "gaffel.sqlite")), Date.now());
  await served(folder, async (base) => {
    const browser = await chromium.launch({
      executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
      args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking", "--no-first-run"],
    });
    const open = async (view: string) => {
      const context = await browser.newContext({ viewport: { width: 834, height: 1112 }, hasTouch: true });
      const page = await context.newPage();
      const client = await context.newCDPSession(page);
      await client.send("Emulation.setCPUThrottlingRate", { rate: SLOWED });
      await page.addInitScript(`
        window.events = []; window.largestMs = 0;
        new PerformanceObserver((list) => window.events.push(...list.getEntries().map((one) => one.duration)))
          .observe({ type: "event", durationThreshold: 16 });
        new PerformanceObserver((list) => { window.largestMs = list.getEntries().at(-1).startTime; })
          .observe({ type: "largest-contentful-paint", buffered: true });
      `);
      await page.goto(`${base}${view}`, { waitUntil: "load" });
      return { page, context };
    };
    // the server has answered once before, as it has by the evening
    await (await open("/")).context.close();
    const { page: today, context } = await open("/");
    await today.waitForTimeout(1500);
    add("Today opened cold, its largest part painted", await today.evaluate<number>("largestMs"), "target", COLD_MS);
    await context.close();
    for (const { what, path: view, tap } of TAPS) {
      const { page, context: one } = await open(view);
      await page.waitForTimeout(3500);
      await page.evaluate("events.length = 0");
      await tap(page);
      await page.waitForTimeout(1500);
      const taken = await page.evaluate<number[]>("events");
      add(`tap to paint: ${what}`, Math.max(0, ...taken), "target", PAINT_MS);
      await one.close();
    }
    await browser.close();
  });
}
