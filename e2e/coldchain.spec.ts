import { expect, test, type Page, type TestInfo } from "@playwright/test";
import { edibleCost } from "@/core/block";
import { judgeAtDoor, schemeFor, usualForm, type Grade } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { lotsThrough, watchPlace } from "@/db/lots/excursions";
import { lotsIn } from "@/db/lots/lots";
import { listPlaces, readingsSince } from "@/db/house/places";
import { stockOnIce } from "@/db/lots/stock";
import { supplierRecord } from "@/db/lots/supplierRecord";
import { formatFor, hoursText } from "@/words/format/format";
import { complaintsOf, giveFile, grade, houseDb, press } from "./house";
import { inMetric } from "@/words/say";

const pick = async (page: Page, label: string, typed: string) => {
  await page.getByLabel(label, { exact: true }).fill(typed);
  await page.locator(".ant-select-item-option").first().waitFor();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("Enter");
};

const SIX = [
  { typed: "homard", id: "european-lobster", kg: 4.2, price: 36, probe: 6, worst: [0, 1], deaths: [8, 0] },
  { typed: "Muschel", id: "mussel", kg: 10, price: 4.4, probe: 5, worst: [2, 1], deaths: [100, 12] },
  { typed: "coquille", id: "king-scallop", kg: 6, price: 13, probe: 3, worst: null, deaths: [30, 0] },
  { typed: "rodungen", id: "turbot", kg: 8, price: 24, probe: 1.5, worst: [2, 1], deaths: null },
  { typed: "seppia", id: "cuttlefish", kg: 5, price: 9, probe: 2, worst: [0, 1], deaths: null },
  { typed: "MAC", id: "mackerel", kg: 6, price: 6, probe: 2, worst: null, deaths: null },
] as const;

async function fillLot(page: Page, lot: (typeof SIX)[number], info: TestInfo): Promise<void> {
  const species = findSpecies(lot.id)!;
  await pick(page, "Fish", species.scientificName);
  await page.getByLabel("Weight, kg", { exact: true }).fill(String(lot.kg));
  await page.getByLabel("Price a kilo").fill(String(lot.price));
  await page.getByLabel(/Probe at the door/).fill(String(lot.probe));
  await page.getByLabel("Area", { exact: true }).fill("FAO 27.4.a");
  await page.getByLabel("Gear or rearing").fill("By hand");
  await page.keyboard.press("Escape");
  await page.getByLabel("Boat or farm").fill("Dykand");
  if (lot.deaths) {
    await page.getByLabel("Looked at").fill(String(lot.deaths[0]));
    await page.getByLabel("Dead or gaping").fill(String(lot.deaths[1]));
    await page.keyboard.press("Tab");
  }
  const scheme = schemeFor(species, usualForm(species));
  if (lot.worst) await grade(page, scheme.attributes[lot.worst[0]]!.label, lot.worst[1], info);
  await page.getByRole("button", { name: /^The rest / }).click();
}

