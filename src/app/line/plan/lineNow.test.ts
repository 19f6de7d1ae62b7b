import { todayIn } from "@/calendar/days";
import { dishOf } from "@/core/cards";
import { spotsOfMethod } from "@/core/cooking";
import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import { refuse, valueOf } from "@/core/shared";
import { DAY_MS, MINUTE_MS } from "@/core/units";
import { strikeCard } from "@/db/cards/bookings";
import { cardSpecs, findCard, keepCard } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { seeLine, swapLine } from "@/db/line/lines";
import { markDone } from "@/db/line/pans";
import { callCourse, findTicket, openTicket, strikeTicket } from "@/db/line/tickets";
import { courseKey } from "@/house/line/ticket";
import { saturday } from "@/standins/ticketModel";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/line";
import { inADemoHouse } from "../../testkit/inTheHouse.testkit";
import { callableCards, cardChips, lineNow, ovenMark } from "./lineState";
import { lineView } from "./lineView";

jest.mock("@/server/pool", () => jest.requireActual("../../testkit/inTheHouse.testkit").pool);

inADemoHouse();

const NOW = Date.now();
const by = (who: string) => ({ who, atMs: NOW });
const today = () => todayIn(findHouse(db())!.timeZone, NOW);
const now = () => lineNow(db(), findHouse(db())!, NOW);

type Wanted = { readonly cardId: string; readonly count?: number; readonly allergies?: readonly AllergenId[] };

/** A ticket of one course; answers with its lines. */
function table(name: string, wanted: readonly Wanted[]) {
  const dishes = wanted.map(({ cardId, count = 1, allergies = [] }) => ({ cardId, count, allergies, wishes: [] }));
  const { ticketId } = openTicket(
    db(),
    { day: today(), table: name, courses: [dishes], source: "typed" },
    by("Anu"),
    NOW - DAY_MS,
  );
  return { ticketId, lines: findTicket(db(), ticketId)!.courses.at(-1)!.lines };
}
const away = (ticketId: string) =>
  callCourse(db(), ticketId, 1, { wantedAtMs: null, promisedAtMs: NOW + 20 * MINUTE_MS }, by("Anu"));
const answer = (lineId: string) => {
  valueOf(swapLine(db(), lineId, [], by("Anu")));
  valueOf(seeLine(db(), lineId, by("Ylva")));
};
const wiped: string[] = [];
afterEach(() => {
  for (const id of wiped.splice(0)) strikeTicket(db(), id, by("Anu"));
});
const wipedAfter = <T extends { readonly ticketId: string }>(one: T): T => {
  wiped.push(one.ticketId);
  return one;
};

describe("an allergy on a ticket", () => {
  // Regulation (EU) No 1169/2011, Annex II: 2 crustaceans, 4 fish, 7 milk, 14 molluscs; which animal is which is a fact of the trade
  test.each<readonly [cardId: string, holds: AllergenId]>([
    ["char", "fish"],
    ["char", "milk"],
    ["turbot", "fish"],
    ["cod", "fish"],
    ["cod", "molluscs"],
    ["mussels", "molluscs"],
    ["crudo", "fish"],
  ])("%s holds %s, and its line says so", async (cardId, holds) => {
    const { lines } = wipedAfter(table(`x-${cardId}-${holds}`, [{ cardId, allergies: [holds] }]));
    const { lines: seen } = await now();
    expect(seen.get(lines[0]!.id)!.still).toEqual([holds]);
  });

  test("of every card and every allergen: what is not known to be free of it still stands", async () => {
    const cards = cardSpecs(db(), today());
    for (const id of ALLERGEN_IDS)
      wipedAfter(
        table(
          `all-${id}`,
          cards.map(({ cardId }) => ({ cardId, allergies: [id] })),
        ),
      );
    const { lines, world } = await now();
    let stood = 0;
    for (const { line, card, still } of lines.values()) {
      if (line.allergies.length === 0) continue;
      const [id] = line.allergies;
      const free = dishOf(card.spec, world).allergens[id!] === "free";
      expect([card.cardId, id, still.length]).toEqual([card.cardId, id, free ? 0 : 1]);
      stood += still.length;
    }
    expect(stood).toBeGreaterThan(cards.length);
  });

  test("an open one is not called; answered by two pairs of eyes it starts only where the dish is free of it", async () => {
    const { ticketId, lines } = wipedAfter(
      table("two-eyes", [
        { cardId: "char", allergies: ["peanuts"] },
        { cardId: "char", allergies: ["fish"] },
      ]),
    );
    expect(away(ticketId)).toEqual(refuse("allergyOpen"));
    const [free, holds] = lines;
    expect(swapLine(db(), free!.id, [], by("Anu")).ok && seeLine(db(), free!.id, by("Anu"))).toEqual(
      refuse("sameEyes"),
    );
    answer(free!.id);
    answer(holds!.id);
    valueOf(away(ticketId));
    const line = await now();
    expect(line.lines.get(free!.id)!.still).toEqual([]);
    expect(line.dishes.map(({ lineId, alone }) => [lineId, alone])).toEqual([[free!.id, true]]);
  });

  test("changed once more after it was called, it waits for the second pair of eyes again", async () => {
    const { ticketId, lines } = wipedAfter(table("again", [{ cardId: "char", allergies: ["lupin"] }]));
    answer(lines[0]!.id);
    valueOf(away(ticketId));
    const started = async () => (await now()).dishes.some(({ lineId }) => lineId === lines[0]!.id);
    expect(await started()).toBe(true);
    valueOf(swapLine(db(), lines[0]!.id, [], by("Ylva")));
    expect(await started()).toBe(false);
    valueOf(seeLine(db(), lines[0]!.id, by("Anu")));
    expect(await started()).toBe(true);
  });
});

