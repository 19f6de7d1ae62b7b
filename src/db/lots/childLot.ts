import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import type { PartUse } from "@/core/block";
import { goneAfterCut, isReadyToEat, type Form, type LotLife, type LotState } from "@/core/freshness";
import { centsOf } from "@/core/larder";
import type { Species } from "@/core/species";
import type { Db } from "../connection";
import { addFishLot, lighten, type Lot } from "./lotRows";
import { leaveIce } from "./lots";
import type { Place } from "../house/places";
import { lots } from "../schema/larder";
import { lotStays } from "../schema/lots";

/** What lying in a place of this kind makes of a lot: a freezer freezes, a refrigerator thaws what was frozen. */
export function stateIn(lot: Pick<Lot, "state">, kind: string): LotState {
  if (kind === "freezer") return "frozen";
  return lot.state === "frozen" ? "thawed" : lot.state;
}

export type Whole = {
  readonly lot: Lot;
  readonly species: Species;
  readonly life: Pick<LotLife, "startIceDays" | "usedIceDays">;
  readonly atMs: number;
  readonly who: string;
  /** The house's today. */
  readonly day: string;
};

export type ChildPart = {
  readonly massG: number;
  readonly form: Form;
  readonly label?: string;
  readonly use?: PartUse;
  /** Its share of what the whole cost, cents; left out: by weight. */
  readonly cents?: number;
};

/**
 * A part of a lot as a lot of its own: it remembers where it came from and how much of its life is gone. What was alive and is not any
 * more starts its days at the knife; what can be eaten as it is starts its date mark today.
 */
export function makeChild(db: Db, whole: Whole, part: ChildPart, place: Pick<Place, "id" | "kind">): Lot {
  const { lot, species, life, atMs, who, day } = whole;
  const siblings = db.select({ id: lots.id }).from(lots).where(eq(lots.parentId, lot.id)).all().length;
  const killed = lot.state === "live" && part.form !== "live";
  const lying = stateIn(lot, place.kind);
  const state: LotState = killed && lying === "live" ? "chilled" : lying;
  const thawed = state === "thawed" && lot.state === "frozen";
  const gone = killed ? 0 : goneAfterCut(life.startIceDays + life.usedIceDays, species, lot.form, part.form);
  const { id: _id, code, itemId: _item, remainingCents: _left, useByMs: _until, allergens: _own, ...inherited } = lot;
  const totalCents = part.cents ?? centsOf(lot.remainingCents, lot.remainingG, part.massG);
  const child = addFishLot(db, {
    ...inherited,
    id: randomUUID(),
    code: `${code}.${siblings + 1}`,
    parentId: lot.id,
    form: part.form,
    massG: part.massG,
    remainingG: part.massG,
    statedMassG: null,
    status: "on-ice",
    inheritedIceDays: gone,
    receivedAtMs: atMs,
    receivedBy: who,
    placeId: place.id,
    state,
    onceFrozen: lot.onceFrozen || state === "frozen",
    thawedOn: thawed ? day : lot.thawedOn,
    openedOn: lot.openedOn ?? (isReadyToEat(part.form) && !isReadyToEat(lot.form) ? day : null),
    totalCents,
    priceCentsPerKg: part.cents === undefined ? lot.priceCentsPerKg : Math.round((part.cents / part.massG) * 1000),
    partLabel: part.label ?? lot.partLabel,
    partUse: part.use ?? lot.partUse,
  });
  db.insert(lotStays).values({ lotId: child.id, placeId: place.id, fromMs: atMs }).run();
  return child;
}

/** Makes a lot lighter by `massG`; less than a gram left takes it off the ice. Answers with what is left and the cents that went. */
export function takeFrom(
  db: Db,
  lot: Pick<Lot, "id" | "remainingG" | "remainingCents">,
  massG: number,
  atMs: number,
): { readonly leftG: number; readonly cents: number } {
  const taken = lighten(db, lot, massG);
  if (taken.leftG >= 1) return taken;
  leaveIce(db, lot.id, atMs);
  return { ...taken, cents: lot.remainingCents };
}
