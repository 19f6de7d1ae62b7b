import { expect, test } from "@playwright/test";
import { saucesNow } from "@/db/butter/sauces";
import { bonesOnIce, STOCK_ITEM } from "@/db/butter/stocks";
import { madeLots } from "@/db/larder/madeLots";
import { complaintsOf, houseDb, press, view } from "./house";

test("a sauce through the evening: its base made, mounted, tried without its lid, poured away and written", async ({
  page,
}, info) => {
  test.setTimeout(120_000);
  const complaints = complaintsOf(page);
  await page.goto("/");
  await view(page, "Butter", "6", info);
  await expect(page.getByTestId("bains")).toContainText("Beurre blanc");
  await press(page.getByTestId("tonight").getByRole("link", { name: /Dill and browned whey butter/ }), info);
  await expect(page.getByTestId("state")).toHaveText("Holds");
  await expect(page.getByTestId("sauce")).toContainText("2 batches");
  await expect(page.getByRole("button", { name: "14 covers are mounted" })).toBeDisabled();
  await press(page.getByRole("button", { name: "The base for 14 is made" }), info);
  await expect(page.getByText(/base kept with its days/)).toBeVisible();

  // without a lid in a wide bain it splits within the service, and the way back is shown
  await press(page.getByRole("switch", { name: "Lid on" }), info);
  await page.getByLabel(/^Sauce in the bain, across/).fill("400");
  await page.getByLabel(/^Sauce in the bain, across/).press("Tab");
  await expect(page.getByText(/it splits after/)).toBeVisible();
  await page.getByRole("slider", { name: "Minutes in the bain" }).focus();
  await page.keyboard.press("End");
  await expect(page.getByTestId("state")).toHaveText("Splits");
  await press(page.getByTestId("rescue").getByRole("button").first(), info);
  await expect(page.getByTestId("state")).toHaveText("Holds");

  await press(page.getByRole("button", { name: "14 covers are mounted" }), info);
  await expect(page.getByText(/is in the bain, its clock runs/)).toBeVisible();
  const mounted = saucesNow(houseDb()).find(({ mount, name }) => mount && name.startsWith("Dill"))!;
  expect(mounted.mount).toMatchObject({ covers: 14, lid: false });
  await page.goto("/butter");
  const row = page.getByTestId("bains").locator("li", { hasText: mounted.lot.code });
  await press(row.getByRole("button", { name: "Close" }), info);
  await press(row.getByRole("button", { name: "Pour it away" }), info);
  await expect(page.getByText(/poured away, €/)).toBeVisible();
  await page.goto("/book");
  await expect(page.getByText(/Dill and browned whey butter for 14 covers/).first()).toBeVisible();
  expect(complaints).toEqual([]);
});

test("a reduction in its pan, and bones to a pot of stock that cools in time, with its label", async ({
  page,
}, info) => {
  test.setTimeout(120_000);
  const complaints = complaintsOf(page);
  await page.goto("/butter/reduce");
  await expect(page.getByTestId("minutes")).toHaveText("12 min 30 s");
  await page.getByLabel("Reduce to, ml").fill("400");
  await page.getByLabel("Reduce to, ml").press("Tab");
  await expect(page.getByText(/There are only 300 ml in the pan/)).toBeVisible();
  await page.getByLabel("Reduce to, ml").fill("60");
  await page.getByLabel("Reduce to, ml").press("Tab");
  await page.getByLabel("It went down to, ml").fill("40");
  await expect(page.getByTestId("back")).toContainText("Add 20 ml of water");

  await page.goto("/butter/stock");
  await expect(page.getByText(/too fat: the stock turns greasy/i).first()).toBeVisible();
  await page.getByLabel("Ice for the bath, g").fill("300");
  await page.getByLabel("Ice for the bath, g").press("Tab");
  await expect(page.getByTestId("cooling")).toContainText("do not cool it in time");
  await page.getByLabel("Ice for the bath, g").fill("2500");
  await page.getByLabel("Ice for the bath, g").press("Tab");
  await expect(page.getByTestId("cooling")).toContainText("Cools in time");
  const bones = bonesOnIce(houseDb(), Date.now()).filter(({ whyNot }) => whyNot === null).length;
  expect(bones).toBeGreaterThan(0);
  await press(page.getByRole("button", { name: "The pot is on" }), info);
  const pot = page.getByTestId("pots").locator("li").last();
  await expect(pot).toContainText("Next skim");
  await press(pot.getByRole("button", { name: "Strained and chilled" }), info);
  await expect(page.getByText(/stock kept with its days/)).toBeVisible();
  const stock = madeLots(houseDb()).findLast(({ item }) => item.id === STOCK_ITEM)!;
  expect(bonesOnIce(houseDb(), Date.now()).filter(({ whyNot }) => whyNot === null)).toHaveLength(0);
  await page.goto(`/butter/label/${stock.lot.id}`);
  await expect(page.getByTestId("label")).toContainText("Contains: fish");
  await expect(page.getByTestId("label")).toContainText("Not known without labels: celery");
  expect(complaints).toEqual([]);
});

