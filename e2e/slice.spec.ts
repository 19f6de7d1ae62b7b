import { expect, test } from "@playwright/test";
import { planCuts, startingSide } from "@/core/block";
import { loadOf, openingOf, planSheet, type SheetRequest } from "@/core/cooking";
import { daysLeftAt, judgeAtDoor, lifeOnIceDays, schemeFor } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { listPlaces, readingsSince } from "@/db/house/places";
import { clockText, formatFor, lifeText } from "@/words/format/format";
import { complaintsOf, grade, houseDb, liftHand, press, view } from "./house";

const format = formatFor("metric");
const char = findSpecies("arctic-char")!;

test("one fish from the dock to the book, its figures held against the core's", async ({ page }, info) => {
  test.setTimeout(240_000);
  const complaints = complaintsOf(page);
  await page.goto("/");
  await expect(page.getByRole("region", { name: "Next" })).toBeVisible();

  // Dock
  await view(page, "Dock", "1", info);
  await page.getByLabel("Fish", { exact: true }).fill("röding");
  await page.locator(".ant-select-item-option").first().waitFor();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await expect(page.getByText("whole salmonid")).toBeVisible();
  await page.getByLabel("Supplier", { exact: true }).fill("Kvitlomma Ponds");
  await page.keyboard.press("Escape");
  await page.getByLabel("Area", { exact: true }).fill("Kvitlomma, land tanks");
  await page.getByLabel("Gear or rearing").fill("Land tank");
  await page.keyboard.press("Escape");
  await page.getByLabel("Boat or farm").fill(`Tank 7 ${info.project.name}`);
  await page.getByLabel("Weight, kg", { exact: true }).fill("5.5");
  await page.getByLabel("Price a kilo").fill("14.5");
  await page.getByLabel(/Probe at the door/).fill("1.8");
  const attributes = schemeFor(char, "whole-gutted").attributes;
  const grades = Object.fromEntries(attributes.map(({ id }, index) => [id, index === 1 ? 1 : 0] as const)) as Record<
    string,
    0 | 1
  >;
  for (const [index, { label }] of attributes.entries()) await grade(page, label, index === 1 ? 1 : 0, info);
  const judged = judgeAtDoor({
    species: char,
    form: "whole-gutted",
    grades,
    receiptC: 1.8,
    daysSinceCatch: null,
    ruleSetId: "eu-853",
  });
  expect(judged.verdict).toBe("accept");
  await expect(page.getByRole("complementary", { name: "Verdict" })).toContainText("Accept");
  await expect(page.getByTestId("reads-days")).toHaveText(String(Math.round(judged.reading.impliedIceDays)));
  await press(page.getByRole("button", { name: "Put on ice and keep the record" }), info);
  const kept = page.getByText(/On ice as \d{4}-\d+\./);
  await expect(kept).toBeVisible();
  const code = /\d{4}-\d+/.exec(await kept.innerText())![0];
  await press(page.getByRole("link", { name: "Open the lot" }), info);

  // Ice
  await expect(page.getByRole("heading", { name: `Arctic char ${code}` })).toBeVisible();
  const db = houseDb();
  const place = listPlaces(db).find(({ name }) => name === "Fish cold room")!;
  const placeC = readingsSince(db, place.id, Date.now()).at(-1)!.celsius;
  const left = daysLeftAt("temperate", lifeOnIceDays(char, "whole-gutted") - judged.reading.impliedIceDays, placeC);
  await expect(page.getByTestId("days-left")).toHaveText(lifeText(left! - 0.001));

  // Block
  await press(page.getByRole("link", { name: "Cut it at Block" }), info);
  const handles = page.getByRole("slider");
  await expect(handles).toHaveCount(5);
  const massG = Number(await page.getByLabel(/^Weight/).inputValue());
  let side = startingSide(char, massG);
  const first = handles.nth(1);
  const before = Number(await first.getAttribute("aria-valuenow"));
  if (info.project.name === "touch") {
    const box = (await first.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + 12);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y - 14, { steps: 4 });
    await page.mouse.up();
  } else {
    await first.focus();
    for (let times = 0; times < 4; times++) await page.keyboard.press("ArrowUp");
  }
  const thicknessMm = Number(await first.getAttribute("aria-valuenow"));
  expect(thicknessMm).toBeGreaterThan(before);
  side = {
    ...side,
    profile: side.profile.map((station, index) => (index === 1 ? { ...station, thicknessMm } : station)),
  };
  const cuts = planCuts({ side, portionG: char.portion.massG, toleranceG: 10, minPieceMm: 25 });
  await expect(page.getByTestId("portions")).toHaveText(String(cuts.portions));
  await expect(page.getByTestId("trim")).toHaveText(format.mass(cuts.trimG));
  await press(page.getByRole("button", { name: "Cut it so" }), info);

  // Stove
  await page.waitForURL(/\/stove\/[\w-]+$/);
  await page.getByTestId("pan-time").waitFor();
  const pieces = cuts.pieces.filter(({ role }) => role === "portion");
  const count = Math.min(pieces.length, 4);
  const load = loadOf(pieces, count)!;
  const { thicknessMm: cutMm, ...sizes } = load;
  const question: SheetRequest = {
    ...sizes,
    speciesId: char.id,
    methodId: "skin-then-oven",
    kit: {},
    shape: { kind: "slab", thicknessMm: cutMm },
    skin: true,
    startC: 8,
    panId: "steel-26",
    goal: openingOf(char).goal,
    pieces: count,
    ruleSetId: "eu-853",
  };
  const planned = planSheet(question);
  if (!planned.ok) throw new Error(planned.error.code);
  for (const stage of planned.value.stages) {
    await expect(page.getByTestId(`${stage.id}-time`)).toHaveText(clockText(stage.seconds));
    await expect(page.getByTestId(`${stage.id}-probe`)).toHaveText(format.temperature(stage.probeC));
  }
  await expect(page.getByTestId("peak")).toHaveText(format.temperature(planned.value.peakC));
  await expect(page.getByTestId("thinnest")).toContainText(format.temperature(planned.value.spread!.thinnest.peakC));
  await expect(page.getByText("Under the rule")).toBeVisible();
  // the calliper re-plans: thicker never cooks faster
  const jaw = page.getByRole("slider", { name: "Thickness at the thickest point" });
  await jaw.focus();
  await page.keyboard.press("ArrowUp");
  const thickerMm = Number(await jaw.getAttribute("aria-valuenow"));
  expect(thickerMm).toBeGreaterThan(cutMm);
  const replanned = planSheet({ ...question, shape: { kind: "slab", thicknessMm: thickerMm } });
  if (!replanned.ok) throw new Error(replanned.error.code);
  await expect(page.getByTestId("pan-time")).toHaveText(clockText(replanned.value.stages[0]!.seconds));
  expect(replanned.value.pullS).toBeGreaterThan(planned.value.pullS);

  // Live cook
  await press(page.getByRole("button", { name: "Start the cook" }), info);
  await page.waitForURL(/\/stove\/cook\//);
  await expect(page.getByRole("timer")).toBeVisible();
  await press(page.getByRole("button", { name: "+10 s" }), info);
  await page.reload();
  const stageS = replanned.value.stages[0]!.seconds + 10;
  const shown = (await page.getByTestId("clock").innerText()).split(":").map(Number);
  const shownS = shown[0]! * 60 + shown[1]!;
  expect(shownS).toBeGreaterThan(stageS - 30);
  expect(shownS).toBeLessThanOrEqual(Math.ceil(stageS));
  await press(page.getByRole("button", { name: "Pause" }), info);
  await expect(page.getByRole("button", { name: "Go on" })).toBeVisible();
  await press(page.getByRole("button", { name: "Go on" }), info);
  await expect(page.getByRole("button", { name: "Pause" })).toBeVisible();
  await press(page.getByRole("button", { name: /^Next: turn/ }), info);
  await expect(page.getByRole("button", { name: "Next: rest" })).toBeVisible();
  await liftHand(page);
  await press(page.getByRole("button", { name: "Next: rest" }), info);
  await expect(page.getByRole("button", { name: "Served" })).toBeVisible();
  const noted = Math.round(replanned.value.peakC);
  await press(page.getByRole("button", { name: `Note ${noted} °C` }), info);
  await expect(page.getByTestId("noted")).toContainText(`${noted} °C`);
  await press(page.getByRole("button", { name: "Served" }), info);
  await expect(page.getByTestId("record")).toContainText(`${noted}.0 °C`);

  // Book
  await press(page.getByRole("link", { name: "From this plate back to the boat" }), info);
  await expect(page.getByRole("heading", { name: /from boat to plate/ })).toContainText(code);
  await expect(page.getByText(`Tank 7 ${info.project.name}`)).toBeVisible();
  for (const what of ["Received", "Cut", "Cook started", "Probe", "Cooked"]) {
    await expect(page.getByTestId("entries").getByText(what, { exact: true })).not.toHaveCount(0);
  }
  await view(page, "Book", "9", info);
  await expect(page.getByTestId("chain")).toContainText("none is missing at the end");
  await expect(
    page
      .getByTestId("entries")
      .getByText(new RegExp(`${count} served, planned`))
      .first(),
  ).toBeVisible();
  expect(complaints).toEqual([]);
});

