import AxeBuilder from "@axe-core/playwright";
import { expect, test, type Locator, type Page } from "@playwright/test";
import { and, eq, isNull } from "drizzle-orm";
import { plates } from "@/db/schema/cards";
import { ticketCourses, ticketLines, tickets } from "@/db/schema/line";
import { complaintsOf, houseDb, kitchen } from "./house";

const type = async (page: Page, text: string) => {
  await page.getByLabel("Tickets").fill(text);
  await page.getByLabel("Tickets").press("Enter");
  await expect(page.getByLabel("Tickets")).toHaveValue("");
};
const course = (page: Page, table: string) => page.getByTestId(`course-${table}`);

const strike = (page: Page, table: number) =>
  page.getByRole("button", { name: `Strike the ticket: t${table}`, exact: true });

/** Plates that went for a table, by the file of the house. */
const platesOf = (table: string): number => {
  const db = houseDb();
  return db
    .select({ id: plates.id })
    .from(plates)
    .innerJoin(ticketLines, eq(plates.lineId, ticketLines.id))
    .innerJoin(tickets, eq(ticketLines.ticketId, tickets.id))
    .where(eq(tickets.tableName, table))
    .all().length;
};

test("an evening at the line: on hold, away, one pan or two, an allergy, a dropped piece, a burner out, gone once from two tablets", async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const base = kitchen(baseURL);
  const complaints = complaintsOf(page);
  await page.goto(`${base}/line`);
  const now = page.getByTestId("now");
  await type(page, "2 char 1 turbot t7");
  await expect(course(page, "t7")).toContainText("on hold");
  await expect(now).toContainText("Nothing is called away");

  await type(page, "t7 away");
  // which goes first is the stove's: it hangs on how thick the pieces were cut
  await expect(now.getByRole("heading")).toContainText(/^(Turbot|Arctic char × 2), /);
  await expect(course(page, "t7")).toContainText(/\d\d:\d\d.*\d+ min.*in time \d+ times in 10/);

  await type(page, "3 char t4 away");
  await expect(page.getByTestId("all-day")).toContainText(/Arctic char\s*5\s*called/);
  await expect(page.getByTestId("all-day")).toContainText(/Turbot\s*1\s*called/);
  await expect(page.getByTestId("work")).toContainText(/One pan for 5|A pan of its own/);
  await expect(page.getByTestId("board")).toContainText("Hands");

  // Today says what service needs next
  await page.goto(`${base}/`);
  await expect(page.getByTestId("now")).toBeVisible();
  await page.getByRole("link", { name: "To the line" }).click();
  await expect(course(page, "t7")).toBeVisible();

  // an allergy starts nothing until it is changed by one and seen by another
  await type(page, "1 char no milk t9");
  const t9 = course(page, "t9");
  await expect(t9.getByRole("button", { name: "Away: t9" })).toBeDisabled();
  await t9.getByRole("button", { name: "Change it" }).click();
  await expect(t9).toContainText("A second pair of eyes");
  await expect(t9.getByRole("button", { name: "Away: t9" })).toBeDisabled();
  await t9.getByRole("button", { name: "saw it" }).first().click();
  await expect(t9).toContainText(/changed it, .* saw it/);
  await expect(t9.getByRole("button", { name: "Away: t9" })).toBeEnabled();

  // what is in the pan stays in it; one is dropped and cooked again
  await page
    .getByTestId("work")
    .getByRole("button", { name: /^It is in: Turbot/ })
    .first()
    .click();
  await expect(page.getByTestId("work").locator('li[data-begun="true"]')).toContainText("Turbot");
  await course(page, "t7").getByRole("button", { name: "Again: Turbot" }).click();
  await page.getByRole("menuitem", { name: "Dropped" }).click();
  await expect(course(page, "t7")).toContainText("once more");
  await expect(page.getByTestId("work").locator('li[data-begun="true"]')).toContainText("Turbot");
  await page.getByTestId("station").getByRole("button", { name: "One burner is out" }).click();
  await expect(page.getByTestId("station")).toContainText("Burners: 1 out");
  await page.getByTestId("station").getByRole("button", { name: "It works again" }).click();
  await expect(page.getByTestId("station")).not.toContainText("1 out");

  for (const path of ["/line", "/line/pass"]) {
    await page.goto(`${base}${path}`);
    await expect(page.getByText("t7").first()).toBeVisible();
    const { violations } = await new AxeBuilder({ page })
      .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
      .analyze();
    expect(
      violations.map(({ id, nodes }) => `${path} ${id}: ${nodes.map(({ target }) => target.join(" ")).join(" | ")}`),
    ).toEqual([]);
  }
  await page.goto(`${base}/line`);

  // two tablets call the same table gone: its plates are written once
  await page.reload();
  const other = await (await browser.newContext()).newPage();
  await other.goto(`${base}/line/pass`);
  await expect(other.getByTestId("pass-t4")).toContainText("Holds: fish, milk");
  await Promise.all([
    other.getByRole("button", { name: "Gone: t4" }).click(),
    course(page, "t4").getByRole("button", { name: "Gone: t4" }).click(),
  ]);
  await expect(other.getByTestId("pass-t4")).toHaveCount(0);
  await expect(course(page, "t4")).toContainText("gone at");
  expect(platesOf("t4")).toBe(3);
  // taken back and gone again they are the same plates
  await course(page, "t4").getByRole("button", { name: "Take back: t4" }).click();
  await course(page, "t4").getByRole("button", { name: "Gone: t4" }).click();
  await expect(course(page, "t4")).toContainText("gone at");
  expect(platesOf("t4")).toBe(3);

  await course(page, "t9").getByRole("button", { name: "Strike the ticket: t9" }).click();
  await expect(course(page, "t9")).toHaveCount(0);
  await page.getByRole("button", { name: "Lost: cook anew" }).first().click();
  await course(page, "t7").getByRole("button", { name: "Gone: t7" }).click();
  await expect(course(page, "t7")).toContainText("gone at");
  expect(complaints).toEqual([]);
});

