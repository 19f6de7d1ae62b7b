/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { act, type ReactElement } from "react";
import { offNow } from "@/db/cards/bookings";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { checkLedger } from "@/db/ledger";
import { marksSince, pansSince, spotsOut } from "@/db/line/pans";
import { ticketsSince } from "@/db/line/tickets";
import type { Units } from "@/words/format/format";
import { t } from "@/words/line";
import { t as next } from "@/words/next";
import { t as ui } from "@/words/ui";
import { untilAnswered, clear, draw, press, said, type } from "../testkit/atTheForm.testkit";
import { inADemoHouse } from "../testkit/inTheHouse.testkit";
import { sendCourse } from "./actions";
import { AllDayCard } from "./AllDayCard";
import { AllergyLine } from "./tickets/AllergyLine";
import { Bell } from "./now/Bell";
import ClosePage from "./close/page";
import { Courses } from "./tickets/Courses";
import type { CourseView, LineLineView, WorkRow } from "./plan/lineView";
import { NowNext } from "./now/NowNext";
import { OvenOffer } from "./now/OvenOffer";
import LinePage from "./page";
import PassPage from "./pass/page";
import { WorkList } from "./now/WorkList";

jest.mock("@/server/pool", () => jest.requireActual("../testkit/inTheHouse.testkit").pool);

inADemoHouse();
afterEach(clear);

/** The screen of a tablet, as it stands when it is opened or hears news. */
const look = async (typed = "", units: Units = "metric") =>
  draw(units, await LinePage({ searchParams: Promise.resolve(typed === "" ? {} : { t: typed }) }));
const lookAtThePass = async () => draw("metric", await PassPage());

const labelled = (label: string | RegExp): HTMLButtonElement => {
  const all = [...document.querySelectorAll<HTMLButtonElement>("button[aria-label]")];
  const found = all.find((one) => {
    const name = one.getAttribute("aria-label")!;
    return typeof label === "string" ? name === label : label.test(name);
  });
  if (!found)
    throw new Error(`no ${String(label)} among ${all.map((one) => one.getAttribute("aria-label")).join(" | ")}`);
  return found;
};
const tap = (label: string | RegExp) =>
  act(async () => {
    labelled(label).click();
    await untilAnswered(600);
  });
const card = (id: string) => document.querySelector(`[data-testid="${id}"]`)?.textContent ?? "";
const ticket = (table: string) => ticketsSince(db(), 0).findLast((one) => one.table === table)!;
const first = (table: string) => ticket(table).courses[0]!;

