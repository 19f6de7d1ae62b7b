import { frozenSince, type Stay } from "@/core/coldchain";
import type { PlaceRow } from "./rows";

type Part = { readonly id: string; readonly parentId: string | null; readonly receivedAtMs: number };

/** A lot and every whole it was cut from, itself first. */
export function lineOf<R extends Part>(row: R, wholes: ReadonlyMap<string, R>): readonly R[] {
  const whole = row.parentId ? wholes.get(row.parentId) : undefined;
  return whole ? [row, ...lineOf(whole, wholes)] : [row];
}

/** Where a lot lay since the door, as part of its whole before it was split off: splitting never sets the histamine clock back. */
export function staysSinceDoor(
  lot: Part,
  family: ReadonlyMap<string, Part>,
  staysOf: (lotId: string) => readonly Stay[],
): readonly Stay[] {
  const own = staysOf(lot.id);
  const whole = lot.parentId ? family.get(lot.parentId) : undefined;
  if (!whole) return own;
  const before = staysSinceDoor(whole, family, staysOf)
    .filter(({ fromMs }) => fromMs < lot.receivedAtMs)
    .map((stay) => ({ ...stay, toMs: Math.min(stay.toMs ?? Infinity, lot.receivedAtMs) }));
  return [...before, ...own];
}

export const isFreezerIn =
  (places: readonly PlaceRow[]) =>
  (placeId: string): boolean =>
    places.some(({ id, kind }) => id === placeId && kind === "freezer");

/** Since when a lot has been frozen, by the places it lay in. */
export const frozenIn = (places: readonly PlaceRow[], stays: readonly Stay[], onceFrozen: boolean) =>
  frozenSince(stays, isFreezerIn(places), onceFrozen);
