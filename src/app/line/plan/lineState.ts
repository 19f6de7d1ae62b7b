import { sumOf } from "@/core/numeric";
import type { CardSpec, CardWorld } from "@/core/cards";
import { dishOf, type Dish } from "@/core/cards";
import type { AllergenId } from "@/core/safety";
import { shortName } from "@/core/species";
import type { Said } from "@/core/shared";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { todayIn } from "@/calendar/days";
import { offNow } from "@/db/cards/bookings";
import { speciesOf } from "@/db/house/species";
import type { Callable } from "@/house/line/ticketText";
import { saucesNow } from "@/db/butter/sauces";
import { stationOf } from "@/db/butter/spots";
import { cardSpecs, type KeptCard } from "@/db/cards/cardSpecs";
import type { Db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { marksSince, pansOfServices, pansSince, spotsOut, type KeptPan } from "@/db/line/pans";
import { learnedOf, LEARNS_FROM_DAYS } from "@/house/line/learned";
import { onceASecond } from "@/db/remember";
import { ticketsSince } from "@/db/line/tickets";
import { spotsOfMethod } from "@/core/cooking";
import { ovensMeet } from "@/core/line";
import { piecesIn } from "@/house/cards/forMany";
import type { LineCourse, LineDish, LineState } from "@/house/line/lineTasks";
import { panNow } from "@/house/line/livePan";
import { nextStep, STEP_S } from "@/house/line/step";
import { courseKey, isAnswered, isCalled, isOpen, SERVICE_H, type Ticket, type TicketLine } from "@/house/line/ticket";
import { worldFor } from "../../cards/cardData";
import { asCut, lineStovePlan, servedAs, type LinePlanned, type Served } from "./planCards";

/** A line of a ticket with its dish as it is served. */
export type LineOnCard = {
  readonly line: TicketLine;
  readonly card: KeptCard;
  readonly served: Served | null;
  /** With every wish, or as the card has it. */
  readonly dish: Dish;
  /** Of its allergies: what the dish as it is served still holds, or may, or nobody knows. */
  readonly still: readonly AllergenId[];
};

/** Everything the line is planned from, as it stands now. */
export type LineNow = {
  readonly nowMs: number;
  readonly tickets: readonly Ticket[];
  readonly lines: ReadonlyMap<string, LineOnCard>;
  readonly cards: readonly KeptCard[];
  readonly world: CardWorld;
  readonly pans: readonly KeptPan[];
  readonly courses: readonly LineCourse[];
  readonly dishes: readonly LineDish[];
  readonly plans: ReadonlyMap<string, LinePlanned>;
  readonly state: LineState;
  /** Dishes that have no plan at the stove as their cards stand. */
  readonly unplanned: readonly { readonly name: string; readonly why: Said | null }[];
  /** Dishes that want the oven at two heats, and the one at which they would meet. */
  readonly oven: {
    readonly meetC: number;
    readonly agreed: boolean;
    readonly dishes: readonly { readonly name: string; readonly wasS: number; readonly nowS: number | null }[];
  } | null;
};

export const serviceFromMs = (nowMs: number): number => nowMs - SERVICE_H * HOUR_MS;

/** What a card is called in short: its fish. */
export const shortOf = (card: CardSpec, world: CardWorld, cards: readonly KeptCard[]): string => {
  const species = world.speciesOf(card.piece.speciesIds[0] ?? "");
  if (!species) return card.name;
  const same = cards.filter(({ spec }) => spec.piece.speciesIds[0] === species.id).length;
  return same > 1 ? card.name : shortName(species);
};

/** The cards of a day by what they are called; what is struck off is not on the line. */
export function callableCards(db: Db, day: string): readonly Callable[] {
  const off = new Set(offNow(db).map(({ cardId }) => cardId));
  return cardSpecs(db, day)
    .filter(({ cardId }) => !off.has(cardId))
    .map(({ cardId, spec }) => ({
      cardId,
      name: spec.name,
      calls: spec.piece.speciesIds.flatMap((id) => speciesOf(db, id)?.name ?? []),
    }));
}

/** The dishes that can be tapped. */
export function cardChips(
  db: Db,
  day: string,
  off: ReadonlySet<string>,
): readonly { readonly cardId: string; readonly name: string }[] {
  const cards = cardSpecs(db, day).filter(({ cardId }) => !off.has(cardId));
  const nameOf = ({ spec }: KeptCard) => {
    const species = speciesOf(db, spec.piece.speciesIds[0] ?? "");
    const same = cards.filter((one) => one.spec.piece.speciesIds[0] === species?.id).length;
    return species && same === 1 ? shortName(species) : spec.name;
  };
  return cards.map((card) => ({ cardId: card.cardId, name: nameOf(card) }));
}

function lineOnCard(line: TicketLine, card: KeptCard, world: CardWorld, asItIs: (card: KeptCard) => Dish): LineOnCard {
  const served = servedAs(card.spec, line.wishes, world);
  const dish = served?.dish ?? asItIs(card);
  return { line, card, served, dish, still: line.allergies.filter((id) => dish.allergens[id] !== "free") };
}

type OnTickets = {
  readonly lines: ReadonlyMap<string, LineOnCard>;
  readonly courses: readonly LineCourse[];
  /** To be cooked now, and what waits to be called. */
  readonly wanted: readonly { readonly line: LineOnCard; readonly courseId: string }[];
  readonly waiting: readonly LineOnCard[];
};

/** What stands on the tickets, course by course, each line with its card. */
function onTickets(
  tickets: readonly Ticket[],
  byId: ReadonlyMap<string, KeptCard>,
  world: CardWorld,
  nowMs: number,
): OnTickets {
  const lines = new Map<string, LineOnCard>();
  const courses: LineCourse[] = [];
  const wanted: { line: LineOnCard; courseId: string }[] = [];
  const waiting: LineOnCard[] = [];
  const dishes = new Map<string, Dish>();
  const asItIs = (card: KeptCard): Dish => {
    const known = dishes.get(card.hash) ?? dishOf(card.spec, world);
    dishes.set(card.hash, known);
    return known;
  };
  for (const ticket of tickets)
    for (const row of ticket.courses.filter(isOpen)) {
      const id = courseKey(ticket.id, row.course);
      const of = row.lines.flatMap((line) => {
        const card = byId.get(line.cardId);
        return card ? [lineOnCard(line, card, world, asItIs)] : [];
      });
      for (const one of of) lines.set(one.line.id, one);
      if (!isCalled(row)) {
        waiting.push(...of);
        continue;
      }
      const dueMs = row.wantedAtMs ?? row.promisedAtMs ?? row.calledAtMs!;
      courses.push({ id, dueS: (dueMs - nowMs) / 1000 });
      // an allergy that is not answered starts nothing
      for (const one of of)
        if (isAnswered(one.line) && one.still.length === 0) wanted.push({ line: one, courseId: id });
    }
  return { lines, courses, wanted, waiting };
}

type Mark = ReturnType<typeof marksSince>[number];

/** The station as it stands: its spots, its hands, what is begun, done and put. */
function standOf(db: Db, house: House, marks: readonly Mark[], pans: LineNow["pans"], nowMs: number): LineState {
  const put = marks
    .filter(({ kind }) => kind === "put")
    .map(({ taskId, atMs }) => [taskId, (atMs - nowMs) / 1000] as const);
  return {
    station: stationOrUsual(db),
    hands: house.lineHands,
    out: spotsOut(db),
    // what was given up is cooked anew
    begun: pans.filter((pan) => panNow(pan, nowMs).state !== "lost"),
    done: new Set(marks.flatMap(({ kind, taskId }) => (kind === "done" ? [taskId] : []))),
    put: new Map(put),
    mounted: new Set(saucesNow(db).flatMap(({ specId, mount }) => (mount ? [specId] : []))),
    nowMs,
    beginsInS: nextStep(nowMs) * STEP_S - nowMs / 1000,
  };
}

/** The heat the oven was agreed on for tonight, °C; null: on none. */
function agreedOvenC(marks: readonly Mark[]): number | null {
  const agreed = marks.find(({ kind, taskId }) => kind === "done" && taskId.startsWith(OVEN_MARK));
  return agreed ? Number(agreed.taskId.slice(OVEN_MARK.length)) : null;
}

/** Forty screens that look within a second see one line. */
export const lineNow = (db: Db, house: House, nowMs: number): Promise<LineNow> =>
  onceASecond(db, nowMs, "line", () => lineAt(db, house, nowMs));

async function lineAt(db: Db, house: House, nowMs: number): Promise<LineNow> {
  const sinceMs = serviceFromMs(nowMs);
  const tickets = ticketsSince(db, sinceMs);
  const today = todayIn(house.timeZone, nowMs);
  const standing = new Set(
    tickets.flatMap(({ courses }) => courses.filter(isOpen).flatMap(({ lines }) => lines.map(({ cardId }) => cardId))),
  );
  // past midnight the special of the evening still stands on its tickets
  const cards = cardSpecs(db).filter(
    ({ cardId, spec: { onlyOn } }) => onlyOn === null || onlyOn === today || standing.has(cardId),
  );
  const onThem = cards.filter(({ cardId }) => standing.has(cardId));
  const world = worldFor(db, house, nowMs, onThem);
  const byId = new Map(cards.map((card) => [card.cardId, card]));
  const { lines, courses, wanted, waiting } = onTickets(tickets, byId, world, nowMs);
  const marks = marksSince(db, sinceMs);
  const ratioOf = learnedRatios(db, nowMs);
  const { dishes, plans, unplanned, oven } = await dishesOf(wanted, world, house, ratioOf, agreedOvenC(marks));
  warm(waiting, world, house);
  const pans = pansSince(db, sinceMs);
  const state = standOf(db, house, marks, pans, nowMs);
  return { nowMs, tickets, lines, cards, world, pans, courses, dishes, plans, state, unplanned, oven };
}

/** What a service learned is for the next one: it is not worked out at every tap. */
const LEARNED_STANDS_MS = 6 * HOUR_MS;
const shared = globalThis as typeof globalThis & {
  gaffelLearned?: { readonly atMs: number; readonly ratioOf: ReadonlyMap<string, number> };
};

function learnedRatios(db: Db, nowMs: number): ReadonlyMap<string, number> {
  const before = shared.gaffelLearned;
  if (before && Math.abs(nowMs - before.atMs) < LEARNED_STANDS_MS) return before.ratioOf;
  const learned = learnedOf(pansOfServices(db, nowMs - LEARNS_FROM_DAYS * DAY_MS));
  const ratioOf = new Map(learned.flatMap(({ cardId, ratio }) => (ratio === null ? [] : [[cardId, ratio] as const])));
  shared.gaffelLearned = { atMs: nowMs, ratioOf };
  return ratioOf;
}

/** A station nobody described has what is usual. */
function stationOrUsual(db: Db): LineState["station"] {
  const station = stationOf(db);
  return station.burners === 0 ? { ...station, burners: 4, ovens: Math.max(1, station.ovens) } : station;
}

type Wanted = {
  readonly line: LineOnCard;
  readonly courseId: string;
  readonly card: CardSpec;
  readonly pieces: number;
};
type Dishes = Pick<LineNow, "dishes" | "plans" | "unplanned" | "oven">;

/** Three are planned as four: a plan is not made anew for every piece. */
const roundedUp = (pieces: number): number => 2 ** Math.ceil(Math.log2(pieces));

/** What every line wants of the stove: as many pieces as would share the pan, for a full one is colder. */
function asked(
  rows: readonly { readonly line: LineOnCard; readonly courseId: string }[],
  world: CardWorld,
): readonly Wanted[] {
  const total = (cardId: string) => sumOf(rows, ({ line }) => (line.card.cardId === cardId ? line.line.count : 0));
  return rows.map(({ line, courseId }) => {
    const card = asCut(line.served?.card ?? line.card.spec, world);
    const wanted = line.line.allergies.length > 0 ? line.line.count : total(line.card.cardId);
    return { line, courseId, card, pieces: Math.min(piecesIn(card), roundedUp(wanted)) };
  });
}

/** The heats of the oven that a dish wants. */
const heatsOf = ({ methodId }: CardSpec["piece"]): readonly number[] =>
  methodId === null ? [] : spotsOfMethod(methodId).flatMap(({ ovenC }) => ovenC ?? []);

async function dishesOf(
  rows: readonly { readonly line: LineOnCard; readonly courseId: string }[],
  world: CardWorld,
  house: House,
  ratioOf: ReadonlyMap<string, number>,
  ovenAgreedC: number | null,
): Promise<Dishes> {
  const plans = new Map<string, LinePlanned>();
  const unplanned: { name: string; why: Said | null }[] = [];
  const dishes: LineDish[] = [];
  const wanted = asked(rows, world);
  const meetC = ovensMeet(wanted.flatMap(({ card }) => heatsOf(card.piece)));
  const met = new Map<string, { readonly wasS: number; readonly nowS: number | null }>();
  for (const { line, courseId, card, pieces } of wanted) {
    const { cardId, spec } = line.card;
    const usual = await lineStovePlan(card, world, house, pieces);
    const there =
      meetC === null || heatsOf(card.piece).length === 0
        ? null
        : await lineStovePlan(card, world, house, pieces, meetC);
    if (there && usual.plan) met.set(spec.name, { wasS: usual.plan.serveS, nowS: there.plan?.serveS ?? null });
    const agreed = there?.plan && ovenAgreedC === meetC ? there : null;
    const planned = agreed ?? usual;
    plans.set(line.line.id, planned);
    if (card.piece.use === "cook" && planned.plan === null) {
      unplanned.push({ name: spec.name, why: planned.why });
      continue;
    }
    dishes.push({
      lineId: line.line.id,
      courseId,
      cardId,
      card,
      plan: planned.plan,
      count: line.line.count,
      alone: line.line.allergies.length > 0,
      ratio: ratioOf.get(cardId) ?? 1,
      ovenC: agreed ? meetC! : undefined,
    });
  }
  const oven =
    meetC === null
      ? null
      : { meetC, agreed: ovenAgreedC === meetC, dishes: [...met].map(([name, times]) => ({ name, ...times })) };
  return { dishes, plans, unplanned, oven };
}

/** What stands on hold is planned at the stove already, so that "away" is answered at once. */
function warm(rows: readonly LineOnCard[], world: CardWorld, house: House): void {
  for (const { card, pieces } of asked(
    rows.map((line) => ({ line, courseId: "" })),
    world,
  ))
    void lineStovePlan(card, world, house, pieces);
}

const OVEN_MARK = "oven:";
export const ovenMark = (ovenC: number): string => `${OVEN_MARK}${ovenC}`;
