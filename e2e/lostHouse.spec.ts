import { expect, test } from "@playwright/test";
import { complaintsOf } from "./house";

test("a house that does not answer keeps its page: what is typed stays, no link leaves, and the same press counts once it is back", async ({
  page,
  context,
}) => {
  const complaints = complaintsOf(page);
  await page.goto("/ice/places");
  const field = page.getByLabel(/In melting ice/);
  await field.fill("0.2");
  await field.press("Tab");
  const note = page.getByRole("button", { name: "Note the check" });
  const alert = page.getByRole("alert").filter({ hasText: "The house does not answer." });
  await context.setOffline(true);
  await expect(alert).toBeVisible();
  await note.click();
  await expect(page.getByText(/nothing is done twice/)).toBeVisible();
  // by the rail and by its key
  await page.getByRole("navigation", { name: "Views" }).getByRole("link", { name: "Block" }).click();
  await expect(page.getByText("this page stays until it does")).toBeVisible();
  await page.locator("body").press("4");
  await page.waitForTimeout(7000);
  expect(new URL(page.url()).pathname).toBe("/ice/places");
  await expect(field).toHaveValue(/^0\.2/);
  await expect(alert).toBeVisible();

  await context.setOffline(false);
  await expect(alert).toBeHidden();
  await note.click();
  await expect(page.getByText(/it reads true/).first()).toBeVisible();
  await page.getByRole("navigation", { name: "Views" }).getByRole("link", { name: "Block" }).click();
  await expect(page).toHaveURL(/\/block$/);
  expect(complaints.filter((text) => !/ERR_INTERNET_DISCONNECTED|stream/.test(text))).toEqual([]);
});