describe("what stands on the line", () => {
  test("a ticket's lines stand as they were called, and what is added stands below", () => {
    const called = ["turbot", "char", "mussels", "cod", "crudo", "char", "turbot"];
    const wanted = called.map((cardId) => ({ cardId }));
    const { ticketId } = wipedAfter(table("in order", wanted));
    const again = table("in order", [{ cardId: "cod" }, { cardId: "char" }]);
    expect(again.ticketId).toBe(ticketId);
    const { courses } = findTicket(db(), ticketId)!;
    expect(courses.map(({ lines }) => lines.map(({ cardId }) => cardId))).toEqual([called, ["cod", "char"]]);
  });

  test("on hold nothing is to be cooked; called, every line of it is, for the moment that was promised", async () => {
    const { ticketId, lines } = wipedAfter(
      table("moment", [
        { cardId: "char", count: 2 },
        { cardId: "crudo", count: 1 },
      ]),
    );
    expect((await now()).dishes).toEqual([]);
    valueOf(away(ticketId));
    const { dishes, courses, plans } = await now();
    expect(dishes.map(({ lineId, count }) => [lineId, count])).toEqual(lines.map(({ id, count }) => [id, count]));
    expect(courses).toEqual([{ id: courseKey(ticketId, 1), dueS: 20 * 60 }]);
    // raw fish has no plan at the stove, and is none the less on the line
    expect(plans.get(lines[0]!.id)!.plan!.serveS).toBeGreaterThan(60);
    expect(plans.get(lines[1]!.id)!.plan).toBeNull();
  });

  test("what is struck off is neither called nor tapped, and comes back with its card", () => {
    const names = () => callableCards(db(), today()).map(({ cardId }) => cardId);
    const chips = (off: readonly string[]) => cardChips(db(), today(), new Set(off)).map(({ cardId }) => cardId);
    valueOf(strikeCard(db(), "cod", "none came", by("Anu")));
    expect([names().includes("cod"), chips(["cod"]).includes("cod")]).toEqual([false, false]);
    expect(strikeCard(db(), "cod", "none came", by("Anu"))).toEqual(refuse("soAlready"));
    valueOf(strikeCard(db(), "cod", null, by("Anu")));
    expect([names().includes("cod"), chips([]).includes("cod")]).toEqual([true, true]);
  });

  test("two cards of one fish are told apart by their whole names, one of a fish by its fish", () => {
    const before = cardChips(db(), today(), new Set()).find(({ cardId }) => cardId === "char")!;
    expect(before.name).toBe("Arctic char");
    keepCard(db(), "char-smoked", { ...findCard(db(), "char")!.spec, name: "Char under hay" }, by("Anu"));
    const names = cardChips(db(), today(), new Set()).filter(({ cardId }) => cardId.startsWith("char"));
    expect(names.map(({ name }) => name)).toEqual(
      expect.arrayContaining(["Char under hay", "Arctic char, skin on, dill and browned whey butter"]),
    );
    const off = cardChips(db(), today(), new Set(["char-smoked"])).find(({ cardId }) => cardId === "char")!;
    expect(off.name).toBe("Arctic char");
  });

  test("the special of another evening is on the line only while it stands on a ticket", async () => {
    const yesterday = todayIn(findHouse(db())!.timeZone, NOW - DAY_MS);
    keepCard(db(), "special", { ...findCard(db(), "turbot")!.spec, name: "Of the day", onlyOn: yesterday }, by("Anu"));
    const there = async () => (await now()).cards.some(({ cardId }) => cardId === "special");
    expect(await there()).toBe(false);
    const { ticketId } = table("past midnight", [{ cardId: "special" }]);
    expect(await there()).toBe(true);
    strikeTicket(db(), ticketId, by("Anu"));
    expect(await there()).toBe(false);
  });

  test("dishes that want the oven at two heats meet at one the cooks agree on, and only then are planned by it", async () => {
    const heat = (cardId: string) =>
      spotsOfMethod(findCard(db(), cardId)!.spec.piece.methodId!).flatMap(({ ovenC }) => ovenC ?? []);
    const hot = cardSpecs(db(), today()).filter(({ cardId, spec }) => spec.piece.methodId && heat(cardId).length > 0);
    const pair = hot.flatMap((one) =>
      hot.flatMap((other) => (heat(one.cardId)[0]! < heat(other.cardId)[0]! ? [[one.cardId, other.cardId]] : [])),
    )[0];
    const wanted = pair ?? ["monkfish", "monkfish"];
    const { ticketId } = wipedAfter(
      table(
        "oven",
        wanted.map((cardId) => ({ cardId })),
      ),
    );
    valueOf(away(ticketId));
    const { oven } = await now();
    if (!pair) {
      expect(oven).toBeNull();
      return;
    }
    expect(oven!.agreed).toBe(false);
    expect(oven!.meetC).toBeGreaterThanOrEqual(heat(pair[0]!)[0]!);
    expect(oven!.meetC).toBeLessThanOrEqual(heat(pair[1]!)[0]!);
    markDone(db(), ovenMark(oven!.meetC), true, today(), by("Anu"));
    const agreed = await now();
    expect(agreed.oven!.agreed).toBe(true);
    expect(agreed.dishes.every(({ ovenC }) => ovenC === undefined || ovenC === oven!.meetC)).toBe(true);
    markDone(db(), ovenMark(oven!.meetC), false, today(), by("Anu"));
    expect((await now()).oven!.agreed).toBe(false);
  });
});

