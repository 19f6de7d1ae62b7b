import { readFileSync, writeFileSync } from "node:fs";
import type { AddressInfo } from "node:net";
import path from "node:path";
import { expect, test } from "@playwright/test";
import { unzipSync } from "fflate";
import { fileUnder, openDatabase } from "@/db/connection";
import { importArchive } from "@/db/archive/read";
import { house } from "@/db/schema/house";
import { makeDemoHouse } from "@/demo/house";
import { certificateIn, fingerprintOf, serveHttps } from "../scripts/lib/https.mjs";
import { complaintsOf } from "./house";
import { OwnServer } from "./ownServer";

let own = new OwnServer();
test.beforeEach(() => {
  own = new OwnServer();
});
test.afterEach(() => own.end());

test("a recall by a supplier's lot number is a drill that is kept; by the boat it tells certain from possible, and a plate opens to the water", async ({
  page,
}) => {
  // a house of its own: others serve and write in the shared one
  makeDemoHouse(openDatabase(own.file), Date.now());
  await own.start();
  const complaints = complaintsOf(page);
  await page.goto(`http://127.0.0.1:${own.port}/book`);
  await page.getByRole("link", { name: "Recall" }).click();
  await expect(page.getByText("No recall and no drill was written yet")).toBeVisible();
  const asked = page.getByLabel("What is recalled");
  await asked.fill("T-7");
  await page.keyboard.press("Enter");
  await expect(page.getByText("Nothing here is called “T-7”")).toBeVisible();
  await asked.fill(" t-70");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Recall of t-70" })).toBeVisible();
  await expect(page.getByRole("region", { name: "Plates, certain" })).toContainText(/6 plates, raw.*Ylva/s);
  await expect(page.getByTestId("set-apart")).toContainText(/Atlantic mackerel.*Freezing against parasites/s);
  await expect(page.getByTestId("call")).toContainText("Two Terns Fish, +00 555 01 42");
  await expect(page.getByTestId("last-recall")).toContainText(/a drill of t-70/);

  await asked.fill("Nattkrok");
  await page.getByRole("button", { name: "Find it and write it down" }).click();
  await expect(page.getByRole("region", { name: "Plates, certain" })).toContainText("table t24, booked as Lindtner");
  const possible = page.getByRole("region", { name: "Plates, possible" });
  await expect(possible).toContainText(
    /plates, Cod with oyster cream.*booked as Solvang.*out of one pot of several: .* Fish stock/s,
  );
  await page
    .getByRole("region", { name: "Plates, certain" })
    .getByRole("link", { name: "Cod with oyster cream" })
    .click();
  await expect(page.getByRole("heading", { name: /Cod with oyster cream/ }).first()).toBeVisible();
  const cream = page.getByRole("region", { name: "Oyster cream" });
  for (const known of ["Tangvik Dairy, lot B-4471", "Nattkrok", "Rype", "Stilla Sju"])
    await expect(cream).toContainText(known);
  expect(complaints).toEqual([]);
});

test("a few checks of the house are ticked or told what was wrong, and the binder answers with them and names its gaps", async ({
  page,
}) => {
  makeDemoHouse(openDatabase(own.file), Date.now());
  await own.start();
  const complaints = complaintsOf(page);
  const base = `http://127.0.0.1:${own.port}`;
  await page.goto(`${base}/book/checks`);
  await page.getByRole("button", { name: "Begin with the usual five" }).click();
  const floor = page.getByRole("listitem").filter({ hasText: "Floor, drains and bins" });
  await floor.getByRole("button", { name: "Something is wrong" }).click();
  await floor.getByLabel("What was wrong, and what was done").fill("drain slow, cleared");
  await floor.getByRole("button", { name: "Write it down" }).click();
  await expect(floor).toContainText("drain slow, cleared");
  const cold = page.getByRole("listitem").filter({ hasText: "Cold rooms and freezers looked into" });
  await cold.getByRole("button", { name: "All is well" }).click();
  await expect(cold.getByRole("button", { name: "All is well" })).toHaveCount(0);
  // what other work writes is done by that work
  await expect(
    page.getByRole("listitem").filter({ hasText: "Fryer oil" }).getByRole("button", { name: "All is well" }),
  ).toHaveCount(0);

  await page.getByRole("link", { name: "Binder" }).click();
  const cleaning = page.getByRole("region", { name: "Boards and fryers cleaned" });
  await cleaning.getByText(/The \d+ records/).click();
  await expect(cleaning).toContainText(/Floor, drains and bins: drain slow, cleared/);
  await expect(cleaning).toContainText(/working days without a line/);
  await expect(page.getByRole("region", { name: "Cold rooms and freezers" })).toContainText(
    "nobody wrote what was done",
  );
  const pdf = await page.request.get(`${base}/api/export/binder.pdf`);
  expect((await pdf.body()).subarray(0, 5).toString()).toBe("%PDF-");
  expect(complaints).toEqual([]);
});

