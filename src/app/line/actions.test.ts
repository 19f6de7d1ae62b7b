import { batchesToCook } from "@/db/block/batches";
import { findCard, keepCard } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { checkLedger } from "@/db/ledger";
import { pansSince } from "@/db/line/pans";
import { plates } from "@/db/schema/cards";
import { ticketsSince } from "@/db/line/tickets";
import { actionLaws } from "../testkit/actionLaws.testkit";
import { inADemoHouse, request } from "../testkit/inTheHouse.testkit";
import {
  addSender,
  agreeOven,
  beginThePan,
  callAway,
  cookOnceMore,
  countTheClose,
  holdBack,
  losePan,
  markWork,
  moveServe,
  putTheBar,
  sayHands,
  saySpot,
  saySpotCount,
  seeAllergy,
  sendCourse,
  silence,
  stepThePan,
  strikeOne,
  undoPan,
  unstrikeOne,
  swapForAllergy,
  takeBackCourse,
  typeTickets,
} from "./actions";
import { findHouse } from "@/db/house/house";
import { liveLine } from "./plan/liveLine";

jest.mock("@/server/pool", () => jest.requireActual("../testkit/inTheHouse.testkit").pool);

inADemoHouse();

let asked = 0;
const ask = async <T>(action: (input: unknown, intention: unknown) => Promise<T>, input: unknown): Promise<T> =>
  action(input, `intention-${String(++asked).padStart(12, "0")}`);
const done = async (action: (input: unknown, intention: unknown) => Promise<{ ok: boolean }>, input: unknown) => {
  const answer = await ask(action, input);
  if (!answer.ok) throw new Error(JSON.stringify(answer));
};
const refusal = async (action: (input: unknown, intention: unknown) => Promise<unknown>, input: unknown) =>
  JSON.stringify(await ask(action, input));
const ticket = (table: string) => ticketsSince(db(), 0).findLast((one) => one.table === table)!;
const course = (table: string, number = 1) => ({ ticketId: ticket(table).id, course: number });
const line = (table: string, at = 0) => ticket(table).courses[0]!.lines[at]!.id;
const live = () => liveLine(db(), findHouse(db())!, houseNowMs());
const goneFor = (lineId: string) =>
  db()
    .select()
    .from(plates)
    .all()
    .filter((plate) => plate.lineId === lineId);

test("a piece that is dropped after its pan is done is no plate of the table: the one cooked again is", async () => {
  await done(typeTickets, { text: "1 char t8 away" });
  const { id: panId, stages } = (await live()).line.pans.find(({ cardId }) => cardId === "char")!;
  await done(beginThePan, { panId });
  for (const index of stages.keys()) await done(stepThePan, { panId, index });
  const { cookId } = pansSince(db(), 0).find(({ id }) => id === panId)!;
  const ofCook = () =>
    db()
      .select()
      .from(plates)
      .all()
      .filter((plate) => plate.cookId === cookId);
  expect(ofCook().map(({ state }) => state)).toEqual(["gone"]);
  await done(cookOnceMore, { lineId: line("t8"), count: 1, reason: "dropped" });
  expect(ofCook().map(({ state }) => state)).toEqual(["back"]);
  await done(sendCourse, course("t8"));
  const went = ticket("t8").courses[0]!.lines.flatMap(({ id }) => goneFor(id));
  expect(went).toHaveLength(1);
  expect(went[0]!.cookId).not.toBe(cookId);
}, 120_000);

test("an evening: on hold it starts nothing; away it is planned and promised; begun stays begun; gone is gone once", async () => {
  await done(typeTickets, { text: "2 char 1 crudo t7 \n 1 cod t4" });
  expect((await live()).line.work).toEqual([]);
  await done(callAway, { ...course("t7"), inMin: null });
  expect(ticket("t7").courses[0]!.promisedAtMs).toBeGreaterThan(houseNowMs());
  expect(await refusal(callAway, { ...course("t7"), inMin: null })).toContain("called already");

  const planned = (await live()).line.pans.find(({ cardId }) => cardId === "char")!;
  await done(beginThePan, { panId: planned.id });
  // into the wrong pan: taken back its pieces are on the ice, and the same pan is asked for again
  await done(undoPan, { panId: planned.id });
  expect(await refusal(undoPan, { panId: planned.id })).toContain("too long ago");
  expect((await live()).line.work.some(({ begun }) => begun)).toBe(false);
  await done(beginThePan, { panId: planned.id });
  const pan = (await live()).line.pans.find(({ begun }) => begun)!;
  expect(await refusal(beginThePan, { panId: pan.id })).toContain("begun already");
  expect(await refusal(holdBack, course("t7"))).toContain("in a pan already");
  expect(await refusal(strikeOne, { ticketId: ticket("t7").id })).toContain("in a pan already");
  const kept = pansSince(db(), 0).find(({ id }) => id === pan.id)!;
  // the pieces are cut: the clock is the stove's, and the pieces are off the ice
  expect(kept.cookId).not.toBeNull();
  await done(stepThePan, { panId: pan.id, index: 0 });
  expect(await refusal(stepThePan, { panId: pan.id, index: 0 })).toContain("Another hand");
  await done(typeTickets, { text: "t4 away" });
  const running = (await live()).line.work.filter(({ begun }) => begun);
  expect(running.map(({ panId }) => panId)).toEqual([pan.id]);

  await done(cookOnceMore, { lineId: line("t7"), count: 1, reason: "dropped" });
  expect(ticket("t7").courses[0]!.lines.filter(({ recookOf }) => recookOf !== null)).toHaveLength(1);
  const [char] = ticket("t7").courses[0]!.lines.filter(({ cardId, recookOf }) => cardId === "char" && !recookOf);
  await done(sendCourse, course("t7"));
  expect(await refusal(sendCourse, course("t7"))).toContain("went already");
  expect(goneFor(char!.id)).toHaveLength(2);
  await done(takeBackCourse, course("t7"));
  expect(goneFor(char!.id).every(({ state }) => state === "up")).toBe(true);
  await done(sendCourse, course("t7"));
  expect(goneFor(char!.id)).toHaveLength(2);
  expect(checkLedger(db()).kind).toBe("whole");
}, 120_000);

