import { randomUUID } from "node:crypto";
import { and, asc, eq, gte, inArray, isNotNull, isNull, sql } from "drizzle-orm";
import type { CardSpec } from "@/core/cards";
import type { Allergens } from "@/core/larder";
import type { RuleSetId } from "@/core/safety";
import { HOUR_MS } from "@/core/units";
import { CardBody } from "@/house/cards/cardSpec";
import type { Db } from "../connection";
import { rememberingSince } from "../remember";
import { cookPieces, plateParts, plates } from "../schema/cards";
import { batches, portions } from "../schema/cooks";
import { specs } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";

export type Plate = typeof plates.$inferSelect;
export type PlatePart = Omit<typeof plateParts.$inferInsert, "id" | "plateId">;

export type NewPlate = {
  readonly cardHash?: string | null;
  readonly cookId?: string | null;
  readonly makeId?: string | null;
  readonly atMs: number;
  readonly who: string;
  readonly state: Plate["state"];
  readonly ruleSetId?: RuleSetId | null;
  readonly allergens?: Allergens | null;
  readonly costCents?: number | null;
  readonly lineId?: string | null;
  readonly parts: readonly PlatePart[];
};

/** The tap at the pass and the tap at the stove for one plate are no further apart than a service. */
const ONE_SERVICE_MS = 6 * HOUR_MS;

/** One serving with what lies on it. Call it inside the transaction of the work. Answers with its id. */
export function keepPlate(db: Db, { parts, ...plate }: NewPlate): string {
  const id = randomUUID();
  db.insert(plates)
    .values({ id, ...plate })
    .run();
  for (const part of parts) addPart(db, id, part);
  return id;
}

export const addPart = (db: Db, plateId: string, part: PlatePart) =>
  db
    .insert(plateParts)
    .values({ plateId, ...part })
    .run();

/** The pieces that went into a pan. */
export function putInPan(
  db: Db,
  cookId: string,
  pieces: readonly { readonly id: number; readonly massG: number }[],
): void {
  for (const { id, massG } of pieces) db.insert(cookPieces).values({ cookId, portionId: id, massG }).run();
}

/** The pieces a cook took, with the lot they are of. */
export const piecesOfCook = (db: Db, cookId: string) =>
  db
    .select({ portionId: cookPieces.portionId, massG: cookPieces.massG, lotId: batches.lotId })
    .from(cookPieces)
    .innerJoin(portions, eq(portions.id, cookPieces.portionId))
    .innerJoin(batches, eq(batches.id, portions.batchId))
    .where(eq(cookPieces.cookId, cookId))
    .all();

/** A cook is done: every piece of it is a plate; one that was called gone at the pass before gets its piece now. */
export function platesOfCook(db: Db, cookId: string, who: string, atMs: number): void {
  for (const piece of piecesOfCook(db, cookId))
    plateFrom(db, { cookId }, { ...piece, certainty: "certain" }, who, atMs);
}

/** A piece that was cooked or a raw cover that was laid: on the plate that waits for it, else on one of its own. */
export function plateFrom(
  db: Db,
  work: { readonly cookId: string } | { readonly makeId: string },
  part: PlatePart & { readonly lotId: string },
  who: string,
  atMs: number,
): void {
  const use = "cookId" in work ? "cook" : "raw";
  const lot = db.select({ speciesId: fishLots.speciesId }).from(fishLots).where(eq(fishLots.id, part.lotId)).get();
  const waiting = loosePlates(db, atMs - ONE_SERVICE_MS).find(
    ({ card: { piece } }) => piece.use === use && lot !== undefined && piece.speciesIds.includes(lot.speciesId),
  );
  if (!waiting) {
    keepPlate(db, { ...work, atMs, who, state: "gone", parts: [part] });
    return;
  }
  db.update(plates).set(work).where(eq(plates.id, waiting.id)).run();
  addPart(db, waiting.id, part);
}

/** Sauces and garnishes have lots too, but are no piece. */
const hasPiece = sql`exists (select 1 from ${plateParts} join ${fish} on ${fish.lotId} = ${plateParts.lotId} where ${plateParts.plateId} = ${plates.id})`;

export type LoosePlate = {
  readonly id: string;
  readonly atMs: number;
  readonly cardId: string;
  readonly card: CardSpec;
};

/** Plates that went by their card and of which nobody said yet what piece lay on them, oldest first. */
export const loosePlates = rememberingSince(
  [plates, plateParts, fish, specs],
  (db, sinceMs): readonly LoosePlate[] =>
    db
      .select({ id: plates.id, atMs: plates.atMs, cardId: specs.specId, body: specs.body })
      .from(plates)
      .innerJoin(specs, eq(specs.hash, plates.cardHash))
      .where(and(gte(plates.atMs, sinceMs), inArray(plates.state, ["up", "gone"]), sql`not ${hasPiece}`))
      .orderBy(asc(plates.atMs))
      .all()
      .map(({ body, ...plate }) => ({ ...plate, card: CardBody.parse(body) })),
  ({ atMs }) => atMs,
);

/** A plate out of the pan, or laid raw, that no card was said for: the one that waited longest. Undefined: there is none. */
export const plateWithoutCard = (db: Db, { piece }: CardSpec, atMs: number): string | undefined =>
  db
    .select({ id: plates.id })
    .from(plates)
    .innerJoin(plateParts, eq(plateParts.plateId, plates.id))
    .innerJoin(fishLots, eq(fishLots.id, plateParts.lotId))
    .where(
      and(
        isNull(plates.cardHash),
        gte(plates.atMs, atMs - ONE_SERVICE_MS),
        eq(plates.state, "gone"),
        isNotNull(piece.use === "cook" ? plates.cookId : plates.makeId),
        inArray(fishLots.speciesId, [...piece.speciesIds]),
      ),
    )
    .orderBy(asc(plates.atMs))
    .get()?.id;
