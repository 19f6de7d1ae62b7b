import { todayIn, wallClockMs } from "@/calendar/days";
import { liveCook } from "@/core/cooking";
import { HOLD_LABELS } from "@/core/coldchain";
import { potClock, planStock } from "@/core/butter";
import { hotHoldStatus } from "@/core/safety";
import { DAY_MS, MINUTE_MS } from "@/core/units";
import { shelfOf } from "@/db/butter/goods";
import { potCooled } from "@/db/butter/cooling";
import { fryers } from "@/db/butter/oil";
import { preparationsNow } from "@/db/butter/preparations";
import { liveReductions } from "@/db/butter/reductions";
import { saucesNow } from "@/db/butter/sauces";
import { runningPots, STOCK_ITEM, stocksNow } from "@/db/butter/stocks";
import type { Db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { lastChecks } from "@/db/house/probeChecks";
import { closeLines, CUT_DAYS } from "@/db/line/closing";
import { ticketsSince } from "@/db/line/tickets";
import { alarmsOf, watchHouse } from "@/db/lots/excursions";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { stockOnIce } from "@/db/lots/stock";
import { openCooks } from "@/db/stove/cooks";
import { openHotHolds } from "@/db/stove/hotHolds";
import { listProbes } from "@/db/stove/probes";
import { handoverOf, probeToCheckFirst, type Handover, type HandoverItem, type LowItem } from "@/house/handover";
import { reductionOf } from "@/house/butter/liveReduction";
import { clockAt } from "@/house/butter/panClock";
import { isOpen } from "@/house/line/ticket";
import { bainStatus } from "@/house/butter/tonight";
import { passNow } from "../cards/cardData";
import { prepOf } from "../cards/prepData";
import { serviceFromMs } from "../line/plan/lineState";
import { clockOf, speciesName } from "../stove/clockOf";

type Item = HandoverItem & { readonly owed?: boolean };

/** A card with fewer plates than this beside what is booked is said to run low. */
const FEW_PLATES = 3;
/** What ends later is told by the pages of the ice. */
const SHIFTS_DAYS = 2;

function cooking(db: Db, nowMs: number): readonly Item[] {
  return openCooks(db)
    .map(clockOf)
    .map(({ id, title, stageNames, stageSeconds, events }) => {
      const live = liveCook(stageSeconds, events, nowMs);
      return {
        kind: "cook",
        key: `cook ${id}`,
        title,
        next: stageNames[live.stageIndex + 1] ?? null,
        paused: live.status === "paused",
        dueAtMs: live.status === "paused" ? null : nowMs + live.remainingS * 1000,
        href: `/stove/cook/${id}`,
      };
    });
}

function onTheFire(db: Db, nowMs: number): readonly Item[] {
  const shelf = shelfOf(db);
  return [
    ...liveReductions(db).map(({ id, startedAtMs, facts }): Item => {
      const model = reductionOf(facts, shelf);
      const clock = model && clockAt(model, facts, Math.max(0, (nowMs - startedAtMs) / 1000));
      const dueAtMs = clock ? nowMs + clock.secondsLeft * 1000 : null;
      return { kind: "reduction", key: `reduction ${id}`, title: facts.name, dueAtMs, href: "/butter" };
    }),
    ...runningPots(db).map(({ id, startedAtMs, codes, ask }): Item => {
      const { strainInMin } = potClock(planStock(ask), ask.simmerMin, (nowMs - startedAtMs) / MINUTE_MS);
      const dueAtMs = nowMs + strainInMin * MINUTE_MS;
      return { kind: "pot", key: `pot ${id}`, title: codes.join(", "), dueAtMs, href: "/butter/stock" };
    }),
  ];
}

function keptHot(db: Db, { ruleSetId }: House, nowMs: number): readonly Item[] {
  const shelf = shelfOf(db);
  const sauces = saucesNow(db).flatMap(({ lot, spec, madeAtMs, mount }): readonly Item[] => {
    if (!mount) return [];
    const status = bainStatus(
      { lotId: lot.id, code: lot.code, remainingG: lot.remainingG, madeAtMs, spec, mount },
      ruleSetId,
      nowMs,
      shelf,
    );
    const splitsAtMs = status.splitsInMin === null ? Infinity : nowMs + status.splitsInMin * MINUTE_MS;
    const dueAtMs = Math.min(splitsAtMs, status.outAtMs ?? Infinity);
    return [
      {
        kind: "sauce",
        key: `sauce ${lot.id}`,
        title: spec.name,
        dueAtMs: Number.isFinite(dueAtMs) ? dueAtMs : null,
        href: "/butter",
        owed: status.over || status.state !== "holds",
      },
    ];
  });
  const dishes = openHotHolds(db)
    .filter(({ lotId }) => lotId === null)
    .map((hold): Item => {
      const { outAtMs, checkAtMs, due } = hotHoldStatus(hold, nowMs);
      return {
        kind: "hot",
        key: `hot ${hold.id}`,
        title: hold.title,
        place: hold.place.toLowerCase(),
        dueAtMs: outAtMs ?? checkAtMs,
        href: "/stove/hold",
        owed: due,
      };
    });
  return [...sauces, ...dishes];
}

function cooling(db: Db, { ruleSetId }: House, nowMs: number): readonly Item[] {
  return stocksNow(db)
    .filter(({ lot }) => lot.itemId === STOCK_ITEM)
    .flatMap(({ lot, name }): readonly Item[] => {
      const { verdict, read, nextByMin } = potCooled(db, lot, ruleSetId);
      if (verdict === "pass") return [];
      const dueAtMs = verdict === "fail" ? nowMs : lot.receivedAtMs + (nextByMin ?? 0) * MINUTE_MS;
      const about = { key: `cooling ${lot.id}`, title: `${name} ${lot.code}`, dueAtMs, href: "/butter/kept" };
      return [verdict === "fail" ? { kind: "over", ...about } : { kind: "cooling", readings: read, ...about }];
    });
}

function onTheIce(db: Db, { ruleSetId }: House, nowMs: number): readonly Item[] {
  const stock = stockOnIce(db, nowMs);
  // what lives and is past its days stands on the list as that; what ends in another week is nobody's shift
  const living = liveHolds(
    stock.filter(({ life }) => life.use !== "over"),
    nowMs,
  );
  const holds = [...openHolds(db, nowMs), ...living]
    .filter(({ status: { endsMs, state } }) => state !== "running" || (endsMs ?? 0) < nowMs + SHIFTS_DAYS * DAY_MS)
    .map(({ id, lot, hold, status }): Item => ({
      kind: "hold",
      key: `hold ${id}`,
      title: `${HOLD_LABELS[hold.kind]}: ${speciesName(lot.speciesId)} ${lot.code}`,
      needs: status.needs,
      dueAtMs: status.endsMs,
      href: `/ice/${lot.id}`,
      owed: status.state === "due" || status.state === "stopped",
    }));
  const over = stock
    .filter(({ life, byProduct }) => life.use === "over" && !byProduct)
    .map(({ id, row, life }): Item => ({
      kind: life.state === "live" ? "live" : "over",
      key: `over ${id}`,
      title: `${speciesName(row.speciesId)} ${row.code}`,
      dueAtMs: nowMs,
      href: `/ice/${id}`,
    }));
  const watched = watchHouse(db, ruleSetId, nowMs);
  const alarms = alarmsOf(db, watched, nowMs);
  const warm = alarms.map(({ place, excursion: { extremeC, fromMs } }): Item => ({
    kind: "alarm",
    key: `alarm ${place.id} ${fromMs}`,
    title: place.name,
    celsius: extremeC,
    dueAtMs: fromMs,
    href: `/ice/places/${place.id}`,
    owed: true,
  }));
  const silent = watched
    .filter(({ place, gaps }) => gaps.some(({ toMs }) => toMs === nowMs) && !alarms.some((one) => one.place === place))
    .map(({ place }): Item => ({
      kind: "gap",
      key: `gap ${place.id}`,
      title: place.name,
      dueAtMs: null,
      href: `/ice/places/${place.id}`,
      owed: true,
    }));
  return [...holds, ...over, ...warm, ...silent];
}

function service(db: Db, house: House, today: string, nowMs: number): readonly Item[] {
  const tickets = ticketsSince(db, serviceFromMs(nowMs));
  const tables = tickets.flatMap(({ id, table, courses }) =>
    courses.filter(isOpen).map(({ course, calledAtMs, promisedAtMs, wantedAtMs }): Item => ({
      kind: "table",
      key: `table ${id} ${course}`,
      title: table,
      called: calledAtMs !== null,
      dueAtMs: calledAtMs === null ? null : (wantedAtMs ?? promisedAtMs),
      href: "/line",
    })),
  );
  const prep = prepOf(db, house, today, nowMs)
    .rows.filter(({ done, atService }) => !done && !atService)
    .map((row): Item => ({
      kind: "prep",
      key: `prep ${row.kind} ${row.name}`,
      title: row.name,
      beginMin: row.beginMin,
      dueAtMs: wallClockMs(today, Math.round(row.beginMin), 0, house.timeZone),
      href: "/cards/prep",
    }));
  // what is left is counted once the last table is gone
  const served = tickets.some(({ courses }) => courses.some(({ goneAtMs }) => goneAtMs !== null));
  const counts =
    tables.length > 0 || !served
      ? []
      : closeLines(db, today, nowMs - CUT_DAYS * DAY_MS)
          .filter(({ kept }) => kept === null)
          .map(({ batchId, code, speciesId, booked }): Item => ({
            kind: "count",
            key: `count ${batchId}`,
            title: `${speciesName(speciesId)} ${code}`,
            pieces: booked,
            dueAtMs: nowMs,
            href: "/line/close",
          }));
  return [...tables, ...prep, ...counts];
}

function shelves(db: Db, nowMs: number): { readonly owed: readonly Item[]; readonly low: readonly LowItem[] } {
  const there = preparationsNow(db);
  const owed = [
    ...there.flatMap(({ preparation, lots }) =>
      lots
        .filter(({ useByMs }) => useByMs !== null && useByMs <= nowMs)
        .map(({ id, code, useByMs }): Item => ({
          kind: "over",
          key: `shelf ${id}`,
          title: `${preparation.label} ${code}`,
          dueAtMs: useByMs,
          href: "/butter/shelf",
        })),
    ),
    ...fryers(db, nowMs)
      .filter(({ verdict }) => verdict === "out" || verdict === "change-today")
      .map(({ id, name }): Item => ({
        kind: "oil",
        key: `oil ${id}`,
        title: name,
        dueAtMs: null,
        href: "/butter/shelf",
        owed: true,
      })),
  ];
  const low = there
    .filter((one) => one.low)
    .map(({ preparation: { id, label }, portions, par, leftG }): LowItem => {
      const about = { key: `shelf ${id}`, title: label, href: "/butter/shelf" };
      return portions === null
        ? { kind: "mass", leftG, ...about }
        : { kind: "portions", left: portions, par: par ?? 0, ...about };
    });
  return { owed, low };
}

const lowCards = (db: Db, house: House, nowMs: number): readonly LowItem[] =>
  passNow(db, house, nowMs).tiles.flatMap(({ cardId, name, off, short, left, toCome }): readonly LowItem[] => {
    const about = { key: `card ${cardId}`, title: name, href: "/cards" };
    if (off) return [];
    if (short > 0) return [{ kind: "short", plates: short, ...about }];
    return toCome > 0 && left < FEW_PLATES ? [{ kind: "few", left, ...about }] : [];
  });

/** Everything the one who comes on has to know, as it stands now. */
export function handoverNow(db: Db, house: House, nowMs: number): Handover {
  const today = todayIn(house.timeZone, nowMs);
  const shelf = shelves(db, nowMs);
  const checks = new Map(
    [...lastChecks(db, nowMs)].map(([name, { atMs, celsius }]) => [
      name,
      { day: todayIn(house.timeZone, atMs), celsius },
    ]),
  );
  const names = [...new Set([...listProbes(db).map(({ name }) => name), ...[...checks.keys()].filter(Boolean)])];
  return handoverOf(
    [
      ...cooking(db, nowMs),
      ...onTheFire(db, nowMs),
      ...keptHot(db, house, nowMs),
      ...cooling(db, house, nowMs),
      ...service(db, house, today, nowMs),
      ...onTheIce(db, house, nowMs),
      ...shelf.owed,
    ],
    [...lowCards(db, house, nowMs), ...shelf.low],
    probeToCheckFirst(names, checks, today),
    nowMs,
  );
}
