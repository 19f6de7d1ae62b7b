import { expect, test } from "@playwright/test";
import { expectedParts, findBreakdown } from "@/core/block";
import { findSpecies } from "@/core/species";
import { setScale } from "@/db/block/scales";
import { lotInHand, stockOnIce } from "@/db/lots/stock";
import { breakdownsSince } from "@/db/block/breakdowns";
import { childLots, lotsOnIce } from "@/db/lots/lots";
import { complaintsOf, houseDb, press, view } from "./house";

const lotOf = (speciesId: string, form: string) =>
  lotsOnIce(houseDb()).find((lot) => lot.speciesId === speciesId && lot.form === form && lot.parentId === null)!;

test("a whole flatfish to fillets and stock bones, weighed from the scale and by hand, then portions to the stove", async ({
  page,
}, info) => {
  test.setTimeout(240_000);
  const complaints = complaintsOf(page);
  await page.goto("/");
  await view(page, "Block", "3", info);
  const lot = lotOf("turbot", "whole-gutted");
  await press(page.locator(`a[data-lot="${lot.code}"]`), info);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Break down the turbot");
  await expect(page.getByTestId("board")).toContainText("blue board");
  const turbot = findSpecies("turbot")!;
  const parts = expectedParts(findBreakdown("flat-fillets")!, turbot, "whole-gutted");
  await expect(page.locator("[data-part]")).toHaveCount(parts.length);
  const wholeG = 2400;
  await page.getByLabel(/^On the block/).fill(String(wholeG));
  await page.getByLabel(/^On the block/).press("Tab");

  // the fillets from the scale, the bones typed
  const scale = setScale(houseDb(), "Block scale", { who: "Ylva", atMs: Date.now() });
  const sent = await page.request.post(`/api/scales/${scale.id}`, {
    headers: { authorization: `Bearer ${scale.key}` },
    data: { mass_g: 860, stable: true },
  });
  expect(sent.status()).toBe(201);
  const foreign = await page.request.post(`/api/scales/${scale.id}`, { data: { mass_g: 1, stable: true } });
  expect(foreign.status()).toBe(401);
  await press(page.getByRole("button", { name: /^1, Four fillets/ }), info);
  await expect(page.getByTestId("scale")).toContainText("860 g");
  await press(page.getByRole("button", { name: "Take it" }), info);
  await expect(page.getByLabel(/^Four fillets, skinless, g/)).toHaveValue("860");
  await page.getByLabel(/^Head, gills out, g/).fill("430");
  await page.getByLabel(/^Frame, g/).fill("640");
  await expect(page.getByTestId("loss")).toContainText("470 g");
  await press(page.getByRole("button", { name: "Write it down: 3 lots" }), info);
  await expect(page.getByText(/On ice as \d{4}-\d+\.\d+/)).toBeVisible();

  const kept = childLots(houseDb(), lot.id).slice(-3);
  expect(kept.map(({ massG, partUse }) => [massG, partUse])).toEqual([
    [860, "portions"],
    [430, "stock"],
    [640, "stock"],
  ]);
  expect(breakdownsSince(houseDb(), Date.now() - 60_000)[0]).toMatchObject({ wholeG, wayId: "flat-fillets" });

  // the bones lie on ice for stock, with a life
  await page.goto("/ice");
  const bones = page.locator(`a[data-part="${kept[2]!.code}"]`);
  await expect(bones).toContainText("stock and bisque");
  await expect(bones).toContainText("640 g");

  // the fillets to portions
  await page.goto(`/block/${kept[0]!.id}`);
  await page.getByLabel(/^Weight/).fill("860");
  await page.getByLabel(/^Portion, /).fill("140");
  await expect(page.getByTestId("portions")).toHaveText("6");
  await press(page.getByRole("button", { name: "Cut it so" }), info);
  await page.waitForURL(/\/stove\/[\w-]+$/);
  await page.locator('[data-testid$="-time"]').first().waitFor();
  expect(complaints).toEqual([]);
});

