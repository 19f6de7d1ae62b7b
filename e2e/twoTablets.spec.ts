import os from "node:os";
import { expect, test, type Page } from "@playwright/test";
import { findCook, openCooks } from "@/db/stove/cooks";
import { batchesToCook } from "@/db/block/batches";
import { liveCook } from "@/core/cooking";
import { complaintsOf, houseDb } from "./house";

/** An address of this machine that is not localhost, as a tablet on the kitchen's network has it. */
const address = Object.values(os.networkInterfaces())
  .flat()
  .find((one) => one && one.family === "IPv4" && !one.internal)?.address;

const stageOf = (cookId: string) => {
  const { plan, events } = findCook(houseDb(), cookId)!;
  return liveCook(
    plan.answer.stages.map(({ seconds }) => seconds),
    events,
    Date.now(),
  ).stageIndex;
};

async function startOne(page: Page, base: string): Promise<string> {
  const batch = batchesToCook(houseDb(), 0)[0]!;
  await page.goto(`${base}/stove/${batch.id}`);
  await page.getByTestId("pan-time").or(page.getByTestId("poach-time")).first().waitFor();
  await page.getByRole("button", { name: "Start the cook" }).click();
  await page.waitForURL(/\/stove\/cook\//);
  return page.url().split("/").at(-1)!;
}

test("two tablets at one alarm: one stage on, each sees the other within a second, and a tap outlives the page it was made on", async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const port = new URL(baseURL!).port;
  const base = address ? `http://${address}:${port}` : baseURL!;
  const complaints = complaintsOf(page);
  const cookId = await startOne(page, base);
  const other = await (await browser.newContext()).newPage();
  const otherComplaints = complaintsOf(other);
  await other.goto(`${base}/stove/live`);
  await expect(other.locator(`[data-cook="${cookId}"]`)).toBeVisible();
  await other.goto(`${base}/stove/cook/${cookId}`);
  await expect(other.getByRole("timer").first()).toBeVisible();

  // what one tablet does the other shows within the second
  const plus = page.getByRole("button", { name: "+10 s" });
  const paused = other.getByRole("button", { name: "Go on" });
  await page.getByRole("button", { name: "Pause" }).click();
  await expect(paused).toBeVisible({ timeout: 2000 });
  await page.getByRole("button", { name: "Go on" }).click();
  await expect(other.getByRole("button", { name: "Pause" })).toBeVisible({ timeout: 2000 });

  // both press Next at the same alarm: the house is cut off from telling the second tablet in time
  await other.route("**/api/cooks/stream", (route) => route.abort());
  await other.reload();
  const before = stageOf(cookId);
  const next = /^Next:|^Served/;
  await Promise.all([
    page.getByRole("button", { name: next }).click(),
    other.getByRole("button", { name: next }).click(),
  ]);
  await expect.poll(() => stageOf(cookId)).toBe(before + 1);
  await page.waitForTimeout(1500);
  expect(stageOf(cookId)).toBe(before + 1);
  await other.unroute("**/api/cooks/stream");

  // a tap made just before leaving the page is kept, on an address that is not localhost
  const count = findCook(houseDb(), cookId)!.events.length;
  await plus.click();
  await page.getByRole("link", { name: "Ice", exact: false }).first().click();
  await expect.poll(() => findCook(houseDb(), cookId)!.events.length).toBe(count + 1);
  expect(openCooks(houseDb()).some(({ id }) => id === cookId)).toBe(true);
  await page.goto(`${base}/stove/cook/${cookId}`);
  await page.getByRole("button", { name: "Cancel cook" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Thrown away" }).click();
  await expect.poll(() => openCooks(houseDb()).some(({ id }) => id === cookId)).toBe(false);
  expect(complaints).toEqual([]);
  // the line that was cut says so itself
  expect(otherComplaints.filter((text) => !/stream|ERR_FAILED/.test(text))).toEqual([]);
});

test("an answer that comes too late, or a double tap, keeps one delivery and not two", async ({ page }) => {
  test.setTimeout(120_000);
  await page.goto("/ice/places");
  const field = page.getByLabel(/In melting ice/);
  await field.fill("0.3");
  await field.press("Tab");
  const checks = () =>
    page.request
      .get("/book")
      .then(async (answer) => ((await answer.text()).match(/read 0\.3 °C in melting ice/g) ?? []).length);
  // the answer of the first is held back past the time a page waits
  let held = 0;
  await page.route("**/ice/places", async (route) => {
    if (route.request().method() !== "POST" || ++held > 1) return route.continue();
    const answer = await route.fetch();
    await new Promise((resume) => setTimeout(resume, 7000));
    await route.fulfill({ response: answer }).catch(() => undefined);
  });
  const note = page.getByRole("button", { name: "Note the check" });
  await note.click();
  await expect(page.getByText(/nothing is done twice/)).toBeVisible({ timeout: 15_000 });
  await note.click();
  await expect(page.getByText(/it reads true/).first()).toBeVisible({ timeout: 15_000 });
  const counted = await checks();
  expect(counted).toBeGreaterThan(0);
  // the page of the book names an entry once in what is drawn and once in what the page carries along
  expect(counted).toBeLessThanOrEqual(2);
});
