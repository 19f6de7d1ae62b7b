import { and, eq, isNull, sql } from "drizzle-orm";
import type { CookEvent } from "@/core/cooking";
import type { PiecesBecame } from "@/house/lots/piecesBecame";
import type { Db } from "../connection";
import { platesOfCook, piecesOfCook } from "../cards/plates";
import { cookPieces, plateParts, plates } from "../schema/cards";
import { portions } from "../schema/cooks";
import { fishLots, waste } from "../schema/lots";
import type { Stamp } from "../stamp";

type OfCook = { readonly id: string; readonly lotId: string | null };

/** The pieces of a cancelled cook: plates, or waste at what they cost. Not said: nothing is written of them. */
export function piecesOfCancelled(
  db: Db,
  { id, lotId }: OfCook,
  became: PiecesBecame | null,
  { who, atMs }: Stamp,
): void {
  // of what has no lot nothing is counted
  if (became === null || lotId === null) return;
  if (became === "plate") return platesOfCook(db, id, who, atMs);
  const lot = db.select({ cents: fishLots.priceCentsPerKg }).from(fishLots).where(eq(fishLots.id, lotId)).get();
  for (const { massG } of piecesOfCook(db, id))
    db.insert(waste)
      .values({ lotId, atMs, who, massG, reason: became, costCents: Math.round(((lot?.cents ?? 0) * massG) / 1000) })
      .run();
}

/** A tap is taken back: what it did is as if it had not been. */
export function takeBack(db: Db, { id, lotId }: OfCook, tap: CookEvent): void {
  if (tap.kind === "started") {
    db.update(portions).set({ cookId: null }).where(eq(portions.cookId, id)).run();
    db.delete(cookPieces).where(eq(cookPieces.cookId, id)).run();
    return;
  }
  platesBack(db, id);
  if (tap.kind === "abandoned" && lotId !== null)
    db.delete(waste)
      .where(and(eq(waste.lotId, lotId), eq(waste.atMs, tap.atMs)))
      .run();
}

/** Plates of a cook that is not done after all: its own are none, those that went by their card wait for their piece again. */
function platesBack(db: Db, cookId: string): void {
  // what came out of a sauce or a tray stays on its plate
  const ofCook = sql`${plateParts.portionId} is not null and ${plateParts.plateId} in (select ${plates.id} from ${plates} where ${plates.cookId} = ${cookId})`;
  db.delete(plateParts).where(ofCook).run();
  db.delete(plates)
    .where(and(eq(plates.cookId, cookId), isNull(plates.cardHash)))
    .run();
  db.update(plates).set({ cookId: null }).where(eq(plates.cookId, cookId)).run();
}