test("an allergy is not called, not planned and not sent until it is changed by one and seen by another", async () => {
  await done(typeTickets, { text: "1 char no milk t9; 1 char no fish t10" });
  expect(await refusal(callAway, { ...course("t9"), inMin: null })).toContain("allergy is not answered");
  expect(await refusal(seeAllergy, { lineId: line("t9"), by: "Torben" })).toContain("not changed yet");
  // a fish without fish is another dish
  expect(await refusal(swapForAllergy, { lineId: line("t10") })).toContain("Offer another dish");
  await done(swapForAllergy, { lineId: line("t9") });
  const { swappedBy } = ticket("t9").courses[0]!.lines[0]!;
  expect(await refusal(seeAllergy, { lineId: line("t9"), by: swappedBy })).toContain("Another pair of eyes");
  expect(await refusal(seeAllergy, { lineId: line("t9"), by: "Nobody" })).toContain("Nobody in the house");
  expect(await refusal(callAway, { ...course("t9"), inMin: null })).toContain("allergy is not answered");
  await done(seeAllergy, { lineId: line("t9"), by: ["Torben", "Ylva"].find((name) => name !== swappedBy) });
  await done(callAway, { ...course("t9"), inMin: null });
  expect((await live()).line.work.some(({ work }) => work.kind === "clean")).toBe(true);
  await done(sendCourse, course("t9"));
  const [plate] = goneFor(line("t9"));
  expect(plate!.allergens!.milk).toBe("free");
  // what is changed and told again is answered again
  const { id: t10 } = ticket("t10");
  await done(strikeOne, { ticketId: t10 });
  await done(unstrikeOne, { ticketId: t10 });
  expect(ticket("t10").id).toBe(t10);
  await done(strikeOne, { ticketId: t10 });
}, 120_000);

test("a burner out is planned anew and comes back; a moment is moved; a pan that is lost is cooked anew", async () => {
  await done(typeTickets, { text: "1 turbot t2 away" });
  const upMs = (await live()).plan!.serves[0]!.upMs;
  await done(saySpot, { kind: "burner", out: true });
  expect((await live()).state.out.get("burner")).toBe(1);
  await done(saySpot, { kind: "burner", out: false });
  expect(await refusal(saySpot, { kind: "burner", out: false })).toContain("works already");
  await done(moveServe, { ...course("t2"), wantedAtMs: upMs + 1_800_000 });
  expect((await live()).plan!.serves.at(-1)!.upMs).toBeGreaterThanOrEqual(upMs + 1_800_000 - 30_000);
  const panId = (await live()).line.pans.find(({ cardId }) => cardId === "turbot")!.id;
  await done(putTheBar, { panId, startMs: houseNowMs() + 60_000 });
  await done(putTheBar, { panId, startMs: null });
  await done(beginThePan, { panId });
  await done(losePan, { panId });
  expect((await live()).line.pans.find(({ cardId }) => cardId === "turbot")!.begun).toBeNull();
  await done(beginThePan, { panId });
  expect(pansSince(db(), 0).filter(({ cardId }) => cardId === "turbot")).toHaveLength(2);
  await done(sendCourse, course("t2"));
}, 120_000);

