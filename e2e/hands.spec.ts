import { expect, test, type Locator, type Page } from "@playwright/test";
import { eq } from "drizzle-orm";
import { findSpecies } from "@/core/species";
import { listPlaces, readingsSince } from "@/db/house/places";
import { lastLotsOf } from "@/db/lots/lots";
import { fishLots, suppliers } from "@/db/schema/lots";
import { complaintsOf, houseDb, kitchen, press } from "./house";

test.use({ viewport: { width: 834, height: 1112 }, hasTouch: true });

const cold = () => listPlaces(houseDb()).find(({ kind }) => kind === "cold-room")!;
const lastReading = () => readingsSince(houseDb(), cold().id, Date.now() - 600_000, Date.now() + 1000).at(-1);

/** A tap takes the whole of the field; what is typed then is all there is. */
async function typeOver(page: Page, field: Locator, text: string): Promise<void> {
  await field.tap();
  await page.keyboard.type(text);
}

test("a comma is a comma: 1,5 is kept as 1.5, 35 in a cold room is asked back, and nothing is done meanwhile", async ({
  page,
  baseURL,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${kitchen(baseURL)}/ice/places/${cold().id}`);
  const field = page.getByRole("spinbutton", { name: /^It reads/ });
  const note = page.getByRole("button", { name: "Note it" });
  await typeOver(page, field, "35");
  await expect(field).toHaveValue("35");
  await expect(page.getByText(/^Usual is/)).toBeVisible();
  await expect(note).toBeDisabled();
  await page.getByRole("button", { name: "Set it so" }).tap();
  await expect(page.getByText(/^Not done yet: look at “It reads/)).toBeVisible();
  await typeOver(page, field, "1,5");
  await expect(field).toHaveValue("1,5");
  await note.tap();
  await expect.poll(() => lastReading()?.celsius).toBe(1.5);
  // leaving the field it stands as the house writes it
  await expect(field).toHaveValue("1.5");
  // a field in the units of the house does not round what is typed under the hand
  await page.goto(`${kitchen(baseURL)}/stove/try?species=cod`);
  const fishNow = page.getByRole("spinbutton", { name: /^Fish now/ });
  await typeOver(page, fishNow, "4,5");
  await expect(fishNow).toHaveValue("4,5");
  await page.getByRole("heading", { level: 1 }).tap();
  await expect(fishNow).toHaveValue("4.5");
  expect(complaints).toEqual([]);
});

test("what could be two numbers is asked back, what is out of range stays with its reason, a fish that is none is no fish", async ({
  page,
  baseURL,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${kitchen(baseURL)}/dock`);
  const fish = page.getByRole("combobox", { name: "Fish" });
  await fish.tap();
  await page.keyboard.type("sea b");
  await page.getByRole("spinbutton", { name: /^Weight, / }).tap();
  // sea bass or sea bream: nobody has said
  await expect(page.getByText("Choose a fish from the list.")).toBeVisible();
  await expect(fish).toHaveValue("sea b");
  await fish.tap();
  await page.keyboard.type("sea bass");
  await page.keyboard.press("Enter");
  await expect(fish).toHaveValue("European sea bass");
  await expect(page.getByText("Choose a fish from the list.")).toHaveCount(0);

  const weight = page.getByRole("spinbutton", { name: /^Weight, / });
  await typeOver(page, weight, "1,200");
  await expect(page.getByText("Which of them?")).toBeVisible();
  await page.getByRole("button", { name: "Yes, 1.2", exact: true }).tap();
  await expect(weight).toHaveValue("1.2");
  await typeOver(page, weight, "4,5");
  await typeOver(page, page.getByRole("spinbutton", { name: /^Probe at the door/ }), "45");
  await expect(page.getByText(/^Usual is/)).toBeVisible();
  await typeOver(page, page.getByRole("spinbutton", { name: /^Probe at the door/ }), "-x");
  await expect(page.getByText("That is no number.")).toBeVisible();
  await expect(weight).toHaveValue("4.5");

  // left and reloaded the half-filled van is here again, and says so
  await page.getByRole("navigation", { name: "Views" }).getByRole("link", { name: "Ice" }).tap();
  await page.waitForURL("**/ice");
  await page.goto(`${kitchen(baseURL)}/dock`);
  await expect(page.getByText(/^What was half done at/)).toBeVisible();
  await expect(page.getByRole("combobox", { name: "Fish" })).toHaveValue("European sea bass");
  await expect(page.getByRole("spinbutton", { name: /^Weight, / })).toHaveValue("4.5");
  await page.getByRole("button", { name: "Start over" }).tap();
  await expect(page.getByRole("combobox", { name: "Fish" })).toHaveValue("");
  await page.reload();
  await expect(page.getByRole("combobox", { name: "Fish" })).toBeVisible();
  await expect(page.getByText(/^What was half done at/)).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test("a supplier's last delivery lends what is of the same fish, marked until a hand says it is so", async ({
  page,
  baseURL,
}) => {
  const complaints = complaintsOf(page);
  await page.goto(`${kitchen(baseURL)}/dock`);
  const fish = page.getByRole("combobox", { name: "Fish" });
  const from = houseDb().select().from(fishLots).where(eq(fishLots.speciesId, "cod")).all().at(-1)!;
  const supplier = houseDb().select().from(suppliers).where(eq(suppliers.id, from.supplierId)).get()!.name;
  await page.getByRole("combobox", { name: "Supplier" }).tap();
  await page.keyboard.type(supplier.slice(0, 6));
  await page.keyboard.press("Enter");
  // of a fish nobody has named nothing is copied
  await expect(page.getByTestId("taken-over")).toHaveCount(0);
  await expect(fish).toHaveValue("");
  const last = lastLotsOf(houseDb(), supplier).at(-1)!;
  const name = findSpecies(last.speciesId)!.name;
  await fish.tap();
  await page.keyboard.type(name);
  await page.keyboard.press("Enter");
  await expect(page.getByTestId("taken-over")).toContainText("As last time");
  await page.getByTestId("taken-over").getByRole("button", { name: "It is so" }).tap();
  await expect(page.getByTestId("taken-over")).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test("ordered at the order desk, expected at the dock: one tap a line, the scale and the probe say the rest", async ({
  page,
  baseURL,
}, info) => {
  test.setTimeout(90_000);
  const complaints = complaintsOf(page);
  await page.goto(`${kitchen(baseURL)}/block/order`);
  const place = page.getByTestId("place-order");
  const supplier = `Kvitlomma Ponds ${info.project.name}`;
  // more than ever lies there
  await page.getByLabel("Covers booked").fill("400");
  await page.keyboard.press("Tab");
  await place.getByLabel("From", { exact: true }).fill(supplier);
  await place.getByLabel("Comes on").selectOption({ index: 0 });
  await press(place.getByRole("button", { name: /^Order \d/ }), info);
  await expect(page.getByTestId("to-come")).toContainText(supplier);
  await page.goto(`${kitchen(baseURL)}/dock`);
  const row = page.getByTestId("expected").locator("li", { hasText: supplier });
  await press(row.getByRole("button", { name: "It is here" }), info);
  await expect(page.getByLabel("Supplier", { exact: true })).toHaveValue(supplier);
  await expect(page.getByLabel("Fish", { exact: true })).toHaveValue(/char/i);
  await expect(page.getByLabel("Price a kilo")).toHaveValue(/14/);
  await page.getByLabel("Weight, kg", { exact: true }).fill("6.1");
  await page.getByLabel(/Probe at the door/).fill("1.4");
  await page.getByLabel("Area", { exact: true }).fill("Kvitlomma, land tanks");
  await page.getByLabel("Gear or rearing").fill("Land tank");
  await page.getByLabel("Boat or farm").fill("Tank 3");
  await press(page.getByRole("button", { name: "The rest as caught" }), info);
  await press(page.getByRole("button", { name: /Put on ice/ }), info);
  await expect(page.getByText(/On ice as/)).toBeVisible();
  await expect(row).toHaveCount(0);
  expect(complaints).toEqual([]);
});
