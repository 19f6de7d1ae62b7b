import { sumOf } from "@/core/numeric";
import { allergenLines, piecesThere } from "@/core/cards";
import { onceASecond } from "@/db/remember";
import type { House } from "@/db/house/house";
import { guessOf, type Clash } from "@/core/line";
import { groupBy } from "@/core/shared";
import type { Db } from "@/db/connection";
import { linePulse } from "@/db/line/pulse";
import { type LineTask } from "@/house/line/lineTasks";
import { STEP_S } from "@/house/line/step";
import { bottleneck, handsWork, spotsHeld, lanesOf, whyNow, type LineRow } from "@/house/line/livePlan";
import { panNow } from "@/house/line/livePan";
import { courseKey, isAnswered, isCalled, isOpen, type TicketCourse, type TicketLine } from "@/house/line/ticket";
import { clockText, timeText, type Format } from "@/words/format/format";
import { t } from "@/words/line";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { liveLine, type LiveLine, type LivePlan } from "./liveLine";
import { shortOf, type LineOnCard } from "./lineState";

/** What a hand may say of a row: it goes in, the stage before it is over, it is done. */
export type Tap =
  | { readonly kind: "begin"; readonly panId: string }
  | { readonly kind: "step"; readonly panId: string; readonly index: number }
  | { readonly kind: "mark"; readonly taskId: string };

export type WorkRow = {
  readonly id: string;
  readonly panId: string;
  readonly kind: string;
  /** "Turbot × 1", "skin down", "t7, t4". */
  readonly dish: string;
  readonly what: string;
  readonly tables: string;
  /** When the first of them is up; null: no plan says. */
  readonly upMs: number | null;
  readonly startMs: number;
  readonly endMs: number;
  readonly begun: boolean;
  readonly spot: string | null;
  readonly ovenC: number | null;
  readonly tap: Tap | null;
  readonly why: string;
  /** Why lines share this pan or do not. */
  readonly pan: string | null;
  readonly cookId: string | null;
};

export type LaneView = {
  readonly resource: string;
  readonly lines: readonly (readonly WorkRow[])[];
  readonly busyPct: number;
};

export type LineLineView = {
  readonly id: string;
  readonly count: number;
  readonly name: string;
  readonly wishes: readonly string[];
  readonly allergies: readonly string[];
  readonly state: "free" | "blocked" | "unseen" | "answered";
  readonly swappedBy: string | null;
  readonly seenBy: string | null;
  readonly changes: string;
  readonly again: boolean;
  readonly brings: string;
  readonly advisories: string;
};
export type CourseView = {
  readonly ticketId: string;
  readonly course: number;
  readonly table: string;
  readonly state: "hold" | "called" | "gone";
  readonly calledAtMs: number | null;
  readonly upMs: number | null;
  readonly chancePct: number | null;
  readonly promisedMs: number | null;
  readonly lateMin: number;
  readonly guess: { readonly fromMs: number; readonly toMs: number } | null;
  readonly goneAtMs: number | null;
  readonly goneBy: string | null;
  readonly bellBy: string | null;
  readonly begun: boolean;
  readonly lines: readonly LineLineView[];
};

export type AllDay = {
  readonly name: string;
  readonly called: number;
  readonly onHold: number;
  /** Pieces that lie there for what is not in a pan yet, where they are too few; null: they are enough. */
  readonly short: { readonly left: number; readonly by: number } | null;
};

export type LineView = {
  readonly nowMs: number;
  /** What the screen shows: as long as the house answers the same, nothing is new. */
  readonly pulse: string;
  readonly rows: readonly WorkRow[];
  /** What hands do next, in order. */
  readonly hands: readonly WorkRow[];
  readonly lanes: readonly LaneView[];
  readonly bottleneck: string | null;
  readonly courses: readonly CourseView[];
  readonly allDay: readonly AllDay[];
  /** What is proven of the plan, in words; null: there is none. */
  readonly proof: string | null;
  readonly moved: number;
  readonly problem: string | null;
  readonly unplanned: readonly string[];
  readonly out: readonly { readonly kind: string; readonly count: number }[];
  readonly handsAtLine: number;
  readonly station: LiveLine["state"]["station"];
  readonly oven: {
    readonly meetC: number;
    readonly agreed: boolean;
    readonly heat: string;
    readonly dishes: string;
    readonly cannot: boolean;
  } | null;
};

const WISH_WORDS: Readonly<Record<string, string>> = {
  half: t("half"),
  child: t("child"),
  "sauce-apart": t("sauceApart"),
  "cooked-through": t("cookedThrough"),
};

export const pulseText = (acts: string, revision: number): string => `${acts} ${revision}`;

