import { eq } from "drizzle-orm";
import type { Form } from "@/core/freshness";
import { err, ok, type Refusal, refuse, type Result } from "@/core/shared";
import { makeChild, stateIn, takeFrom } from "./childLot";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { fishLot, lighten, onIce, type Lot } from "./lotRows";
import { endStay, leaveIce } from "./lots";
import { findPlace } from "../house/places";
import { keepMake } from "../larder/makes";
import { lots } from "../schema/larder";
import { fish, lotStays, waste } from "../schema/lots";
import type { Stamp } from "../stamp";
import { lotInHand } from "./stock";
import { keepTagWhenGone } from "./tagRetention";

export type MoveError =
  | { readonly kind: "notOnIce" }
  | { readonly kind: "noSuchPlace" }
  | { readonly kind: "moreThanLeft"; readonly leftG: number }
  | { readonly kind: "alreadyThere" };

/** Moves a lot; into a freezer it is frozen from now on, out of it it thaws. `day` is the house's today. */
export function moveLot(
  db: Db,
  lotId: string,
  placeId: string,
  day: string,
  { who, atMs }: Stamp,
): Result<Lot, MoveError> {
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot) return err({ kind: "notOnIce" });
    const place = findPlace(tx, placeId);
    if (!place) return err({ kind: "noSuchPlace" });
    if (lot.placeId === placeId) return err({ kind: "alreadyThere" });
    const from = lot.placeId === null ? null : findPlace(tx, lot.placeId)?.name;
    const state = stateIn(lot, place.kind);
    endStay(tx, lotId, atMs);
    tx.insert(lotStays).values({ lotId, placeId, fromMs: atMs }).run();
    const thawed = state === "thawed" && lot.state === "frozen";
    tx.update(lots).set({ placeId, state }).where(eq(lots.id, lotId)).run();
    tx.update(fish)
      .set({ onceFrozen: lot.onceFrozen || state === "frozen", thawedOn: thawed ? day : lot.thawedOn })
      .where(eq(fish.lotId, lotId))
      .run();
    const moved = fishLot(tx, lotId);
    const payload = { code: lot.code, from, to: place.name, state, was: lot.state };
    appendEntry(tx, { atMs, who, kind: "lot-moved", lotId, payload });
    return ok(moved);
  });
}

export type Split = { readonly massG: number; readonly form: Form; readonly placeId: string; readonly note: string };

/** Takes a part of a lot as a lot of its own, which remembers where it came from and how much of its life is gone. */
export function splitLot(
  db: Db,
  lotId: string,
  part: Split,
  day: string,
  { who, atMs }: Stamp,
): Result<Lot, MoveError> {
  const parent = lotInHand(db, lotId, atMs);
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot || !parent) return err({ kind: "notOnIce" });
    const place = findPlace(tx, part.placeId);
    if (!place) return err({ kind: "noSuchPlace" });
    if (part.massG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    const massG = Math.min(part.massG, lot.remainingG);
    const child = makeChild(
      tx,
      { lot, species: parent.species, life: parent.life, atMs, who, day },
      { ...part, massG },
      place,
    );
    const { leftG: remainingG, cents } = takeFrom(tx, lot, massG, atMs);
    keepMake(tx, {
      id: `split:${child.id}`,
      kind: "split",
      atMs,
      who,
      facts: {},
      inputs: [{ lotId, massG, cents }],
      outputs: [{ lotId: child.id, label: child.partLabel ?? "", massG, cents }],
      losses: [],
    });
    const payload = {
      code: lot.code,
      child: child.code,
      childId: child.id,
      massG,
      form: part.form,
      place: place.name,
      note: part.note,
      leftG: remainingG,
    };
    appendEntry(tx, { atMs, who, kind: "lot-split", lotId, payload });
    appendEntry(tx, { atMs, who, kind: "lot-split", lotId: child.id, payload });
    return ok(child);
  });
}

export type Opened = {
  readonly day: string;
  /** What the pack gives once open, days; null: it says nothing. */
  readonly openDays: number | null;
};

/** Opens the pack of a ready-to-eat lot: its date clock starts with this day as day 1, and with it the days the pack itself gives. */
export function openPack(
  db: Db,
  lotId: string,
  { day, openDays }: Opened,
  { who, atMs }: Stamp,
): Result<null, Refusal<"notOnIce" | "openAlready">> {
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot) return refuse("notOnIce");
    if (lot.openedOn !== null) return refuse("openAlready");
    const provenance = openDays === null ? lot.provenance : { ...lot.provenance, openDays };
    tx.update(fish).set({ openedOn: day, provenance }).where(eq(fish.lotId, lotId)).run();
    appendEntry(tx, { atMs, who, kind: "lot-opened", lotId, payload: { code: lot.code, day, openDays } });
    return ok(null);
  });
}

export type Wasted = { readonly massG: number; readonly reason: string };

/** Writes off all or part of a lot with its reason and what it cost. */
export function wasteLot(
  db: Db,
  lotId: string,
  { massG, reason }: Wasted,
  { who, atMs }: Stamp,
): Result<number, MoveError> {
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot) return err({ kind: "notOnIce" });
    if (massG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    const gone = Math.min(massG, lot.remainingG);
    const { leftG: remainingG, cents: costCents } = lighten(tx, lot, gone);
    tx.insert(waste).values({ lotId, atMs, who, massG: gone, reason, costCents }).run();
    if (remainingG < 1) {
      leaveIce(tx, lotId, atMs);
      keepTagWhenGone(tx, lotId, who, atMs);
    }
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-wasted",
      lotId,
      payload: { code: lot.code, massG: gone, reason, costCents, leftG: remainingG },
    });
    return ok(costCents);
  });
}
