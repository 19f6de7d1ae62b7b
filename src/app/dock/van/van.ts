import type { Species } from "@/core/species";
import type { Place } from "@/db/house/places";
import type { LastLot } from "../actions";
import type { Expected } from "../expected/expected";
import { fromLastTime, placeFor } from "../lot/lastTime";
import { emptyDraft, withSpecies, type LotDraft } from "./lotDraft";

/** What stands on the tailgate: who brought it, and its lots as far as they are said. */
export type Van = { readonly supplier: string; readonly lots: readonly LotDraft[] };

/** What a lot is lent where nobody said it. */
export type Lender = {
  /** Where each kind of lot was put last time. */
  readonly usualPlaces: Readonly<Record<string, string>>;
  readonly places: readonly Place[];
  readonly speciesOf: (id: string) => Species | undefined;
};

/** Nothing was said of it yet. */
export const isEmpty = ({ speciesId, orderId, mass, receipt, grades }: LotDraft): boolean =>
  speciesId === null &&
  (orderId ?? null) === null &&
  mass === null &&
  receipt === null &&
  Object.keys(grades).length === 0;

/** Where its kind goes, unless a hand has put it somewhere. */
export function placed(lot: LotDraft, { usualPlaces, places, speciesOf }: Lender): LotDraft {
  const species = lot.speciesId ? speciesOf(lot.speciesId) : undefined;
  return species && !lot.placeByHand ? { ...lot, placeId: placeFor(lot, species, usualPlaces, places) } : lot;
}

/** With what the delivery before says of this fish, and where its kind goes. */
export const filled = (lot: LotDraft, known: readonly LastLot[], lender: Lender): LotDraft =>
  placed({ ...lot, ...fromLastTime(lot, known, lender.speciesOf) }, lender);

/** A lot with what a hand says now: that is no longer taken over. */
export const saidAnew = (lot: LotDraft, part: Partial<LotDraft>, lender: Lender): LotDraft =>
  placed({ ...lot, takenOver: lot.takenOver.filter((key) => !(key in part)), ...part }, lender);

/** The next lot of a van; like one of last time where that is what it is. */
export function nextLot(beside: LotDraft, known: LastLot | undefined, lender: Lender): LotDraft {
  const next = { ...emptyDraft(beside.placeId), caughtOn: beside.caughtOn };
  const species = known && lender.speciesOf(known.speciesId);
  return known && species
    ? filled({ ...withSpecies(next, species), form: known.form, frozen: known.frozen }, [known], lender)
    : next;
}

/** What was ordered fills what it can say; weight and temperature are for the scale and the probe. */
export function orderedLot(
  { id, form, frozen, pricePerKg }: Expected,
  species: Species,
  beside: LotDraft,
  before: readonly LastLot[],
  lender: Lender,
): LotDraft {
  const ordered = { ...withSpecies(emptyDraft(beside.placeId), species), form, frozen, orderId: id };
  const lent = filled(ordered, before, lender);
  // the price is the order's own, not one of last time
  const takenOver = lent.takenOver.filter((key) => key !== "pricePerKg");
  return pricePerKg === null ? lent : { ...lent, pricePerKg, takenOver };
}
