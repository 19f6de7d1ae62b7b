import { aliasedTable, and, eq, inArray, isNotNull, ne, sql } from "drizzle-orm";
import { groupBy } from "@/core/shared";
import type { Flow } from "@/core/trace";
import type { Db } from "../connection";
import { items, lots, makeInputs, makeOutputs } from "../schema/larder";

/** Lots asked for in one question, under SQLite's limit of variables. */
const CHUNK = 5000;

const inChunks = <T>(ids: readonly string[], ask: (some: readonly string[]) => readonly T[]): readonly T[] =>
  Array.from({ length: Math.ceil(ids.length / CHUNK) }, (_, at) => ask(ids.slice(at * CHUNK, (at + 1) * CHUNK))).flat();

type Input = { readonly makeId: string; readonly lotId: string | null; readonly kind: string; readonly good: string };

/** What went into some works, lots and goods of the shelf alike. */
const inputsOf = (db: Db, makeIds: readonly string[]): readonly Input[] =>
  inChunks(makeIds, (some) =>
    db
      .select({
        makeId: makeInputs.makeId,
        lotId: makeInputs.lotId,
        kind: items.kind,
        good: sql<string>`coalesce(json_extract(${items.facts}, '$.ingredientId'), ${items.id})`,
      })
      .from(makeInputs)
      .leftJoin(lots, eq(lots.id, makeInputs.lotId))
      .innerJoin(items, eq(items.id, sql`coalesce(${lots.itemId}, ${makeInputs.itemId})`))
      .where(inArray(makeInputs.makeId, [...some]))
      .all(),
  );

/** The whole a lot was cut from, and that one's whole, up to the door. */
export function rootsOf(db: Db, ids: readonly string[]): ReadonlyMap<string, string> {
  const roots = new Map(ids.map((id) => [id, id]));
  let open = ids;
  while (open.length > 0) {
    const above = new Map(
      inChunks([...new Set(open.map((id) => roots.get(id)!))], (some) =>
        db
          .select({ id: lots.id, parentId: lots.parentId })
          .from(lots)
          .where(and(inArray(lots.id, [...some]), isNotNull(lots.parentId)))
          .all(),
      ).map(({ id, parentId }) => [id, parentId!]),
    );
    open = open.filter((id) => above.has(roots.get(id)!));
    for (const id of open) roots.set(id, above.get(roots.get(id)!)!);
  }
  return roots;
}

/** Whether what came of a work holds some of this input for certain: alone of its kind in the pot, and the only catch. */
function certaintyIn(inputs: readonly Input[], roots: ReadonlyMap<string, string>) {
  const catches = new Set(inputs.flatMap(({ kind, lotId }) => (kind === "part" && lotId ? [roots.get(lotId)] : [])));
  return (lotId: string): Flow["certainty"] => {
    const own = inputs.find((one) => one.lotId === lotId);
    if (own?.kind === "part") return catches.size > 1 ? "possible" : "certain";
    const alike = inputs.filter(({ good, lotId: other }) => good === own?.good && other !== lotId);
    return alike.length > 0 ? "possible" : "certain";
  };
}

type Step = { readonly makeId: string; readonly fromId: string; readonly toId: string };

function withCertainty(db: Db, steps: readonly Step[]): readonly Flow[] {
  const inputs = inputsOf(db, [...new Set(steps.map(({ makeId }) => makeId))]);
  const fishIn = inputs.flatMap(({ kind, lotId }) => (kind === "part" && lotId ? [lotId] : []));
  const roots = rootsOf(db, [...new Set(fishIn)]);
  const certaintyOf = new Map(
    [...groupBy(inputs, ({ makeId }) => makeId)].map(([id, some]) => [id, certaintyIn(some, roots)]),
  );
  return steps.map((step) => ({ ...step, certainty: certaintyOf.get(step.makeId)!(step.fromId) }));
}

const into = aliasedTable(lots, "into");

function steps(db: Db, ids: readonly string[], end: "from" | "to"): readonly Step[] {
  const column = end === "from" ? makeInputs.lotId : makeOutputs.lotId;
  return inChunks(ids, (some) =>
    db
      .select({ makeId: makeInputs.makeId, fromId: makeInputs.lotId, toId: makeOutputs.lotId })
      .from(makeInputs)
      .innerJoin(makeOutputs, eq(makeOutputs.makeId, makeInputs.makeId))
      .where(
        and(
          inArray(column, [...some]),
          isNotNull(makeInputs.lotId),
          isNotNull(makeOutputs.lotId),
          ne(makeInputs.lotId, makeOutputs.lotId),
        ),
      )
      .all(),
  ).map(({ makeId, fromId, toId }) => ({ makeId, fromId: fromId!, toId: toId! }));
}

/** Parts that were split off, of which no work was written. */
const splits = (db: Db, ids: readonly string[], end: "from" | "to"): readonly Flow[] =>
  inChunks(ids, (some) =>
    db
      .select({ fromId: into.parentId, toId: into.id })
      .from(into)
      .where(and(inArray(end === "from" ? into.parentId : into.id, [...some]), isNotNull(into.parentId)))
      .all(),
  ).map(({ fromId, toId }) => ({ fromId: fromId!, toId, makeId: null, certainty: "certain" }));

/** Where lots went: into what was made of them, and the parts they were split into. */
export const flowsFrom = (db: Db, ids: readonly string[]): readonly Flow[] => [
  ...splits(db, ids, "from"),
  ...withCertainty(db, steps(db, ids, "from")),
];

/** Where lots came from. */
export const flowsInto = (db: Db, ids: readonly string[]): readonly Flow[] => [
  ...splits(db, ids, "to"),
  ...withCertainty(db, steps(db, ids, "to")),
];

/** Goods that went into a work from the shelf, of which nobody wrote a pack. */
export const shelfGoodsOf = (
  db: Db,
  makeIds: readonly string[],
): readonly { readonly makeId: string; readonly name: string }[] =>
  inChunks(makeIds, (some) =>
    db
      .select({ makeId: makeInputs.makeId, name: items.name })
      .from(makeInputs)
      .innerJoin(items, eq(items.id, makeInputs.itemId))
      .where(and(inArray(makeInputs.makeId, [...some]), sql`${makeInputs.lotId} is null`))
      .all(),
  );