/** The line in words, as every screen of it shows it. */
export async function lineView(db: Db, house: House, nowMs: number, format: Format): Promise<LineView> {
  // taken before: what happens meanwhile is news
  const acts = linePulse(db);
  const live = await liveLine(db, house, nowMs);
  const words = onceASecond(db, nowMs, `line ${live.revision} ${live.plan?.looking} ${live.problem?.kind}`, () =>
    inWords(live, house, format),
  );
  return { ...words, pulse: pulseText(acts, live.revision) };
}

function inWords(live: LiveLine, house: House, format: Format): Omit<LineView, "pulse"> {
  const { nowMs } = live;
  const writer = new Writer(live, house, format);
  const rows = live.plan?.rows ?? [];
  const lanes = live.plan ? lanesOf(rows, live.plan.capacityOf, nowMs) : [];
  return {
    nowMs,
    rows: rows.map(writer.row),
    hands: handsWork(rows).map(writer.row),
    lanes: lanes.map(({ resource, rows: lines, busyShare }) => ({
      resource,
      lines: lines.map((line) => line.map(writer.row)),
      busyPct: Math.round(100 * Math.min(1, busyShare)),
    })),
    bottleneck: bottleneck(lanes),
    courses: writer.courses(),
    allDay: writer.allDay(),
    proof: live.plan && rows.length > 0 ? proofOf(live.plan) : null,
    moved: live.plan?.moved ?? 0,
    problem: live.problem?.kind === "busy" ? t("tooBusy") : writer.clash(),
    unplanned: live.unplanned.map(({ name, why }) =>
      t("notPlanned", { name, why: why ? say(why, format) : t("tooBusy") }),
    ),
    out: [...live.state.out].map(([kind, count]) => ({ kind, count })),
    handsAtLine: live.state.hands,
    station: live.state.station,
    oven: ovenOf(live, format),
  };
}

/** What hands do next, and no more of the line: what other screens show of a service. */
export async function nextHands(
  db: Db,
  house: House,
  nowMs: number,
  format: Format,
  most: number,
): Promise<readonly WorkRow[]> {
  const live = await liveLine(db, house, nowMs);
  return handsWork(live.plan?.rows ?? [])
    .slice(0, most)
    .map(new Writer(live, house, format).row);
}

function proofOf({ provenBest, lateGapS, looking }: LivePlan): string {
  if (provenBest) return t("provenBest");
  if (looking) return t("lookedOn");
  if (lateGapS === null) return t("bestSoFar");
  return lateGapS > 0 ? t("bestSoFarGap", { gap: clockText(lateGapS) }) : t("provenSoonest");
}

function ovenOf({ oven }: LiveLine, format: Format): LineView["oven"] {
  if (!oven) return null;
  const dishes = oven.dishes
    .map(({ name, wasS, nowS }) =>
      t("ovenMinutes", {
        dish: name,
        was: clockText(wasS),
        now: nowS === null ? "" : clockText(nowS),
        can: nowS === null ? "no" : "yes",
      }),
    )
    .join("; ");
  const cannot = oven.dishes.some(({ nowS }) => nowS === null);
  return { meetC: oven.meetC, agreed: oven.agreed, heat: format.temperature(oven.meetC), dishes, cannot };
}

/** Who runs a line reads no more names in a warning. */
const MOST_NAMED = 3;

class Writer {
  readonly #tableOf: ReadonlyMap<string, string>;
  readonly #courseOfLine: ReadonlyMap<string, string>;

