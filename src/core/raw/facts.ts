import type { DoorVerdict, LotState } from "@/core/freshness";
import type { FrozenSince, LogPoint, ParasiteFacts, RuleSetId } from "@/core/safety";
import { type Fact, type Said } from "@/core/shared";
import type { Form, Species } from "@/core/species";

/** The temperature of every place a lot lay in since the door. */
export type HistoryFacts = {
  /** Hours since the door, °C; its last point is now. */
  readonly log: readonly LogPoint[];
  /** Longest stretch without a reading, h. */
  readonly longestGapH: number;
  readonly frozen: FrozenSince;
};

/** The freezing hold of a lot, or of the lot it was cut from. */
export type FreezingFacts =
  | {
      readonly state: "met";
      readonly words: Said;
      /** The option of the rule that its readings meet. */
      readonly section: string;
      readonly atMs: number;
    }
  | { readonly state: "running"; readonly endsMs: number | null; readonly needs: Said };

/** What the papers of live or shucked bivalves say, and what was counted. */
export type ShellfishFacts = {
  /** When the house opened it; null: it did not. */
  readonly openedHAgo: number | null;
  readonly deaths: { readonly dead: number; readonly counted: number } | null;
  /** Tag or label of the shipper. */
  readonly tag: Fact;
  /** What stands on it, for the record. */
  readonly tagWords: string | null;
  /** On the certified list (US), or an approved dispatch centre. */
  readonly dealerListed: Fact;
  readonly waterClass: "A" | "B" | "C" | null;
  /** Water at harvest, where the tag or dealer says it. */
  readonly waterC: number | null;
  /** FAO area, sub-area or division. */
  readonly area: string | null;
  readonly harvestMonth: number | null;
};

export type RawFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly state: LotState;
  readonly ruleSetId: RuleSetId;
  /** Plain, or through a cure first. */
  readonly dish: "raw" | "cured";
  readonly verdict: DoorVerdict | null;
  /** Every deciding sign was looked at when the verdict was given. */
  readonly inspected: Fact;
  readonly parasites: ParasiteFacts;
  readonly hold: FreezingFacts | null;
  readonly history: HistoryFacts | null;
  /** What the whole animal weighed, kg, where somebody said so. */
  readonly wholeKg?: number | null;
  /** The fish itself, probed; null: nobody did. */
  readonly probeC: number | null;
  /** Raw use ends then by freshness and by law; null: not known. */
  readonly rawUntilMs: number | null;
  readonly box: Readonly<Record<"source" | "area" | "date" | "lotNumber", Fact>>;
  readonly shellfish: ShellfishFacts;
  /** The house serves guests who are young, old, pregnant or ill. */
  readonly susceptibleGuests: boolean;
  readonly nowMs: number;
};

export type CheckId =
  | "species"
  | "guests"
  | "door"
  | "parasites"
  | "freshness"
  | "kept-cold"
  | "histamine"
  | "state"
  | "papers"
  | "alive"
  | "tag"
  | "waters"
  | "vibrio";

export type Check = {
  readonly id: CheckId;
  readonly label: string;
  /** met; waiting: time alone will do; missing: a fact or an act; fails: not this lot. */
  readonly state: "met" | "waiting" | "missing" | "fails";
  readonly text: Said;
  readonly source: string;
  /** When waiting ends, where known. */
  readonly untilMs?: number;
};
