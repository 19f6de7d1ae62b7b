import { mkdirSync } from "node:fs";
import path from "node:path";
import { chromium } from "@playwright/test";
import { openDatabase, type Db } from "@/db/connection";
import { courseGone } from "@/db/line/gone";
import { setSender } from "@/db/line/senders";
import { ticketsSince } from "@/db/line/tickets";
import { makeDemoHouse } from "@/demo/house";
import { saturday } from "@/standins/ticketModel";
import { add } from "./measure";
import { served } from "./pages";

const COVERS = 120;
const SPEED = 60;
/** A table is out so long after it was called. */
const OUT_S = 14 * 60;
const wait = (ms: number) => new Promise((resume) => setTimeout(resume, Math.max(0, ms)));

/** What draws the page has settled. */
const STANDS_MS = 4000;

function sendOut(db: Db, table: string): void {
  const ticket = ticketsSince(db, 0).findLast((one) => one.table === table);
  const course = ticket?.courses.find(({ calledAtMs, goneAtMs }) => calledAtMs !== null && goneAtMs === null);
  if (ticket && course) courseGone(db, ticket.id, course.course, [], "eu-853", { who: "Maike", atMs: Date.now() });
}

/** A Saturday sent by a till at sixty times its speed, with the line open on a screen: is every event there, how soon, how smoothly? */
export async function saturdayBench(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, Date.now());
  const { key } = setSender(db, "Till", { who: "Maike", atMs: Date.now() });
  await served(folder, async (base) => {
    const browser = await chromium.launch({
      executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium",
      args: ["--no-sandbox", "--disable-gpu", "--disable-background-networking", "--no-first-run"],
    });
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${base}/line`);
    // the Saturday begins on a screen that stands
    await wait(STANDS_MS);
    await page.evaluate(() => {
      const taken: number[] = [];
      Object.assign(window, { taken });
      new PerformanceObserver((list) => taken.push(...list.getEntries().map(({ duration }) => duration))).observe({
        type: "longtask",
      });
    });
    const events = saturday(COVERS, 1);
    const startedMs = performance.now();
    const at = (atS: number) => startedMs + (atS / SPEED) * 1000;
    const aways: number[] = [];
    const out: { readonly atS: number; readonly table: string }[] = [];
    let missed = 0;
    for (const { atS, message } of events) {
      while (out[0] && out[0].atS <= atS) {
        await wait(at(out[0].atS) - performance.now());
        sendOut(db, out.shift()!.table);
      }
      await wait(at(atS) - performance.now());
      const sentMs = performance.now();
      const answer = await fetch(`${base}/api/tickets`, {
        method: "POST",
        headers: { "content-type": "application/json", authorization: `Bearer ${key}` },
        body: JSON.stringify(message),
      });
      if (answer.status !== 201) missed += 1;
      if (message.kind !== "away") continue;
      aways.push(performance.now() - sentMs);
      out.push({ atS: atS + OUT_S, table: message.table });
    }
    const taken = await page.evaluate(() => (window as unknown as { taken: number[] }).taken);
    await browser.close();
    const sorted = aways.sort((a, b) => a - b);
    const share = (part: number) => sorted[Math.min(sorted.length - 1, Math.floor(part * sorted.length))]!;
    add(`Saturday of ${COVERS} covers at ${SPEED} times: events not taken`, missed, "of", events.length, "");
    add("away to its answer with the plan, middle", share(0.5), "target", 300);
    add("away to its answer with the plan, nine of ten", share(0.9), "target", 300);
    add("longest frame of the line's screen", Math.max(0, ...taken), "target", 50);
    add("frames over 50 ms", taken.length, "events", events.length, "");
  });
}
