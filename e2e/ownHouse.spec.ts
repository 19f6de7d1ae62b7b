import { expect, test } from "@playwright/test";
import Database from "better-sqlite3";
import { openDatabase } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { checkLedger } from "@/db/ledger";
import { house } from "@/db/schema/house";
import { makeDemoHouse } from "@/demo/house";
import { liftHand } from "./house";
import { OwnServer } from "./ownServer";

let own = new OwnServer();
const start = () => own.start();
const kill = (signal: NodeJS.Signals) => own.kill(signal);

test.beforeEach(() => {
  own = new OwnServer();
});

test.afterEach(() => own.end());

test("an empty house opens on the first-run page and then on Today", async ({ page }) => {
  await start();
  await page.goto(`http://localhost:${own.port}/`);
  await expect(page).toHaveURL(/\/welcome$/);
  await page.getByLabel("Name of the house").fill("Test Quay");
  await page.getByLabel("Who cooks here").fill("Anu");
  await page.keyboard.press("Enter");
  // no rule set is taken for granted
  await page.getByRole("button", { name: "Open the house" }).click();
  await expect(page).toHaveURL(/\/welcome$/);
  await page.getByLabel("Rule set").click();
  await page.getByTitle(/European Union/).click();
  // nor a currency
  await page.getByRole("button", { name: "Open the house" }).click();
  await expect(page).toHaveURL(/\/welcome$/);
  await page.getByLabel("Prices are in").fill("NOK");
  await page.keyboard.press("Enter");
  // nor a chef without a PIN that is no guess
  await page.getByLabel("The chef’s PIN").fill("1234");
  await page.getByLabel("A pass phrase").fill("herring in the morning");
  await page.getByRole("button", { name: "Open the house" }).click();
  await expect(page.getByText("Everybody tries that one first")).toBeVisible();
  await page.getByLabel("The chef’s PIN").fill("2580");
  await page.getByRole("button", { name: "Open the house" }).scrollIntoViewIfNeeded();
  await page.getByRole("button", { name: "Open the house" }).click();
  await expect(page.getByRole("heading", { name: "Take in a delivery" })).toBeVisible();
  await expect(page.getByText("Test Quay")).toBeVisible();
  await page.goto(`http://localhost:${own.port}/welcome`);
  await expect(page).toHaveURL(`http://localhost:${own.port}/`);
});

