import { expect, test } from "@playwright/test";
import { handovers } from "@/db/house/handovers";
import { noteProbeCheck } from "@/db/house/probeChecks";
import { listPlaces, readingsSince } from "@/db/house/places";
import { findCook, openCooks } from "@/db/stove/cooks";
import { complaintsOf, houseDb, kitchen } from "./house";

/** A tablet in the kitchen: fingers only, the machine's network address, plain HTTP. */
test.use({ viewport: { width: 834, height: 1112 }, hasTouch: true, isMobile: true });

const cold = () => listPlaces(houseDb()).find(({ kind }) => kind === "cold-room")!;

test("numbers by the keys in the page: large, below the field, the clocks in sight, the system's keyboard away", async ({
  page,
  baseURL,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${kitchen(baseURL)}/ice/places/${cold().id}`);
  const field = page.getByRole("spinbutton", { name: /^It reads/ });
  await expect(field).toHaveAttribute("inputmode", "none");
  await field.tap();
  const pad = page.getByTestId("keypad");
  const key = (name: string) => pad.getByRole("button", { name, exact: true });
  for (const name of ["9", "Take one back", "2", "Decimal mark", "3", "Below zero", "Below zero"])
    await key(name).tap();
  await expect(field).toHaveValue("2.3");
  const sizes = await pad
    .getByRole("button")
    .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().height));
  expect(Math.min(...sizes)).toBeGreaterThanOrEqual(60);
  const [fieldBox, padBox] = [(await field.boundingBox())!, (await pad.boundingBox())!];
  expect(fieldBox.y + fieldBox.height).toBeLessThan(padBox.y);
  expect(fieldBox.y).toBeGreaterThan(56);
  await key("Done").tap();
  await expect(pad).toHaveCount(0);
  await page.getByRole("button", { name: "Note it" }).tap();
  await expect
    .poll(() => readingsSince(houseDb(), cold().id, Date.now() - 60_000, Date.now() + 1000).at(-1)?.celsius)
    .toBe(2.3);
  expect(complaints).toEqual([]);
});

test("what is due is said as what to do, on any page; who hears it is named, and a cloth does nothing for ten seconds", async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(90_000);
  const base = kitchen(baseURL);
  const complaints = complaintsOf(page);
  await page.goto(`${base}/stove`);
  await page.getByRole("link", { name: /\d+ ×/ }).first().tap();
  await page.getByRole("button", { name: "Start the cook" }).tap();
  await page.waitForURL(/\/stove\/cook\//);
  const cookId = page.url().split("/").at(-1)!;
  const [, next] = findCook(houseDb(), cookId)!.plan.answer.stages;
  await page.goto(`${base}/ice`);
  const clocks = page.getByRole("list", { name: "Cooking now" });
  const chip = clocks.locator(`a[href$="${cookId}"]`);
  await expect(chip).toContainText(new RegExp(next!.name, "i"));
  // overdue: so many seconds are taken off that it rings now
  const { plannedS } = { plannedS: findCook(houseDb(), cookId)!.plan.answer.stages[0]!.seconds };
  for (let leftS = plannedS; leftS > -5; leftS -= 600) {
    await page.request.post(`${base}/api/cooks/${cookId}/taps`, {
      headers: { origin: base },
      data: { id: `wet-hands-${Date.now()}-${Math.round(leftS)}`, kind: "extended", stage: 0, ageMs: 0, seconds: -600 },
    });
  }
  await expect(chip).toContainText("late");
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${base}/dock`);
  await expect(other.getByTestId("silence").or(other.getByRole("button", { name: "Tap for sound" }))).toBeVisible();
  // any touch of the page lets it be heard
  await page.getByRole("heading", { level: 1 }).tap();
  await page.getByTestId("silence").tap();
  await expect(chip).toContainText(/\w+ heard it/);
  await expect(other.getByRole("list", { name: "Cooking now" })).toContainText(/\w+ heard it/);

  await page.getByRole("button", { name: "Wipe" }).tap();
  const lock = page.getByTestId("wipe");
  await expect(lock).toBeVisible();
  await page.touchscreen.tap(40, 300);
  await page.keyboard.press("Escape");
  await page.keyboard.press("1");
  await expect(page).toHaveURL(/\/ice$/);
  await expect(lock).toBeHidden({ timeout: 15_000 });

  await page.getByRole("link", { name: "This device" }).tap();
  await expect(page.getByTestId("device-sound")).toContainText("On.");
  await expect(page.getByTestId("device-awake")).toContainText("cannot be kept on");
  await page.goto(`${base}/stove/cook/${cookId}`);
  await page.getByRole("button", { name: "Cancel cook" }).tap();
  await page.getByRole("dialog").getByRole("button", { name: "Thrown away" }).tap();
  await expect.poll(() => openCooks(houseDb()).some(({ id }) => id === cookId)).toBe(false);
  expect(complaints).toEqual([]);
});

test("handed over at the change of shift: words wait on Today, what came since is read first, and the name is the new one", async ({
  page,
  browser,
  baseURL,
}) => {
  const base = kitchen(baseURL);
  const complaints = complaintsOf(page);
  await page.goto(`${base}/handover`);
  const words = `Char of t7 goes without butter ${Date.now()}`;
  await page.getByLabel("What the list does not say").fill(words);
  await page.getByRole("button", { name: "Leave it for the next" }).tap();
  await expect(page.getByTestId("left-words")).toContainText(words);
  // another tablet, another pair of hands
  const other = await (await browser.newContext({ hasTouch: true })).newPage();
  await other.goto(base);
  await other.getByTestId("handover-note").getByRole("link").tap();
  await expect(other.getByTestId("left-words")).toContainText(words);
  await other.getByRole("group", { name: "Who takes over" }).getByRole("button", { name: "Torben" }).tap();
  // meanwhile a probe reads wrong in ice: nobody takes over what they have not seen
  const probe = `Probe ${Date.now()}`;
  noteProbeCheck(houseDb(), 2.6, probe, { who: "Ylva", atMs: Date.now() });
  const take = other.getByRole("button", { name: "Torben has read it and takes over" });
  await take.tap();
  await expect(other.getByText("since you read it").first()).toBeVisible();
  await other.reload();
  await expect(other.getByTestId("probe-first")).toContainText("2.6 °C in melting ice");
  await other.getByRole("group", { name: "Who takes over" }).getByRole("button", { name: "Torben" }).tap();
  await take.tap();
  await expect(other.getByText("Torben has the station.").first()).toBeVisible();
  await expect(other.getByLabel("At the station")).toHaveValue("Torben");
  await expect(other.getByTestId("left-words")).toHaveCount(0);
  expect(handovers(houseDb(), Date.now()).lastTaken).toMatchObject({ who: "Torben" });
  await page.goto(base);
  await expect(page.getByTestId("handover-note")).toHaveCount(0);
  noteProbeCheck(houseDb(), 0, probe, { who: "Torben", atMs: Date.now() });
  expect(complaints).toEqual([]);
});