test("the oven wanted at 170 and 180 is offered at 175 with the stove's minutes for it, and set so when agreed", async () => {
  const { spec } = findCard(db(), "cod")!;
  const card = (name: string, methodId: "parcel" | "skin-then-oven") => ({
    ...spec,
    name,
    piece: { ...spec.piece, methodId, crispSkin: methodId !== "parcel", schoolId: undefined },
  });
  const stamp = { who: "Ylva", atMs: houseNowMs() };
  keepCard(db(), "parcel", card("Cod in a parcel", "parcel"), stamp);
  keepCard(db(), "roast", card("Cod from the oven", "skin-then-oven"), stamp);
  await done(typeTickets, { text: "1 parcel 1 roast t3 away" });
  const heats = async () =>
    new Set((await live()).line.pans.flatMap(({ stages }) => stages.flatMap(({ ovenC }) => ovenC ?? [])));
  expect(await heats()).toEqual(new Set([170, 180]));
  const { oven } = await live();
  expect(oven).toMatchObject({ meetC: 175, agreed: false });
  for (const { wasS, nowS } of oven!.dishes) expect(Math.abs(nowS! - wasS)).toBeGreaterThan(0);
  await done(agreeOven, { ovenC: 175, agreed: true });
  expect(await heats()).toEqual(new Set([175]));
  expect((await live()).oven!.agreed).toBe(true);
  await done(agreeOven, { ovenC: 175, agreed: false });
  expect(await heats()).toEqual(new Set([170, 180]));
  await done(strikeOne, { ticketId: ticket("t3").id });
}, 120_000);

const batch = () => batchesToCook(db(), 0)[0]!;
const free = () => batch().portions.filter(({ cookId }) => cookId === null).length;
const nothing = { ticketId: "no-such-ticket", course: 1 };
actionLaws(
  {
    typeTickets: {
      action: typeTickets,
      good: () => ({ text: "1 crudo t1" }),
      refused: [() => ({ text: "1 unicorn t1" }), /No dish of the card/],
    },
    callAway: {
      action: callAway,
      good: () => ({ ...course("t1"), inMin: 20 }),
      refused: [() => ({ ...nothing, inMin: null }), /struck or gone/],
    },
    moveServe: {
      action: moveServe,
      good: () => ({ ...course("t1"), wantedAtMs: houseNowMs() + 1_500_000 }),
      refused: [() => ({ ...nothing, wantedAtMs: 1 }), /struck or gone/],
      silent: true,
    },
    silence: { action: silence, good: () => course("t1"), refused: [() => nothing, /struck or gone/], silent: true },
    swapForAllergy: {
      action: swapForAllergy,
      good: () => null,
      refused: [() => ({ lineId: "none" }), /no longer on a ticket/],
    },
    seeAllergy: {
      action: seeAllergy,
      good: () => null,
      refused: [() => ({ lineId: "none", by: "Ylva" }), /no longer/],
    },
    cookOnceMore: {
      action: cookOnceMore,
      good: () => ({ lineId: line("t1"), count: 1, reason: "back" }),
      refused: [() => ({ lineId: line("t1"), count: 9, reason: "dropped" }), /More than there are/],
    },
    beginThePan: { action: beginThePan, good: () => null, refused: [() => ({ panId: "none" }), /plan has changed/] },
    stepThePan: {
      action: stepThePan,
      good: () => null,
      refused: [() => ({ panId: "none", index: 0 }), /plan has changed/],
    },
    undoPan: { action: undoPan, good: () => null, refused: [() => ({ panId: "none" }), /plan has changed/] },
    losePan: { action: losePan, good: () => null, refused: [() => ({ panId: "none" }), /plan has changed/] },
    markWork: { action: markWork, good: () => ({ taskId: "x.sauce", done: true }), silent: true },
    putTheBar: { action: putTheBar, good: () => ({ panId: "x", startMs: houseNowMs() }), silent: true },
    agreeOven: { action: agreeOven, good: () => ({ ovenC: 175, agreed: true }), silent: true },
    saySpot: {
      action: saySpot,
      good: () => ({ kind: "fryer", out: true }),
      refused: [() => ({ kind: "oven", out: false }), /works already/],
    },
    saySpotCount: { action: saySpotCount, good: () => ({ kind: "burner", count: 6 }) },
    sayHands: { action: sayHands, good: () => ({ hands: 2 }) },
    holdBack: { action: holdBack, good: () => course("t1"), refused: [() => nothing, /struck or gone/] },
    sendCourse: { action: sendCourse, good: () => null, refused: [() => nothing, /struck/] },
    takeBackCourse: { action: takeBackCourse, good: () => null, refused: [() => nothing, /struck/] },
    strikeOne: {
      action: strikeOne,
      good: () => ({ ticketId: ticket("t1").id }),
      refused: [() => ({ ticketId: "none" }), /struck or gone/],
    },
    unstrikeOne: {
      action: unstrikeOne,
      good: () => null,
      refused: [() => ({ ticketId: "none" }), /struck or gone/],
    },
    countTheClose: {
      action: countTheClose,
      good: () => ({ batchId: batch().id, counted: free() - 1, became: "plate" }),
      refused: [() => ({ batchId: batch().id, counted: free() + 3, became: null }), /More than the book/],
    },
    addSender: { action: addSender, good: () => ({ name: "Till one" }), secret: true },
  },
  request,
);

test("the book is whole after all of it", () => {
  expect(checkLedger(db()).kind).toBe("whole");
});