  constructor(
    readonly live: LiveLine,
    readonly house: House,
    readonly format: Format,
  ) {
    const courses = live.tickets.flatMap(({ id, table, courses: rows }) => rows.map((row) => ({ id, table, row })));
    this.#tableOf = new Map(courses.map(({ id, table, row }) => [courseKey(id, row.course), table]));
    this.#courseOfLine = new Map(
      courses.flatMap(({ id, row }) => row.lines.map((line) => [line.id, courseKey(id, row.course)])),
    );
  }

  readonly #rows = new Map<string, WorkRow>();

  /** The same row is the same object wherever it is shown: it travels to the screen once. */
  readonly row = (row: LineRow): WorkRow => {
    const key = `${row.id} ${row.startMs} ${row.endMs}`;
    const known = this.#rows.get(key) ?? this.#write(row);
    this.#rows.set(key, known);
    return known;
  };

  #write(row: LineRow): WorkRow {
    const { id, panId, work, startMs, endMs, begun, courseId, pieces } = row;
    const pan = this.live.line.pans.find((one) => one.id === panId);
    const lines = pan?.parts.flatMap(({ lineId }) => this.#courseOfLine.get(lineId) ?? []) ?? [courseId];
    const shared = work.kind === "plate" ? [courseId] : [...new Set(lines)];
    const stage = work.kind === "stage" ? work.stage : null;
    return {
      id,
      panId,
      kind: stage ? (stage.spot ?? "rests") : work.kind,
      dish: t("pieces", { dish: this.#name(row), count: pieces }),
      what: whatOf(row),
      tables: shared.map((one) => this.#tableOf.get(one) ?? one).join(", "),
      upMs: this.#upMs(shared),
      startMs,
      endMs,
      begun,
      spot: spotsHeld(row).find((one) => one !== "hands") ?? (spotsHeld(row).length > 0 ? "hands" : null),
      ovenC: stage?.ovenC ?? null,
      tap: this.#tap(row),
      why: this.#why(row),
      pan: this.#panWhy(pan?.why ?? null),
      cookId: this.live.pans.find((one) => one.id === panId)?.cookId ?? null,
    };
  }

  #upMs(courseIds: readonly string[]): number | null {
    const ups = (this.live.plan?.serves ?? []).filter(({ courseId }) => courseIds.includes(courseId));
    return ups.length === 0 ? null : Math.min(...ups.map(({ upMs }) => upMs));
  }

  #name({ cardId }: LineTask): string {
    const card = this.live.cards.find((one) => one.cardId === cardId);
    return card ? shortOf(card.spec, this.live.world, this.live.cards) : cardId;
  }

  #tap({ id, panId, work, begun }: LineRow): Tap | null {
    if (begun) return null;
    if (work.kind === "mount" || work.kind === "clean") return { kind: "mark", taskId: id };
    const pan = this.live.line.pans.find((one) => one.id === panId);
    if (!pan) return null;
    if (!pan.begun) return work.kind === "stage" && work.index === 0 ? { kind: "begin", panId } : null;
    const { state, stageIndex } = panNow(pan.begun, this.live.nowMs);
    if (state !== "runs") return null;
    const next = work.kind === "stage" ? work.index : pan.stages.length;
    // plates of the second table wait for the same tap
    return next === stageIndex + 1 && (work.kind === "stage" ? work.byHand || work.stage.spot === null : true)
      ? { kind: "step", panId, index: stageIndex }
      : null;
  }

  /** The line does not fit as it should: what clashes, and what would mend it. */
  clash(): string | null {
    const { problem, plan } = this.live;
    const clash = problem?.kind === "clash" ? problem.clash : (plan?.clash ?? null);
    const mends = (plan?.mends ?? []).map((mend) =>
      mend.kind === "oneMore"
        ? t("mendOneMore", { spot: t("spotNamed", { spot: mend.resourceId }).toLowerCase() })
        : t("mendWait", { dishes: this.#names(mend.taskIds), time: clockText(mend.byMin * STEP_S) }),
    );
    const said = [...(clash ? [this.#clashWords(clash)] : []), ...mends];
    return said.length > 0 ? said.join(" ") : null;
  }

  readonly #names = (taskIds: readonly string[]): string => {
    const names = taskIds.map((taskId) => {
      const task = this.live.line.work.find(({ id }) => id === taskId);
      return task ? `${this.#name(task)} (${this.#tableOf.get(task.courseId) ?? ""})` : taskId;
    });
    const all = [...new Set(names)];
    const more = all.length - MOST_NAMED;
    return t("dishesAndMore", { dishes: all.slice(0, MOST_NAMED).join(", "), more: Math.max(0, more) });
  };

  #clashWords(clash: Clash): string {
    const spotsOf = (ids: readonly string[]) => ids.map((spot) => t("spotNamed", { spot }).toLowerCase()).join(", ");
    switch (clash.kind) {
      case "together":
        return t("clashOf", { dishes: this.#names(clash.taskIds), spots: spotsOf(clash.resourceIds) });
      case "overCapacity":
        return t("noneLeft", { dish: this.#names([clash.taskId]), spot: spotsOf([clash.resourceId]) });
      case "ring":
        return t("clashOf", { dishes: this.#names(clash.taskIds), spots: "" });
    }
  }

  #why(row: LineRow): string {
    const why = whyNow(row, this.live.plan?.rows ?? [], this.live.plan?.serves ?? []);
    if (!why) return "";
    return t("whyNow", {
      table: this.#tableOf.get(why.courseId) ?? "",
      time: timeText(why.upMs, this.house.timeZone),
      chain: clockText(why.chainS),
      slack: why.slackS > 0 ? clockText(why.slackS) : "",
      has: why.slackS > 0 ? "yes" : "no",
    });
  }

  #panWhy(why: LiveLine["line"]["pans"][number]["why"]): string | null {
    if (!why) return null;
    if (why.kind === "tooFarApart")
      return t("panTooFarApart", { apart: clockText(why.apartS), wait: clockText(why.mayWaitS) });
    const counts = { pieces: why.pieces, holds: why.panHolds };
    return why.kind === "shared" ? t("panShared", counts) : t("panTooMany", counts);
  }

  /** Called tables by when they are up, then those on hold, then what went last. */
  courses(): readonly CourseView[] {
    const views = this.live.tickets.flatMap((ticket) =>
      ticket.courses.map((row, at) => this.#course(ticket.id, ticket.table, row, ticket.courses[at - 1] ?? null)),
    );
    const rank = { called: 0, hold: 1, gone: 2 } as const;
    const key = ({ state, upMs, goneAtMs, calledAtMs }: CourseView) =>
      state === "called" ? (upMs ?? calledAtMs ?? 0) : state === "gone" ? -(goneAtMs ?? 0) : 0;
    return views.sort((a, b) => rank[a.state] - rank[b.state] || key(a) - key(b));
  }

  #course(ticketId: string, table: string, row: TicketCourse, before: TicketCourse | null): CourseView {
    const { course, calledAtMs, promisedAtMs, goneAtMs, goneBy, bellBy, lines } = row;
    const serve = this.live.plan?.serves.find(({ courseId }) => courseId === courseKey(ticketId, course));
    const promisedMs = promisedAtMs;
    const upMs = serve?.upMs ?? null;
    return {
      ticketId,
      course,
      table,
      state: isCalled(row) ? "called" : isOpen(row) ? "hold" : "gone",
      calledAtMs,
      upMs,
      chancePct: serve ? Math.round(100 * serve.chance) : null,
      promisedMs,
      lateMin: upMs !== null && promisedMs !== null ? Math.max(0, Math.round((upMs - promisedMs) / 60_000)) : 0,
      guess: calledAtMs === null && before ? guessOf(before) : null,
      goneAtMs,
      goneBy,
      bellBy,
      begun: this.live.state.begun.some(({ parts }) =>
        parts.some(({ lineId }) => lines.some(({ id }) => id === lineId)),
      ),
      lines: lines.map((line) => this.#line(line)),
    };
  }

  #line(line: TicketLine): LineLineView {
    const on = this.live.lines.get(line.id);
    const { ruleSetId } = this.live.world;
    const dish = on?.dish ?? null;
    const brings = dish ? allergenLines(dish.allergens, ruleSetId) : [];
    return {
      id: line.id,
      count: line.count,
      name: on ? shortOf(on.card.spec, this.live.world, this.live.cards) : line.cardId,
      wishes: line.wishes.filter((wish) => !wish.startsWith("no-")).map((wish) => WISH_WORDS[wish] ?? wish),
      allergies: line.allergies,
      state: stateOf(line, on),
      swappedBy: line.swappedBy,
      seenBy: line.seenBy,
      changes: on?.served ? on.served.changes.map((one) => say(one, this.format)).join("; ") : "",
      again: line.recookOf !== null,
      brings: brings.map(({ word, state }) => (state === "contains" ? word : t("brings", { word, state }))).join(", "),
      advisories: dish
        ? dish.advisories
            .slice(1)
            .map((one) => `${sentence(say(one, this.format))}.`)
            .join(" ")
        : "",
    };
  }

  /** Everything that is asked for now, called and on hold apart. */
  allDay(): readonly AllDay[] {
    const rows = this.live.tickets.flatMap(({ courses }) =>
      courses.filter(isOpen).flatMap((row) => row.lines.map((line) => ({ line, called: isCalled(row) }))),
    );
    return [...groupBy(rows, ({ line }) => line.cardId)]
      .map(([cardId, lines]) => {
        const on = this.live.lines.get(lines[0]!.line.id);
        const sum = (called: boolean) => sumOf(lines, (row) => (row.called === called ? row.line.count : 0));
        const name = on ? shortOf(on.card.spec, this.live.world, this.live.cards) : cardId;
        const inPans = new Set(
          this.live.pans.flatMap(({ cookId, parts }) => (cookId ? parts.map((part) => part.lineId) : [])),
        );
        const open = sumOf(lines, ({ line }) => (inPans.has(line.id) ? 0 : line.count));
        const left = on ? piecesThere(on.card.spec, this.live.world.lots) : open;
        const short = left < open ? { left, by: open - left } : null;
        return { name, called: sum(true), onHold: sum(false), short };
      })
      .sort((a, b) => b.called + b.onHold - a.called - a.onHold || a.name.localeCompare(b.name));
  }
}

function stateOf(line: TicketLine, on: LineOnCard | undefined): LineLineView["state"] {
  if (line.allergies.length === 0) return "free";
  if (line.swappedBy === null || !on || on.still.length > 0) return "blocked";
  return isAnswered(line) ? "answered" : "unseen";
}

function whatOf({ work }: LineRow): string {
  switch (work.kind) {
    case "mount":
      return t("mountItsSauce");
    case "plate":
      return t("plateIt");
    case "clean":
      return t("cleanPanAndBoard");
    case "stage":
      return work.stage.name.toLowerCase();
  }
}