test("killed in the middle of writes, the house keeps every tap it acknowledged and the clock runs on", async ({
  page,
}) => {
  test.setTimeout(180_000);
  makeDemoHouse(openDatabase(own.file), Date.now());
  await start();
  await page.goto(`http://localhost:${own.port}/stove`);
  const href = await page.locator("main a[data-batch]").first().getAttribute("href");
  await page.goto(`http://localhost:${own.port}${href}`);
  await page.getByTestId("pan-time").waitFor();
  await page.getByRole("button", { name: "Start the cook" }).click();
  await page.waitForURL(/\/stove\/cook\//);
  let acknowledged = 0;
  page.on("response", (answer) => {
    if (answer.request().method() === "POST" && answer.ok()) {
      void answer.text().then(
        (text) => {
          if (text.includes('"ok":true')) acknowledged++;
        },
        () => undefined,
      );
    }
  });
  const extend = page.getByRole("button", { name: "+10 s" });
  for (let taps = 0; taps < 12; taps++) await extend.click({ delay: 320 });
  await expect.poll(() => acknowledged, { timeout: 30_000 }).toBeGreaterThanOrEqual(8);
  await liftHand(page);
  // one more on its way when the power goes
  const lastTap = extend.click({ timeout: 10_000 }).catch(() => undefined);
  await kill("SIGKILL");
  await lastTap;
  // the page says that this one is not saved, and offers to send it again
  await expect(page.getByText(/not saved yet/)).toBeVisible({ timeout: 15_000 });
  const seen = acknowledged;
  expect(seen).toBeGreaterThanOrEqual(8);
  await start();
  await page.getByRole("button", { name: "Send it again" }).click();
  await expect(page.getByText(/not saved yet/)).toBeHidden();
  // a tap that waits survives the page being loaded again
  await kill("SIGKILL");
  await extend.click();
  await expect(page.getByText(/not saved yet/)).toBeVisible({ timeout: 15_000 });
  await start();
  await page.reload();
  await expect(page.getByRole("timer")).toBeVisible();
  await expect.poll(() => openCooks(openDatabase(own.file)).flatMap(({ events }) => events).length).toBe(15);
  const db = openDatabase(own.file);
  const kept = openCooks(db).flatMap(({ events }) => events.filter(({ kind }) => kind === "extended"));
  expect(kept.length).toBeGreaterThanOrEqual(seen);
  // sent again under the same id: counted once, and none of the fourteen is lost
  expect(kept.length).toBe(14);
  expect(checkLedger(db).kind).toBe("whole");
});

test("a house in ounces, inches and Fahrenheit meets no other unit on its way from the dock to the stove", async ({
  page,
}) => {
  test.setTimeout(180_000);
  const db = openDatabase(own.file);
  makeDemoHouse(db, Date.now());
  db.update(house).set({ units: "imperial" }).run();
  await start();
  const foreign = /\d\s?(°C|mm|kg|g|ml)\b/;
  // the book keeps what was recorded, and sources quote rules and tables as they are printed
  const shown = () =>
    page.locator("main").evaluate((main) => {
      const copy = main.cloneNode(true) as HTMLElement;
      for (const source of copy.querySelectorAll("details, [data-source]")) source.remove();
      return copy.textContent;
    });
  for (const view of [
    "/",
    "/dock",
    "/ice",
    "/ice/places",
    "/ice/tomorrow",
    "/block",
    "/block/order",
    "/block/count",
    "/raw",
    "/raw/freeze",
    "/raw/cure",
    "/stove",
    "/stove/try",
    "/stove/try?species=king-scallop",
    "/stove/try?species=octopus",
    "/stove/hold",
    "/stove/chill",
    "/stove/sheets",
    "/butter",
    "/butter/reduce",
    "/butter/stock",
    "/butter/shelf",
    "/butter/amounts",
    "/cards",
    "/cards/write",
    "/line",
  ]) {
    await page.goto(`http://localhost:${own.port}${view}`);
    await page.locator("main h1").first().waitFor();
    await expect(page.locator("main [aria-busy=true]")).toHaveCount(0);
    expect((await shown()).match(foreign)?.[0] ?? "", view).toBe("");
  }
  await page.goto(`http://localhost:${own.port}/stove/try`);
  await expect(page.getByTestId("pan-probe")).toContainText("°F");
  await expect(page.getByRole("slider", { name: /Thickness/ })).toHaveAttribute("aria-valuetext", / in$/);
});

test("twenty entries cut off, and a book rewritten whole: both are found, the second against a seal kept elsewhere", async ({
  page,
}) => {
  makeDemoHouse(openDatabase(own.file), Date.now());
  await start();
  const base = `http://localhost:${own.port}`;
  await page.goto(`${base}/book`);
  await page.getByText("The seal of this day").click();
  const kept = await page.getByTestId("seal").locator("code").innerText();
  const hold = async (seal: string) => {
    await page.getByLabel("A seal kept elsewhere").fill(seal);
    await page.getByRole("button", { name: "Hold it against the book" }).click();
  };
  await hold(kept);
  await expect(page.getByText("nothing up to it was changed")).toBeVisible();
  await kill("SIGKILL");

  const file = new Database(own.file);
  file.pragma("foreign_keys = off");
  const guards = file.prepare("select name, sql from sqlite_master where type = 'trigger'").all() as readonly {
    readonly name: string;
    readonly sql: string;
  }[];
  for (const { name } of guards) file.exec(`drop trigger "${name}"`);
  file.exec("delete from ledger where seq > (select max(seq) - 20 from ledger)");
  for (const { sql } of guards) file.exec(sql);
  await start();
  await page.goto(`${base}/book?check=all`);
  await expect(page.getByTestId("chain")).toContainText("20 entries are missing");
  await kill("SIGKILL");

  // and the traces of it wiped as well: the file alone looks whole, the kept seal is in it no more
  file.exec("update sqlite_sequence set seq = (select max(seq) from ledger) where name = 'ledger'");
  file.close();
  await start();
  await page.goto(`${base}/book?check=all`);
  await expect(page.getByTestId("chain")).toContainText("none is missing at the end");
  await page.getByText("The seal of this day").click();
  await hold(kept);
  await expect(page.getByText("No entry has that seal")).toBeVisible();
});
