import { expect, test, type Page } from "@playwright/test";
import { openDatabase } from "@/db/connection";
import { openHouse } from "@/db/house/house";
import { entriesBetween } from "@/db/ledger";
import { complaintsOf, holdDown, kitchen } from "./house";
import { OwnServer } from "./ownServer";

/** Tablets in the kitchen: fingers, the machine's network address, plain HTTP. */
test.use({ viewport: { width: 834, height: 1112 }, hasTouch: true, actionTimeout: 15_000 });

let own = new OwnServer();
test.beforeEach(() => {
  own = new OwnServer();
});
test.afterEach(() => own.end());

const PHRASE = "herring in the morning";
const CHEFS_PIN = "2580";
const BENS_PIN = "7913";

/** A house from before there were locks, with two cooks. */
async function begin(): Promise<string> {
  openHouse(
    openDatabase(own.file),
    {
      name: "Test Quay",
      timeZone: "UTC",
      units: "metric",
      currency: "NOK",
      decimalMark: "point",
      ruleSetId: "eu-853",
      cooks: ["Anu", "Ben"],
      coldRoomC: 1,
    },
    Date.now(),
  );
  await own.start();
  return kitchen(`http://localhost:${own.port}`);
}

async function typePin(page: Page, pin: string): Promise<void> {
  for (const digit of pin) await page.getByRole("button", { name: digit, exact: true }).tap();
  await page.getByRole("button", { name: "Sign in" }).tap();
}

async function makeChef(page: Page, base: string): Promise<void> {
  await page.goto(base);
  await page.getByTestId("lock-note").getByRole("link").tap();
  const card = page.getByRole("region", { name: "This house has no locks" });
  await card.getByLabel("Name").fill("Anu");
  await card.getByLabel("The chef’s PIN").fill(CHEFS_PIN);
  await card.getByLabel("A pass phrase").fill(PHRASE);
  await card.getByRole("button", { name: "Make the chef" }).tap();
  await expect(card).toHaveCount(0);
}

const atStation = (page: Page) => page.getByLabel("At the station");

test("a tablet is let in by a code, a cook signs in once a shift, hands change in two taps, a chef's act asks for the chef's PIN", async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000);
  const complaints = complaintsOf(page);
  const base = await begin();
  await makeChef(page, base);
  await expect(atStation(page)).toHaveValue("Anu");
  const [cookie] = (await page.context().cookies()).filter(({ name }) => name === "gaffel");
  expect(cookie).toMatchObject({ httpOnly: true, sameSite: "Strict", secure: false });
  expect(decodeURIComponent(cookie!.value)).not.toContain("Anu");

  // the chef gives Ben a PIN and has a code shown
  const ben = page.getByTestId("people").getByRole("listitem").filter({ hasText: "Ben" });
  await ben.locator("summary").tap();
  await ben.getByLabel("New PIN").fill(BENS_PIN);
  await ben.getByRole("button", { name: "New PIN" }).tap();
  await expect(page.getByText("Ben has a new PIN.")).toBeVisible();
  await page.getByTestId("tablets").getByLabel("Name of the new tablet").fill("Stove");
  await page.getByTestId("tablets").getByRole("button", { name: "Let one in" }).tap();
  const code = await page.getByTestId("pairing-code").innerText();

  // another tablet is outside: it sees the door and nothing of the house
  const context = await browser.newContext({ viewport: { width: 834, height: 1112 }, hasTouch: true });
  const stove = await context.newPage();
  const complaintsThere = complaintsOf(stove);
  for (const path of ["/api/cooks/stream", "/api/export/deliveries.csv", "/api/line"])
    expect((await context.request.get(`${base}${path}`)).status()).toBe(401);
  await stove.goto(`${base}/ice`);
  await expect(stove.getByRole("heading", { level: 1 })).toHaveText("This tablet is not let in yet");
  await expect(stove.getByText("Test Quay")).toHaveCount(0);
  await stove.getByLabel("The code").fill("AAAA AAAA");
  await stove.getByRole("button", { name: "Let it in" }).tap();
  await expect(stove.getByText("No such code")).toBeVisible();
  await stove.getByLabel("The code").fill(code.toLowerCase());
  await stove.getByRole("button", { name: "Let it in" }).tap();
  await expect(stove.getByRole("heading", { level: 1 })).toHaveText("Who comes on?");

  // Ben: wrong ones wait longer and longer, and the right one opens after it
  await stove.getByRole("button", { name: /^Ben/ }).tap();
  const tooMany = stove.getByText(/Too many wrong ones: the next in (one|\d+) second/);
  let wrong = 0;
  // on a slow machine the first, short waits are over before the next PIN is typed
  for (; !(await tooMany.isVisible()); wrong++) {
    expect(wrong).toBeLessThan(12);
    // what stands there may be the answer to the one before
    const answer = stove.waitForResponse((one) => one.request().method() === "POST");
    await typePin(stove, "3746");
    await answer;
    await expect(stove.getByLabel("PIN of Ben")).toHaveValue("");
    await expect(tooMany.or(stove.getByText("That is not the PIN."))).toBeVisible();
  }
  expect(wrong).toBeGreaterThan(4);
  await expect(async () => {
    if (!/\/ice$/.test(stove.url())) await typePin(stove, BENS_PIN);
    await stove.waitForURL(/\/ice$/, { timeout: 5000 });
  }).toPass({ intervals: [2000], timeout: 60_000 });
  await expect(atStation(stove)).toHaveValue("Ben");

  // what binds the house asks for the chef's PIN, over what is half typed, and is written under the chef's name
  await stove.goto(`${base}/house`);
  await stove.getByLabel("Another name").fill("gaffel.lan");
  await stove.getByRole("button", { name: "Add it" }).tap();
  const dialog = stove.getByRole("dialog", { name: "The chef’s PIN" });
  await expect(dialog).toBeVisible();
  await typePin(stove, BENS_PIN);
  await expect(dialog).toContainText("That is not the PIN.");
  await typePin(stove, CHEFS_PIN);
  await expect(stove.getByText("gaffel.lan", { exact: true })).toBeVisible();
  const named = entriesBetween(openDatabase(own.file), 0, Date.now() + 1000).find(
    ({ kind }) => kind === "house-changed",
  );
  expect(named).toMatchObject({ who: "Anu", payload: { hostNames: ["gaffel.lan"] } });

  // hands change: Anu is on shift, her name alone is enough; and the chef's PIN of before does not stay
  await atStation(stove).selectOption("Anu");
  await expect(atStation(stove)).toHaveValue("Anu");
  await stove.getByRole("button", { name: "Take it out" }).tap();
  await expect(dialog).toBeVisible();
  await stove.getByRole("button", { name: "Cancel" }).tap();
  await expect(stove.getByText("This asks for the chef’s PIN.")).toBeVisible();

  // shut out, it is outside again at once
  await page.reload();
  const row = page.getByTestId("tablets").getByRole("listitem").filter({ hasText: "Stove" });
  await holdDown(row.getByRole("button", { name: "Shut out: Stove" }));
  await expect(row).toHaveCount(0);
  await stove.goto(`${base}/ice`);
  await expect(stove.getByRole("heading", { level: 1 })).toHaveText("This tablet is not let in yet");
  // and the pass phrase opens when nothing else does
  await stove.getByText("No tablet at hand, or a PIN forgotten?").tap();
  await stove.getByLabel("The chef’s pass phrase").fill(PHRASE);
  await stove.getByLabel("Name of this tablet").fill("Spare");
  await stove.getByRole("button", { name: "Open", exact: true }).tap();
  await expect(atStation(stove)).toHaveValue("Anu");
  expect(complaints).toEqual([]);
  expect(complaintsThere.filter((one) => !/401/.test(one))).toEqual([]);
  await context.close();
});

