import type { PartUse } from "@/core/block";
import type { DoorVerdict, Form, LotState } from "@/core/freshness";
import type { RuleSetId } from "@/core/safety";
import type { Provenance } from "@/core/trace";

/** What judging a lot reads of its row; the row of the database has more. */
export type LotRow = {
  readonly id: string;
  readonly code: string;
  readonly speciesId: string;
  readonly form: Form;
  readonly state: LotState;
  readonly verdict: DoorVerdict;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly source: string;
  readonly grades: Readonly<Record<string, number | undefined>>;
  readonly provenance: Provenance;
  readonly parentId: string | null;
  readonly placeId: string | null;
  readonly partLabel: string | null;
  readonly partUse: PartUse | null;
  readonly caughtAtMs: number | null;
  readonly receivedAtMs: number;
  readonly openedOn: string | null;
  readonly thawedOn: string | null;
  readonly onceFrozen: boolean;
  readonly impliedIceDays: number;
  readonly inheritedIceDays: number | null;
  readonly remainingG: number;
  readonly priceCentsPerKg: number;
};

export type PlaceRow = { readonly id: string; readonly kind: string; readonly setC: number };

/** What a house has said of itself. */
export type HouseRow = {
  readonly timeZone: string;
  readonly ruleSetId: RuleSetId;
  readonly susceptibleGuests: boolean;
};
