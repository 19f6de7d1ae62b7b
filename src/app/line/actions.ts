"use server";
import type { AllergenId } from "@/core/safety";
import { dishOf, lotsFor } from "@/core/cards";
import { err, ok, type Result } from "@/core/shared";
import type { Served } from "@/db/cards/pass";
import { setSpotCount } from "@/db/butter/spots";
import { db } from "@/db/connection";
import { listStaff, setLineHands } from "@/db/house/house";
import { countAtClose } from "@/db/line/closing";
import { courseBack, courseGone } from "@/db/line/gone";
import { cookAgain, seeLine, swapLine } from "@/db/line/lines";
import { beginPan, markDone, panEvent, pansSince, putBar, setSpotOut } from "@/db/line/pans";
import { setSender } from "@/db/line/senders";
import {
  callCourse,
  holdCourse,
  moveCourse,
  openTicket,
  silenceBell,
  strikeTicket,
  ticketsSince,
  unstrikeTicket,
} from "@/db/line/tickets";
import { addCookEvent, startCook } from "@/db/stove/cooks";
import { readTickets } from "@/house/line/ticketText";
import { planToKeep, type StoredPlan } from "@/house/stove/storedPlan";
import { tellCooks } from "@/server/cookNews";
import { MINUTE_MS } from "@/core/units";
import { t } from "@/words/line";
import { inWords, refused, type ActionError } from "../actionError";
import { refitCook } from "../stove/refitCook";
import { houseAction, plannedAction, type Acting, secretAction } from "../houseAction";
import { liveLine, type LiveLine } from "./plan/liveLine";
import { callableCards, lineNow, ovenMark, serviceFromMs, type LineNow } from "./plan/lineState";
import { callRefused, goneRefused, lineRefused, ticketWords } from "./plan/lineWords";
import { servedAs } from "./plan/planCards";
import { promiseCalled } from "./plan/promise";
import {
  Again,
  CallAway,
  CountClose,
  Hands,
  MarkDone,
  MoveServe,
  OneCourse,
  OneLine,
  OnePan,
  OneTicket,
  OvenTogether,
  PanStep,
  PutBar,
  SeeLine,
  Sender,
  SpotCount,
  SpotOut,
  TypeTickets,
} from "./schema";

type Answer<T> = Promise<Result<T, ActionError>>;

/** What was done is planned at once, and the tables that were called are told. */
async function planned<T>(done: Result<T, ActionError>): Answer<T> {
  if (done.ok) await promiseCalled();
  return done;
}

/** What was typed at the pass: orders stand on hold, "away" calls, "hold" takes back. All of it or nothing. Answers with how many lines were taken. */
export async function typeTickets(input: unknown, intention: unknown): Answer<number> {
  const done = await houseAction("typeTickets", TypeTickets, input, intention, ({ text }, { stamp, today }) => {
    const typed = readTickets(text, callableCards(db(), today));
    if (!typed.ok) return err(refused(typed.error.kind, ticketWords(typed.error)));
    const sinceMs = serviceFromMs(stamp.atMs);
    for (const one of typed.value) {
      if (one.kind === "order") {
        const { table, courses, guest = null, inMin } = one;
        const wanted = { day: today, table, courses, guest, source: "typed" } as const;
        const { ticketId, course } = openTicket(db(), wanted, stamp, sinceMs);
        if (inMin === null) continue;
        const called = callAt(ticketId, course, inMin, stamp);
        if (!called.ok) return called;
        continue;
      }
      const ticket = ticketsSince(db(), sinceMs).find(
        (row) =>
          row.table === one.table &&
          row.courses.some(
            ({ calledAtMs, goneAtMs }) => goneAtMs === null && (calledAtMs === null) === (one.kind === "away"),
          ),
      );
      const course = ticket?.courses.find(
        ({ calledAtMs, goneAtMs }) => goneAtMs === null && (calledAtMs === null) === (one.kind === "away"),
      );
      if (!ticket || !course)
        return err(refused("noSuchTable", t("nothingToCall", { table: one.table, what: one.kind })));
      const changed =
        one.kind === "away"
          ? callAt(ticket.id, course.course, one.inMin ?? 0, stamp)
          : callRefused(holdCourse(db(), ticket.id, course.course, stamp));
      if (!changed.ok) return changed;
    }
    return ok(typed.value.length);
  });
  return planned(done);
}

