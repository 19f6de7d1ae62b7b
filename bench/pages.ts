import { spawn } from "node:child_process";
import { chromium, type Page } from "@playwright/test";
import { FRUGAL } from "../scripts/lib/steps.mjs";
import { add } from "./measure";
import type { makeTenYears } from "./tenYears";

/** Serves a house for the length of `work`. */
export async function served(folder: string, work: (base: string, pid: number) => Promise<void>): Promise<void> {
  const port = 4387;
  const server = spawn(
    process.execPath,
    [...FRUGAL.flags, "node_modules/next/dist/bin/next", "start", "-p", String(port)],
    {
      env: { ...process.env, ...FRUGAL.env, GAFFEL_DATA: folder, NODE_ENV: "production", NEXT_TELEMETRY_DISABLED: "1" },
      stdio: "ignore",
    },
  );
  const base = `http://localhost:${port}`;
  const answers = () =>
    fetch(`${base}/icon.svg`).then(
      ({ ok }) => ok,
      () => false,
    );
  for (let tries = 0; tries < 100 && !(await answers()); tries++) {
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  const closed = new Promise((resolve) => server.on("close", resolve));
  try {
    // one that is left over would serve another house
    if (server.exitCode !== null) throw new Error(`nothing can be served on port ${port}: is it taken?`);
    await work(base, server.pid!);
  } finally {
    server.kill("SIGTERM");
    await closed;
  }
}

/** Ten years of a busy house: every page of Dock and Ice on the server, from request to the last byte. */
export async function tenYearPages(folder: string, made: ReturnType<typeof makeTenYears>): Promise<void> {
  const { lots, readings, plates, lotId, placeId } = made;
  await served(folder, async (base) => {
    for (const view of [
      "/",
      "/dock",
      "/dock/suppliers",
      "/ice",
      `/ice/${lotId}`,
      "/ice/places",
      `/ice/places/${placeId}`,
      "/ice/holds",
      "/ice/tomorrow",
      "/block",
      "/block/yields",
      "/raw",
      `/raw/${lotId}`,
      "/book",
      "/book/plates",
      "/book/plate/plate-500000",
    ]) {
      const taken: number[] = [];
      for (let time = 0; time < 9; time++) {
        const startMs = performance.now();
        await (await fetch(`${base}${view}`)).text();
        taken.push(performance.now() - startMs);
      }
      const warm = taken.slice(2).sort((x, y) => x - y);
      const name = view.replace(/[0-9a-f-]{30,}/, "…");
      add(`${name}, ${lots} lots, ${readings} readings`, warm[Math.floor(warm.length / 2)]!, "100 ms a page", 100);
    }
    for (const [view, within] of [
      ["/book/recall?q=Y10000", 2000],
      ["/book/recall?q=Nattkrok", 2000],
      ["/book/binder", 3000],
    ] as const) {
      const taken: number[] = [];
      for (let time = 0; time < 5; time++) {
        const startMs = performance.now();
        await (await fetch(`${base}${view}`)).text();
        taken.push(performance.now() - startMs);
      }
      add(`${view}, ${plates} plates`, Math.max(...taken), `${within} ms, the slowest of five`, within);
    }
  });
}

/** Script and first load of every view, then frames while the calliper moves. */
export async function pages(base: string): Promise<void> {
  const args = ["--no-sandbox", "--disable-gpu", "--disable-background-networking", "--no-first-run"];
  const browser = await chromium.launch({ executablePath: process.env["CHROMIUM"] ?? "/usr/bin/chromium", args });
  // the reference page: the house's own not-found page, which carries the shell and nothing else
  const measure = async (address: string) => {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
    const page = await context.newPage();
    const client = await context.newCDPSession(page);
    await client.send("Network.enable");
    let bytes = 0;
    const scripts = new Set<string>();
    client.on("Network.responseReceived", ({ requestId, type }) => void (type === "Script" && scripts.add(requestId)));
    client.on("Network.loadingFinished", ({ requestId, encodedDataLength }) => {
      if (scripts.has(requestId)) bytes += encodedDataLength;
    });
    const startMs = performance.now();
    await page.goto(`${base}${address}`, { waitUntil: "load" });
    const loadedMs = performance.now() - startMs;
    await page.waitForTimeout(1200);
    const links = await page.locator("main a").evaluateAll((all) => all.map((link) => link.getAttribute("href") ?? ""));
    await context.close();
    return { kb: bytes / 1024, loadedMs, links };
  };
  await measure("/nowhere");
  const shell = await measure("/nowhere");
  const inner = async (view: string) =>
    (await measure(view)).links.find((href) => /[0-9a-f-]{30,}/.test(href) && href.startsWith(`${view}/`)) ?? view;
  for (const view of [
    "/",
    "/dock",
    "/ice",
    "/block",
    await inner("/block"),
    "/raw",
    await inner("/raw"),
    "/stove",
    await inner("/stove"),
    "/book",
  ]) {
    const { kb, loadedMs } = await measure(view);
    const name = view.replace(/[0-9a-f-]{30,}/, "…");
    add(`script of ${name}`, kb, "the bare shell", shell.kb, "kB");
    add(`first load of ${name}`, loadedMs, "the bare shell", shell.loadedMs);
  }
  await frames(await browser.newPage({ viewport: { width: 1280, height: 800 } }), base);
  await browser.close();
}

/** The calliper is moved eighty times while the worker plans: how long the page ever stood still. */
async function frames(page: Page, base: string): Promise<void> {
  await page.goto(`${base}/stove/try`);
  await page.getByTestId("pan-time").waitFor();
  await page.waitForTimeout(1500);
  // as text: what compiles this file names its functions, which a page does not know
  await page.evaluate(`{
    window.gaps = [];
    let before = performance.now();
    const look = (now) => { window.gaps.push(now - before); before = now; requestAnimationFrame(look); };
    requestAnimationFrame(look);
  }`);
  const idle = async () => {
    const gaps = await page.evaluate<number[]>("window.gaps.splice(0).slice(2)");
    return gaps.sort((a, b) => a - b);
  };
  await page.waitForTimeout(1500);
  const still = await idle();
  await page.getByRole("slider", { name: /Thickness/ }).focus();
  for (let press = 0; press < 80; press++) {
    await page.keyboard.press(press < 40 ? "ArrowUp" : "ArrowDown");
    await page.waitForTimeout(30);
  }
  const moved = await idle();
  const at = (gaps: readonly number[], share: number) => gaps[Math.floor(share * (gaps.length - 1))]!;
  add("95th frame of 100 while planning", at(moved, 0.95), "the same, idle", at(still, 0.95));
  add("longest frame while planning", at(moved, 1), "the same, idle", at(still, 1));
}