test("a van of six lots: judged one by one, five on ice, one back, figures as the core's", async ({ page }, info) => {
  test.setTimeout(240_000);
  const complaints = complaintsOf(page);
  await page.goto("/dock");
  await page.getByLabel("Supplier", { exact: true }).fill("Six Lot Quay");
  await page.keyboard.press("Escape");
  for (const [index, lot] of SIX.entries()) {
    if (index > 0) await page.getByRole("button", { name: "Another lot" }).click();
    await fillLot(page, lot, info);
    const species = findSpecies(lot.id)!;
    const form = usualForm(species);
    const grades = Object.fromEntries(
      schemeFor(species, form).attributes.map(({ id }, place) => [
        id,
        (lot.worst?.[0] === place ? lot.worst[1] : 0) as Grade,
      ]),
    );
    const deaths = lot.deaths ? { counted: lot.deaths[0], dead: lot.deaths[1] } : null;
    const judged = judgeAtDoor({
      species,
      form,
      grades,
      deaths,
      receiptC: lot.probe,
      daysSinceCatch: null,
      ruleSetId: "eu-853",
    });
    const panel = page.getByRole("complementary", { name: "Verdict" });
    const words = { accept: "Accept", "cook-only": "For cooking only", refuse: "Refuse" };
    await expect(panel).toContainText(words[judged.verdict]);
    await expect(page.getByTestId("reads-days")).toHaveText(String(Math.round(judged.reading.impliedIceDays)));
    await expect(page.getByTestId("edible-cost")).toHaveText(
      formatFor("metric", "EUR").money(edibleCost(species, form, lot.price * 100)!.centsPerEdibleKg),
    );
    for (const { text } of judged.reasons.slice(0, 2)) await expect(panel).toContainText(inMetric(text));
  }
  await press(page.getByRole("button", { name: "5 on ice, refuse 1" }), info);
  const note = page.getByText(/On ice as .* Refused and kept on record as /);
  await expect(note).toBeVisible();
  const db = houseDb();
  const record = supplierRecord(db, "Six Lot Quay");
  expect(record).toMatchObject({ lots: 6, refused: 1 });
  await page.goto("/ice?find=six+lot");
  await expect(page.locator("[data-lot]")).toHaveCount(5);
  await page.goto("/dock/suppliers");
  const card = page.getByRole("region", { name: "Six Lot Quay" });
  await expect(card.getByText("Refused").locator("..")).toContainText("1");
  await expect(card.getByText("Days gone at the door").locator("..")).toContainText(record.meanIceDays!.toFixed(1));
  const csv = await (await page.request.get("/api/export/deliveries.csv")).text();
  expect(csv.match(/Six Lot Quay/g)).toHaveLength(5);
  const epcis = (await (await page.request.get("/api/export/epcis.jsonld")).json()) as {
    epcisBody: { eventList: unknown[] };
  };
  expect(JSON.stringify(epcis)).toContain("Homarus gammarus");
  expect(complaints).toEqual([]);
});

test("from tailgate to verdict in under forty seconds for a supplier that is known", async ({ page }, info) => {
  await page.goto("/dock");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  const startedMs = Date.now();
  await pick(page, "Supplier", "Kvitlomma");
  // what came last time is a tap, and says that it is from then
  await press(page.locator("p", { hasText: "Last time also:" }).getByRole("button").first(), info);
  await expect(page.getByTestId("taken-over")).toContainText("As last time");
  await expect(page.getByLabel("Boat or farm")).toHaveValue(/Kvitlomma/);
  await page.getByLabel("Weight, kg", { exact: true }).fill("4");
  await page.getByLabel(/Probe at the door/).fill("1.4");
  await press(page.getByRole("button", { name: "The rest as caught" }), info);
  await press(page.getByRole("button", { name: "Put on ice and keep the record" }), info);
  await expect(page.getByText(/On ice as \d{4}-\d+\./)).toBeVisible();
  // the machine's own part of it; nine actions of a practised hand fit beside
  expect(Date.now() - startedMs).toBeLessThan(40_000);
});