const callAt = (ticketId: string, course: number, inMin: number, stamp: Acting["stamp"]): Result<null, ActionError> => {
  const wantedAtMs = inMin > 0 ? stamp.atMs + inMin * MINUTE_MS : null;
  return callRefused(callCourse(db(), ticketId, course, { wantedAtMs, promisedAtMs: null }, stamp));
};

/** A course is called away. */
export const callAway = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("callAway", CallAway, input, intention, ({ ticketId, course, inMin }, { stamp }) =>
      callAt(ticketId, course, inMin ?? 0, stamp),
    ),
  );

/** A called course goes back on hold. */
export const holdBack = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("holdBack", OneCourse, input, intention, ({ ticketId, course }, { stamp }) =>
    callRefused(holdCourse(db(), ticketId, course, stamp)),
  );

/** A table wants its course at another moment. */
export const moveServe = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("moveServe", MoveServe, input, intention, ({ ticketId, course, wantedAtMs }) =>
    callRefused(moveCourse(db(), ticketId, course, wantedAtMs)),
  );

/** The bell of a table is silenced, by name. */
export const silence = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("silence", OneCourse, input, intention, ({ ticketId, course }, { stamp }) =>
    callRefused(silenceBell(db(), ticketId, course, stamp.who)),
  );

/** A ticket of which nothing is in a pan is struck. */
export const strikeOne = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("strikeOne", OneTicket, input, intention, ({ ticketId }, { stamp }) =>
    callRefused(strikeTicket(db(), ticketId, stamp)),
  );

/** A ticket that was struck by mistake stands again. */
export const unstrikeOne = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("unstrikeOne", OneTicket, input, intention, ({ ticketId }, { stamp }) =>
    callRefused(unstrikeTicket(db(), ticketId, stamp)),
  );

/** The dish of a line changed so that it is free of what its guest cannot have; refused where it cannot be. */
export const swapForAllergy = async (input: unknown, intention: unknown): Answer<null> =>
  plannedAction(
    "swapForAllergy",
    OneLine,
    input,
    intention,
    async ({ lineId }, { house, stamp }) => {
      const { lines, world } = await lineNow(db(), house, stamp.atMs);
      const one = lines.get(lineId);
      if (!one) return err(refused("noLine", t("thatLineIsGone")));
      const asked = one.line.wishes.filter((wish) => !wish.startsWith("no-"));
      const wishes = [...asked, ...one.line.allergies.map((id) => `no-${id}`)];
      const served = servedAs(one.card.spec, wishes, world);
      const { allergens } = served?.dish ?? dishOf(one.card.spec, world);
      const still = one.line.allergies.find((id: AllergenId) => allergens[id] !== "free");
      if (served?.cannot || still !== undefined)
        return err(refused("cannotBeFree", t("cannotBeFreeOf", { dish: one.card.spec.name, what: still ?? "" })));
      return ok(wishes);
    },
    (wishes, { stamp }) => lineRefused(swapLine(db(), OneLine.parse(input).lineId, wishes, stamp)),
  );

/** A second pair of eyes, by name. */
export const seeAllergy = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("seeAllergy", SeeLine, input, intention, ({ lineId, by }, { stamp }) =>
    listStaff(db()).some(({ name }) => name === by)
      ? lineRefused(seeLine(db(), lineId, { ...stamp, who: by }))
      : err(refused("noSuchCook", t("nobodyIsCalled", { name: by }))),
  );

/** Pieces of a line are cooked once more. */
export const cookOnceMore = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("cookOnceMore", Again, input, intention, ({ lineId, count, reason }, { stamp }) => {
      const again = cookAgain(db(), lineId, count, reason, stamp);
      return again.ok ? ok(null) : lineRefused(again);
    }),
  );

type Begun = {
  readonly pan: LiveLine["line"]["pans"][number];
  readonly name: string;
  readonly cook: { readonly batchId: string; readonly plan: StoredPlan } | null;
};

const BATCH = "batch:";

/** The cook of the stove whose clock a pan gets: where its pieces are cut, out of the batch that serves the card first. */
function cookOf(now: LineNow, lineId: string, pieces: number): Begun["cook"] {
  const dish = now.dishes.find((one) => one.lineId === lineId);
  const planned = now.plans.get(lineId);
  const lot = dish && lotsFor(dish.card, now.world.lots).find(({ id }) => id.startsWith(BATCH));
  if (!lot || !planned?.plan || !planned.question) return null;
  const question = { ...planned.question, pieces };
  return { batchId: lot.id.slice(BATCH.length), plan: planToKeep(question, planned.plan) };
}