test("a rush called all at once with one pair of hands has a plan that begins now, and says what waits too long", async () => {
  const orders = saturday(24, 1).flatMap(({ message }) => (message.kind === "order" ? [message] : []));
  for (const { table: name, courses } of orders.slice(0, 6))
    for (const dishes of courses) {
      const { ticketId } = table(
        `rush-${name}`,
        dishes.map(({ card: cardId, count }) => ({ cardId, count })),
      );
      wiped.push(ticketId);
      findTicket(db(), ticketId)!.courses.forEach(({ course }) =>
        callCourse(db(), ticketId, course, { wantedAtMs: null, promisedAtMs: null }, by("Anu")),
      );
    }
  const house = findHouse(db())!;
  const view = await lineView(db(), house, NOW, formatFor(house.units, house.currency, house.decimalMark));
  expect(view.problem).not.toBe(t("tooBusy"));
  expect(view.rows.length).toBeGreaterThan(40);
  expect(Math.min(...view.rows.map(({ startMs }) => startMs)) - NOW).toBeLessThan(MINUTE_MS);
  // all of it, one after the other, would be done by then
  expect(Math.max(...view.rows.map(({ endMs }) => endMs)) - NOW).toBeLessThan(180 * MINUTE_MS);
  expect(view.problem).toMatch(/, .*, .* and \d+ more wait up to [\d:]+ longer than they should/);
});
