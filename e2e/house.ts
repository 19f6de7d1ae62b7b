import os from "node:os";
import path from "node:path";
import { expect, type Locator, type Page, type TestInfo } from "@playwright/test";
import { openDatabase, type Db } from "@/db/connection";

/** A second, reading connection to the house under test, to hold the screen against the core. */
export const houseDb = (): Db => openDatabase(path.join(process.env["GAFFEL_DATA"] ?? "", "gaffel.sqlite"));

const isTouch = (info: TestInfo) => info.project.name === "touch";

/** Waits until the page has come alive around a part of it. */
const comeAlive = (field: Locator): Promise<void> =>
  expect.poll(() => field.evaluate((node) => Object.keys(node).some((key) => key.startsWith("__react")))).toBe(true);

/** Presses as this project's cook does: a tap, or focus and Enter; a tap that does nothing yet is not counted as one. */
export async function press(target: Locator, info: TestInfo): Promise<void> {
  await comeAlive(target);
  if (isTouch(info)) {
    await target.tap();
    return;
  }
  await target.focus();
  await target.press("Enter");
}

type Given = { readonly name: string; readonly mimeType: string; readonly buffer: Buffer };

/** Gives a file through the button that asks for one. */
export async function giveFile(page: Page, button: string, file: Given): Promise<void> {
  const target = page.getByRole("button", { name: button });
  await comeAlive(target);
  const [chooser] = await Promise.all([page.waitForEvent("filechooser"), target.click()]);
  await chooser.setFiles(file);
}

/** Held down until it is done: for what cannot be taken back. */
export const holdDown = (target: Locator): Promise<void> => target.click({ delay: 900 });

/** Two touches within 300 ms count once, as a wet hand's: who means the next thing is that much slower. */
export const liftHand = (page: Page): Promise<void> => page.waitForTimeout(320);

/** Chooses a grade: a tap, or space on the focused radio. */
export async function grade(page: Page, attribute: string, value: number, info: TestInfo): Promise<void> {
  const radio = page.getByRole("group", { name: attribute }).getByRole("radio").nth(value);
  if (isTouch(info)) await radio.tap();
  else {
    await radio.focus();
    await radio.press("Space");
  }
}

/** Goes to a view: the rail by touch, its number by keyboard. */
export async function view(page: Page, name: string, key: string, info: TestInfo): Promise<void> {
  if (isTouch(info)) await page.getByRole("navigation", { name: "Views" }).getByRole("link", { name }).tap();
  else {
    // a key pressed before the page has come alive is lost, as it is for a cook: press it again
    await expect(async () => {
      await page.locator("#main").focus();
      await page.keyboard.press(key);
      await page.waitForURL(new RegExp(`/${name.toLowerCase()}(\\?|$)`), { timeout: 4000 });
    }).toPass();
  }
}

/** Everything the browser complains about; must stay empty. */
export function complaintsOf(page: Page): string[] {
  const complaints: string[] = [];
  page.on("console", (line) => {
    if (line.type() === "error" || line.type() === "warning") complaints.push(line.text());
  });
  page.on("response", (answer) => {
    if (answer.status() >= 400) complaints.push(`${answer.status()} ${answer.request().method()} ${answer.url()}`);
  });
  page.on("pageerror", (error) => complaints.push(error.message));
  return complaints;
}

/** An address of this machine that is not localhost, as a tablet on the kitchen's network has it. */
const address = Object.values(os.networkInterfaces())
  .flat()
  .find((one) => one && one.family === "IPv4" && !one.internal)?.address;
export const kitchen = (baseURL: string | undefined) =>
  address ? `http://${address}:${new URL(baseURL!).port}` : baseURL!;
