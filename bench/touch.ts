import { mkdirSync } from "node:fs";
import path from "node:path";
import { chromium, type Locator, type Page } from "@playwright/test";
import { openDatabase } from "@/db/connection";
import { makeDemoHouse } from "@/demo/house";
import { add } from "./measure";
import { served } from "./pages";

/** A tablet of some years has about a quarter of this processor. */
const SLOWED = 4;
const PAINT_MS = 100;
/** Each tap on so many fresh pages: one alone swings with what the machine does beside it. */
const TIMES = 5;
const COLD_MS = 2000;

type Tap = { readonly what: string; readonly path: string; readonly place: (page: Page) => Locator };

const TAPS: readonly Tap[] = [
  {
    what: "another way to cook, at the Stove",
    path: "/stove/try",
    place: (page) => page.locator("[data-method]").nth(1),
  },
  {
    what: "an expected lot is here, at the Dock",
    path: "/dock",
    place: (page) => page.getByRole("button", { name: "It is here" }).first(),
  },
  {
    what: "an entry opened, in the Book",
    path: "/book",
    place: (page) => page.getByTestId("entries").locator("summary").first(),
  },
  {
    what: "a dish tapped into a ticket, at the Line",
    path: "/line",
    place: (page) =>
      page
        .locator("section:has(textarea)")
        .getByRole("button", { name: /^One more: / })
        .first(),
  },
  {
    what: "one more pair of hands, at the Line",
    path: "/line",
    place: (page) => page.getByRole("button", { name: "One more: Pairs of hands" }),
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
    for (const { what, path: view, place } of TAPS) {
      const taken: number[] = [];
      for (let time = 0; time < TIMES; time++) {
        const { page, context: one } = await open(view);
        await page.waitForTimeout(3500);
        const target = place(page);
        await target.scrollIntoViewIfNeeded();
        await page.waitForTimeout(500);
        const { x, y, width, height } = (await target.boundingBox())!;
        await page.evaluate("events.length = 0");
        // a bare touch: a locator's own tap listens in on the page and is counted with it
        await page.touchscreen.tap(x + width / 2, y + height / 2);
        await page.waitForTimeout(1500);
        taken.push(Math.max(0, ...(await page.evaluate<number[]>("events"))));
        await one.close();
      }
      add(
        `tap to paint: ${what}, the middle one of ${TIMES} pages`,
        taken.sort((a, b) => a - b)[Math.floor(TIMES / 2)]!,
        "target",
        PAINT_MS,
      );
    }
    await browser.close();
  });
}