test("a sauce written down, a good by its label, garlic oil with its hazard, and a reduction on the fire", async ({
  page,
}, info) => {
  test.setTimeout(150_000);
  const complaints = complaintsOf(page);
  await page.goto("/butter/goods");
  await page.getByLabel("What it is").fill("Smoked butter of the island");
  await page.getByLabel("Fat, %").fill("81");
  await page.getByLabel("Salt, %").fill("1.4");
  await page.getByLabel("Salt, %").press("Tab");
  await expect(page.getByTestId("water")).toContainText("leaves 17.6 % of water");
  await press(page.getByRole("button", { name: "Put it on the shelf" }), info);
  await expect(page.getByTestId("goods")).toContainText("Smoked butter of the island");

  await page.getByTestId("prices").getByLabel("A kilo").fill("5");
  await page.getByTestId("prices").getByLabel("A kilo").press("Tab");
  await press(page.getByRole("button", { name: "Set the price" }), info);
  await expect(page.getByText(/has its price/)).toBeVisible();

  await page.goto("/butter/write?like=citrus-butter");
  await expect(page.getByTestId("gives")).toContainText("Holds");
  await page.getByLabel("Name", { exact: true }).fill("Citrus butter of the quay");
  await page.getByLabel("Amount 1 whisked in, g").fill("60");
  await page.getByLabel("Amount 1 whisked in, g").press("Tab");
  await expect(page.getByTestId("gives")).toContainText("Thin");
  await page.getByLabel("Amount 1 whisked in, g").fill("160");
  await page.getByLabel("Amount 1 whisked in, g").press("Tab");
  await press(page.getByRole("button", { name: "Keep this sauce" }), info);
  await expect(page.getByRole("heading", { name: "Citrus butter of the quay" })).toBeVisible();
  await press(page.getByText("Schools side by side"), info);
  await expect(page.getByTestId("schools").locator("tbody tr")).toHaveCount(4);
  await press(page.getByRole("button", { name: "The base for 4 is made" }), info);
  await expect(page.getByText(/base kept with its days/)).toBeVisible();
  await expect(page.getByRole("button", { name: "4 covers are mounted" })).toBeEnabled();
  await page.waitForLoadState("networkidle");
  await press(page.getByRole("button", { name: "Something was added" }), info);
  await expect(page.getByLabel("Amount 1 of the tasting, g")).toBeVisible();
  await press(page.getByRole("button", { name: "4 covers are mounted" }), info);
  await expect(page.getByText(/is in the bain, its clock runs/)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId("taste")).toContainText("Last time: +2 g salt");

  await page.goto("/butter/shelf");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Lemon and caper butter");
  const prepare = page.getByTestId("prepare");
  await prepare.getByLabel("What", { exact: true }).click();
  await page.getByTitle("Garlic oil and confit garlic").click();
  await expect(prepare.getByTestId("hazard")).toContainText("botulism");
  await press(prepare.getByRole("button", { name: "It is made" }), info);
  await expect(page.getByText(/is on the shelf with its days/)).toBeVisible();

  await page.goto("/butter/reduce");
  await page.getByLabel("What is in it").fill("Wine for the evening");
  // an amount that cannot be hides the name for a moment and does not lose it
  await page.getByLabel("Reduce to, ml").fill("400");
  await expect(page.getByText(/There are only 300 ml in the pan/)).toBeVisible();
  await page.getByLabel("Reduce to, ml").fill("60");
  await page.getByLabel("Reduce to, ml").press("Tab");
  await press(page.getByRole("button", { name: "Put it on" }), info);
  const fire = page.getByTestId("fire").locator("li", { hasText: "Wine for the evening" });
  await expect(fire).toContainText("by the model");
  await page.goto("/stove/live");
  await expect(fire).toBeVisible();
  await press(fire.getByRole("button", { name: "Cancel this pan" }), info);
  await expect(fire).toHaveCount(0);
  await page.goto("/butter/amounts");
  await expect(page.getByTestId("reducedSalt")).toContainText("7.5 %");
  expect(complaints).toEqual([]);
});