test("a table's moment and a bar are dragged by keys; a wrong tap is taken back; one bell a table, silenced by name", async ({
  page,
  baseURL,
}) => {
  test.setTimeout(180_000);
  const base = kitchen(baseURL);
  const complaints = complaintsOf(page);
  await page.goto(`${base}/line`);
  await type(page, "2 char t6");
  // struck by mistake it stands again
  await strike(page, 6).click();
  await expect(course(page, "t6")).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(course(page, "t6")).toContainText("on hold");
  await course(page, "t6").getByRole("button", { name: "Away: t6" }).click();
  await expect(course(page, "t6")).toContainText("in time");

  const dragged = async (what: Locator, steps: number) => {
    await what.focus();
    await page.keyboard.press("Space");
    await expect(what).toHaveAttribute("data-moving", "true");
    // its keys are heard a moment after it is taken up
    const where = () => what.evaluate((one) => (one as HTMLElement).style.translate);
    const before = await where();
    await expect(async () => {
      await page.keyboard.press("ArrowRight");
      expect(await where()).not.toBe(before);
    }).toPass();
    for (let step = 1; step < steps; step++) await page.keyboard.press("ArrowRight");
    await page.keyboard.press("Space");
  };
  const mark = page.getByRole("button", { name: /^t6 up at/ });
  const upAt = await mark.getAttribute("aria-label");
  await dragged(mark, 8);
  await expect(page.getByText("The table's moment is moved")).toBeVisible();
  await expect(mark).not.toHaveAttribute("aria-label", upAt!);
  const bar = page.locator("[data-movable]").first();
  const startsAt = await bar.getAttribute("aria-label");
  await dragged(bar, 3);
  await expect(bar).not.toHaveAttribute("aria-label", startsAt!);

  // into the wrong pan: its pieces are back, and it is asked for again
  await page
    .getByTestId("work")
    .getByRole("button", { name: /^It is in: Arctic char/ })
    .first()
    .click();
  await expect(page.getByTestId("work").locator('li[data-begun="true"]')).toHaveCount(1);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByTestId("work").locator('li[data-begun="true"]')).toHaveCount(0);
  await expect(page.getByRole("button", { name: /^It is in: Arctic char/ }).first()).toBeVisible();

  // its moment comes: it rings until a hand says it heard
  const [{ ticketId }] = houseDb()
    .select({ ticketId: tickets.id })
    .from(tickets)
    .where(and(eq(tickets.tableName, "t6"), isNull(tickets.struckAtMs)))
    .all() as [{ ticketId: string }];
  houseDb()
    .update(ticketCourses)
    .set({ promisedAtMs: Date.now() - 1000 })
    .where(eq(ticketCourses.ticketId, ticketId))
    .run();
  await page.reload();
  await expect(page.getByTestId("bell")).toContainText("t6");
  await page.getByTestId("bell").getByRole("button", { name: /t6/ }).click();
  await expect(page.getByTestId("bell")).toHaveCount(0);
  const heard = houseDb().select().from(ticketCourses).where(eq(ticketCourses.ticketId, ticketId)).get();
  expect(heard?.bellBy).not.toBeNull();
  await course(page, "t6").getByRole("button", { name: "Hold: t6" }).click();
  await strike(page, 6).click();
  await expect(course(page, "t6")).toHaveCount(0);
  expect(complaints).toEqual([]);
});