test("an excursion day: what lay there, what it lost, what was done, in the book", async ({ page }, info) => {
  const complaints = complaintsOf(page);
  const db = houseDb();
  const place = listPlaces(db).find(({ name }) => name === "Pass drawer")!;
  await page.goto("/ice/places");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Pass drawer was out of limits");
  await press(page.locator('[data-place="Pass drawer"]'), info);
  const nowMs = Date.now();
  const [excursion] = watchPlace(db, place, "eu-853", nowMs - 7 * DAY_MS, nowMs).excursions;
  const touched = lotsThrough(db, place.id, excursion!, nowMs);
  const card = page.getByRole("region", { name: /^Excursion/ });
  await expect(card.getByTestId("excursion-hours")).toHaveText(
    hoursText((excursion!.toMs - excursion!.fromMs) / 3_600_000),
  );
  for (const { lot, effect } of touched) {
    const row = card.locator(`[data-lot="${lot.code}"]`);
    await expect(row.getByTestId("life-lost")).toHaveText(hoursText(effect.lostIceDays * 24));
  }
  expect(touched.length).toBeGreaterThan(0);
  // a reading that is claimed is asked for; one that is too warm is written down and answers nothing
  const was = card.getByRole("group", { name: "What was done" });
  await press(was.getByRole("button", { name: "Closed it and probed the fish" }), info);
  const note = was.getByRole("button", { name: "Note the reading" });
  await expect(note).toBeDisabled();
  await was.getByLabel(/Warmest fish/).fill("7,5");
  await expect(was.getByText("Not cold enough")).toBeVisible();
  await press(note, info);
  await expect(card.getByText(/probed the fish, warmest 7.5 °C/)).toBeVisible();
  await page.goto("/");
  const alert = page.getByRole("region", { name: "Fridge alerts" }).getByRole("link", { name: /Pass drawer/ });
  await expect(alert).toBeVisible();
  // what is said to be moved is moved
  await press(alert, info);
  const there = lotsIn(db, place.id).length;
  expect(there).toBeGreaterThan(0);
  await press(card.getByRole("button", { name: "Move what lies there" }), info);
  await card.getByRole("combobox", { name: "Where to" }).press("ArrowDown");
  await page.getByTitle("Fish cold room", { exact: true }).click();
  await card.getByLabel("In your words").fill("Drawer seal was torn");
  await press(card.getByRole("button", { name: /^Move \d lots? to Fish cold room/ }), info);
  await expect(card.getByText(/moved what lay there to Fish cold room; Drawer seal was torn/)).toBeVisible();
  expect(lotsIn(db, place.id)).toEqual([]);
  await page.goto("/book");
  await expect(
    page
      .getByTestId("entries")
      .getByText(/Pass drawer reached .*Drawer seal was torn/)
      .first(),
  ).toBeVisible();
  expect(complaints).toEqual([]);
});