describe("an evening as the tablets see it", () => {
  test("nothing is called: the first line says so, and what stands on hold starts nothing", async () => {
    await look();
    expect(card("now")).toContain(next("whatDoIStartNow"));
    await type(t("whatIsWanted"), "2 char 1 crudo t7");
    await press(t("takeThem"));
    expect(said()).toContain(t("ticketsTaken", { count: 1 }));
    await look();
    expect(card("course-t7")).toContain(t("onHold"));
    expect(card("now")).toContain(next("whatDoIStartNow"));
    expect(card("all-day")).toContain(t("holdCount"));
  });

  test("what cannot be read stays in the box with the reason, and no ticket is made of it", async () => {
    const before = ticketsSince(db(), 0).length;
    await look();
    await type(t("whatIsWanted"), "2 chaar");
    await press(t("takeThem"));
    expect(said()).toMatch(/t7|char|card/);
    expect(document.querySelector("textarea")!.value).toBe("2 chaar");
    expect(ticketsSince(db(), 0)).toHaveLength(before);
  });

  test("dishes and tables are tapped together to a ticket", async () => {
    await look();
    const box = document.querySelector("textarea")!.closest("section")!;
    const dish = box.querySelector<HTMLButtonElement>(`[aria-label^="${t("addOne", { name: "" }).trim()}"]`);
    await act(async () => dish!.click());
    await act(async () => labelled(t("addTable", { table: "t5" })).click());
    expect(document.querySelector("textarea")!.value.trim()).toMatch(/^1 \S+ t5$/);
  });

  test("away: it is promised, the board draws its bars, and the first line says what goes in and for whom", async () => {
    await look();
    await tap(`${t("away")}: t7`);
    expect(said()).toContain(t("isAway", { table: "t7" }));
    expect(first("t7").promisedAtMs).not.toBeNull();
    await look();
    expect(card("now")).toContain("t7");
    expect(card("course-t7")).toMatch(/\d\d:\d\d/);
    expect(card("proof")).toContain(t("everyMinuteIsTheStoves"));
    expect(card("work")).toContain("t7");
    expect(document.querySelectorAll("[data-movable]").length).toBeGreaterThan(0);
    // every bar lies on the board
    for (const bar of document.querySelectorAll<HTMLElement>("[data-kind][style]")) {
      const [left, width] = [bar.style.left, bar.style.width].map(Number.parseFloat);
      expect([left! >= -0.01, left! + width! <= 100.01, width! >= 0]).toEqual([true, true, true]);
    }
  });

  test("a tap on a bar says why it begins when it does; a finger may put it back to the plan's time", async () => {
    await look();
    const bar = document.querySelector<HTMLButtonElement>("[data-movable]")!;
    await act(async () => bar.click());
    expect(bar.getAttribute("aria-pressed")).toBe("true");
    expect(said()).toContain("t7 is up at");
    await press(t("letItGo"));
    expect(marksSince(db(), 0).filter(({ kind }) => kind === "put")).toEqual([]);
  });

  test("it is in: the clock runs, what was begun can be taken back and begun again, and then it is stepped on", async () => {
    await look();
    const begun = () => pansSince(db(), 0).length;
    const before = begun();
    await tap(new RegExp(`^${next("inThePan")}: Arctic char`));
    expect(said()).toContain(next("panIsBegun"));
    expect(begun()).toBe(before + 1);
    await look();
    expect(card("work")).toContain(t("toItsClock"));
    expect(card("course-t7")).not.toContain(t("holdIt"));
    // what is in a pan moves no more
    expect([...document.querySelectorAll("[data-begun=true]")].length).toBeGreaterThan(0);
    await tap(new RegExp(`^${next("nextStage")}: Arctic char`));
    expect(said()).toContain("Done:");
  });

  test("two tablets: what one has done meanwhile is refused to the other, with who it was", async () => {
    await look();
    const which = { ticketId: ticket("t7").id, course: 1 };
    expect(await sendCourse(which, "intention-of-the-pass")).toMatchObject({ ok: true });
    await tap(`${t("gone")}: t7`);
    expect(said()).toMatch(/It went already at \d\d:\d\d/);
    await look();
    expect(card("course-t7")).toContain("gone at");
    await tap(`${t("takeItBack")}: t7`);
    expect(first("t7").goneAtMs).toBeNull();
    await lookAtThePass();
    await tap(`${t("gone")}: t7`);
    expect(first("t7").goneAtMs).not.toBeNull();
  });

  test("an allergy: not called before it is changed by one and seen by another", async () => {
    await look("1 char no milk t9");
    await press(t("takeThem"));
    await look();
    expect(labelled(`${t("away")}: t9`).disabled).toBe(true);
    expect(card("course-t9")).toContain(t("blockedUntil", { list: "milk" }));
    await press(t("changeTheDish"));
    await look();
    const { swappedBy } = first("t9").lines[0]!;
    expect(card("course-t9")).toContain(t("seenWait", { who: swappedBy! }));
    const eyes = [...document.querySelectorAll("button")].filter(({ textContent }) => / saw it$/.test(textContent));
    expect(eyes.map(({ textContent }) => textContent)).not.toContain(t("seenBy", { who: swappedBy! }));
    await press(eyes[0]!.textContent);
    await look();
    expect(labelled(`${t("away")}: t9`).disabled).toBe(false);
    await tap(`${t("away")}: t9`);
    await lookAtThePass();
    expect(card("pass-t9")).toContain(t("noneOf", { list: "milk" }));
  });

  test("one more hand, one burner fewer: the line is planned anew and the house keeps it", async () => {
    await look();
    const before = findHouse(db())!.lineHands;
    await tap(`${t("oneMoreOf")}: ${t("handsAtTheLine")}`);
    expect(findHouse(db())!.lineHands).toBe(before + 1);
    await press(t("oneIsOut", { spot: "burner" }));
    expect(spotsOut(db()).get("burner")).toBe(1);
    await look();
    expect(card("station")).toContain(t("isOut", { count: 1 }));
    await press(t("worksAgain"));
    expect(spotsOut(db()).get("burner")).toBeUndefined();
  });

  test("a ticket is struck and the table comes back: it was the same ticket", async () => {
    await look("1 char t11");
    await press(t("takeThem"));
    await look();
    const { id } = ticket("t11");
    await tap(`${t("strikeTheTicket")}: t11`);
    expect(said()).toContain(t("isStruck", { table: "t11" }));
    await press(ui("undo"));
    await look();
    expect([ticket("t11").id, card("course-t11").includes(t("onHold"))]).toEqual([id, true]);
    await tap(`${t("strikeTheTicket")}: t11`);
    await look();
    expect(card("course-t11")).toBe("");
  });

  test("at close every batch is asked for once; what is missing wants a word", async () => {
    await draw("metric", await ClosePage());
    const row = document.querySelector('[data-testid="count-line"]')!;
    const booked = Number(/book says (\d+)/.exec(row.textContent)![1]);
    const field = row.querySelector("input")!;
    await type(field.getAttribute("aria-label")!, String(booked - 1));
    const keep = [...row.querySelectorAll("button")].find(({ textContent }) => textContent === t("keepTheCount"))!;
    expect(keep.disabled).toBe(true);
    expect(row.textContent).toContain(t("whatBecame", { count: 1 }));
    await act(async () => row.querySelector<HTMLInputElement>("input[type=radio]")!.click());
    expect(keep.disabled).toBe(false);
    await act(async () => {
      keep.click();
      await untilAnswered(500);
    });
    expect(said()).toContain(t("countIsKept", { missing: 1 }));
  });

  test("through all of it nothing was struck off by itself, and the book is whole", () => {
    expect(offNow(db())).toEqual([]);
    expect(checkLedger(db()).kind).toBe("whole");
  });
});