test("twelve tickets by taps with a reload and a second tablet in the middle: nothing is lost, nothing done twice", async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(240_000);
  const base = kitchen(baseURL);
  const other = await (await browser.newContext({ hasTouch: true, viewport: { width: 834, height: 1112 } })).newPage();
  await other.goto(`${base}/line`);
  await page.goto(`${base}/line`);
  const before = houseDb().select().from(tickets).all().length;
  for (let table = 1; table <= 12; table++) {
    const tablet = table > 6 && table % 2 === 0 ? other : page;
    if (table === 6) await page.reload();
    await tablet.getByRole("button", { name: "One more: Atlantic mackerel" }).click();
    await tablet.getByRole("button", { name: `Table t${table}`, exact: true }).click();
    // a double tap is one ticket
    await tablet.getByRole("button", { name: "Take it" }).dblclick();
    await expect(tablet.getByLabel("Tickets")).toHaveValue("");
    await expect(strike(tablet, table)).toBeVisible();
  }
  await expect(strike(other, 1)).toBeVisible();
  await expect(strike(page, 12)).toBeVisible();
  expect(houseDb().select().from(tickets).all().length - before).toBe(12);
  await expect(page.getByTestId("all-day")).toContainText(/Atlantic mackerel\s*0\s*called\s*12\s*on hold/);
  for (let table = 1; table <= 12; table++) {
    await strike(page, table).click();
    await expect(strike(page, table)).toHaveCount(0);
  }
});

test("a till sends tickets with its key, twice is once; at close what is missing is asked once", async ({
  page,
  baseURL,
}) => {
  test.setTimeout(120_000);
  const complaints = complaintsOf(page);
  await page.goto("/line/close");
  await page.getByLabel("Its name").fill("Till one");
  await page.getByRole("button", { name: "New key" }).click();
  const said = await page.locator("code").textContent();
  const authorization = `Bearer ${said!.split("Bearer ")[1]!.trim()}`;
  const send = (data: object, key = authorization) =>
    page.request.post(`${baseURL}/api/tickets`, { data, headers: { authorization: key } });
  const order = { kind: "order", id: "4711", table: "t21", courses: [[{ card: "crudo", count: 2 }]] };
  expect((await send(order, "Bearer nothing")).status()).toBe(401);
  const first = await send(order);
  expect(first.status()).toBe(201);
  expect((await (await send(order)).json()).ticket).toBe((await first.json()).ticket);
  expect((await send({ ...order, id: "4712", courses: [[{ card: "unicorn", count: 1 }]] })).status()).toBe(422);
  expect((await send({ kind: "away", table: "t21" })).status()).toBe(201);
  expect((await send({ kind: "away", table: "t21" })).status()).toBe(409);
  await page.goto("/line");
  await expect(course(page, "t21")).toContainText("2 Atlantic mackerel");
  await course(page, "t21").getByRole("button", { name: "Gone: t21" }).click();
  await expect(course(page, "t21")).toContainText("gone at");

  await page.goto("/line/close");
  const line = page.getByTestId("count-line").first();
  const booked = Number(/the book says (\d+)/.exec((await line.textContent()) ?? "")![1]);
  await line.getByRole("spinbutton").fill(String(booked - 1));
  await expect(line.getByRole("button", { name: "Keep" })).toBeDisabled();
  await line.getByText("Staff ate it").click();
  await line.getByRole("button", { name: "Keep" }).click();
  await expect(page.getByTestId("count-line").first()).toContainText(
    `the book says ${booked - 1}; counted ${booked - 1} of ${booked}, staff ate the rest`,
  );
  expect(complaints).toEqual([]);
});