test("a place of its own: a logger's file with a bad line, and a sensor with its key", async ({
  page,
  request,
}, info) => {
  await page.goto("/ice/places");
  await page.getByLabel("Name").fill("Terrace drawer");
  await press(page.getByRole("button", { name: "Add the place" }), info);
  await expect(page.locator('[data-place="Terrace drawer"]')).toBeVisible();
  await page.goto((await page.locator('[data-place="Terrace drawer"]').getAttribute("href"))!);
  const day = new Date(Date.now() - 2 * DAY_MS).toISOString().slice(0, 10).split("-").reverse().join(".");
  const rows = Array.from(
    { length: 24 },
    (_, hour) => `${day} ${String(hour).padStart(2, "0")}:00;${hour >= 10 && hour < 14 ? "9,5" : "2,0"}`,
  );
  const text = ["Datum;Temp °C", ...rows.slice(0, 12), "kaputt;7", ...rows.slice(12)].join("\n");
  await giveFile(page, "Choose a CSV file", { name: "logger.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await expect(page.getByTestId("logger")).toContainText("24 readings");
  await expect(page.getByTestId("logger")).toContainText("Line 14: the time cannot be read");
  await press(page.getByRole("button", { name: "Take the 24 good rows" }), info);
  const card = page.getByRole("region", { name: /^Excursion/ });
  await expect(card).toContainText("9.5 °C");
  await expect(card).toContainText("No lot lay there.");
  await press(page.getByRole("button", { name: "Make a key" }), info);
  const key = (await page.getByTestId("device-key").innerText()).trim();
  const placeId = page.url().split("/").at(-1)!.split("?")[0]!;
  const body = { readings: [{ at: new Date().toISOString(), celsius: 2.4 }] };
  const send = (bearer: string) =>
    request.post(`/api/places/${placeId}/readings`, { headers: { authorization: `Bearer ${bearer}` }, data: body });
  expect((await send("wrong")).status()).toBe(401);
  expect(await (await send(key)).json()).toEqual({ added: 1, known: 0 });
  expect(await (await send(key)).json()).toEqual({ added: 0, known: 1 });
  const bad = await request.post(`/api/places/${placeId}/readings`, {
    headers: { authorization: `Bearer ${key}` },
    data: { readings: [{ at: "now", celsius: 1 }] },
  });
  expect([bad.status(), ((await bad.json()) as { error: { path: string } }).error.path]).toEqual([
    422,
    "readings.0.at",
  ]);
  await page.reload();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Terrace drawer at 2.4 °C");

  // months of a logger are one file
  const fromMs = Date.now() - 60 * DAY_MS;
  const months = Array.from(
    { length: 60_000 },
    (_, index) => `${new Date(fromMs + index * 60_000).toISOString()},${(2 + Math.sin(index / 90)).toFixed(2)}`,
  );
  const buffer = Buffer.from(["time,celsius", ...months].join("\n"));
  expect(buffer.byteLength).toBeGreaterThan(1_500_000);
  await giveFile(page, "Choose a CSV file", { name: "months.csv", mimeType: "text/csv", buffer });
  await expect(page.getByTestId("logger")).toContainText(/60.?000 readings/, { timeout: 20_000 });
});

test("a hold from the lot to Today and the calendar; a part split off keeps the chain; a paper is kept", async ({
  page,
  request,
}, info) => {
  const db = houseDb();
  const lot = stockOnIce(db, Date.now()).find(({ row }) => row.speciesId === "mackerel" && row.massG === 4800)!;
  await page.goto(`/ice/${lot.id}`);
  await press(page.getByRole("button", { name: "Begin a hold" }), info);
  await page.getByText("Cure", { exact: true }).click();
  await page.getByLabel("Hours").fill("12");
  await press(page.getByRole("button", { name: "Begin", exact: true }), info);
  await expect(page.getByTestId("hold-needs")).toContainText("12 h more in the cure");
  const calendar = await (await request.get("/api/holds.ics")).text();
  expect(calendar).toContain(`Cure: Atlantic mackerel ${lot.row.code}`);
  await page.goto("/ice/holds");
  await expect(page.getByRole("region", { name: `Hold of ${lot.row.code}`, exact: true })).toContainText("12 h more");

  await page.goto(`/ice/${lot.id}`);
  await page.getByText("Split", { exact: true }).click();
  await page.getByLabel(/Weight of the part/).fill("0.8");
  await page.getByLabel("For what").fill("crudo");
  await press(page.getByRole("button", { name: "Split it off" }), info);
  await expect(page.getByRole("heading", { level: 1 })).toContainText(`${lot.row.code}.1`);
  await expect(page.getByText("carried over from the lot it was taken from")).toBeVisible();
  await expect(page.getByText("800 g of 800 g left")).toBeVisible();

  const send = async (name: string, bytes: Buffer) => {
    await giveFile(page, "Add a paper or a picture", { name, mimeType: "application/pdf", buffer: bytes });
  };
  await send("landing.pdf", Buffer.from("just words, no PDF"));
  await expect(page.getByText("Only PDF, PNG, JPEG and WebP are kept.")).toBeVisible();
  await send("landing.pdf", Buffer.from("%PDF-1.4\n1 0 obj\n<<>>\nendobj\ntrailer\n<<>>\n%%EOF\n"));
  const link = page.getByRole("link", { name: /landing\.pdf/ });
  await expect(link).toBeVisible();
  const file = await request.get((await link.getAttribute("href"))!);
  expect([file.headers()["content-type"], file.headers()["x-content-type-options"]]).toEqual([
    "application/pdf",
    "nosniff",
  ]);
});

test("a delivery file: the bad row is named, the good ones wait on the desk for eyes and nose", async ({
  page,
}, info) => {
  await page.goto("/dock/files");
  const head =
    "supplier,species,form,production,area,gear,source,weight_kg,stated_weight_kg,price_per_kg,receipt_c,caught_on";
  const good = (species: string) =>
    `File Quay,${species},whole-gutted,wild,FAO 27.4.a,Longline,Rype,9.5,10,8.5,1.2,2026-01-02`;
  const text = [head, good("torsk"), good("kraken"), good("Scophthalmus maximus")].join("\n");
  await giveFile(page, "Choose a delivery file", { name: "van.csv", mimeType: "text/csv", buffer: Buffer.from(text) });
  await expect(page.getByTestId("bad-rows")).toContainText("Line 3: species: nothing is called “kraken”");
  await press(page.getByRole("button", { name: "Take the 2 good ones" }), info);
  await expect(page.getByLabel("Weight, kg", { exact: true })).toHaveValue(/^9\.5/);
  await expect(page.getByTestId("short")).toContainText("5.0 % short of the paper");
  // an old date on a fresh-looking fish: the table of ice life refuses it
  await press(page.getByRole("button", { name: "The rest as caught" }), info);
  await expect(page.getByRole("complementary", { name: "Verdict" })).toContainText("Refuse");
});

test("tomorrow's covers against the ice, and a species of the house", async ({ page }, info) => {
  await page.goto("/ice/tomorrow");
  await pick(page, "Fish", "Salvelinus");
  await page.getByLabel("Covers").fill("900");
  await press(page.getByRole("button", { name: "Count on it" }), info);
  const row = page.locator('[data-need="arctic-char"]');
  await expect(row).toContainText("900 × Arctic char, cooked");
  await expect(row.getByTestId("short")).toBeVisible();

  await page.goto("/dock/species");
  await page.getByLabel("Most like").fill("Ling");
  await page.keyboard.press("Enter");
  await page.getByLabel("Name", { exact: true }).fill("Greater forkbeard");
  await page.getByLabel("Scientific name").fill("Phycis blennoides");
  await page.getByLabel("Family", { exact: true }).fill("Phycidae");
  await page.getByLabel("Other names").fill("es:brótola, fr:phycis");
  await press(page.getByRole("button", { name: "Add it to the library" }), info);
  await expect(page.getByText("Greater forkbeard can be received now.")).toBeVisible();
  await page.goto("/dock");
  await pick(page, "Fish", "brotola");
  await expect(page.getByText("whole round fish")).toBeVisible();
});

test("a logger's year is read with its progress; stopped in the middle it says what is kept, and the same file brings the rest", async ({
  page,
}) => {
  test.setTimeout(180_000);
  const freezer = listPlaces(houseDb()).find(({ kind }) => kind === "freezer")!;
  const rows = 60_000;
  const startMs = Date.UTC(2024, 0, 1);
  const line = (index: number) => `${new Date(startMs + index * 120_000).toISOString()},-20.${index % 10}`;
  const buffer = Buffer.from(["time,celsius", ...Array.from({ length: rows }, (_, index) => line(index))].join("\n"));
  const choose = () => giveFile(page, "Choose a CSV file", { name: "year.csv", mimeType: "text/csv", buffer });
  const kept = () => readingsSince(houseDb(), freezer.id, startMs - 1, startMs + rows * 120_000).length;
  await page.goto(`/ice/places/${freezer.id}`);
  // the reader's script is lost on its way: another is asked for
  let asked = 0;
  await page.route(/turbopack-worker/, (route) => (++asked === 1 ? route.abort() : route.continue()));
  await choose();
  await expect(page.getByTestId("logger")).toContainText(String(rows), { timeout: 60_000 });
  expect(asked).toBe(2);
  // every part is held up a little, so that there is time to stop it
  await page.route("**/ice/places/*", async (route) => {
    await new Promise((go) => setTimeout(go, 500));
    await route.continue();
  });
  await page.getByRole("button", { name: /^Take/ }).first().click();
  await expect(page.getByRole("progressbar")).toBeVisible();
  await expect(page.getByText(/[1-5]0000 of 60000 readings kept/)).toBeVisible();
  await page.getByRole("button", { name: "Stop" }).click();
  await expect(page.getByText(/of 60000 readings are kept; the same file again brings the rest/)).toBeVisible();
  expect(kept()).toBeGreaterThan(0);
  expect(kept()).toBeLessThan(rows);
  await page.unrouteAll({ behavior: "wait" });
  await choose();
  await page.getByRole("button", { name: /^Take/ }).first().click();
  await expect(page.getByText(/readings came in, \d+ were there already/)).toBeVisible({ timeout: 30_000 });
  expect(kept()).toBe(rows);
});