const NOW = Date.UTC(2026, 4, 12, 17);
const line = (part: Partial<LineLineView> = {}): LineLineView => ({
  id: "line",
  count: 2,
  name: "Arctic char",
  wishes: [],
  allergies: [],
  state: "free",
  swappedBy: null,
  seenBy: null,
  changes: "",
  again: false,
  brings: "",
  advisories: "",
  ...part,
});
const course = (part: Partial<CourseView> = {}): CourseView => ({
  ticketId: "ticket",
  course: 1,
  table: "t3",
  state: "called",
  calledAtMs: NOW - 60_000,
  upMs: NOW + 600_000,
  chancePct: 83,
  promisedMs: NOW + 600_000,
  lateMin: 0,
  guess: null,
  goneAtMs: null,
  goneBy: null,
  bellBy: null,
  begun: false,
  lines: [line()],
  ...part,
});
const row = (part: Partial<WorkRow> = {}): WorkRow => ({
  id: "row",
  panId: "pan",
  kind: "burner",
  dish: "Arctic char × 2",
  what: "skin down",
  tables: "t3",
  upMs: NOW + 600_000,
  startMs: NOW + 90_000,
  endMs: NOW + 390_000,
  begun: false,
  spot: "burner",
  ovenC: null,
  tap: { kind: "begin", panId: "pan" },
  why: "t3 is up soon.",
  pan: null,
  cookId: null,
  ...part,
});