test("a bad lot is refused, kept on record, and never reaches the ice", async ({ page }, info) => {
  await page.goto("/dock");
  await page.getByLabel("Fish", { exact: true }).fill("merluza");
  await page.locator(".ant-select-item-option").first().waitFor();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
  await page.getByLabel("Supplier", { exact: true }).fill("Two Terns Fish");
  await page.keyboard.press("Escape");
  await page.getByLabel("Area", { exact: true }).fill("inner sound");
  await page.getByLabel("Gear or rearing").fill("Trawl");
  await page.keyboard.press("Escape");
  await page.getByLabel("Boat or farm").fill("Rype");
  await page.getByLabel("Weight, kg", { exact: true }).fill("4");
  await page.getByLabel("Price a kilo").fill("8");
  await page.getByLabel(/Probe at the door/).fill("2");
  await grade(page, "Gill smell decides alone", 3, info);
  const verdict = page.getByRole("complementary", { name: "Verdict" });
  await expect(verdict).toContainText("Refuse");
  await expect(verdict).toContainText("Gill smell: sour, ammonia, sulphur");
  await press(page.getByRole("button", { name: "Refuse and keep the record" }), info);
  const kept = page.getByText(/Refused and kept on record as \d{4}-\d+\./);
  await expect(kept).toBeVisible();
  const code = /\d{4}-\d+/.exec(await kept.innerText())![0];
  await page.goto("/ice");
  await expect(page.locator(`[data-lot="${code}"]`)).toHaveCount(0);
  await page.goto("/book");
  await expect(page.getByTestId("entries").getByText(new RegExp(`^${code} European hake`))).toBeVisible();
});
