import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import type { Allergens } from "@/core/larder";
import type { RuleSetId } from "@/core/safety";
import type { Db } from "../connection";
import { cookPieces, plateParts, plates } from "../schema/cards";
import { batches, portions } from "../schema/cooks";

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
  readonly parts: readonly PlatePart[];
};

/** One serving with what lies on it. Call it inside the transaction of the work. Answers with its id. */
export function keepPlate(db: Db, { parts, ...plate }: NewPlate): string {
  const id = randomUUID();
  db.insert(plates)
    .values({ id, ...plate })
    .run();
  for (const part of parts)
    db.insert(plateParts)
      .values({ plateId: id, ...part })
      .run();
  return id;
}

/** The pieces that went into a pan. */
export function putInPan(
  db: Db,
  cookId: string,
  pieces: readonly { readonly id: number; readonly massG: number }[],
): void {
  for (const { id, massG } of pieces) db.insert(cookPieces).values({ cookId, portionId: id, massG }).run();
}

/** A cook is done: every piece of it is a plate. */
export function platesOfCook(db: Db, cookId: string, who: string, atMs: number): void {
  const pieces = db
    .select({ portionId: cookPieces.portionId, massG: cookPieces.massG, lotId: batches.lotId })
    .from(cookPieces)
    .innerJoin(portions, eq(portions.id, cookPieces.portionId))
    .innerJoin(batches, eq(batches.id, portions.batchId))
    .where(eq(cookPieces.cookId, cookId))
    .all();
  for (const piece of pieces)
    keepPlate(db, { cookId, atMs, who, state: "gone", parts: [{ ...piece, certainty: "certain" }] });
}
