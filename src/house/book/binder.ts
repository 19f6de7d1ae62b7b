import type { HoldKind } from "@/core/coldchain";
import type { LedgerEntry, LedgerKind } from "@/core/trace";

/** What an inspector asks, in the order it is asked. */
export const QUESTIONS = [
  "receiving",
  "cold",
  "hot",
  "cooling",
  "thawing",
  "parasites",
  "tags",
  "allergens",
  "cleaning",
  "probes",
  "corrective",
] as const;
export type QuestionId = (typeof QUESTIONS)[number];

const KINDS: Readonly<Record<QuestionId, readonly LedgerKind[]>> = {
  receiving: ["lot-received", "lot-refused", "file-attached", "stock-bought", "pack-received"],
  cold: ["reading-typed", "readings-imported", "lot-moved", "place-set", "sensor-set"],
  hot: ["cook-finished", "hot-hold-started", "hot-hold-read", "hot-hold-ended"],
  cooling: ["stock-made", "stock-read"],
  thawing: ["hold-started", "hold-read", "hold-closed", "lot-opened"],
  parasites: ["hold-started", "hold-read", "hold-closed", "plates-served"],
  tags: ["hold-started", "hold-closed"],
  allergens: ["card-served", "allergy-swapped", "allergy-seen", "spec-kept"],
  cleaning: ["check-done", "board-washed", "oil-tested", "oil-changed"],
  probes: ["probe-checked"],
  corrective: ["excursion-answered", "lot-wasted", "cook-abandoned", "correction"],
};

/** Which hold a question is about; others leave holds out. */
const HOLD_OF: Partial<Record<QuestionId, HoldKind>> = { thawing: "thaw", parasites: "parasite", tags: "tag" };

/** Questions an entry of a kind has to do with. */
export const questionsOf = (kind: LedgerKind): readonly QuestionId[] =>
  QUESTIONS.filter((id) => KINDS[id].includes(kind));

/** Asked of every day on which there was work: a day without a line is named. */
export const DAILY: readonly QuestionId[] = ["cleaning", "probes"];

/** Entries that answer a question. `holdOf`: the kind of hold an entry is about; null: none. */
export const answering = (
  id: QuestionId,
  entries: readonly LedgerEntry[],
  holdOf: (entry: LedgerEntry) => HoldKind | null,
): readonly LedgerEntry[] =>
  entries.filter(
    (entry) => KINDS[id].includes(entry.kind) && (!entry.kind.startsWith("hold-") || holdOf(entry) === HOLD_OF[id]),
  );

/** Something a question is left open by, named. */
export type OpenPoint =
  | {
      readonly kind: "excursion";
      readonly place: string;
      readonly fromMs: number;
      readonly toMs: number;
      readonly extremeC: number;
    }
  | { readonly kind: "not-read"; readonly place: string; readonly fromMs: number; readonly toMs: number }
  | { readonly kind: "never-read"; readonly place: string }
  | { readonly kind: "no-tag"; readonly code: string; readonly speciesId: string }
  | { readonly kind: "cooling-not-read"; readonly code: string }
  | { readonly kind: "cooled-too-slowly"; readonly code: string }
  | { readonly kind: "hold-not-met"; readonly code: string; readonly hold: string };

export type PlaceAnswer = {
  readonly name: string;
  readonly readings: number;
  readonly lowestC: number | null;
  readonly highestC: number | null;
  readonly excursions: number;
  readonly answered: number;
};

export type BinderSection = {
  readonly id: QuestionId;
  /** Oldest first. */
  readonly entries: readonly LedgerEntry[];
  /** Of the question about cold places. */
  readonly places: readonly PlaceAnswer[];
  readonly open: readonly OpenPoint[];
  /** Days with work and without a line, YYYY-MM-DD. */
  readonly daysWithout: readonly string[];
};

/** Whether anything at all answers the question. */
export const isAnswered = ({ entries, places }: BinderSection): boolean =>
  entries.length > 0 || places.some(({ readings }) => readings > 0);