/** A pan of the line is begun: at the stove's own clock where its pieces are cut, else by the line's. */
export const beginThePan = async (input: unknown, intention: unknown): Answer<string | null> => {
  const begun = await plannedAction(
    "beginThePan",
    OnePan,
    input,
    intention,
    async ({ panId }, { house, stamp }): Promise<Result<Begun, ActionError>> => {
      const now = await liveLine(db(), house, stamp.atMs);
      const pan = now.line.pans.find(({ id }) => id === panId);
      if (!pan) return err(refused("noPan", t("thatPanIsNoMore")));
      if (pan.begun) return err(refused("begunAlready", t("begunAlready")));
      const lineId = pan.parts[0]!.lineId;
      const name = now.lines.get(lineId)?.card.spec.name ?? pan.cardId;
      return ok({ pan, name, cook: cookOf(now, lineId, pan.pieces) });
    },
    ({ pan, name, cook }, { stamp, today }) => {
      const started = cook ? startCook(db(), cook.batchId, cook.plan, stamp) : null;
      // too few are cut: the line counts by itself, and the stove is told when they are
      const cookId = started?.ok ? started.value : null;
      const { id, cardId, stages, parts } = pan;
      const done = beginPan(
        db(),
        { id: freshId(id, stamp.atMs), day: today, cardId, stages, parts, cookId, name },
        stamp,
      );
      return done.ok ? ok(cookId) : err(refused("begunAlready", t("begunAlready")));
    },
  );
  if (begun.ok && begun.value !== null) tellCooks({ cookId: begun.value, events: [] });
  return planned(begun);
};

/** A pan that was given up leaves its name to the one that follows it. */
const freshId = (id: string, atMs: number): string =>
  pansSince(db(), serviceFromMs(atMs)).some((pan) => pan.id === id) ? `${id}~${atMs}` : id;

/** The stage of a pan is over; the next begins. */
export const stepThePan = async (input: unknown, intention: unknown): Answer<null> => {
  const stepped = await houseAction("stepThePan", PanStep, input, intention, ({ panId, index }, { stamp }) => {
    const pan = pansSince(db(), serviceFromMs(stamp.atMs)).find(({ id }) => id === panId);
    if (!pan) return err(refused("noPan", t("thatPanIsNoMore")));
    if (pan.cookId === null) {
      const done = panEvent(db(), panId, "advanced", stamp);
      return done.ok ? ok(pan) : err(refused("refused", t("anotherHandWasFaster")));
    }
    const added = addCookEvent(db(), pan.cookId, { kind: "advanced", amount: null, stage: index }, stamp);
    return added.ok ? ok(pan) : err(refused("refused", t("anotherHandWasFaster")));
  });
  if (!stepped.ok) return stepped;
  const { cookId } = stepped.value as { readonly cookId: string | null };
  if (cookId !== null) {
    tellCooks({ cookId, events: [] });
    await refitCook(cookId, String(intention));
  }
  return planned(ok(null));
};

/** The last tap of a pan is taken back while it is fresh: a start gives its pieces back. */
export const undoPan = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("undoPan", OnePan, input, intention, ({ panId }, { stamp }) => {
      const pan = pansSince(db(), serviceFromMs(stamp.atMs))
        .filter(({ id }) => id === panId || id.startsWith(`${panId}~`))
        .sort((a, b) => b.beganAtMs - a.beganAtMs)[0];
      if (!pan) return err(refused("noPan", t("thatPanIsNoMore")));
      const undone =
        pan.cookId === null
          ? panEvent(db(), pan.id, "undone", stamp)
          : addCookEvent(db(), pan.cookId, { kind: "undone", amount: null }, stamp);
      if (!undone.ok) return err(refused("refused", t("tooLateToUndo")));
      if (pan.cookId !== null) tellCooks({ cookId: pan.cookId, events: [] });
      return ok(null);
    }),
  );

/** What is in a pan is lost: its pieces are cooked anew. */
export const losePan = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("losePan", OnePan, input, intention, ({ panId }, { stamp }) => {
      const pan = pansSince(db(), serviceFromMs(stamp.atMs)).find(({ id }) => id === panId);
      if (!pan) return err(refused("noPan", t("thatPanIsNoMore")));
      const lost =
        pan.cookId === null
          ? panEvent(db(), panId, "abandoned", stamp)
          : addCookEvent(db(), pan.cookId, { kind: "abandoned", amount: null }, stamp);
      return lost.ok ? ok(null) : err(refused("refused", t("anotherHandWasFaster")));
    }),
  );