test("an inspector reads the book for a day and nothing else; a screen shows and does nothing", async ({
  page,
  browser,
}) => {
  test.setTimeout(120_000);
  const base = await begin();
  await makeChef(page, base);
  const people = page.getByTestId("people");
  await people.getByLabel("Name", { exact: true }).fill("Holm");
  await people.getByLabel("Role", { exact: true }).last().selectOption("inspector");
  await people.getByLabel("PIN to begin with").fill("8024");
  await people.getByRole("button", { name: "Take in" }).tap();
  await expect(people.getByRole("listitem").filter({ hasText: "Holm" })).toContainText("inspector");
  await page.getByRole("link", { name: "Book" }).first().tap();
  await page.goto(`${base}/signin`);
  await page.getByRole("button", { name: /^Holm/ }).tap();
  await typePin(page, "8024");
  await expect(page).toHaveURL(/\/book$/);
  await page.goto(`${base}/ice`);
  await expect(page).toHaveURL(/\/book$/);
  expect((await page.request.get(`${base}/api/export/deliveries.csv`)).status()).toBe(200);
  expect((await page.request.get(`${base}/api/line`)).status()).toBe(403);

  // back under the chef's name, a screen is let in
  await page.goto(`${base}/signin`);
  await page.getByRole("button", { name: /^Anu/ }).tap();
  await expect(atStation(page)).toHaveValue("Anu");
  await page.goto(`${base}/house`);
  const tablets = page.getByTestId("tablets");
  await tablets.getByLabel("Name of the new tablet").fill("Pass");
  await tablets.getByRole("combobox").selectOption("screen");
  await tablets.getByRole("button", { name: "Let one in" }).tap();
  await typePin(page, CHEFS_PIN);
  const code = await page.getByTestId("pairing-code").innerText();
  const context = await browser.newContext();
  const screen = await context.newPage();
  await screen.goto(`${base}/line/pass`);
  await screen.getByLabel("The code").fill(code);
  await screen.getByRole("button", { name: "Let it in" }).click();
  await expect(screen).toHaveURL(/\/line\/pass$/);
  await screen.goto(`${base}/book`);
  await expect(screen).toHaveURL(/\/line\/pass$/);
  await context.close();
});
