import { and, eq, like } from "drizzle-orm";
import { centsOf, partItemId } from "@/core/larder";
import { assert } from "@/core/shared";
import type { Db } from "../connection";
import { items, lots } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";

export type Lot = typeof fishLots.$inferSelect;

type Spine = typeof lots.$inferInsert;
export type NewFishLot = Omit<Spine, "itemId" | "remainingCents" | "useByMs" | "allergens"> &
  Omit<typeof fish.$inferInsert, "lotId">;

/** The item a part of a species is, made when the first of its kind comes. */
function partItem(
  db: Db,
  { speciesId, form, partLabel = null }: Pick<NewFishLot, "speciesId" | "form" | "partLabel">,
): string {
  const id = partItemId(speciesId, form, partLabel);
  const facts = { speciesId, form, partLabel };
  db.insert(items)
    .values({ id, kind: "part", name: `${speciesId}, ${partLabel ?? form}`, facts })
    .onConflictDoNothing()
    .run();
  return id;
}

/** Adds a lot of fish: its spine and what only a fish has. */
export function addFishLot(db: Db, row: NewFishLot): Lot {
  const {
    id,
    code,
    receivedAtMs,
    receivedBy,
    massG,
    remainingG,
    totalCents,
    status,
    state,
    placeId,
    parentId,
    ...facts
  } = row;
  const spine = { id, code, receivedAtMs, receivedBy, massG, remainingG, totalCents, status, state, placeId, parentId };
  db.insert(lots)
    .values({ ...spine, itemId: partItem(db, row), remainingCents: centsOf(totalCents, massG, remainingG) })
    .run();
  db.insert(fish)
    .values({ lotId: id, ...facts })
    .run();
  return fishLot(db, id);
}

/** Next free code of the day, as in `1124-3`: the label on the box. */
export function nextCode(db: Db, dayStamp: string): string {
  const today = db
    .select({ code: lots.code })
    .from(lots)
    .where(like(lots.code, `${dayStamp}-%`))
    .all();
  const highest = today.reduce(
    (most, { code }) => Math.max(most, Number.parseInt(code.slice(dayStamp.length + 1), 10)),
    0,
  );
  return `${dayStamp}-${highest + 1}`;
}

export function fishLot(db: Db, id: string): Lot {
  const found = db.select().from(fishLots).where(eq(fishLots.id, id)).get();
  assert(found !== undefined, `no lot of fish ${id}`);
  return found;
}

/** A lot of fish that can be worked on now. */
export const onIce = (db: Db, id: string): Lot | undefined =>
  db
    .select()
    .from(fishLots)
    .where(and(eq(fishLots.id, id), eq(fishLots.status, "on-ice")))
    .get();

/** Makes a lot lighter, of fish or not; answers with what is left and the cents that went with what was taken. */
export function lighten(
  db: Db,
  lot: Pick<Lot, "id" | "remainingG" | "remainingCents">,
  massG: number,
): { readonly leftG: number; readonly cents: number } {
  const leftG = Math.max(0, lot.remainingG - massG);
  const cents = centsOf(lot.remainingCents, lot.remainingG, massG);
  db.update(lots)
    .set({ remainingG: leftG, remainingCents: lot.remainingCents - cents })
    .where(eq(lots.id, lot.id))
    .run();
  return { leftG, cents };
}