/** Work of the line is done, or was not. */
export const markWork = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("markWork", MarkDone, input, intention, ({ taskId, done }, { stamp, today }) => {
    markDone(db(), taskId, done, today, stamp);
    return ok(null);
  });

/** The oven at one heat for what wanted two, or as each wants it. */
export const agreeOven = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("agreeOven", OvenTogether, input, intention, ({ ovenC, agreed }, { stamp, today }) => {
    markDone(db(), ovenMark(ovenC), agreed, today, stamp);
    return ok(null);
  });

/** A bar of the board is put to a moment, or let go. */
export const putTheBar = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("putTheBar", PutBar, input, intention, ({ panId, startMs }, { stamp, today }) => {
    putBar(db(), panId, startMs, today, stamp.who);
    return ok(null);
  });

/** A burner, an oven does not work, or works again. */
export const saySpot = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("saySpot", SpotOut, input, intention, ({ kind, out }, { stamp }) =>
      inWords(setSpotOut(db(), kind, out, stamp), { noneIsOut: refused("itWorks", t("itWorksAlready")) }),
    ),
  );

/** How many burners, ovens, racks the station has. */
export const saySpotCount = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("saySpotCount", SpotCount, input, intention, ({ kind, count }, { stamp }) => {
      setSpotCount(db(), kind, count, stamp.who, stamp.atMs);
      return ok(null);
    }),
  );

/** Pairs of hands at the line. */
export const sayHands = async (input: unknown, intention: unknown): Answer<null> =>
  planned(
    await houseAction("sayHands", Hands, input, intention, ({ hands }, { stamp }) => {
      setLineHands(db(), hands, stamp.who, stamp.atMs);
      return ok(null);
    }),
  );

/** A course goes: its plates are written once. Answers with how many. */
export const sendCourse = async (input: unknown, intention: unknown): Answer<number> =>
  plannedAction(
    "sendCourse",
    OneCourse,
    input,
    intention,
    async ({ ticketId, course }, { house, stamp }): Promise<Result<readonly Served[], ActionError>> => {
      const now = await lineNow(db(), house, stamp.atMs);
      const lines = [...now.lines.values()].filter(({ line }) => line.ticketId === ticketId && line.course === course);
      const bad = lines.find(({ still }) => still.length > 0);
      if (bad)
        return err(refused("allergyOpen", t("stillHolds", { dish: bad.card.spec.name, what: bad.still.join(", ") })));
      return ok(
        lines
          // what was cooked again is the same plate
          .filter(({ line }) => line.recookOf === null)
          .map(({ line, card, served, dish }) => ({
            hash: card.hash,
            cardId: card.cardId,
            card: served?.card ?? card.spec,
            dish,
            covers: line.count,
            lineId: line.id,
            wishes: line.wishes,
          })),
      );
    },
    (served, { house, stamp }) => {
      const { ticketId, course } = OneCourse.parse(input);
      return goneRefused(courseGone(db(), ticketId, course, served, house.ruleSetId, stamp), house.timeZone);
    },
  );

/** A course that was called gone by mistake is at the pass again. */
export const takeBackCourse = async (input: unknown, intention: unknown): Answer<null> =>
  houseAction("takeBackCourse", OneCourse, input, intention, ({ ticketId, course }, { house, stamp }) =>
    goneRefused(courseBack(db(), ticketId, course, stamp), house.timeZone),
  );

/** Counted at close. Answers with how many were missing. */
export const countTheClose = async (input: unknown, intention: unknown): Answer<number> =>
  houseAction("countTheClose", CountClose, input, intention, ({ batchId, counted, became }, { stamp, today }) => {
    const done = countAtClose(db(), batchId, counted, became, today, stamp);
    return done.ok ? done : err(refused(done.error.kind, t("closeRefused", { kind: done.error.kind })));
  });

/** Who may send tickets gets a key, shown once. */
export const addSender = async (
  input: unknown,
  intention: unknown,
): Answer<{ id: string; name: string; key: string }> =>
  secretAction("addSender", Sender, input, intention, ({ name }, { stamp }) => {
    const { id, name: of, key } = setSender(db(), name, stamp);
    return ok({ id, name: of, key });
  });