test("a house that is damaged, of a newer Gaffel, or open elsewhere says so on every address and is not written in", async ({
  page,
}) => {
  const says = async (words: RegExp) => {
    await own.start();
    const answer = await page.goto(`http://localhost:${own.port}/ice`);
    expect(answer!.status()).toBe(503);
    await expect(page.getByText(words)).toBeVisible();
    const open = await page.request.get(`http://localhost:${own.port}/api/export/house.json`);
    expect([open.status(), await open.text()]).toEqual([503, expect.stringMatching(words)]);
    await own.kill("SIGKILL");
  };
  writeFileSync(own.file, "no house at all".repeat(500));
  await says(/is damaged.*npm run house -- restore FILE/);
  expect(readFileSync(own.file, "utf8")).toMatch(/^no house/);
  writeFileSync(own.file, "");
  fileUnder(openDatabase(own.file)).exec(
    "insert into __drizzle_migrations (hash, created_at) values ('x', 9999999999999)",
  );
  await says(/opened by a newer Gaffel/);
});

test("a house at work keeps a copy of itself in the night, says so on Today, and goes out whole", async ({ page }) => {
  test.setTimeout(180_000);
  const db = openDatabase(own.file);
  makeDemoHouse(db, Date.now() - 86_400_000);
  db.update(house).set({ demo: false }).run();
  await own.start();
  const base = `http://localhost:${own.port}`;
  await expect
    .poll(async () => {
      await page.goto(base);
      return page.getByTestId("backup").innerText();
    })
    .toMatch(/Last copy of the house: .* every seal fits/);
  // another server is turned away, this one goes on
  const second = new OwnServer();
  Object.defineProperty(second, "folder", { value: own.folder });
  await second.start();
  expect((await page.request.get(`http://localhost:${second.port}/`)).status()).toBe(503);
  await second.kill("SIGKILL");
  expect((await page.request.get(base)).status()).toBe(200);

  await page.goto(`${base}/house`);
  const [archive] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("link", { name: "The whole house" }).click(),
  ]);
  const to = path.join(own.folder, "again", "gaffel.sqlite");
  expect(await importArchive(await archive.path(), to)).toMatchObject({ ok: true });
  const zip = await page.request.get(`${base}/api/export/tables.zip`);
  const tables = unzipSync(await zip.body());
  expect(new TextDecoder().decode(tables["fish.csv"])).toContain("Nattkrok");
  expect(Object.keys(tables)).not.toContain("device_keys.csv");
  const file = await page.request.get(`${base}/api/export/house.sqlite`);
  expect((await file.body()).subarray(0, 15).toString()).toBe("SQLite format 3");
});

test("over HTTPS with a certificate of its own the house works as it does without, and cameras and clipboards are open to it", async ({
  browser,
}) => {
  makeDemoHouse(openDatabase(own.file), Date.now());
  await own.start();
  const certificate = await certificateIn(own.folder, ["127.0.0.1"]);
  expect(await certificateIn(own.folder, ["127.0.0.1"])).toEqual(certificate);
  expect(fingerprintOf(certificate)).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  const server = await serveHttps(certificate, "127.0.0.1", 0, own.port);
  const base = `https://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const context = await browser.newContext({ ignoreHTTPSErrors: true });
  const page = await context.newPage();
  const complaints = complaintsOf(page);
  await page.goto(`${base}/book/recall`);
  expect(await page.evaluate(() => isSecureContext && "clipboard" in navigator)).toBe(true);
  await page.getByLabel("What is recalled").fill("T-70");
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("last-recall")).toContainText("a drill of T-70");
  expect(complaints).toEqual([]);
  await context.close();
  server.closeAllConnections();
  server.close();
});
