import { expect, test } from "@playwright/test";
import { findCook } from "@/db/stove/cooks";
import { openHotHolds } from "@/db/stove/hotHolds";
import { complaintsOf, holdDown, houseDb, liftHand, press } from "./house";

test("the calliper: dragged by its jaw, nudged by keys, typed; the plan follows each and the same size gives the same plan", async ({
  page,
}) => {
  const complaints = complaintsOf(page);
  await page.goto("/stove/try");
  const pan = page.getByTestId("oven-time");
  await pan.waitFor();
  const settled = () => expect(page.getByTestId("plan")).toHaveAttribute("aria-busy", "false");
  await settled();
  const jaw = page.getByRole("slider", { name: /Thickness/ });
  const size = async () => Number(await jaw.getAttribute("aria-valuenow"));
  const at26 = await pan.innerText();
  // key after key, each is a step
  const untouched = await size();
  await jaw.focus();
  for (let press = 0; press < 4; press++) await page.keyboard.press("ArrowUp");
  expect(await size()).toBe(untouched + 2);
  for (let press = 0; press < 4; press++) await page.keyboard.press("ArrowDown");
  expect(await size()).toBe(untouched);
  await settled();
  const from = await size();
  const box = (await jaw.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 30, { steps: 6 });
  await page.mouse.up();
  expect(await size()).toBeGreaterThan(from + 3);
  await settled();
  expect(await pan.innerText()).not.toBe(at26);
  await jaw.focus();
  await page.keyboard.press("PageDown");
  await page.keyboard.press("ArrowUp");
  await page.getByLabel(/Thickest point/).fill(String(from));
  await page.keyboard.press("Tab");
  await settled();
  await expect(pan).toHaveText(at26);
  expect(complaints).toEqual([]);
});

test("too thin for a crisp skin: said with what to change, and another way takes it", async ({ page }, info) => {
  await page.goto("/stove/try");
  await page.getByTestId("pan-time").waitFor();
  await page.getByLabel(/Thickest point/).fill("9");
  const refused = page.getByTestId("refused");
  await expect(refused).toContainText("before the skin is crisp");
  expect(await refused.locator("li").count()).toBeGreaterThan(2);
  await press(page.getByRole("button", { name: /^All \d+$/ }), info);
  // the ways are ranked anew meanwhile, and a tap may land beside the one that moved
  await expect(async () => {
    await press(page.locator('[data-method="steam"]'), info);
    await expect(refused).toHaveCount(0, { timeout: 4000 });
  }).toPass();
  await expect(page.getByTestId("steam-time")).toHaveText(/^\d+:\d\d$/);
});

test("an animal that is not for the heat says how it is eaten; the next one plans again", async ({ page }) => {
  const complaints = complaintsOf(page);
  await page.goto("/stove/try?species=trout-roe");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("not for the heat");
  await expect(page.getByText("add off the heat")).toBeVisible();
  await page.goto("/stove/try?species=king-crab");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("king crab");
  await expect(page.getByTestId("plan").locator("ol li").first()).toBeVisible();
  expect(complaints).toEqual([]);
});

test("the moment under the thumb: the readings follow the scrubber from the fridge to the plate", async ({ page }) => {
  await page.goto("/stove/try");
  await page.getByTestId("pan-time").waitFor();
  const thumb = page.getByRole("slider", { name: "Moment of the cook" });
  const centre = async () => Number(/centre\s*(\d+)/.exec(await page.getByTestId("moment").innerText())![1]);
  await thumb.focus();
  await page.keyboard.press("Home");
  await expect.poll(centre).toBe(8);
  await page.keyboard.press("End");
  await expect.poll(centre).toBeGreaterThan(40);
});

test("a cook that has to wait: from its record to the hold, the clock bound to the cook it came from", async ({
  page,
}, info) => {
  test.setTimeout(180_000);
  await page.goto("/stove");
  await press(page.locator("a[data-lot]").first(), info);
  const start = page.getByRole("button", { name: "Start the cook" });
  await expect(start).toBeEnabled();
  await press(start, info);
  await page.waitForURL(/\/stove\/cook\//);
  const cookId = page.url().split("/").at(-1)!;
  const next = page.getByRole("button", { name: /^(Next:|Served)/ });
  while ((await page.getByTestId("record").count()) === 0) {
    const steps = () => findCook(houseDb(), cookId)!.events.filter(({ kind }) => kind === "advanced").length;
    const before = steps();
    await liftHand(page);
    await press(next, info);
    await expect.poll(steps).toBe(before + 1);
    // the page shows the stage after it, or that it is over: pressing the old one again would be nobody's tap
    const stage = page.getByRole("heading", { level: 2, name: new RegExp(`^${before + 2} of `) });
    await expect(stage.or(page.getByTestId("record")).first()).toBeVisible();
  }
  // the strip above goes by the tap too
  await expect(page.getByRole("list", { name: "Cooking now" }).locator(`a[href$="${cookId}"]`)).toHaveCount(0);
  await press(page.getByRole("link", { name: "It has to wait" }), info);
  await expect(page.getByText("from the cook just finished")).toBeVisible();
  await press(page.getByRole("button", { name: "Start the clock: moist cabinet" }), info);
  await expect.poll(() => openHotHolds(houseDb()).some((hold) => hold.cookId === cookId)).toBe(true);
  const held = page.getByTestId("held-hot").locator("li").filter({ hasText: "moist cabinet" }).first();
  const throwAway = held.getByRole("button", { name: "Thrown away" });
  // a brush of a sleeve throws nothing away
  await throwAway.click();
  await expect(held.getByRole("button", { name: "Hold it down" })).toBeVisible();
  await expect(throwAway).toBeVisible({ timeout: 6000 });
  await holdDown(throwAway);
  await expect.poll(() => openHotHolds(houseDb()).some((hold) => hold.cookId === cookId)).toBe(false);
});