test("a salmonid side for a number of covers: two sides, tails folded, brined and tempered, carried to the stove", async ({
  page,
}, info) => {
  test.setTimeout(240_000);
  const complaints = complaintsOf(page);
  const trout = lotOf("ocean-trout", "side");
  await page.goto(`/block/${trout.id}`);
  await press(page.getByRole("button", { name: "Another side" }), info);
  await page.getByLabel("Covers, empty for all").fill("9");
  await page.getByLabel("Covers, empty for all").press("Tab");
  await expect(page.getByTestId("portions")).toHaveText("9");
  await expect(page.getByRole("list", { name: "Into the pan" })).toContainText("first in");
  await press(page.getByText("Bias 45°"), info);
  await expect(page.getByTestId("portions")).toHaveText("9");
  await press(page.getByRole("button", { name: "Cut it so" }), info);
  await page.waitForURL(/\/stove\/[\w-]+$/);
  const batchId = page.url().split("/").at(-1)!;

  await press(page.getByRole("link", { name: "Prepare the pieces" }), info);
  await press(page.getByRole("button", { name: "Brined" }), info);
  await press(page.getByRole("button", { name: "Tempered" }), info);
  await expect(page.getByTestId("prepared-piece")).toContainText("% salt");
  const startText = (await page.getByTestId("prepared-piece").innerText()).match(/([\d.]+) °C/)![1]!;
  expect(Number(startText)).toBeGreaterThan(3);
  await press(page.getByRole("button", { name: "Carry it to the stove" }), info);
  await page.waitForURL(`**/stove/${batchId}`);
  await expect(page.getByTestId("prepared")).toContainText("season no more");
  await page.getByTestId("pan-time").waitFor();
  const fishNow = page.getByLabel(/^Fish now/);
  await expect.poll(async () => Math.abs(Number(await fishNow.inputValue()) - Number(startText))).toBeLessThan(0.6);
  expect(complaints).toEqual([]);
});

test("a freeze-hold lot to a crudo plate, with the rule, the record and the advice written down", async ({
  page,
}, info) => {
  test.setTimeout(90_000);
  const complaints = complaintsOf(page);
  await page.goto("/");
  await view(page, "Raw", "4", info);
  const lot = lotOf("mackerel", "side");
  const before = lot.remainingG;
  const row = page.locator(`a[data-raw="${lot.code}"]`);
  await expect(row).toHaveAttribute("data-answer", "yes");
  await press(row, info);
  await expect(page.getByTestId("headline")).toContainText("Meets the parasite rule");
  await expect(page.locator('[data-check="parasites"]')).toContainText("frozen");
  await expect(page.getByTestId("record")).toContainText("freezing log");
  await expect(page.getByTestId("advisory")).toContainText("immune system is weak");
  await page.getByLabel("Covers").fill("5");
  await page.getByLabel("Covers").press("Tab");
  await press(page.getByRole("button", { name: "Serve 5 plates and write it down" }), info);
  await expect(page.getByText(/5 plates written down/)).toBeVisible();
  const left = lotInHand(houseDb(), lot.id, Date.now())!.row.remainingG;
  expect(before - left).toBeGreaterThan(250);
  await press(page.getByRole("link", { name: "The record of this lot in the book" }), info);
  await expect(page.getByText(/5 plates of \d+ g, raw/)).toBeVisible();
  expect(complaints).toEqual([]);
});

test("a refusal: a wild bass never frozen is not served raw, and the way to freeze it begins a hold with its estimate", async ({
  page,
}, info) => {
  test.setTimeout(90_000);
  const complaints = complaintsOf(page);
  const bass = stockOnIce(houseDb(), Date.now()).find(
    ({ row }) => row.speciesId === "sea-bass" && row.form === "whole-ungutted",
  )!;
  await page.goto(`/raw/${bass.id}`);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("not yet");
  await expect(page.getByTestId("headline")).toContainText("freeze it first");
  await expect(page.getByRole("button", { name: "Not before it meets the rule" })).toBeDisabled();
  await press(page.getByRole("link", { name: "Plan the freezing" }), info);
  await page.getByTestId("reach").waitFor();
  await expect(page.getByTestId("freeze-plan")).toContainText("-20 °C for 24 h");
  await press(page.getByRole("button", { name: "It goes in now: begin the hold" }), info);
  await page.waitForURL(`**/ice/${bass.id}`);
  await expect(page.getByTestId("hold-needs")).toContainText("by estimate, then probe it");

  // monkfish is never raw, and a freezer at -18 °C meets no rule
  const monk = lotOf("monkfish", "loin");
  await page.goto(`/raw/${monk.id}`);
  await expect(page.getByTestId("headline")).toContainText("not a species for raw plates");
  await page.goto("/raw/freeze");
  await page.getByTestId("reach").waitFor();
  await page.getByLabel(/^Air,/).fill("-18");
  await page.getByLabel(/^Air,/).press("Tab");
  await expect(page.getByText(/no option of .* can be met in this freezer/)).toBeVisible();
  expect(complaints).toEqual([]);
});
