// Speed, each figure against a stated reference measured in the same run: npm run bench
import { spawn, spawnSync } from "node:child_process";
import { mkdtempSync, rmSync } from "node:fs";
import { createRequire } from "node:module";
import os from "node:os";
import path from "node:path";
import { chromium, type Page } from "@playwright/test";
import type { Solver as OdexSolver } from "odex";
import { planCuts, planSides, sidesPlanner, startingSide, type SidesRequest } from "@/core/block";
import { planSheet, rankSheet, sheetRows, type SheetRequest } from "@/core/cooking";
import { planCure, type CureRequest } from "@/core/cure";
import { gridFor, materialOf, QuickLine, simulateHeat } from "@/core/heat";
import { planFreezing, type FreezeRequest } from "@/core/raw";
import { findSpecies } from "@/core/species";
import { openDatabase } from "@/db/connection";
import { addReadings, listPlaces } from "@/db/places";
import { stockOnIce } from "@/db/stock";
import { makeDemoHouse } from "@/demo/house";
import { makeTenYears } from "./tenYears";

// by its file: the path mapping that gives odex its types would lead Node to the types
const { Solver } = createRequire(import.meta.url)("odex/src/odex.js") as { Solver: typeof OdexSolver };

const char = findSpecies("arctic-char")!;

/** Median of repeated runs after a warm-up, ms. */
function median(run: () => unknown, times = 15): number {
  for (let warm = 0; warm < 4; warm++) run();
  const taken = Array.from({ length: times }, () => {
    const startMs = performance.now();
    run();
    return performance.now() - startMs;
  }).sort((a, b) => a - b);
  return taken[Math.floor(times / 2)]!;
}

/** Fastest of repeated runs, ms: what a compiled loop is compared with, which takes its fastest too. */
function fastest(run: () => unknown, times: number): number {
  for (let warm = 0; warm < 5; warm++) run();
  const taken = Array.from({ length: times }, () => {
    const startMs = performance.now();
    run();
    return performance.now() - startMs;
  });
  return Math.min(...taken);
}

const rows: string[][] = [];
const add = (what: string, ms: number, against: string, reference: number, unit = "ms") =>
  rows.push([
    what,
    `${ms.toFixed(ms < 10 ? 2 : 0)} ${unit}`,
    against,
    `${reference.toFixed(reference < 10 ? 2 : 0)} ${unit}`,
    `${(ms / reference).toFixed(2)}×`,
  ]);

/** Before anything else has run: a loop of its own against a loop of its own. */
function slabLoop(): void {
  const face = { kind: "convection", hWPerM2K: 200, ambientC: 60 } as const;
  const reference = plainLoopUs();
  if (reference === null) {
    process.stderr.write("no C compiler here: the slab loop stands without its reference\n");
    return;
  }
  const grid = gridFor({ kind: "slab", thicknessMm: 28 }, 61, 0);
  const material = materialOf(char.compositionPct);
  const quick = () => {
    const line = new QuickLine(grid, material, 8);
    for (let step = 0; step < 2400; step++) line.step(0.25, face, face);
    return line.centreC();
  };
  add("600 s of slab, 61 nodes, 0.25 s", fastest(quick, 60) * 1000, "a plain C loop, now", reference, "µs");
}

function heat(): void {
  const face = { kind: "convection", hWPerM2K: 200, ambientC: 60 } as const;
  const ours = () =>
    simulateHeat({
      shape: { kind: "slab", thicknessMm: 26 },
      material: materialOf(char.compositionPct),
      startC: 8,
      stages: [{ seconds: 600, bottom: face, outer: face }],
      sampleEveryS: 600,
    });
  // the same slab on an even grid of as many cells, constant properties, by the extrapolation method
  const cells = 81;
  const widthM = 0.026 / cells;
  const capacity = 3.6e6 * widthM;
  const odex = () =>
    new Solver(cells).solve(
      (_, y) =>
        y.map((here, cell) => {
          const wall = (60 - here) / (1 / 200 + widthM / 1);
          const below = cell > 0 ? (0.5 / widthM) * (y[cell - 1]! - here) : wall;
          const above = cell < cells - 1 ? (0.5 / widthM) * (y[cell + 1]! - here) : wall;
          return (below + above) / capacity;
        }),
      0,
      new Array<number>(cells).fill(8),
      600,
    );
  add("one simulation, slab 26 mm, 10 min", median(ours), "odex on the same slab", median(odex, 3));
}

