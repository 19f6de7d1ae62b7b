import { sumOf } from "@/core/numeric";
import { isKind, type LedgerEntry, type LedgerKind } from "@/core/trace";

/** What a day's entries come to, counted; what nobody wrote counts as nothing and is said so by whoever shows it. */
export type BookDay = {
  readonly received: number;
  readonly refused: number;
  /** Thrown away: grams, hundredths of the house's money, and how often. */
  readonly thrown: { readonly times: number; readonly massG: number; readonly costCents: number };
  /** Cooks ended: all, and those whose plan or record lies under the rule in force. */
  readonly cooks: { readonly ended: number; readonly underRule: number; readonly cancelled: number };
  readonly cooling: { readonly inTime: number; readonly tooSlow: number };
  readonly holds: { readonly begun: number; readonly met: number; readonly brokenOff: number };
  readonly rawPlates: { readonly times: number; readonly covers: number };
  readonly excursionsAnswered: number;
  readonly probesChecked: number;
  /** Cooked anew, or taken back from the pass. */
  readonly again: { readonly pieces: number; readonly pans: number; readonly courses: number };
  readonly corrections: number;
  readonly who: readonly string[];
};

/** Under this name the house writes its nights. */
export const HOUSE_ITSELF = "Gaffel";

const sum = (told: readonly (number | undefined)[]): number =>
  // a book is read whatever it says
  sumOf(told, (one) => (one !== undefined && Number.isFinite(one) ? one : 0));

/** Counts a day of the book. */
export function bookDay(entries: readonly LedgerEntry[]): BookDay {
  const of = <Kind extends LedgerKind>(kind: Kind) => entries.filter(isKind(kind));
  const wasted = of("lot-wasted");
  const finished = of("cook-finished");
  const closed = of("hold-closed");
  const cooled = [
    ...of("stock-read").map(({ payload }) => payload.verdict),
    ...of("stock-made").map(({ payload }) => payload.cooling),
  ];
  return {
    received: of("lot-received").length,
    refused: of("lot-refused").length,
    thrown: {
      times: wasted.length,
      massG: sum(wasted.map(({ payload }) => payload.massG)),
      costCents: sum(wasted.map(({ payload }) => payload.costCents)),
    },
    cooks: {
      ended: finished.length,
      underRule: finished.filter(({ payload }) => payload.meetsRule === false).length,
      cancelled: of("cook-abandoned").length,
    },
    cooling: {
      inTime: cooled.filter((verdict) => verdict === "pass").length,
      tooSlow: cooled.filter((verdict) => verdict === "fail").length,
    },
    holds: {
      begun: of("hold-started").length,
      met: closed.filter(({ payload }) => payload.met === true).length,
      brokenOff: closed.filter(({ payload }) => payload.met === false).length,
    },
    rawPlates: {
      times: of("plates-served").length,
      covers: sum(of("plates-served").map(({ payload }) => payload.covers)),
    },
    excursionsAnswered: of("excursion-answered").length,
    probesChecked: of("probe-checked").length,
    again: {
      pieces: of("pieces-again").length,
      pans: of("pan-lost").length,
      courses: of("course-back").length,
    },
    corrections: of("correction").length,
    who: [...new Set(entries.map(({ who }) => who))].filter((who) => who !== HOUSE_ITSELF).sort(),
  };
}