describe("the words of a screen", () => {
  const told = async (part: ReactElement) => {
    await draw("metric", part);
    return said();
  };
  const tables = (...courses: readonly CourseView[]) => (
    <Courses courses={courses} staff={["Ylva", "Torben"]} serverNowMs={NOW} timeZone="Europe/Copenhagen" />
  );

  test.each([
    [{}, /19:10 10 min in time 8 times in 10/],
    [{ lateMin: 4 }, /4 min late/],
    [{ upMs: NOW - 1 }, /any moment/],
    [{ upMs: null, chancePct: null }, /when it is called/],
    [{ state: "hold", upMs: null }, /on hold, when it is called/],
    [{ state: "hold", guess: { fromMs: NOW + 900_000, toMs: NOW + 1_500_000 } }, /about 19:15 to 19:25, a guess/],
    [{ state: "gone", goneAtMs: NOW - 300_000, goneBy: "Maike" }, /gone at 18:55, Maike/],
    [{ course: 2 }, /course 2/],
  ] as readonly (readonly [Partial<CourseView>, RegExp])[])("a table that is %j", async (part, words) => {
    expect(await told(tables(course(part)))).toMatch(words);
  });

  test("of what went only the last few stay on the screen", async () => {
    const gone = Array.from({ length: 7 }, (_, at) =>
      course({ ticketId: `ticket ${at}`, table: `g${at}`, state: "gone", goneAtMs: NOW - at * 1000, goneBy: "Ylva" }),
    );
    await told(tables(...gone, course()));
    expect(document.querySelectorAll("article")).toHaveLength(5);
  });

  test("one cooked again says that the others of its table wait", async () => {
    expect(await told(tables(course({ begun: true, lines: [line(), line({ id: "again", again: true })] })))).toContain(
      t("othersWait", { table: "t3" }),
    );
  });

  test.each([
    [90_000, /in 1:30/],
    [5000, /Now/],
    [-120_000, /2:00 over/],
  ])("what hands do next, %i ms from now", async (startsIn, words) => {
    expect(
      await told(
        <NowNext
          hands={[row({ startMs: NOW + startsIn }), row({ id: "then", dish: "Turbot", startMs: NOW + 240_000 })]}
          called
          serverNowMs={NOW}
          timeZone="Europe/Copenhagen"
        />,
      ),
    ).toMatch(words);
    expect(said()).toMatch(/Then in \d:\d\d: Turbot/);
    expect(document.querySelector("[data-testid=now]")!.getAttribute("data-late")).toBe(String(startsIn < -30_000));
  });

  test("hands that have nothing to do just now are told so", async () => {
    const part = <NowNext hands={[]} called serverNowMs={NOW} timeZone="Europe/Copenhagen" />;
    expect(await told(part)).toContain(next("nothingForHands"));
  });

  test("the bell rings for tables that are up, once a table, and for none that was silenced", async () => {
    const up = { upMs: NOW - 1000, promisedMs: NOW - 1000 };
    expect(await told(<Bell courses={[course()]} serverNowMs={NOW} />)).not.toContain(t("silenceIt"));
    expect(await told(<Bell courses={[course({ ...up, bellBy: "Ylva" })]} serverNowMs={NOW} />)).not.toContain("is up");
    const both = [course(up), course({ ...up, ticketId: "other", table: "t4" })];
    expect(await told(<Bell courses={both} serverNowMs={NOW} />)).toMatch(/t3 is up: Silence.*t4 is up: Silence/);
  });

  test("all day: called and on hold apart, and what is short", async () => {
    const allDay = [
      { name: "Arctic char", called: 5, onHold: 3, short: { left: 6, by: 2 } },
      { name: "Turbot", called: 1, onHold: 0, short: null },
    ];
    expect(await told(<AllDayCard allDay={allDay} />)).toMatch(
      /Arctic char 5called3on holdonly 6 lie there: 2 shortTurbot 1called$/,
    );
    expect(await told(<AllDayCard allDay={[]} />)).toBe("");
  });

  test.each([
    ["blocked", { swappedBy: null }, t("blockedUntil", { list: "milk, nuts" }), "alert"],
    ["unseen", { swappedBy: "Ylva" }, t("seenWait", { who: "Ylva" }), "alert"],
    ["answered", { swappedBy: "Ylva", seenBy: "Torben" }, t("seenBoth", { first: "Ylva", second: "Torben" }), null],
  ] as const)("an allergy that is %s", async (state, part, words, role) => {
    const of = line({ allergies: ["milk", "nuts"], state, ...part });
    expect(await told(<AllergyLine line={of} staff={["Ylva", "Torben", "Maike"]} />)).toContain(words);
    expect(document.querySelector("[data-state]")!.getAttribute("role")).toBe(role);
    const eyes = [...document.querySelectorAll("[role=group] button")].map(({ textContent }) => textContent);
    expect(eyes).toEqual(state === "unseen" ? ["Torben saw it", "Maike saw it"] : []);
  });

  test("two heats of one oven: an offer where they meet, none where they do not", async () => {
    const oven = { meetC: 175, agreed: false, heat: "175 °C", dishes: "turbot takes 9:00 for 8:00", cannot: false };
    expect(await told(<OvenOffer oven={oven} />)).toContain(t("ovenAtOne"));
    expect(await told(<OvenOffer oven={{ ...oven, agreed: true }} />)).toContain(t("ovenEach"));
    await told(<OvenOffer oven={{ ...oven, cannot: true }} />);
    expect(document.querySelectorAll("button")).toHaveLength(0);
  });

  test("the list of work: what runs has its clock and may be lost, what follows has its tap, and no more than is read", async () => {
    const running = row({ id: "runs", begun: true, cookId: "cook", tap: null });
    expect(
      await told(
        <WorkList running={[running]} next={[row()]} more={3} serverNowMs={NOW} timeZone="Europe/Copenhagen" />,
      ),
    ).toContain(t("andMore", { count: 3 }));
    const items = [...document.querySelectorAll("li")].map(({ textContent }) => textContent);
    expect(items[0]).toContain(t("itIsLost"));
    expect(items[0]).toContain("6:30");
    expect(items[1]).toContain("1:30");
    expect(items[1]).not.toContain(t("itIsLost"));
    expect(document.querySelector("a")!.getAttribute("href")).toBe("/stove/cook/cook");
  });
});
