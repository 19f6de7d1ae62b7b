import { eq, inArray } from "drizzle-orm";
import type { CardSpec } from "@/core/cards";
import { groupBy } from "@/core/shared";
import { leastSure, spread } from "@/core/trace";
import { CardBody } from "@/house/cards/cardSpec";
import type { Door, PlateTrace, TracedPart, TraceStep } from "@/house/book/plateTrace";
import type { Db } from "../connection";
import { preparationItem } from "../butter/preparations";
import { sauceItem } from "../butter/sauces";
import { plateParts, plates } from "../schema/cards";
import { lots, makeOutputs, makes, packs, specs } from "../schema/larder";
import { ticketLines, tickets } from "../schema/line";
import { fish, suppliers } from "../schema/lots";
import { flowsInto, shelfGoodsOf } from "./flows";
import { namedLots } from "./namedLots";

/** One plate back to the water. Undefined: there is none of that id. */
export function tracePlate(db: Db, id: string): PlateTrace | undefined {
  const row = db
    .select({ plate: plates, spec: specs, line: ticketLines, ticket: tickets, make: makes.kind })
    .from(plates)
    .leftJoin(specs, eq(specs.hash, plates.cardHash))
    .leftJoin(ticketLines, eq(ticketLines.id, plates.lineId))
    .leftJoin(tickets, eq(tickets.id, ticketLines.ticketId))
    .leftJoin(makes, eq(makes.id, plates.makeId))
    .where(eq(plates.id, id))
    .get();
  if (!row) return undefined;
  const { plate, spec, line, ticket, make } = row;
  const parts = db.select().from(plateParts).where(eq(plateParts.plateId, id)).orderBy(plateParts.id).all();
  const itemIds = new Set(
    db
      .select({ itemId: lots.itemId })
      .from(lots)
      .where(
        inArray(
          lots.id,
          parts.flatMap(({ lotId }) => lotId ?? []),
        ),
      )
      .all()
      .map(({ itemId }) => itemId),
  );
  const traced = parts.flatMap(({ lotId, massG, certainty }): readonly TracedPart[] => {
    const sure = certainty === "certain" ? "certain" : "possible";
    return lotId === null ? [] : [{ massG, certainty: sure, steps: stepsTo(db, lotId, sure) }];
  });
  return {
    id,
    atMs: plate.atMs,
    who: plate.who,
    state: plate.state,
    card: spec && { name: spec.name, hash: spec.hash, sinceMs: spec.atMs },
    ticket: ticket && { table: ticket.tableName, guest: ticket.guest, course: line!.course },
    cookId: plate.cookId,
    raw: make === "raw-plates",
    parts: traced,
    unwritten: spec ? unwrittenOf(CardBody.parse(spec.body), itemIds, traced) : [],
  };
}

function unwrittenOf(
  card: CardSpec,
  itemIds: ReadonlySet<string>,
  parts: readonly TracedPart[],
): PlateTrace["unwritten"] {
  const piece = parts.some(({ steps }) => steps[0]?.isFish);
  const sauce = card.sauce === null || itemIds.has(sauceItem(card.sauce.specId));
  const garnish = card.garnishes.every(({ preparationId }) => itemIds.has(preparationItem(preparationId)));
  return [
    ...(piece ? [] : ["piece" as const]),
    ...(sauce ? [] : ["sauce" as const]),
    ...(garnish ? [] : ["garnish" as const]),
  ];
}

/** A lot and everything it came of, itself first, then in the order the work was done backwards. */
function stepsTo(db: Db, lotId: string, sure: TraceStep["certainty"]): readonly TraceStep[] {
  const reached = spread(
    [lotId],
    (ids) => flowsInto(db, ids),
    ({ fromId, toId }) => [toId, fromId],
  );
  const ids = [...reached.keys()];
  const madeBy = db
    .select({ lotId: makeOutputs.lotId, makeId: makes.id })
    .from(makeOutputs)
    .innerJoin(makes, eq(makes.id, makeOutputs.makeId))
    .where(inArray(makeOutputs.lotId, ids))
    .all();
  const works = new Map(
    db
      .select()
      .from(makes)
      .where(
        inArray(
          makes.id,
          [...reached.values()].flatMap(({ by }) => by?.makeId ?? []),
        ),
      )
      .all()
      .map(({ id, kind, atMs, who }) => [id, { kind, atMs, who }]),
  );
  const shelf = groupBy(
    shelfGoodsOf(
      db,
      madeBy.map(({ makeId }) => makeId),
    ),
    ({ makeId }) => makeId,
  );
  const doors = doorsOf(db, ids);
  return namedLots(db, ids)
    .map(({ id, leftG: _, placeName: __, ...lot }): TraceStep => {
      const { by, certainty } = reached.get(id)!;
      const makeIds = madeBy.filter((one) => one.lotId === id).map(({ makeId }) => makeId);
      return {
        ...lot,
        lotId: id,
        certainty: leastSure(sure, certainty),
        into: by?.makeId ? (works.get(by.makeId) ?? null) : null,
        shelf: makeIds.flatMap((makeId) => (shelf.get(makeId) ?? []).map(({ name }) => name)),
        door: doors.get(id) ?? null,
      };
    })
    .sort((a, b) => Number(b.lotId === lotId) - Number(a.lotId === lotId) || b.atMs - a.atMs);
}

/** The door of those lots that came through it. */
function doorsOf(db: Db, ids: readonly string[]): ReadonlyMap<string, Door> {
  const rows = db
    .select({ lot: lots, fish, supplier: suppliers.name, pack: packs })
    .from(lots)
    .leftJoin(fish, eq(fish.lotId, lots.id))
    .leftJoin(suppliers, eq(suppliers.id, fish.supplierId))
    .leftJoin(packs, eq(packs.lotId, lots.id))
    .where(inArray(lots.id, [...ids]))
    .all();
  return new Map(
    rows.flatMap(({ lot, fish: own, supplier, pack }): [string, Door][] => {
      if (own && lot.parentId === null)
        return [
          [
            lot.id,
            {
              supplier: supplier ?? "",
              supplierLot: own.provenance.supplierLot ?? null,
              source: own.source,
              area: own.area,
              caughtAtMs: own.caughtAtMs,
            },
          ],
        ];
      if (!pack) return [];
      const supplierLot = pack.supplierLot || null;
      return [[lot.id, { supplier: pack.supplier, supplierLot, source: null, area: null, caughtAtMs: null }]];
    }),
  );
}