/** Compiles and runs the plain loop of slabLoop.c; µs, or null where there is no compiler. */
function plainLoopUs(): number | null {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-loop-"));
  const program = path.join(folder, "loop");
  try {
    const made = spawnSync("cc", ["-O2", "-o", program, path.join("bench", "slabLoop.c")]);
    if (made.status !== 0) return null;
    return Number(spawnSync(program, { encoding: "utf8" }).stdout.split(" ")[0]);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

function plan(): void {
  const question: SheetRequest = {
    speciesId: char.id,
    methodId: "skin-then-oven",
    kit: { panC: 200, ovenC: 180 },
    shape: { kind: "slab", thicknessMm: 26 },
    thinnestMm: 23,
    thickestMm: 28,
    skin: true,
    startC: 8,
    panId: "steel-26",
    goal: { kind: "doneness", targetC: 48 },
    pieces: 4,
    pieceG: 160,
    ruleSetId: "eu-853",
  };
  add(
    "one cook plan, arctic char 26 mm",
    median(() => planSheet(question), 40),
    "target",
    30,
  );
  const scallop: SheetRequest = {
    ...question,
    speciesId: "king-scallop",
    methodId: "scallop-sear",
    schoolId: "steaming-butter",
    kit: {},
    shape: { kind: "puck", diameterMm: 40, heightMm: 25 },
    thinnestMm: 25,
    thickestMm: 25,
    skin: false,
    startC: 12,
    goal: { kind: "doneness", targetC: 50 },
    pieceG: 33,
  };
  add(
    "one plan of a short cylinder, in two dimensions",
    median(() => planSheet(scallop), 9),
    "target",
    300,
  );
  const thirty = Array.from({ length: 30 }, (_, index) => 8 + 1.8 * index);
  const sheet = () => {
    const found = sheetRows(question, thirty);
    return found.ok ? [...found.value] : [];
  };
  add("station sheet of 30 thicknesses", median(sheet, 7), "target", 1500);
  add(
    "every way to cook it, ranked",
    median(() => rankSheet(question), 7),
    "a quarter of a second in the worker",
    250,
  );
  const side = startingSide(char, 1100);
  const cut = () => planCuts({ side, portionG: 160, toleranceG: 10, minPieceMm: 25 });
  add("one cut plan", median(cut), "one frame at 60 Hz", 1000 / 60);
  const ask: SidesRequest = {
    sides: [side],
    portionG: 160,
    toleranceG: 10,
    minPieceMm: 25,
    covers: null,
    preference: "even",
    leanDeg: 0,
    tails: "as-cut",
    trimUse: "cakes",
  };
  const frame = 1000 / 60;
  add(
    "the same by the bench",
    median(() => planSides(ask)),
    "one frame at 60 Hz",
    frame,
  );
  add(
    "the same on the bias",
    median(() => planSides({ ...ask, leanDeg: 45 })),
    "one frame at 60 Hz",
    frame,
  );
  const dragged = sidesPlanner();
  const others = [900, 1000, 1050].map((massG) => ({ ...side, massG }));
  let massG = 1100;
  add(
    "one of four sides dragged, 16 covers",
    median(() => dragged({ ...ask, sides: [...others, { ...side, massG: massG++ }], covers: 16 })),
    "one frame at 60 Hz",
    frame,
  );
}

function raw(): void {
  const mackerel = findSpecies("mackerel")!;
  const pack: FreezeRequest = {
    composition: mackerel.compositionPct,
    shape: "slab",
    thicknessMm: 25,
    layers: 1,
    wrap: "bag",
    freezer: "blast",
    airC: -36,
    startC: 3,
    ruleId: "eu-853",
  };
  add(
    "one freezing plan, 25 mm",
    median(() => planFreezing(pack), 7),
    "a second in the worker",
    1000,
  );
  const cure: CureRequest = {
    species: char,
    massG: 900,
    thicknessMm: 25,
    skin: true,
    method: "dry",
    targetSaltPct: 2.5,
    saltG: 40,
    sugarG: 20,
    brineWaterG: 900,
    brinePct: 10,
    placeC: 3,
  };
  add(
    "one cure plan, 25 mm",
    median(() => planCure(cure), 7),
    "a tenth of a second",
    100,
  );
}

function records(folder: string): void {
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, Date.now());
  add(
    "life of every lot on ice",
    median(() => stockOnIce(db, Date.now())),
    "100 ms a page",
    100,
  );
  const place = listPlaces(db)[0]!.id;
  let atMs = Date.now();
  const write = () => addReadings(db, place, [{ atMs: atMs++, celsius: 1 }], "typed", null);
  const full = median(write, 101);
  db.run("pragma synchronous = normal");
  add("one acknowledged write, synchronous FULL", full, "the same, NORMAL", median(write, 101));
}

/** Serves a house for the length of `work`. */
async function served(folder: string, work: (base: string) => Promise<void>): Promise<void> {
  const port = 4387;
  const server = spawn(process.execPath, ["node_modules/next/dist/bin/next", "start", "-p", String(port)], {
    env: { ...process.env, GAFFEL_DATA: folder, NODE_ENV: "production", NEXT_TELEMETRY_DISABLED: "1" },
    stdio: "ignore",
  });
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
  await work(base);
  server.kill("SIGTERM");
  await closed;
}

/** Ten years of a busy house: every page of Dock and Ice on the server, from request to the last byte. */
async function tenYearPages(folder: string): Promise<void> {
  const { lots, readings, lotId, placeId } = makeTenYears(folder, Date.now());
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
  });
}

async function pages(base: string): Promise<void> {
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

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-bench-"));
// all of it, or only the parts named: npm run bench -- heat plan raw records pages years
const wanted = process.argv.slice(2);
const has = (part: string) => wanted.length === 0 || wanted.includes(part);
if (has("heat")) slabLoop();
if (has("heat")) heat();
if (has("plan")) plan();
if (has("raw")) raw();
if (has("records") || has("pages")) records(folder);
if (has("pages")) await served(folder, pages);
if (has("years")) await tenYearPages(path.join(folder, "ten-years"));
rmSync(folder, { recursive: true, force: true });
const widths = rows[0]!.map((_, column) => Math.max(...rows.map((row) => row[column]!.length)));
for (const row of rows) console.log(row.map((cell, column) => cell.padEnd(widths[column]!)).join("  "));
