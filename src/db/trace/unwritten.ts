import { and, eq, gte, inArray, lte, sql } from "drizzle-orm";
import type { CardSpec } from "@/core/cards";
import { DAY_MS } from "@/core/units";
import { CardBody } from "@/house/cards/cardSpec";
import type { RecallPlate } from "@/house/book/recall";
import { preparationItem } from "../butter/preparations";
import { sauceItem } from "../butter/sauces";
import type { Db } from "../connection";
import { plateParts, plates } from "../schema/cards";
import { items, lots, specs } from "../schema/larder";
import { ledger, ledgerSubjects } from "../schema/ledger";
import { ticketLines, tickets } from "../schema/line";
import { fish } from "../schema/lots";

/** Pieces of a lot that is gone still wait cut for so long. */
const WAITS_MS = 3 * DAY_MS;

type Candidate = {
  readonly lotId: string;
  readonly speciesId: string | null;
  readonly itemId: string;
  readonly fromMs: number;
  readonly toMs: number;
};

/** When lots could have gone onto plates: from when they came until they were gone, and what was cut off them after that. */
function candidates(db: Db, ids: readonly string[], nowMs: number): readonly Candidate[] {
  const rows = db
    .select({
      lotId: lots.id,
      itemId: lots.itemId,
      status: lots.status,
      fromMs: lots.receivedAtMs,
      speciesId: fish.speciesId,
      use: fish.partUse,
      lastMs: sql<
        number | null
      >`(select max(${ledger.atMs}) from ${ledgerSubjects} join ${ledger} on ${ledger.seq} = ${ledgerSubjects.seq} where ${ledgerSubjects.kind} = 'lot' and ${ledgerSubjects.id} = ${lots.id})`,
    })
    .from(lots)
    .leftJoin(fish, eq(fish.lotId, lots.id))
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(inArray(lots.id, [...ids]))
    .all();
  return (
    rows
      // what went for bones lies on no plate
      .filter(({ status, use }) => status !== "refused" && use !== "stock")
      .map(({ status, lastMs, use: _, ...row }) => ({
        ...row,
        toMs: status === "on-ice" ? nowMs : (lastMs ?? row.fromMs) + (row.speciesId === null ? 0 : WAITS_MS),
      }))
  );
}

/** Whether a card asks for what such a lot is. */
function asks(card: CardSpec, { speciesId, itemId }: Candidate): boolean {
  if (speciesId !== null) return card.piece.speciesIds.includes(speciesId);
  return (
    (card.sauce !== null && sauceItem(card.sauce.specId) === itemId) ||
    card.garnishes.some(({ preparationId }) => preparationItem(preparationId) === itemId)
  );
}

/** Whether a plate says of itself what of this kind lay on it. */
const saysSo = ({ speciesId, itemId }: Candidate) =>
  speciesId === null
    ? sql`exists (select 1 from ${plateParts} join ${lots} on ${lots.id} = ${plateParts.lotId} where ${plateParts.plateId} = ${plates.id} and ${lots.itemId} = ${itemId})`
    : sql`exists (select 1 from ${plateParts} join ${fish} on ${fish.lotId} = ${plateParts.lotId} where ${plateParts.plateId} = ${plates.id})`;

/** Plates of cards that ask for such a lot, served while it was there, of which nobody wrote what lay on them: it may have been this. */
export function unwrittenPlates(db: Db, ids: readonly string[], nowMs: number): readonly RecallPlate[] {
  const cards = db
    .select({ hash: specs.hash, name: specs.name, body: specs.body })
    .from(specs)
    .where(eq(specs.kind, "card"))
    .all()
    .map(({ body, ...row }) => ({ ...row, card: CardBody.parse(body) }));
  const found = new Map<string, RecallPlate>();
  for (const lot of candidates(db, ids, nowMs)) {
    const fitting = new Map(cards.filter(({ card }) => asks(card, lot)).map((one) => [one.hash, one]));
    if (fitting.size === 0) continue;
    const rows = db
      .select({
        id: plates.id,
        atMs: plates.atMs,
        who: plates.who,
        state: plates.state,
        hash: plates.cardHash,
        table: tickets.tableName,
        guest: tickets.guest,
      })
      .from(plates)
      .leftJoin(ticketLines, eq(ticketLines.id, plates.lineId))
      .leftJoin(tickets, eq(tickets.id, ticketLines.ticketId))
      .where(
        and(
          inArray(plates.cardHash, [...fitting.keys()]),
          gte(plates.atMs, lot.fromMs),
          lte(plates.atMs, lot.toMs),
          sql`not ${saysSo(lot)}`,
        ),
      )
      .all();
    for (const { hash, ...plate } of rows) {
      if (found.has(plate.id)) continue;
      const { name, card } = fitting.get(hash!)!;
      const raw = card.piece.use === "raw";
      found.set(plate.id, { ...plate, dish: name, raw, lotId: lot.lotId, certainty: "possible", written: false });
    }
  }
  return [...found.values()];
}
