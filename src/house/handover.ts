import { probeState, type ProbeCheck, type ProbeState } from "@/core/coldchain";
import type { Said } from "@/core/shared";
import type { Day } from "@/core/units";

/** A thing that the one who comes on has to know: what it is, when something is to be done about it, and where. */
export type HandoverItem = {
  /** Which it is, whatever its clock says: two lists with the same keys tell the same. */
  readonly key: string;
  readonly title: string;
  /** When hands are needed, ms; null: nobody can say. */
  readonly dueAtMs: number | null;
  readonly href: string;
} & (
  | { readonly kind: "cook"; readonly next: string | null; readonly paused: boolean }
  | { readonly kind: "reduction" | "pot" | "sauce" }
  | { readonly kind: "hold"; readonly needs: Said }
  | { readonly kind: "hot"; readonly place: string }
  | { readonly kind: "cooling"; readonly readings: number }
  | { readonly kind: "table"; readonly called: boolean }
  | { readonly kind: "alarm"; readonly celsius: number }
  | { readonly kind: "gap" | "over" | "oil" | "live" }
  | { readonly kind: "prep"; readonly beginMin: number }
  | { readonly kind: "count"; readonly pieces: number }
);

export type LowItem = { readonly key: string; readonly title: string; readonly href: string } & (
  | { readonly kind: "portions"; readonly left: number; readonly par: number }
  | { readonly kind: "mass"; readonly leftG: number }
  | { readonly kind: "short"; readonly plates: number }
  | { readonly kind: "few"; readonly left: number }
);

export type ProbeFirst = { readonly name: string; readonly state: ProbeState; readonly last: ProbeCheck | null };

export type Handover = {
  /** What goes on by itself for now, what needs hands first leads. */
  readonly runs: readonly HandoverItem[];
  /** What is still to be made for the covers of the day, what is begun first leads. */
  readonly toMake: readonly HandoverItem[];
  /** What should have been done and was not, the longest owed leads. */
  readonly owed: readonly HandoverItem[];
  readonly low: readonly LowItem[];
  /** The probe to hold in ice first; null: all of them read true not long ago. */
  readonly probe: ProbeFirst | null;
};

/** What is owed leads by how long, what nobody can date last. */
const byDue = (a: HandoverItem, b: HandoverItem) => (a.dueAtMs ?? Infinity) - (b.dueAtMs ?? Infinity);

/** Sorts everything there is into what runs and what is owed: owed is what was due. */
export function handoverOf(
  items: readonly (HandoverItem & { readonly owed?: boolean })[],
  low: readonly LowItem[],
  probe: ProbeFirst | null,
  nowMs: number,
): Handover {
  const isOwed = ({ owed, dueAtMs }: (typeof items)[number]) => owed ?? (dueAtMs !== null && dueAtMs <= nowMs);
  return {
    runs: items.filter((item) => !isOwed(item) && item.kind !== "prep").toSorted(byDue),
    toMake: items.filter((item) => !isOwed(item) && item.kind === "prep").toSorted(byDue),
    owed: items.filter(isOwed).toSorted(byDue),
    low,
    probe,
  };
}

/** What was read, to tell whether something has come since. Clocks run on and change nothing. */
export const handoverMark = ({ runs, toMake, owed, low, probe }: Handover): string =>
  [
    ...runs.map(({ key }) => `runs ${key}`),
    ...toMake.map(({ key }) => `toMake ${key}`),
    ...owed.map(({ key }) => `owed ${key}`),
    ...low.map(({ key }) => `low ${key}`),
    ...(probe ? [`probe ${probe.name} ${probe.state}`] : []),
  ]
    .sort()
    .join("\n");

/** One that failed leads, then one nobody ever checked, then the one that was checked longest ago. */
const WORST: readonly ProbeState[] = ["off", "never", "old"];

/** The probe that is held in ice before anything is believed of it. A house that names none has one. */
export function probeToCheckFirst(
  names: readonly string[],
  lastOf: ReadonlyMap<string, ProbeCheck>,
  today: Day,
): ProbeFirst | null {
  const probes = (names.length > 0 ? names : [""]).map((name) => {
    const last = lastOf.get(name) ?? null;
    return { name, last, state: probeState(last, today) };
  });
  for (const state of WORST) {
    const [first] = probes
      .filter((one) => one.state === state)
      .toSorted((a, b) => (a.last?.day ?? "").localeCompare(b.last?.day ?? ""));
    if (first) return first;
  }
  return null;
}
