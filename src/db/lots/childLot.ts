import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import type { PartUse } from "@/core/block";
import { goneAfterCut, isReadyToEat, type Form, type LotLife, type LotState } from "@/core/freshness";
import type { Species } from "@/core/species";
import type { Db } from "../connection";
import { leaveIce, type Lot } from "./lots";
import type { Place } from "../house/places";
import { lots, lotStays } from "../schema/lots";

/** What lying in a place of this kind makes of a lot: a freezer freezes, a refrigerator thaws what was frozen. */
export function stateIn(lot: Pick<Lot, "state">, kind: string): LotState {
  if (kind === "freezer") return "frozen";
  return lot.state === "frozen" ? "thawed" : lot.state;
}

type Whole = {
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
  readonly priceCentsPerKg?: number;
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
  const { id: _id, code, ...inherited } = lot;
  const child = db
    .insert(lots)
    .values({
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
      priceCentsPerKg: part.priceCentsPerKg ?? lot.priceCentsPerKg,
      partLabel: part.label ?? lot.partLabel,
      partUse: part.use ?? lot.partUse,
    })
    .returning()
    .get();
  db.insert(lotStays).values({ lotId: child.id, placeId: place.id, fromMs: atMs }).run();
  return child;
}

/** Makes a lot lighter by `massG`; less than a gram left takes it off the ice. Answers with what is left. */
export function takeFrom(db: Db, lot: Lot, massG: number, atMs: number): number {
  const remainingG = Math.max(0, lot.remainingG - massG);
  if (remainingG < 1) leaveIce(db, lot.id, atMs);
  else db.update(lots).set({ remainingG }).where(eq(lots.id, lot.id)).run();
  return remainingG;
}
