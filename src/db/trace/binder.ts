import { and, gte, inArray, lt } from "drizzle-orm";
import { todayIn } from "@/calendar/days";
import type { HoldKind } from "@/core/coldchain";
import type { RuleSetId } from "@/core/safety";
import { isKind, type LedgerEntry } from "@/core/trace";
import {
  answering,
  DAILY,
  QUESTIONS,
  type BinderSection,
  type OpenPoint,
  type PlaceAnswer,
  type QuestionId,
} from "@/house/book/binder";
import { HOUSE_ITSELF } from "@/house/book/bookDay";
import type { Db } from "../connection";
import { listPlaces } from "../house/places";
import { speciesOf } from "../house/species";
import { entriesBetween } from "../ledger";
import { watchPlace, type PlaceWatch } from "../lots/excursions";
import { fishLots, holds } from "../schema/lots";

type Period = {
  readonly fromMs: number;
  readonly toMs: number;
  readonly ruleSetId: RuleSetId;
  readonly timeZone: string;
};

/** What the house can show an inspector of a period, question by question, with what is not there named. */
export function binderOf(db: Db, { fromMs, toMs, ruleSetId, timeZone }: Period): readonly BinderSection[] {
  const entries = entriesBetween(db, fromMs, toMs).toReversed();
  const holdOf = holdsByLot(db, entries);
  const watched = listPlaces(db).map((place) => watchPlace(db, place, ruleSetId, fromMs, toMs));
  const worked = [
    ...new Set(entries.filter(({ who }) => who !== HOUSE_ITSELF).map(({ atMs }) => todayIn(timeZone, atMs))),
  ];
  return QUESTIONS.map((id): BinderSection => {
    const own = answering(id, entries, holdOf);
    const days = new Set(own.map(({ atMs }) => todayIn(timeZone, atMs)));
    return {
      id,
      entries: own,
      places: id === "cold" ? watched.map((watch) => placeAnswer(watch, fromMs)) : [],
      open: openPoints(db, id, own, watched, { fromMs, toMs }),
      daysWithout: DAILY.includes(id) ? worked.filter((day) => !days.has(day)).sort() : [],
    };
  });
}

/** The kind of hold an entry about a lot tells of: the last one that had begun by then. */
function holdsByLot(db: Db, entries: readonly LedgerEntry[]): (entry: LedgerEntry) => HoldKind | null {
  const ids = [...new Set(entries.flatMap(({ kind, lotId }) => (kind.startsWith("hold-") && lotId ? [lotId] : [])))];
  const rows = db.select().from(holds).where(inArray(holds.lotId, ids)).orderBy(holds.startedAtMs).all();
  return ({ lotId, atMs }) => rows.findLast((hold) => hold.lotId === lotId && hold.startedAtMs <= atMs)?.kind ?? null;
}

const within = ({ readings }: PlaceWatch, fromMs: number) => readings.filter(({ atMs }) => atMs >= fromMs);

function placeAnswer(watch: PlaceWatch, fromMs: number): PlaceAnswer {
  const read = within(watch, fromMs).map(({ celsius }) => celsius);
  return {
    name: watch.place.name,
    readings: read.length,
    lowestC: read.length === 0 ? null : read.reduce((least, one) => Math.min(least, one), Infinity),
    highestC: read.length === 0 ? null : read.reduce((most, one) => Math.max(most, one), -Infinity),
    excursions: watch.excursions.length,
    answered: watch.excursions.filter(({ answers }) => answers.length > 0).length,
  };
}

function openPoints(
  db: Db,
  id: QuestionId,
  entries: readonly LedgerEntry[],
  watched: readonly PlaceWatch[],
  { fromMs, toMs }: Pick<Period, "fromMs" | "toMs">,
): readonly OpenPoint[] {
  switch (id) {
    case "cold":
      return watched.flatMap((watch): OpenPoint[] => {
        const place = watch.place.name;
        if (within(watch, fromMs).length === 0) return [{ kind: "never-read", place }];
        return [
          ...watch.excursions
            .filter(({ answers }) => answers.length === 0)
            .map(({ fromMs: from, toMs: to, extremeC }) => ({
              kind: "excursion" as const,
              place,
              fromMs: from,
              toMs: to,
              extremeC,
            })),
          ...watch.gaps
            .filter((gap) => gap.toMs > fromMs)
            .map((gap) => ({ kind: "not-read" as const, place, fromMs: Math.max(gap.fromMs, fromMs), toMs: gap.toMs })),
        ];
      });
    case "cooling": {
      const read = new Set(entries.filter(({ kind }) => kind === "stock-read").map(({ lotId }) => lotId));
      return entries.flatMap((entry): OpenPoint[] => {
        if (entry.kind === "stock-read" && entry.payload.verdict === "fail")
          return [{ kind: "cooled-too-slowly", code: entry.payload.code ?? "" }];
        return entry.kind === "stock-made" && !read.has(entry.lotId)
          ? [{ kind: "cooling-not-read", code: entry.payload.code ?? "" }]
          : [];
      });
    }
    case "parasites":
    case "thawing":
      return entries
        .filter(isKind("hold-closed"))
        .filter(({ payload }) => payload.met === false)
        .map(({ payload: { code = "", hold = "" } }) => ({ kind: "hold-not-met", code, hold }));
    case "tags":
      return untagged(db, fromMs, toMs);
    default:
      return [];
  }
}

/** Live and shucked shellfish that came without what was printed on the tag. */
const untagged = (db: Db, fromMs: number, toMs: number): readonly OpenPoint[] =>
  db
    .select({
      code: fishLots.code,
      speciesId: fishLots.speciesId,
      form: fishLots.form,
      provenance: fishLots.provenance,
      parentId: fishLots.parentId,
      status: fishLots.status,
    })
    .from(fishLots)
    .where(and(gte(fishLots.receivedAtMs, fromMs), lt(fishLots.receivedAtMs, toMs)))
    .all()
    .filter(
      ({ form, provenance, parentId, status, speciesId }) =>
        parentId === null &&
        status !== "refused" &&
        (form === "live" || form === "shucked") &&
        provenance.tag === undefined &&
        speciesOf(db, speciesId)?.group === "bivalve",
    )
    .map(({ code, speciesId }) => ({ kind: "no-tag", code, speciesId }));
